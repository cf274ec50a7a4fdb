package org.yellowfit.core.soil;

/**
 * Words for the moisture scale of rule C3, from 1 to 5: for its five steps and for what lies half way between two of them, so
 * that a plant that takes up to 3.5 is not told in the word of ground at 4.
 */
public enum Moisture {
    DRY,
    MOSTLY_DRY,
    RATHER_DRY,
    BARELY_MOIST,
    MOIST,
    SLIGHTLY_DAMP,
    DAMP,
    VERY_DAMP,
    WET;

    public static final double LEAST = 1;
    public static final double MOST = 5;

    private static final double WORDS_A_STEP = 2;

    /** The word nearest to a moisture; what lies beyond the scale counts as its end. */
    public static Moisture of(double moisture) {
        return values()[(int) Math.round((held(moisture) - LEAST) * WORDS_A_STEP)];
    }

    static double held(double moisture) {
        return Math.max(LEAST, Math.min(MOST, moisture));
    }
}
