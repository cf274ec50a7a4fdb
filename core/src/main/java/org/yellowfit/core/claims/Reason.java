package org.yellowfit.core.claims;

/** Why one value was used among those that sources give. */
public enum Reason {
    LABEL,
    ONLY_SOURCE,
    LEAST_HARDY,
    HARDIEST,
    LARGEST,
    NEEDS_MOST_SUN,
    STANDS_LEAST_SUN,
    MOST_EATEN,
    ALL_HAZARDS,
    OWN_RECORDS,
    CALIBRATED;
}
