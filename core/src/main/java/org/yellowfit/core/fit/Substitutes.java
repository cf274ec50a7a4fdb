package org.yellowfit.core.fit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.pair.Likeness;
import org.yellowfit.core.pair.Likeness.Aspect;
import org.yellowfit.core.pair.Losses;
import org.yellowfit.core.pair.Substitute;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.serve.Service;
import org.yellowfit.core.serve.Serving;
import org.yellowfit.core.serve.Wants;

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
     * @param losses  what it loses against the one asked for, of its own and in the jobs of the visit
     */
    public record Offer(
            Cultivar plant, Substitute said, Fits fits, Verdict verdict, List<Fact> needs, List<Fact> losses) {}

    /** A wish makes its trait count so many times as much. */
    private static final double WISHED = 2.5;

    private static final double AS_WELL = 0.02;
    /** What of a job has to be lost to be said. */
    private static final double FELT = 0.1;
    /** Half as much as the likeness itself, how a plant serves the visit decides the order; our judgement. */
    private static final double SERVING = 0.5;

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
        Marking prepared = new Marking(plants, question);
        Serving serving = question.serving(plants);
        List<Scored> found = new ArrayList<>();
        for (int i = 0; i < plants.size(); i++) {
            double score = judged && i != at ? prepared.score(i, Band.NO_TO) : 1;
            if (i != at && score != Marking.RULED_OUT) {
                double likeness = Likeness.between(asked, plants.plants[i], weights);
                double serves = serving.isAnythingAsked() ? SERVING * serving.of(i) : 0;
                found.add(new Scored(i, score, likeness, likeness + serves));
            }
        }
        found.sort(Comparator.comparingDouble(Scored::order)
                .reversed()
                .thenComparing(each -> plants.name[each.index()])
                .thenComparing(each -> plants.plants[each.index()].id()));
        Offering offering = new Offering(plants, asked, question, judged);
        return found.stream().limit(most).map(offering::offer).toList();
    }

    private record Scored(int index, double score, double likeness, double order) {}

    /** Says of each stand-in what it is beside the one asked for. */
    private static final class Offering {
        private final Catalogue plants;
        private final Cultivar asked;
        private final boolean judged;
        private final Ordering ordering;
        private final Explaining explaining;
        private final double own;
        private final List<Service> theirs;

        Offering(Catalogue plants, Cultivar asked, Question question, boolean judged) {
            this.plants = plants;
            this.asked = asked;
            this.judged = judged;
            ordering = new Ordering(plants, question);
            explaining = new Explaining(plants, question);
            int at = plants.indexOf(asked.id());
            own = judged && at >= 0 ? new Marking(plants, question).score(at) : 0;
            theirs = at < 0 ? List.of() : ordering.serving().services(at);
        }

        Offer offer(Scored found) {
            Cultivar other = plants.plants[found.index()];
            Substitute said = Substitute.of(asked, other, found.likeness());
            List<Fact> losses = new ArrayList<>(
                    Losses.of(asked, other).stream().map(Losses.Loss::said).toList());
            if (!judged) {
                return new Offer(other, said, Fits.UNJUDGED, Verdict.UNKNOWN, List.of(), losses);
            }
            Candidate candidate =
                    explaining.candidate(ordering.these(List.of(found.index())).get(0));
            losses.addAll(inTheJobs(candidate.services()));
            return new Offer(other, said, fits(found.score()), candidate.verdict(), needs(candidate), losses);
        }

        private Fits fits(double score) {
            if (score > own + AS_WELL) {
                return Fits.BETTER;
            }
            return score >= own - AS_WELL ? Fits.AS_WELL : Fits.LESS_WELL;
        }

        private static List<Fact> needs(Candidate candidate) {
            return candidate.verdict() == Verdict.FITS
                    ? List.of()
                    : candidate.limitingJudgement().map(Judgement::why).orElse(List.of());
        }

        /** Jobs and wishes that the plant asked for meets by so much better that it is felt. */
        private List<Fact> inTheJobs(List<Service> services) {
            return IntStream.range(0, Math.min(services.size(), theirs.size()))
                    .filter(k -> theirs.get(k).met() - services.get(k).met() > FELT)
                    .mapToObj(k -> Fact.of(
                            "loss.job", services.get(k).asked(), services.get(k).why()))
                    .toList();
        }
    }
}
