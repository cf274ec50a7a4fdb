package org.yellowfit.core.fit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.IntPredicate;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.serve.Service;
import org.yellowfit.core.serve.Serving;

/**
 * What is said when nothing serves (rule L7): the one thing that stands in the way, and what giving up a wish or
 * changing
 * the place would open.
 *
 * @param opens the one that opens most first
 */
public record NothingServes(Fact why, List<Opens> opens) {

    /** What a change would open: so many plants that serve. */
    public record Opens(Fact change, int plants) {}

    /** Utility under which a plant does not serve. */
    public static final double SERVES_FROM = RuleNumber.SERVES_FROM.value;

    private static final int MOST_TOLD = 5;

    public NothingServes {
        opens = List.copyOf(opens);
    }

    /**
     * @param ranked the best in merit order
     * @param among  the plants that are asked about, by their places
     */
    static NothingServes of(Catalogue plants, Question question, List<Ranked> ranked, IntPredicate among) {
        List<Opens> opens = new ArrayList<>(byGivingUp(plants, question, among));
        opens.addAll(byChangingThePlace(plants, question, among));
        opens.sort(Comparator.comparingInt(Opens::plants).reversed());
        Fact why = why(plants, question, ranked, opens);
        return new NothingServes(why, opens.subList(0, Math.min(MOST_TOLD, opens.size())));
    }

    private static List<Opens> byGivingUp(Catalogue plants, Question question, IntPredicate among) {
        List<Opens> opens = new ArrayList<>();
        for (Serving.Asked asked : question.serving(plants).asked()) {
            int serving = serving(plants, question.wanting(question.wants().without(asked.want())), among);
            if (serving > 0) {
                opens.add(new Opens(Fact.of("nothing.giving-up", asked.words()), serving));
            }
        }
        if (!question.wants().kinds().isEmpty()) {
            int serving = serving(plants, question.wanting(question.wants().without("kinds")), among);
            if (serving > 0) {
                Fact kinds = Fact.of("value", List.copyOf(question.wants().kinds()));
                opens.add(new Opens(Fact.of("nothing.giving-up", kinds), serving));
            }
        }
        return opens;
    }

    private static int serving(Catalogue plants, Question question, IntPredicate among) {
        Marking marking = new Marking(plants, question);
        Serving serving = question.serving(plants);
        int all = 0;
        for (int i = 0; i < plants.size(); i++) {
            double score = among.test(i) ? marking.score(i, Band.NO_TO) : Marking.RULED_OUT;
            if (score != Marking.RULED_OUT) {
                double share = marking.live(score).share();
                boolean serves = serving.of(i, SERVES_FROM / share) != Serving.TOO_LITTLE && serving.doesIt(i);
                all += serves ? 1 : 0;
            }
        }
        return all;
    }

    /** What one thing about the place keeps out, of what would serve there. */
    private static List<Opens> byChangingThePlace(Catalogue plants, Question question, IntPredicate among) {
        Serving serving = question.serving(plants);
        return UnmetDemands.of(plants, question)
                .openings(i -> among.test(i) && serving.of(i) >= SERVES_FROM && serving.doesIt(i))
                .stream()
                .filter(opening -> !opening.demand().key().startsWith("wants."))
                .map(opening -> new Opens(opening.demand().without(), opening.plants()))
                .toList();
    }

    private static Fact why(Catalogue plants, Question question, List<Ranked> ranked, List<Opens> opens) {
        if (ranked.isEmpty()) {
            return opens.isEmpty()
                    ? Fact.of("nothing.lives")
                    : Fact.of("nothing.stands", opens.get(0).change());
        }
        Ranked best = ranked.get(0);
        List<Service> services = question.serving(plants).services(best.index());
        Optional<Service> least = services.stream().min(Comparator.comparingDouble(Service::met));
        boolean lives = best.live() == Live.FITS || best.live() == Live.CLOSE;
        return least.filter(service -> lives || service.met() < SERVES_FROM)
                .map(service ->
                        Fact.of("nothing.serves", service.asked(), best.plant().name(), service.why()))
                .orElseGet(() -> Fact.of("nothing.without-help", best.plant().name()));
    }
}
