package org.yellowfit.core.fit;

import java.util.Optional;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.plant.Browsing;

/** Deer or rabbits (rule F3). Nothing is proof against them. */
final class BrowserRule implements Rule {

    private static final Browsing[] TASTES = Browsing.values();

    private final CriterionName name;
    private final Function<Surroundings, Pressure> pressure;
    private final Function<Catalogue, byte[]> tastes;
    private final UnaryOperator<Surroundings> fencedOff;

    private BrowserRule(
            CriterionName name,
            Function<Surroundings, Pressure> pressure,
            Function<Catalogue, byte[]> tastes,
            UnaryOperator<Surroundings> fencedOff) {
        this.name = name;
        this.pressure = pressure;
        this.tastes = tastes;
        this.fencedOff = fencedOff;
    }

    static BrowserRule deer() {
        return new BrowserRule(
                CriterionName.DEER, Surroundings::deer, plants -> plants.deer, Surroundings::withoutDeer);
    }

    static BrowserRule rabbits() {
        return new BrowserRule(
                CriterionName.RABBITS, Surroundings::rabbits, plants -> plants.rabbit, Surroundings::withoutRabbits);
    }

    @Override
    public CriterionName name() {
        return name;
    }

    @Override
    public Optional<Judge> judge(Catalogue plants, Question q) {
        return Optional.ofNullable(pressure.apply(q.site().surroundings()))
                .map(here -> new BrowserJudge(tastes.apply(plants), here));
    }

    /** What comes of so many animals and such a taste. */
    static Outcome outcome(Pressure here, Browsing taste) {
        if (here == Pressure.NONE) {
            return Outcome.LEFT_ALONE;
        }
        boolean heavy = here == Pressure.HEAVY;
        return switch (taste) {
            case RESISTANT -> heavy ? Outcome.SELDOM_EATEN : Outcome.LEFT_ALONE;
            case SOMETIMES -> heavy ? Outcome.EATEN : Outcome.SELDOM_EATEN;
            case FAVOURITE -> heavy ? Outcome.EATEN_UP : Outcome.EATEN;
        };
    }

    private final class BrowserJudge implements Judge {

        private final byte[] tastes;
        private final Pressure here;
        private final Outcome[] byTaste = new Outcome[TASTES.length];

        BrowserJudge(byte[] tastes, Pressure here) {
            this.tastes = tastes;
            this.here = here;
            for (Browsing taste : TASTES) {
                byTaste[taste.ordinal()] = outcome(here, taste);
            }
        }

        @Override
        public void judge(int i, Ruling into) {
            int taste = tastes[i];
            if (here == Pressure.NONE) {
                into.set(Outcome.LEFT_ALONE);
            } else {
                into.set(taste < 0 ? Outcome.UNKNOWN : byTaste[taste]);
            }
        }

        @Override
        public Fact site() {
            return Fact.of("value", here);
        }

        @Override
        public Finding explain(int i, Ruling ruling) {
            Fact animals = Fact.of(name.word());
            Fact takes = tastes[i] < 0 ? Fact.of("unknown.plant") : Fact.of("value", TASTES[tastes[i]]);
            if (here == Pressure.NONE) {
                return Finding.of(ruling, takes, Fact.of("browse.none", animals), Strip.reaching(Strip.Reach.OVER));
            }
            String key = "browse." + Words.of(TASTES[tastes[i]]);
            Fact why = Fact.of(key, animals, Fact.of("pressure." + Words.of(here)));
            Finding said = Finding.of(ruling, takes, why, strip(ruling));
            return ruling.verdict() == Verdict.FITS ? said : said.with(fenced(animals));
        }

        private static Strip strip(Ruling ruling) {
            return Strip.reaching(
                    switch (ruling.outcome()) {
                        case LEFT_ALONE -> Strip.Reach.WELL_OVER;
                        case SELDOM_EATEN -> Strip.Reach.JUST_OVER;
                        case EATEN -> Strip.Reach.JUST_SHORT;
                        default -> Strip.Reach.SHORTER;
                    });
        }

        private Remedy fenced(Fact animals) {
            return Remedy.of(
                    Remedy.Action.PLACE_APART, site -> site.withSurroundings(fencedOff), "apart.browse", animals);
        }
    }
}
