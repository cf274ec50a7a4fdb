package org.yellowfit.core.fit;

import java.util.List;
import java.util.Set;
import java.util.function.UnaryOperator;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.plant.Cultivar;

/**
 * The smallest change of site or upkeep that would bring a plant in: taken up, its criterion fits.
 *
 * @param text           what to do, one or more sentences
 * @param minutesPerYear what it costs in work, an estimate for one plant
 * @param mayWorsen      criteria that it may make worse; they are judged anew once it is taken up
 * @param effect         the place once it is taken up
 */
public record Remedy(
        Action action,
        List<Fact> text,
        int minutesPerYear,
        Set<CriterionName> mayWorsen,
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

        public int minutesPerYear() {
            return minutesPerYear;
        }

        public String word() {
            return Words.of(this);
        }
    }

    /**
     * The actions’ minutes are those of a plant of 1 m; small and large ones take less and more, within these shares.
     */
    private static final double LEAST_SHARE = 0.3;

    private static final double MOST_SHARE = 3;
    private static final int STEP_MINUTES = 5;

    public Remedy {
        text = List.copyOf(text);
        mayWorsen = Set.copyOf(mayWorsen);
    }

    /** @param key of its sentence, without {@code remedy.} */
    static Remedy of(Action action, UnaryOperator<SiteConditions> effect, String key, Object... values) {
        return of(action, effect, List.of(Fact.of("remedy." + key, values)));
    }

    static Remedy of(Action action, UnaryOperator<SiteConditions> effect, List<Fact> text) {
        return new Remedy(action, text, action.minutesPerYear, Set.of(), effect);
    }

    /** A remedy that changes what is done there, not the place. */
    static Remedy practised(Action action, Upkeep.Task task, String key, Object... values) {
        return of(action, site -> site.withUpkeep(upkeep -> upkeep.with(task)), key, values);
    }

    static Remedy inPot(String key, UnaryOperator<SiteConditions> effect) {
        return of(Action.POT, effect, key).worsening(CriterionName.HARDINESS, CriterionName.WANTS);
    }

    Remedy worsening(CriterionName... criteria) {
        return new Remedy(action, text, minutesPerYear, Set.of(criteria), effect);
    }

    /** The work it is for a plant of this size: an estimate, in steps of five minutes. */
    Remedy forPlant(Cultivar plant) {
        double size = Math.sqrt(plant.height10().mid() * plant.spread10().mid());
        double share = Math.max(LEAST_SHARE, Math.min(MOST_SHARE, size));
        int minutes = (int) Math.round(minutesPerYear * share / STEP_MINUTES) * STEP_MINUTES;
        int atLeast = minutesPerYear == 0 ? 0 : Math.max(STEP_MINUTES, minutes);
        return new Remedy(action, text, atLeast, mayWorsen, effect);
    }

    /** The question once this remedy is taken up. */
    public Question taken(Question question) {
        return question.at(effect.apply(question.site()));
    }
}
