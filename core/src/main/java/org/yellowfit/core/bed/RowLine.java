package org.yellowfit.core.bed;

import java.util.Optional;
import java.util.function.DoublePredicate;
import java.util.function.Predicate;

/**
 * A straight run along the bed on which a row may stand.
 *
 * @param across how far behind the front it runs, m, as {@link Frontage} measures
 * @param from   where it begins along the front, m
 * @param length m
 * @param takes  so many plants, no more than are asked for
 * @param out    how far out of the plant's layer it lies, of the bed's depth
 * @param off    how far from the depth where the row should stand, of the bed's depth
 */
record RowLine(double across, double from, double length, int takes, double out, double off) {

    private static final int TRIED = 40;
    private static final double ALONG_M = 0.02;

    /**
     * The line that takes most of a lot; of several the one nearest to the depth where it should stand.
     *
     * @param depth 0 at the front to 1 at the back
     * @param open  whether one may stand at a place
     */
    static Optional<RowLine> best(
            Lot lot, double depth, BedGround ground, Frontage frontage, Predicate<double[]> open) {
        double least = Double.POSITIVE_INFINITY;
        double most = Double.NEGATIVE_INFINITY;
        double from = Double.POSITIVE_INFINITY;
        double to = Double.NEGATIVE_INFINITY;
        for (double[] corner : ground.outline()) {
            double across = frontage.across(corner[0], corner[1]);
            double along = frontage.along(corner[0], corner[1]);
            least = Math.min(least, across);
            most = Math.max(most, across);
            from = Math.min(from, along);
            to = Math.max(to, along);
        }
        RowLine best = null;
        for (int k = 0; k <= TRIED; k++) {
            double across = least + (most - least) * k / TRIED;
            double[] run = longest(along -> open.test(frontage.at(along, across)), from, to);
            if (run.length > 0) {
                RowLine line = of(lot, depth, frontage, across, run[0], run[1]);
                best = best == null || line.isBetterThan(best) ? line : best;
            }
        }
        return Optional.ofNullable(best);
    }

    private static RowLine of(Lot lot, double depth, Frontage frontage, double across, double from, double length) {
        int takes = (int) Math.min(lot.count, Math.floor(length / lot.spacing + 1e-6) + 1);
        double[] middle = frontage.at(from + length / 2, across);
        double share = frontage.share(middle[0], middle[1]);
        return new RowLine(across, from, length, takes, lot.outOf(share), Math.abs(share - depth));
    }

    /** Where the longest open run begins and how long it is; nothing where none is open. */
    private static double[] longest(DoublePredicate open, double from, double to) {
        double[] longest = {};
        double start = Double.NaN;
        for (double along = from; along <= to + ALONG_M / 2; along += ALONG_M) {
            if (along > to || !open.test(along)) {
                start = Double.NaN;
                continue;
            }
            start = Double.isNaN(start) ? along : start;
            if (longest.length == 0 || along - start > longest[1]) {
                longest = new double[] {start, along - start};
            }
        }
        return longest;
    }

    private boolean isBetterThan(RowLine other) {
        if (takes != other.takes) {
            return takes > other.takes;
        }
        return out != other.out ? out < other.out : off < other.off;
    }
}
