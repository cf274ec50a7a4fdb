package org.yellowfit.core.plant;

/** What a plant is used for. */
public enum Use {
    HEDGE,
    SCREEN,
    SPECIMEN,
    GROUND_COVER,
    EDGING,
    MASS,
    CLIMBER,
    WOVEN
}
