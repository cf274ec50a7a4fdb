package org.yellowfit.app.records;

import java.util.Arrays;
import java.util.List;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.records.LossCause;

/** Causes of a loss, to be chosen from. */
public final class LossChoices {

    public record Choice(String value, String name) {}

    private LossChoices() {}

    public static List<Choice> all() {
        return Arrays.stream(LossCause.values())
                .map(cause -> new Choice(Words.of(cause), Sentences.label(cause)))
                .toList();
    }
}
