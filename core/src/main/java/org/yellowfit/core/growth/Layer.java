package org.yellowfit.core.growth;

import org.yellowfit.core.measure.Refused;

/** Where a plant stands in a bed by its height (rule G1), from the back to the ground. */
public enum Layer {
    BACK(GrowthNumber.BACK_FROM.value()),
    MIDDLE(GrowthNumber.MIDDLE_FROM.value()),
    FRONT(GrowthNumber.FRONT_FROM.value()),
    GROUND_COVER(0);

    private final double fromM;

    Layer(double fromM) {
        this.fromM = fromM;
    }

    /** @param heightM in leaf at the age looked at, 0 or more */
    public static Layer of(double heightM) {
        for (Layer layer : values()) {
            if (heightM >= layer.fromM) {
                return layer;
            }
        }
        throw new Refused("A plant’s height (%s m) must be 0 or more.", heightM);
    }

    /** Least height, m. */
    public double fromM() {
        return fromM;
    }
}
