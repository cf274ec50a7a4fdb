package org.yellowfit.core.bed;

import org.yellowfit.core.measure.Refused;
import org.yellowfit.core.plant.Cultivar;

/**
 * Plants of one kind to be placed.
 *
 * @param count      1 or more; null to be worked out from the ground
 * @param potHeightM height as bought, m; null for the usual
 * @param part       the part of the bed it belongs to; empty for wherever it lives
 */
public record ToPlace(Cultivar plant, Integer count, Grouping grouping, Double potHeightM, String part) {

    public static final int MOST = 2000;

    public ToPlace {
        if (count != null && !(count >= 0 && count <= MOST)) {
            throw new Refused("The count must be a whole number from 0 to %s.", MOST);
        }
    }
}
