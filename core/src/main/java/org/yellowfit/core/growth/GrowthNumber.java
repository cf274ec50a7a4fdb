package org.yellowfit.core.growth;

import org.yellowfit.core.measure.Tabled;

/** Every number of how plants grow (rules D1 and B7). */
public enum GrowthNumber implements Tabled {
    SLOW_WOOD_SHAPE(1.5, "p of Chapman–Richards", "D1"),
    QUICK_SHAPE(1, "p of Chapman–Richards", "D1, what renews itself, clumps and climbers"),
    WOODY_START(0.3, "m bought", "D1"),
    OTHER_START(0.15, "m bought", "D1"),
    START_OF_THE_LOW(0.1, "of its height at ten years, bought", "D1, what is lower than its usual pot"),
    LARGEST_START(0.8, "of a size to come", "a pot taller than that leaves nothing to grow"),
    LARGEST_SHARE_AT_TEN(0.98, "of the ultimate size", "D1, at ten years wood is still short of it"),
    RENEWED_BY(3, "years", "D1, wood that renews itself is established"),
    RENEWED_TO(0.95, "of the size at ten years", "D1"),
    CLUMP_WIDE_BY(3, "years", "D1, a clump’s spread"),
    CLUMP_HIGH_BY(2, "years", "D1, a clump’s height"),
    CLUMP_FULL(0.95, "of the full size", "D1"),
    CLIMBED_BY(10, "years", "D1, a climber at full reach"),
    CLIMBED_TO(0.98, "of what the curve tends to", "D1, full reach for all one sees"),
    RATE_AT_HALF_SUN(0.7, "of the rate", "B7"),
    LEAST_RATE(0.4, "of the rate", "B7, our judgement: what lives grows"),
    LONGEST_STANDSTILL(8, "years", "D7, so that the ten-year size is still reached"),
    GAIN_SLOW(1.6, "times the size at ten years", "D1, ultimate size where none is known; our estimate"),
    GAIN_MEDIUM(1.4, "times the size at ten years", "D1, our estimate"),
    GAIN_FAST(1.25, "times the size at ten years", "D1, our estimate"),
    BACK_FROM(1.5, "m in leaf", "G1, our reading of its layers"),
    MIDDLE_FROM(0.6, "m in leaf", "G1, our reading of its layers"),
    FRONT_FROM(0.2, "m in leaf", "G1, our reading of its layers");

    private final Line line;

    GrowthNumber(double value, String unit, String source) {
        line = new Line(value, unit, source);
    }

    @Override
    public Line line() {
        return line;
    }
}
