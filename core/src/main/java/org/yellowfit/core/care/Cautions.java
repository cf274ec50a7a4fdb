package org.yellowfit.core.care;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Hazard;
import org.yellowfit.core.plant.Kind;
import org.yellowfit.core.plant.SpreadMode;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.plant.WatchList;

/**
 * What a customer is to be told before planting (rule F8, with F1, F2 and D8). Local codes and licensed practice come
 * first.
 */
public final class Cautions {

    /** Height at ten years from which a plant is treated as a large tree, m. */
    private static final double LARGE_M = 6;

    private Cautions() {}

    public static List<Fact> of(List<Cultivar> plants) {
        return of(plants, WatchList.EMPTY);
    }

    public static List<Fact> of(List<Cultivar> plants, WatchList watchList) {
        List<Fact> told = new ArrayList<>();
        told.add(Fact.of("caution.dig"));
        told.addAll(about(plants, watchList));
        told.add(Fact.of("caution.chemicals"));
        told.add(Fact.of("caution.codes"));
        return told;
    }

    /** What to beware of with one plant; empty when nothing is known to be. */
    public static List<Fact> of(Cultivar plant, WatchList watchList) {
        return about(List.of(plant), watchList);
    }

    private static List<Fact> about(List<Cultivar> plants, WatchList watchList) {
        List<Fact> told = new ArrayList<>();
        add(told, "caution.toxic-people", plants, plant -> plant.has(Traits.HAZARDS, Hazard.TOXIC_PEOPLE));
        add(told, "caution.toxic-pets", plants, plant -> plant.has(Traits.HAZARDS, Hazard.TOXIC_PETS));
        add(told, "caution.sap", plants, plant -> plant.has(Traits.HAZARDS, Hazard.SAP));
        add(told, "caution.thorns", plants, plant -> plant.has(Traits.HAZARDS, Hazard.THORNS));
        add(told, "caution.pollen", plants, plant -> plant.has(Traits.HAZARDS, Hazard.POLLEN));
        add(told, "caution.large", plants, Cautions::isLarge);
        add(told, "caution.spreads", plants, Cautions::spreads);
        add(told, "caution.watched", plants, plant -> watchList.entry(plant).isPresent());
        return told;
    }

    private static boolean isLarge(Cultivar plant) {
        return plant.kind() == Kind.TREE && plant.height10().high() >= LARGE_M;
    }

    private static boolean spreads(Cultivar plant) {
        return plant.get(Traits.SPREADS_AT_ZONE).isPresent() || plant.is(Traits.SPREAD_MODE, SpreadMode.SELF_SEEDER);
    }

    private static void add(List<Fact> told, String key, List<Cultivar> plants, Predicate<Cultivar> concerns) {
        List<String> names =
                plants.stream().filter(concerns).map(Cultivar::name).toList();
        if (!names.isEmpty()) {
            told.add(Fact.of(key, names));
        }
    }
}
