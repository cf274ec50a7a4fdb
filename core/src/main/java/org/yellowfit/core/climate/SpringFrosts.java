package org.yellowfit.core.climate;

import java.util.Arrays;

/**
 * How far each spring of a record had come, in degree days since the start of the year, at its last damaging frost
 * (rule A8). Buds
 * that break before that are lost in that spring.
 *
 * @param degreeDays one number for each spring, ascending; 0 for a spring without a damaging frost
 */
public record SpringFrosts(double[] degreeDays) {

    /** Young shoots and flower buds are lost at this temperature, °C (A8). */
    public static final double DAMAGING_C = -2;

    public SpringFrosts {
        degreeDays = degreeDays.clone();
        Arrays.sort(degreeDays);
    }

    @Override
    public double[] degreeDays() {
        return degreeDays.clone();
    }

    public int springs() {
        return degreeDays.length;
    }

    /** Share of the springs in which buds that break at so many degree days are lost, 0–1; NaN without a spring. */
    public double lossChance(double budBreakDegreeDays) {
        long lost = Arrays.stream(degreeDays)
                .filter(reached -> reached > 0 && reached >= budBreakDegreeDays)
                .count();
        return degreeDays.length == 0 ? Double.NaN : (double) lost / degreeDays.length;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof SpringFrosts that && Arrays.equals(degreeDays, that.degreeDays);
    }

    @Override
    public int hashCode() {
        return Arrays.hashCode(degreeDays);
    }
}
