package org.yellowfit.core.records;

/**
 * A number with its uncertainty.
 *
 * @param low  with 10 % below; {@code high} with 10 % above
 * @param n    rows it comes from
 */
public record Estimate(double value, double low, double high, int n) {

    /** So many standard deviations on each side hold 80 % of a normal distribution. */
    static final double Z80 = 1.2815515655446004;

    /** exp of a normal distribution of the logarithm. */
    static Estimate factor(double mean, double variance, int n) {
        double half = Z80 * Math.sqrt(Math.max(0, variance));
        return new Estimate(Math.exp(mean), Math.exp(mean - half), Math.exp(mean + half), n);
    }
}
