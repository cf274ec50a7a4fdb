package org.yellowfit.core.fit;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.soil.Drainage;

/**
 * Drainage against the classes a plant stands (rules C2 and C5). In a pot it is made, so it is not asked. The margin is
 * the
 * classes between.
 */
final class DrainageRule implements Rule {

    private static final Drainage[] CLASSES = Drainage.values();

    @Override
    public CriterionName name() {
        return CriterionName.DRAINAGE;
    }

    @Override
    public boolean isAsked(Question q) {
        return !q.inPot();
    }

    @Override
    public Optional<Judge> judge(Catalogue plants, Question q) {
        return Optional.ofNullable(q.site().soil().drainage())
                .map(drainage -> new DrainageJudge(plants, drainage, q.site().upkeep()));
    }

    private static final class DrainageJudge implements Judge {

        private final Catalogue plants;
        private final Drainage here;
        private final boolean watered;
        private final boolean plantedHigh;
        /**
         * For each set of classes a plant may stand, how many classes faster than the nearest of them the site drains.
         */
        private final int[] tooFast = new int[1 << CLASSES.length];

        DrainageJudge(Catalogue plants, Drainage here, Upkeep upkeep) {
            this.plants = plants;
            this.here = here;
            watered = upkeep.does(Upkeep.Task.WATERED);
            plantedHigh = upkeep.does(Upkeep.Task.PLANTED_HIGH);
            for (int stood = 0; stood < tooFast.length; stood++) {
                tooFast[stood] = tooFast(stood);
            }
        }

        private int tooFast(int stood) {
            int nearest = CLASSES.length;
            for (Drainage each : CLASSES) {
                int faster = here.ordinal() - each.ordinal();
                if ((stood & Catalogue.bit(each)) != 0 && Math.abs(faster) < Math.abs(nearest)) {
                    nearest = faster;
                }
            }
            return nearest;
        }

        @Override
        public void judge(int i, Ruling into) {
            int stood = plants.drainage[i];
            int faster = tooFast[stood];
            int off = Math.abs(faster);
            if (stood == 0) {
                into.set(Outcome.UNKNOWN);
            } else if (off == 0) {
                into.set(Outcome.DRAINS_AS_IT_LIKES);
            } else if (off > 1) {
                into.set(Outcome.DRAINS_FAR_OFF, off);
            } else {
                boolean madeUpFor = faster > 0 ? watered : plantedHigh;
                into.set(madeUpFor ? Outcome.DRAINAGE_MADE_UP_FOR : Outcome.DRAINS_ONE_CLASS_OFF, off);
            }
        }

        @Override
        public Fact site() {
            return Fact.of("value", here);
        }

        @Override
        public Finding explain(int i, Ruling ruling) {
            int faster = tooFast[plants.drainage[i]];
            List<Drainage> takes = plants.plants[i].get(Traits.DRAINAGE).orElseThrow().stream()
                    .sorted()
                    .toList();
            Finding said = Finding.of(
                    ruling, Fact.of("value", takes), Fact.of("drainage." + word(faster), here, takes), strip(i));
            return ruling.verdict() == Verdict.FITS ? said : said.with(remedies(i, faster));
        }

        private static String word(int faster) {
            if (faster == 0) {
                return "fits";
            }
            return faster > 0 ? "dry" : "wet";
        }

        private List<Remedy> remedies(int i, int faster) {
            Drainage stood = CLASSES[here.ordinal() - faster];
            List<Remedy> pot = plants.noPot[i]
                    ? List.of()
                    : List.of(Remedy.inPot(
                            faster > 0 ? "pot.hold" : "pot.drain", site -> site.withSoil(SoilConditions::inContainer)));
            Remedy drain =
                    Remedy.of(Remedy.Action.DRAIN, site -> site.withSoil(soil -> soil.withDrainage(stood)), "drain");
            if (faster < -1) {
                return Stream.concat(pot.stream(), Stream.of(drain)).toList();
            }
            if (faster == -1) {
                return List.of(
                        Remedy.practised(Remedy.Action.PLANT_HIGH, Upkeep.Task.PLANTED_HIGH, "plant-high"), drain);
            }
            if (faster > 1) {
                return pot;
            }
            Remedy amend = Remedy.of(
                    Remedy.Action.AMEND, site -> site.withSoil(soil -> soil.withDrainage(stood)), "amend.hold");
            if (Appearance.wantsDrySummer(plants.plants[i])) {
                return List.of(amend);
            }
            return List.of(Remedy.practised(Remedy.Action.WATER, Upkeep.Task.WATERED, "water.drains"), amend);
        }

        private Strip strip(int i) {
            int mask = plants.drainage[i];
            int low = Integer.numberOfTrailingZeros(mask);
            int high = 31 - Integer.numberOfLeadingZeros(mask);
            return new Strip(low - here.ordinal() - 0.5, high - here.ordinal() + 0.5);
        }
    }
}
