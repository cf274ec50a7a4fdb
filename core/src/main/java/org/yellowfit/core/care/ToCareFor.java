package org.yellowfit.core.care;

import org.yellowfit.core.measure.Refused;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.PotSize;

/**
 * Some plants of one kind that are planted together.
 *
 * @param pot     they were bought in, by its name; empty when it is not known
 * @param clipped kept as a clipped hedge or shape
 */
public record ToCareFor(Cultivar plant, int count, String pot, boolean clipped) {

    public static final int MOST = 100_000;

    /** Where the pot is not known, litres: what the trade sells most of. */
    private static final double USUAL_WOODY_L = 5;

    private static final double USUAL_L = 1;

    public ToCareFor {
        if (!(count >= 1 && count <= MOST)) {
            throw new Refused("The number of plants must be a whole number from 1 to 100000.");
        }
    }

    /** Of one plant's root as it was bought, l. */
    public double potLitres() {
        return PotSize.litres(pot).orElse(plant.isWoody() ? USUAL_WOODY_L : USUAL_L);
    }
}
