package org.yellowfit.app.drawing.plant;

import java.util.ArrayList;
import java.util.List;
import org.yellowfit.app.drawing.pen.Detail;
import org.yellowfit.core.plant.Habit;

/** Ferns: fronds that rise from one crown and bow outwards, feathered on both sides; rolled up while they unfold. */
final class Fronds {

    private static final int PARTS = 8;

    private final Growing growth;
    private final Space space;
    private final Figure figure = new Figure();
    private final double unrolled;
    private final double from;

    private Fronds(Growing growth, double unrolled, double from) {
        this.growth = growth;
        this.space = growth.space();
        this.unrolled = unrolled;
        this.from = from;
    }

    /** @param unrolled share of its height a frond has this day: below one its tip is still a coil */
    static Growing.Grown grow(Growing growth, double unrolled) {
        Fronds fern = new Fronds(growth, unrolled, 0);
        boolean runs = growth.plant().habit() == Habit.SPREADING;
        int many = runs ? 17 : 10;
        int most = growth.space().detail().isAtLeast(Detail.CARD) ? many : 8;
        fern.fronds((int) Math.round(most * (0.6 + 0.4 * growth.vigour()) * Math.max(0.5, growth.leaves())));
        return new Growing.Grown(fern.figure, List.of());
    }

    /** The head of a feather palm on its trunk. */
    static Figure palm(Growing growth, double from) {
        Fronds palm = new Fronds(growth, 1, from);
        palm.fronds(growth.space().detail().isAtLeast(Detail.CARD) ? 13 : 9);
        return palm.figure;
    }

    private void fronds(int count) {
        for (int i = 0; i < count; i++) {
            frond(i, (i + 0.5) / count, i * Space.GOLDEN + 0.3);
        }
    }

    private void frond(int i, double rank, double turn) {
        double reach = space.halfWidth() * (0.42 + 0.58 * Math.sqrt(rank));
        double high = space.height() - from;
        double top = high * (1 - (isPalm() ? 0.8 : 0.24) * rank) * space.between(0.9, 1);
        // Ferns that run rise here and there; others from one crown.
        double apart = growth.plant().habit() == Habit.SPREADING ? 0.86 * Math.sqrt(rank) : 0;
        List<Vec> rachis = new ArrayList<>();
        for (Vec at : bow(rank)) {
            double away = reach * ((1 - apart) * at.x() + apart);
            rachis.add(new Vec(Math.cos(turn) * away, from + top * at.y(), Math.sin(turn) * away));
        }
        figure.stem(rachis, Math.max(0.4, high * 0.012), 0.35, false);
        pinnae(rachis, turn, rank, (i % 3 - 1) * 0.5);
        if (unrolled < 0.5) {
            coil(rachis.get(PARTS), turn);
        }
    }

    /** How a frond bows, from 0, 0: as far out and as high as one at its farthest and highest. */
    private List<Vec> bow(double rank) {
        double rises = rises(rank);
        double ends = ends(rank);
        List<Vec> along = new ArrayList<>(List.of(Vec.ORIGIN));
        double highest = 0;
        for (int part = 0; part < PARTS; part++) {
            double t = (part + 0.5) / PARTS;
            double elevation = rises + (ends - rises) * Math.pow(t, isUpright() ? 1.7 : 1.3);
            Vec last = along.get(part);
            Vec next = new Vec(last.x() + Math.cos(elevation), last.y() + Math.sin(elevation), 0);
            highest = Math.max(highest, next.y());
            along.add(next);
        }
        double wide = along.get(PARTS).x();
        double tall = highest;
        return along.stream().map(at -> at.scaled(1 / wide, 1 / tall)).toList();
    }

    /** How steeply it leaves its crown, radians above the level; likewise how it {@link #ends}. */
    private double rises(double rank) {
        if (isPalm()) {
            return 1.5 - 1.1 * rank;
        }
        return 1.5 - (isUpright() ? 0.35 : 0.85) * rank;
    }

    private double ends(double rank) {
        if (isPalm()) {
            return 0.2 - 1.4 * rank;
        }
        return isUpright() ? 0.7 - 0.6 * rank : -0.1 - 0.5 * rank;
    }

    private boolean isPalm() {
        return from > 0;
    }

    private boolean isUpright() {
        return growth.plant().habit() == Habit.VASE || growth.plant().habit() == Habit.UPRIGHT;
    }

    private void pinnae(List<Vec> rachis, double turn, double rank, double lit) {
        int pairs = space.detail().of(6, 15, 19);
        double longest = Math.hypot(space.halfWidth(), space.height() - from) * (isPalm() ? 0.17 : 0.15);
        Vec side = new Vec(-Math.sin(turn), 0, Math.cos(turn));
        for (int i = 0; i < pairs; i++) {
            double t = 0.06 + 0.93 * i / (pairs - 1);
            double length = longest * tapered(t);
            int part = (int) Math.min(PARTS - 1, Math.floor(t * PARTS));
            Vec start = rachis.get(part);
            Vec step = rachis.get(part + 1).minus(start);
            Vec at = start.plus(step, t * PARTS - part);
            for (int s = -1; s <= 1; s += 2) {
                // A frond seen from its edge is turned a little, so that its feather shows.
                Vec flat = new Vec(-step.y(), step.x(), 0).unit().times(s * 0.75);
                Vec to = flat.plus(side, s * 0.4).plus(step.unit(), 0.45).unit();
                double light =
                        Sun.on(new Vec(Math.cos(turn) * 0.55, 0.5 - 0.5 * rank, Math.sin(turn) * 0.55)) + 0.2 * s + lit;
                figure.leaf(at, to, Math.max(1.2, length), light, t > 0.8 ? Hue.TIP : Hue.LEAF);
            }
        }
    }

    /** A frond is widest a third of the way along it, and comes to a point. */
    private double tapered(double t) {
        double widest = isPalm() ? 0.5 : 0.38;
        return t < widest
                ? 0.34 + 0.66 * Math.sin(Math.PI / 2 * t / widest)
                : 0.1 + 0.9 * Math.pow(1 - (t - widest) / (1 - widest), 0.8);
    }

    private void coil(Vec at, double turn) {
        List<Vec> coil = new ArrayList<>();
        double r = space.height() * 0.09;
        double side = Math.cos(turn) >= 0 ? 1 : -1;
        for (int i = 0; i <= 9; i++) {
            double a = i * 0.75;
            double own = r * (1 - i / 11.0);
            coil.add(at.plus(new Vec(side * (r - Math.cos(a) * own), Math.sin(a) * own, 0)));
        }
        figure.stem(coil, Math.max(0.6, r * 0.3), Math.max(0.5, r * 0.2), false);
    }
}
