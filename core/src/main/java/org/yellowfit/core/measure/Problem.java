package org.yellowfit.core.measure;

/**
 * What is wrong with one value that came in.
 *
 * @param field   it came by
 * @param refusal a sentence a person can act on
 * @param nearest the allowed word nearest to a misspelt one; null when there is none
 */
public record Problem(String field, Refusal refusal, String nearest) {

    /** @see Refusal#of(String, Object...) */
    public Problem(String field, String sentence, Object... values) {
        this(field, Refusal.of(sentence, values), null);
    }

    /** The problem an exception tells of. */
    public static Problem of(String field, IllegalArgumentException e) {
        return new Problem(field, Refusal.of(e), e instanceof UnknownWord word ? word.nearest() : null);
    }

    /** The sentence in English. */
    public String message() {
        return refusal.toString();
    }
}
