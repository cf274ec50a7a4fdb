package org.yellowfit.app.records;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.records.LossCause;

/** Takings-back in words. */
final class BackWords {

    private BackWords() {}

    /** All of one plant in a sentence: how many, and mostly why; empty where nothing came back. */
    static Optional<String> sentence(List<TakingsBack.Back> all) {
        if (all.isEmpty()) {
            return Optional.empty();
        }
        int plants = all.stream().mapToInt(TakingsBack.Back::plants).sum();
        Map<LossCause, Integer> causes = all.stream()
                .filter(each -> each.cause() != null)
                .collect(Collectors.toMap(TakingsBack.Back::cause, TakingsBack.Back::plants, Integer::sum));
        Fact counted = Fact.of("counted.plants", plants);
        return Optional.of(causes.entrySet().stream()
                .max(Map.Entry.<LossCause, Integer>comparingByValue().thenComparing(Map.Entry.comparingByKey()))
                .map(most -> Sentences.say("back.mostly", counted, Sentences.label(most.getKey())))
                .orElseGet(() -> Sentences.say("back.plain", counted)));
    }

    /** One of them in a line. */
    static String line(TakingsBack.Back back, String instead) {
        StringBuilder line = new StringBuilder(Sentences.say(
                "back.line", Sentences.date("date.short", back.on()), Fact.of("counted.plants", back.plants())));
        if (back.cause() != null) {
            line.append("; ").append(Sentences.label(back.cause()));
        }
        if (!instead.isEmpty()) {
            line.append("; ").append(Sentences.say("back.instead", instead));
        }
        return back.note().isEmpty()
                ? line.toString()
                : line.append("; ").append(back.note()).toString();
    }
}
