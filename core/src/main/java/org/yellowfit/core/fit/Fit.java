package org.yellowfit.core.fit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.PriorityQueue;
import org.yellowfit.core.compare.Likeness;
import org.yellowfit.core.plant.Cultivar;

/** Ranks the plants of a catalogue against a place, with reasons. The one entry to this package's rules. */
public final class Fit {

    /** Among so many of the best that need no remedy the nearest one to offer instead is looked for. */
    private static final int OFFERED_FROM = 60;

    private record Scored(int index, double score) {
    }

    private static final Comparator<Scored> BEST_FIRST =
            Comparator.comparingDouble(Scored::score).reversed().thenComparingInt(Scored::index);

    private final Catalogue plants;

    public Fit(Catalogue plants) {
        this.plants = plants;
    }

    /** @throws IllegalArgumentException when {@code scope.only} names a plant the catalogue does not have */
    public FitResult rank(Question question, Scope scope) {
        List<Scored> best = scope.only().isEmpty() ? bestOf(question, scope) : these(question, scope);
        List<Candidate> candidates = best.stream()
                .map(scored -> Explaining.candidate(plants, scored.index(), question, scored.score())).toList();
        return new FitResult(scope.only().isEmpty() ? plants.size() : best.size(), withInstead(candidates, question));
    }

    private List<Scored> bestOf(Question question, Scope scope) {
        PriorityQueue<Scored> kept = new PriorityQueue<>(BEST_FIRST.reversed());
        double worstKept = -1;
        for (int i = 0; i < plants.size(); i++) {
            double score = Marking.score(plants, i, question, scope.includeNo());
            if (score == Marking.RULED_OUT || kept.size() == scope.limit() && score <= worstKept) {
                continue;
            }
            kept.add(new Scored(i, score));
            if (kept.size() > scope.limit()) {
                kept.poll();
            }
            worstKept = kept.peek().score();
        }
        return kept.stream().sorted(BEST_FIRST).toList();
    }

    private List<Scored> these(Question question, Scope scope) {
        List<Scored> scored = new ArrayList<>();
        for (String id : scope.only()) {
            int i = plants.indexOf(id);
            if (i < 0) {
                throw new IllegalArgumentException("The catalogue has no cultivar with the id “" + id + "”.");
            }
            scored.add(new Scored(i, Marking.score(plants, i, question, true)));
        }
        return scored.stream().sorted(BEST_FIRST).limit(scope.limit()).toList();
    }

    private List<Candidate> withInstead(List<Candidate> candidates, Question question) {
        if (candidates.stream().allMatch(candidate -> candidate.verdict() == Verdict.FITS)) {
            return candidates;
        }
        List<Cultivar> offered = bestOf(question, Scope.best(OFFERED_FROM)).stream()
                .filter(scored -> scored.score() >= Scale.FITS_FROM).map(scored -> plants.plants[scored.index()]).toList();
        return candidates.stream().map(candidate -> candidate.verdict() == Verdict.FITS ? candidate : offering(candidate, offered)).toList();
    }

    private static Candidate offering(Candidate candidate, List<Cultivar> offered) {
        Optional<Cultivar> nearest = offered.stream()
                .filter(plant -> !plant.id().equals(candidate.plant().id()))
                .max(Comparator.comparingDouble(plant -> Likeness.between(candidate.plant(), plant)));
        return new Candidate(candidate.plant(), candidate.verdict(), candidate.score(), candidate.confidence(), candidate.limiting(),
                candidate.criteria(), nearest);
    }
}
