package org.yellowfit.core.growth;

import org.yellowfit.core.measure.Refused;

/**
 * Growth of one dimension, in metres, by years since planting: Chapman–Richards (rule D1),
 * {@code S(t) = S∞ · [1 − (1 − (S₀/S∞)^(1/p)) · e^(−k·t)]^p}.
 *
 * <p>Source: F. J. Richards, “A flexible growth function for empirical use”, Journal of Experimental Botany 10 (1959);
 * in forestry after D. G. Chapman (1961). It holds for a plant in the ground, not cut back. Check values, S₀ 0.3, S∞ 3,
 * p 1.5 and 2 m at ten years: S(0) = 0.3, S(10) = 2.0, S(5) = 1.287, and S never passes 3.
 */
public final class GrowthCurve {

    public static final double WOODY_SHAPE = 1.5;
    public static final double OTHER_SHAPE = 1;
    /** A pot taller than most of the ten-year size would leave nothing to grow. */
    private static final double LARGEST_START = 0.8;
    /** At ten years a woody plant is still short of its ultimate size. */
    private static final double LARGEST_SHARE_AT_TEN = 0.98;

    private final double ultimate;
    private final double shape;
    /** 1 − (S₀/S∞)^(1/p): what of the root of the growth is still to come when planted. */
    private final double toCome;

    private final double rate;

    private GrowthCurve(double ultimate, double shape, double toCome, double rate) {
        this.ultimate = ultimate;
        this.shape = shape;
        this.toCome = toCome;
        this.rate = rate;
    }

    /** A woody plant through its pot, its ten-year size and its ultimate size, all in metres. */
    public static GrowthCurve woody(double startM, double atTenM, double ultimateM) {
        return woody(startM, 10, atTenM, ultimateM);
    }

    /** The same where it grows for so many of its first ten years only. */
    static GrowthCurve woody(double startM, double growingYears, double atTenM, double ultimateM) {
        double most = Math.max(ultimateM, atTenM / LARGEST_SHARE_AT_TEN);
        return through(WOODY_SHAPE, startM, growingYears, atTenM, most);
    }

    /** A woody plant of a known size at a known age, in metres and years. */
    public static GrowthCurve woodyThrough(double startM, double years, double sizeM, double ultimateM) {
        return through(WOODY_SHAPE, startM, years, sizeM, Math.max(ultimateM, sizeM / LARGEST_SHARE_AT_TEN));
    }

    /** A clump that reaches 95 % of its full size in three years. */
    public static GrowthCurve clump(double startM, double fullM) {
        return through(OTHER_SHAPE, startM, 3, 0.95 * fullM, fullM);
    }

    private static GrowthCurve through(double shape, double startM, double years, double sizeM, double ultimateM) {
        if (!(startM >= 0 && sizeM > 0 && ultimateM > sizeM)) {
            throw new Refused("A growth curve needs a start of 0 or more, and an ultimate size above the given one.");
        }
        double start = Math.min(startM, LARGEST_START * sizeM);
        double toCome = 1 - Math.pow(start / ultimateM, 1 / shape);
        double left = 1 - Math.pow(sizeM / ultimateM, 1 / shape);
        return new GrowthCurve(ultimateM, shape, toCome, -Math.log(left / toCome) / years);
    }

    /** The same plant growing at {@code factor} times the rate (less light: rule B7). */
    public GrowthCurve atRate(double factor) {
        if (!(factor > 0 && factor <= 1)) {
            throw new Refused("The share of the growth rate must lie between 0 and 1.");
        }
        return new GrowthCurve(ultimate, shape, toCome, rate * factor);
    }

    /** @param years since planting, 0 or more */
    public double at(double years) {
        if (!(years >= 0)) {
            throw new Refused("The age must be 0 years or more.");
        }
        return ultimate * Math.pow(1 - toCome * Math.exp(-rate * years), shape);
    }

    /** Years until the size is reached; infinite when it never is. */
    public double yearsTo(double sizeM) {
        if (sizeM >= ultimate) {
            return Double.POSITIVE_INFINITY;
        }
        double left = 1 - Math.pow(sizeM / ultimate, 1 / shape);
        return Math.max(0, -Math.log(left / toCome) / rate);
    }
}
