package org.yellowfit.core.fit;

import org.yellowfit.core.measure.Tabled;
import org.yellowfit.core.plant.Policy;

/**
 * Every number of the fit's rules that is no score: thresholds, reaches and steps. Printed in docs/rules.md
 * beside {@link Outcome}.
 */
enum RuleNumber implements Tabled {
    PLACE_IN_CONFIDENCE(0.25, "of the weight", "our judgement"),
    CLOSE_IN_CONFIDENCE(0.5, "of the weight", "our judgement"),
    CLOSE_IN_WORTH(0.95, "of how it serves", "L4"),
    FITS_IF_IN_WORTH(0.6, "of how it serves", "L4"),
    FIRST_LIKENESS(0.3, "of the greatest likeness taken off", "L6, the one least like the others"),
    FELT_LOSS(0.05, "met", "L6, so much less of a wish is given up"),
    FIRST_OF_BEST(0.6, "of the best’s worth", "L6, what stands among the first five"),
    SERVES_FROM(0.4, "of the worth", "L7, under it nothing serves"),
    STEP_OF_WORTH(0.02, "of the worth", "L5"),
    LIMITING_SHARE(0.6, "of the weight", "so chosen that no plant with a remedy outranks one that fits"),

    WEEKS_OF_SHOW_CAUTIOUS(12, "weeks", "A5, our estimate"),
    WEEKS_OF_SHOW_STANDARD(8, "weeks", "A5"),
    WEEKS_OF_SHOW_BOLD(4, "weeks", "A5, our estimate"),
    BUD_LOSS_CAUTIOUS(0.15, "of the springs put up with", "A8, our choice"),
    BUD_LOSS_STANDARD(0.3, "of the springs put up with", "A8, our choice"),
    BUD_LOSS_BOLD(0.5, "of the springs put up with", "A8, our choice"),
    BUD_LOSS_WITHOUT_SPARE(0.7, "of the springs, estimated", "A8"),
    BUD_LOSS_BEYOND_THE_ZONE(0.75, "of the springs, estimated", "A8, our estimate"),
    BUD_LOSS_HALF_A_ZONE_SPARE(0.4, "of the springs, estimated", "A8"),
    BUD_LOSS_A_ZONE_SPARE(0.1, "of the springs, estimated", "A8"),
    POT_MARGIN_CAUTIOUS(4, "half-zones", "A3"),
    POT_MARGIN_STANDARD(3, "half-zones", "A3"),
    POT_MARGIN_BOLD(0, "half-zones", "A3"),
    COLD_GAP_CAUTIOUS(0, "half-zones bridged", "A4"),
    COLD_GAP_STANDARD(1, "half-zones bridged", "A4"),
    COLD_GAP_BOLD(2, "half-zones bridged", "A4"),
    NO_ROOT_FROST_FROM(17, "half-zones above 1a: 9b", "A3, roots in pots do not freeze"),
    FROST_FREE_POT_REACH(8, "half-zones", "A3, our judgement of what is worth carrying in"),
    ZONE_STRIP_STEP(2, "half-zones", "a step of the strip"),

    SHADED_AFTERNOON(1, "h over the limit", "B3, what afternoon shade takes away"),
    SUN_STRIP_STEP(1, "h", "a step of the strip"),

    MOISTURE_REACH(1, "steps", "C3, bridged by watering or draining"),
    MOISTURE_FAR(2, "steps", "C3, bridged by nothing"),
    MOISTURE_STRIP_STEP(0.5, "steps", "a step of the strip"),
    PH_REACH(0.5, "pH", "C5, what can be nudged"),
    PH_STRIP_STEP(0.5, "pH", "a step of the strip"),

    SUPPORT_OVERTOPPED(4 / 3.0, "times the support", "F9, by more than a third"),
    PRUNED_FROM(1.5, "times the room", "I1, a cut of a third"),
    NARROW_STRIP(0.9, "m", "D5"),
    ROOM_STRIP_STEP(0.1, "of the room", "a step of the strip"),
    LEAST_ROOM_STRIP_STEP(0.05, "m", "a step of the strip"),

    READS_THE_SAME(0.1, "OKLab distance", "a colour asked for exactly");

    final double value;
    private final Line line;

    RuleNumber(double value, String unit, String source) {
        this.value = value;
        line = new Line(value, unit, source);
    }

    @Override
    public Line line() {
        return line;
    }

    /** The number as a count of half-zones, weeks or steps. */
    int whole() {
        return (int) value;
    }

    static int leastWeeksOfShow(Policy policy) {
        return switch (policy) {
            case CAUTIOUS -> WEEKS_OF_SHOW_CAUTIOUS.whole();
            case STANDARD -> WEEKS_OF_SHOW_STANDARD.whole();
            case BOLD -> WEEKS_OF_SHOW_BOLD.whole();
        };
    }

    /** A8 without a record: by the half-zones that the place has to spare. */
    static double estimatedBudLoss(int spare) {
        if (spare <= 0) {
            return BUD_LOSS_WITHOUT_SPARE.value;
        }
        return spare == 1 ? BUD_LOSS_HALF_A_ZONE_SPARE.value : BUD_LOSS_A_ZONE_SPARE.value;
    }

    static double mostBudLoss(Policy policy) {
        return switch (policy) {
            case CAUTIOUS -> BUD_LOSS_CAUTIOUS.value;
            case STANDARD -> BUD_LOSS_STANDARD.value;
            case BOLD -> BUD_LOSS_BOLD.value;
        };
    }

    static int potMargin(Policy policy) {
        return switch (policy) {
            case CAUTIOUS -> POT_MARGIN_CAUTIOUS.whole();
            case STANDARD -> POT_MARGIN_STANDARD.whole();
            case BOLD -> POT_MARGIN_BOLD.whole();
        };
    }

    static int bridgedGap(Policy policy) {
        return switch (policy) {
            case CAUTIOUS -> COLD_GAP_CAUTIOUS.whole();
            case STANDARD -> COLD_GAP_STANDARD.whole();
            case BOLD -> COLD_GAP_BOLD.whole();
        };
    }
}
