package org.yellowfit.core.fit;

import org.yellowfit.core.measure.Words;

/**
 * The criteria of a fit with their weights: what kills a plant weighs most. The weights are our judgement
 * (docs/rules.md).
 * {@code turn} is the place in the quick pass: those that rule most plants out come first, those that cost most last.
 */
public enum CriterionName {
    HARDINESS(3, 1, "A2"),
    HEAT(1.5, 9, "A6"),
    SUN_LIVE(3, 2, "B2"),
    SUN_FLOWER(1.5, 14, "B2"),
    SUN_COLOUR(1, 15, "B2"),
    HOT_SUN(1.5, 16, "B3"),
    TEXTURE(1.5, 6, "C1"),
    DRAINAGE(2, 3, "C2"),
    MOISTURE(2, 7, "C3"),
    PH(1.5, 8, "C4"),
    HEIGHT(2, 4, "D4"),
    SPREAD(2, 5, "D4"),
    DEER(1.5, 12, "F3"),
    RABBITS(1, 13, "F3"),
    HAZARDS(2, 10, "F1"),
    EXPOSURE(1.5, 11, "F4"),
    PARTNER(0.5, 17, "F6"),
    WANTS(1.5, 18, "G5");

    private final double weight;
    private final int turn;
    private final String rule;

    CriterionName(double weight, int turn, String rule) {
        this.weight = weight;
        this.turn = turn;
        this.rule = rule;
    }

    double weight() {
        return weight;
    }

    int turn() {
        return turn;
    }

    /** The rule it stands on when nothing more special applies. */
    String rule() {
        return rule;
    }

    public String word() {
        return Words.of(this);
    }
}
