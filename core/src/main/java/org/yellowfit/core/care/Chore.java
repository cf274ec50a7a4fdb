package org.yellowfit.core.care;

import java.util.List;

/**
 * One thing to be done to one kind of plant.
 *
 * @param minutes of all its plants; 0 where its share of the plant's minutes a year has still to be worked out
 * @param says    names the sentence, whose first value are the names of the plants; {@code with} are its other values
 */
record Chore(
        TaskKind kind, Window window, ToCareFor plants, double minutes, String says, List<Object> with, String rule) {

    static Chore of(TaskKind kind, Window window, ToCareFor plants, String says, String rule, Object... with) {
        return new Chore(kind, window, plants, 0, says, List.of(with), rule);
    }

    Chore taking(double allMinutes) {
        return new Chore(kind, window, plants, allMinutes, says, with, rule);
    }
}
