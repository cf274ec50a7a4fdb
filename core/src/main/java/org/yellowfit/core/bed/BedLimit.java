package org.yellowfit.core.bed;

import static org.yellowfit.core.measure.Checks.notNegative;

import java.util.ArrayList;
import java.util.List;

/**
 * A height that may not be passed somewhere (rules D4 and H3).
 *
 * @param name       what it is called; empty to be called by its kind
 * @param areas      where it holds, as outlines; a line is none of these
 * @param line       where it holds, as a line; null where it is an area
 * @param maxHeightM m
 */
public record BedLimit(LimitKind kind, String name, List<double[][]> areas, double[][] line, double maxHeightM) {

    /** Nothing so tall crosses a view line, m. */
    public static final double VIEW_M = 1.6;
    /** So far before a window a plant stands before it, m; our judgement. */
    private static final double WINDOW_REACH_M = 1.5;

    private static final double WIRE_REACH_M = 1;

    public enum LimitKind {
        KEEP_LOW,
        SILL,
        VIEW_LINE,
        WIRE_ABOVE,
        ROOF_ABOVE
    }

    public BedLimit {
        areas = List.copyOf(areas);
        notNegative("The height", maxHeightM, "m");
    }

    /** A sight triangle, or other ground to be kept low. */
    public static BedLimit keepLow(String name, double[][] outline, double maxHeightM) {
        return new BedLimit(LimitKind.KEEP_LOW, name, List.<double[][]>of(outline), null, maxHeightM);
    }

    public static BedLimit roof(String name, double[][] outline, double undersideM) {
        return new BedLimit(LimitKind.ROOF_ABOVE, name, List.<double[][]>of(outline), null, undersideM);
    }

    public static BedLimit window(String name, double[][] line, double sillM) {
        return new BedLimit(LimitKind.SILL, name, strips(line, WINDOW_REACH_M), null, sillM);
    }

    public static BedLimit wire(String name, double[][] line, double heightM) {
        return new BedLimit(LimitKind.WIRE_ABOVE, name, strips(line, WIRE_REACH_M), null, heightM);
    }

    public static BedLimit view(String name, double[][] line, double heightM) {
        return new BedLimit(LimitKind.VIEW_LINE, name, List.of(), line, heightM);
    }

    private static List<double[][]> strips(double[][] line, double halfM) {
        List<double[][]> strips = new ArrayList<>();
        for (int i = 1; i < line.length; i++) {
            strips.add(Flat.strip(line[i - 1], line[i], halfM));
        }
        return strips;
    }

    /** Whether a crown of this radius reaches where it holds. */
    boolean isReached(double x, double y, double radiusM) {
        if (line != null) {
            return Flat.toLine(line, x, y) < radiusM;
        }
        return areas.stream().anyMatch(area -> Flat.toArea(area, x, y) < radiusM);
    }

    /** Whether a plant of this height is too tall: a view is taken by what reaches it, the rest by what passes it. */
    boolean isPassed(double heightM) {
        return kind == LimitKind.VIEW_LINE ? heightM >= maxHeightM : heightM > maxHeightM;
    }
}
