package org.yellowfit.core.fit;

import java.util.List;
import java.util.Optional;
import org.yellowfit.core.plant.Cultivar;

/**
 * One plant's answer to a question.
 *
 * @param verdict    its worst criterion's; at best fits-if when hardiness or sun to live is unknown
 * @param score      0–1
 * @param confidence 0–1: the weight of what is known of plant and place among all that could count
 * @param limiting   the criterion with the lowest score; empty when nothing could be judged
 * @param instead    for a plant that needs a remedy: the nearest plant that needs none
 */
public record Candidate(
        Cultivar plant,
        Verdict verdict,
        double score,
        double confidence,
        Optional<CriterionName> limiting,
        List<Judgement> criteria,
        Optional<Cultivar> instead) {

    public Candidate {
        criteria = List.copyOf(criteria);
    }

    public Optional<Judgement> judgement(CriterionName name) {
        return criteria.stream()
                .filter(judgement -> judgement.criterion() == name)
                .findFirst();
    }

    public Optional<Judgement> limitingJudgement() {
        return limiting.flatMap(this::judgement);
    }
}
