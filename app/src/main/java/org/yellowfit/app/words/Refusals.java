package org.yellowfit.app.words;

import java.util.Locale;
import org.yellowfit.core.measure.LineProblem;
import org.yellowfit.core.measure.Problem;
import org.yellowfit.core.measure.Refusal;

/**
 * Why something was refused, in the shop's language. English stands where it is refused; another language has each
 * sentence in its message file under {@link #key}, its values as {0}, {1} …
 */
public final class Refusals {

    private static final int LONGEST_KEY = 70;

    private Refusals() {}

    public static String say(Refusal refusal) {
        String key = key(refusal.sentence());
        return Sentences.has(key) ? Sentences.say(key, refusal.values().toArray()) : refusal.toString();
    }

    public static String say(Problem problem) {
        return say(problem.refusal());
    }

    public static String say(LineProblem problem) {
        return say(problem.refusal());
    }

    public static String say(IllegalArgumentException e) {
        return say(Refusal.of(e));
    }

    /**
     * {@code refused.} and the letters of the sentence, at most {@value #LONGEST_KEY} of them, with hyphens between words
     * and the number of each value in its place: {@code refused.0-is-out-of-range-expected-1-to-2}.
     */
    static String key(String sentence) {
        StringBuilder numbered = new StringBuilder();
        int value = 0;
        for (String part : sentence.split("%[sd]", -1)) {
            numbered.append(value == 0 ? "" : " " + (value - 1) + " ").append(part);
            value++;
        }
        String words = numbered.toString()
                .toLowerCase(Locale.ROOT)
                .replaceAll("[^a-z0-9]+", "-")
                .replaceAll("^-|-$", "");
        return "refused." + words.substring(0, Math.min(words.length(), LONGEST_KEY));
    }
}
