package org.yellowfit.core.bed;

import java.util.Random;

/** The spots of a bed that are tried: on a fine grid, each a little off it, so that nothing stands in ranks. */
final class Spots {

    private static final int ABOUT = 12_000;
    private static final double FINEST_M = 0.02;
    private static final double OFF = 0.42;

    final double[] x;
    final double[] y;
    final double[] along;
    final double[] across;
    final double[] share;
    /** To the edge of the bed, m. */
    final double[] toEdge;

    private final int[] first;
    private final int columns;
    private final int rows;
    private final double west;
    private final double south;
    private final double step;

    Spots(BedGround ground, long seed) {
        double[] box = Flat.box(ground.outline());
        west = box[0];
        south = box[1];
        step = Math.max(FINEST_M, Math.sqrt(ground.areaM2() / ABOUT));
        columns = (int) Math.ceil((box[2] - west) / step) + 1;
        rows = (int) Math.ceil((box[3] - south) / step) + 1;
        first = new int[columns * rows];
        double[] xs = new double[columns * rows];
        double[] ys = new double[columns * rows];
        Random chance = new Random(seed * 31 + 7);
        int n = 0;
        for (int cell = 0; cell < first.length; cell++) {
            double px = west + (cell % columns + (chance.nextDouble() - 0.5) * 2 * OFF) * step;
            double py = south + (cell / columns + (chance.nextDouble() - 0.5) * 2 * OFF) * step;
            first[cell] = -1;
            if (ground.holds(px, py)) {
                xs[n] = px;
                ys[n] = py;
                first[cell] = n++;
            }
        }
        x = java.util.Arrays.copyOf(xs, n);
        y = java.util.Arrays.copyOf(ys, n);
        along = new double[n];
        across = new double[n];
        share = new double[n];
        toEdge = new double[n];
    }

    int size() {
        return x.length;
    }

    /** How each spot lies for those who look at the bed. */
    void seen(Frontage frontage, BedGround ground) {
        for (int i = 0; i < x.length; i++) {
            along[i] = frontage.along(x[i], y[i]);
            across[i] = frontage.across(x[i], y[i]);
            share[i] = frontage.share(x[i], y[i]);
            toEdge[i] = ground.toEdge(x[i], y[i]);
        }
    }

    /** Sets what lies nearer than a distance to a point. */
    void mark(boolean[] marks, double atX, double atY, double radiusM, boolean as) {
        int left = Math.max(0, (int) Math.floor((atX - radiusM - west) / step - OFF));
        int right = Math.min(columns - 1, (int) Math.ceil((atX + radiusM - west) / step + OFF));
        int low = Math.max(0, (int) Math.floor((atY - radiusM - south) / step - OFF));
        int high = Math.min(rows - 1, (int) Math.ceil((atY + radiusM - south) / step + OFF));
        for (int row = low; row <= high; row++) {
            for (int column = left; column <= right; column++) {
                int i = first[row * columns + column];
                if (i >= 0 && Math.hypot(x[i] - atX, y[i] - atY) < radiusM) {
                    marks[i] = as;
                }
            }
        }
    }
}
