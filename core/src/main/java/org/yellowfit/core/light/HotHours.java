package org.yellowfit.core.light;

import org.yellowfit.core.measure.Refused;

/**
 * Direct hours in the hot part of the day, 1 to 5 h after solar noon (rule B3), when only the day's hours are known.
 * Morning sun is taken to end at solar noon, afternoon sun to begin there, and even sun to lie round it; an unbroken
 * spell
 * in each case. A sun study of the drawn place replaces this estimate.
 *
 * <p>Check values: 4 h in the afternoon give 3; 8 h even give 3; any morning sun up to 8 h gives 0.
 */
public final class HotHours {

    public static final double FROM_AFTER_NOON_H = 1;
    public static final double TO_AFTER_NOON_H = 5;
    /**
     * Masonry facing south to west within 1.5 m reflects and stores heat: its hot hours count half as much again (B3).
     */
    public static final double REFLECTED_FACTOR = 1.5;
    /** Longest spell of sun one side of noon can hold in the growing season at temperate latitudes. */
    private static final double LONGEST_HALF_DAY_H = 8;

    private HotHours() {}

    /** @param sunHours direct hours a day, 0 to 24 */
    public static double estimate(double sunHours, SunBias bias) {
        if (!(sunHours >= 0 && sunHours <= 24)) {
            throw new Refused("Hours of sun must lie between 0 and 24.");
        }
        double afterNoon = switch (bias) {
            case MORNING -> Math.max(0, sunHours - LONGEST_HALF_DAY_H);
            case AFTERNOON -> Math.min(sunHours, LONGEST_HALF_DAY_H);
            case EVEN -> sunHours / 2;
        };
        return Math.max(0, Math.min(afterNoon, TO_AFTER_NOON_H) - FROM_AFTER_NOON_H);
    }
}
