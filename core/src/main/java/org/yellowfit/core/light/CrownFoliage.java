package org.yellowfit.core.light;

import java.util.Set;

/** How much direct light a crown or a hedge lets through (rule B4): 20 % in leaf, 60 % bare, an evergreen 10 %. */
public enum CrownFoliage {
    DECIDUOUS(0.2, 0.6),
    EVERGREEN(0.1, 0.1);

    private static final Set<Integer> NORTHERN_LEAF = Set.of(5, 6, 7, 8, 9, 10);
    private static final Set<Integer> SOUTHERN_LEAF = Set.of(11, 12, 1, 2, 3, 4);

    private final double inLeaf;
    private final double bare;

    CrownFoliage(double inLeaf, double bare) {
        this.inLeaf = inLeaf;
        this.bare = bare;
    }

    /**
     * Months in which a deciduous crown is in leaf where nothing else is said: May to October, and half a year on south
     * of the equator.
     */
    public static Set<Integer> usualLeafMonths(boolean south) {
        return south ? SOUTHERN_LEAF : NORTHERN_LEAF;
    }

    /** Share of the direct light that passes, 0–1. */
    public double passes(boolean leafOn) {
        return leafOn ? inLeaf : bare;
    }
}
