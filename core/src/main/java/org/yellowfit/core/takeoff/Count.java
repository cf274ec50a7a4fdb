package org.yellowfit.core.takeoff;

import static org.yellowfit.core.measure.Checks.between;
import static org.yellowfit.core.measure.Checks.notNegative;

import java.util.OptionalInt;

/**
 * How many plants, how far apart, and when they meet.
 *
 * @param onCentreM  from the middle of one plant to the middle of the next, m
 * @param yearClosed first year after planting in which the plants touch; empty when it takes over {@value #LONGEST_YEARS} years
 */
public record Count(School school, double onCentreM, int plants, OptionalInt yearClosed) {
    public Count {
        between("The spacing", onCentreM, 0, 100, "m");
        notNegative("The count", plants, "plants");
    }

    public static final int LONGEST_YEARS = 60;
}
