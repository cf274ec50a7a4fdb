package org.yellowfit.core.records;

import org.yellowfit.core.measure.Checks;

/**
 * How often a plant is lost to a cause where the cause is there (rule J6): Beta(1, 9) before anything is seen; a warning from a
 * mean over a quarter, with three plants at least.
 *
 * <p>Check values: 2 of 3 lost: (1 + 2) / (10 + 3) = 0.23, no warning; 4 of 5: 5 / 15 = 0.33, a warning.
 *
 * @param plants seen at places that have the cause
 * @param lost   of them, to it
 */
public record LossRate(int plants, int lost) {

    private static final double PRIOR_LOST = 1;
    private static final double PRIOR_KEPT = 9;
    private static final double WARN_FROM = 0.25;
    private static final int FEWEST = 3;

    public LossRate {
        Checks.notNegative("The plants", plants, "");
        Checks.between("Those lost", lost, 0, plants, "");
    }

    public double mean() {
        return (PRIOR_LOST + lost) / (PRIOR_LOST + PRIOR_KEPT + plants);
    }

    public boolean warns() {
        return plants >= FEWEST && mean() > WARN_FROM;
    }
}
