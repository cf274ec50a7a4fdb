package org.yellowfit.core.soil;

/**
 * The three words by which plants are sold: sand, loam, clay. A soil may count as two of them (clay loam is loam and
 * clay).
 */
public enum TextureGroup {
    SAND,
    LOAM,
    CLAY
}
