package org.yellowfit.app.drawing.plant;

import java.util.ArrayList;
import java.util.List;
import org.yellowfit.core.plant.Habit;

/** Leaves over branching wood: on its thin ends, in the masses its limbs make, each mass lit from the sun's side. */
final class Foliage {

    /** Share of all ends of twigs that a limb with a mass of its own carries at most. */
    private static final double MASS_SHARE = 0.13;

    private final Growing growth;
    private final Space space;
    private final Branches wood;
    private final Profile profile;
    private final int[] masses;
    private Vec[] centres;

    private Foliage(Growing growth, Branches wood, Profile profile) {
        this.growth = growth;
        this.space = growth.space();
        this.wood = wood;
        this.profile = profile;
        this.masses = masses();
    }

    /**
     * @param cover how many times over the leaves of a full crown would cover it
     * @return where flowers and fruit may sit, bare or not
     */
    static List<Shoot> over(Growing growth, Branches wood, Profile profile, Figure figure, double cover) {
        return new Foliage(growth, wood, profile).draw(figure, cover);
    }

    private List<Shoot> draw(Figure figure, double cover) {
        double length = LeafSize.unit(growth, area(), cover);
        double one = growth.leaf().area(length);
        int full = (int) Math.min(space.detail().leaves(), Math.max(30, cover * area() / one));
        int shown = (int) Math.round(full * growth.leaves() * (0.5 + 0.5 * growth.vigour()));
        List<Integer> carriers = carriers();
        List<Shoot> shoots = new ArrayList<>();
        double grown = length * growth.leafSize();
        for (int i = 0; i < Math.max(shown, Math.min(full, 160)); i++) {
            Shoot shoot = shoot(carriers.get((int) ((i * 0.6180339887 % 1) * carriers.size())), grown);
            shoots.add(shoot);
            if (i < shown && !isLeggy(shoot)) {
                figure.leaf(shoot.at(), shoot.to(), grown * space.between(0.82, 1.12), shoot.light(), hue(shoot));
            }
        }
        return shoots;
    }

    /** Its lower leaves go first where the light is short. */
    private boolean isLeggy(Shoot shoot) {
        return shoot.at().y() < space.height() * (profile.crownFrom() + 0.34 * (1 - growth.vigour()))
                && growth.vigour() < 0.95;
    }

    private Hue hue(Shoot shoot) {
        double chance = space.chance().nextDouble() * 0.3;
        if (shoot.outer() + chance > 1.02) {
            return Hue.TIP;
        }
        return shoot.outer() + chance < 0.6 ? Hue.INNER : Hue.LEAF;
    }

    private Shoot shoot(int node, double length) {
        Vec from = wood.at(node);
        Vec along = wood.parent(node) < 0
                ? Vec.UP
                : from.minus(wood.at(wood.parent(node))).unit();
        double loose = length * 0.75 + space.size() * 0.022;
        Vec at = new Vec(
                from.x() + space.wobble() * loose,
                from.y() + space.wobble() * loose,
                from.z() + space.wobble() * loose);
        Vec centre = new Vec(0, space.height() * (profile.crownFrom() + 1) / 2, 0);
        Vec fromCentre = at.minus(centre)
                .scaled(1 / Math.max(1, space.halfWidth()), 2 / (space.height() * (1 - profile.crownFrom()) + 1));
        Vec fromMass = at.minus(centres[masses[node]]).times(3.4 / space.size());
        double light = Sun.on(fromMass.times(0.62).plus(fromCentre, 0.55)) + space.wobble() * 0.16 + 0.14;
        double wide = Math.max(
                0.05, profile.halfWidth(Math.max(profile.crownFrom(), Math.min(0.99, at.y() / space.height()))));
        double outer = Math.min(1, Math.hypot(at.x(), at.z()) / (wide * space.halfWidth() + 0.01));
        Vec to = along.times(0.5)
                .plus(fromMass.unit(), 0.5)
                .plus(pull())
                .plus(new Vec(space.wobble(), space.wobble(), space.wobble()), 0.4)
                .unit();
        return new Shoot(at, to, Math.max(-1, Math.min(1, light)), Math.max(outer, at.y() / space.height() - 0.05));
    }

    private Vec pull() {
        return switch (growth.leaf()) {
            case NEEDLE, SCALE -> profile.habit() == Habit.COLUMNAR ? new Vec(0, 0.9, 0) : new Vec(0, 0.25, 0);
            default -> profile.habit() == Habit.COLUMNAR ? new Vec(0, 0.45, 0) : new Vec(0, -0.16, 0);
        };
    }

    private List<Integer> carriers() {
        int all = Math.max(1, wood.tips(0));
        List<Integer> carriers = new ArrayList<>();
        for (int node = 0; node < wood.count(); node++) {
            boolean thin = wood.tips(node) <= Math.max(4, all * 0.03);
            if (thin && wood.at(node).y() >= space.height() * profile.crownFrom() * 0.9) {
                carriers.add(node);
            }
        }
        return carriers.isEmpty() ? List.of(wood.count() - 1) : carriers;
    }

    /** Each node's mass, and the middles of the masses. */
    private int[] masses() {
        int all = 0;
        for (int node = 0; node < wood.count(); node++) {
            all += wood.parent(node) < 0 ? wood.tips(node) : 0;
        }
        int[] mass = new int[wood.count()];
        int count = 1;
        for (int node = 0; node < wood.count(); node++) {
            int inherited = wood.parent(node) < 0 ? 0 : mass[wood.parent(node)];
            mass[node] = inherited == 0 && wood.tips(node) <= all * MASS_SHARE ? count++ : inherited;
        }
        centres = new Vec[count];
        int[] members = new int[count];
        for (int node = 0; node < wood.count(); node++) {
            Vec sum = centres[mass[node]];
            centres[mass[node]] = sum == null ? wood.at(node) : sum.plus(wood.at(node));
            members[mass[node]]++;
        }
        for (int i = 0; i < count; i++) {
            centres[i] = centres[i] == null ? Vec.ORIGIN : centres[i].times(1.0 / members[i]);
        }
        return mass;
    }

    /** Of the crown as it is seen from the front. */
    private double area() {
        double sum = 0;
        int parts = 24;
        for (int i = 0; i < parts; i++) {
            sum += profile.halfWidth((i + 0.5) / parts) / parts;
        }
        return 2 * space.halfWidth() * space.height() * sum;
    }
}
