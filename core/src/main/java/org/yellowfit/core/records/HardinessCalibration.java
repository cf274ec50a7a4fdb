package org.yellowfit.core.records;

import java.util.List;

/**
 * How hardy a plant really is (rule J5): the chance of living through a winter is 1 / (1 + e^(−1.5 (m + 1.5 + d))), m the
 * half-zones to spare in that winter (its lowest against the label), d ~ N(0, 1) half-zones for each plant. The posterior is
 * worked out on a grid.
 *
 * <p>Check values: without winters the mean is 0 and 80 % lie within ±1.2816; many deaths with three half-zones to spare push
 * it below −3.
 */
public final class HardinessCalibration {

    private static final double STEEPNESS = 1.5;
    private static final double OFFSET = 1.5;
    private static final double REACH = 8;
    private static final double STEP = 0.005;
    private static final double TAIL = 0.1;

    /** @param marginHalfZones to spare in that winter, by the label */
    public record Winter(double marginHalfZones, boolean died) {}

    private HardinessCalibration() {}

    /** Half-zones by which it is hardier than its label (negative: less hardy): posterior mean, 10 and 90 % quantiles. */
    public static Estimate shift(List<Winter> winters) {
        int points = (int) Math.round(2 * REACH / STEP) + 1;
        double[] log = new double[points];
        double most = Double.NEGATIVE_INFINITY;
        for (int i = 0; i < points; i++) {
            double d = at(i);
            log[i] = -d * d / 2;
            for (Winter winter : winters) {
                double z = STEEPNESS * (winter.marginHalfZones() + OFFSET + d);
                log[i] -= softplus(winter.died() ? z : -z);
            }
            most = Math.max(most, log[i]);
        }
        double sum = 0;
        double mean = 0;
        double[] weight = new double[points];
        for (int i = 0; i < points; i++) {
            weight[i] = Math.exp(log[i] - most);
            sum += weight[i];
            mean += weight[i] * at(i);
        }
        return new Estimate(mean / sum, quantile(weight, sum, TAIL), quantile(weight, sum, 1 - TAIL), winters.size());
    }

    /** Chance of living through a winter with so many half-zones to spare. */
    public static double survival(double marginHalfZones, double shift) {
        return 1 / (1 + Math.exp(-STEEPNESS * (marginHalfZones + OFFSET + shift)));
    }

    private static double at(int i) {
        return -REACH + i * STEP;
    }

    /** ln(1 + e^z), also where e^z is too large to be written. */
    private static double softplus(double z) {
        return Math.max(0, z) + Math.log1p(Math.exp(-Math.abs(z)));
    }

    /** Between two points of the grid by the share of the weight that is still missing. */
    private static double quantile(double[] weight, double sum, double share) {
        double wanted = share * sum;
        double before = 0;
        for (int i = 0; i < weight.length; i++) {
            if (before + weight[i] >= wanted) {
                return at(i) + ((wanted - before) / weight[i] - 0.5) * STEP;
            }
            before += weight[i];
        }
        return REACH;
    }
}
