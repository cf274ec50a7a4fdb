package org.yellowfit.core.fit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.IntPredicate;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.serve.Importance;
import org.yellowfit.core.serve.Serving;

/**
 * What keeps plants out: each demand of the place and of the customer by itself. Tells which plants lack one thing
 * only, what
 * giving it up would open, and, where nothing is left, which two demands no plant meets together.
 */
public final class UnmetDemands {

    /**
     * A demand that can be given up or changed.
     *
     * @param key   a criterion's word, or {@code wants.} with the field of a wish
     * @param words   what is demanded
     * @param without what it would be to give it up, to begin a sentence with
     */
    public record Demand(String key, Fact words, Fact without) {}

    /** What giving up one demand would open: how many plants, and the best of them. */
    public record Opening(Demand demand, int plants, List<Cultivar> best) {}

    /** Two demands that no plant meets together, and what giving up either opens. */
    public record Conflict(Demand one, Demand other, int opensOne, int opensOther) {}

    private static final int BEST = 6;
    private static final int MOST_DEMANDS = 62;

    private final Catalogue plants;
    private final Question question;
    private final List<Demand> demands = new ArrayList<>();
    private final Map<String, Integer> places = new LinkedHashMap<>();
    private final long[] lacks;
    private final boolean insistAll;

    private UnmetDemands(Catalogue plants, Question question, boolean insistAll) {
        this.plants = plants;
        this.question = question;
        this.insistAll = insistAll;
        this.lacks = new long[plants.size()];
        for (Rule rule : Rules.ALL) {
            if (!rule.isAsked(question)) {
                continue;
            }
            if (rule.name() == CriterionName.WANTS) {
                lackingWishes();
            } else {
                rule.judge(plants, question).ifPresent(judge -> lacking(rule.name(), judge));
            }
        }
    }

    /** By what rules plants out. */
    public static UnmetDemands of(Catalogue plants, Question question) {
        return new UnmetDemands(plants, question, false);
    }

    /** As if every wish were a must: for when nothing meets them all. */
    public static UnmetDemands insisting(Catalogue plants, Question question) {
        return new UnmetDemands(plants, question, true);
    }

    /** Plants that lack nothing. */
    public int meetingAll() {
        int all = 0;
        for (long lack : lacks) {
            all += lack == 0 ? 1 : 0;
        }
        return all;
    }

    /** What each single demand keeps out, the one that opens most first. */
    public List<Opening> openings() {
        return openings(i -> true);
    }

    /** The same of some of the plants only, by their places in the catalogue. */
    List<Opening> openings(IntPredicate counted) {
        List<Opening> openings = new ArrayList<>();
        for (int d = 0; d < demands.size(); d++) {
            List<Integer> only =
                    lackingOnly(1L << d).stream().filter(counted::test).toList();
            if (!only.isEmpty()) {
                openings.add(new Opening(demands.get(d), only.size(), best(only)));
            }
        }
        openings.sort(Comparator.comparingInt(Opening::plants).reversed());
        return openings;
    }

    /**
     * The two demands that no plant meets together although some meet each; of several pairs the one whose giving up
     * opens most.
     */
    public Optional<Conflict> conflict() {
        Conflict best = null;
        for (int a = 0; a < demands.size(); a++) {
            for (int b = a + 1; b < demands.size(); b++) {
                if (clash(1L << a, 1L << b)) {
                    Conflict found = new Conflict(
                            demands.get(a),
                            demands.get(b),
                            lackingOnly(1L << a).size(),
                            lackingOnly(1L << b).size());
                    if (best == null || found.opensOne() + found.opensOther() > best.opensOne() + best.opensOther()) {
                        best = found;
                    }
                }
            }
        }
        return Optional.ofNullable(best);
    }

    /**
     * Where no single demand opens anything: the fewest demands whose giving up opens some plants, as the plant nearest
     * to all lacks them.
     */
    public Optional<Opening> fewestTogether() {
        int fewest = Integer.MAX_VALUE;
        long mask = 0;
        for (long lack : lacks) {
            if (lack != 0 && Long.bitCount(lack) < fewest) {
                fewest = Long.bitCount(lack);
                mask = lack;
            }
        }
        if (mask == 0) {
            return Optional.empty();
        }
        List<Object> words = new ArrayList<>();
        for (int d = 0; d < demands.size(); d++) {
            if ((mask & 1L << d) != 0) {
                words.add(demands.get(d).words());
            }
        }
        List<Integer> opened = within(mask);
        return Optional.of(new Opening(
                new Demand("", Fact.of("all-of", words), Fact.of("value", "")), opened.size(), best(opened)));
    }

    private boolean clash(long a, long b) {
        boolean meetsA = false;
        boolean meetsB = false;
        for (long lack : lacks) {
            if ((lack & (a | b)) == 0) {
                return false;
            }
            meetsA |= (lack & a) == 0;
            meetsB |= (lack & b) == 0;
        }
        return meetsA && meetsB;
    }

    private List<Integer> lackingOnly(long mask) {
        List<Integer> only = new ArrayList<>();
        for (int i = 0; i < lacks.length; i++) {
            if (lacks[i] == mask) {
                only.add(i);
            }
        }
        return only;
    }

    private List<Integer> within(long mask) {
        List<Integer> found = new ArrayList<>();
        for (int i = 0; i < lacks.length; i++) {
            if (lacks[i] != 0 && (lacks[i] & ~mask) == 0) {
                found.add(i);
            }
        }
        return found;
    }

    private List<Cultivar> best(List<Integer> found) {
        Marking prepared = new Marking(plants, question);
        double floor = Marking.floor(true, Marking.ANY);
        Map<Integer, Double> scores = new HashMap<>();
        found.forEach(i -> scores.put(i, prepared.score(i, floor)));
        return found.stream()
                .sorted(Comparator.comparingDouble((Integer i) -> -scores.get(i)))
                .limit(BEST)
                .map(i -> plants.plants[i])
                .toList();
    }

    private void lacking(CriterionName name, Judge judge) {
        Ruling ruling = new Ruling();
        for (int i = 0; i < lacks.length; i++) {
            judge.judge(i, ruling);
            if (ruling.verdict() == Verdict.NO) {
                lacks[i] |= bit(name.word(), () -> demand(name.word(), judge.site()));
            }
        }
    }

    private static Demand demand(String word, Fact site) {
        return new Demand(word, Fact.of("demand." + word, site), Fact.of("open." + word, site));
    }

    private void lackingWishes() {
        Serving serving = question.serving(plants);
        WantsRule.Nevers nevers = new WantsRule.Nevers(plants, question, serving);
        for (int i = 0; i < lacks.length; i++) {
            lacks[i] |= lacksWishes(i, serving, nevers);
        }
    }

    private long lacksWishes(int i, Serving serving, WantsRule.Nevers nevers) {
        long lack = 0;
        if (nevers.isOtherKind(i) || nevers.isNeverKind(i)) {
            lack |= bit("wants.kinds", this::kindAsked);
        }
        if (nevers.isNeverGenus(i)) {
            lack |= bit("wants.neverGenera", () -> wish("wants.neverGenera", Fact.of("demand.genus")));
        }
        if (question.inPot() && plants.noPot[i]) {
            lack |= bit("wants.container", () -> wish("wants.container", Fact.of("wish.pot")));
        }
        for (Serving.Asked never : nevers.unwanted(i)) {
            String key = "wants.never." + never.want();
            lack |= bit(key, () -> wish(key, Fact.of("demand.never", never.words())));
        }
        List<Serving.Asked> asked = serving.asked();
        for (int k = 0; k < asked.size(); k++) {
            Serving.Asked each = asked.get(k);
            // What is not known of a plant neither rules it out nor saves it.
            boolean missed =
                    (insistAll || each.importance() == Importance.MUST) && serving.met(k, i) < serving.enough(k);
            if (missed) {
                String key = "wants." + each.want();
                lack |= bit(key, () -> wish(key, each.words()));
            }
        }
        return lack;
    }

    private Demand kindAsked() {
        return wish(
                "wants.kinds",
                question.wants().kinds().isEmpty()
                        ? Fact.of("demand.kind.never")
                        : Fact.of("value", List.copyOf(question.wants().kinds())));
    }

    private static Demand wish(String key, Fact words) {
        return new Demand(key, words, Fact.of("open.wish", words));
    }

    private long bit(String key, java.util.function.Supplier<Demand> demand) {
        Integer place = places.get(key);
        if (place == null) {
            if (demands.size() >= MOST_DEMANDS) {
                return 0;
            }
            place = demands.size();
            places.put(key, place);
            demands.add(demand.get());
        }
        return 1L << place;
    }
}
