package org.yellowfit.core.fit;

import java.util.List;
import java.util.Optional;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.serve.Service;

/**
 * A plant judged for a place and a purpose.
 *
 * @param ranked     how it lives and serves, and its step among those it was ranked with
 * @param verdict    its worst criterion's; at best fits-if when hardiness or sun to live is unknown
 * @param confidence 0–1: the weight of what is known of plant and place among all that could count
 * @param limiting   the criterion with the lowest score; empty when all are 1, or nothing could be judged
 * @param notes      what nobody asked for and does not count, but is good to know
 * @param services   how it meets each job and wish
 * @param instead    for a plant that needs a remedy: the nearest plant that needs none
 */
public record Candidate(
        Ranked ranked,
        Verdict verdict,
        double confidence,
        Optional<CriterionName> limiting,
        List<Judgement> criteria,
        List<Fact> notes,
        List<Service> services,
        Optional<Cultivar> instead) {

    public Candidate {
        criteria = List.copyOf(criteria);
        notes = List.copyOf(notes);
        services = List.copyOf(services);
    }

    public Cultivar plant() {
        return ranked.plant();
    }

    /** How it lives here, 0–1. */
    public double score() {
        return ranked.score();
    }

    public Optional<Judgement> judgement(CriterionName name) {
        return criteria.stream()
                .filter(judgement -> judgement.criterion() == name)
                .findFirst();
    }

    public Optional<Judgement> limitingJudgement() {
        return limiting.flatMap(this::judgement);
    }

    Candidate offering(Cultivar other) {
        return new Candidate(
                ranked, verdict, confidence, limiting, criteria, notes, services, Optional.ofNullable(other));
    }
}
