package org.yellowfit.app.catalogue;

import org.yellowfit.core.growth.PlantGrowth;
import org.yellowfit.core.measure.UnitSystem;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.season.GrowingPlace;
import org.yellowfit.core.season.PlantState;

/** A plant as one of many: its name, its picture, its size at ten years and its zones. */
record PlantTile(
        String id,
        String botanical,
        String cultivar,
        String common,
        String picture,
        String size,
        String zone,
        String note) {

    static PlantTile of(Cultivar plant, UnitSystem units) {
        return of(plant, units, "");
    }

    static PlantTile of(Cultivar plant, UnitSystem units, String note) {
        return tile(plant, PlantGrowth.of(plant), units, note);
    }

    /** With the size it has at a place. */
    static PlantTile at(Cultivar plant, GrowingPlace place, UnitSystem units) {
        return tile(plant, PlantState.growth(plant, place), units, "");
    }

    private static PlantTile tile(Cultivar plant, PlantGrowth growth, UnitSystem units, String note) {
        return new PlantTile(
                plant.id(),
                plant.botanical(),
                plant.get(Traits.CULTIVAR).orElse(""),
                plant.get(Traits.COMMON).orElse(""),
                PictureAddress.portrait(plant, GrowingPlace.ANYWHERE),
                units.glance(growth.heightInFlower(10).mid(), growth.spread(10).mid()),
                zones(plant),
                note);
    }

    static String zones(Cultivar plant) {
        return plant.write(Traits.ZONE_MIN).orElse("?")
                + plant.write(Traits.ZONE_MAX).map(max -> "–" + max).orElse("");
    }
}
