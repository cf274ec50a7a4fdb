package org.yellowfit.core.bed;

import java.util.Arrays;
import java.util.List;
import org.yellowfit.core.light.CellGrid;

/** How much of a bed lies under crowns: the union of them, on a fine grid. For one thread. */
final class Cover {

    private static final double CELLS = 12_000;
    private static final double FINEST_M = 0.01;

    private final CellGrid cells;
    private final boolean[] under;

    Cover(BedGround ground) {
        double[] box = Flat.box(ground.outline());
        double wanted = Math.max(FINEST_M, Math.sqrt(ground.areaM2() / CELLS));
        double least = Math.sqrt((box[2] - box[0]) * (box[3] - box[1]) / (CellGrid.MOST_CELLS * 0.9));
        cells = CellGrid.of(ground.outline(), Math.max(wanted, least));
        under = new boolean[cells.size()];
    }

    /** 0–1 of the bed, with each plant of its size. */
    double share(List<PlantedAt> plants, Grower.Size[] sizes) {
        Arrays.fill(under, false);
        for (int i = 0; i < sizes.length; i++) {
            if (sizes[i].spreadM() > 0) {
                mark(plants.get(i).x(), plants.get(i).y(), sizes[i].spreadM() / 2);
            }
        }
        return share();
    }

    private void mark(double x, double y, double radiusM) {
        double cell = cells.cellM();
        double west = cells.x(0) - cell / 2;
        double south = cells.y(0) - cell / 2;
        int low = Math.max(0, (int) Math.ceil((y - radiusM - south) / cell - 0.5));
        int high = Math.min(cells.rows() - 1, (int) Math.floor((y + radiusM - south) / cell - 0.5));
        for (int row = low; row <= high; row++) {
            double dy = south + (row + 0.5) * cell - y;
            double half = Math.sqrt(Math.max(0, radiusM * radiusM - dy * dy));
            int left = Math.max(0, (int) Math.ceil((x - half - west) / cell - 0.5));
            int right = Math.min(cells.columns() - 1, (int) Math.floor((x + half - west) / cell - 0.5));
            for (int column = left; column <= right; column++) {
                under[row * cells.columns() + column] = true;
            }
        }
    }

    private double share() {
        int covered = 0;
        for (int i = 0; i < under.length; i++) {
            covered += under[i] && cells.isInside(i) ? 1 : 0;
        }
        return cells.count() == 0 ? 0 : (double) covered / cells.count();
    }
}
