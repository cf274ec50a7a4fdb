package org.yellowfit.core.season;

/** What of a plant is to be seen above the ground in a month. */
public enum Standing {
    IN_LEAF,
    BARE_STEMS,
    STRAW,
    BELOW_GROUND
}
