package org.yellowfit.core.fit;

import org.yellowfit.core.measure.Words;

/** The criteria of a fit with their weights: what kills a plant weighs most. The weights are our judgement (docs/rules.md). */
public enum CriterionName {
    HARDINESS(3),
    HEAT(1.5),
    SUN_LIVE(3),
    SUN_FLOWER(1.5),
    SUN_COLOUR(1),
    HOT_SUN(1.5),
    TEXTURE(1.5),
    DRAINAGE(2),
    MOISTURE(2),
    PH(1.5),
    HEIGHT(2),
    SPREAD(2),
    DEER(1.5),
    RABBITS(1),
    HAZARDS(2),
    EXPOSURE(1.5),
    PARTNER(0.5),
    WANTS(1.5);

    private final double weight;

    CriterionName(double weight) {
        this.weight = weight;
    }

    double weight() {
        return weight;
    }

    public String word() {
        return Words.of(this);
    }
}
