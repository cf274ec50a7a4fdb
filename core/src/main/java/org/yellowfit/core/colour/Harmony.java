package org.yellowfit.core.colour;

import java.util.Optional;

/** Why two colours go together (rule G3), by their places in OKLab. */
public enum Harmony {
    NEAR_HUES,
    OPPOSITES,
    DARK_WITH_LIGHT;

    public static Optional<Harmony> between(Colour one, Colour other) {
        OkLab a = one.lab();
        OkLab b = other.lab();
        if (a.distanceTo(b) < ColourNumber.SAME_COLOUR.value()) {
            return Optional.empty();
        }
        if (Math.abs(a.lightness() - b.lightness()) >= ColourNumber.DARK_WITH_LIGHT.value()) {
            return Optional.of(DARK_WITH_LIGHT);
        }
        if (a.chroma() < ColourNumber.HUE_FROM_CHROMA.value() || b.chroma() < ColourNumber.HUE_FROM_CHROMA.value()) {
            return Optional.empty();
        }
        double apart = Math.abs(a.hueDegrees() - b.hueDegrees());
        double degrees = Math.min(apart, 360 - apart);
        return degrees <= ColourNumber.NEAR_HUES.value()
                ? Optional.of(NEAR_HUES)
                : degrees >= ColourNumber.OPPOSITE_HUES.value() ? Optional.of(OPPOSITES) : Optional.empty();
    }
}
