package org.yellowfit.core.fit;

import java.util.Optional;
import org.yellowfit.core.measure.Amount;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.season.LeafLight;

/**
 * Hours of direct sun against one of the plant's three needs (rule B2): to live, to flower well, to hold its leaf
 * colour.
 * Only missing the first rules a plant out. The margin is the hours above the need.
 */
final class SunRule implements Rule {

    /** One of the three needs. */
    private enum Need {
        LIVE(CriterionName.SUN_LIVE, Outcome.SUN_AT_THE_EDGE, Outcome.TOO_DARK_TO_LIVE, Outcome.FIND_OUT_FIRST),
        FLOWER(CriterionName.SUN_FLOWER, Outcome.SUN_CLOSE, Outcome.TOO_DARK_FOR_FLOWERS, Outcome.UNKNOWN),
        COLOUR(CriterionName.SUN_COLOUR, Outcome.SUN_CLOSE, Outcome.TOO_DARK_FOR_COLOUR, Outcome.UNKNOWN);

        final CriterionName name;
        final Outcome close;
        final Outcome tooDark;
        final Outcome unknown;

        Need(CriterionName name, Outcome close, Outcome tooDark, Outcome unknown) {
            this.name = name;
            this.close = close;
            this.tooDark = tooDark;
            this.unknown = unknown;
        }

        double[] hours(Catalogue plants) {
            return switch (this) {
                case LIVE -> plants.sunLive;
                case FLOWER -> plants.sunFlower;
                case COLOUR -> plants.sunColour;
            };
        }

        /** Ferns do not flower, and plain green leaves have no colour to lose: nothing is missing from such rows. */
        boolean[] may(Catalogue plants) {
            return switch (this) {
                case LIVE -> plants.every;
                case FLOWER -> plants.mayFlower;
                case COLOUR -> plants.mayLoseColour;
            };
        }

        boolean[] isAsked(Catalogue plants, AskedFor asked) {
            return switch (this) {
                case LIVE -> plants.every;
                case FLOWER -> asked.flowers(plants);
                case COLOUR -> asked.leafColour(plants);
            };
        }
    }

    private final Need need;

    private SunRule(Need need) {
        this.need = need;
    }

    static SunRule toLive() {
        return new SunRule(Need.LIVE);
    }

    static SunRule toFlower() {
        return new SunRule(Need.FLOWER);
    }

    static SunRule toHoldColour() {
        return new SunRule(Need.COLOUR);
    }

    @Override
    public CriterionName name() {
        return need.name;
    }

    @Override
    public Optional<Judge> judge(Catalogue plants, Question q) {
        Double hours = q.site().light().sunHours();
        return hours == null ? Optional.empty() : Optional.of(new SunJudge(plants, q, hours));
    }

    private final class SunJudge implements Judge {

        private final Catalogue plants;
        private final double hours;
        private final double uncertain;
        private final double[] needs;
        private final boolean[] may;
        private final boolean[] isAsked;

        SunJudge(Catalogue plants, Question q, double hours) {
            this.plants = plants;
            this.hours = hours;
            uncertain = q.site().uncertainty().sunH();
            needs = need.hours(plants);
            may = need.may(plants);
            isAsked = need.isAsked(plants, new AskedFor(q.wants()));
        }

        @Override
        public void judge(int i, Ruling into) {
            double needed = needs[i];
            if (!isAsked[i]) {
                into.set(Outcome.NOT_ABOUT_IT);
            } else if (Double.isNaN(needed)) {
                into.set(may[i] ? need.unknown : Outcome.NOT_ABOUT_IT);
            } else if (hours >= needed) {
                into.set(Outcome.SUN_ENOUGH);
            } else {
                into.set(needed - hours <= uncertain ? need.close : need.tooDark, hours - needed);
            }
        }

        @Override
        public Fact site() {
            return Fact.of("value", Amount.hours(hours));
        }

        @Override
        public Optional<Fact> note(int i, Ruling ruling) {
            boolean told = ruling.is(Outcome.NOT_ABOUT_IT) && may[i] && needs[i] - hours > uncertain;
            String key = name().word() + (isPartlyGreen(i) ? ".note.part" : ".note");
            return told ? Optional.of(Fact.of(key, Amount.hours(hours), Amount.hours(needs[i]))) : Optional.empty();
        }

        @Override
        public Finding explain(int i, Ruling ruling) {
            Amount needed = Amount.hours(needs[i]);
            double most =
                    need == Need.LIVE && !Double.isNaN(plants.sunMax[i]) ? plants.sunMax[i] : Double.POSITIVE_INFINITY;
            Strip strip = Strip.around(needs[i], Math.max(needs[i], most), hours, RuleNumber.SUN_STRIP_STEP.value);
            Fact why = Fact.of(name().word() + "." + word(i, ruling), Amount.hours(hours), needed);
            Finding said = Finding.of(ruling, Fact.of("sun.plant", needed), why, strip);
            return ruling.verdict() == Verdict.FITS ? said : said.with(brighter(needs[i], ruling));
        }

        private String word(int i, Ruling ruling) {
            return switch (ruling.outcome()) {
                case SUN_ENOUGH -> "fits";
                case SUN_CLOSE, SUN_AT_THE_EDGE ->
                    Amount.hours(hours).readsAs(Amount.hours(needs[i])) ? "even" : "close";
                default -> isPartlyGreen(i) ? "part" : "short";
            };
        }

        /** Between its own colour and green, and nearer to its own (B2). */
        private boolean isPartlyGreen(int i) {
            return need == Need.COLOUR && !LeafLight.readsGreen(plants.plants[i], hours);
        }

        private Remedy brighter(double needed, Ruling ruling) {
            String key = ruling.is(Outcome.SUN_AT_THE_EDGE) ? "sun-live.brightest" : name().word() + ".move";
            return Remedy.of(
                            Remedy.Action.MOVE,
                            site -> site.withLight(light -> light.withSunHours(needed)),
                            key,
                            Amount.hours(needed))
                    .worsening(CriterionName.HOT_SUN, CriterionName.HEIGHT, CriterionName.SPREAD);
        }
    }
}
