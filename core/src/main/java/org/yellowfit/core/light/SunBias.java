package org.yellowfit.core.light;

/** Whether most of the direct sun comes before or after solar noon (rule B1). */
public enum SunBias {
    MORNING,
    AFTERNOON,
    EVEN;

    /** Share of the day's sun on one side of noon from which the day is called by that side: our choice. */
    private static final double PLAIN_SHARE = 0.62;

    /** @param morningH sun before noon, h; {@code afternoonH} after it */
    public static SunBias of(double morningH, double afternoonH) {
        double all = morningH + afternoonH;
        if (all <= 0) {
            return EVEN;
        }
        return morningH >= PLAIN_SHARE * all ? MORNING : afternoonH >= PLAIN_SHARE * all ? AFTERNOON : EVEN;
    }
}
