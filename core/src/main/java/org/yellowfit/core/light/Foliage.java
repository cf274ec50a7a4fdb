package org.yellowfit.core.light;

/** How much direct light a crown or a hedge lets through (rule B4): 20 % in leaf, 60 % bare, an evergreen 10 %. */
public enum Foliage {
    DECIDUOUS(0.2, 0.6), EVERGREEN(0.1, 0.1);

    private final double inLeaf;
    private final double bare;

    Foliage(double inLeaf, double bare) {
        this.inLeaf = inLeaf;
        this.bare = bare;
    }

    /** Share of the direct light that passes, 0–1. */
    public double passes(boolean leafOn) {
        return leafOn ? inLeaf : bare;
    }
}
