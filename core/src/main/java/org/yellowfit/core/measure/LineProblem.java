package org.yellowfit.core.measure;

/**
 * What is wrong at one place of a file.
 *
 * @param line   of the file, 1 is the header
 * @param column name in the header; empty when the whole line is meant
 */
public record LineProblem(long line, String column, Refusal refusal) {

    /** @see Refusal#of(String, Object...) */
    public LineProblem(long line, String column, String sentence, Object... values) {
        this(line, column, Refusal.of(sentence, values));
    }

    /** The sentence in English. */
    public String message() {
        return refusal.toString();
    }
}
