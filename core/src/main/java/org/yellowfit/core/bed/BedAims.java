package org.yellowfit.core.bed;

import static org.yellowfit.core.measure.Checks.between;

import org.yellowfit.core.palette.Weaving;
import org.yellowfit.core.takeoff.School;

/**
 * How a bed shall be planted.
 *
 * @param closeByYear  year by which plants touch, in the quick school
 * @param horizonYears at which nothing has grown into anything, 1–50
 * @param seed         the same gives the same bed
 * @param pot          whether it is a pot, in which plants stand close for a season or two
 */
public record BedAims(School school, int closeByYear, Weaving layers, double horizonYears, long seed, boolean pot) {

    public static final double USUAL_HORIZON = 10;

    /** In the ground. */
    public BedAims(School school, int closeByYear, Weaving layers, double horizonYears, long seed) {
        this(school, closeByYear, layers, horizonYears, seed, false);
    }

    /** The same in a pot, for its first year. */
    public BedAims inPot() {
        return new BedAims(School.QUICK_COVER, 1, layers, 1, seed, true);
    }

    public BedAims {
        between("The horizon", horizonYears, 1, 50, "years");
        between("The year to close by", closeByYear, 1, 50, "years");
    }
}
