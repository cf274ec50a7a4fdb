package org.yellowfit.app.words;

import java.util.List;
import org.yellowfit.core.measure.LineProblem;

/**
 * What is wrong at one place of a file, as it is shown and sent.
 *
 * @param line   1 is the header
 * @param column empty when the whole line is meant
 */
public record LineMessage(long line, String column, String message) {

    public static List<LineMessage> of(List<LineProblem> problems) {
        return problems.stream()
                .map(problem -> new LineMessage(problem.line(), problem.column(), Refusals.say(problem)))
                .toList();
    }
}
