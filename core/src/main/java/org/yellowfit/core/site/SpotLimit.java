package org.yellowfit.core.site;

import static org.yellowfit.core.measure.Checks.notNegative;

import org.yellowfit.core.measure.Fact;

/**
 * How high a plant may grow at a spot, and because of what (D4).
 *
 * @param metres above the ground
 * @param by      what kind of thing sets it
 * @param because what holds it down, like the sill of the kitchen window
 */
public record SpotLimit(double metres, FeatureKind by, Fact because) {
    public SpotLimit {
        notNegative("The height limit", metres, "m");
    }
}
