package org.yellowfit.core.light;

import java.util.Arrays;
import java.util.function.IntConsumer;

/** Finds the cells of a grid whose centres lie in an outline, row by row. Not for use by several threads. */
final class Raster {

    private final CellGrid ground;
    private double[] crossings = new double[16];

    Raster(CellGrid ground) {
        this.ground = ground;
    }

    /** Every cell in a simple outline moved by (dx, dy), each once. */
    void fill(double[][] outline, double dx, double dy, IntConsumer mark) {
        double south = Double.POSITIVE_INFINITY;
        double north = Double.NEGATIVE_INFINITY;
        for (double[] corner : outline) {
            south = Math.min(south, corner[1] + dy);
            north = Math.max(north, corner[1] + dy);
        }
        int last = lastRow(north);
        for (int row = firstRow(south); row <= last; row++) {
            double y = ground.southM() + (row + 0.5) * ground.cellM();
            int found = 0;
            for (int i = 0, j = outline.length - 1; i < outline.length; j = i++) {
                double y1 = outline[j][1] + dy;
                double y2 = outline[i][1] + dy;
                if (y1 <= y != y2 <= y) {
                    found = put(found, outline[j][0] + dx + (y - y1) / (y2 - y1) * (outline[i][0] - outline[j][0]));
                }
            }
            Arrays.sort(crossings, 0, found);
            for (int k = 0; k + 1 < found; k += 2) {
                run(row, crossings[k], crossings[k + 1], mark);
            }
        }
    }

    /** Every cell in the shadow of an upright edge from a to b: the parallelogram it sweeps when moved by (dx, dy). */
    void sweep(double ax, double ay, double bx, double by, double dx, double dy, IntConsumer mark) {
        double south = Math.min(Math.min(ay, by), Math.min(ay, by) + dy);
        double north = Math.max(Math.max(ay, by), Math.max(ay, by) + dy);
        int last = lastRow(north);
        for (int row = firstRow(south); row <= last; row++) {
            double y = ground.southM() + (row + 0.5) * ground.cellM();
            double west = Double.POSITIVE_INFINITY;
            double east = Double.NEGATIVE_INFINITY;
            for (int side = 0; side < 4; side++) {
                double x1 = side == 0 || side == 3 ? ax : bx;
                double y1 = side == 0 || side == 3 ? ay : by;
                double x2 = side == 0 || side == 1 ? bx : ax;
                double y2 = side == 0 || side == 1 ? by : ay;
                // The four sides: a–b, b–b', b'–a', a'–a.
                if (side == 1) {
                    x2 = bx + dx;
                    y2 = by + dy;
                } else if (side == 2) {
                    x1 = bx + dx;
                    y1 = by + dy;
                    x2 = ax + dx;
                    y2 = ay + dy;
                } else if (side == 3) {
                    x2 = ax + dx;
                    y2 = ay + dy;
                }
                if (y1 <= y != y2 <= y) {
                    double x = x1 + (y - y1) / (y2 - y1) * (x2 - x1);
                    west = Math.min(west, x);
                    east = Math.max(east, x);
                }
            }
            if (west <= east) {
                run(row, west, east, mark);
            }
        }
    }

    /** Cells of a row whose centres lie between two eastings. */
    void run(int row, double west, double east, IntConsumer mark) {
        int first = Math.max(0, (int) Math.ceil((west - ground.westM()) / ground.cellM() - 0.5));
        int last = Math.min(ground.columns() - 1, (int) Math.ceil((east - ground.westM()) / ground.cellM() - 0.5) - 1);
        for (int column = first; column <= last; column++) {
            mark.accept(row * ground.columns() + column);
        }
    }

    int firstRow(double southM) {
        return Math.max(0, (int) Math.ceil((southM - ground.southM()) / ground.cellM() - 0.5));
    }

    int lastRow(double northM) {
        return Math.min(ground.rows() - 1, (int) Math.floor((northM - ground.southM()) / ground.cellM() - 0.5));
    }

    private int put(int found, double x) {
        if (found == crossings.length) {
            crossings = Arrays.copyOf(crossings, found * 2);
        }
        crossings[found] = x;
        return found + 1;
    }
}
