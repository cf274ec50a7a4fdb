package org.yellowfit.core.climate;

/**
 * Degree days of one day from its lowest and highest temperature (rule A9).
 *
 * <p>Source: G. L. Baskerville and P. Emin, “Rapid estimation of heat accumulation from maximum and minimum
 * temperatures”, Ecology
 * 50 (1969): the day's course taken as one sine wave. Check values for base 5 °C: 10…20 °C give 10; −5…5 °C give 0;
 * 0…10 °C give
 * 1.5915.
 */
public final class DegreeDays {

    public static final double BASE_C = 5;

    private DegreeDays() {}

    /** @return degree days above {@link #BASE_C}, 0 or more */
    public static double ofDay(double lowestC, double highestC) {
        double mean = (lowestC + highestC) / 2;
        if (highestC <= BASE_C) {
            return 0;
        }
        if (lowestC >= BASE_C) {
            return mean - BASE_C;
        }
        double half = (highestC - lowestC) / 2;
        double angle = Math.asin((BASE_C - mean) / half);
        return ((mean - BASE_C) * (Math.PI / 2 - angle) + half * Math.cos(angle)) / Math.PI;
    }
}
