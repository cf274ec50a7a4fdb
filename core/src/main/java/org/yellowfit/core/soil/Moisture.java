package org.yellowfit.core.soil;

/** Steps of the moisture scale of rule C3, from 1 to 5. */
public enum Moisture {
    DRY,
    RATHER_DRY,
    MOIST,
    DAMP,
    WET;

    public static final double LEAST = 1;
    public static final double MOST = 5;

    /** The step nearest to a moisture; what lies beyond the scale counts as its end. */
    public static Moisture of(double moisture) {
        return values()[(int) Math.round(held(moisture)) - 1];
    }

    static double held(double moisture) {
        return Math.max(LEAST, Math.min(MOST, moisture));
    }
}
