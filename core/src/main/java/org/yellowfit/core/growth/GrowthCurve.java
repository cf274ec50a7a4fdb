package org.yellowfit.core.growth;

import static org.yellowfit.core.growth.GrowthNumber.CLUMP_FULL;
import static org.yellowfit.core.growth.GrowthNumber.CLUMP_WIDE_BY;
import static org.yellowfit.core.growth.GrowthNumber.LARGEST_SHARE_AT_TEN;
import static org.yellowfit.core.growth.GrowthNumber.LARGEST_START;
import static org.yellowfit.core.growth.GrowthNumber.QUICK_SHAPE;
import static org.yellowfit.core.growth.GrowthNumber.SLOW_WOOD_SHAPE;

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
        double most = Math.max(ultimateM, atTenM / LARGEST_SHARE_AT_TEN.value());
        return through(SLOW_WOOD_SHAPE.value(), startM, growingYears, atTenM, most);
    }

    /** A woody plant of a known size at a known age, in metres and years. */
    public static GrowthCurve woodyThrough(double startM, double years, double sizeM, double ultimateM) {
        double most = Math.max(ultimateM, sizeM / LARGEST_SHARE_AT_TEN.value());
        return through(SLOW_WOOD_SHAPE.value(), startM, years, sizeM, most);
    }

    /** What grows quickly at first and less and less: there is so much of its full size, 0–1, after so many years. */
    static GrowthCurve quick(double startM, double years, double share, double fullM) {
        return through(QUICK_SHAPE.value(), startM, years, share * fullM, fullM);
    }

    /** A clump’s spread: 95 % of it in three years. */
    public static GrowthCurve clump(double startM, double fullM) {
        return quick(startM, CLUMP_WIDE_BY.value(), CLUMP_FULL.value(), fullM);
    }

    private static GrowthCurve through(double shape, double startM, double years, double sizeM, double ultimateM) {
        if (!(startM >= 0 && sizeM > 0 && ultimateM > sizeM)) {
            throw new Refused("A growth curve needs a start of 0 or more, and an ultimate size above the given one.");
        }
        double start = Math.min(startM, LARGEST_START.value() * sizeM);
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
