package org.yellowfit.core.light;

import org.yellowfit.core.measure.Refused;

/**
 * A grid of square cells over one or more beds, in rows from the south. A cell belongs to a bed when its centre does.
 */
public final class CellGrid {

    /** Most cells a study takes on, those outside the bed counted. */
    public static final int MOST_CELLS = 60_000;

    private static final int FEWEST_CELLS = 4;
    private static final int MOST_HALVINGS = 4;

    private final double westM;
    private final double southM;
    private final double cellM;
    private final int columns;
    private final int rows;
    private final boolean[] inside;
    private int count;

    private CellGrid(double[][] bed, double cellM) {
        double east = Double.NEGATIVE_INFINITY;
        double north = Double.NEGATIVE_INFINITY;
        double west = Double.POSITIVE_INFINITY;
        double south = Double.POSITIVE_INFINITY;
        for (double[] corner : bed) {
            west = Math.min(west, corner[0]);
            east = Math.max(east, corner[0]);
            south = Math.min(south, corner[1]);
            north = Math.max(north, corner[1]);
        }
        double across = Math.max(1, Math.ceil((east - west) / cellM - 1e-9));
        double along = Math.max(1, Math.ceil((north - south) / cellM - 1e-9));
        if (!(across * along <= MOST_CELLS)) {
            throw new Refused(
                    "The bed has more than %d cells of %s m; take larger cells, or study a part of it.",
                    MOST_CELLS, cellM);
        }
        this.westM = west;
        this.southM = south;
        this.cellM = cellM;
        this.columns = (int) across;
        this.rows = (int) along;
        this.inside = new boolean[columns * rows];
        new Raster(this).fill(bed, 0, 0, cell -> {
            inside[cell] ^= true;
        });
        for (boolean in : inside) {
            count += in ? 1 : 0;
        }
    }

    /** @param cellM side of a cell, m; halved while the bed is too narrow to hold a few */
    public static CellGrid of(double[][] bed, double cellM) {
        CellGrid ground = new CellGrid(bed, cellM);
        for (int i = 0; i < MOST_HALVINGS && ground.count < FEWEST_CELLS; i++) {
            ground = new CellGrid(bed, ground.cellM / 2);
        }
        return ground;
    }

    public double cellM() {
        return cellM;
    }

    public int columns() {
        return columns;
    }

    public int rows() {
        return rows;
    }

    /** Cells of the whole grid, those outside the bed too. */
    public int size() {
        return inside.length;
    }

    /** Cells in the bed. */
    public int count() {
        return count;
    }

    public boolean isInside(int cell) {
        return inside[cell];
    }

    /** East of the drawing's corner, m, of a cell's centre. */
    public double x(int cell) {
        return westM + (cell % columns + 0.5) * cellM;
    }

    /** North of the drawing's corner, m, of a cell's centre. */
    public double y(int cell) {
        return southM + (cell / columns + 0.5) * cellM;
    }

    double westM() {
        return westM;
    }

    double southM() {
        return southM;
    }

    /** The cell that holds a point; −1 where the point lies off the grid. */
    public int cellAt(double xM, double yM) {
        int column = (int) Math.floor((xM - westM) / cellM);
        int row = (int) Math.floor((yM - southM) / cellM);
        return column < 0 || row < 0 || column >= columns || row >= rows ? -1 : row * columns + column;
    }
}
