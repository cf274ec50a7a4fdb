package org.yellowfit.app.drawing.plant;

import java.util.function.UnaryOperator;

/**
 * Brings a grown figure to its stated size: the leaves fill its height and spread, nothing is below the ground, and
 * nothing, flowers included, stands outside.
 */
final class Fitting {

    /** Half a head, and a little for its outermost florets. */
    private static final double HEAD_ROOM = 0.6;

    /** Lobes and leaflets stand out so far along the way a leaf points, of its breadth. */
    private static final double LOBES = 0.62;

    private final Figure figure;
    private final Space space;

    private Fitting(Figure figure, Space space) {
        this.figure = figure;
        this.space = space;
    }

    static void fit(Figure figure, Space space) {
        Fitting fitting = new Fitting(figure, space);
        double across = fitting.across();
        double up = fitting.up();
        move(figure, at -> at.scaled(across, up));
    }

    /** Cuts what still stands outside, flowers and fruit included. */
    static Figure inside(Figure figure, Space space, LeafForm leaf) {
        new Fitting(figure, space).keepInside(leaf.sideways());
        return figure;
    }

    /** The factor by which what reaches farthest comes to the edge. */
    private double across() {
        double factor = Double.MAX_VALUE;
        for (Figure.Leaf leaf : figure.leaves) {
            double own = Math.abs(leaf.to().x()) * leaf.length() * 0.9;
            factor = least(factor, Math.abs(leaf.at().x()), space.halfWidth() - own);
        }
        for (Figure.Blade blade : figure.blades) {
            factor = least(factor, Math.abs(blade.tip().x()), space.halfWidth());
        }
        for (Figure.Stem stem : figure.stems) {
            for (Vec at : stem.along()) {
                factor = least(factor, Math.abs(at.x()), space.halfWidth());
            }
        }
        return bounded(factor);
    }

    private double up() {
        double factor = Double.MAX_VALUE;
        for (Figure.Leaf leaf : figure.leaves) {
            double own = Math.max(0, leaf.to().y()) * leaf.length() * 0.9;
            factor = least(factor, leaf.at().y(), space.height() - own);
        }
        for (Figure.Blade blade : figure.blades) {
            double peak = 0.25 * blade.foot().y()
                    + 0.5 * blade.bend().y()
                    + 0.25 * blade.tip().y();
            factor = least(factor, Math.max(peak, blade.tip().y()), space.height());
        }
        for (Figure.Stem stem : figure.stems) {
            for (Vec at : stem.along()) {
                factor = least(factor, at.y(), space.height());
            }
        }
        return bounded(factor);
    }

    private static double least(double factor, double reaches, double room) {
        return reaches > 1e-6 && room > 0 ? Math.min(factor, room / reaches) : factor;
    }

    /** A figure that grew far from its size is moved so far only; the rest is cut at the edge. */
    private static double bounded(double factor) {
        return Math.max(0.72, Math.min(1.6, factor == Double.MAX_VALUE ? 1 : factor));
    }

    static void move(Figure figure, UnaryOperator<Vec> moved) {
        figure.stems.replaceAll(stem ->
                new Figure.Stem(stem.along().stream().map(moved).toList(), stem.from(), stem.to(), stem.wood()));
        figure.leaves.replaceAll(
                leaf -> new Figure.Leaf(moved.apply(leaf.at()), leaf.to(), leaf.length(), leaf.light(), leaf.hue()));
        figure.blades.replaceAll(blade -> new Figure.Blade(
                moved.apply(blade.foot()),
                moved.apply(blade.bend()),
                moved.apply(blade.tip()),
                blade.width(),
                blade.light(),
                blade.hue()));
    }

    private void keepInside(double sideways) {
        figure.leaves.replaceAll(leaf -> {
            // A leaf larger than the plant is high is drawn smaller.
            double needed = leaf.length() * (Math.abs(leaf.to().y()) + 1.3 * sideways);
            double length = leaf.length() * Math.min(1, Math.max(space.height(), 2) / needed);
            Vec tip = leaf.to().times(length);
            return new Figure.Leaf(
                    beside(leaf.at(), tip, length * sideways), leaf.to(), length, leaf.light(), leaf.hue());
        });
        figure.stems.replaceAll(stem -> new Figure.Stem(
                stem.along().stream()
                        .map(at -> inside(at, Vec.ORIGIN, 0, space.top()))
                        .toList(),
                stem.from(),
                stem.to(),
                stem.wood()));
        figure.blades.replaceAll(blade -> new Figure.Blade(
                blade.foot(),
                blade.bend(),
                inside(blade.tip(), Vec.ORIGIN, 0.3, space.height()),
                blade.width(),
                blade.light(),
                blade.hue()));
        figure.heads.replaceAll(head -> new Figure.Head(
                inside(
                        head.at(),
                        Vec.ORIGIN,
                        Math.min(space.halfWidth() * 0.95, head.size() * HEAD_ROOM),
                        head.high() * HEAD_ROOM,
                        space.top()),
                head.to(),
                head.size(),
                head.high(),
                head.stage()));
        figure.berries.replaceAll(berry ->
                new Figure.Berry(inside(berry.at(), Vec.ORIGIN, berry.size() / 2, space.height()), berry.size()));
    }

    /** A leaf is broad across the way it points: one that hangs reaches the ground with its tip alone. */
    private Vec beside(Vec at, Vec tip, double broad) {
        double seen = Math.max(1e-6, Math.hypot(tip.x(), tip.y()));
        double across = broad * Math.max(LOBES, Math.abs(tip.y()) / seen);
        double up = broad * Math.max(LOBES, Math.abs(tip.x()) / seen);
        return inside(at, tip, across, up, space.height());
    }

    private Vec inside(Vec at, Vec tip, double around, double top) {
        return inside(at, tip, around, around, top);
    }

    private Vec inside(Vec at, Vec tip, double across, double up, double top) {
        double left = Math.min(0, tip.x()) - across;
        double right = Math.max(0, tip.x()) + across;
        double low = Math.min(0, tip.y()) - up;
        double high = Math.max(0, tip.y()) + up;
        double x = Math.max(-space.halfWidth() - left, Math.min(space.halfWidth() - right, at.x()));
        double y = Math.max(-low, Math.min(Math.max(-low, top - high), at.y()));
        return new Vec(x, y, at.z());
    }
}
