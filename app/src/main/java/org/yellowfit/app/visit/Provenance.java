package org.yellowfit.app.visit;

import java.util.Locale;
import java.util.Map;

/**
 * Where an answer about the site comes from.
 *
 * @param by in words, like “the station Marrow Point”; blank when nobody said
 */
public record Provenance(Kind kind, String by) {

    /** From sure to unsure. */
    public enum Kind {
        MEASURED,
        COMPUTED,
        TYPED,
        GUESSED,
        UNKNOWN;

        public String words() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    private static final Provenance UNKNOWN = new Provenance(Kind.UNKNOWN, "");

    static Provenance of(Map<String, String> answers, String field) {
        if (answers.getOrDefault(Answers.SITE + field, "").isEmpty()) {
            return UNKNOWN;
        }
        String kept = answers.getOrDefault(Answers.FROM + field, "");
        if (kept.isEmpty()) {
            return new Provenance(Kind.TYPED, "");
        }
        String[] parts = kept.split("\\|", 2);
        return new Provenance(Kind.valueOf(parts[0]), parts.length > 1 ? parts[1] : "");
    }

    /** As it is kept among the answers. */
    public String kept() {
        return kind + "|" + by;
    }

    public static String measured(String by) {
        return new Provenance(Kind.MEASURED, by).kept();
    }

    public static String computed(String by) {
        return new Provenance(Kind.COMPUTED, by).kept();
    }

    public static String guessed() {
        return new Provenance(Kind.GUESSED, "").kept();
    }
}
