package org.yellowfit.app.drawing.plant;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.yellowfit.app.drawing.pen.Pen;

/** Paint in slices from the back to the front; in a slice, by rank; what is alike lies in one path. */
final class Canvas {

    /** In a slice: stems behind leaves, the dark leaves behind the light ones, flowers over them. */
    static final int STEM = 0;

    static final int LEAF = 10;
    static final int FLOWER = 30;

    private static final double SET_EDGE = 0.35;

    /** @param set whether it holds parts that were defined */
    private record Key(int slab, int rank, String fill, double width, String edge, boolean set) {}

    private final Map<Key, Pen> pens = new HashMap<>();
    private final Map<Key, StringBuilder> set = new HashMap<>();
    private final Map<String, String> defined = new LinkedHashMap<>();
    private final List<Key> order = new ArrayList<>();
    private final int slabs;
    private final double halfDepth;

    Canvas(int slabs, double halfDepth) {
        this.slabs = slabs;
        this.halfDepth = Math.max(0.1, halfDepth);
    }

    /** @param depth towards the viewer, −halfDepth to halfDepth */
    Pen fill(double depth, int rank, String colour) {
        return pen(new Key(slab(depth), rank, colour, 0, "", false));
    }

    Pen edged(double depth, int rank, String colour, String edge, double width) {
        return pen(new Key(slab(depth), rank, colour, width, edge, false));
    }

    Pen stroke(double depth, int rank, String colour, double width) {
        return pen(new Key(slab(depth), rank, colour, Math.max(0.2, Math.rint(width * 4) / 4), "", false));
    }

    /**
     * A part that is drawn once and set many times.
     *
     * @return the name to set it by: its content's, so that no other part of a page has it
     */
    String define(String svg) {
        String id = "h" + Integer.toUnsignedString(svg.hashCode(), 36) + Integer.toString(svg.length(), 36);
        defined.put(id, svg);
        return id;
    }

    /**
     * Sets a part that was defined.
     *
     * @param colour where the part has none of its own; empty otherwise, and so the colour of its edge
     * @param matrix by which it is set: the first four numbers as they are written, then where to
     */
    void set(double depth, int rank, String colour, String edge, String id, String matrix, double x, double y) {
        Key key = new Key(slab(depth), rank, colour, 0, edge, true);
        set.computeIfAbsent(key, k -> {
                    order.add(k);
                    return new StringBuilder();
                })
                .append("<use href=\"#")
                .append(id)
                .append("\" transform=\"matrix(")
                .append(matrix)
                .append(' ')
                .append(Pen.text(x))
                .append(' ')
                .append(Pen.text(y))
                .append(")\"/>");
    }

    private int slab(double depth) {
        return (int) Math.max(0, Math.min(slabs - 1, (depth / halfDepth + 1) / 2 * slabs));
    }

    private Pen pen(Key key) {
        return pens.computeIfAbsent(key, k -> {
            order.add(k);
            return new Pen();
        });
    }

    String svg() {
        order.sort(Comparator.comparingInt(Key::slab).thenComparingInt(Key::rank));
        StringBuilder out = new StringBuilder();
        if (!defined.isEmpty()) {
            out.append("<defs>");
            defined.forEach((id, svg) ->
                    out.append("<g id=\"").append(id).append("\">").append(svg).append("</g>"));
            out.append("</defs>");
        }
        for (Key key : order) {
            Pen pen = pens.get(key);
            if (key.set) {
                out.append("<g")
                        .append(key.fill.isEmpty() ? "" : " fill=\"" + key.fill + "\"")
                        .append(
                                key.edge.isEmpty()
                                        ? ""
                                        : " stroke=\"" + key.edge + "\" stroke-width=\"" + SET_EDGE + "\"")
                        .append('>')
                        .append(set.get(key))
                        .append("</g>");
            } else if (!key.edge.isEmpty()) {
                out.append(pen.edged(key.fill, key.edge, key.width));
            } else {
                out.append(key.width > 0 ? pen.stroked(key.fill, key.width, 1) : pen.filled(key.fill, 1));
            }
        }
        return out.toString();
    }
}
