package org.yellowfit.core.plant;

/** The age of the wood that flowers: last year's (old) or this year's (new). */
public enum FlowerWood {
    OLD,
    NEW,
    BOTH,
    NONE
}
