package org.yellowfit.core.bed;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.yellowfit.core.growth.PlantGrowth;
import org.yellowfit.core.plant.Cultivar;

/** Sizes of the plants of a bed by year, worked out once for each kind and pot. For one thread. */
final class Grower {

    record Size(double heightM, double flowerHeightM, double spreadM) {
        static final Size NOT_YET = new Size(0, 0, 0);
    }

    private record Key(Cultivar plant, Double potHeightM) {}

    private final Map<Key, PlantGrowth> growths = new HashMap<>();
    private final Map<Key, Map<Double, Size>> sizes = new HashMap<>();

    /** Of each plant in a year; nothing of one that is planted later. */
    Size[] at(List<PlantedAt> plants, double year) {
        return plants.stream().map(plant -> size(plant, year)).toArray(Size[]::new);
    }

    private Size size(PlantedAt plant, double year) {
        double age = year - plant.afterYears();
        if (age < 0) {
            return Size.NOT_YET;
        }
        Key key = new Key(plant.plant(), plant.potHeightM());
        return sizes.computeIfAbsent(key, each -> new HashMap<>()).computeIfAbsent(age, each -> {
            PlantGrowth growth = growths.computeIfAbsent(key, one -> PlantedAt.growth(one.plant(), one.potHeightM()));
            return new Size(
                    growth.height(age).mid(),
                    growth.heightInFlower(age).mid(),
                    growth.spread(age).mid());
        });
    }
}
