package org.yellowfit.core.light;

/** Light by hours of direct sun in the growing season (rule B1): sun from 6, part 4–6, shade 2–4, deep shade under 2. */
public enum LightClass {
    FULL_SUN("full sun", 6),
    PART("part sun", 4),
    SHADE("shade", 2),
    DEEP_SHADE("deep shade", 0);

    private final String words;
    private final double fromHours;

    LightClass(String words, double fromHours) {
        this.words = words;
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

    public String words() {
        return words;
    }
}
