package org.yellowfit.core.fit;

import java.util.List;
import java.util.Optional;
import org.yellowfit.core.measure.Fact;

/**
 * @param considered plants looked at
 * @param ranked     more of them than are told of, in merit order
 * @param candidates the ranked ones among them, best first
 * @param first      the five that differ, the best first; fewer where fewer do what is asked
 * @param firstWhy   why there are fewer than five
 */
public record FitResult(
        int considered, List<Ranked> ranked, List<Candidate> candidates, List<First> first, Optional<Fact> firstWhy) {

    public FitResult {
        candidates = List.copyOf(candidates);
        first = List.copyOf(first);
    }
}
