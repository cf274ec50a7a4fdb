package org.yellowfit.core.plant;

/** A plant's part in a mixed pot (rule G7). */
public enum PotRole {
    TALL,
    MOUND,
    TRAIL
}
