package org.yellowfit.core.fit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.PriorityQueue;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.measure.Refused;
import org.yellowfit.core.pair.Likeness;
import org.yellowfit.core.plant.Cultivar;

/** Ranks the plants of a catalogue against a place, with reasons. The one entry to this package's rules. */
public final class Fit {

    /** Among so many of the best that need no remedy the nearest one to offer instead is looked for. */
    private static final int OFFERED_FROM = 60;

    private record Scored(int index, double score, double worth) {

        /** Fits before fits-if before no. */
        int band() {
            return Band.verdict(score).ordinal();
        }

        /** Steps within which plants are as good as each other (L5). */
        long step() {
            return step(worth);
        }

        static long step(double worth) {
            return Math.round(worth / RuleNumber.STEP_OF_WORTH.value);
        }
    }

    /** What a plant must have to come before the last of those kept, as far as it can be told before it is scored. */
    private static final class Entry {

        /** No score would do. */
        static final double CLOSED = 2;
        /** Within it, scores of a tie are left to the comparison. */
        private static final double ROUNDING = 1e-9;

        private final boolean includeNo;
        private double floor;
        private double tieFloor;
        private long leastStep = Long.MIN_VALUE;
        private double mostCare = Double.POSITIVE_INFINITY;

        Entry(boolean includeNo) {
            this.includeNo = includeNo;
            this.floor = Marking.floor(includeNo, Marking.ANY);
        }

        /** The last one kept fits, and takes so much care. */
        void onlyBefore(Scored last, double care) {
            floor = Math.max(floor, Band.FITS_IF_TO);
            tieFloor = Math.max(floor, Marking.floor(includeNo, last.score() - ROUNDING));
            leastStep = last.step();
            mostCare = last.score() >= 1 ? care : Double.POSITIVE_INFINITY;
        }

        /** The score that every criterion has to pass, of a plant that reaches this step at the most. */
        double floor(long step, double care) {
            if (step > leastStep) {
                return floor;
            }
            return step < leastStep || care > mostCare ? CLOSED : tieFloor;
        }
    }

    private final Catalogue plants;

    /**
     * By verdict, then by worth; among equals by score, less work, and name. Never by id or by place in the catalogue.
     */
    private final Comparator<Scored> bestFirst;

    public Fit(Catalogue plants) {
        this.plants = plants;
        bestFirst = Comparator.comparingInt(Scored::band)
                .thenComparingLong(scored -> -scored.step())
                .thenComparingDouble(scored -> -scored.score())
                .thenComparingDouble(scored -> plants.care[scored.index()])
                .thenComparing(scored -> plants.name[scored.index()])
                .thenComparing(scored -> plants.plants[scored.index()].id());
    }

    /** @throws IllegalArgumentException when {@code scope.only} names a plant the catalogue does not have */
    public FitResult rank(Question question, Scope scope) {
        if (!scope.only().isEmpty()) {
            List<Candidate> asked = explained(these(question, scope), question);
            boolean allFit = asked.stream().allMatch(candidate -> candidate.verdict() == Verdict.FITS);
            List<Scored> offered = allFit ? List.of() : bestOf(question, false, OFFERED_FROM);
            return new FitResult(asked.size(), withInstead(asked, offered));
        }
        // One pass serves both: those that need no remedy always come first.
        List<Scored> best = bestOf(question, scope.includeNo(), Math.max(scope.limit(), OFFERED_FROM));
        List<Scored> shown = best.subList(0, Math.min(best.size(), scope.limit()));
        return new FitResult(plants.size(), withInstead(explained(shown, question), best));
    }

    /** The best in order, with nothing said of them yet. */
    public List<Ranked> order(Question question, int most) {
        return bestOf(question, false, most).stream()
                .map(each -> new Ranked(
                        each.index(),
                        plants.plants[each.index()],
                        each.score() >= Band.FITS_FROM ? Verdict.FITS : Verdict.FITS_IF,
                        each.score()))
                .toList();
    }

    /** Says of each of the plants why, with no search for another that would need no remedy. */
    public List<Candidate> explain(Question question, List<Ranked> ranked) {
        Explaining explaining = new Explaining(plants, question);
        return ranked.stream()
                .map(each -> explaining.candidate(each.index(), each.score()))
                .toList();
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

    private List<Candidate> explained(List<Scored> scored, Question question) {
        Explaining explaining = new Explaining(plants, question);
        return scored.stream()
                .map(each -> explaining.candidate(each.index(), each.score()))
                .toList();
    }

    private List<Scored> bestOf(Question question, boolean includeNo, int most) {
        PriorityQueue<Scored> kept = new PriorityQueue<>(bestFirst.reversed());
        Marking marking = new Marking(plants, question);
        Entry entry = new Entry(includeNo);
        for (int i = 0; i < plants.size(); i++) {
            double floor = entry.floor(Scored.step(marking.mostWorth(i)), plants.care[i]);
            double score = floor == Entry.CLOSED ? Marking.RULED_OUT : marking.score(i, floor);
            if (score == Marking.RULED_OUT) {
                continue;
            }
            Scored scored = new Scored(i, score, marking.worth(i));
            if (kept.size() < most) {
                kept.add(scored);
            } else if (bestFirst.compare(scored, kept.peek()) < 0) {
                kept.poll();
                kept.add(scored);
            } else {
                continue;
            }
            // Once there are enough that fit, nothing that needs a remedy and nothing worth less can come in any more.
            if (kept.size() == most && kept.peek().band() == Verdict.FITS.ordinal()) {
                entry.onlyBefore(kept.peek(), plants.care[kept.peek().index()]);
            }
        }
        return kept.stream().sorted(bestFirst).toList();
    }

    private List<Scored> these(Question question, Scope scope) {
        Marking marking = new Marking(plants, question);
        List<Scored> scored = new ArrayList<>();
        for (String id : scope.only()) {
            int i = plants.indexOf(id);
            if (i < 0) {
                throw new Refused("The catalogue has no cultivar with the id “%s”.", id);
            }
            double score = marking.score(i);
            scored.add(new Scored(i, score, marking.worth(i)));
        }
        return scored.stream().sorted(bestFirst).limit(scope.limit()).toList();
    }

    private List<Candidate> withInstead(List<Candidate> candidates, List<Scored> best) {
        List<Cultivar> offered = best.stream()
                .filter(scored -> scored.score() >= Band.FITS_FROM)
                .limit(OFFERED_FROM)
                .map(scored -> plants.plants[scored.index()])
                .toList();
        return candidates.stream()
                .map(candidate -> candidate.verdict() == Verdict.FITS ? candidate : offering(candidate, offered))
                .toList();
    }

    private static Candidate offering(Candidate candidate, List<Cultivar> offered) {
        Optional<Cultivar> nearest = offered.stream()
                .filter(plant -> !plant.id().equals(candidate.plant().id()))
                .max(Comparator.comparingDouble(plant -> Likeness.between(candidate.plant(), plant)));
        return new Candidate(
                candidate.plant(),
                candidate.verdict(),
                candidate.score(),
                candidate.confidence(),
                candidate.limiting(),
                candidate.criteria(),
                candidate.notes(),
                nearest);
    }
}
