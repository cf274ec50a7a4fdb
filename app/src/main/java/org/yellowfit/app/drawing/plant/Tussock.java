package org.yellowfit.app.drawing.plant;

import java.util.ArrayList;
import java.util.List;
import org.yellowfit.core.plant.Habit;
import org.yellowfit.core.plant.Kind;

/** Grasses and plants of straps: blades from one tuft, stiff or falling over by habit. */
final class Tussock {

    /** From upright, how far the outermost of a rosette's swords lies down, radians. */
    private static final double FLATTEST = 1.4;

    private final Growing growth;
    private final Space space;
    private final Figure figure = new Figure();
    private final double from;

    /** @param from height of the tuft above the ground: a palm lily carries it on a stem */
    private Tussock(Growing growth, double from) {
        this.growth = growth;
        this.space = growth.space();
        this.from = from;
    }

    static Growing.Grown grow(Growing growth) {
        return grow(growth, 0);
    }

    static Growing.Grown grow(Growing growth, double from) {
        Tussock tussock = new Tussock(growth, from);
        tussock.blades();
        return new Growing.Grown(tussock.figure, tussock.shoots());
    }

    private void blades() {
        double length = (space.height() - from) * 1.12;
        double width = width(length);
        double area = 2 * space.halfWidth() * (space.height() - from) * 0.8;
        int most = growth.plant().kind() == Kind.BULB ? 7 : space.detail().leaves() / 3;
        int count = (int) Math.max(
                growth.plant().kind() == Kind.BULB ? 3 : 12, Math.min(most, cover() * area / (length * width * 0.62)));
        int shown =
                (int) Math.max(3, Math.round(count * (0.55 + 0.45 * growth.vigour()) * Math.max(0.3, growth.leaves())));
        for (int i = 0; i < shown; i++) {
            double turn = i * Space.GOLDEN + space.wobble() * 0.35;
            if (isBristling()) {
                sword((i + 0.5) / shown, turn, width);
            } else {
                blade((i + 0.5) / shown, turn, length, width);
            }
        }
    }

    /** Blades that stand out on all sides: swords of yuccas and agaves, and the fine ones of fescues and pinks. */
    private boolean isBristling() {
        return switch (growth.plant().habit()) {
            case ROSETTE, GLOBE -> true;
            case MOUND -> growth.plant().kind() != Kind.GRASS;
            default -> false;
        };
    }

    /** Stiff and straight from one point, the innermost upright and the outermost nearly flat. */
    private void sword(double rank, double turn, double width) {
        double down = FLATTEST * Math.pow(rank, 0.75);
        double reach = space.halfWidth() * Math.sin(down) / Math.sin(FLATTEST) * space.between(0.88, 1);
        double up = (space.height() - from) * Math.cos(down) * space.between(0.9, 1);
        Vec foot = new Vec(0, from + Math.max(space.height() * 0.03, width * 0.32 * Math.sin(down)), 0);
        Vec tip = new Vec(Math.cos(turn) * reach, from + Math.max(space.height() * 0.06, up), Math.sin(turn) * reach);
        Vec bend = foot.plus(tip.minus(foot), 0.5).plus(Vec.UP, space.height() * 0.03);
        double light = Sun.on(new Vec(Math.cos(turn) * 0.7, 0.3, Math.sin(turn) * 0.7)) + space.wobble() * 0.25;
        Hue hue = Hue.of(rank < 0.3, rank > 0.8);
        figure.blade(foot, bend, tip, width * space.between(0.85, 1.1), light, hue);
    }

    /** How many times over the blades would cover the tuft. */
    private double cover() {
        if (isBristling()) {
            return 3.2;
        }
        return growth.plant().habit() == Habit.MOUND ? 3 : 1.9;
    }

    private double width(double length) {
        if (growth.leaf() == LeafForm.BLADE) {
            return Math.max(
                    0.55,
                    Math.min(
                            length * 0.05,
                            Math.max(space.cm(growth.plant().kind() == Kind.BULB ? 0.3 : 0.7), length * 0.016)));
        }
        if (growth.plant().botanical().startsWith("Agave")) {
            return length * 0.3;
        }
        if (growth.plant().botanical().startsWith("Tulipa")) {
            return Math.max(0.7, length * 0.15);
        }
        return Math.max(0.7, length * (growth.plant().habit() == Habit.ROSETTE ? 0.1 : 0.062));
    }

    /** @param rank 0 for the innermost, upright, to 1 for the outermost */
    private void blade(double rank, double turn, double length, double width) {
        double reach = reach(rank) * space.halfWidth();
        double own = length * (1 - 0.22 * rank * space.chance().nextDouble()) * space.between(0.8, 1);
        double foot = space.halfWidth() * base() * Math.sqrt(rank);
        Vec at = new Vec(Math.cos(turn) * foot, from, Math.sin(turn) * foot * 0.9);
        double droop = droop() * rank;
        double peak = from + own * (0.98 - 0.42 * droop) * (1 - 0.25 * rank * (droop() > 0.6 ? 1 : 0.3));
        Vec bend = new Vec(
                at.x() + Math.cos(turn) * reach * (0.18 + 0.34 * droop),
                peak * (droop > 0.4 ? 1.12 : 0.62) + (droop > 0.4 ? 0 : from * 0.38),
                at.z() + Math.sin(turn) * reach * (0.18 + 0.34 * droop));
        double tipUp = from + (peak - from) * (1 - droop * 0.86) * space.between(0.9, 1);
        Vec tip = new Vec(at.x() + Math.cos(turn) * (reach - foot), tipUp, at.z() + Math.sin(turn) * (reach - foot));
        double light = Sun.on(new Vec(Math.cos(turn) * 0.7, 0.25, Math.sin(turn) * 0.7)) * 0.9
                - 0.25 * (1 - rank)
                + space.wobble() * 0.3;
        Hue hue = Hue.of(rank > 0.75 && space.chance().nextDouble() < 0.5, rank < 0.3);
        figure.blade(at, bend, tip, width * space.between(0.8, 1.1), light, hue);
    }

    private double base() {
        return switch (growth.plant().habit()) {
            case COLUMNAR -> 0.5;
            case UPRIGHT -> 0.42;
            case SPREADING -> 0.7;
            case GLOBE, MOUND -> 0.55;
            default -> 0.2;
        };
    }

    private double reach(double rank) {
        return switch (growth.plant().habit()) {
            case COLUMNAR -> 0.45 + 0.5 * rank;
            case UPRIGHT -> 0.3 + 0.68 * rank;
            default -> 0.16 + 0.84 * Math.sqrt(rank);
        };
    }

    /** 0 for stiff blades to 1 for those whose tips touch the ground. */
    private double droop() {
        boolean stiff = growth.plant().habit() == Habit.ROSETTE
                || growth.plant().botanical().startsWith("Iris")
                || growth.plant().botanical().startsWith("Helictotrichon");
        if (stiff) {
            return 0.12;
        }
        return switch (growth.plant().habit()) {
            case COLUMNAR -> 0.1;
            case UPRIGHT -> growth.plant().kind() == Kind.BULB ? 0.3 : 0.42;
            case FOUNTAIN, STANDARD -> 0.8;
            case ARCHING, WEEPING -> 1;
            default -> 0.9;
        };
    }

    private List<Shoot> shoots() {
        List<Shoot> shoots = new ArrayList<>();
        for (int i = 0; i < 40; i++) {
            double turn = i * Space.GOLDEN;
            double out = Math.sqrt((i + 0.5) / 40) * space.halfWidth() * base();
            Vec at = new Vec(Math.cos(turn) * out, from + space.height() * 0.1, Math.sin(turn) * out);
            shoots.add(new Shoot(at, Vec.direction(turn, 1.25), 0.2, 1));
        }
        return shoots;
    }
}
