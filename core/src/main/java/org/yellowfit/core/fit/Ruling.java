package org.yellowfit.core.fit;

/**
 * What a judge says of one plant: an outcome and a margin in its unit. Used again for the next plant, so that nothing
 * is made anew.
 */
final class Ruling {

    private Outcome outcome = Outcome.NOT_ABOUT_IT;
    private double margin;

    void set(Outcome found, double marginFound) {
        outcome = found;
        margin = marginFound;
    }

    void set(Outcome found) {
        set(found, 0);
    }

    Outcome outcome() {
        return outcome;
    }

    double margin() {
        return margin;
    }

    Verdict verdict() {
        return outcome.verdict();
    }

    boolean is(Outcome asked) {
        return outcome == asked;
    }

    /** Whether there is anything to tell, if only that the plant's data is missing. */
    boolean isTold() {
        return outcome != Outcome.NOT_ABOUT_IT && outcome != Outcome.SITE_UNKNOWN;
    }

    boolean isUnknown() {
        return outcome == Outcome.UNKNOWN || outcome == Outcome.FIND_OUT_FIRST;
    }

    double score() {
        return outcome.score(margin);
    }
}
