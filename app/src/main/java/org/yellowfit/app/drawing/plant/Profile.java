package org.yellowfit.app.drawing.plant;

import org.yellowfit.core.plant.Habit;

/**
 * The outline of a crown by habit: half its width at each height, both as shares (0–1) of the plant's own.
 *
 * @param crownFrom where the leaves begin above the ground, as a share of the height
 */
record Profile(Habit habit, boolean tree, double crownFrom) {

    static Profile of(Habit habit, boolean tree) {
        double from = switch (habit) {
            case STANDARD -> 0.52;
            case WEEPING -> 0.12;
            case FOUNTAIN -> 0.55;
            case ARCHING -> 0.22;
            case VASE -> tree ? 0.3 : 0.18;
            case UPRIGHT -> tree ? 0.24 : 0.06;
            case GLOBE -> tree ? 0.28 : 0.06;
            case PYRAMIDAL -> tree ? 0.13 : 0.02;
            case COLUMNAR -> tree ? 0.1 : 0.01;
            case SPREADING -> tree ? 0.42 : 0.05;
            default -> 0;
        };
        return new Profile(habit, tree, from);
    }

    /** A young tree carries its branches lower, though a whip has its bare foot too. */
    Profile younger(double maturity) {
        double least = tree ? 0.75 : 0.45;
        double from = habit == Habit.STANDARD ? crownFrom : crownFrom * (least + (1 - least) * maturity);
        return new Profile(habit, tree, from);
    }

    /** @param v height, 0 at the ground to 1 at the top; 0 outside the crown */
    double halfWidth(double v) {
        if (v < crownFrom || v > 1) {
            return 0;
        }
        double c = (v - crownFrom) / (1 - crownFrom);
        return switch (habit) {
            case COLUMNAR ->
                Math.min(1, 2.6 * Math.sqrt(Math.max(0, 1 - c)) * 0.62 + 0.02)
                        * (0.82 + 0.18 * Math.sin(Math.PI * Math.min(1, c * 1.15)));
            case PYRAMIDAL -> Math.pow(1 - c, 0.86) * (0.9 + 0.1 * Math.cos(c * 26)) + 0.02;
            case GLOBE, STANDARD -> arc(2 * c - 1, 1.95);
            case UPRIGHT -> tree ? egg(c) : erect(c);
            case VASE ->
                (0.14 + 0.86 * Math.pow(Math.min(1, c / 0.8), 0.95)) * Math.pow(Math.max(0, 1 - Math.pow(c, 9)), 0.5);
            case SPREADING -> tree ? umbrella(c) : level(c);
            case PROSTRATE -> Math.pow(1 - c, 0.35);
            case ARCHING ->
                (0.22 + 0.7 * Math.sin(Math.PI * Math.min(1, (c + 0.12) * 0.78))) * Math.pow(1 - Math.pow(c, 6), 0.5);
            case WEEPING -> 0.86 * Math.pow(Math.max(0, 1 - Math.pow(c, 2.2)), 0.5);
            case SCRAMBLING ->
                0.62 + 0.3 * Math.sin(c * 7 + 0.6) * Math.sin(Math.PI * c) + 0.22 * c - 0.5 * Math.pow(c, 6);
            case BAMBOO_LIKE -> 0.46 + 0.54 * Math.sin(Math.PI * Math.min(1, 0.12 + c * 0.78));
            case ROSETTE -> arc(c * 1.02, 2) * (1 - 0.15 * c);
            case FOUNTAIN -> Math.min(1, Math.sqrt(Math.max(0, 1 - v) / 0.38));
            case MOUND -> arc(c, 2.2) * (0.86 + 0.14 * Math.min(1, c * 5));
        };
    }

    /** Widest below its middle, and drawn together above. */
    private static double egg(double c) {
        return Math.pow(Math.sin(Math.PI * Math.pow(c, 0.78)), 0.62);
    }

    private static double erect(double c) {
        return (0.55 + 0.45 * Math.sin(Math.PI * Math.min(1, 0.08 + c * 0.66)))
                * Math.pow(Math.max(0, 1 - Math.pow(c, 6)), 0.5);
    }

    /** Wide from a little above its foot, and level on top. */
    private static double level(double c) {
        return Math.min(1, 0.6 + 0.9 * c) * Math.pow(Math.max(0, 1 - Math.pow(c, 8)), 0.5);
    }

    /** Wide at once above its bare trunk, its roof low. */
    private static double umbrella(double c) {
        return Math.min(1, 0.62 + 1.1 * c) * Math.pow(Math.max(0, 1 - Math.pow(c, 4)), 0.5);
    }

    private static double arc(double t, double power) {
        return Math.pow(Math.max(0, 1 - Math.pow(Math.abs(t), power)), 1 / power);
    }
}
