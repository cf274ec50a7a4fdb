package org.yellowfit.core.serve;

import java.util.List;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Kind;
import org.yellowfit.core.plant.Merit;
import org.yellowfit.core.plant.MeritGrade;
import org.yellowfit.core.plant.Persistence;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.season.Interest;
import org.yellowfit.core.season.Show;

/**
 * Something to look at in winter (rule L2): evergreen leaf, coloured stems and bark, fruit that stays, winter flowers,
 * standing straw; the strongest of them, by its merit.
 */
final class Winters extends Measure {

    /** Worth of a plain evergreen leaf in winter, and of one with a colour or a grade; our judgement. */
    private static final double PLAIN_LEAF = 0.5;

    private static final double STRAW = 0.45;
    private static final double STRAW_OF_FORM = 0.12;

    private record Best(double worth, String key) {
        Best or(double other, String otherKey) {
            return other > worth ? new Best(other, otherKey) : this;
        }
    }

    private final PlantColumns c;
    private final PlantColumns.Thirds thirds;
    private final UsePlace place;
    private final int months;

    Winters(PlantColumns c, String want, List<Integer> said, UsePlace place, Importance importance) {
        super(want, importance, Fact.of("job.winter"));
        this.c = c;
        thirds = c.thirds(place.zone());
        this.place = place;
        months = said.isEmpty() ? Show.mask(Interest.WINTER) : place.northern(said);
    }

    @Override
    double enough() {
        return 0.4;
    }

    @Override
    double met(int i) {
        double best = Math.max(Math.max(leaf(i), stem(i)), flower(i));
        int fruits = c.fruitMonths[i];
        best = fruits == 0 ? best : Math.max(best, graded(i, Merit.FRUIT, fruits));
        return c.standsWinter[i] ? Math.max(best, straw(i)) : best;
    }

    private Best best(int i) {
        Best best = new Best(0, "winter.none")
                .or(leaf(i), "winter.leaf")
                .or(stem(i), "winter.stem")
                .or(graded(i, Merit.FRUIT, c.fruitMonths[i]), "winter.fruit")
                .or(flower(i), "winter.flower");
        return c.standsWinter[i] ? best.or(straw(i), "winter.straw") : best;
    }

    private double leaf(int i) {
        boolean keeps = c.persistence[i] == Persistence.EVERGREEN;
        boolean half = c.persistence[i] == Persistence.SEMI_EVERGREEN;
        if (!keeps && !half) {
            return 0;
        }
        boolean tall = c.height10[i] >= 0.3 || c.kind[i] == Kind.CONIFER;
        double grade = Math.max(c.grade(i, Merit.LEAF), c.grade(i, Merit.FORM)) / (double) MeritGrade.MOST;
        double worth = PLAIN_LEAF + (0.9 - PLAIN_LEAF) * grade;
        return worth * (half ? 0.6 : 1) * (tall ? 1 : 0.85);
    }

    private double stem(int i) {
        int grade = c.grade(i, Merit.STEM);
        double bare = c.persistence[i] == Persistence.EVERGREEN ? 0.8 : 1;
        double unsaid = c.stemColoured[i] ? 0.3 : 0;
        return grade > 0 ? bare * grade / MeritGrade.MOST : unsaid;
    }

    private double flower(int i) {
        long open = thirds.of(i);
        return open <= 0 || !c.showyFlowers[i] ? 0 : graded(i, Merit.FLOWER, PlantColumns.monthsOf(open));
    }

    /** A grade, three months of the asked ones counting as all. */
    private double graded(int i, Merit merit, int shows) {
        int seen = Integer.bitCount(shows & months);
        int all = Math.min(3, Integer.bitCount(months));
        double grade = Math.max(1, c.grade(i, merit)) / (double) MeritGrade.MOST;
        return seen == 0 ? 0 : grade * (0.5 + 0.5 * Math.min(1, (double) seen / all));
    }

    private double straw(int i) {
        return STRAW + STRAW_OF_FORM * c.grade(i, Merit.FORM);
    }

    @Override
    Fact why(int i) {
        Cultivar plant = c.plants[i];
        Best best = best(i);
        boolean ofMonths = best.key().equals("winter.fruit") || best.key().equals("winter.flower");
        Because because = new Because();
        switch (best.key()) {
            case "winter.leaf" ->
                because.say(
                        "winter.leaf", plant.persistence(), Math.max(c.grade(i, Merit.LEAF), c.grade(i, Merit.FORM)));
            case "winter.stem" ->
                plant.get(Traits.STEM_WINTER)
                        .ifPresentOrElse(
                                colour -> because.say("winter.stem", colour.name(), c.grade(i, Merit.STEM)),
                                () -> because.say("winter.bark", c.grade(i, Merit.STEM)));
            case "winter.fruit" ->
                because.say("winter.fruit", Integer.bitCount(c.fruitMonths[i] & months), c.grade(i, Merit.FRUIT));
            case "winter.flower" ->
                because.say(
                        "winter.flower",
                        Integer.bitCount(PlantColumns.monthsOf(thirds.of(i)) & months),
                        c.grade(i, Merit.FLOWER));
            default -> because.say(best.key());
        }
        return because.sayIf(ofMonths, "of-winter", Integer.bitCount(months))
                .sayIf(c.isEstimated(i), "estimated")
                .fact();
    }
}
