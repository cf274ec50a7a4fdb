package org.yellowfit.core.soil;

/** Moisture on the scale of rule C3: 1 dry, 2 rather dry, 3 moist, 4 damp, 5 wet. */
public final class Moisture {

    public static final double DRY = 1;
    public static final double WET = 5;

    private static final String[] WORDS = {"dry", "rather dry", "moist", "damp", "wet"};

    private Moisture() {}

    public static String words(double moisture) {
        int step = (int) Math.round(Math.max(DRY, Math.min(WET, moisture)));
        return WORDS[step - 1];
    }
}
