package org.yellowfit.core.bed;

import static org.yellowfit.core.measure.Checks.finite;
import static org.yellowfit.core.measure.Checks.notNegative;

import org.yellowfit.core.growth.GrowthCurve;
import org.yellowfit.core.light.CrownFoliage;

/**
 * A tree or shrub that stands already and is kept (rule H9): it takes room, shade and roots, and grows on.
 *
 * @param name    what it is called; empty for none
 * @param heightM now, m; likewise {@code spreadM}
 * @param ageYears now; null where it is not known, and then it stays as it is
 * @param oldM    its height when old, m; null where it is not known
 */
public record Existing(
        String name,
        double x,
        double y,
        double heightM,
        double spreadM,
        CrownFoliage foliage,
        Double ageYears,
        Double oldM) {

    /** As one that can be walked under, and planted under, m. */
    private static final double TREE_M = 5;
    /** What is planted under a tree stays under this share of its height. */
    private static final double UNDER = 1 / 3.0;
    /** Clear of its trunk and of the roots beside it, m; our judgement. */
    static final double TRUNK_M = 1;

    private static final double PLANTED_M = 0.3;
    private static final double CROWN_BASE = 0.25;

    public Existing {
        finite("The place, east", x);
        finite("The place, north", y);
        notNegative("The height", heightM, "m");
        notNegative("The spread", spreadM, "m");
    }

    /** How much larger than now after so many years (D1). */
    public double growth(double years) {
        if (ageYears == null || oldM == null || ageYears <= 0 || oldM <= heightM) {
            return 1;
        }
        return GrowthCurve.woodyThrough(Math.min(PLANTED_M, heightM / 2), ageYears, heightM, oldM)
                        .at(ageYears + years)
                / heightM;
    }

    double spread(double years) {
        return spreadM * growth(years);
    }

    /** Where its branches begin, m: those of a tree a quarter up. */
    double crownBaseM(double years) {
        return heightM < TREE_M ? 0 : heightM * growth(years) * CROWN_BASE;
    }

    /** Whether a plant of this height is planted under its crown rather than beside it. */
    boolean canStandOver(double plantM) {
        return heightM >= TREE_M && plantM <= UNDER * heightM;
    }
}
