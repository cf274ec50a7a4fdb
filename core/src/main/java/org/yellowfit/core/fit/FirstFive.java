package org.yellowfit.core.fit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.function.ToDoubleFunction;
import org.yellowfit.core.fit.First.As;
import org.yellowfit.core.fit.First.GivenUp;
import org.yellowfit.core.measure.Amount;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.pair.Likeness;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.season.Merits;
import org.yellowfit.core.serve.Service;
import org.yellowfit.core.serve.Serving;

/**
 * Five that differ (rule L6), of plants that do what is asked and are worth not much less than the best: the best, the
 * least work, the longest show of what was asked, the cheapest to fill the place, and the one least like the others. At
 * most one of a species while others do it. Fewer than five is an answer.
 */
final class FirstFive {

    static final int MOST = 5;
    /** Less work and money more than this nobody speaks of: a minute, a cent. */
    private static final double LEAST_MINUTES = 1;

    private static final double LEAST_MONEY = 0.01;

    private final Catalogue plants;
    private final Serving serving;
    private final Filling filling;
    private final List<Ranked> living;
    private final List<Ranked> chosen = new ArrayList<>();
    private final List<First> first = new ArrayList<>();
    private final Set<String> species = new HashSet<>();

    private FirstFive(Catalogue plants, Question question, List<Ranked> ranked) {
        this.plants = plants;
        serving = question.serving(plants);
        filling = new Filling(question);
        living = ranked.stream()
                .filter(each -> each.live() != Live.NO && serving.doesIt(each.index()))
                .toList();
    }

    /** @param ranked in merit order; when all are of few species, more of the catalogue is looked at */
    static List<First> of(Catalogue plants, Question question, List<Ranked> ranked) {
        return new FirstFive(plants, question, ranked).choose();
    }

    private List<First> choose() {
        if (living.isEmpty()) {
            return List.of();
        }
        take(living.get(0), As.BEST);
        pick(each -> -work(each)).ifPresent(each -> take(each, As.LEAST_WORK));
        pick(each -> weeksOfShow(each) + each.utility() / 10).ifPresent(each -> take(each, As.LONGEST_SHOW));
        pick(each -> -cost(each)).ifPresent(each -> take(each, As.CHEAPEST));
        pick(each -> each.utility() - RuleNumber.FIRST_LIKENESS.value * greatestLikeness(each.plant()))
                .ifPresent(each -> take(each, As.UNLIKE));
        return first;
    }

    private void take(Ranked ranked, As as) {
        chosen.add(ranked);
        species.add(ranked.plant().botanical());
        first.add(new First(ranked, as, why(ranked, as), losses(ranked)));
    }

    /**
     * The one with most of something among those near enough: of another species that needs no help, or else with help,
     * or else one more of a species.
     */
    private Optional<Ranked> pick(ToDoubleFunction<Ranked> most) {
        Predicate<Ranked> another = each -> !species.contains(each.plant().botanical());
        return pick(most, another.and(each -> each.live() != Live.FITS_IF))
                .or(() -> pick(most, another))
                .or(() -> pick(most, each -> true));
    }

    private Optional<Ranked> pick(ToDoubleFunction<Ranked> most, Predicate<Ranked> among) {
        double least = best().utility() * RuleNumber.FIRST_OF_BEST.value;
        Ranked best = null;
        double bestOf = Double.NEGATIVE_INFINITY;
        for (Ranked each : living) {
            boolean open = each.utility() >= least && among.test(each) && !chosen.contains(each);
            double of = open ? most.applyAsDouble(each) : Double.NaN;
            if (open && (best == null || of > bestOf)) {
                best = each;
                bestOf = Double.isNaN(of) ? Double.NEGATIVE_INFINITY : of;
            }
        }
        return Optional.ofNullable(best);
    }

    /** Minutes a year of all the plants the place takes. */
    private double work(Ranked each) {
        return plants.serve.care[each.index()] * filling.plants(each.plant());
    }

    private double cost(Ranked each) {
        return plants.serve.price[each.index()] * filling.plants(each.plant());
    }

    private double weeksOfShow(Ranked each) {
        return serving.weeksOfShow(each.index());
    }

    private double greatestLikeness(Cultivar plant) {
        return chosen.stream()
                .mapToDouble(each -> Likeness.between(each.plant(), plant))
                .max()
                .orElse(0);
    }

    private Fact why(Ranked each, As as) {
        Fact stands = switch (as) {
            case BEST -> best(each);
            case LEAST_WORK -> leastWork(each);
            case LONGEST_SHOW ->
                Fact.of(
                        "first.longest-show" + ofOthers(weeksOfShow(each) < weeksOfShow(best())),
                        Math.round(weeksOfShow(each)));
            case CHEAPEST -> cheapest(each);
            case UNLIKE ->
                Fact.of("first.unlike", each.plant().kind(), each.plant().habit());
        };
        return as == As.BEST ? stands : Fact.of("first.against", stands, givesUp(each));
    }

    private Fact best(Ranked each) {
        List<Service> services = serving.services(each.index());
        return services.isEmpty()
                ? bestOfItself(each)
                : Fact.of("first.best", services.get(0).why());
    }

    /** With nothing asked: what it is grown for (L4), told as an estimate where the catalogue is silent (L1). */
    private Fact bestOfItself(Ranked each) {
        Merits merits = serving.merits(each.index());
        if (merits.most() == 0) {
            return Fact.of("first.best.unknown");
        }
        return Fact.of(
                merits.estimated() ? "first.best.estimate" : "first.best.show",
                Math.round(weeksOfShow(each)),
                List.copyOf(merits.chief()),
                merits.most());
    }

    private Fact leastWork(Ranked each) {
        double work = work(each);
        if (Double.isNaN(work)) {
            return Fact.of("first.work-unknown");
        }
        String others = ofOthers(work(best()) < work);
        return filling.isTold(each.plant())
                ? Fact.of("first.least-work.all" + others, Amount.minutes(work), filling.plants(each.plant()))
                : Fact.of("first.least-work" + others, Amount.minutes(plants.serve.care[each.index()]));
    }

    private Ranked best() {
        return chosen.get(0);
    }

    /** Where the best has even more of it, one of the others is not said to have most of all. */
    private static String ofOthers(boolean bestHasMore) {
        return bestHasMore ? ".others" : "";
    }

    private Fact cheapest(Ranked each) {
        double cost = cost(each);
        if (Double.isNaN(cost)) {
            return Fact.of("first.price-unknown");
        }
        String others = ofOthers(cost(best()) < cost);
        return filling.isTold(each.plant())
                ? Fact.of("first.cheapest.all" + others, Amount.money(cost), filling.plants(each.plant()))
                : Fact.of("first.cheapest" + others, Amount.money(plants.serve.price[each.index()]));
    }

    /** What is felt to be less than in the first: living, or the service that falls most. */
    private Fact givesUp(Ranked each) {
        Ranked best = best();
        if (each.live() == Live.FITS_IF && best.live() != Live.FITS_IF) {
            return Fact.of("first.gives-up.if");
        }
        if (serving.isUnheld(each.index())) {
            return Fact.of("first.gives-up.unheld");
        }
        Optional<GivenUp> most =
                losses(each).stream().max(Comparator.comparingDouble(lost -> lost.best() - lost.met()));
        return most.map(lost -> Fact.of("first.gives-up", lost.asked(), lost.why()))
                .orElseGet(() -> othersLost(each));
    }

    /** What of the jobs and wishes it meets less than the first does, as far as that is felt. */
    private List<GivenUp> losses(Ranked each) {
        List<Service> own = serving.services(each.index());
        List<Service> theirs = serving.services(best().index());
        List<GivenUp> losses = new ArrayList<>();
        for (int k = 0; k < own.size(); k++) {
            double best = theirs.get(k).met();
            if (best - own.get(k).met() >= RuleNumber.FELT_LOSS.value) {
                Service service = own.get(k);
                losses.add(new GivenUp(service.want(), service.met(), best, service.asked(), service.why()));
            }
        }
        return losses;
    }

    /** A shorter show, more work or a higher price than the first’s; nothing where there is none of that. */
    private Fact othersLost(Ranked each) {
        long weeks = Math.round(weeksOfShow(best()) - weeksOfShow(each));
        if (weeks > 0) {
            return Fact.of("first.gives-up.show", weeks);
        }
        double moreWork = work(each) - work(best());
        if (moreWork > LEAST_MINUTES) {
            return Fact.of("first.gives-up.work", Amount.minutes(moreWork));
        }
        double dearer = cost(each) - cost(best());
        return dearer > LEAST_MONEY
                ? Fact.of("first.gives-up.price", Amount.money(dearer))
                : Fact.of("first.gives-up.nothing");
    }
}
