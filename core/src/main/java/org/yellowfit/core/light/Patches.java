package org.yellowfit.core.light;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;
import org.locationtech.jts.operation.union.UnaryUnionOp;

/**
 * Divides a bed into patches of one light class, part sun and shade told apart by morning and afternoon (rules B1 and
 * B5).
 * Neighbouring cells of one kind make a patch; a patch too small to plant on its own goes to the neighbour it borders
 * most.
 */
public final class Patches {

    /** Smaller than this share of the bed, or this many cells, is no patch of its own. */
    private static final double LEAST_SHARE = 0.06;

    private static final int FEWEST_CELLS = 3;
    /** Patches whose mean hours differ by less are one, our choice. */
    private static final double ALIKE_H = 0.6;

    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    private final LightField field;
    private final LightCutoffs cutoffs;
    private final CellGrid ground;
    private final int[] label;
    private final List<Integer> kinds = new ArrayList<>();

    private Patches(LightField field, LightCutoffs cutoffs) {
        this.cutoffs = cutoffs;
        this.field = field;
        this.ground = field.ground();
        this.label = new int[ground.size()];
    }

    /** @param bed the outline the field was made for */
    public static List<Patch> of(LightField field, double[][] bed, LightCutoffs cutoffs) {
        Patches patches = new Patches(field, cutoffs);
        patches.grow();
        patches.mergeSmall();
        patches.mergeAlike();
        return patches.outlined(bed);
    }

    private int kind(int cell) {
        LightClass light = cutoffs.of(field.hours(cell));
        return light.ordinal() * 3 + (splits(light) ? field.bias(cell).ordinal() : SunBias.EVEN.ordinal());
    }

    private void grow() {
        Arrays.fill(label, -1);
        for (int start = 0; start < label.length; start++) {
            if (ground.isInside(start) && label[start] < 0) {
                int name = kinds.size();
                int kind = kind(start);
                kinds.add(kind);
                ArrayDeque<Integer> open = new ArrayDeque<>(List.of(start));
                label[start] = name;
                while (!open.isEmpty()) {
                    for (int next : neighbours(open.poll())) {
                        if (ground.isInside(next) && label[next] < 0 && kind(next) == kind) {
                            label[next] = name;
                            open.add(next);
                        }
                    }
                }
            }
        }
    }

    private void mergeSmall() {
        int least = Math.max(FEWEST_CELLS, (int) Math.round(ground.count() * LEAST_SHARE));
        for (int round = 0; round < kinds.size(); round++) {
            int[] sizes = sizes();
            int smallest = -1;
            for (int name = 0; name < sizes.length; name++) {
                if (sizes[name] > 0 && sizes[name] < least && (smallest < 0 || sizes[name] < sizes[smallest])) {
                    smallest = name;
                }
            }
            int into = smallest < 0 ? -1 : longestBorder(smallest);
            if (into < 0) {
                return;
            }
            for (int cell = 0; cell < label.length; cell++) {
                label[cell] = label[cell] == smallest ? into : label[cell];
            }
        }
    }

    /** A border that nobody could see: neighbours whose hours hardly differ are one patch. */
    private void mergeAlike() {
        for (int round = 0; round < kinds.size(); round++) {
            int[] pair = mostAlike();
            if (pair == null) {
                return;
            }
            for (int cell = 0; cell < label.length; cell++) {
                label[cell] = label[cell] == pair[1] ? pair[0] : label[cell];
            }
        }
    }

    /** The two neighbouring patches that differ least, when that is less than {@link #ALIKE_H}; null otherwise. */
    private int[] mostAlike() {
        double[] hours = new double[kinds.size()];
        int[] sizes = sizes();
        for (int cell = 0; cell < label.length; cell++) {
            if (label[cell] >= 0) {
                hours[label[cell]] += field.hours(cell) / sizes[label[cell]];
            }
        }
        int[] best = null;
        double least = ALIKE_H;
        for (int cell = 0; cell < label.length; cell++) {
            for (int next : label[cell] < 0 ? new int[0] : neighbours(cell)) {
                boolean sameSide = label[next] >= 0 && label[next] != label[cell] && !oppose(label[next], label[cell]);
                if (sameSide && Math.abs(hours[label[next]] - hours[label[cell]]) < least) {
                    least = Math.abs(hours[label[next]] - hours[label[cell]]);
                    best = sizes[label[cell]] >= sizes[label[next]]
                            ? new int[] {label[cell], label[next]}
                            : new int[] {label[next], label[cell]};
                }
            }
        }
        return best;
    }

    /** Morning against afternoon sun: plants tell these apart, whatever the hours. */
    private boolean oppose(int one, int other) {
        return kinds.get(one) % 3 + kinds.get(other) % 3 == SunBias.MORNING.ordinal() + SunBias.AFTERNOON.ordinal()
                && kinds.get(one) % 3 != kinds.get(other) % 3;
    }

    private static boolean splits(LightClass light) {
        return light == LightClass.PART || light == LightClass.SHADE;
    }

    private int[] sizes() {
        int[] sizes = new int[kinds.size()];
        for (int name : label) {
            if (name >= 0) {
                sizes[name]++;
            }
        }
        return sizes;
    }

    private int longestBorder(int name) {
        Map<Integer, Integer> borders = new HashMap<>();
        for (int cell = 0; cell < label.length; cell++) {
            if (label[cell] == name) {
                for (int next : neighbours(cell)) {
                    if (label[next] >= 0 && label[next] != name) {
                        borders.merge(label[next], 1, Integer::sum);
                    }
                }
            }
        }
        return borders.entrySet().stream()
                .max(Comparator.<Map.Entry<Integer, Integer>>comparingInt(Map.Entry::getValue)
                        .thenComparing(Map.Entry::getKey, Comparator.reverseOrder()))
                .map(Map.Entry::getKey)
                .orElse(-1);
    }

    private int[] neighbours(int cell) {
        int column = cell % ground.columns();
        int row = cell / ground.columns();
        int[] found = new int[4];
        int n = 0;
        if (column > 0) {
            found[n++] = cell - 1;
        }
        if (column < ground.columns() - 1) {
            found[n++] = cell + 1;
        }
        if (row > 0) {
            found[n++] = cell - ground.columns();
        }
        if (row < ground.rows() - 1) {
            found[n++] = cell + ground.columns();
        }
        return Arrays.copyOf(found, n);
    }

    private List<Patch> outlined(double[][] bed) {
        int[] spread = spreadOut();
        Polygon whole = polygon(bed);
        List<Patch> patches = new ArrayList<>();
        for (int name = 0; name < kinds.size(); name++) {
            List<Integer> cells = new ArrayList<>();
            for (int cell = 0; cell < label.length; cell++) {
                if (label[cell] == name) {
                    cells.add(cell);
                }
            }
            if (!cells.isEmpty()) {
                patches.add(
                        patch(cells, OverlayNGRobust.overlay(squares(spread, name), whole, OverlayNG.INTERSECTION)));
            }
        }
        patches.sort(Comparator.comparingDouble(Patch::areaM2).reversed());
        return patches;
    }

    /**
     * Squares at the bed's edge whose centres lie outside go to the nearest patch, so that the patches cover the bed.
     */
    private int[] spreadOut() {
        int[] spread = label.clone();
        ArrayDeque<Integer> open = new ArrayDeque<>();
        for (int cell = 0; cell < spread.length; cell++) {
            if (spread[cell] >= 0) {
                open.add(cell);
            }
        }
        while (!open.isEmpty()) {
            int cell = open.poll();
            for (int next : neighbours(cell)) {
                if (spread[next] < 0) {
                    spread[next] = spread[cell];
                    open.add(next);
                }
            }
        }
        return spread;
    }

    private Patch patch(List<Integer> cells, Geometry shape) {
        double morning = mean(cells, field::morning);
        double afternoon = mean(cells, field::afternoon);
        Polygon largest = null;
        for (int i = 0; i < shape.getNumGeometries(); i++) {
            if (shape.getGeometryN(i) instanceof Polygon part
                    && (largest == null || part.getArea() > largest.getArea())) {
                largest = part;
            }
        }
        return new Patch(
                cutoffs.of(morning + afternoon),
                SunBias.of(morning, afternoon),
                List.copyOf(cells),
                morning + afternoon,
                morning,
                afternoon,
                mean(cells, field::hot),
                shape.getArea(),
                largest == null ? new double[0][] : corners(largest));
    }

    private static double mean(List<Integer> cells, java.util.function.IntToDoubleFunction column) {
        return cells.stream().mapToDouble(column::applyAsDouble).average().orElse(0);
    }

    /** Runs of squares in a row as one rectangle each, joined. */
    private Geometry squares(int[] spread, int name) {
        List<Geometry> runs = new ArrayList<>();
        double side = ground.cellM();
        for (int row = 0; row < ground.rows(); row++) {
            for (int column = 0; column < ground.columns(); column++) {
                int first = column;
                while (column < ground.columns() && spread[row * ground.columns() + column] == name) {
                    column++;
                }
                if (column > first) {
                    runs.add(GEOMETRY.toGeometry(new Envelope(
                            ground.westM() + first * side,
                            ground.westM() + column * side,
                            ground.southM() + row * side,
                            ground.southM() + (row + 1) * side)));
                }
            }
        }
        return UnaryUnionOp.union(runs);
    }

    private static Polygon polygon(double[][] corners) {
        Coordinate[] ring = new Coordinate[corners.length + 1];
        for (int i = 0; i < ring.length; i++) {
            double[] corner = corners[i % corners.length];
            ring[i] = new Coordinate(corner[0], corner[1]);
        }
        return GEOMETRY.createPolygon(ring);
    }

    private static double[][] corners(Polygon polygon) {
        Coordinate[] ring = org.locationtech.jts.simplify.DouglasPeuckerSimplifier.simplify(
                        polygon.getExteriorRing(), 1e-9)
                .getCoordinates();
        double[][] corners = new double[ring.length - 1][];
        for (int i = 0; i < corners.length; i++) {
            corners[i] = new double[] {ring[i].x, ring[i].y};
        }
        return corners;
    }
}
