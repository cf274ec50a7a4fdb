package org.yellowfit.core.soil;

import org.yellowfit.core.measure.Refused;

/** How fast a filled hole empties after pre-wetting (rule C2), from wet to dry. */
public enum Drainage {
    POOR,
    SLOW,
    GOOD,
    FAST;

    /** @param cmPerHour fall of the water, cm per hour: under 2.5 poor, to 5 slow, to 15 good, above fast */
    public static Drainage ofFall(double cmPerHour) {
        if (!(cmPerHour >= 0)) {
            throw new Refused("The fall of the water must be 0 or more, in cm per hour.");
        }
        if (cmPerHour < 2.5) {
            return POOR;
        }
        if (cmPerHour < 5) {
            return SLOW;
        }
        return cmPerHour <= 15 ? GOOD : FAST;
    }
}
