package org.yellowfit.app.drawing.plant;

import java.util.ArrayList;
import java.util.List;
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
        int many = runs ? 17 : 12;
        int most = growth.space().detail().units() >= 150 ? many : 8;
        fern.fronds((int) Math.round(most * (0.6 + 0.4 * growth.vigour()) * Math.max(0.5, growth.leaves())));
        return new Growing.Grown(fern.figure, List.of());
    }

    /** The head of a feather palm on its trunk. */
    static Figure palm(Growing growth, double from) {
        Fronds palm = new Fronds(growth, 1, from);
        palm.fronds(growth.space().detail().units() >= 150 ? 17 : 11);
        return palm.figure;
    }

    private void fronds(int count) {
        for (int i = 0; i < count; i++) {
            frond(i, (i + 0.5) / count, i * Space.GOLDEN + 0.3);
        }
    }

    private void frond(int i, double rank, double turn) {
        boolean vase = growth.plant().habit() == Habit.VASE || growth.plant().habit() == Habit.UPRIGHT;
        double out = Math.sqrt(rank);
        double reach = space.halfWidth() * (vase ? 0.25 + 0.72 * out : 0.22 + 0.76 * out);
        double high = space.height() - from;
        double top = high * (1 - (vase ? 0.16 : 0.4) * rank) * space.between(0.9, 1);
        double fall = from > 0 ? 0.95 * rank : (vase ? 0.3 : 0.95) * rank + (vase ? 0 : 0.12);
        // Ferns that run rise here and there; others from one crown.
        double apart = growth.plant().habit() == Habit.SPREADING ? 0.8 * out : 0;
        List<Vec> rachis = new ArrayList<>();
        for (int part = 0; part <= PARTS; part++) {
            double t = (double) part / PARTS;
            double up = top * (Math.sin(t * Math.PI * 0.5 * (1 + fall * 0.75)));
            double away = reach * ((1 - apart) * t + apart);
            rachis.add(new Vec(Math.cos(turn) * away * (0.55 + 0.45 * t), from + up, Math.sin(turn) * away));
        }
        figure.stem(rachis, Math.max(0.4, high * 0.012), 0.35, false);
        pinnae(rachis, turn, rank, (i % 3 - 1) * 0.5);
        if (unrolled < 0.5) {
            coil(rachis.get(PARTS), turn);
        }
    }

    private void pinnae(List<Vec> rachis, double turn, double rank, double lit) {
        int pairs = space.detail().units() >= 300 ? 17 : space.detail().units() >= 150 ? 11 : 6;
        double longest = Math.max(space.halfWidth(), space.height() - from)
                * (from > 0 ? 0.24 : growth.plant().habit() == Habit.ARCHING ? 0.21 : 0.16);
        Vec side = new Vec(-Math.sin(turn), 0, Math.cos(turn));
        for (int i = 0; i < pairs; i++) {
            double t = 0.14 + 0.84 * i / (pairs - 1);
            double length =
                    longest * Math.pow(Math.sin(Math.PI * Math.min(1, 0.16 + 0.84 * t)), 0.8) * (1.05 - 0.35 * t);
            int part = (int) Math.min(PARTS - 1, Math.floor(t * PARTS));
            Vec from = rachis.get(part);
            Vec step = rachis.get(part + 1).minus(from);
            Vec at = from.plus(step, t * PARTS - part);
            for (int s = -1; s <= 1; s += 2) {
                // A frond seen from its edge is turned a little, so that its feather shows.
                Vec flat = new Vec(-step.y(), step.x(), 0).unit().times(s * 0.75);
                Vec to = flat.plus(side, s * 0.4).plus(step.unit(), 0.55).unit();
                double light =
                        Sun.on(new Vec(Math.cos(turn) * 0.55, 0.5 - 0.5 * rank, Math.sin(turn) * 0.55)) + 0.2 * s + lit;
                figure.leaf(at, to, Math.max(1.2, length), light, t > 0.8 ? Hue.TIP : Hue.LEAF);
            }
        }
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
