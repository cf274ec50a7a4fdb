package org.yellowfit.core.fit;

import java.util.List;

/**
 * @param considered plants looked at
 * @param ranked     more of them than are told of, in merit order
 * @param candidates the ranked ones among them, best first
 * @param first      the five that differ, the best first; fewer where fewer live
 */
public record FitResult(int considered, List<Ranked> ranked, List<Candidate> candidates, List<First> first) {

    public FitResult {
        candidates = List.copyOf(candidates);
        first = List.copyOf(first);
    }
}
