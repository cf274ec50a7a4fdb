package org.yellowfit.core.plant;

/** How a plant carries its flowers, by the textbook's names. */
public enum Inflorescence {
    SOLITARY,
    DAISY,
    BELL,
    TRUMPET,
    PEA,
    UMBEL,
    CORYMB,
    PANICLE,
    MOPHEAD,
    LACECAP,
    SPIKE,
    RACEME,
    PLUME,
    GLOBE,
    CATKIN,
    WHORL
}
