package org.yellowfit.core.season;

import static org.yellowfit.core.measure.Checks.notNegative;

import java.util.List;
import org.yellowfit.core.colour.Colour;
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
 * @param ageYears         since planting
 * @param ultimateM        height it comes to in the end, m
 * @param bloom            how far its flowers have come
 * @param tipLeaves        leaf colours at the tips, which lead the season
 * @param innerLeaves      leaf colours inside
 * @param unfolding        whether leaves that are not all there, or not full grown, are still to come rather than over
 */
public record PlantState(
        double fullHeightM,
        double fullFlowerHeightM,
        double fullSpreadM,
        double heightM,
        double heightInFlowerM,
        double spreadM,
        double ageYears,
        double ultimateM,
        DayLook look,
        BloomStage bloom,
        List<Colour> tipLeaves,
        List<Colour> innerLeaves,
        boolean unfolding) {
    public PlantState {
        notNegative("The full height", fullHeightM, "m");
        notNegative("The full height in flower", fullFlowerHeightM, "m");
        notNegative("The full spread", fullSpreadM, "m");
        notNegative("The height", heightM, "m");
        notNegative("The height in flower", heightInFlowerM, "m");
        notNegative("The spread", spreadM, "m");
    }

    /** The age that counts as full grown (D1). */
    private static final double OLD_YEARS = 30;

    /** Flower stalks have their full height once so much of the flowers is open. */
    private static final double STALKS_UP_AT = 0.25;

    /**
     * @param ageYears  since planting, 0 or more
     * @param dayOfYear at the place, 1–366
     */
    public static PlantState at(Cultivar plant, double ageYears, int dayOfYear, GrowingPlace place) {
        PlantYear year = PlantYear.of(plant, place);
        return of(plant, growth(plant, place), ageYears, year, year.day(dayOfYear), dayOfYear);
    }

    /** In the middle of a month, with the flowers of the month as a whole. */
    public static PlantState inMonth(Cultivar plant, double ageYears, int month, GrowingPlace place) {
        PlantYear year = PlantYear.of(plant, place);
        return of(plant, growth(plant, place), ageYears, year, year.month(month), PlantYear.midMonth(month));
    }

    /** Fewer hours of sun than it needs make it slower (B2). */
    public static PlantGrowth growth(Cultivar plant, GrowingPlace place) {
        PlantGrowth usual = PlantGrowth.of(plant);
        return place.sunHours().isPresent() ? usual.inSun(place.sunHours().getAsDouble()) : usual;
    }

    private static PlantState of(
            Cultivar plant, PlantGrowth growth, double ageYears, PlantYear year, DayLook look, int dayOfYear) {
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
                ageYears,
                growth.height(OLD_YEARS).mid(),
                look,
                year.stage(dayOfYear, look),
                year.tipLeaves(dayOfYear),
                year.innerLeaves(dayOfYear),
                look.standing() == Standing.IN_LEAF
                        && Math.min(look.leafShare(), look.heightShare()) < 1
                        && year.isBeforeMidsummer(dayOfYear));
    }
}
