package org.yellowfit.core.bed;

import java.util.List;

/** From which side a bed is looked at where nobody has said: from its path, with its walls behind. */
public final class BedFront {

    /** People stand so far before it, m. */
    private static final double BEFORE_M = 1;
    /** A side so much shorter than the longest is an end, from which nobody looks. */
    private static final double AN_END = 0.6;

    private static final double FAR_M = 20;

    private BedFront() {}

    /** @return two points of the line people stand on */
    public static double[][] of(double[][] outline, List<double[][]> walls, List<BedPath> paths) {
        double[][] box = smallestBox(outline);
        double longest = 0;
        for (int k = 0; k < 4; k++) {
            longest = Math.max(longest, length(box, k));
        }
        int best = 0;
        double bestOf = Double.NEGATIVE_INFINITY;
        for (int k = 0; k < 4; k++) {
            double[] middle = middle(box[k], box[(k + 1) % 4]);
            if (length(box, k) < AN_END * longest) {
                continue;
            }
            double wall = FAR_M;
            for (double[][] line : walls) {
                wall = Math.min(wall, Flat.toLine(line, middle[0], middle[1]));
            }
            double path = FAR_M;
            for (BedPath each : paths) {
                path = Math.min(path, Math.max(0, each.toEdge(middle[0], middle[1])));
            }
            // Where nothing decides, from the south, where the light comes from and drawings have their lower edge.
            double of = wall - path - 0.01 * middle[1];
            if (of > bestOf) {
                best = k;
                bestOf = of;
            }
        }
        double[] a = box[best];
        double[] b = box[(best + 1) % 4];
        double[] centre = middle(box[0], box[2]);
        double[] side = middle(a, b);
        double away = Math.max(1e-9, Math.hypot(side[0] - centre[0], side[1] - centre[1]));
        double dx = (side[0] - centre[0]) / away * BEFORE_M;
        double dy = (side[1] - centre[1]) / away * BEFORE_M;
        return new double[][] {{a[0] + dx, a[1] + dy}, {b[0] + dx, b[1] + dy}};
    }

    private static double length(double[][] box, int k) {
        double[] a = box[k];
        double[] b = box[(k + 1) % 4];
        return Math.hypot(b[0] - a[0], b[1] - a[1]);
    }

    private static double[] middle(double[] a, double[] b) {
        return new double[] {(a[0] + b[0]) / 2, (a[1] + b[1]) / 2};
    }

    /** The smallest rectangle around an outline that lies along one of its sides: four corners in order. */
    private static double[][] smallestBox(double[][] outline) {
        double[][] smallest = null;
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0, j = outline.length - 1; i < outline.length; j = i++) {
            double length = Math.hypot(outline[i][0] - outline[j][0], outline[i][1] - outline[j][1]);
            if (length < 1e-6) {
                continue;
            }
            double ux = (outline[i][0] - outline[j][0]) / length;
            double uy = (outline[i][1] - outline[j][1]) / length;
            double[] range = {1e9, -1e9, 1e9, -1e9};
            for (double[] corner : outline) {
                double along = corner[0] * ux + corner[1] * uy;
                double across = -corner[0] * uy + corner[1] * ux;
                range[0] = Math.min(range[0], along);
                range[1] = Math.max(range[1], along);
                range[2] = Math.min(range[2], across);
                range[3] = Math.max(range[3], across);
            }
            double area = (range[1] - range[0]) * (range[3] - range[2]);
            if (area < least - 1e-9) {
                least = area;
                smallest = new double[][] {
                    back(range[0], range[2], ux, uy),
                    back(range[1], range[2], ux, uy),
                    back(range[1], range[3], ux, uy),
                    back(range[0], range[3], ux, uy)
                };
            }
        }
        return smallest;
    }

    private static double[] back(double along, double across, double ux, double uy) {
        return new double[] {along * ux - across * uy, along * uy + across * ux};
    }
}
