package org.yellowfit.core.palette;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import java.util.function.Predicate;

/**
 * Looks for good plantings by small steps: one plant added, taken out or swapped, whichever betters it most, until none
 * does; then, in turn, two are thrown out or all, and it begins again. The same seed goes the same way.
 */
final class Climb {

    /** A planting that breaks a rule is worse than any that does not, the more so the more it breaks. */
    private static final double BROKEN = 10;

    private static final int THROWN_OUT = 2;
    private static final int BEGUN_WITH = 4;
    /** Of those that serve best so many are looked at before the others, for a first answer. */
    private static final int FEW = 50;

    private static final long SEED = 1;

    private final Scoring scoring;
    private final List<Member> pool;
    private final List<Member> kept;
    private final Predicate<List<Member>> allowed;
    private final long deadline;
    private final Random chance = new Random(SEED);

    private List<Member> looked;
    private final List<Scoring.Score> tops = new ArrayList<>();
    private Scoring.Score best;
    private double bestWorth = Double.NEGATIVE_INFINITY;

    /**
     * @param kept     what stays whatever happens
     * @param allowed  what else a planting has to be
     * @param deadline by {@link System#nanoTime}
     */
    Climb(Scoring scoring, List<Member> pool, List<Member> kept, Predicate<List<Member>> allowed, long deadline) {
        this.scoring = scoring;
        this.pool = pool;
        this.kept = kept;
        this.allowed = allowed;
        this.deadline = deadline;
    }

    /** Null where no sound planting was found. */
    Scoring.Score best() {
        return best != null && scoring.isSound(best) ? best : null;
    }

    /** The sound plantings that no small step betters, the best first. */
    List<Scoring.Score> tops() {
        return tops.stream()
                .filter(score -> score.members().size() > 0 && scoring.isSound(score))
                .sorted(Comparator.comparingDouble(score -> -score.score()))
                .toList();
    }

    /** @param rounds times it begins anew, unless the time is up */
    Climb run(int rounds) {
        looked = pool.stream()
                .sorted(Comparator.comparingDouble((Member each) -> -each.utility())
                        .thenComparing(Member::number))
                .limit(FEW)
                .toList();
        // A first answer is always found, if there is one, however little time there is.
        List<Member> current = climb(new ArrayList<>(kept), Long.MAX_VALUE);
        looked = pool;
        current = climb(current, best() == null ? Long.MAX_VALUE : deadline);
        for (int round = 0; round < rounds && System.nanoTime() < deadline; round++) {
            List<Member> next = climb(round % 2 == 0 ? anew() : shaken(current), deadline);
            tops.add(scoring.of(next, null));
            if (worth(next) >= worth(current)) {
                current = next;
            }
        }
        return this;
    }

    private List<Member> shaken(List<Member> current) {
        List<Member> shaken = new ArrayList<>(current);
        for (int i = 0; i < THROWN_OUT && shaken.size() > kept.size(); i++) {
            shaken.remove(kept.size() + chance.nextInt(shaken.size() - kept.size()));
        }
        return shaken;
    }

    /** A few by chance, those that serve well more likely. */
    private List<Member> anew() {
        List<Member> anew = new ArrayList<>(kept);
        for (int i = 0; i < BEGUN_WITH && !pool.isEmpty(); i++) {
            Member each = pool.get(chance.nextInt(pool.size()));
            Member other = pool.get(chance.nextInt(pool.size()));
            Member better = each.utility() >= other.utility() ? each : other;
            if (!anew.contains(better) && Scoring.kinds(anew) < scoring.aims().mostKinds()) {
                anew.add(better);
            }
        }
        return anew;
    }

    private List<Member> climb(List<Member> from, long until) {
        List<Member> current = from;
        double worth = worth(current);
        boolean better = true;
        while (better && System.nanoTime() < until) {
            List<Member> next = step(current, worth);
            better = next != null;
            if (better) {
                current = next;
                worth = worth(current);
            }
        }
        return current;
    }

    /** The neighbour that betters it most; null where none does. */
    private List<Member> step(List<Member> current, double worth) {
        List<Member> found = null;
        double most = worth + 1e-12;
        for (int out = kept.size() - 1; out < current.size(); out++) {
            List<Member> base = new ArrayList<>(current);
            boolean adding = out < kept.size();
            if (!adding) {
                base.remove(out);
                double without = worth(base);
                if (without > most) {
                    most = without;
                    found = new ArrayList<>(base);
                }
            }
            base.add(null);
            for (Member each : looked) {
                if (current.contains(each)) {
                    continue;
                }
                base.set(base.size() - 1, each);
                double with = worth(base);
                if (with > most) {
                    most = with;
                    found = new ArrayList<>(base);
                }
            }
        }
        return found;
    }

    private double worth(List<Member> members) {
        if (members.isEmpty()) {
            return -2 * BROKEN;
        }
        int kinds = Scoring.kinds(members);
        if (kinds > scoring.aims().mostKinds() || !allowed.test(members)) {
            return Double.NEGATIVE_INFINITY;
        }
        Scoring.Score score = scoring.of(members, null);
        double broken = broken(score, kinds);
        double worth = broken > 0 ? score.score() - BROKEN - broken : score.score();
        if (worth > bestWorth) {
            bestWorth = worth;
            best = score;
        }
        return worth;
    }

    private double broken(Scoring.Score score, int kinds) {
        Aims aims = scoring.aims();
        double broken = Math.max(0, aims.leastKinds() - kinds);
        if (aims.budget() != null && score.cost() > aims.budget()) {
            broken += score.cost() / Math.max(1, aims.budget()) - 1 + 1e-6;
        }
        if (aims.careMinutesYear() != null && score.careMinutes() > aims.careMinutesYear()) {
            broken += score.careMinutes() / Math.max(1, aims.careMinutesYear()) - 1 + 1e-6;
        }
        for (double needed : score.needed()) {
            broken += needed == 0 ? 1 : Math.max(0, needed - Scoring.OVERFULL);
        }
        List<Member> members = score.members();
        for (int i = 0; i < members.size(); i++) {
            for (int k = i + 1; k < members.size(); k++) {
                boolean together = members.get(i).ground() == members.get(k).ground();
                broken += together ? Math.max(0, members.get(i).waterApart(members.get(k)) - Scoring.WATER_STEP) : 0;
            }
        }
        return broken;
    }
}
