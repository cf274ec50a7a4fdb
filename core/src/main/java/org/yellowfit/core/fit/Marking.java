package org.yellowfit.core.fit;

import java.util.List;

/**
 * The quick pass: all criteria of one plant marked into one score. The limiting criterion carries {@link #LIMITING_SHARE} of the
 * weight, the others share the rest by their own weights (a weighted geometric mean under the law of the minimum). The share
 * is so chosen that, with the bands of {@link Scale}, no plant that needs a remedy outranks one that fits, and no plant that
 * does not fit outranks one that needs a remedy.
 */
final class Marking {

    static final List<Criterion> CRITERIA = List.of(
            new HardinessCriterion(), new HeatCriterion(),
            SunCriterion.toLive(), SunCriterion.toFlower(), SunCriterion.toHoldColour(), new HotSunCriterion(),
            new TextureCriterion(), new DrainageCriterion(), new MoistureCriterion(), new PhCriterion(),
            SpaceCriterion.height(), SpaceCriterion.spread(), BrowserCriterion.deer(), BrowserCriterion.rabbits(),
            new HazardCriterion(), new ExposureCriterion(), new PartnerCriterion(), new WantsCriterion());

    static final double LIMITING_SHARE = 0.6;
    /** Unknown hardiness or light is to be found out before the plant is sold. */
    static final double FIND_OUT_FIRST = Scale.FITS_IF_TO;
    static final double RULED_OUT = -1;

    private Marking() {
    }

    /** @return the score, or {@link #RULED_OUT} at the first criterion that says no when such plants are not wanted */
    static double score(Catalogue plants, int i, Question question, boolean includeNo) {
        double lowest = 2;
        double lowestWeight = 0;
        double logSum = 0;
        double weights = 0;
        for (int c = 0; c < CRITERIA.size(); c++) {
            Criterion criterion = CRITERIA.get(c);
            double mark = criterion.mark(plants, i, question);
            if (mark < Scale.UNKNOWN) {
                continue;
            }
            double score = counted(criterion.name(), mark);
            if (score <= Scale.NO_TO && !includeNo) {
                return RULED_OUT;
            }
            double weight = criterion.name().weight();
            weights += weight;
            logSum += score < 1 ? weight * Math.log(score) : 0;
            if (score < lowest) {
                lowest = score;
                lowestWeight = weight;
            }
        }
        return weights == 0 ? Scale.NEUTRAL : combined(lowest, lowestWeight, logSum, weights);
    }

    /** A mark as it counts: unknown data is neutral, but for what a plant's life hangs on. */
    static double counted(CriterionName name, double mark) {
        if (mark != Scale.UNKNOWN) {
            return mark;
        }
        boolean vital = name == CriterionName.HARDINESS || name == CriterionName.SUN_LIVE;
        return vital ? FIND_OUT_FIRST : Scale.NEUTRAL;
    }

    private static double combined(double lowest, double lowestWeight, double logSum, double weights) {
        if (lowest <= 0) {
            return 0;
        }
        double others = weights - lowestWeight;
        double othersLog = others == 0 ? Math.log(lowest) : (logSum - lowestWeight * Math.log(lowest)) / others;
        return Math.exp(LIMITING_SHARE * Math.log(lowest) + (1 - LIMITING_SHARE) * othersLog);
    }
}
