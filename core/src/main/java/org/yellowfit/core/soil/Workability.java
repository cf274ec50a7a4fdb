package org.yellowfit.core.soil;

/**
 * How ground of a texture behaves under the spade and after rain: one word for what it means and for how it is amended
 * (C5).
 */
public enum Workability {
    SAND,
    LIGHT_LOAM,
    LOAM,
    HEAVY_LOAM,
    CLAY
}
