package org.yellowfit.core.plant;

/** How the leaves sit: along the stem, all from the ground, or in a tuft. */
public enum LeafArrangement {
    OPPOSITE,
    ALTERNATE,
    WHORLED,
    BASAL,
    TUFTED
}
