package org.yellowfit.core.fit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.pair.Likeness;
import org.yellowfit.core.pair.Likeness.Aspect;
import org.yellowfit.core.pair.Substitute;
import org.yellowfit.core.plant.Cultivar;

/**
 * What to take instead of a plant that is out of stock, too large or asked for by a famous name (rule H7): likeness
 * over what matters to
 * the visit, and how it fits the place beside the one asked for.
 */
public final class Substitutes {

    /** How it fits the place beside the plant asked for. */
    public enum Fits {
        BETTER,
        AS_WELL,
        LESS_WELL,
        UNJUDGED
    }

    /**
     * @param verdict of the place on it
     * @param needs   what the place asks for it, when it fits only if
     */
    public record Offer(Cultivar plant, Substitute said, Fits fits, Verdict verdict, List<Fact> needs) {}

    /** A wish makes its trait count so many times as much. */
    private static final double WISHED = 2.5;

    private static final double AS_WELL = 0.02;

    private Substitutes() {}

    /** What counts how much for a visit. */
    public static Map<Aspect, Double> weights(Question question) {
        Map<Aspect, Double> weights = Likeness.usual();
        Wants wants = question.wants();
        if (wants.evergreen()) {
            weights.merge(Aspect.LEAVES, WISHED, (a, b) -> a * b);
        }
        if (!wants.colours().isEmpty()) {
            weights.merge(
                    wants.colourOf() == Wants.ColourOf.LEAF ? Aspect.LEAF_COLOUR : Aspect.FLOWER_COLOUR,
                    WISHED,
                    (a, b) -> a * b);
        }
        if (!wants.bloomMonths().isEmpty()) {
            weights.merge(Aspect.BLOOM, WISHED, (a, b) -> a * b);
        }
        if (!wants.uses().isEmpty() || wants.screenHeightM() != null) {
            weights.merge(Aspect.USES, WISHED, (a, b) -> a * b);
        }
        if (question.site().room().maxHeightM() != null) {
            weights.merge(Aspect.HEIGHT, WISHED, (a, b) -> a * b);
        }
        return weights;
    }

    /**
     * @param judged whether anything is known of a place; then what does not fit it is left out
     * @return the likest first
     */
    public static List<Offer> of(Catalogue plants, Cultivar asked, Question question, boolean judged, int most) {
        Map<Aspect, Double> weights = weights(question);
        int at = plants.indexOf(asked.id());
        double own = judged && at >= 0 ? new Marking(plants, question).score(at) : 0;
        Marking prepared = new Marking(plants, question);
        List<Scored> found = new ArrayList<>();
        for (int i = 0; i < plants.size(); i++) {
            double score = judged && i != at ? prepared.score(i, Band.NO_TO) : 1;
            if (i != at && score != Marking.RULED_OUT) {
                found.add(new Scored(i, score, Likeness.between(asked, plants.plants[i], weights)));
            }
        }
        found.sort(Comparator.comparingDouble(Scored::likeness)
                .reversed()
                .thenComparing(each -> plants.plants[each.index()].id()));
        return found.stream()
                .limit(most)
                .map(each -> offer(plants, asked, question, judged, own, each))
                .toList();
    }

    private record Scored(int index, double score, double likeness) {}

    private static Offer offer(
            Catalogue plants, Cultivar asked, Question question, boolean judged, double own, Scored found) {
        Cultivar other = plants.plants[found.index()];
        Substitute said = Substitute.of(asked, other, found.likeness());
        if (!judged) {
            return new Offer(other, said, Fits.UNJUDGED, Verdict.UNKNOWN, List.of());
        }
        Fits fits = found.score() > own + AS_WELL
                ? Fits.BETTER
                : found.score() >= own - AS_WELL ? Fits.AS_WELL : Fits.LESS_WELL;
        Candidate candidate = new Explaining(plants, question).candidate(found.index(), found.score());
        List<Fact> needs = candidate.verdict() == Verdict.FITS
                ? List.of()
                : candidate.limitingJudgement().map(Judgement::why).orElse(List.of());
        return new Offer(other, said, fits, candidate.verdict(), needs);
    }
}
