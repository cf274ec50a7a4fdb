package org.yellowfit.core.light;

import static org.yellowfit.core.measure.Checks.finite;

import java.util.List;

/**
 * Masonry that throws heat back (rule B3): a wall that faces south to west, within 1.5 m. South of the equator the hot
 * side is
 * north to west.
 *
 * @param ax one end, m; the wall's warm side is to the right when walking from a to b
 */
public record WarmWall(double ax, double ay, double bx, double by) {
    public WarmWall {
        finite("The wall’s first end, east", ax);
        finite("The wall’s first end, north", ay);
        finite("The wall’s other end, east", bx);
        finite("The wall’s other end, north", by);
    }

    public static final double REACH_M = 1.5;
    /** A compass point, degrees: walls that face a little off still count. */
    private static final double LENIENCE = 11.25;

    /** Whether the side towards the right of a–b faces the hot quarter. */
    public boolean facesHotSide(double northDegrees, boolean south) {
        double bearing = Math.toDegrees(Math.atan2(by - ay, -(bx - ax))) - northDegrees;
        double azimuth = bearing - 360 * Math.floor(bearing / 360);
        double from = south ? 270 : 180;
        double past = azimuth - (from - LENIENCE);
        past -= 360 * Math.floor(past / 360);
        return past <= 90 + 2 * LENIENCE;
    }

    /** Whether a spot lies on the warm side within reach. */
    public boolean reaches(double xM, double yM) {
        double length = Math.hypot(bx - ax, by - ay);
        double across = ((bx - ax) * (yM - ay) - (by - ay) * (xM - ax)) / length;
        double along = ((xM - ax) * (bx - ax) + (yM - ay) * (by - ay)) / length;
        double beyond = Math.max(0, Math.max(-along, along - length));
        return across <= 0 && Math.hypot(across, beyond) <= REACH_M;
    }

    /** Share of the given cells that one of the walls warms, 0–1. */
    public static double share(CellGrid ground, List<Integer> cells, List<WarmWall> walls) {
        long warmed = cells.stream()
                .filter(cell -> walls.stream().anyMatch(wall -> wall.reaches(ground.x(cell), ground.y(cell))))
                .count();
        return cells.isEmpty() ? 0 : (double) warmed / cells.size();
    }
}
