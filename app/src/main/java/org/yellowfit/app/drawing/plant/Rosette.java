package org.yellowfit.app.drawing.plant;

import java.util.ArrayList;
import java.util.List;
import org.yellowfit.app.drawing.pen.Detail;
import org.yellowfit.core.plant.Habit;

/** Leaves from the ground, each on its own stalk, laid over each other into a dome. */
final class Rosette {

    private final Growing growth;
    private final Space space;
    private final Figure figure = new Figure();

    private Rosette(Growing growth) {
        this.growth = growth;
        this.space = growth.space();
    }

    static Growing.Grown grow(Growing growth) {
        Rosette rosette = new Rosette(growth);
        rosette.leaves();
        return new Growing.Grown(rosette.figure, rosette.shoots());
    }

    private void leaves() {
        double dome = 2 * space.halfWidth() * space.height() * 0.8;
        double real = space.cm(growth.anatomy().leafCm());
        double length = Math.max(Math.min(real, Math.min(space.halfWidth() * 0.78, space.height() * 0.66)), 3.4);
        double cover = 4.2;
        double needed = Math.sqrt(
                cover * dome / (space.detail().leaves() * 0.8 * growth.leaf().area(1)));
        length = Math.max(length, Math.min(needed, Math.min(space.halfWidth() * 0.5, space.height() * 0.6)));
        int full = (int) Math.max(
                14,
                Math.min(space.detail().leaves(), cover * dome / growth.leaf().area(length)));
        int shown = (int) Math.round(full * growth.leaves() * (0.6 + 0.4 * growth.vigour()));
        for (int i = 0; i < shown; i++) {
            leaf((i + 0.5) / shown, i * Space.GOLDEN, length);
        }
    }

    /** @param rank 0 in the middle of the dome to 1 at the ground around it */
    private void leaf(double rank, double turn, double length) {
        double own = length * space.between(0.78, 1.08);
        double out = Math.pow(rank, 0.4);
        double reach = out * Math.max(0.1, space.halfWidth() - own * 0.55);
        double up = (space.height() - own * 0.3) * Math.pow(Math.max(0, 1 - Math.pow(out, shoulder())), 0.62) * 0.94;
        Vec middle = new Vec(Math.cos(turn) * reach, Math.max(own * 0.16, up), Math.sin(turn) * reach);
        // Outer leaves hang, so that those in front show their blades.
        double rise = isErect() ? 1 - 1.5 * out * out : 0.85 - 2.0 * out * out;
        rise += space.wobble() * 0.16;
        Vec to = Vec.direction(turn + space.wobble() * 0.3, rise);
        Vec at = middle.minus(to.times(own * 0.42));
        at = new Vec(at.x(), Math.max(0.3, at.y()), at.z());
        Vec foot = new Vec(at.x() * apart(), 0, at.z() * apart());
        double width = Math.max(0.35, Math.min(1.1, own * 0.03));
        if (space.detail().isAtLeast(Detail.CARD) && rank < (isErect() ? 0.95 : 0.6)) {
            Vec bow = foot.plus(at.minus(foot), 0.36).plus(Vec.UP, at.y() * 0.34);
            figure.stem(List.of(foot, bow, at), width, width, false);
        }
        Vec normal = new Vec(Math.cos(turn) * out * 0.75, 0.75 - 0.5 * out, Math.sin(turn) * out * 0.75);
        double light = Sun.on(normal) * 1.15 - 0.12 + space.wobble() * 0.22;
        Hue hue = Hue.of(rank < 0.12, out > 0.85);
        figure.leaf(at, to, own, Math.max(-1, Math.min(1, light)), hue);
    }

    /** Its leaves stand on stiff stalks. */
    private boolean isErect() {
        return growth.plant().habit() == Habit.UPRIGHT;
    }

    /** How far from the middle a leaf leaves the ground, of where its blade begins: a carpet is many crowns, a rosette is one. */
    private double apart() {
        return switch (growth.plant().habit()) {
            case SPREADING, PROSTRATE, SCRAMBLING -> 0.88;
            case ROSETTE -> 0.15;
            case UPRIGHT -> 0.5;
            default -> 0.45;
        };
    }

    /** What spreads is flat above, what mounds is round. */
    private double shoulder() {
        return switch (growth.plant().habit()) {
            case SPREADING, PROSTRATE, SCRAMBLING -> 3.4;
            case UPRIGHT -> 3;
            default -> 2.4;
        };
    }

    private List<Shoot> shoots() {
        List<Shoot> shoots = new ArrayList<>();
        for (int i = 0; i < 60; i++) {
            double turn = i * Space.GOLDEN + 0.5;
            double out = Math.sqrt((i + 0.5) / 60);
            Vec at = new Vec(Math.cos(turn) * out, 0, Math.sin(turn) * out)
                    .times(space.halfWidth() * 0.45)
                    .plus(Vec.UP, space.height() * 0.3);
            shoots.add(new Shoot(at, Vec.direction(turn, 1.4 - 0.5 * out), 0.3, 1));
        }
        return shoots;
    }
}
