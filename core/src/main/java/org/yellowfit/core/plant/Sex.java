package org.yellowfit.core.plant;

/** Which flowers a plant that needs a partner bears. */
public enum Sex {
    FEMALE,
    MALE,
    BOTH
}
