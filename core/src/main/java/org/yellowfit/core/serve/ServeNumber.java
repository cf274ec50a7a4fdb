package org.yellowfit.core.serve;

import org.yellowfit.core.measure.Tabled;

/** The numbers by which what is met becomes one (rule L3). */
public enum ServeNumber implements Tabled {
    LEAST_MET(0.02, "met", "L3, the floor under what the harmonic mean divides by"),
    MUST_COUNTS(2, "times", "L3"),
    MUCH_COUNTS(1, "times", "L3"),
    FIRST_JOB_COUNTS(2, "times", "L3"),
    SOME_LEAVES(0.85, "of how it serves, of a wish that counts some and is not met", "L3"),
    NO_MERIT_LEAVES(0.85, "of how it serves, of a plant that gives nothing to look at", "L3"),
    FIRST_JOB_MET(0.5, "met", "L6, what the first five do of the first job"),
    MUCH_WISH_MET(0.25, "met", "L6, and of whatever counts much"),
    WEEKS_OF_ONE_PLANT(10, "weeks in flower", "L9, of what is asked of one plant in several months"),
    MOST_OF_A_MONTH(2 / 3.0, "of its weeks", "L9, most of a single month asked for"),
    CLOSER(0.5, "of the mature distance", "H1, as close as ground cover is planted; our judgement"),
    CLOSER_IS_MET(0.85, "of closing by the year", "L2, what is planted so close; our judgement"),
    UNKNOWN_MET(0.3, "met", "the shape of every answer"),
    UNHELD_LEAVES(0.75, "of how it serves, of a climber nobody said a support for", "F9, our judgement");

    private final Line line;

    ServeNumber(double value, String unit, String source) {
        line = new Line(value, unit, source);
    }

    @Override
    public Line line() {
        return line;
    }
}
