package org.yellowfit.core.measure;

import java.util.List;
import java.util.stream.Collectors;

/** Input refused with every problem found in it, so that all can be mended in one go. */
public class InvalidInput extends IllegalArgumentException {

    private final transient List<Problem> problems;

    public InvalidInput(List<Problem> problems) {
        super(problems.stream().map(p -> p.field() + ": " + p.message()).collect(Collectors.joining(" ")));
        this.problems = List.copyOf(problems);
    }

    /** @see Refusal#of(String, Object...) */
    public static InvalidInput at(String field, String sentence, Object... values) {
        return new InvalidInput(List.of(new Problem(field, sentence, values)));
    }

    public List<Problem> problems() {
        return problems;
    }
}
