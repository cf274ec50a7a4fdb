package org.yellowfit.core.plant;

/** Animals a plant feeds. */
public enum Wildlife {
    BEES,
    BUTTERFLIES,
    BIRDS,
    HUMMINGBIRDS
}
