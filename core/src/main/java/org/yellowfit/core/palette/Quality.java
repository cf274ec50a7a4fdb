package org.yellowfit.core.palette;

import java.util.Locale;

/** Of what a planting's worth is made, and how much each counts (rule G8; the weights are our judgement). */
public enum Quality {
    SERVE(3),
    LAYERS(2),
    SEASON(3),
    COLOUR(2),
    CONTRAST(1.5),
    EVERGREEN(2),
    RHYTHM(1);

    private final double weight;

    Quality(double weight) {
        this.weight = weight;
    }

    public double weight() {
        return weight;
    }

    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }
}
