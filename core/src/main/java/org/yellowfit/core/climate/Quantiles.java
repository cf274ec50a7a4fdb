package org.yellowfit.core.climate;

import java.util.Arrays;
import java.util.OptionalDouble;

/**
 * By this value 10, 50 and 90 % of the years have had it: the smallest value of the record of which at least that share
 * is no
 * larger. A year in which it never came counts as infinitely late, one in which it had come before the season began as
 * early.
 *
 * <p>Check values for 1 … 10: 1, 5 and 9.
 */
public record Quantiles(OptionalDouble p10, OptionalDouble p50, OptionalDouble p90) {

    static Quantiles of(double[] values) {
        double[] sorted = Arrays.stream(values).sorted().toArray();
        return new Quantiles(at(sorted, 0.1), at(sorted, 0.5), at(sorted, 0.9));
    }

    private static OptionalDouble at(double[] sorted, double share) {
        if (sorted.length == 0) {
            return OptionalDouble.empty();
        }
        double value = sorted[(int) Math.max(0, Math.ceil(share * sorted.length - 1e-9) - 1)];
        return Double.isInfinite(value) ? OptionalDouble.empty() : OptionalDouble.of(value);
    }
}
