package org.yellowfit.core.light;

import static org.yellowfit.core.measure.Checks.between;

/**
 * The sun in the middle of a short span of a day.
 *
 * @param fromNoonH before (negative) or after solar noon, h
 * @param hours     length of the span, h
 * @param hotHours  how much of it lies 1 to 5 h after solar noon, h (B3)
 */
public record SunMoment(double fromNoonH, double hours, double hotHours, SunPosition sun) {
    public SunMoment {
        between("The time from noon", fromNoonH, -24, 24, "h");
        between("The span", hours, 0, 24, "h");
        between("The hot span", hotHours, 0, 24, "h");
    }

    public boolean isMorning() {
        return fromNoonH < 0;
    }
}
