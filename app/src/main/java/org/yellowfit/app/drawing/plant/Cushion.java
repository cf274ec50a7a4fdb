package org.yellowfit.app.drawing.plant;

import java.util.ArrayList;
import java.util.List;
import org.yellowfit.app.drawing.pen.Detail;
import org.yellowfit.core.plant.Habit;

/** Low dense growth: a dome or a mat of short leafy shoots, each ending at the surface. */
final class Cushion {

    private static final int LEAVES_A_SHOOT = 3;
    /** Leaves within, for each on a shoot; needles are narrow and let the light through. */
    private static final double INSIDE = 0.7;

    private static final double NEEDLES_INSIDE = 0.95;

    private final Growing growth;
    private final Space space;
    private final Figure figure = new Figure();
    private final List<Shoot> shoots = new ArrayList<>();
    private final Dome dome;

    private Cushion(Growing growth) {
        this.growth = growth;
        this.space = growth.space();
        this.dome = Dome.of(growth.plant().habit(), space);
    }

    /**
     * The surface a shoot ends at, from the middle of its top (an angle of 0) down to the ground (a right angle): sine
     * and cosine of the angle, each to a power, which makes it a loaf below one and a lens above.
     *
     * @param across power of the sine: how soon it is wide
     * @param up     power of the cosine: how long it stays high
     * @param waist  by how much it is drawn in at its foot, of half its width
     * @param ragged by how much its shoots fall short of its edge or run on to it, of half its width
     * @param flat   its shoots lie along the ground rather than rise
     */
    private record Dome(double across, double up, double waist, double ragged, boolean flat) {

        static Dome of(Habit habit, Space space) {
            double tall = Math.max(0, Math.min(1, space.height() / space.halfWidth() - 1));
            return switch (habit) {
                // Trails along the ground and thins out to nothing.
                case PROSTRATE, SCRAMBLING -> new Dome(0.8, 1.25, 0, 0.2, true);
                // A carpet of one height.
                case SPREADING -> new Dome(0.58, 0.55, 0, 0.1, true);
                // Drawn in at its foot; the rounder the higher it is.
                case GLOBE -> new Dome(0.7, 0.76 + 0.24 * tall, 0.4, 0.07, false);
                default -> new Dome(0.72 + 0.12 * tall, 0.76 + 0.14 * tall, 0, 0.07, false);
            };
        }

        /** @param angle 0 at the top to a right angle at the ground, radians */
        double height(double angle) {
            return Math.pow(Math.max(0.001, Math.cos(angle)), up);
        }

        double width(double angle) {
            double high = height(angle);
            return Math.pow(Math.sin(angle), across) * narrowed(high);
        }

        /** @param high 0 at its foot to 1 at its top */
        double narrowed(double high) {
            return 1 - waist * (1 - high) * (1 - high);
        }

        /** @param x −1 to 1 across it */
        double roof(double x) {
            return height(Math.asin(Math.pow(Math.abs(x), 1 / across)));
        }
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
        double within = growth.leaf().isNeedled() ? NEEDLES_INSIDE : INSIDE;
        inside((int) (leaves * within * growth.leaves()), length);
    }

    /** What is seen between the shoots: the leaves within, in the shade. */
    private void inside(int count, double length) {
        for (int i = 0; i < count; i++) {
            double x = 0.84 * space.wobble();
            double up = dome.roof(x) * space.between(0, 1);
            Vec at = new Vec(
                    x * dome.narrowed(up) * space.halfWidth(),
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
        double out = dome.width(down) * space.between(1 - dome.ragged(), 1);
        double high = dome.height(down);
        double lumps = 1 - 0.13 * (1 + Math.sin(turn * 3 + rank * 9)) / 2;
        Vec end = new Vec(
                Math.cos(turn) * out * (space.halfWidth() - length * 0.3),
                Math.max(length * 0.2, (space.height() - length * 0.3) * high * lumps),
                Math.sin(turn) * out * (space.halfWidth() - length * 0.3));
        Vec outward =
                new Vec(Math.cos(turn) * out, dome.flat() ? 0.25 : 0.95 - 0.55 * out, Math.sin(turn) * out).unit();
        double shootLength = Math.min(length * 1.8, Math.max(length, end.y() * 0.6));
        Vec start = end.minus(outward.times(shootLength));
        start = new Vec(start.x(), Math.max(0, start.y()), start.z());
        double light = Sun.on(outward.times(0.9)) + space.wobble() * 0.22 + (high - 0.6) * 0.25;
        if (space.detail().isAtLeast(Detail.CARD) && growth.leaves() < 0.6) {
            stem(start, end);
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

    /** What is seen once the leaves are off: wood forks on its way up. */
    private void stem(Vec start, Vec end) {
        Vec root = new Vec(start.x() * 0.35, 0, start.z() * 0.35);
        if (!growth.plant().isWoody()) {
            figure.stem(List.of(root, start, end), 0.4, 0.4, false);
            return;
        }
        double bend = 0.12 * space.size();
        Vec middle = root.plus(start.minus(root), 0.6)
                .plus(new Vec(space.wobble() * bend, space.wobble() * bend * 0.4, space.wobble() * bend));
        middle = new Vec(middle.x(), Math.max(0.2, middle.y()), middle.z());
        figure.stem(List.of(root, middle, end), 0.75, 0.4, true);
        Vec on = end.minus(middle);
        for (int side = -1; side <= 1; side += 2) {
            Vec fork = middle.plus(on, 0.5 + 0.16 * side);
            Vec off = new Vec(-on.y() * side, on.x() * side, on.z() * side).times(0.34);
            Vec tip = fork.plus(on, 0.34).plus(off, 0.8 + 0.3 * space.wobble());
            figure.stem(List.of(fork, tip), 0.4, 0.35, true);
        }
    }
}
