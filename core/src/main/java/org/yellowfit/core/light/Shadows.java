package org.yellowfit.core.light;

import java.util.Arrays;
import java.util.List;

/**
 * What each obstacle leaves of one moment's sun on every cell of the ground, by casting shadows rather than by looking
 * up from
 * each cell: the cost is that of the shadows' rows. Holds working memory; one thread at a time.
 */
final class Shadows {

    private final CellGrid ground;
    private final List<Obstacle> obstacles;
    private final double atHeightM;
    private final Raster raster;
    private final float[] passing;
    private final boolean[] struck;

    Shadows(CellGrid ground, List<Obstacle> obstacles, double atHeightM) {
        this.ground = ground;
        this.obstacles = obstacles;
        this.atHeightM = atHeightM;
        this.raster = new Raster(ground);
        this.passing = new float[ground.size()];
        this.struck = new boolean[ground.size()];
    }

    /** Share of the direct light that reaches each cell, 0–1; good until the next call. */
    float[] cast(Ray ray, int month) {
        Arrays.fill(passing, 1);
        for (Obstacle obstacle : obstacles) {
            shade(obstacle, ray, (float) obstacle.passes(month));
        }
        return passing;
    }

    private void shade(Obstacle obstacle, Ray ray, float passes) {
        if (passes >= 1) {
            return;
        }
        if (obstacle instanceof Obstacle.Block block) {
            block(block, ray);
        } else if (obstacle instanceof Obstacle.Wall wall) {
            wall(wall, ray, passes);
        } else if (obstacle instanceof Obstacle.Tree tree) {
            tree(tree, ray, passes);
        } else if (obstacle instanceof Obstacle.Roof roof) {
            roof(roof, ray, passes);
        }
    }

    private void block(Obstacle.Block block, Ray ray) {
        if (block.heightM() <= atHeightM) {
            return;
        }
        raster.fill(block.outline(), 0, 0, this::blackout);
        double length = (block.heightM() - atHeightM) / ray.rise();
        double[][] outline = block.outline();
        for (int i = 0, j = outline.length - 1; i < outline.length; j = i++) {
            raster.sweep(
                    outline[j][0],
                    outline[j][1],
                    outline[i][0],
                    outline[i][1],
                    -ray.east() * length,
                    -ray.north() * length,
                    this::blackout);
        }
    }

    private void wall(Obstacle.Wall wall, Ray ray, float passes) {
        if (wall.heightM() <= atHeightM) {
            return;
        }
        double length = (wall.heightM() - atHeightM) / ray.rise();
        double[][] line = wall.line();
        if (passes == 0) {
            for (int i = 1; i < line.length; i++) {
                raster.sweep(
                        line[i - 1][0],
                        line[i - 1][1],
                        line[i][0],
                        line[i][1],
                        -ray.east() * length,
                        -ray.north() * length,
                        this::blackout);
            }
            return;
        }
        // Where two legs of one hedge both stand before the sun, it is still one hedge: its light is taken once.
        Arrays.fill(struck, false);
        for (int i = 1; i < line.length; i++) {
            raster.sweep(
                    line[i - 1][0],
                    line[i - 1][1],
                    line[i][0],
                    line[i][1],
                    -ray.east() * length,
                    -ray.north() * length,
                    cell -> dimOnce(cell, passes));
        }
    }

    private void roof(Obstacle.Roof roof, Ray ray, float passes) {
        if (roof.undersideM() > atHeightM) {
            double away = (roof.undersideM() - atHeightM) / ray.rise();
            raster.fill(roof.outline(), -ray.east() * away, -ray.north() * away, cell -> passing[cell] *= passes);
        }
    }

    /**
     * The crown's shadow on level ground is an ellipse. In the crown's own measure (radius 1) a ray from P along d
     * meets it when
     * |P|²|d|² − (P·d)² ≤ |d|²; for one row of cells that is a quadratic in the easting.
     */
    private void tree(Obstacle.Tree tree, Ray ray, float passes) {
        double r = tree.crownRadiusM();
        double dx = ray.east() / r;
        double dy = ray.north() / r;
        double dz = ray.rise() / tree.crownHalfHeightM();
        double z = (atHeightM - tree.crownCentreM()) / tree.crownHalfHeightM();
        if (z >= 1) {
            return;
        }
        double d2 = dx * dx + dy * dy + dz * dz;
        // The middle of the shadow, and how far north and south of it the shadow reaches.
        double away = -z / dz;
        double middle = tree.yM() - away * ray.north();
        double reach = r * Math.sqrt(1 + ray.north() * ray.north() / (dz * dz * r * r)) + ground.cellM();
        for (int row = raster.firstRow(middle - reach); row <= raster.lastRow(middle + reach); row++) {
            double y = (ground.southM() + (row + 0.5) * ground.cellM() - tree.yM()) / r;
            double across = y * dy + z * dz;
            double a = d2 - dx * dx;
            double b = -2 * dx * across;
            double c = d2 * (y * y + z * z) - across * across - d2;
            double root = b * b - 4 * a * c;
            if (root < 0) {
                continue;
            }
            double half = Math.sqrt(root) / (2 * a);
            double centre = -b / (2 * a);
            raster.run(row, tree.xM() + r * (centre - half), tree.xM() + r * (centre + half), cell -> {
                if (z <= -1 || liesAhead((ground.x(cell) - tree.xM()) / r, y, z, dx, dy, dz, d2)) {
                    passing[cell] *= passes;
                }
            });
        }
    }

    /** A crown that reaches below the height looked at may lie behind the cell, away from the sun. */
    private static boolean liesAhead(double x, double y, double z, double dx, double dy, double dz, double d2) {
        double along = x * dx + y * dy + z * dz;
        double root = along * along - d2 * (x * x + y * y + z * z - 1);
        return -along + Math.sqrt(Math.max(0, root)) > 0;
    }

    private void blackout(int cell) {
        passing[cell] = 0;
    }

    private void dimOnce(int cell, float passes) {
        if (!struck[cell]) {
            struck[cell] = true;
            passing[cell] *= passes;
        }
    }
}
