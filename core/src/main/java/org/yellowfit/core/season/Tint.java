package org.yellowfit.core.season;

import org.yellowfit.core.colour.Colour;

/** Mixes of named colours. */
final class Tint {

    private Tint() {}

    /** A mix in OKLab with {@code share} of {@code to}, 0–1, under the nearer one's name. */
    static Colour between(Colour from, Colour to, double share) {
        if (share <= 0 || from.equals(to)) {
            return from;
        }
        if (share >= 1) {
            return to;
        }
        return new Colour(
                share < 0.5 ? from.name() : to.name(),
                from.lab().mixedWith(to.lab(), share).toRgb());
    }
}
