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
 */
public record BedAims(School school, int closeByYear, Weaving layers, double horizonYears, long seed) {

    public static final double USUAL_HORIZON = 10;

    public BedAims {
        between("The horizon", horizonYears, 1, 50, "years");
        between("The year to close by", closeByYear, 1, 50, "years");
    }
}
