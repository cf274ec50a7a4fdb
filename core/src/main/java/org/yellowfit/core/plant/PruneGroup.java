package org.yellowfit.core.plant;

/** How a plant is cut (rules I1 and I2). */
public enum PruneGroup {
    NONE,
    NEW_WOOD,
    AFTER_FLOWER,
    LIGHT_EVERGREEN,
    CONIFER_CANDLES,
    CUT_TO_GROUND,
    COMB,
    DEADHEAD_ONLY
}
