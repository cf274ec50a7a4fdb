package org.yellowfit.core.takeoff;

/**
 * Two schools of spacing (rule H1): touching at the mature spread, or touching by a chosen year and thinned or divided
 * later.
 */
public enum School {
    MATURE,
    QUICK_COVER
}
