package org.yellowfit.core.colour;

import java.util.Optional;

/** Why two colours go together (rule G3), by their places in OKLab. */
public enum Harmony {
    NEAR_HUES,
    OPPOSITES,
    DARK_WITH_LIGHT;

    /** Colours with less chroma have no hue worth speaking of. */
    private static final double LEAST_CHROMA = 0.045;

    private static final double NEAR_DEGREES = 40;
    /** Purple and gold stand 146° apart in OKLab. */
    private static final double OPPOSITE_DEGREES = 140;

    private static final double LIGHTNESS_APART = 0.38;
    /** The same colour again is no company. */
    private static final double SAME = 0.06;

    public static Optional<Harmony> between(Colour one, Colour other) {
        OkLab a = one.lab();
        OkLab b = other.lab();
        if (a.distanceTo(b) < SAME) {
            return Optional.empty();
        }
        if (Math.abs(a.lightness() - b.lightness()) >= LIGHTNESS_APART) {
            return Optional.of(DARK_WITH_LIGHT);
        }
        if (a.chroma() < LEAST_CHROMA || b.chroma() < LEAST_CHROMA) {
            return Optional.empty();
        }
        double apart = Math.abs(a.hueDegrees() - b.hueDegrees());
        double degrees = Math.min(apart, 360 - apart);
        return degrees <= NEAR_DEGREES
                ? Optional.of(NEAR_HUES)
                : degrees >= OPPOSITE_DEGREES ? Optional.of(OPPOSITES) : Optional.empty();
    }
}
