package org.yellowfit.core.fit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.measure.Refused;
import org.yellowfit.core.pair.Likeness;
import org.yellowfit.core.plant.Cultivar;

/**
 * Ranks the plants of a catalogue against a place and a purpose, with reasons. The one entry to this package's
 * rules.
 */
public final class Fit {

    /** Among so many of the best the first five, and the nearest that needs no remedy, are looked for. */
    static final int POOL = 100;
    /** Where the best are of too few species, so many times as many are looked at. */
    private static final int MORE = 10;

    private final Catalogue plants;

    public Fit(Catalogue plants) {
        this.plants = plants;
    }

    /** @throws IllegalArgumentException when {@code scope.only} names a plant the catalogue does not have */
    public FitResult rank(Question question, Scope scope) {
        if (!scope.only().isEmpty()) {
            return these(question, scope);
        }
        // One pass serves all: the first five, and what needs no remedy to be offered instead.
        Ordering ordering = new Ordering(plants, question);
        List<Ranked> best = ordering.best(scope.includeNo(), Math.max(scope.limit(), POOL));
        List<Ranked> shown = best.subList(0, Math.min(best.size(), scope.limit()));
        List<First> first = firstFive(question, best);
        List<Candidate> said = withInstead(explain(question, shown), best);
        return new FitResult(plants.size(), best, said, first, firstWhy(question, first, best));
    }

    private FitResult these(Question question, Scope scope) {
        List<Ranked> all = these(question, scope.only());
        List<Candidate> asked = explain(question, all.subList(0, Math.min(scope.limit(), all.size())));
        boolean allFit = asked.stream().allMatch(candidate -> candidate.verdict() == Verdict.FITS);
        List<Ranked> offered = allFit ? List.of() : order(question, POOL);
        List<First> first = FirstFive.of(plants, question, all);
        return new FitResult(all.size(), all, withInstead(asked, offered), first, firstWhy(question, first, all));
    }

    private List<Integer> indices(List<String> ids) {
        List<Integer> indices = new ArrayList<>();
        for (String id : ids) {
            int i = plants.indexOf(id);
            if (i < 0) {
                throw new Refused("The catalogue has no cultivar with the id “%s”.", id);
            }
            indices.add(i);
        }
        return indices;
    }

    /** The best in merit order, with nothing said of them yet. */
    public List<Ranked> order(Question question, int most) {
        return new Ordering(plants, question).best(false, most);
    }

    /** The first five of those ranked (L6); of more than those where they are of too few species. */
    public List<First> firstFive(Question question, List<Ranked> ranked) {
        List<First> first = FirstFive.of(plants, question, ranked);
        int most = ranked.size();
        boolean more = true;
        while (species(first) < FirstFive.MOST && more && most < plants.size()) {
            most = Math.min(plants.size(), MORE * (most + 1));
            List<Ranked> pool = order(question, most);
            first = FirstFive.of(plants, question, pool);
            more = pool.size() == most && mayHoldMore(pool);
        }
        return first;
    }

    private static long species(List<First> first) {
        return first.stream()
                .map(each -> each.ranked().plant().botanical())
                .distinct()
                .count();
    }

    /** Why fewer than five stand first (L6); empty where there are five, or nothing lives. */
    public Optional<Fact> firstWhy(Question question, List<First> first, List<Ranked> ranked) {
        return FewFirst.why(question.serving(plants), first, ranked);
    }

    /** Whether those after the last may still be worth enough to stand among the first. */
    private static boolean mayHoldMore(List<Ranked> pool) {
        double best = pool.get(0).utility();
        return pool.get(pool.size() - 1).utility() >= best * RuleNumber.FIRST_OF_BEST.value;
    }

    /**
     * Named plants, those that do not live there too, with nothing said of them yet.
     *
     * @throws IllegalArgumentException when the catalogue does not have one
     */
    public List<Ranked> these(Question question, List<String> ids) {
        return new Ordering(plants, question).these(indices(ids));
    }

    /** What to ask next, the question that changes the first five most first (L8). */
    public List<AskNext> askNext(Question question, Scope scope, List<Ranked> ranked) {
        List<Integer> pool = scope.only().stream().map(plants::indexOf).toList();
        return AskNext.of(plants, question, ranked, pool);
    }

    /** What to say when nothing serves (L7); empty where something does. */
    public Optional<NothingServes> nothingServes(Question question, Scope scope, List<Ranked> ranked) {
        boolean all = scope.only().isEmpty();
        Set<String> only = Set.copyOf(scope.only());
        List<First> first = all ? firstFive(question, ranked) : FirstFive.of(plants, question, ranked);
        boolean serves = !first.isEmpty() && ranked.get(0).utility() >= NothingServes.SERVES_FROM;
        return serves
                ? Optional.empty()
                : Optional.of(
                        NothingServes.of(plants, question, ranked, i -> all || only.contains(plants.plants[i].id())));
    }

    /** Says of each of the plants why, with no search for another that would need no remedy. */
    public List<Candidate> explain(Question question, List<Ranked> ranked) {
        Explaining explaining = new Explaining(plants, question);
        return ranked.stream().map(explaining::candidate).toList();
    }

    /** The place's own values, by the criteria that can be judged there, in the order in which they are told. */
    public Map<CriterionName, Fact> siteValues(Question question) {
        Map<CriterionName, Fact> values = new EnumMap<>(CriterionName.class);
        for (Rule rule : Rules.ALL) {
            if (rule.isAsked(question)) {
                rule.judge(plants, question).ifPresent(judge -> values.put(rule.name(), judge.site()));
            }
        }
        return values;
    }

    /** How many of the whole catalogue fit, and how many would if something were done or accepted. */
    public Counts counts(Question question) {
        Marking prepared = new Marking(plants, question);
        double floor = Marking.floor(false, Marking.ANY);
        int fit = 0;
        int fitIf = 0;
        for (int i = 0; i < plants.size(); i++) {
            double score = prepared.score(i, floor);
            if (score != Marking.RULED_OUT) {
                if (score >= Band.FITS_FROM) {
                    fit++;
                } else {
                    fitIf++;
                }
            }
        }
        return new Counts(fit, fitIf);
    }

    /**
     * @param fit   plants that fit
     * @param fitIf plants that fit with a remedy or a loss accepted
     */
    public record Counts(int fit, int fitIf) {}

    private static List<Candidate> withInstead(List<Candidate> candidates, List<Ranked> best) {
        List<Cultivar> offered = best.stream()
                .filter(each -> each.verdict() == Verdict.FITS)
                .limit(POOL)
                .map(Ranked::plant)
                .toList();
        return candidates.stream()
                .map(candidate -> candidate.verdict() == Verdict.FITS
                        ? candidate
                        : candidate.offering(nearest(candidate.plant(), offered)))
                .toList();
    }

    private static Cultivar nearest(Cultivar asked, List<Cultivar> offered) {
        return offered.stream()
                .filter(plant -> !plant.id().equals(asked.id()))
                .max(Comparator.comparingDouble(plant -> Likeness.between(asked, plant)))
                .orElse(null);
    }
}
