package org.yellowfit.core.fit;

import java.util.List;

/** @param considered plants looked at; {@code candidates} are the ranked ones among them, best first */
public record FitResult(int considered, List<Candidate> candidates) {

    public FitResult {
        candidates = List.copyOf(candidates);
    }
}
