package org.yellowfit.core.fit;

import java.util.List;

/**
 * The quick pass: all criteria of one plant marked into one score. The limiting criterion carries {@link #LIMITING_SHARE} of the
 * weight, the others share the rest by their own weights (a weighted geometric mean under the law of the minimum). The share
 * is so chosen that, with the bands of {@link Scale}, no plant that needs a remedy outranks one that fits, and no plant that
 * does not fit outranks one that needs a remedy.
 *
 * <p>No plant scores more than its lowest mark to the power of that share. A plant that cannot reach the ranking any more is
 * dropped at the first mark that says so, before a logarithm is taken.
 */
final class Marking {

    static final List<Criterion> CRITERIA = List.of(
            new HardinessCriterion(),
            new HeatCriterion(),
            SunCriterion.toLive(),
            SunCriterion.toFlower(),
            SunCriterion.toHoldColour(),
            new HotSunCriterion(),
            new TextureCriterion(),
            new DrainageCriterion(),
            new MoistureCriterion(),
            new PhCriterion(),
            SpaceCriterion.height(),
            SpaceCriterion.spread(),
            BrowserCriterion.deer(),
            BrowserCriterion.rabbits(),
            new HazardCriterion(),
            new ExposureCriterion(),
            new PartnerCriterion(),
            new WantsCriterion());

    /** Those that rule most plants out come first, those that cost most last. */
    private static final int[] ORDER = order(
            "HARDINESS SUN_LIVE DRAINAGE HEIGHT SPREAD TEXTURE MOISTURE PH HEAT HAZARDS EXPOSURE DEER RABBITS SUN_FLOWER SUN_COLOUR HOT_SUN PARTNER WANTS");

    static final double LIMITING_SHARE = 0.6;
    /** Unknown hardiness or light is to be found out before the plant is sold. */
    static final double FIND_OUT_FIRST = Scale.FITS_IF_TO;

    static final double RULED_OUT = -1;
    static final double ANY = -1;

    private Marking() {}

    /** One plant's score; for many plants see {@link Prepared}. */
    static double score(Catalogue plants, int i, Question question, boolean includeNo) {
        return new Prepared(plants, question).score(i, floor(includeNo, ANY));
    }

    /**
     * The mark that every criterion has to pass.
     *
     * @param above the score that has to be passed; {@link #ANY} for none
     */
    static double floor(boolean includeNo, double above) {
        return Math.max(includeNo ? -1 : Scale.NO_TO, above < 0 ? -1 : Math.pow(above, 1 / LIMITING_SHARE));
    }

    /** All criteria made ready for one question. For one thread. */
    static final class Prepared {

        private final Marker[] markers;
        private final CriterionName[] names;
        private final double[] scores;
        private final double[] weights;

        Prepared(Catalogue plants, Question question) {
            List<Marker> ready = new java.util.ArrayList<>();
            List<CriterionName> named = new java.util.ArrayList<>();
            for (int c : ORDER) {
                Marker marker = CRITERIA.get(c).marker(plants, question);
                if (marker != null) {
                    ready.add(marker);
                    named.add(CRITERIA.get(c).name());
                }
            }
            markers = ready.toArray(Marker[]::new);
            names = named.toArray(CriterionName[]::new);
            scores = new double[markers.length];
            weights = new double[markers.length];
        }

        /**
         * @param floor see {@link Marking#floor}
         * @return the score, or {@link #RULED_OUT} when a criterion does not pass it
         */
        double score(int i, double floor) {
            double lowest = 2;
            int limiting = -1;
            int n = 0;
            for (int c = 0; c < markers.length; c++) {
                double mark = markers[c].mark(i);
                if (mark < Scale.UNKNOWN) {
                    continue;
                }
                double score = mark == Scale.UNKNOWN ? counted(names[c], mark) : mark;
                if (score <= floor) {
                    return RULED_OUT;
                }
                if (score < lowest) {
                    lowest = score;
                    limiting = n;
                }
                scores[n] = score;
                weights[n++] = names[c].weight();
            }
            return n == 0 ? Scale.NEUTRAL : combined(scores, weights, n, limiting);
        }
    }

    /** A mark as it counts: unknown data is neutral, but for what a plant's life hangs on. */
    static double counted(CriterionName name, double mark) {
        if (mark != Scale.UNKNOWN) {
            return mark;
        }
        boolean vital = name == CriterionName.HARDINESS || name == CriterionName.SUN_LIVE;
        return vital ? FIND_OUT_FIRST : Scale.NEUTRAL;
    }

    private static double combined(double[] scores, double[] weights, int n, int limiting) {
        if (scores[limiting] <= 0) {
            return 0;
        }
        double log = 0;
        double sum = 0;
        for (int k = 0; k < n; k++) {
            if (k != limiting) {
                sum += weights[k];
                log += scores[k] < 1 ? weights[k] * Math.log(scores[k]) : 0;
            }
        }
        double lowestLog = Math.log(scores[limiting]);
        double mean = Math.exp(LIMITING_SHARE * lowestLog + (1 - LIMITING_SHARE) * (sum == 0 ? lowestLog : log / sum));
        // No mean lies below the lowest, but for the last digit of a logarithm, which must not move a plant over the
        // border of fitting.
        return Math.max(scores[limiting], mean);
    }

    private static int[] order(String names) {
        List<CriterionName> listed = CRITERIA.stream().map(Criterion::name).toList();
        return java.util.Arrays.stream(names.split(" "))
                .mapToInt(name -> listed.indexOf(CriterionName.valueOf(name)))
                .toArray();
    }
}
