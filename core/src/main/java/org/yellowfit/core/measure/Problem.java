package org.yellowfit.core.measure;

/**
 * What is wrong with one value that came in.
 *
 * @param field   it came by
 * @param message a sentence a person can act on
 * @param nearest the allowed word nearest to a misspelt one; null when there is none
 */
public record Problem(String field, String message, String nearest) {

    public Problem(String field, String message) {
        this(field, message, null);
    }

    /** The problem an exception tells of. */
    public static Problem of(String field, IllegalArgumentException e) {
        return new Problem(field, e.getMessage(), e instanceof UnknownWord word ? word.nearest() : null);
    }
}
