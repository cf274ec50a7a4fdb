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

    /** By the usual cut-offs. */
    public static LightClass ofHours(double hours) {
        return LightCutoffs.USUAL.of(hours);
    }

    /** Least hours of direct sun a day of this class, by the usual cut-offs. */
    public double fromHours() {
        return fromHours;
    }
}
