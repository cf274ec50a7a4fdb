package org.yellowfit.app.drawing.plant;

import java.util.HashMap;
import java.util.Map;
import org.yellowfit.app.drawing.pen.Pen;

/**
 * Leaves drawn once and set many times, turned in a few directions and to a few sizes, so that a page that is
 * packed on its
 * way holds each but once. A plain outline is written where it is; one of many parts is defined once and set by
 * its name.
 */
final class Stamps {

    private static final int DIRECTIONS = 32;
    private static final double TURN = 2 * Math.PI / DIRECTIONS;
    private static final int SPLASHES = 5;
    private static final double SIZES_AN_OCTAVE = 4;
    /** Path data longer than this are defined rather than written again. */
    private static final int LONG = 90;
    /** Lengths at which a leaf is defined, for all that are no longer than the first of each pair. */
    private static final double[][] DEFINED = {{2.39, 2.2}, {5.49, 5}, {16.99, 14}, {Double.MAX_VALUE, 32}};

    private static final String MOVE = "M0 0";
    /** Of a leaf's length from its stalk, what its midrib takes. */
    private static final double RIB = 0.86;

    private final LeafForm form;
    private final double realLength;
    private final Map<Integer, String> drawn = new HashMap<>();
    private final Map<Integer, String> defined = new HashMap<>();

    /** @param realLength of one leaf, in units */
    Stamps(LeafForm form, double realLength) {
        this.form = form;
        this.realLength = realLength;
    }

    /** A leaf or a spray of them. */
    void set(Canvas canvas, double depth, int rank, String colour, double x, double y, double angle, double length) {
        int size = size(length);
        double drawnLength = length(size);
        int leaflets = leaflets(drawnLength);
        int like = like(drawnLength);
        String outline = defined.computeIfAbsent(leaflets * 4 + like, key -> data(0, DEFINED[like][1], leaflets));
        if (outline.length() > LONG) {
            String id = canvas.define("<path d=\"" + outline + "\"/>");
            canvas.set(depth, rank, colour, "", id, matrix(angle, drawnLength / DEFINED[like][1], 1), x, y);
        } else {
            int turn = turn(angle);
            String data = drawn.computeIfAbsent(
                    (size + 64) * DIRECTIONS + turn,
                    key -> data(turn * TURN, drawnLength, leaflets).substring(MOVE.length()));
            canvas.fill(depth, rank, colour).move(x, y).stamp(data);
        }
    }

    /**
     * One leaf, edged.
     *
     * @param ribbed whether its midrib shows
     * @param width  how broad it looks, 1 when seen flat
     */
    void edged(
            Canvas canvas,
            double depth,
            int rank,
            String colour,
            String edge,
            boolean ribbed,
            Vec at,
            double angle,
            double length,
            double width) {
        double whole = DEFINED[3][1];
        String rib = ribbed ? "<path fill=\"none\" d=\"M0 0l" + Pen.text(whole * RIB) + " 0\"/>" : "";
        String id = canvas.define("<path d=\"" + simple(whole) + "\"/>" + rib);
        canvas.set(depth, rank, colour, edge, id, matrix(angle, length(size(length)) / whole, width), at.x(), at.y());
    }

    private static int size(double length) {
        return (int) Math.round(Math.log(Math.max(0.5, length)) / Math.log(2) * SIZES_AN_OCTAVE);
    }

    private static double length(int size) {
        return Math.pow(2, size / SIZES_AN_OCTAVE);
    }

    private static int turn(double angle) {
        return Math.floorMod((int) Math.round(angle / TURN), DIRECTIONS);
    }

    private static int like(double length) {
        int like = 0;
        while (length > DEFINED[like][0]) {
            like++;
        }
        return like;
    }

    private static String matrix(double angle, double scale, double width) {
        double cos = scale * Math.cos(turn(angle) * TURN);
        double sin = scale * Math.sin(turn(angle) * TURN);
        double wide = Math.rint(width * 10) / 10;
        return Pen.text(cos, 100) + " " + Pen.text(sin, 100) + " " + Pen.text(-sin * wide, 100) + " "
                + Pen.text(cos * wide, 100);
    }

    /** What lies on a leaf of its own in another colour: one leaf within it, or splashes. */
    void within(
            Canvas canvas, double depth, int rank, String colour, double share, Vec at, double angle, double length) {
        double whole = DEFINED[3][1];
        Pen pen = new Pen();
        if (share == 0) {
            for (int i = 0; i < SPLASHES; i++) {
                double side = i % 2 == 0 ? 1 : -1;
                pen.move(whole * (0.2 + 0.13 * i), whole * 0.12 * side * (1 - 0.14 * i));
                LeafPen.simple(pen, LeafForm.OVAL, side * 0.5, whole * 0.2, 1);
            }
        } else {
            pen.move(whole * (1 - share) * 0.4, 0);
            LeafPen.simple(pen, form, 0, whole * share, share);
        }
        String id = canvas.define("<path d=\"" + pen.data() + "\"/>");
        canvas.set(depth, rank, colour, "", id, matrix(angle, length(size(length)) / whole, 1), at.x(), at.y());
    }

    private String data(double angle, double length, int leaflets) {
        Pen pen = new Pen();
        pen.move(0, 0);
        LeafPen.draw(pen, form, angle, length, 1, leaflets);
        return pen.data();
    }

    private String simple(double length) {
        Pen pen = new Pen().move(0, 0);
        LeafPen.simple(pen, form, 0, length, 1);
        return pen.data();
    }

    /** A spray shows more leaves the more of them there would be. */
    private int leaflets(double length) {
        double share = length / realLength;
        if (share < 1.5 || length < 6) {
            return 1;
        }
        if (share < 3 || length < 9) {
            return 3;
        }
        return share < 6 || length < 13 ? 5 : 7;
    }
}
