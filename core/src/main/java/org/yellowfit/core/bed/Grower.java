package org.yellowfit.core.bed;

import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.yellowfit.core.growth.PlantGrowth;
import org.yellowfit.core.plant.Cultivar;

/** Sizes of the plants of a bed by year, worked out once for each kind and pot. For one thread. */
final class Grower {

    record Size(double heightM, double flowerHeightM, double spreadM) {
        static final Size NOT_YET = new Size(0, 0, 0);
    }

    /** One kind as it is bought: how it grows, and its sizes by age. */
    private static final class Grown {
        final PlantGrowth growth;
        final Map<Double, Size> sizes = new HashMap<>();

        Grown(Cultivar plant, Double potHeightM) {
            growth = PlantedAt.growth(plant, potHeightM);
        }

        Size at(double age) {
            return sizes.computeIfAbsent(
                    age,
                    any -> new Size(
                            growth.height(age).mid(),
                            growth.heightInFlower(age).mid(),
                            growth.spread(age).mid()));
        }
    }

    /** By the plant itself: to compare two by all that is known of them takes longer than what is kept here. */
    private final Map<Cultivar, Map<Optional<Double>, Grown>> kinds = new IdentityHashMap<>();

    /** Of each plant in a year; nothing of one that is planted later. */
    Size[] at(List<PlantedAt> plants, double year) {
        return plants.stream().map(plant -> size(plant, year)).toArray(Size[]::new);
    }

    private Size size(PlantedAt plant, double year) {
        double age = year - plant.afterYears();
        if (age < 0) {
            return Size.NOT_YET;
        }
        return kinds.computeIfAbsent(plant.plant(), any -> new HashMap<>())
                .computeIfAbsent(
                        Optional.ofNullable(plant.potHeightM()), pot -> new Grown(plant.plant(), plant.potHeightM()))
                .at(age);
    }
}
