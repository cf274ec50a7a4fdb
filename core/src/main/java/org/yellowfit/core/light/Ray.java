package org.yellowfit.core.light;

import static org.yellowfit.core.measure.Checks.between;
import static org.yellowfit.core.measure.Checks.finite;

/**
 * The way to the sun as the drawing sees it.
 *
 * @param east  of the unit vector towards the sun on the ground, along the drawing's x
 * @param north along the drawing's y
 * @param rise  metres up for each metre towards the sun: the tangent of the altitude, above 0
 */
record Ray(double east, double north, double rise) {
    Ray {
        between("The ray’s way east", east, -1, 1, "");
        between("The ray’s way north", north, -1, 1, "");
        finite("The ray’s rise", rise);
    }

    /** @param northDegrees clockwise from the drawing's +y to true north */
    static Ray towards(SunPosition sun, double northDegrees) {
        double bearing = Math.toRadians(sun.azimuthDegrees() + northDegrees);
        return new Ray(Math.sin(bearing), Math.cos(bearing), Math.tan(Math.toRadians(sun.altitudeDegrees())));
    }
}
