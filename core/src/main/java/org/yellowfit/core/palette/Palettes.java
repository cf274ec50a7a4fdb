package org.yellowfit.core.palette;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import org.yellowfit.core.fit.Catalogue;
import org.yellowfit.core.fit.Fit;
import org.yellowfit.core.fit.Ranked;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.measure.Interval;
import org.yellowfit.core.measure.Refused;
import org.yellowfit.core.plant.Cultivar;

/** Judges plantings and suggests them. The one entry to this package. */
public final class Palettes {

    private static final int OTHERS = 2;
    private static final int ROUNDS = 400;
    private static final int ROUNDS_OF_OTHERS = 6;
    /** Of the time, what the search by small steps may take; the rest is for the proof. */
    private static final double CLIMBING = 0.3;
    /** By then the two others are looked for too. */
    private static final double OTHERS_UNTIL = 0.45;

    private static final double PROVED = 1e-6;
    /** For the others, when the time is up already. */
    private static final long AT_LEAST_NANOS = 60_000_000L;

    private static final Interval ANY_KINDS = new Interval(1, 30);

    private final Catalogue plants;

    public Palettes(Catalogue plants) {
        this.plants = plants;
    }

    /** @throws IllegalArgumentException for a plant or a patch that is not there */
    public Judged judge(List<Plot> grounds, List<Planted> planted, Aims aims) {
        List<Member> members = new ArrayList<>();
        int[] asked = new int[planted.size()];
        for (int i = 0; i < asked.length; i++) {
            Planted each = planted.get(i);
            Member own = member(grounds, each, aims);
            if (members.stream().anyMatch(had -> isSame(had, own))) {
                throw new Refused("“%s” stands twice in one patch; add its counts up.", each.id());
            }
            members.add(own);
            asked[i] = each.count() == null ? 0 : each.count();
        }
        List<Member> numbered = Member.numbered(members);
        int[] inOrder = new int[asked.length];
        for (int i = 0; i < asked.length; i++) {
            Member own = members.get(i);
            inOrder[numbered.indexOf(found(numbered, own))] = asked[i];
        }
        return new Judging(plants, new Scoring(grounds, aims, asked.length)).judge(numbered, inOrder);
    }

    private static Member found(List<Member> numbered, Member like) {
        return numbered.stream().filter(each -> isSame(each, like)).findFirst().orElseThrow();
    }

    private Member member(List<Plot> grounds, Planted planted, Aims aims) {
        Map<String, Integer> byName = Judging.byName(grounds);
        if (!planted.patch().isEmpty() && !byName.containsKey(planted.patch())) {
            throw new Refused("There is no patch “%s”.", planted.patch());
        }
        Member best = null;
        for (int g = 0; g < grounds.size(); g++) {
            if (planted.patch().isEmpty() || byName.get(planted.patch()) == g) {
                Plot ground = grounds.get(g);
                Ranked ranked = new Fit(plants)
                        .these(ground.question(), List.of(planted.id()))
                        .get(0);
                Member member = Member.of(g, ground, ranked, aims.weaving());
                best = best == null || member.utility() > best.utility() ? member : best;
            }
        }
        return best;
    }

    /**
     * The best planting within a time.
     *
     * @param from    ids to choose from; empty for the whole catalogue
     * @param keep    what stays
     * @param seconds above 0
     */
    public Suggestion suggest(List<Plot> grounds, Aims aims, Set<String> from, List<Planted> keep, double seconds) {
        long start = System.nanoTime();
        long deadline = start + (long) (seconds * 1e9);
        List<Member> all = new ArrayList<>(Pool.of(plants, grounds, aims, from));
        List<Member> stay =
                keep.stream().map(each -> member(grounds, each, aims)).toList();
        stay.stream()
                .filter(each -> all.stream().noneMatch(had -> isSame(had, each)))
                .forEach(all::add);
        List<Member> numbered = Member.numbered(all);
        Scoring scoring = new Scoring(grounds, aims, numbered.size());
        List<Member> kept =
                stay.stream().map(each -> found(numbered, each)).distinct().toList();
        List<Member> pool =
                numbered.stream().filter(each -> !kept.contains(each)).toList();
        long climbing = start + (long) (seconds * 1e9 * (grounds.size() == 1 ? CLIMBING : 0.8));
        Climb climb = new Climb(scoring, pool, kept, any -> true, climbing).run(ROUNDS);
        Scoring.Score found = climb.best();
        if (found == null && !pool.isEmpty() && grounds.size() == 1) {
            // What small steps do not find, looking at everything may.
            found = new Proof(scoring, pool, kept, null, deadline).run().best();
        }
        if (found == null) {
            return nothing(grounds, aims, pool, kept);
        }
        List<Scoring.Score> three = new ArrayList<>(List.of(found));
        three.addAll(others(scoring, pool, kept, found, climb.tops(), start + (long) (seconds * 1e9 * OTHERS_UNTIL)));
        three.sort(Comparator.comparingDouble(score -> -score.score()));
        double bound;
        if (grounds.size() == 1) {
            Proof proof = new Proof(scoring, pool, kept, three.get(0), deadline).run();
            three.set(0, proof.best());
            bound = proof.bound();
        } else {
            bound = Ceiling.of(scoring, pool, kept);
        }
        found = three.remove(0);
        List<Member> first = found.members();
        three.removeIf(other -> !differ(other.members(), first, kept));
        bound = Math.max(found.score(), bound);
        Judging judging = new Judging(plants, scoring);
        List<Judged> others = three.stream()
                .map(score -> judging.judge(score.members(), null))
                .toList();
        double gap = Math.max(0, bound - found.score());
        return new Suggestion(
                Optional.of(judging.judge(found.members(), null)), others, bound, gap, gap < PROVED, null, List.of());
    }

    /** A plant in the place of another, and how good the planting would be with it. */
    public record StandIn(Cultivar plant, double score) {}

    /** The best in the place of one of the plants, in the company of the others; those that break nothing. */
    public List<StandIn> standIns(
            List<Plot> grounds, List<Planted> planted, Aims aims, String id, String patch, int most) {
        List<Member> company = new ArrayList<>();
        Member gone = null;
        for (Planted each : planted) {
            Member member = member(grounds, each, aims);
            boolean there = grounds.get(member.ground()).name().equals(patch) || patch.isEmpty();
            if (each.id().equals(id) && there && gone == null) {
                gone = member;
            } else {
                company.add(member);
            }
        }
        if (gone == null) {
            throw new Refused("“%s” is not in this planting.", id);
        }
        List<Member> all = new ArrayList<>(Pool.of(plants, grounds, aims, Set.of()));
        company.stream()
                .filter(each -> all.stream().noneMatch(had -> isSame(had, each)))
                .forEach(all::add);
        List<Member> numbered = Member.numbered(all);
        Scoring scoring = new Scoring(grounds, aims, numbered.size());
        List<Member> others =
                company.stream().map(each -> found(numbered, each)).toList();
        List<StandIn> standIns = new ArrayList<>();
        for (Member each : numbered) {
            if (each.ground() == gone.ground() && !isSame(each, gone) && !others.contains(each)) {
                List<Member> with = new ArrayList<>(others);
                with.add(each);
                Scoring.Score score = scoring.of(with, null);
                if (scoring.isSound(score)) {
                    standIns.add(new StandIn(each.plant(), score.score()));
                }
            }
        }
        standIns.sort(Comparator.comparingDouble((StandIn each) -> -each.score())
                .thenComparing(each -> each.plant().id()));
        return standIns.subList(0, Math.min(most, standIns.size()));
    }

    private static boolean isSame(Member one, Member other) {
        return one.ground() == other.ground() && one.plant() == other.plant();
    }

    /** Two that share at most half their kinds with the best and with each other: met on the way, or looked for. */
    private static List<Scoring.Score> others(
            Scoring scoring,
            List<Member> pool,
            List<Member> kept,
            Scoring.Score best,
            List<Scoring.Score> met,
            long deadline) {
        List<Scoring.Score> all = new ArrayList<>(List.of(best));
        Predicate<List<Member>> different =
                members -> all.stream().allMatch(had -> differ(members, had.members(), kept));
        for (Scoring.Score each : met) {
            if (all.size() <= OTHERS && different.test(each.members())) {
                all.add(each);
            }
        }
        long last = Math.max(deadline, System.nanoTime() + AT_LEAST_NANOS);
        while (all.size() <= OTHERS && System.nanoTime() < last) {
            Scoring.Score other = new Climb(scoring, pool, kept, different, last)
                    .run(ROUNDS_OF_OTHERS)
                    .best();
            if (other == null) {
                break;
            }
            all.add(other);
        }
        return all.subList(1, all.size());
    }

    /** What the customer has chosen is in all of them. */
    private static boolean differ(List<Member> one, List<Member> other, List<Member> kept) {
        Set<String> mine = ids(one);
        Set<String> theirs = ids(other);
        int half = Math.min(mine.size(), theirs.size()) / 2;
        if (mine.equals(theirs)) {
            return false;
        }
        mine.retainAll(theirs);
        return mine.size() <= Math.max(ids(kept).size(), half);
    }

    private static Set<String> ids(List<Member> members) {
        Set<String> ids = new HashSet<>();
        members.forEach(each -> ids.add(each.plant().id()));
        return ids;
    }

    /** What could be given up so that there is a planting. */
    private Suggestion nothing(List<Plot> grounds, Aims aims, List<Member> pool, List<Member> kept) {
        List<Fact> giveUp = new ArrayList<>();
        Fact why = Fact.of(pool.isEmpty() ? "palette.nothing-lives" : "palette.nothing-together");
        if (!pool.isEmpty() || !kept.isEmpty()) {
            tryWithout(
                    grounds, pool, kept, with(aims, ANY_KINDS, aims.budget(), aims.careMinutesYear()), "kinds", giveUp);
            if (aims.budget() != null) {
                tryWithout(
                        grounds, pool, kept, with(aims, aims.kinds(), null, aims.careMinutesYear()), "budget", giveUp);
            }
            if (aims.careMinutesYear() != null) {
                tryWithout(grounds, pool, kept, with(aims, aims.kinds(), aims.budget(), null), "care", giveUp);
            }
            for (Member each : kept) {
                List<Member> fewer =
                        kept.stream().filter(other -> other != each).toList();
                Scoring.Score score = quick(grounds, aims, pool, fewer);
                if (score != null) {
                    giveUp.add(Fact.of("palette.give-up.plant", each.plant().name()));
                }
            }
        }
        return new Suggestion(Optional.empty(), List.of(), 0, 0, false, why, giveUp);
    }

    private static void tryWithout(
            List<Plot> grounds, List<Member> pool, List<Member> kept, Aims changed, String what, List<Fact> giveUp) {
        Scoring.Score score = quick(grounds, changed, pool, kept);
        if (score != null) {
            giveUp.add(
                    switch (what) {
                        case "budget" -> Fact.of("palette.give-up.budget", String.valueOf(Math.round(score.cost())));
                        case "care" -> Fact.of("palette.give-up.care", (int) Math.ceil(score.careMinutes()));
                        default -> Fact.of("palette.give-up.kinds", Scoring.kinds(score.members()));
                    });
        }
    }

    private static Scoring.Score quick(List<Plot> grounds, Aims aims, List<Member> pool, List<Member> kept) {
        int most = 1 + pool.stream().mapToInt(Member::number).max().orElse(0);
        most = Math.max(most, 1 + kept.stream().mapToInt(Member::number).max().orElse(0));
        List<Member> best = pool.stream()
                .sorted(Comparator.comparingDouble((Member each) -> -each.utility())
                        .thenComparing(each -> each.plant().id()))
                .limit(200)
                .toList();
        return new Climb(new Scoring(grounds, aims, most), best, kept, any -> true, System.nanoTime() + 150_000_000L)
                .run(2)
                .best();
    }

    private static Aims with(Aims aims, Interval kinds, Double budget, Double care) {
        return new Aims(
                aims.months(),
                aims.winter(),
                aims.evergreenShare(),
                aims.colours(),
                aims.onlyThese(),
                aims.scheme(),
                aims.background(),
                aims.layers(),
                aims.weaving(),
                kinds,
                budget,
                care);
    }
}
