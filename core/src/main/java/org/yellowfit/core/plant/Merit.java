package org.yellowfit.core.plant;

/** What a plant is grown for (rule L1). */
public enum Merit {
    FLOWER,
    LEAF,
    AUTUMN,
    FRUIT,
    STEM,
    FORM,
    SCENT,
    COVER
}
