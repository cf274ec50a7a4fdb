package org.yellowfit.core.plant;

/** Where the second colour of a leaf sits; {@code NEW_GROWTH}: the young leaves at the tips have it. */
public enum Variegation {
    NONE,
    MARGIN,
    CENTRE,
    SPLASH,
    NEW_GROWTH
}
