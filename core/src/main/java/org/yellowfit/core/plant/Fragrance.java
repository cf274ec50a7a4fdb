package org.yellowfit.core.plant;

/** What smells pleasantly. */
public enum Fragrance {
    NONE,
    LEAF,
    FLOWER
}
