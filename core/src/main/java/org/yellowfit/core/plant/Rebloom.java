package org.yellowfit.core.plant;

/** Whether flowers come again after the first bloom. */
public enum Rebloom {
    NONE,
    FLUSH,
    CONTINUOUS
}
