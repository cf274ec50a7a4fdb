package org.yellowfit.core.fit;

import java.util.Optional;
import java.util.function.Function;
import org.yellowfit.core.measure.Amount;
import org.yellowfit.core.measure.Fact;

/**
 * Hours of direct sun against one of the plant's three needs (rule B2): to live, to flower well, to hold its leaf colour.
 * Only missing the first rules a plant out. The margin is the hours above the need.
 */
final class SunRule implements Rule {

    private final CriterionName name;
    private final Outcome tooDark;
    private final Outcome unknown;
    private final Function<Catalogue, double[]> needs;
    private final Function<Catalogue, boolean[]> isAboutIt;

    private SunRule(
            CriterionName name,
            Outcome tooDark,
            Outcome unknown,
            Function<Catalogue, double[]> needs,
            Function<Catalogue, boolean[]> isAboutIt) {
        this.name = name;
        this.tooDark = tooDark;
        this.unknown = unknown;
        this.needs = needs;
        this.isAboutIt = isAboutIt;
    }

    static SunRule toLive() {
        return new SunRule(
                CriterionName.SUN_LIVE,
                Outcome.TOO_DARK_TO_LIVE,
                Outcome.FIND_OUT_FIRST,
                plants -> plants.sunLive,
                plants -> plants.every);
    }

    /** Ferns do not flower: nothing is missing from such rows. */
    static SunRule toFlower() {
        return new SunRule(
                CriterionName.SUN_FLOWER,
                Outcome.TOO_DARK_FOR_FLOWERS,
                Outcome.UNKNOWN,
                plants -> plants.sunFlower,
                plants -> plants.mayFlower);
    }

    /** Plain green leaves have no colour to lose. */
    static SunRule toHoldColour() {
        return new SunRule(
                CriterionName.SUN_COLOUR,
                Outcome.TOO_DARK_FOR_COLOUR,
                Outcome.UNKNOWN,
                plants -> plants.sunColour,
                plants -> plants.mayLoseColour);
    }

    @Override
    public CriterionName name() {
        return name;
    }

    @Override
    public Optional<Judge> judge(Catalogue plants, Question q) {
        return Optional.ofNullable(q.site().light().sunHours())
                .map(hours -> new SunJudge(plants, hours, needs.apply(plants), isAboutIt.apply(plants)));
    }

    private final class SunJudge implements Judge {

        private final Catalogue plants;
        private final double hours;
        private final double[] needs;
        private final boolean[] isAboutIt;

        SunJudge(Catalogue plants, double hours, double[] needs, boolean[] isAboutIt) {
            this.plants = plants;
            this.hours = hours;
            this.needs = needs;
            this.isAboutIt = isAboutIt;
        }

        @Override
        public void judge(int i, Ruling into) {
            double needed = needs[i];
            if (Double.isNaN(needed)) {
                into.set(isAboutIt[i] ? unknown : Outcome.NOT_ABOUT_IT);
            } else if (needed == 0) {
                into.set(Outcome.NO_SUN_NEEDED);
            } else {
                into.set(hours >= needed ? Outcome.SUN_ENOUGH : tooDark, hours - needed);
            }
        }

        @Override
        public Fact site() {
            return Fact.of("value", Amount.hours(hours));
        }

        @Override
        public Finding explain(int i, Ruling ruling) {
            Amount needed = Amount.hours(needs[i]);
            double most = name == CriterionName.SUN_LIVE && !Double.isNaN(plants.sunMax[i])
                    ? plants.sunMax[i]
                    : Double.POSITIVE_INFINITY;
            Strip strip = Strip.around(needs[i], Math.max(needs[i], most), hours, RuleNumber.SUN_STRIP_STEP.value);
            boolean enough = ruling.verdict() == Verdict.FITS;
            Fact why = Fact.of(name.word() + (enough ? ".fits" : ".short"), Amount.hours(hours), needed);
            Finding said = Finding.of(ruling, Fact.of("sun.plant", needed), why, strip);
            return enough ? said : said.with(brighter(needs[i]));
        }

        private Remedy brighter(double needed) {
            return Remedy.of(
                            Remedy.Action.MOVE,
                            site -> site.withLight(light -> light.withSunHours(needed)),
                            name.word() + ".move",
                            Amount.hours(needed))
                    .worsening(CriterionName.HOT_SUN);
        }
    }
}
