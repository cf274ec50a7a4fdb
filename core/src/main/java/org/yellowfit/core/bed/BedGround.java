package org.yellowfit.core.bed;

import java.util.List;
import org.yellowfit.core.light.Location;
import org.yellowfit.core.measure.Refused;

/**
 * A bed and what stands round it: metres east and north of a corner of the drawing.
 *
 * @param outline      at least three corners, not crossing itself
 * @param seenFrom     two points of the line people stand on; null when it is seen from all round
 * @param parts        empty for one place all over
 * @param walls        lines plants keep clear of: houses, walls, fences
 * @param where        on earth; null where it is not known, and then nothing is said of shade
 * @param northDegrees clockwise from the drawing's +y to true north
 */
public record BedGround(
        double[][] outline,
        double[][] seenFrom,
        List<BedPart> parts,
        List<double[][]> walls,
        List<BedPath> paths,
        List<BedLimit> limits,
        List<Existing> existing,
        Location where,
        double northDegrees) {

    public BedGround {
        if (outline.length < 3 || !(Flat.areaOf(outline) > 0)) {
            throw new Refused("A bed needs an outline of three corners or more.");
        }
        parts = List.copyOf(parts);
        walls = List.copyOf(walls);
        paths = List.copyOf(paths);
        limits = List.copyOf(limits);
        existing = List.copyOf(existing);
    }

    /** An open bed with nothing round it. */
    public static BedGround open(double[][] outline, double[][] seenFrom) {
        return new BedGround(outline, seenFrom, List.of(), List.of(), List.of(), List.of(), List.of(), null, 0);
    }

    public double areaM2() {
        return Flat.areaOf(outline);
    }

    public boolean holds(double x, double y) {
        return Flat.isInside(outline, x, y);
    }

    /** To its edge, m. */
    public double toEdge(double x, double y) {
        return Flat.toEdge(outline, x, y);
    }

    /** The part a point lies in; the first where it lies in none of them, null where there are none. */
    BedPart part(double x, double y) {
        for (BedPart part : parts) {
            if (part.holds(x, y)) {
                return part;
            }
        }
        return parts.isEmpty() ? null : parts.get(0);
    }
}
