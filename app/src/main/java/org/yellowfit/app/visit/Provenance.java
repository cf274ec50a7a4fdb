package org.yellowfit.app.visit;

/**
 * Where an answer comes from.
 *
 * @param by in words, like “from the record of Marrow Point”; blank when nobody said
 */
public record Provenance(Kind kind, String by) {

    /** From sure to unsure. */
    public enum Kind {
        MEASURED,
        COMPUTED,
        TYPED,
        GUESSED
    }

    public static final Provenance TYPED = new Provenance(Kind.TYPED, "");
    public static final Provenance GUESSED = new Provenance(Kind.GUESSED, "");

    public static Provenance measured(String by) {
        return new Provenance(Kind.MEASURED, by);
    }

    public static Provenance computed(String by) {
        return new Provenance(Kind.COMPUTED, by);
    }
}
