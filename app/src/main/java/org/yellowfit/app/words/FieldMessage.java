package org.yellowfit.app.words;

import java.util.List;
import org.yellowfit.core.measure.Problem;

/**
 * What is wrong with one value, as it is shown and sent.
 *
 * @param nearest the allowed word nearest to a misspelt one, or null
 */
public record FieldMessage(String field, String message, String nearest) {

    public static List<FieldMessage> of(List<Problem> problems) {
        return problems.stream()
                .map(problem -> new FieldMessage(problem.field(), Refusals.say(problem), problem.nearest()))
                .toList();
    }
}
