package org.yellowfit.core.season;

import static org.yellowfit.core.measure.Checks.notNegative;

import org.yellowfit.core.growth.PlantGrowth;
import org.yellowfit.core.plant.Cultivar;

/**
 * A plant as it stands at one age on one day: what every drawing draws.
 *
 * @param fullHeightM      in leaf at this age when full grown for the year, m
 * @param fullFlowerHeightM with the flowers on, m
 * @param fullSpreadM      m
 * @param heightM          of the leaves on this day, m; 0 below ground
 * @param heightInFlowerM  of the flowers on this day, m; the height of the leaves when nothing is open
 * @param spreadM          on this day, m
 */
public record PlantState(
        double fullHeightM,
        double fullFlowerHeightM,
        double fullSpreadM,
        double heightM,
        double heightInFlowerM,
        double spreadM,
        DayLook look) {
    public PlantState {
        notNegative("The full height", fullHeightM, "m");
        notNegative("The full height in flower", fullFlowerHeightM, "m");
        notNegative("The full spread", fullSpreadM, "m");
        notNegative("The height", heightM, "m");
        notNegative("The height in flower", heightInFlowerM, "m");
        notNegative("The spread", spreadM, "m");
    }

    /** Flower stalks have their full height once so much of the flowers is open. */
    private static final double STALKS_UP_AT = 0.25;

    /**
     * @param ageYears  since planting, 0 or more
     * @param dayOfYear at the place, 1–366
     */
    public static PlantState at(Cultivar plant, double ageYears, int dayOfYear, GrowingPlace place) {
        return of(
                plant,
                growth(plant, place),
                ageYears,
                PlantYear.of(plant, place).day(dayOfYear));
    }

    /** In the middle of a month, with the flowers of the month as a whole. */
    public static PlantState inMonth(Cultivar plant, double ageYears, int month, GrowingPlace place) {
        return of(
                plant,
                growth(plant, place),
                ageYears,
                PlantYear.of(plant, place).month(month));
    }

    /** Fewer hours of sun than it needs make it slower (B2). */
    public static PlantGrowth growth(Cultivar plant, GrowingPlace place) {
        PlantGrowth usual = PlantGrowth.of(plant);
        return place.sunHours().isPresent() ? usual.inSun(place.sunHours().getAsDouble()) : usual;
    }

    private static PlantState of(Cultivar plant, PlantGrowth growth, double ageYears, DayLook look) {
        double height = growth.height(ageYears).mid();
        double flower = growth.heightInFlower(ageYears).mid();
        double spread = growth.spread(ageYears).mid();
        double leafNow = height * look.heightShare();
        double stalks = Math.min(1, look.flowerShare() / STALKS_UP_AT);
        double spreadShare = plant.persistence().isWoody() ? 1 : 0.45 + 0.55 * look.heightShare();
        return new PlantState(
                height,
                flower,
                spread,
                leafNow,
                leafNow + Math.max(0, flower - height) * look.heightShare() * stalks,
                look.heightShare() <= 0 ? 0 : spread * spreadShare,
                look);
    }
}
