package org.yellowfit.app.drawing.plant;

import java.util.ArrayList;
import java.util.List;
import org.yellowfit.app.drawing.pen.Detail;
import org.yellowfit.core.plant.Habit;
import org.yellowfit.core.plant.LeafArrangement;

/** Shrubs of canes from the ground, upright, bowing over, or hanging from the head of a trunk; and bamboos. */
final class Canes {

    private static final int PARTS = 9;

    private final Growing growth;
    private final Space space;
    private final Figure figure = new Figure();
    private final List<Shoot> shoots = new ArrayList<>();
    private final double leafLength;
    private final double leaves;
    private final double thick;
    /** What the twigs before are still to carry: of large leaves there are fewer than twigs. */
    private double owed;

    private Canes(Growing growth, double area, double cover) {
        this.growth = growth;
        this.space = growth.space();
        this.leafLength = LeafSize.unit(growth, area, cover);
        double full =
                Math.min(space.detail().leaves(), cover * area / growth.leaf().area(leafLength));
        this.leaves = full * growth.leaves() * (0.55 + 0.45 * growth.vigour());
        this.thick = Math.max(0.5, Math.min(space.cm(1.7), space.height() * 0.015));
    }

    static Growing.Grown shrub(Growing growth) {
        Space space = growth.space();
        Canes canes = new Canes(growth, 2 * space.halfWidth() * space.height() * 0.72, 1.4);
        int most = space.detail().isAtLeast(Detail.CARD) ? 1 : 0;
        int bare = growth.isBare() && most > 0 ? 8 : 0;
        int count = (int) Math.round(5 + 7 * growth.maturity() + 6 * most + bare * growth.maturity());
        for (int i = 0; i < count; i++) {
            canes.cane((i + 0.5) / count, i * Space.GOLDEN + space.wobble() * 0.25, count);
        }
        return new Growing.Grown(canes.figure, canes.shoots);
    }

    /** Bamboo: slender canes that nod, leafy above. */
    static Growing.Grown bamboo(Growing growth) {
        Space space = growth.space();
        Canes canes = new Canes(growth, 2 * space.halfWidth() * space.height() * 0.8, 1.5);
        int count = space.detail().isAtLeast(Detail.CARD) ? 26 : 12;
        for (int i = 0; i < count; i++) {
            canes.cane((i + 0.5) / count, i * Space.GOLDEN + space.wobble() * 0.3, count);
        }
        return new Growing.Grown(canes.figure, canes.shoots);
    }

    /** A trunk whose twigs hang. */
    static Growing.Grown weeping(Growing growth) {
        Space space = growth.space();
        Canes canes = new Canes(growth, 2 * space.halfWidth() * space.height() * 0.75, 2.2);
        canes.hang();
        return new Growing.Grown(canes.figure, canes.shoots);
    }

    private void hang() {
        double girth = Math.max(0.9, Math.min(space.halfWidth() * 0.2, space.height() * 0.04));
        double fork = space.height() * (0.34 + 0.2 * growth.maturity());
        Vec crutch = new Vec(space.wobble() * space.halfWidth() * 0.06, fork, 0);
        figure.stem(List.of(Vec.ORIGIN, new Vec(crutch.x() * 1.6, fork * 0.5, 0), crutch), girth, girth * 0.7, true);
        int limbs = (int) Math.round(5 + 5 * growth.maturity());
        int wands = space.detail().of(3, 6, 9);
        for (int i = 0; i < limbs; i++) {
            double turn = i * Space.GOLDEN;
            double out = Math.sqrt((i + 0.5) / limbs) * 0.78;
            double top = space.height() * (0.97 - 0.24 * out * out);
            Vec end = new Vec(Math.cos(turn) * out * space.halfWidth(), top, Math.sin(turn) * out * space.halfWidth());
            Vec middle = crutch.plus(end.minus(crutch), 0.5).plus(Vec.UP, space.height() * 0.07);
            figure.stem(List.of(crutch, middle, end), girth * 0.45, girth * 0.2, true);
            for (int k = 0; k < wands; k++) {
                wand(k % 2 == 0 ? end : middle, turn + space.wobble() * 1.5, limbs * wands);
            }
        }
    }

    private void wand(Vec from, double turn, int wands) {
        double out = space.halfWidth() * space.between(0.16, 0.4);
        double bottom = space.height() * space.between(0.05, 0.34);
        List<Vec> along = new ArrayList<>();
        for (int i = 0; i <= PARTS; i++) {
            double t = (double) i / PARTS;
            double away = out * (1 - (1 - t) * (1 - t));
            double up = from.y()
                    + space.height() * 0.05 * Math.sin(Math.min(1, t * 3) * Math.PI)
                    - (from.y() - bottom) * Math.pow(t, 1.5);
            along.add(new Vec(from.x() + Math.cos(turn) * away, up, from.z() + Math.sin(turn) * away));
        }
        leafy(along, 0.08, thick * 0.4, wands / 2, -0.5);
    }

    private void cane(double rank, double turn, int count) {
        double out = Math.sqrt(rank);
        double droop = droop();
        // Canes that bow rise nearly as high as the others before they do.
        double tall = space.height() * (1 - (lower() - 0.2 * droop) * rank) * space.between(0.8, 1);
        double foot = out * space.halfWidth() * foot();
        double reach = space.halfWidth() * (0.24 + 0.72 * out);
        double bend = space.halfWidth() * 0.03 * space.wobble();
        List<Vec> along = new ArrayList<>();
        for (int i = 0; i <= PARTS; i++) {
            double t = (double) i / PARTS;
            double away = foot + (reach - foot) * Math.pow(t, 1 + 0.3 * droop);
            double bow = Math.PI / 2 * (1 + droop * (0.3 + 0.58 * rank));
            double up = tall * ((1 - droop) * t + droop * Math.sin(t * bow));
            along.add(new Vec(Math.cos(turn) * away + bend * Math.sin(t * 5 + rank * 9), up, Math.sin(turn) * away));
        }
        leafy(along, growth.plant().habit() == Habit.BAMBOO_LIKE ? 0.25 : 0.04, thick, count, 0.25);
        sideShoots(along, turn, count);
    }

    /** How far from the middle its canes leave the ground, of half its width. */
    private double foot() {
        return switch (growth.plant().habit()) {
            case UPRIGHT, COLUMNAR -> 0.66;
            case SPREADING -> 0.3;
            case VASE -> 0.08;
            default -> 0.2;
        };
    }

    /** By how much those around the edge are lower than the one in the middle. */
    private double lower() {
        return switch (growth.plant().habit()) {
            case UPRIGHT, COLUMNAR -> 0.26;
            case SPREADING -> 0.62;
            case VASE -> 0.2;
            default -> 0.42;
        };
    }

    private double droop() {
        return switch (growth.plant().habit()) {
            case FOUNTAIN -> 0.9;
            case ARCHING -> 0.8;
            case BAMBOO_LIKE -> 0.45;
            case SPREADING -> 0.12;
            default -> 0;
        };
    }

    private void sideShoots(List<Vec> along, double turn, int canes) {
        int count = space.detail().isAtLeast(Detail.CARD) ? 6 : 2;
        for (int i = 0; i < count; i++) {
            double t = 0.1 + 0.74 * i / count + 0.1 * space.chance().nextDouble();
            Vec at = on(along, t);
            double length = space.size() * 0.22 * (1.2 - t) * space.between(0.7, 1.1);
            Vec to = Vec.direction(turn + (i % 2 == 0 ? 1 : -1) * 1.1, 0.75 - 0.5 * droop())
                    .unit();
            Vec end = at.plus(to, length);
            List<Vec> side = List.of(at, at.plus(to, length * 0.5).plus(Vec.UP, length * 0.08), end);
            leafy(side, 0.15, thick * 0.5, canes * count, 0.1);
        }
    }

    /** A twig with its leaves, as many as its share of them all. */
    private void leafy(List<Vec> along, double bareUpTo, double width, int among, double rise) {
        figure.stem(along, width, Math.max(0.35, width * 0.4), true);
        owed += leaves / (among * 2.0);
        int count = (int) owed;
        owed -= count;
        int places = Math.max(count, 4);
        boolean pairs = growth.anatomy().arrangement() == LeafArrangement.OPPOSITE;
        for (int i = 0; i < places; i++) {
            // What bows or hangs carries more of its leaves towards its end.
            double t = bareUpTo + (1 - bareUpTo) * Math.pow((i + 0.8) / places, 1 - 0.2 * droop());
            Vec at = on(along, t);
            double around = pairs ? i / 2 * Math.PI / 2 + i % 2 * Math.PI : i * Space.GOLDEN;
            Vec along_ =
                    on(along, Math.min(1, t + 0.05)).minus(on(along, t - 0.05)).unit();
            Vec to = Vec.direction(around, rise).plus(along_, 0.7).unit();
            Vec normal = new Vec(
                    at.x() / space.halfWidth(), at.y() / space.height() * 1.3 - 0.6, at.z() / space.halfWidth());
            double light = Math.max(-1, Math.min(1, Sun.on(normal.times(0.7).plus(to, 0.35)) + space.wobble() * 0.2));
            if ((i + 1) * count / places > i * count / places) {
                double grown = leafLength * growth.leafSize() * space.between(0.8, 1.1);
                figure.leaf(at, to, grown, light, Hue.of(t > 0.82, t < 0.4));
            }
            if (i % 2 == 0) {
                shoots.add(new Shoot(at, to, light, t));
            }
        }
    }

    private static Vec on(List<Vec> along, double t) {
        double at = Math.max(0, Math.min(1, t)) * (along.size() - 1);
        int part = (int) Math.min(along.size() - 2, Math.floor(at));
        Vec from = along.get(part);
        return from.plus(along.get(part + 1).minus(from), at - part);
    }
}
