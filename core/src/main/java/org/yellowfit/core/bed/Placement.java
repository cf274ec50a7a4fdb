package org.yellowfit.core.bed;

import java.util.List;
import java.util.Map;
import org.yellowfit.core.measure.Fact;

/**
 * A bed as it was planted.
 *
 * @param coverage share of the ground under crowns, by year
 */
public record Placement(List<PlantedAt> placed, List<Left> unplaced, Map<Integer, Double> coverage) {

    /** What found no place, and why. */
    public record Left(String id, int count, Fact why) {}
}
