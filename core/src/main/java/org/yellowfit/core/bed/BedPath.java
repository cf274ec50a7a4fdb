package org.yellowfit.core.bed;

import static org.yellowfit.core.measure.Checks.notNegative;

/**
 * A path, whose edges are kept clear (rule H3).
 *
 * @param line   its middle, or the edge itself where it has no width
 * @param widthM 0 or more
 */
public record BedPath(double[][] line, double widthM) {
    public BedPath {
        notNegative("The width", widthM, "m");
    }

    /** From its nearer edge, m; below 0 on the path. */
    double toEdge(double x, double y) {
        return Flat.toLine(line, x, y) - widthM / 2;
    }
}
