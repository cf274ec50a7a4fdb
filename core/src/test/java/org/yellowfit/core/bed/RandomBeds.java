package org.yellowfit.core.bed;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.yellowfit.core.Plants;
import org.yellowfit.core.light.CrownFoliage;
import org.yellowfit.core.palette.Weaving;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.takeoff.School;

/** Made-up beds of all shapes, with walls, paths, windows and things that stand there, and palettes for them. */
final class RandomBeds {

    record Case(BedGround ground, List<ToPlace> plants, BedAims aims) {
        Placement place() {
            return Placing.place(ground, plants, aims);
        }
    }

    private static final Grouping[] GROUPINGS = Grouping.values();

    private RandomBeds() {}

    static List<Case> some(int many, long seed) {
        Random r = new Random(seed);
        List<Case> cases = new ArrayList<>();
        for (int i = 0; i < many; i++) {
            cases.add(one(r, i));
        }
        return cases;
    }

    private static Case one(Random r, int i) {
        double wide = 2 + 12 * r.nextDouble();
        double deep = 0.8 + 4 * r.nextDouble();
        double[][] outline = switch (i % 5) {
            case 0 -> rectangle(wide, deep);
            case 1 -> corner(wide, deep);
            case 2 -> kidney(wide, deep);
            case 3 -> island(wide / 2, deep);
            default -> rectangle(4 * wide, 0.5 + deep / 4);
        };
        boolean around = i % 5 == 3;
        double[][] seen = around ? null : new double[][] {{0, -1}, {wide, -1}};
        List<double[][]> walls = new ArrayList<>();
        List<BedPath> paths = new ArrayList<>();
        List<BedLimit> limits = new ArrayList<>();
        List<Existing> existing = new ArrayList<>();
        if (r.nextBoolean() && !around) {
            walls.add(new double[][] {{-1, deep}, {4 * wide, deep}});
        }
        if (r.nextBoolean()) {
            paths.add(new BedPath(new double[][] {{-1, -0.2}, {4 * wide, -0.2}}, r.nextBoolean() ? 0 : 0.4));
        }
        if (r.nextInt(3) == 0) {
            limits.add(BedLimit.keepLow("", new double[][] {{0, 0}, {1.5, 0}, {0, 1.5}}, 0.75));
        }
        if (r.nextInt(3) == 0) {
            limits.add(BedLimit.window("", new double[][] {{wide / 3, deep}, {wide / 2, deep}}, 0.9));
        }
        if (r.nextInt(3) == 0) {
            limits.add(BedLimit.view("", new double[][] {{wide / 2, -3}, {wide / 2, deep + 3}}, BedLimit.VIEW_M));
        }
        if (r.nextInt(3) == 0) {
            existing.add(new Existing("", wide / 4, deep / 2, 2, 1.2, CrownFoliage.DECIDUOUS, null, null));
        }
        BedGround ground = new BedGround(outline, seen, List.of(), walls, paths, limits, existing, null, 0);
        List<ToPlace> plants = new ArrayList<>();
        for (Cultivar plant : kinds(r, 2 + r.nextInt(5))) {
            Integer count = r.nextInt(4) == 0 ? null : 1 + r.nextInt(12);
            plants.add(new ToPlace(plant, count, GROUPINGS[r.nextInt(GROUPINGS.length)], null, ""));
        }
        BedAims aims = new BedAims(
                School.MATURE, 3, r.nextBoolean() ? Weaving.STEPPED : Weaving.WOVEN, r.nextInt(3) == 0 ? 15 : 10, i);
        return new Case(ground, plants, aims);
    }

    static List<Cultivar> kinds(Random r, int many) {
        List<Cultivar> kinds = new ArrayList<>();
        for (int k = 0; k < many; k++) {
            boolean woody = r.nextInt(3) == 0;
            double height = woody ? 0.4 + 2 * r.nextDouble() : 0.1 + r.nextDouble();
            double spread = Math.max(0.2, height * (0.5 + r.nextDouble()));
            kinds.add(plant("k" + k, woody, height, spread));
        }
        return kinds;
    }

    static Cultivar plant(String id, boolean woody, double height, double spread) {
        return Plants.plant("id=" + id + " botanical=Testa+" + id + " kind=" + (woody ? "shrub" : "perennial")
                + " persistence=" + (woody ? "deciduous" : "herbaceous") + " height10_m=" + height + " spread10_m="
                + spread);
    }

    static double[][] rectangle(double wide, double deep) {
        return new double[][] {{0, 0}, {wide, 0}, {wide, deep}, {0, deep}};
    }

    private static double[][] corner(double wide, double deep) {
        return new double[][] {{0, 0}, {wide, 0}, {wide, deep / 2}, {wide / 2, deep / 2}, {wide / 2, deep}, {0, deep}};
    }

    private static double[][] kidney(double wide, double deep) {
        double[][] outline = new double[40][];
        for (int k = 0; k < outline.length; k++) {
            double angle = 2 * Math.PI * k / outline.length;
            double in = 1 - 0.35 * Math.exp(-Math.pow((angle - 1.5 * Math.PI) / 0.6, 2));
            outline[k] = new double[] {wide / 2 * (1 + in * Math.cos(angle)), deep / 2 * (1 + in * Math.sin(angle))};
        }
        return outline;
    }

    private static double[][] island(double wide, double deep) {
        double[][] outline = new double[24][];
        for (int k = 0; k < outline.length; k++) {
            double angle = 2 * Math.PI * k / outline.length;
            outline[k] = new double[] {wide / 2 * (1 + Math.cos(angle)), deep / 2 * (1 + Math.sin(angle))};
        }
        return outline;
    }
}
