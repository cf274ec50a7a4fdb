package org.yellowfit.core.plant;

/** How often a plant is fed (rule I4). */
public enum Feed {
    NONE,
    YEARLY,
    WEEKLY_IN_POTS
}
