package org.yellowfit.app.drawing.plant;

import java.util.ArrayList;
import java.util.List;
import org.yellowfit.app.drawing.pen.Detail;
import org.yellowfit.core.plant.Habit;
import org.yellowfit.core.plant.LeafArrangement;

/** Herbs of upright leafy stems in a clump. */
final class LeafyStems {

    private static final int PARTS = 5;

    private final Growing growth;
    private final Space space;
    private final Figure figure = new Figure();
    private final List<Shoot> shoots = new ArrayList<>();
    private final double leafLength;
    private final int leavesAStem;

    private LeafyStems(Growing growth, int stems) {
        this.growth = growth;
        this.space = growth.space();
        double real = space.cm(growth.anatomy().leafCm()) * growth.leaf().lengthsShown();
        int each = space.detail().leaves() / stems;
        // So many that they follow each other closely, within what the drawing may hold.
        double crowded = Math.max(2.4, Math.min(real, space.halfWidth() * 0.75));
        this.leavesAStem = (int) Math.max(5, Math.min(each, pairing() * 2.6 * space.height() / crowded));
        this.leafLength = Math.max(crowded, Math.min(space.halfWidth() * 0.5, 1.5 * space.height() / leavesAStem));
    }

    static Growing.Grown grow(Growing growth) {
        double metres = 2 * growth.space().halfWidth() / growth.space().unitsPerM();
        int least = growth.plant().isAnnual() ? 4 : 6;
        int most = growth.space().detail().isAtLeast(Detail.CARD) ? 24 : 13;
        int stems = (int) Math.max(least, Math.min(most, 5 + metres * 19));
        LeafyStems clump = new LeafyStems(growth, stems);
        for (int i = 0; i < stems; i++) {
            clump.stem((i + 0.5) / stems, i * Space.GOLDEN + 0.4);
        }
        return new Growing.Grown(clump.figure, clump.shoots);
    }

    private double pairing() {
        return switch (growth.anatomy().arrangement()) {
            case OPPOSITE -> 2;
            case WHORLED -> 3;
            default -> 1.4;
        };
    }

    private void stem(double rank, double turn) {
        double out = Math.sqrt(rank);
        Habit habit = growth.plant().habit();
        boolean trailing = habit == Habit.SCRAMBLING
                || habit == Habit.ARCHING && growth.plant().isAnnual();
        boolean arching = trailing || habit == Habit.ARCHING || habit == Habit.FOUNTAIN;
        boolean vase = habit == Habit.VASE || habit == Habit.SPREADING;
        double bow = trailing ? 1.2 : 0.35;
        double tall = space.height() * (1 - 0.26 * rank) * space.between(0.88, 1);
        double foot = out * space.halfWidth() * (vase || arching ? 0.2 : 0.42);
        double head = out * Math.max(0.1, space.halfWidth() * (arching ? 0.95 : 0.86) - leafLength * 0.25);
        List<Vec> along = new ArrayList<>();
        for (int i = 0; i <= PARTS; i++) {
            double t = (double) i / PARTS;
            double away = foot + (head - foot) * Math.pow(t, arching ? 1.8 : 1.3);
            double up = tall * (arching ? Math.sin(t * (1.35 + bow * rank)) : t);
            along.add(new Vec(Math.cos(turn) * away, up, Math.sin(turn) * away));
        }
        double width = Math.max(0.35, Math.min(space.cm(0.8), space.height() * 0.014));
        figure.stem(along, width, width * 0.7, false);
        leaves(along, turn);
        Vec top = along.get(PARTS);
        Vec to = top.minus(along.get(PARTS - 1)).unit();
        shoots.add(new Shoot(top, to, Sun.on(to), 1));
    }

    private void leaves(List<Vec> along, double turn) {
        int shown = (int) Math.round(leavesAStem * (0.6 + 0.4 * growth.vigour()) * growth.leaves());
        int together = switch (growth.anatomy().arrangement()) {
            case OPPOSITE -> 2;
            case WHORLED -> 4;
            default -> 1;
        };
        for (int i = 0; i < shown; i++) {
            int node = i / together;
            int nodes = Math.max(1, shown / together);
            double t = 0.06 + 0.92 * Math.min(1, (node + 0.5 + space.wobble() * 0.45) / nodes);
            double around = turn
                    + (together == 1 ? i * Space.GOLDEN : node * Math.PI / 2 + i % together * 2 * Math.PI / together);
            Vec at = on(along, t);
            // What unfolds is held up, close about its stem.
            double rise = 0.7 - 0.85 * (1 - t) + 1.1 * (1 - growth.leafSize());
            Vec to = Vec.direction(around, Math.min(1.4, rise + space.wobble() * 0.38));
            double tapering =
                    growth.anatomy().arrangement() == LeafArrangement.ALTERNATE ? 1.15 - 0.6 * t : 1.05 - 0.3 * t;
            Vec normal = new Vec(
                    at.x() / space.halfWidth(), at.y() / space.height() * 1.1 - 0.45, at.z() / space.halfWidth());
            double light = Sun.on(normal.times(0.75).plus(to, 0.4)) + space.wobble() * 0.2;
            Hue hue = Hue.of(t > 0.84, t < 0.4);
            figure.leaf(
                    at, to, leafLength * tapering * space.between(0.85, 1.1), Math.max(-1, Math.min(1, light)), hue);
        }
    }

    private static Vec on(List<Vec> along, double t) {
        double at = t * (along.size() - 1);
        int part = (int) Math.min(along.size() - 2, Math.floor(at));
        Vec from = along.get(part);
        return from.plus(along.get(part + 1).minus(from), at - part);
    }
}
