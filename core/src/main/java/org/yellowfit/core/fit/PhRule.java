package org.yellowfit.core.fit;

import java.util.Optional;
import org.yellowfit.core.measure.Amount;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.season.SoilColour;

/**
 * Soil pH against the plant's range (rules C4 and C5): half a pH can be nudged, more is fighting the soil. The margin
 * is the pH
 * inside the range, negative outside.
 */
final class PhRule implements Rule {

    @Override
    public CriterionName name() {
        return CriterionName.PH;
    }

    /** In a pot the mix is chosen for the plant (C8). */
    @Override
    public boolean isAsked(Question q) {
        return !q.inPot();
    }

    @Override
    public Optional<Judge> judge(Catalogue plants, Question q) {
        return Optional.ofNullable(q.site().soil().ph())
                .map(here -> new PhJudge(plants, here, q.site().uncertainty().ph()));
    }

    private record PhJudge(Catalogue plants, double here, double uncertain) implements Judge {

        @Override
        public void judge(int i, Ruling into) {
            double low = plants.phLow[i];
            if (Double.isNaN(low)) {
                into.set(Outcome.UNKNOWN);
                return;
            }
            double inside = Math.min(here - low, plants.phHigh[i] - here);
            if (inside >= 0) {
                into.set(Outcome.PH_SUITS);
            } else if (-inside <= uncertain) {
                into.set(Outcome.PH_CLOSE, inside);
            } else {
                boolean near = -inside <= RuleNumber.PH_REACH.value;
                into.set(near ? Outcome.PH_NEAR : Outcome.PH_FAR, inside);
            }
        }

        @Override
        public Fact site() {
            return Fact.of("value", Amount.ph(here));
        }

        @Override
        public Finding explain(int i, Ruling ruling) {
            double low = plants.phLow[i];
            double high = plants.phHigh[i];
            Fact takes = Fact.of("ph.range", Amount.steps(low), Amount.steps(high));
            Strip strip = Strip.around(low, high, here, RuleNumber.PH_STRIP_STEP.value);
            String word = ruling.is(Outcome.PH_CLOSE) ? "close" : word(low, high);
            Finding bare = Finding.of(ruling, takes, Fact.of("ph." + word, site(), takes), strip);
            Finding said = SoilColour.follows(plants.plants[i]) ? bare.adding(flowerColour()) : bare;
            return switch (ruling.outcome()) {
                case PH_SUITS, PH_CLOSE -> said;
                case PH_NEAR -> said.with(amended(here < low ? low : high, here < low ? "amend.lime" : "amend.sulfur"));
                default ->
                    plants.noPot[i]
                            ? said
                            : said.with(Remedy.inPot(
                                    "pot.ph",
                                    site -> site.withSoil(
                                            soil -> soil.inContainer().withPh((low + high) / 2))));
            };
        }

        private String word(double low, double high) {
            if (here < low) {
                return "acid";
            }
            return here > high ? "alkaline" : "fits";
        }

        private Fact flowerColour() {
            return switch (SoilColour.at(here)) {
                case BLUE -> Fact.of("ph.colour.blue");
                case MIXED -> Fact.of("ph.colour.mixed");
                case PINK -> Fact.of("ph.colour.pink");
            };
        }

        private static Remedy amended(double to, String key) {
            return Remedy.of(Remedy.Action.AMEND, site -> site.withSoil(soil -> soil.withPh(to)), key);
        }
    }
}
