package org.yellowfit.core.fit;

import java.util.List;
import java.util.Optional;
import org.yellowfit.core.measure.Amount;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.plant.YesNo;
import org.yellowfit.core.soil.Moisture;

/**
 * Moisture on 1–5 against the plant's range (rules C3 and C7): surviving drought and looking good in it are kept apart.
 * The margin
 * is the steps inside the range, negative outside.
 */
final class MoistureRule implements Rule {

    @Override
    public CriterionName name() {
        return CriterionName.MOISTURE;
    }

    /** In a pot the mix and the watering are chosen for the plant (C8). */
    @Override
    public boolean isAsked(Question q) {
        return !q.inPot();
    }

    @Override
    public Optional<Judge> judge(Catalogue plants, Question q) {
        SoilConditions soil = q.site().soil();
        return Optional.ofNullable(soil.moisture())
                .map(known -> new MoistureJudge(plants, soil.driest(), soil.wettest()));
    }

    /** Where the ground swings, a plant takes both ends. */
    private record MoistureJudge(Catalogue plants, double driest, double wettest) implements Judge {

        @Override
        public void judge(int i, Ruling into) {
            double low = plants.moistureLow[i];
            if (Double.isNaN(low)) {
                into.set(Outcome.UNKNOWN);
                return;
            }
            double inside = Math.min(driest - low, plants.moistureHigh[i] - wettest);
            if (inside >= 0) {
                into.set(Outcome.MOISTURE_SUITS);
            } else if (-inside <= RuleNumber.MOISTURE_REACH.value) {
                into.set(Outcome.MOISTURE_NEAR, inside);
            } else {
                boolean survived =
                        driest < low && low - driest <= RuleNumber.MOISTURE_FAR.value && survivesDry(plants.plants[i]);
                into.set(survived ? Outcome.MOISTURE_SURVIVED : Outcome.MOISTURE_FAR, inside);
            }
        }

        /** The end of the ground that is harder for the plant. */
        private double here(double low, double high) {
            return high - wettest < driest - low ? wettest : driest;
        }

        private static boolean survivesDry(Cultivar plant) {
            return plant.is(Traits.DROUGHT, YesNo.YES);
        }

        @Override
        public Fact site() {
            return driest == wettest ? said(driest) : range(driest, wettest);
        }

        private static Fact said(double here) {
            return Fact.of("moisture.site", Amount.steps(here), Moisture.of(here));
        }

        @Override
        public Finding explain(int i, Ruling ruling) {
            double low = plants.moistureLow[i];
            double high = plants.moistureHigh[i];
            Fact takes = range(low, high);
            double here = here(low, high);
            Strip strip = Strip.around(low, high, here, RuleNumber.MOISTURE_STRIP_STEP.value);
            if (here > high) {
                return Finding.of(ruling, takes, Fact.of("moisture.wet", said(here), takes), strip)
                        .with(tooWet(here, high));
            }
            if (here >= low) {
                return Finding.of(ruling, takes, Fact.of("moisture.fits", site(), takes), strip);
            }
            boolean survives = survivesDry(plants.plants[i]);
            double goodFrom =
                    Math.max(low, plants.plants[i].get(Traits.LOOKS_GOOD_FROM).orElse(low));
            Fact why = survives
                    ? Fact.of("moisture.survives", said(here), takes, Amount.steps(goodFrom), Moisture.of(goodFrom))
                    : Fact.of("moisture.dry", said(here), takes);
            return Finding.of(ruling, takes, why, strip)
                    .byRule(survives ? "C7" : "C3")
                    .with(tooDry(here, low, survives, Appearance.wantsDrySummer(plants.plants[i])));
        }

        /** A word beside every number on a scale of our own. */
        private static Fact range(double low, double high) {
            Moisture driest = Moisture.of(low);
            Moisture wettest = Moisture.of(high);
            return driest == wettest
                    ? Fact.of("moisture.range.same", Amount.steps(low), Amount.steps(high), driest)
                    : Fact.of("moisture.range", Amount.steps(low), Amount.steps(high), driest, wettest);
        }

        private static List<Remedy> tooWet(double here, double high) {
            return here - high > RuleNumber.MOISTURE_FAR.value
                    ? List.of()
                    : List.of(
                            drier(Remedy.Action.PLANT_HIGH, high, "plant-high"),
                            drier(Remedy.Action.DRAIN, high, "drain"));
        }

        private static Remedy drier(Remedy.Action action, double to, String key) {
            return Remedy.of(action, site -> site.withSoil(soil -> soil.drained(to)), key);
        }

        private static List<Remedy> tooDry(double here, double low, boolean survives, boolean wantsDrySummer) {
            boolean helps = low - here <= RuleNumber.MOISTURE_FAR.value && !wantsDrySummer;
            return !helps
                    ? List.of()
                    : List.of(Remedy.of(
                            Remedy.Action.WATER,
                            site -> site.withSoil(soil -> soil.watered(low)),
                            survives ? "water.establish" : "water.always"));
        }
    }
}
