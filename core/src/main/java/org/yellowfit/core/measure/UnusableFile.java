package org.yellowfit.core.measure;

import java.util.List;

/** A file refused with what is wrong in it, so that all can be mended in one go. At most {@value #MOST_TOLD} problems are told. */
public class UnusableFile extends IllegalArgumentException {

    public static final int MOST_TOLD = 200;

    private final transient List<LineProblem> problems;

    public UnusableFile(List<LineProblem> problems) {
        super(problems.isEmpty() ? "" : problems.get(0).message());
        this.problems = problems.stream().limit(MOST_TOLD).toList();
    }

    /** @see Refusal#of(String, Object...) */
    public static UnusableFile at(long line, String column, String sentence, Object... values) {
        return new UnusableFile(List.of(new LineProblem(line, column, sentence, values)));
    }

    public List<LineProblem> problems() {
        return problems;
    }
}
