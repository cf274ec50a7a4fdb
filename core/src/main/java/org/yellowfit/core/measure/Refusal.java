package org.yellowfit.core.measure;

import java.util.List;

/**
 * Why something is refused: a sentence, and the values in it. It is written in English beside the check that refuses;
 * the sentence as written is what another language finds its own by.
 *
 * @param sentence with a place for each value as {@link String#formatted} has it; without values it is taken as
 *                 it stands
 */
public record Refusal(String sentence, List<Object> values) {

    public Refusal {
        values = List.copyOf(values);
    }

    public static Refusal of(String sentence, Object... values) {
        return new Refusal(sentence, List.of(values));
    }

    /** What an exception tells of. */
    public static Refusal of(IllegalArgumentException e) {
        return e instanceof Refused refused ? refused.refusal() : of(String.valueOf(e.getMessage()));
    }

    /** In English. */
    @Override
    public String toString() {
        return values.isEmpty() ? sentence : sentence.formatted(values.toArray());
    }
}
