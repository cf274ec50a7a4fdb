package org.yellowfit.app.drawing.plant;

import java.util.ArrayList;
import java.util.List;

/** Low dense growth: a dome or a mat of short leafy shoots, each ending at the surface. */
final class Cushion {

    private static final int LEAVES_A_SHOOT = 3;
    /** Leaves within, for each on a shoot. */
    private static final double INSIDE = 0.75;

    private final Growing growth;
    private final Space space;
    private final Figure figure = new Figure();
    private final List<Shoot> shoots = new ArrayList<>();
    private final boolean mat;

    private Cushion(Growing growth) {
        this.growth = growth;
        this.space = growth.space();
        this.mat = switch (growth.plant().habit()) {
            case PROSTRATE, SPREADING, SCRAMBLING -> true;
            default -> space.height() < space.halfWidth() * 0.55;
        };
    }

    static Growing.Grown grow(Growing growth) {
        Cushion cushion = new Cushion(growth);
        cushion.shoots();
        return new Growing.Grown(cushion.figure, cushion.shoots);
    }

    private void shoots() {
        double area = 2 * space.halfWidth() * space.height() * 0.82;
        double cover = 2.3;
        double length = LeafSize.unit(growth, area, cover);
        length = Math.min(length, Math.max(2.2, space.height() * 0.5));
        int leaves = (int) Math.max(
                24,
                Math.min(space.detail().leaves(), cover * area / growth.leaf().area(length)));
        int count = Math.max(22, leaves / LEAVES_A_SHOOT);
        for (int i = 0; i < count; i++) {
            shoot((i + 0.5) / count, i * Space.GOLDEN + space.wobble() * 0.3, length);
        }
        inside((int) (leaves * INSIDE * growth.leaves()), length);
    }

    /** What stands higher than half its width is a ball rather than a loaf: rounder above, and narrower at its foot. */
    private double round() {
        return 0.72 + 0.28 * tallness();
    }

    private double waist() {
        return mat ? 0 : 0.34 * tallness();
    }

    private double tallness() {
        return Math.max(0, Math.min(1, space.height() / space.halfWidth() - 1));
    }

    /** What is seen between the shoots: the leaves within, in the shade. */
    private void inside(int count, double length) {
        for (int i = 0; i < count; i++) {
            double x = 0.84 * space.wobble();
            double roof = Math.pow(Math.max(0, 1 - Math.pow(Math.abs(x), 2.4)), 0.6);
            double up = roof * space.between(0, 1);
            Vec at = new Vec(
                    x * (1 - waist() * (1 - up) * (1 - up)) * space.halfWidth(),
                    Math.max(length * 0.2, space.height() * 0.74 * up),
                    space.halfWidth() * 0.3 * space.wobble());
            Vec to = Vec.direction(space.wobble() * 3, 0.9 + space.wobble() * 0.5);
            figure.leaf(at, to, length * space.between(0.75, 1), -0.6 + 0.3 * space.wobble(), Hue.INNER);
        }
    }

    /** @param rank 0 for the shoot in the middle to 1 for those around the edge */
    private void shoot(double rank, double turn, double length) {
        // More of them towards the edge, where the dome turns steep and is seen from the side, down to the ground.
        double down = Math.PI / 2 * Math.pow(rank, 0.62);
        double out = Math.pow(Math.sin(down), mat ? 0.5 : 0.66) * space.between(0.93, 1);
        double dome = Math.pow(Math.max(0.001, Math.cos(down)), mat ? 0.55 : round());
        out *= 1 - waist() * (1 - dome) * (1 - dome);
        double lumps = 1 - 0.13 * (1 + Math.sin(turn * 3 + rank * 9)) / 2;
        Vec end = new Vec(
                Math.cos(turn) * out * (space.halfWidth() - length * 0.3),
                Math.max(length * 0.2, (space.height() - length * 0.3) * dome * lumps),
                Math.sin(turn) * out * (space.halfWidth() - length * 0.3));
        Vec outward = new Vec(Math.cos(turn) * out, mat ? 0.25 : 0.95 - 0.55 * out, Math.sin(turn) * out).unit();
        double shootLength = Math.min(length * 1.8, Math.max(length, end.y() * 0.6));
        Vec start = end.minus(outward.times(shootLength));
        start = new Vec(start.x(), Math.max(0, start.y()), start.z());
        double light = Sun.on(outward.times(0.9)) + space.wobble() * 0.22 + (dome - 0.6) * 0.25;
        if (space.detail().units() >= 150 && growth.leaves() < 0.6) {
            Vec root = new Vec(start.x() * 0.35, 0, start.z() * 0.35);
            figure.stem(List.of(root, start, end), 0.4, 0.4, growth.plant().isWoody());
        }
        int shown = (int) Math.round(LEAVES_A_SHOOT * growth.leaves() * (0.6 + 0.4 * growth.vigour()));
        for (int i = 0; i < shown; i++) {
            double t = (i + 0.7) / LEAVES_A_SHOOT;
            Vec at = start.plus(end.minus(start), t);
            Vec to = outward.plus(Vec.direction(turn + i * 2.2, 0.2), i == shown - 1 ? 0.15 : 0.75)
                    .unit();
            Hue hue = Hue.of(i == shown - 1, i == 0);
            double lit = Math.max(-1, Math.min(1, light + 0.18 * (i - 1.6)));
            figure.leaf(at, to, length * space.between(0.8, 1.05), lit, hue);
        }
        shoots.add(new Shoot(end, outward, light, 1));
    }
}
