package org.yellowfit.core.takeoff;

import java.util.OptionalInt;
import org.yellowfit.core.growth.PlantGrowth;
import org.yellowfit.core.measure.Refused;
import org.yellowfit.core.plant.Cultivar;

/**
 * Spacing on centre and counts (rules H1 and H2). The mature spread is the label's: at ten years for woody plants, at
 * maturity
 * for others, since nobody waits for the ultimate size of a hedge.
 *
 * <p>Check values: 10 m² at 0.5 m on centre in triangles ask for 10 / (0.866 · 0.25) = 46.2, so 47 plants; a 28 m row
 * at 0.8 m
 * asks for 36, or 35 with half a spacing clear at each end.
 */
public final class Spacing {

    /** Plants touching by the end of this year in the quick school, when no year is chosen. */
    public static final int USUAL_CLOSE_BY_YEAR = 3;

    /** Height of an equilateral triangle of side 1: √3 / 2. */
    private static final double TRIANGLE = Math.sqrt(3) / 2;

    private static final double ROUNDING = 1e-9;
    /** The ground counts as closed when the crowns are so near to touching (D1). */
    private static final double CLOSED = 0.95;

    private Spacing() {}

    /** @param closeByYear year after planting in which the ground is to close; the quick school only */
    public static Count count(Cultivar plant, PlantingSpace ground, School school, int closeByYear) {
        double onCentre = onCentre(plant, school, closeByYear);
        return new Count(school, onCentre, plants(ground, onCentre), yearClosed(plant, onCentre));
    }

    /** @return metres */
    public static double onCentre(Cultivar plant, School school, int closeByYear) {
        return onCentre(plant, PlantGrowth.of(plant), school, closeByYear);
    }

    /** The same for a plant that grows so: from another pot, or in less sun. */
    public static double onCentre(Cultivar plant, PlantGrowth growth, School school, int closeByYear) {
        if (!(closeByYear >= 1 && closeByYear <= Count.LONGEST_YEARS)) {
            throw new Refused("The year to close by must lie between 1 and %s.", Count.LONGEST_YEARS);
        }
        double mature = plant.spread10().mid();
        return school == School.MATURE
                ? mature
                : Math.min(mature, growth.spread(closeByYear).mid());
    }

    /** What one plant takes in triangles, m². */
    public static double groundM2(double onCentreM) {
        return TRIANGLE * onCentreM * onCentreM;
    }

    /** @param onCentreM metres, above 0 */
    public static int plants(PlantingSpace ground, double onCentreM) {
        if (!(onCentreM > 0)) {
            throw new Refused("The spacing must be above 0 m.");
        }
        if (ground instanceof PlantingSpace.Area area) {
            return whole(Math.ceil(area.squareMetres() / groundM2(onCentreM) - ROUNDING));
        }
        if (ground instanceof PlantingSpace.Row row) {
            double planted = row.endsClear() ? row.metres() - onCentreM : row.metres();
            return whole(Math.floor(planted / onCentreM + ROUNDING) + 1);
        }
        return ((PlantingSpace.Number) ground).plants();
    }

    private static int whole(double plants) {
        return (int) Math.max(1, Math.min(Integer.MAX_VALUE, plants));
    }

    private static OptionalInt yearClosed(Cultivar plant, double onCentreM) {
        double years = PlantGrowth.of(plant).yearsToSpread(onCentreM * CLOSED - ROUNDING);
        if (plant.isAnnual()) {
            return OptionalInt.of(1);
        }
        return years > Count.LONGEST_YEARS ? OptionalInt.empty() : OptionalInt.of(Math.max(1, (int) Math.ceil(years)));
    }
}
