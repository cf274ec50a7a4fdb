package org.yellowfit.core.light;

/**
 * Light by hours of direct sun in the growing season (rule B1): sun from 6, part 4–6, shade 2–4, deep shade under 2.
 */
public enum LightClass {
    FULL_SUN(6),
    PART(4),
    SHADE(2),
    DEEP_SHADE(0);

    private final double fromHours;

    LightClass(double fromHours) {
        this.fromHours = fromHours;
    }

    public static LightClass ofHours(double hours) {
        for (LightClass each : values()) {
            if (hours >= each.fromHours) {
                return each;
            }
        }
        throw new IllegalArgumentException("Hours of sun cannot be negative.");
    }

    /** Least hours of direct sun a day of this class. */
    public double fromHours() {
        return fromHours;
    }
}
