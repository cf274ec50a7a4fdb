package org.yellowfit.core.plant;

/** What a plant is sold as. */
public enum Kind {
    TREE,
    SHRUB,
    CONIFER,
    PERENNIAL,
    GRASS,
    FERN,
    BULB,
    CLIMBER,
    ANNUAL
}
