package org.yellowfit.core.palette;

/** A scheme of colours (rule G3). */
public enum Scheme {
    NONE,
    /** One hue, and what has none. */
    ONE,
    /** Hues side by side. */
    NEAR,
    /** Two hues across from each other. */
    OPPOSITE,
    DARK_GOLD
}
