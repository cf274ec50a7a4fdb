package org.yellowfit.core.fit;

import org.yellowfit.core.measure.Refused;

/**
 * The range a plant takes in one trait, measured from the site's own value, which stands at 0: what the yellow line is
 * drawn from.
 * One step is what people feel as a step of that trait (a zone, an hour of sun, half a pH, a tenth of the room).
 *
 * @param low  steps to the lower end, may be infinite
 * @param high steps to the upper end, may be infinite
 */
public record Strip(double low, double high) {

    public Strip {
        if (!(low <= high)) {
            throw new Refused("A strip's lower end must not lie above its upper end.");
        }
    }

    static Strip around(double low, double high, double site, double step) {
        return new Strip((low - site) / step, (high - site) / step);
    }

    /** For traits without a scale: crossed by the line, or ending short of it by so many steps. */
    static Strip reaching(Reach reach) {
        return new Strip(Double.NEGATIVE_INFINITY, reach.steps);
    }

    public boolean isCrossed() {
        return low <= 0 && high >= 0;
    }

    /** Where the strip of a trait without a scale ends, in steps beyond the yellow line. Our choice, for the eye. */
    enum Reach {
        WELL_OVER(1.5),
        OVER(1),
        JUST_OVER(0.5),
        BARELY_OVER(0.4),
        JUST_SHORT(-0.5),
        SHORT(-1),
        SHORTER(-1.5),
        FAR_SHORT(-2),
        OUT(-3);

        final double steps;

        Reach(double steps) {
            this.steps = steps;
        }
    }
}
