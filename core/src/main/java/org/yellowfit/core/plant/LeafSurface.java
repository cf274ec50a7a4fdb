package org.yellowfit.core.plant;

/** How a leaf throws back the light. */
public enum LeafSurface {
    MATT,
    GLOSSY,
    FELTED
}
