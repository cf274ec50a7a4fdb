package org.yellowfit.core.fit;

import java.util.Set;
import java.util.function.UnaryOperator;
import org.yellowfit.core.measure.Words;

/**
 * The smallest change of site or practice that would bring a plant in: taken up, its criterion fits.
 *
 * @param minutesPerYear what it costs in work, an estimate for one plant
 * @param butSee         criteria that it may make worse; they are judged anew once it is taken up
 * @param effect         the place once it is taken up
 */
public record Remedy(
        Action action,
        String text,
        int minutesPerYear,
        Set<CriterionName> butSee,
        UnaryOperator<SiteConditions> effect) {

    /** What to do; the minutes a year for one plant are our estimates, told in docs/rules.md. */
    public enum Action {
        SHELTER(15),
        ANNUAL(20),
        AMEND(10),
        PLANT_HIGH(0),
        POT(90),
        WATER(60),
        DRAIN(5),
        PRUNE_SIZE(25),
        PLACE_APART(0),
        PARTNER(10),
        SHADE(5),
        MOVE(0),
        CONTAIN(20);

        private final int minutesPerYear;

        Action(int minutesPerYear) {
            this.minutesPerYear = minutesPerYear;
        }

        public String word() {
            return Words.of(this);
        }
    }

    static Remedy of(Action action, UnaryOperator<SiteConditions> effect, String key, Object... args) {
        return new Remedy(action, Phrases.say("remedy." + key, args), action.minutesPerYear, Set.of(), effect);
    }

    /** A remedy that changes what is done there, not the place. */
    static Remedy practised(Action action, UnaryOperator<Practice> effect, String key, Object... args) {
        return of(
                action,
                site -> site.edit().practice(effect.apply(site.practice())).build(),
                key,
                args);
    }

    Remedy butSee(CriterionName... criteria) {
        return new Remedy(action, text, minutesPerYear, Set.of(criteria), effect);
    }

    /** The question once this remedy is taken up. */
    public Question taken(Question question) {
        return new Question(effect.apply(question.site()), question.wants(), question.policy(), question.units());
    }
}
