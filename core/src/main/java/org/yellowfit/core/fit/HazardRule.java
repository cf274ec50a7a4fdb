package org.yellowfit.core.fit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.plant.Hazard;

/**
 * Thorns, poison, sap and pollen against the people and animals of the place (rule F1), and plants that run wild there
 * (rule F2).
 */
final class HazardRule implements Rule {

    private static final int SAP = Catalogue.bit(Hazard.SAP);
    private static final int TO_CHILDREN = mask(Hazard::isToChildren);
    private static final int TO_PETS = mask(Hazard::isToPets);
    private static final int ANY = mask(hazard -> hazard != Hazard.NONE);

    @Override
    public CriterionName name() {
        return CriterionName.HAZARDS;
    }

    @Override
    public Optional<Judge> judge(Catalogue plants, Question q) {
        return Optional.of(new HazardJudge(plants, q));
    }

    private static int mask(Predicate<Hazard> those) {
        int mask = 0;
        for (Hazard hazard : Hazard.values()) {
            mask |= those.test(hazard) ? Catalogue.bit(hazard) : 0;
        }
        return mask;
    }

    private static final class HazardJudge implements Judge {

        private final Catalogue plants;
        private final Surroundings around;
        private final boolean asked;
        private final int concerns;
        private final SpreadingJudge spreading;
        private final Ruling spread = new Ruling();

        HazardJudge(Catalogue plants, Question q) {
            this.plants = plants;
            around = q.site().surroundings();
            asked = around.children() != null || around.pets() != null || around.strictlyNoHazards() != null;
            concerns = concerns(around);
            spreading = new SpreadingJudge(plants, q);
        }

        /** The hazards that count here: strictly none means every one of them. */
        private static int concerns(Surroundings around) {
            if (around.isStrict()) {
                return ANY;
            }
            return (around.hasChildren() ? TO_CHILDREN : 0) | (around.hasPets() ? TO_PETS : 0);
        }

        @Override
        public void judge(int i, Ruling into) {
            into.set(hazard(i));
            if (plants.watched[i] != null || plants.spreadsAt[i] >= 0) {
                spreading.judge(i, spread);
                if (isGraver(spread, into)) {
                    into.set(spread.outcome());
                }
            }
        }

        private Outcome hazard(int i) {
            int has = plants.hazards[i];
            if (!asked) {
                return Outcome.SITE_UNKNOWN;
            }
            if (has == 0) {
                return unknownHazards();
            }
            int met = has & concerns;
            if (met == 0) {
                return Outcome.HARMLESS_HERE;
            }
            if (around.isStrict()) {
                return Outcome.HAZARD_RULED_OUT;
            }
            return met == SAP ? Outcome.SAP_IN_REACH : Outcome.HAZARD_IN_REACH;
        }

        /** Where strictly nothing that hurts may stand, it is to be found out before the plant is sold. */
        private Outcome unknownHazards() {
            if (around.isStrict()) {
                return Outcome.FIND_OUT_FIRST;
            }
            return concerns == 0 ? Outcome.HARMLESS_HERE : Outcome.UNKNOWN;
        }

        /** A spreader that passes says nothing of a plant whose hazards are still to be found out. */
        private static boolean isGraver(Ruling spread, Ruling hazard) {
            if (spread.is(Outcome.NOT_ABOUT_IT)) {
                return false;
            }
            if (hazard.isUnknown()) {
                return spread.verdict() != Verdict.FITS;
            }
            return hazard.is(Outcome.SITE_UNKNOWN) || spread.score() < hazard.score();
        }

        @Override
        public Fact site() {
            if (!asked) {
                return Fact.of("hazards.unasked");
            }
            List<Fact> who = new ArrayList<>();
            if (around.hasChildren()) {
                who.add(Fact.of("hazards.children"));
            }
            if (around.hasPets()) {
                who.add(Fact.of("hazards.pets"));
            }
            if (around.isStrict()) {
                who.add(Fact.of("hazards.strict"));
            }
            if (Boolean.FALSE.equals(around.children())) {
                who.add(Fact.of("hazards.no-children"));
            }
            if (Boolean.FALSE.equals(around.pets())) {
                who.add(Fact.of("hazards.no-pets"));
            }
            return Fact.of("value", who);
        }

        @Override
        public Finding explain(int i, Ruling ruling) {
            Outcome hazard = hazard(i);
            Finding said = ruling.is(hazard) ? hazards(i, ruling) : spreading.explain(i, ruling);
            return ruling.verdict() == Verdict.FITS_IF ? said.with(remedy(i, hazard)) : said;
        }

        private Finding hazards(int i, Ruling ruling) {
            List<Fact> all = named("hazard.", plants.hazards[i]);
            List<Fact> met = met(plants.hazards[i] & concerns);
            Fact has = all.isEmpty() ? Fact.of("hazards.none") : Fact.of("value", all);
            return met.isEmpty()
                    ? Finding.of(ruling, has, Fact.of("hazards.fits", has, site()), Strip.reaching(Strip.Reach.OVER))
                    : Finding.of(
                            ruling,
                            has,
                            Fact.of(
                                    around.isStrict() ? "hazards.met.strict" : "hazards.met",
                                    Fact.of("all-of", met),
                                    whoComes()),
                            Strip.reaching(Strip.Reach.SHORT));
        }

        /** One that meets both where both are asked. */
        private Remedy remedy(int i, Outcome hazard) {
            spreading.judge(i, spread);
            boolean apart = hazard.verdict() == Verdict.FITS_IF;
            if (spread.verdict() != Verdict.FITS_IF) {
                return Remedy.of(
                        Remedy.Action.PLACE_APART,
                        site -> site.withSurroundings(Surroundings::outOfReach),
                        around.hasChildren() ? "apart.hazard" : "apart.pets");
            }
            return apart
                    ? Remedy.of(Remedy.Action.CONTAIN, HazardJudge::apartAndContained, "contain.apart")
                    : Remedy.practised(Remedy.Action.CONTAIN, Upkeep.Task.CONTAINED, "contain");
        }

        private static SiteConditions apartAndContained(SiteConditions site) {
            return site.withSurroundings(Surroundings::outOfReach)
                    .withUpkeep(upkeep -> upkeep.with(Upkeep.Task.CONTAINED));
        }

        private Fact whoComes() {
            if (around.hasChildren() && around.hasPets()) {
                return Fact.of("hazards.children-and-pets");
            }
            return Fact.of(around.hasPets() ? "hazards.pets" : "hazards.children");
        }

        /** What a plant does; poison to people and to pets told in one. */
        private static List<Fact> met(int mask) {
            int poison = Catalogue.bit(Hazard.TOXIC_PEOPLE) | Catalogue.bit(Hazard.TOXIC_PETS);
            if ((mask & poison) != poison) {
                return named("hazard.it.", mask);
            }
            List<Fact> told = new ArrayList<>(named("hazard.it.", mask & Catalogue.bit(Hazard.THORNS)));
            told.add(Fact.of("hazard.it.toxic"));
            told.addAll(named("hazard.it.", mask & ~poison & ~Catalogue.bit(Hazard.THORNS)));
            return told;
        }

        private static List<Fact> named(String prefix, int mask) {
            List<Fact> names = new ArrayList<>();
            for (Hazard hazard : Hazard.values()) {
                if (hazard != Hazard.NONE && (mask & Catalogue.bit(hazard)) != 0) {
                    names.add(Fact.of(prefix + Words.of(hazard)));
                }
            }
            return names;
        }
    }
}
