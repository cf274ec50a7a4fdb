package org.yellowfit.app.drawing.plant;

import java.util.ArrayList;
import java.util.List;
import org.yellowfit.core.plant.Habit;

/** Conifers with one leader and branches in whorls up it: spruces, firs, larches, pines. */
final class Tiers {

    private final Growing growth;
    private final Space space;
    private final Figure figure = new Figure();
    private final List<Shoot> shoots = new ArrayList<>();
    private final boolean pine;
    private final double needle;

    private Tiers(Growing growth) {
        this.growth = growth;
        this.space = growth.space();
        this.pine = growth.leaf() == LeafForm.TUFT;
        this.needle = LeafSize.unit(growth, space.halfWidth() * space.height() * 1.15, 1.7);
    }

    static Growing.Grown grow(Growing growth) {
        Tiers tree = new Tiers(growth);
        Space space = growth.space();
        double girth = Math.max(0.7, Math.min(space.halfWidth() * 0.16, space.height() * 0.03));
        double first = tree.pine ? 0.16 * growth.maturity() + 0.04 : 0.03;
        double lean = tree.pine ? space.wobble() * space.halfWidth() * 0.16 : 0;
        tree.figure.stem(
                List.of(
                        Vec.ORIGIN,
                        new Vec(lean, space.height() * 0.5, 0),
                        new Vec(lean * 0.3, space.height() * 0.96, 0)),
                girth,
                girth * 0.3,
                true);
        int byShape = (int) Math.round(space.height() / Math.max(1, space.halfWidth() * 0.42));
        int byAge = (int) Math.round((tree.pine ? 5 : 8) + (tree.pine ? 4 : 7) * growth.maturity());
        int whorls = tree.pine ? byAge : Math.max(byAge, Math.min(26, byShape));
        for (int i = 0; i < whorls; i++) {
            double v = first + (0.97 - first) * Math.pow((double) i / (whorls - 1), 0.94);
            tree.whorl(Math.min(0.97, v + space.wobble() * 0.018), first, lean, whorls);
        }
        tree.leader(lean * 0.3);
        return new Growing.Grown(tree.figure, tree.shoots);
    }

    private void leader(double x) {
        for (int i = 0; i < 5; i++) {
            Vec at = new Vec(x, space.height() * (0.9 + 0.02 * i), 0);
            figure.leaf(at, Vec.direction(i * 2.4, 1.2), needle, 0.2, Hue.TIP);
        }
    }

    private void whorl(double v, double first, double lean, int whorls) {
        double c = (v - first) / (1 - first);
        double wide = wide(c);
        double reach =
                space.halfWidth() * Math.max(0.05, wide) * (pine ? space.between(0.66, 1) : space.between(0.88, 1));
        int branches = (int) Math.max(4, Math.round((pine ? 5 : 7) + 3 * wide));
        double turned = space.chance().nextDouble() * 6;
        double sag = sag(c);
        for (int i = 0; i < branches; i++) {
            double turn = turned + i * 2 * Math.PI / branches + space.wobble() * 0.22;
            branch(
                    v + space.wobble() * 0.012,
                    turn,
                    reach * space.between(0.8, 1),
                    sag,
                    lean,
                    whorls * branches,
                    space.height() / whorls);
        }
    }

    /** @param c 0 for the lowest whorl to 1 for the tip */
    private double wide(double c) {
        if (isNarrow()) {
            return Math.min(1, 1.7 * Math.sqrt(1 - c));
        }
        return pine ? Math.pow(1 - c, 0.55) : 1 - c;
    }

    /** By how much of its length a branch sinks: below 0 it rises. */
    private double sag(double c) {
        if (pine) {
            return -0.3;
        }
        return isNarrow() ? -0.5 : 0.34 - 0.62 * c;
    }

    private boolean isNarrow() {
        return growth.plant().habit() == Habit.COLUMNAR;
    }

    /** The last of a branch's twigs ends it; the others leave it to either side. */
    private static double side(int i, int count) {
        if (i == count - 1) {
            return 0;
        }
        return i % 2 == 0 ? 1 : -1;
    }

    private void branch(double v, double turn, double reach, double sag, double lean, int all, double gap) {
        double base = space.height() * v;
        List<Vec> along = new ArrayList<>();
        for (int i = 0; i <= 4; i++) {
            double t = i / 4.0;
            double up = base - reach * sag * t + reach * 0.2 * t * t * (pine ? 1.2 : 0.9);
            along.add(new Vec(
                    lean * 0.8 + Math.cos(turn) * reach * t, Math.max(needle * 0.2, up), Math.sin(turn) * reach * t));
        }
        figure.stem(along, Math.max(0.4, reach * 0.035), 0.35, true);
        double shown = growth.leaves() * (0.6 + 0.4 * growth.vigour());
        int count = (int)
                Math.max(3, Math.round(1.9 * space.detail().leaves() / all * (0.4 + 1.2 * reach / space.halfWidth())));
        Vec side = new Vec(-Math.sin(turn), 0, Math.cos(turn));
        for (int i = 0; i < count; i++) {
            double t = pine ? 0.45 + 0.55 * (i + 0.5) / count : 0.12 + 0.88 * (i + 0.5) / count;
            int part = (int) Math.min(3, Math.floor(t * 4));
            Vec way = along.get(part + 1).minus(along.get(part)).unit();
            double s = side(i, count);
            double spreadOut = reach * 0.3 * (1 - t) * space.chance().nextDouble();
            Vec at = along.get(part)
                    .plus(along.get(part + 1).minus(along.get(part)), t * 4 - part)
                    .plus(side, s * spreadOut);
            Vec to = way.plus(side, s * (pine ? 0.4 : 0.75))
                    .plus(new Vec(0, pine ? 0.75 : -0.16 + 0.25 * space.wobble(), 0))
                    .unit();
            double away = space.wobble();
            at = at.plus(Vec.UP, away * gap * (1 - 0.4 * t));
            double light =
                    Sun.on(new Vec(Math.cos(turn) * 0.8, 0.42, Math.sin(turn) * 0.8)) - 0.3 * (1 - t) + 0.3 * away;
            if (space.chance().nextDouble() < shown) {
                Hue hue = Hue.of(t > 0.8, t < 0.35);
                figure.leaf(at, to, needle * space.between(0.85, 1.1), light, hue);
            }
            shoots.add(new Shoot(at, to, light, t));
        }
    }
}
