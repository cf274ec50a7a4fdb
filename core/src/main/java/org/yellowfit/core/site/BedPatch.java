package org.yellowfit.core.site;

import static org.yellowfit.core.measure.Checks.notNegative;

import java.util.List;
import java.util.Optional;
import org.yellowfit.core.light.Patch;

/**
 * A patch of a bed with everything the drawing says of it.
 *
 * @param name          “A”, “B” …, over all beds of the drawing
 * @param bed           what its bed is called
 * @param light         its light
 * @param lengthM       longer side of the smallest rectangle around it, m; {@code depthM} the shorter
 * @param limits        every height limit that crosses it, lowest first
 * @param reflectedHeat most of it lies within reach of masonry that throws the afternoon's heat back
 * @param underRoof     most of it lies under a roof that keeps the rain off
 * @param slopePercent  of a slope drawn across it; empty when there is none
 */
public record BedPatch(
        String name,
        String bed,
        Patch light,
        double lengthM,
        double depthM,
        List<SpotLimit> limits,
        boolean reflectedHeat,
        boolean underRoof,
        Optional<Double> slopePercent) {
    public BedPatch {
        notNegative("The length", lengthM, "m");
        notNegative("The depth", depthM, "m");
    }

    BedPatch withRoom(double length, double depth) {
        return new BedPatch(name, bed, light, length, depth, limits, reflectedHeat, underRoof, slopePercent);
    }

    public Optional<SpotLimit> lowestLimit() {
        return limits.stream().findFirst();
    }
}
