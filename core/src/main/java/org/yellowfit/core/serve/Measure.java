package org.yellowfit.core.serve;

import org.yellowfit.core.measure.Fact;

/** One job or wish, made ready for one place: how far each plant meets it, and why. For one thread. */
abstract class Measure {

    /** A share met but for the last digit is met. */
    static final double ROUNDING = 1e-9;
    /** The least that a must asks where it is graded. */
    static final double HALF = 0.5;

    private final String want;
    private final Importance importance;
    private final Fact asked;

    /** @param want a wish's field or a job's word, as the API names it */
    Measure(String want, Importance importance, Fact asked) {
        this.want = want;
        this.importance = importance;
        this.asked = asked;
    }

    String want() {
        return want;
    }

    Importance importance() {
        return importance;
    }

    /** What is asked for, in words. */
    Fact asked() {
        return asked;
    }

    /** How far plant {@code i} meets it: 0–1, NaN when that is not known. */
    abstract double met(int i);

    /** Why, with the numbers in it. */
    abstract Fact why(int i);

    /** The share from which a must is met. */
    double enough() {
        return 1 - ROUNDING;
    }

    /** How dear it is to work out: 1 for a look at one trait. */
    int cost() {
        return 2;
    }

    static double clamp(double value) {
        return Math.max(0, Math.min(1, value));
    }

    /** 1 up to {@code good}, falling straight to 0 at {@code none}. */
    static double falling(double value, double good, double none) {
        return clamp((none - value) / (none - good));
    }

    /** 0 up to {@code none}, rising straight to 1 at {@code good}. */
    static double rising(double value, double none, double good) {
        return clamp((value - none) / (good - none));
    }
}
