package org.yellowfit.core.fit;

import org.yellowfit.core.measure.Words;

/**
 * The smallest change of site or practice that would bring a plant in.
 *
 * @param minutesPerYear what it costs in work, an estimate for one plant
 */
public record Remedy(Action action, String text, int minutesPerYear) {

    /** What to do; the minutes a year for one plant are our estimates, told in docs/rules.md. */
    public enum Action {
        SHELTER(15), ANNUAL(20), AMEND(10), PLANT_HIGH(0), POT(90), WATER(60), DRAIN(5), PRUNE_SIZE(25), PLACE_APART(0), PARTNER(10),
        SHADE(5), MOVE(0);

        private final int minutesPerYear;

        Action(int minutesPerYear) {
            this.minutesPerYear = minutesPerYear;
        }

        public String word() {
            return Words.of(this);
        }
    }

    static Remedy of(Action action, String key, Object... args) {
        return new Remedy(action, Phrases.say("remedy." + key, args), action.minutesPerYear);
    }
}
