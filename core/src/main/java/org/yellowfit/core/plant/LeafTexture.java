package org.yellowfit.core.plant;

/** Leaf size as the eye reads it from a few steps away. */
public enum LeafTexture {
    FINE,
    MEDIUM,
    BOLD
}
