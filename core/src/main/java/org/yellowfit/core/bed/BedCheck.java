package org.yellowfit.core.bed;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.yellowfit.core.bed.Grower.Size;
import org.yellowfit.core.light.CrownFoliage;
import org.yellowfit.core.light.SpotSun;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Kind;
import org.yellowfit.core.plant.Persistence;
import org.yellowfit.core.plant.Traits;

/** What goes wrong in a planted bed, year by year (rule H4): sizes by D1, sun by B4. */
public final class BedCheck {

    private static final double ROUNDING = 1e-6;
    /** Of plants that cover the ground, those at least so many times as tall do not stand in the way. */
    private static final double STANDS_OVER = 2;

    private static final double A_LITTLE_SUN_H = 0.05;
    private static final double TREE_BASE = 0.2;
    private static final int STEP_MINUTES = 20;
    private static final List<Integer> GROWING = List.of(4, 5, 6, 7, 8, 9);
    private static final List<Integer> SOUTHERN_GROWING = List.of(10, 11, 12, 1, 2, 3);
    /** The sun's way hardly changes from one year to the next. */
    private static final int ANY_YEAR = 2026;

    private final BedGround ground;
    private final List<PlantedAt> plants;
    private final Grower grower = new Grower();
    private final Cover cover;
    private final SpotSun sun;

    private BedCheck(BedGround ground, List<PlantedAt> plants, boolean shade) {
        this.ground = ground;
        this.plants = plants;
        cover = new Cover(ground);
        sun = shade && ground.where() != null
                ? new SpotSun(
                        ground.where(),
                        ground.northDegrees(),
                        ANY_YEAR,
                        ground.where().isSouth() ? SOUTHERN_GROWING : GROWING,
                        STEP_MINUTES)
                : null;
    }

    /**
     * @param years since planting, each 0 or more
     * @param shade whether it is worked out what neighbours leave of the sun; only where the place on earth is known
     */
    public static List<BedYear> over(BedGround ground, List<PlantedAt> plants, List<Integer> years, boolean shade) {
        BedCheck check = new BedCheck(ground, plants, shade);
        return years.stream().map(check::year).toList();
    }

    public static Optional<BedYear> firstTrouble(List<BedYear> years) {
        return years.stream().filter(year -> !year.isFine()).findFirst();
    }

    private BedYear year(int year) {
        Size[] sizes = grower.at(plants, year);
        return new BedYear(
                year,
                cover.share(plants, sizes),
                overlaps(sizes),
                tooTall(sizes),
                outside(),
                shaded(sizes, year),
                existing(sizes, year),
                edges(sizes));
    }

    private List<BedYear.Overlap> overlaps(Size[] sizes) {
        List<BedYear.Overlap> overlaps = new ArrayList<>();
        for (int a = 0; a < sizes.length; a++) {
            for (int b = a + 1; b < sizes.length; b++) {
                double reach = (sizes[a].spreadM() + sizes[b].spreadM()) / 2;
                if (plants.get(a).isFarFrom(plants.get(b), reach)) {
                    continue;
                }
                double by = reach - plants.get(a).distanceTo(plants.get(b));
                double most = Lot.LAP * Math.min(sizes[a].spreadM(), sizes[b].spreadM());
                if (by > most + ROUNDING && !isUnder(a, b, sizes) && !isUnder(b, a, sizes)) {
                    overlaps.add(new BedYear.Overlap(a, b, by));
                }
            }
        }
        return overlaps;
    }

    private boolean isUnder(int low, int high, Size[] sizes) {
        return sizes[high].heightM() >= STANDS_OVER * sizes[low].heightM()
                && Lot.coversGround(plants.get(low).plant());
    }

    private List<BedYear.TooTall> tooTall(Size[] sizes) {
        List<BedYear.TooTall> tooTall = new ArrayList<>();
        for (int i = 0; i < sizes.length; i++) {
            for (BedLimit limit : ground.limits()) {
                double height = sizes[i].flowerHeightM();
                if (limit.isPassed(height)
                        && limit.isReached(plants.get(i).x(), plants.get(i).y(), sizes[i].spreadM() / 2)) {
                    tooTall.add(new BedYear.TooTall(i, limit, height - limit.maxHeightM()));
                }
            }
        }
        return tooTall;
    }

    private List<BedYear.Outside> outside() {
        List<BedYear.Outside> outside = new ArrayList<>();
        for (int i = 0; i < plants.size(); i++) {
            PlantedAt plant = plants.get(i);
            double by = ground.holds(plant.x(), plant.y()) ? 0 : ground.toEdge(plant.x(), plant.y());
            if (by > ROUNDING) {
                outside.add(new BedYear.Outside(i, by));
            }
        }
        return outside;
    }

    private List<BedYear.IntoExisting> existing(Size[] sizes, int year) {
        List<BedYear.IntoExisting> met = new ArrayList<>();
        for (int k = 0; k < ground.existing().size(); k++) {
            Existing existing = ground.existing().get(k);
            double spread = existing.spread(year);
            for (int i = 0; i < sizes.length; i++) {
                PlantedAt plant = plants.get(i);
                double away = Math.hypot(plant.x() - existing.x(), plant.y() - existing.y());
                double by = (sizes[i].spreadM() + spread) / 2 - away;
                boolean under = existing.canStandOver(sizes[i].flowerHeightM());
                if (under
                        ? away < Existing.TRUNK_M - ROUNDING
                        : by > Lot.LAP * Math.min(sizes[i].spreadM(), spread) + ROUNDING) {
                    met.add(new BedYear.IntoExisting(i, k, under ? Existing.TRUNK_M - away : by));
                }
            }
        }
        return met;
    }

    private List<BedYear.OverEdge> edges(Size[] sizes) {
        List<BedYear.OverEdge> over = new ArrayList<>();
        for (int i = 0; i < sizes.length; i++) {
            PlantedAt plant = plants.get(i);
            double half = sizes[i].spreadM() / 2;
            double wall = half;
            for (double[][] line : ground.walls()) {
                wall = Math.min(wall, Flat.toLine(line, plant.x(), plant.y()));
            }
            double path = half;
            for (BedPath each : ground.paths()) {
                path = Math.min(path, each.toEdge(plant.x(), plant.y()));
            }
            if (half - wall > ROUNDING) {
                over.add(new BedYear.OverEdge(i, BedYear.Edge.INTO_WALL, half - wall));
            }
            if (half - path > ROUNDING) {
                over.add(new BedYear.OverEdge(i, BedYear.Edge.OVER_PATH, half - path));
            }
        }
        return over;
    }

    /** Each plant's sun at its own top, which is what it lives by: only what is taller shades it. */
    private List<BedYear.Shaded> shaded(Size[] sizes, int year) {
        if (sun == null) {
            return List.of();
        }
        List<SpotSun.CrownAt> crowns = new ArrayList<>();
        for (int i = 0; i < sizes.length; i++) {
            crowns.add(crown(plants.get(i), sizes[i]));
        }
        List<SpotSun.CrownAt> older = new ArrayList<>();
        for (Existing each : ground.existing()) {
            double growth = each.growth(year);
            older.add(new SpotSun.CrownAt(
                    each.x(),
                    each.y(),
                    each.heightM() * growth,
                    each.crownBaseM(year),
                    each.spread(year) / 2,
                    each.foliage()));
        }
        List<BedYear.Shaded> shaded = new ArrayList<>();
        double open = sun.open();
        for (int i = 0; i < sizes.length; i++) {
            double needs = plants.get(i).plant().get(Traits.SUN_LIVE).orElse(0.0);
            if (needs <= 0 || sizes[i].heightM() <= 0) {
                continue;
            }
            BedPart part = ground.part(plants.get(i).x(), plants.get(i).y());
            Double known = part == null ? null : part.sunHours();
            double alone = known != null ? known : at(i, sizes, older);
            if (alone < needs - A_LITTLE_SUN_H) {
                continue;
            }
            List<SpotSun.CrownAt> others = new ArrayList<>(crowns);
            others.remove(i);
            if (known == null) {
                others.addAll(older);
            }
            double left = at(i, sizes, others);
            double hours = known == null ? left : known * left / Math.max(1e-9, open);
            if (hours < needs - A_LITTLE_SUN_H) {
                shaded.add(new BedYear.Shaded(i, hours, needs));
            }
        }
        return shaded;
    }

    private double at(int i, Size[] sizes, List<SpotSun.CrownAt> crowns) {
        return sun.hours(plants.get(i).x(), plants.get(i).y(), sizes[i].heightM(), crowns);
    }

    private static SpotSun.CrownAt crown(PlantedAt at, Size size) {
        Cultivar plant = at.plant();
        boolean evergreen = plant.persistence() == Persistence.EVERGREEN;
        // What climbs stands flat against what holds it.
        double radius = plant.kind() == Kind.CLIMBER ? 0 : size.spreadM() / 2;
        double base = plant.kind() == Kind.TREE ? TREE_BASE * size.heightM() : 0;
        return new SpotSun.CrownAt(
                at.x(),
                at.y(),
                size.heightM(),
                base,
                radius,
                evergreen ? CrownFoliage.EVERGREEN : CrownFoliage.DECIDUOUS);
    }
}
