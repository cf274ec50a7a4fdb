package org.yellowfit.core.search;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Reads what an advisor types: {@code purple leaf under 60 cm evergreen} is three conditions and no name. Phrases are tried in
 * the order of {@link Phrasebook}; what no phrase takes is a word of a name. “not” or “no” before a phrase turns it round.
 */
public final class Understanding {

    private static final int LONGEST = 300;
    private static final Pattern WORD = Pattern.compile("[\\p{L}\\p{N}×'’-]+");
    /** Words that mean nothing here. */
    private static final Set<String> FILLERS = Set.of(
            "a",
            "an",
            "the",
            "and",
            "with",
            "that",
            "for",
            "of",
            "in",
            "to",
            "or",
            "is",
            "plant",
            "plants",
            "some",
            "something",
            "i",
            "want",
            "which",
            "has",
            "have",
            "by",
            "on",
            "at",
            "as",
            "tolerant",
            "please",
            "soil",
            "ground",
            "place",
            "colour",
            "coloured",
            "color",
            "up");

    private record Found(int at, Condition condition) {}

    private Understanding() {}

    public static Understood of(String typed) {
        String text = typed.length() > LONGEST ? typed.substring(0, LONGEST) : typed;
        StringBuilder rest = new StringBuilder(text.toLowerCase(Locale.ROOT).replace('’', '\''));
        List<Found> found = new ArrayList<>();
        for (Phrasebook.Phrase phrase : Phrasebook.PHRASES) {
            take(phrase, rest, text, found);
        }
        List<Condition> conditions = found.stream()
                .sorted(Comparator.comparingInt(Found::at))
                .map(Found::condition)
                .toList();
        return new Understood(conditions, words(rest.toString()));
    }

    /** The same search without one of the things typed. */
    public static String without(String typed, String said) {
        int at = typed.toLowerCase(Locale.ROOT).indexOf(said.toLowerCase(Locale.ROOT));
        return at < 0
                ? typed
                : (typed.substring(0, at) + " " + typed.substring(at + said.length()))
                        .replaceAll("\\s+", " ")
                        .strip();
    }

    private static void take(Phrasebook.Phrase phrase, StringBuilder rest, String typed, List<Found> found) {
        Matcher matcher = phrase.pattern().matcher(rest);
        int from = 0;
        while (from <= rest.length() && matcher.find(from)) {
            Condition condition = phrase.reading().read(matcher);
            from = matcher.end() + 1;
            if (condition != null) {
                boolean turned = matcher.group("not") != null;
                String said = typed.substring(matcher.start(), matcher.end()).strip();
                Condition whole = new Condition(said, condition.meaning(), condition.holds());
                found.add(new Found(matcher.start(), turned ? whole.not(said) : whole));
                for (int i = matcher.start(); i < matcher.end(); i++) {
                    rest.setCharAt(i, '\u0001');
                }
                matcher.reset(rest);
            }
        }
    }

    private static List<String> words(String rest) {
        List<String> words = new ArrayList<>();
        Matcher matcher = WORD.matcher(rest);
        while (matcher.find()) {
            String word = matcher.group().replaceAll("^['-]+|['-]+$", "");
            if (!word.isEmpty() && !FILLERS.contains(word)) {
                words.add(word);
            }
        }
        return words;
    }
}
