package org.yellowfit.core.bed;

import java.util.Arrays;

/**
 * How deep in the bed a point lies for those who look at it (rule G1): across from their line, or inwards from the edge
 * of a bed seen from all round.
 */
final class Frontage {

    private static final int COLUMNS = 160;

    private final BedGround ground;
    private final boolean around;
    private final double originX;
    private final double originY;
    /** Unit vector along the line; the way into the bed is to its left or right, as {@code side} says. */
    private final double alongX;

    private final double alongY;
    private final double side;
    private final double from;
    private final double step;
    private final double[] nearest = new double[COLUMNS];
    private final double[] farthest = new double[COLUMNS];
    private final double deepest;

    /** @param pot looked at from all round, whoever stands where */
    Frontage(BedGround ground, boolean pot, double[] px, double[] py) {
        this.ground = ground;
        around = pot || ground.seenFrom() == null;
        double[][] line = around ? longestLeg(ground.outline()) : ground.seenFrom();
        double length = Math.max(1e-9, Math.hypot(line[1][0] - line[0][0], line[1][1] - line[0][1]));
        alongX = (line[1][0] - line[0][0]) / length;
        alongY = (line[1][1] - line[0][1]) / length;
        double[] box = Flat.box(ground.outline());
        double middleX = (box[0] + box[2]) / 2;
        double middleY = (box[1] + box[3]) / 2;
        originX = around ? middleX : (line[0][0] + line[1][0]) / 2;
        originY = around ? middleY : (line[0][1] + line[1][1]) / 2;
        side = -(middleX - originX) * alongY + (middleY - originY) * alongX < 0 ? -1 : 1;
        double low = Double.POSITIVE_INFINITY;
        double high = Double.NEGATIVE_INFINITY;
        double deep = 0;
        for (int i = 0; i < px.length; i++) {
            double along = along(px[i], py[i]);
            low = Math.min(low, along);
            high = Math.max(high, along);
            deep = Math.max(deep, around ? ground.toEdge(px[i], py[i]) : 0);
        }
        from = low;
        step = Math.max(1e-6, (high - low) / COLUMNS);
        deepest = Math.max(1e-6, deep);
        fillColumns(px, py);
    }

    private void fillColumns(double[] px, double[] py) {
        Arrays.fill(nearest, Double.POSITIVE_INFINITY);
        Arrays.fill(farthest, Double.NEGATIVE_INFINITY);
        for (int i = 0; i < px.length; i++) {
            int column = column(px[i], py[i]);
            double away = across(px[i], py[i]);
            for (int c = Math.max(0, column - 1); c <= Math.min(COLUMNS - 1, column + 1); c++) {
                nearest[c] = Math.min(nearest[c], away);
                farthest[c] = Math.max(farthest[c], away);
            }
        }
    }

    private static double[][] longestLeg(double[][] outline) {
        double[][] longest = {outline[outline.length - 1], outline[0]};
        for (int i = 1; i < outline.length; i++) {
            if (lengthOf(outline[i - 1], outline[i]) > lengthOf(longest[0], longest[1])) {
                longest = new double[][] {outline[i - 1], outline[i]};
            }
        }
        return longest;
    }

    private static double lengthOf(double[] a, double[] b) {
        return Math.hypot(b[0] - a[0], b[1] - a[1]);
    }

    boolean isAround() {
        return around;
    }

    /** Along the line people stand on, from the axis of the bed, m. */
    double along(double x, double y) {
        return (x - originX) * alongX + (y - originY) * alongY;
    }

    /** Away from that line, into the bed, m. */
    double across(double x, double y) {
        return side * (-(x - originX) * alongY + (y - originY) * alongX);
    }

    double[] at(double along, double across) {
        return new double[] {
            originX + along * alongX - side * across * alongY, originY + along * alongY + side * across * alongX
        };
    }

    /** The same place on the other side of the bed's axis. */
    double[] mirrored(double x, double y) {
        return at(-along(x, y), across(x, y));
    }

    /** 0 at the front, 1 at the back of the bed where the point lies. */
    double share(double x, double y) {
        if (around) {
            return Math.min(1, ground.toEdge(x, y) / deepest);
        }
        int column = column(x, y);
        double deep = farthest[column] - nearest[column];
        return deep > 1e-6 ? Math.max(0, Math.min(1, (across(x, y) - nearest[column]) / deep)) : 0.5;
    }

    double length() {
        return step * COLUMNS;
    }

    private int column(double x, double y) {
        return Math.max(0, Math.min(COLUMNS - 1, (int) ((along(x, y) - from) / step)));
    }
}
