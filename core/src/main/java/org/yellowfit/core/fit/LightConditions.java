package org.yellowfit.core.fit;

import static org.yellowfit.core.measure.Checks.betweenOrUnknown;

/**
 * The sun a place gets (rules B1 to B4). Null is unknown.
 *
 * @param sunHours      direct sun a day in the growing season, 0–24 h
 * @param hotHours      of these, from 1 to 5 h after solar noon, h, before any reflection is counted
 * @param reflectedHeat beside masonry that faces south to west within 1.5 m
 * @param hotSummer     mean maximum of the hottest month 32 °C or more
 */
public record LightConditions(Double sunHours, Double hotHours, Boolean reflectedHeat, Boolean hotSummer) {

    public static final LightConditions UNKNOWN = new LightConditions(null, null, null, null);

    public LightConditions {
        betweenOrUnknown("The hours of sun", sunHours, 0, 24, "h");
        betweenOrUnknown("The hot hours", hotHours, 0, 24, "h");
    }

    public boolean isReflected() {
        return Boolean.TRUE.equals(reflectedHeat);
    }

    public boolean isHotSummer() {
        return Boolean.TRUE.equals(hotSummer);
    }

    public LightConditions withSunHours(double hours) {
        return new LightConditions(hours, hotHours, reflectedHeat, hotSummer);
    }

    public LightConditions withHotHours(double hours) {
        return new LightConditions(sunHours, hours, reflectedHeat, hotSummer);
    }

    public LightConditions withoutReflection() {
        return new LightConditions(sunHours, hotHours, false, hotSummer);
    }
}
