package org.yellowfit.core.fit;

import java.util.function.Function;

/**
 * Hours of direct sun against one of the plant's three needs (rule B2): to live, to flower well, to hold its leaf colour.
 * Only missing the first rules a plant out.
 */
final class SunCriterion implements Criterion {

    /** Hours above the need at which a plant is in comfort, and short of the last two at which the lack is plain. */
    private static final double MARGIN_H = 1.5;

    private static final double DEATH_H = 2;

    private final CriterionName name;
    private final String key;
    private final Function<Catalogue, double[]> column;

    private SunCriterion(CriterionName name, String key, Function<Catalogue, double[]> column) {
        this.name = name;
        this.key = key;
        this.column = column;
    }

    static SunCriterion toLive() {
        return new SunCriterion(CriterionName.SUN_LIVE, "sun-live", plants -> plants.sunLive);
    }

    static SunCriterion toFlower() {
        return new SunCriterion(CriterionName.SUN_FLOWER, "sun-flower", plants -> plants.sunFlower);
    }

    static SunCriterion toHoldColour() {
        return new SunCriterion(CriterionName.SUN_COLOUR, "sun-colour", plants -> plants.sunColour);
    }

    @Override
    public CriterionName name() {
        return name;
    }

    @Override
    public String rule() {
        return "B2";
    }

    @Override
    public double mark(Catalogue plants, int i, Question q) {
        if (q.site().sunHours() == null) {
            return Scale.SITE_UNKNOWN;
        }
        double needed = column.apply(plants)[i];
        if (Double.isNaN(needed)) {
            return applies(plants, i) ? Scale.UNKNOWN : Scale.DOES_NOT_APPLY;
        }
        return marked(q.site().sunHours(), needed, name == CriterionName.SUN_LIVE);
    }

    private static double marked(double hours, double needed, boolean vital) {
        double spare = hours - needed;
        if (spare >= 0) {
            return needed == 0 ? Scale.fits(1) : Scale.fits(0.2 + 0.8 * spare / MARGIN_H);
        }
        return vital ? Scale.no(1 + spare / DEATH_H) : Scale.fitsIf(1 + spare / (2 * MARGIN_H));
    }

    @Override
    public Marker marker(Catalogue plants, Question q) {
        if (q.site().sunHours() == null) {
            return null;
        }
        double hours = q.site().sunHours();
        double[] needs = column.apply(plants);
        boolean vital = name == CriterionName.SUN_LIVE;
        return i -> Double.isNaN(needs[i])
                ? applies(plants, i) ? Scale.UNKNOWN : Scale.DOES_NOT_APPLY
                : marked(hours, needs[i], vital);
    }

    @Override
    public String site(Question q) {
        return Question.hours(q.site().sunHours());
    }

    @Override
    public Explained explain(Catalogue plants, int i, Question q, double mark) {
        double needed = column.apply(plants)[i];
        double most = name == CriterionName.SUN_LIVE && !Double.isNaN(plants.sunMax[i])
                ? plants.sunMax[i]
                : Double.POSITIVE_INFINITY;
        Strip strip = Strip.around(needed, Math.max(needed, most), q.site().sunHours(), 1);
        boolean enough = Scale.verdict(mark) == Verdict.FITS;
        Explained said = Explained.of(
                Phrases.say("sun.plant", Question.hours(needed)),
                rule(),
                Phrases.say(key + (enough ? ".fits" : ".short"), site(q), Question.hours(needed)),
                strip);
        return enough
                ? said
                : said.with(Remedy.of(
                                Remedy.Action.MOVE,
                                site -> site.edit().sunHours(needed).build(),
                                key + ".move",
                                Question.hours(needed))
                        .butSee(CriterionName.HOT_SUN));
    }

    /** Ferns do not flower, and plain green leaves have no colour to lose: nothing is missing from such rows. */
    private boolean applies(Catalogue plants, int i) {
        return switch (name) {
            case SUN_FLOWER -> plants.mayFlower[i];
            case SUN_COLOUR -> plants.mayLoseColour[i];
            default -> true;
        };
    }
}
