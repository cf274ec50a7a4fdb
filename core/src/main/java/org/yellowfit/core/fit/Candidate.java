package org.yellowfit.core.fit;

import java.util.List;
import java.util.Optional;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.plant.Cultivar;

/**
 * One plant's answer to a question.
 *
 * @param verdict    its worst criterion's; at best fits-if when hardiness or sun to live is unknown
 * @param score      0–1
 * @param confidence 0–1: the weight of what is known of plant and place among all that could count
 * @param limiting   the criterion with the lowest score; empty when all are 1, or nothing could be judged
 * @param notes      what nobody asked for and does not count, but is good to know
 * @param instead    for a plant that needs a remedy: the nearest plant that needs none
 */
public record Candidate(
        Cultivar plant,
        Verdict verdict,
        double score,
        double confidence,
        Optional<CriterionName> limiting,
        List<Judgement> criteria,
        List<Fact> notes,
        Optional<Cultivar> instead) {

    public Candidate {
        criteria = List.copyOf(criteria);
        notes = List.copyOf(notes);
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
