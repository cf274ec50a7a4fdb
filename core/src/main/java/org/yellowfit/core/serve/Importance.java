package org.yellowfit.core.serve;

/** How much a wish counts (rule L3). */
public enum Importance {
    MUST,
    MUCH,
    SOME
}
