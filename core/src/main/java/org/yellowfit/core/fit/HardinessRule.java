package org.yellowfit.core.fit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.yellowfit.core.climate.BudBreak;
import org.yellowfit.core.climate.HardinessZone;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Kind;
import org.yellowfit.core.plant.Policy;
import org.yellowfit.core.plant.Stress;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.plant.YesNo;

/** Does it live through the winter (rules A2 to A5 and A8)? The margin is counted in half-zones. */
final class HardinessRule implements Rule {

    @Override
    public CriterionName name() {
        return CriterionName.HARDINESS;
    }

    @Override
    public Optional<Judge> judge(Catalogue plants, Question q) {
        return q.site().winter().zone() == null ? Optional.empty() : Optional.of(new HardinessJudge(plants, q));
    }

    private static final class HardinessJudge implements Judge {

        private final Catalogue plants;
        private final WinterConditions winter;
        private final Policy policy;
        private final Upkeep upkeep;
        private final boolean pot;
        private final boolean covered;
        private final boolean frostFree;
        private final boolean plantedAnew;
        private final Long weeks;
        private final boolean showsLongEnough;
        /** Half-zones a plant in a pot has to be hardier. */
        private final int margin;
        /** The half-zone of the spot, for evergreens and for all others. */
        private final int evergreenHalf;

        private final int half;
        private final int bridged;
        private final boolean springsKnown;
        /** By the record; NaN without one. */
        private final double recordedLoss;

        private final boolean[] flowersAsked;
        private final boolean seasonAsked;

        HardinessJudge(Catalogue plants, Question q) {
            this.plants = plants;
            winter = q.site().winter();
            policy = q.policy();
            upkeep = q.site().upkeep();
            pot = q.inPot();
            covered = upkeep.does(Upkeep.Task.WINTER_COVER);
            frostFree = pot && upkeep.does(Upkeep.Task.FROST_FREE_WINTER);
            plantedAnew = upkeep.does(Upkeep.Task.ONE_SEASON);
            weeks = q.site().season().weeksOfShow();
            showsLongEnough = weeks == null || weeks >= RuleNumber.leastWeeksOfShow(policy);
            boolean rootsFreeze = winter.zone().half() < RuleNumber.NO_ROOT_FROST_FROM.whole();
            margin = pot && rootsFreeze ? RuleNumber.potMargin(policy) : 0;
            int shift = shift();
            half = winter.zone().plus(shift).half();
            evergreenHalf = q.site().surroundings().has(Stress.WIND)
                    ? winter.zone().plus(shift - 1).half()
                    : half;
            // A4 adds nothing to a pot.
            bridged = pot ? 0 : RuleNumber.bridgedGap(policy);
            springsKnown = winter.springFrosts() != null;
            recordedLoss = springsKnown ? winter.springFrosts().lossChance(BudBreak.USUAL_DEGREE_DAYS) : Double.NaN;
            flowersAsked = new AskedFor(q.wants()).flowers(plants);
            seasonAsked = pot
                    || q.wants().kinds().contains(Kind.ANNUAL)
                    || q.wants().jobs().stream().anyMatch(job -> job.kind().isPot());
        }

        /** A3: what the spot itself and what is done there change, in half-zones. */
        private int shift() {
            return (winter.isSheltered() ? 1 : 0) - (winter.isFrostPocket() ? 1 : 0) + (covered ? 1 : 0);
        }

        /** A8: by the record's springs, or estimated from the half-zones the place has to spare. */
        private double budLoss(int spare) {
            return Double.isNaN(recordedLoss) ? RuleNumber.estimatedBudLoss(spare) : recordedLoss;
        }

        /** A5: what is sold for one season is judged by its season alone. */
        private Outcome oneSeason() {
            if (!showsLongEnough) {
                return Outcome.SEASON_TOO_SHORT;
            }
            return seasonAsked ? Outcome.SOLD_FOR_A_SEASON_AS_ASKED : Outcome.SOLD_FOR_ONE_SEASON;
        }

        @Override
        public void judge(int i, Ruling into) {
            if (plantedAnew && showsLongEnough) {
                into.set(Outcome.PLANTED_ANEW);
            } else if (plants.annual[i]) {
                into.set(oneSeason());
            } else if (plants.zoneMin[i] < 0) {
                into.set(Outcome.FIND_OUT_FIRST);
            } else if (frostFree) {
                into.set(Outcome.POT_FROST_FREE);
            } else {
                judgeByZone(i, plants.zoneMin[i] + margin - here(i), into);
            }
        }

        private void judgeByZone(int i, int gap, Ruling into) {
            if (gap <= 0) {
                judgeHardy(i, gap, into);
            } else if (gap == 1 && gap <= bridged && losesBuds(i, 0)) {
                into.set(Outcome.BUDS_LOST, Math.max(RuleNumber.BUD_LOSS_BEYOND_THE_ZONE.value, budLoss(0)));
            } else if (gap <= bridged) {
                into.set(Outcome.HARDY_SHELTERED, gap);
            } else if (plants.firstSeason[i] && showsLongEnough) {
                into.set(Outcome.AS_ANNUAL);
            } else {
                into.set(Outcome.TOO_COLD, gap);
            }
        }

        private void judgeHardy(int i, int gap, Ruling into) {
            if (isWrapped(gap) && !covered) {
                into.set(Outcome.POT_WRAPPED);
            } else if (losesBuds(i, -gap)) {
                into.set(Outcome.BUDS_LOST, budLoss(-gap));
            } else {
                into.set(gap == 0 ? Outcome.HARDY_BARELY : Outcome.HARDY, -gap);
            }
        }

        /** A8: lost often enough that the policy does not sell it for its flowers. */
        private boolean losesBuds(int i, int spare) {
            return flowersAsked[i]
                    && plants.winterBuds[i]
                    && !covered
                    && budLoss(spare) > RuleNumber.mostBudLoss(policy);
        }

        private int here(int i) {
            return plants.evergreen[i] ? evergreenHalf : half;
        }

        /** Bold leaves a plant in its pot that is hardy in the ground only: wrapped, or moved in. */
        private boolean isWrapped(int gap) {
            boolean rootsFreeze = winter.zone().half() < RuleNumber.NO_ROOT_FROST_FROM.whole();
            return pot && rootsFreeze && policy == Policy.BOLD && gap + RuleNumber.potMargin(Policy.STANDARD) > 0;
        }

        @Override
        public Fact site() {
            String here = HardinessZone.label(half);
            return half == winter.zone().half()
                    ? Fact.of("value", here)
                    : Fact.of("hardiness.effective", here, winter.zone().label());
        }

        @Override
        public Finding explain(int i, Ruling ruling) {
            Cultivar plant = plants.plants[i];
            return switch (ruling.outcome()) {
                case SOLD_FOR_A_SEASON_AS_ASKED -> oneSeason(i, ruling, "hardiness.annual");
                case PLANTED_ANEW -> oneSeason(i, ruling, "hardiness.annual");
                case SOLD_FOR_ONE_SEASON ->
                    oneSeason(i, ruling, "hardiness.annual").with(annual());
                case SEASON_TOO_SHORT -> oneSeason(i, ruling, "hardiness.annual");
                case AS_ANNUAL -> firstSeason(i, ruling);
                case POT_FROST_FREE ->
                    Finding.of(ruling, range(plant), Fact.of("hardiness.frost-free", coldest(plant)), strip(i));
                case HARDY, HARDY_BARELY, POT_WRAPPED, BUDS_LOST -> hardy(i, ruling);
                default -> tooCold(i, ruling);
            };
        }

        private Finding oneSeason(int i, Ruling ruling, String key) {
            Cultivar plant = plants.plants[i];
            return Finding.of(ruling, range(plant), Fact.of(key, winter.zone().label(), show()), strip(i));
        }

        /** Showy for one season where it does not live through the winter (A5); in a pot for its roots' sake (A3). */
        private Finding firstSeason(int i, Ruling ruling) {
            Cultivar plant = plants.plants[i];
            Fact why = pot
                    ? Fact.of("hardiness.pot.first-season", coldest(plant), hereLabel(i), show(), needed(i))
                    : Fact.of("hardiness.first-season", coldest(plant), hereLabel(i), show());
            return Finding.of(ruling, range(plant), why, strip(i)).with(annual());
        }

        private Fact show() {
            return weeks == null ? Fact.of("hardiness.weeks.unknown") : Fact.of("hardiness.weeks", weeks);
        }

        private static Remedy annual() {
            return Remedy.practised(Remedy.Action.ANNUAL, Upkeep.Task.ONE_SEASON, "annual");
        }

        private Finding hardy(int i, Ruling ruling) {
            Cultivar plant = plants.plants[i];
            if (plants.zoneMin[i] + margin > here(i)) {
                return budsBeyondTheZone(i, ruling);
            }
            Fact why = pot
                    ? Fact.of("hardiness.pot.fits", coldest(plant), hereLabel(i), needed(i))
                    : Fact.of("hardiness.fits", coldest(plant), hereLabel(i));
            Finding fine = Finding.of(ruling, range(plant), why, strip(i)).byRule(isShifted() ? "A3" : "A2");
            if (plants.winterBuds[i]) {
                fine = fine.adding(buds(budLoss(here(i) - plants.zoneMin[i] - margin)))
                        .byRule("A8");
            }
            return switch (ruling.outcome()) {
                case POT_WRAPPED -> fine.with(Remedy.practised(Remedy.Action.POT, Upkeep.Task.WINTER_COVER, "wrap"));
                case BUDS_LOST ->
                    fine.with(Remedy.practised(Remedy.Action.SHELTER, Upkeep.Task.WINTER_COVER, "shelter.buds"));
                default -> fine;
            };
        }

        private Finding budsBeyondTheZone(int i, Ruling ruling) {
            Fact why = Fact.of("hardiness.short", coldest(plants.plants[i]), hereLabel(i), Fact.of("half-zone"));
            return Finding.of(ruling, range(plants.plants[i]), why, strip(i))
                    .adding(buds(ruling.margin()))
                    .with(Remedy.practised(Remedy.Action.SHELTER, Upkeep.Task.WINTER_COVER, "shelter.buds"));
        }

        private Fact buds(double loss) {
            if (loss <= 0) {
                return Fact.of("hardiness.buds.safe");
            }
            long years = Math.round((1 - loss) * 10);
            return Fact.of(Double.isNaN(recordedLoss) ? "hardiness.buds.estimate" : "hardiness.buds", years);
        }

        private boolean isShifted() {
            return pot || winter.isSheltered() || winter.isFrostPocket();
        }

        private Finding tooCold(int i, Ruling ruling) {
            Cultivar plant = plants.plants[i];
            int gap = (int) ruling.margin();
            Fact shortBy = gap == 1 ? Fact.of("half-zone") : Fact.of("half-zones", gap);
            Fact why = pot
                    ? Fact.of("hardiness.pot.short", coldest(plant), hereLabel(i), shortBy, needed(i))
                    : Fact.of("hardiness.short", coldest(plant), hereLabel(i), shortBy);
            return Finding.of(ruling, range(plant), why, strip(i)).with(remedies(plant, gap));
        }

        /**
         * What closes a gap of one or two half-zones; wider ones only a pot that is wintered free of frost, where the
         * plant takes a pot.
         */
        private List<Remedy> remedies(Cultivar plant, int gap) {
            List<Remedy> remedies = new ArrayList<>();
            boolean mayShelter = !winter.isSheltered() && !pot;
            if (gap == 1 && mayShelter) {
                remedies.add(Remedy.of(Remedy.Action.SHELTER, HardinessJudge::sheltered, "shelter"));
            } else if (gap == 1 && !covered && !pot) {
                remedies.add(Remedy.practised(Remedy.Action.SHELTER, Upkeep.Task.WINTER_COVER, "shelter.cover"));
            } else if (gap == 2 && mayShelter && !covered) {
                remedies.add(Remedy.of(Remedy.Action.SHELTER, HardinessJudge::shelteredAndCovered, "shelter.both"));
            }
            boolean reached = gap > 1 && gap <= RuleNumber.FROST_FREE_POT_REACH.whole();
            if (reached && !plant.is(Traits.POT_OK, YesNo.NO)) {
                remedies.add(Remedy.of(Remedy.Action.POT, HardinessJudge::inFrostFreePot, "pot.winter")
                        .worsening(CriterionName.WANTS));
            }
            return remedies;
        }

        private static SiteConditions sheltered(SiteConditions site) {
            return site.withWinter(WinterConditions::withShelter);
        }

        private static SiteConditions shelteredAndCovered(SiteConditions site) {
            return sheltered(site).withUpkeep(upkeep -> upkeep.with(Upkeep.Task.WINTER_COVER));
        }

        private static SiteConditions inFrostFreePot(SiteConditions site) {
            return site.withSoil(SoilConditions::inContainer)
                    .withUpkeep(upkeep -> upkeep.with(Upkeep.Task.FROST_FREE_WINTER));
        }

        private Strip strip(int i) {
            double warmest = plants.zoneMax[i] < 0
                    ? Double.POSITIVE_INFINITY
                    : plants.zoneMax[i] - winter.zone().half() + 1;
            double coldest = plants.annual[i] ? Double.NEGATIVE_INFINITY : plants.zoneMin[i] + margin - here(i);
            double step = RuleNumber.ZONE_STRIP_STEP.value;
            return new Strip(Math.min(coldest, warmest) / step, Math.max(coldest, warmest) / step);
        }

        private String hereLabel(int i) {
            return HardinessZone.label(here(i));
        }

        private String needed(int i) {
            return HardinessZone.label(Math.min(HardinessZone.WARMEST, plants.zoneMin[i] + margin));
        }

        private static String coldest(Cultivar plant) {
            return plant.write(Traits.ZONE_MIN).orElse("?");
        }

        private static Fact range(Cultivar plant) {
            return plant.write(Traits.ZONE_MAX)
                    .map(max -> Fact.of("range", coldest(plant), max))
                    .orElseGet(() -> Fact.of("value", coldest(plant)));
        }
    }
}
