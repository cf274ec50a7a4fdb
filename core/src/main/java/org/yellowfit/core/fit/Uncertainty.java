package org.yellowfit.core.fit;

import static org.yellowfit.core.measure.Checks.between;

import java.util.Map;

/**
 * How exact what is said of a place is: short of a need by no more than this is a close call, not a lack.
 *
 * @param sunH        hours of sun, ± h
 * @param ph          soil pH, ±
 * @param lengthShare of lengths, ± share
 */
public record Uncertainty(double sunH, double ph, double lengthShare) {

    /** As people tell it at the counter. */
    public static final Uncertainty TYPED = new Uncertainty(0.5, 0.3, 0.02);
    /** Hours computed from the drawing; all else as told. */
    public static final Uncertainty COMPUTED = new Uncertainty(0.3, TYPED.ph, TYPED.lengthShare);
    /** Soil pH from a laboratory. */
    public static final double LABORATORY_PH = 0.1;

    public Uncertainty {
        between("The uncertainty of the sun", sunH, 0, 12, "h");
        between("The uncertainty of the pH", ph, 0, 3, "");
        between("The uncertainty of lengths", lengthShare, 0, 0.5, "");
    }

    /** By the names of the API. */
    Map<String, Double> asMap() {
        return Map.of("sunHours", sunH, "ph", ph, "lengths", lengthShare);
    }
}
