package org.yellowfit.core.measure;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import org.apache.commons.text.similarity.LevenshteinDistance;

/** Closed lists of words, as the files and the API spell them, and the nearest one to a misspelling. */
public final class Words {

    private static final int LONGEST_QUOTED = 60;

    private Words() {}

    /** {@code PROSTRATE} is written {@code prostrate}; {@code AFTER_FLOWER} is written {@code after-flower}. */
    public static String of(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    public static <E extends Enum<E>> E parse(Class<E> type, String text) {
        String wanted = normal(text);
        for (E each : type.getEnumConstants()) {
            if (of(each).equals(wanted)) {
                return each;
            }
        }
        throw unknown(
                text, Arrays.stream(type.getEnumConstants()).map(Words::of).toList());
    }

    public static IllegalArgumentException unknown(String text, List<String> allowed) {
        String near = nearest(normal(text), allowed).orElse(null);
        String words = String.join(", ", allowed);
        return near == null
                ? new UnknownWord(null, "“%s” is not a word known here; expected one of: %s.", shorten(text), words)
                : new UnknownWord(
                        near,
                        "“%s” is not a word known here; expected one of: %s. Did you mean “%s”?",
                        shorten(text),
                        words,
                        near);
    }

    /** The allowed word at most two letters, or a third of its letters, away, if there is one. */
    public static Optional<String> nearest(String text, List<String> allowed) {
        LevenshteinDistance distance = new LevenshteinDistance(8);
        return allowed.stream()
                .filter(word ->
                        within(distance.apply(text, word), word.length() <= 3 ? 1 : Math.max(2, word.length() / 3)))
                .min(java.util.Comparator.comparingInt(word -> distance.apply(text, word)));
    }

    public static String list(Iterable<? extends Enum<?>> values) {
        return java.util.stream.StreamSupport.stream(values.spliterator(), false)
                .map(Words::of)
                .collect(Collectors.joining(", "));
    }

    /** Long input is quoted by its beginning only. */
    public static String shorten(String text) {
        return text.length() <= LONGEST_QUOTED ? text : text.substring(0, LONGEST_QUOTED) + "…";
    }

    private static boolean within(int distance, int most) {
        return distance >= 0 && distance <= most;
    }

    private static String normal(String text) {
        return text.strip().toLowerCase(Locale.ROOT);
    }
}
