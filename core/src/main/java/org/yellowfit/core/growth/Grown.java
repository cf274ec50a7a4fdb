package org.yellowfit.core.growth;

import org.yellowfit.core.measure.Refused;

/** One dimension of a plant at one age, in metres: the small, the usual and the large end of what is to be expected. */
public record Grown(double low, double mid, double high) {

    public Grown {
        if (!(low > 0 && low <= mid && mid <= high)) {
            throw new Refused("Sizes must be above 0 and in order: low, mid, high.");
        }
    }

    /** The larger of both at every end. */
    public Grown atLeast(Grown other) {
        return new Grown(Math.max(low, other.low), Math.max(mid, other.mid), Math.max(high, other.high));
    }

    Grown times(double factor) {
        return new Grown(low * factor, mid * factor, high * factor);
    }
}
