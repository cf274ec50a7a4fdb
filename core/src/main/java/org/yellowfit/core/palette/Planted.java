package org.yellowfit.core.palette;

/**
 * A plant of a planting.
 *
 * @param patch its patch's name; empty for the one where it serves best
 * @param count null: as many as its share of the ground takes
 */
public record Planted(String id, String patch, Integer count) {}
