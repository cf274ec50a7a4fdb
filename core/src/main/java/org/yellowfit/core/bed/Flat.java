package org.yellowfit.core.bed;

/** Plane geometry of points, lines and outlines: metres east and north. An outline's first corner is not repeated. */
final class Flat {

    private Flat() {}

    static boolean isInside(double[][] outline, double x, double y) {
        boolean inside = false;
        for (int i = 0, j = outline.length - 1; i < outline.length; j = i++) {
            double[] a = outline[i];
            double[] b = outline[j];
            if (a[1] > y != b[1] > y && x < (b[0] - a[0]) * (y - a[1]) / (b[1] - a[1]) + a[0]) {
                inside = !inside;
            }
        }
        return inside;
    }

    /** To the nearest point of a line, m. */
    static double toLine(double[][] line, double x, double y) {
        double least = Double.POSITIVE_INFINITY;
        for (int i = 1; i < line.length; i++) {
            least = Math.min(least, toLeg(line[i - 1], line[i], x, y));
        }
        return least;
    }

    /** To the nearest point of an outline's edge, from within or from without, m. */
    static double toEdge(double[][] outline, double x, double y) {
        return Math.min(toLine(outline, x, y), toLeg(outline[outline.length - 1], outline[0], x, y));
    }

    /** 0 inside; otherwise to the edge, m. */
    static double toArea(double[][] outline, double x, double y) {
        return isInside(outline, x, y) ? 0 : toEdge(outline, x, y);
    }

    static double areaOf(double[][] outline) {
        double twice = 0;
        for (int i = 0, j = outline.length - 1; i < outline.length; j = i++) {
            twice += outline[j][0] * outline[i][1] - outline[i][0] * outline[j][1];
        }
        return Math.abs(twice) / 2;
    }

    /** West, south, east and north end. */
    static double[] box(double[][] outline) {
        double[] box = {
            Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY, Double.NEGATIVE_INFINITY, Double.NEGATIVE_INFINITY
        };
        for (double[] corner : outline) {
            box[0] = Math.min(box[0], corner[0]);
            box[1] = Math.min(box[1], corner[1]);
            box[2] = Math.max(box[2], corner[0]);
            box[3] = Math.max(box[3], corner[1]);
        }
        return box;
    }

    /** The ground within a distance to either side of one leg of a line, its ends cut straight. */
    static double[][] strip(double[] from, double[] to, double halfM) {
        double length = Math.max(1e-9, Math.hypot(to[0] - from[0], to[1] - from[1]));
        double across = -(to[1] - from[1]) / length * halfM;
        double along = (to[0] - from[0]) / length * halfM;
        return new double[][] {
            {from[0] + across, from[1] + along},
            {to[0] + across, to[1] + along},
            {to[0] - across, to[1] - along},
            {from[0] - across, from[1] - along}
        };
    }

    private static double toLeg(double[] a, double[] b, double x, double y) {
        double dx = b[0] - a[0];
        double dy = b[1] - a[1];
        double length = dx * dx + dy * dy;
        double at = length == 0 ? 0 : Math.max(0, Math.min(1, ((x - a[0]) * dx + (y - a[1]) * dy) / length));
        return Math.hypot(x - a[0] - at * dx, y - a[1] - at * dy);
    }
}
