package org.yellowfit.core.palette;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.PriorityQueue;

/**
 * How good a planting of one patch can be at best: every one is looked at, but for those that a bound shows to be no
 * better than the best so far (branch and bound). Those that serve best come first.
 *
 * <p>When the time is up, the bound is the highest of what was not looked at.
 */
final class Proof {

    /** Less is no difference. */
    static final double EXACT = 1e-9;

    private static final int LOOK_AT_CLOCK = 256;
    /** Between the prices for which the evergreen share is bounded. */
    static final double PRICE_STEP = 0.25;
    /** Of the evergreen share in worth by ground. */
    private static final double WEIGHT = Quality.EVERGREEN.weight() / Quality.SERVE.weight();

    /** More are not kept in mind: some 300 bytes each. */
    private static final int MOST_LEFT = 1_500_000;

    private final Scoring scoring;
    private final List<Member> kept;
    private final Member[] items;
    private final int[] monthsFrom;
    private final int[] layersFrom;
    private final int[] flowersFrom;
    private final GroundBound ground;
    private final long deadline;
    private List<Member> chosen = List.of();

    private Scoring.Score best;
    private double open = Double.NEGATIVE_INFINITY;
    private int looks;

    Proof(Scoring scoring, List<Member> pool, List<Member> kept, Scoring.Score found, long deadline) {
        this.scoring = scoring;
        this.kept = kept;
        this.best = found;
        this.deadline = deadline;
        Comparator<Member> order = Comparator.comparingDouble((Member each) -> -each.utility())
                .thenComparing(each -> each.plant().id());
        items = pool.stream().filter(each -> !kept.contains(each)).sorted(order).toArray(Member[]::new);
        int n = items.length;
        monthsFrom = new int[n + 1];
        layersFrom = new int[n + 1];
        flowersFrom = new int[n + 1];
        ground = new GroundBound(items, scoring.grounds().get(0).areaM2());
        for (int i = n - 1; i >= 0; i--) {
            monthsFrom[i] = monthsFrom[i + 1] | items[i].showing().months();
            layersFrom[i] = layersFrom[i + 1] | items[i].fills();
            flowersFrom[i] = flowersFrom[i + 1] | items[i].showing().flowers();
        }
    }

    /** What is left to look at: some plants chosen, and those from one on that may be added. */
    private record Left(List<Member> chosen, int from, double bound) {}

    /** Looks at all there is, what may be best first, or until the time is up. */
    Proof run() {
        PriorityQueue<Left> left = new PriorityQueue<>(Comparator.comparingDouble((Left each) -> -each.bound())
                .thenComparingInt(each -> -each.chosen().size()));
        look(left, kept, 0);
        while (!left.isEmpty() && left.peek().bound() > found() + EXACT) {
            boolean late = ++looks % LOOK_AT_CLOCK == 0 && System.nanoTime() > deadline;
            if (late || left.size() > MOST_LEFT) {
                open = left.peek().bound();
                return this;
            }
            Left next = left.poll();
            Member item = items[next.from()];
            if (goesWith(next.chosen(), item)) {
                List<Member> more = new ArrayList<>(next.chosen());
                more.add(item);
                look(left, more, next.from() + 1);
            }
            leave(left, next.chosen(), next.from() + 1);
        }
        return this;
    }

    Scoring.Score best() {
        return best;
    }

    /** No planting of these plants scores more. */
    double bound() {
        double found = best == null ? 0 : best.score();
        return Math.max(found, open);
    }

    private double found() {
        return best == null ? Double.NEGATIVE_INFINITY : best.score();
    }

    /** A planting, and what becomes of it with more. */
    private void look(PriorityQueue<Left> left, List<Member> members, int from) {
        if (members.size() >= scoring.aims().leastKinds()) {
            Scoring.Score score = scoring.of(members, null);
            if (score.score() > found() + EXACT && scoring.isSound(score)) {
                best = score;
            }
        }
        if (members.size() < scoring.aims().mostKinds()) {
            leave(left, members, from);
        }
    }

    private void leave(PriorityQueue<Left> left, List<Member> members, int from) {
        if (from >= items.length) {
            return;
        }
        chosen = members;
        double bound = bound(from);
        if (bound > found() + EXACT) {
            left.add(new Left(members, from, bound));
        }
    }

    private static boolean goesWith(List<Member> members, Member item) {
        for (Member each : members) {
            if (each.waterApart(item) > Scoring.WATER_STEP) {
                return false;
            }
        }
        return true;
    }

    /**
     * For what is chosen and any of the items from one on; the closer bound is worked out where the quick one asks
     * for it.
     */
    private double bound(int from) {
        int least = Math.max(scoring.aims().leastKinds(), chosen.size() + 1);
        int last = Math.min(scoring.aims().mostKinds(), chosen.size() + items.length - from);
        double most = Double.NEGATIVE_INFINITY;
        for (int kinds = last; kinds >= least; kinds--) {
            double[] parts = parts(from, kinds);
            double[] price = new double[1];
            parts[Quality.SERVE.ordinal()] = loose(from, kinds, price);
            if (Scoring.mean(parts) > Math.max(most, found() + EXACT)) {
                parts[Quality.SERVE.ordinal()] = Math.min(parts[Quality.SERVE.ordinal()], tight(from, kinds, price[0]));
                most = Math.max(most, Scoring.mean(parts));
            }
        }
        return most;
    }

    /** All but what is served. */
    private double[] parts(int from, int kinds) {
        int more = kinds - chosen.size();
        double[] parts = new double[Quality.values().length];
        int once = 0;
        int twice = 0;
        int fills = 0;
        int flowers = 0;
        for (Member each : chosen) {
            flowers |= each.showing().flowers();
            twice |= once & each.showing().months();
            once |= each.showing().months();
            fills |= each.fills();
        }
        Aims aims = scoring.aims();
        int later = more > 0 ? monthsFrom[from] : 0;
        int again = more > 1 ? once | later : once;
        parts[Quality.SEASON.ordinal()] = scoring.monthsWanted() == 0
                ? Double.NaN
                : scoring.season(once | later, twice | again & later, flowers | (more > 0 ? flowersFrom[from] : 0));
        parts[Quality.LAYERS.ordinal()] = aims.layers().isEmpty() ? Double.NaN : layers(fills, from, more);
        parts[Quality.COLOUR.ordinal()] = aims.asksForColour() ? scoring.mostColour(chosen, more) : Double.NaN;
        parts[Quality.CONTRAST.ordinal()] = scoring.mostContrast(chosen, kinds);
        parts[Quality.EVERGREEN.ordinal()] = aims.evergreenShare() == null ? Double.NaN : 1;
        parts[Quality.RHYTHM.ordinal()] = scoring.mostRhythm(kinds);
        return parts;
    }

    private double layers(int fills, int from, int more) {
        int found = 0;
        int findable = 0;
        for (var layer : scoring.aims().layers()) {
            boolean filled = (fills & Member.bit(layer)) != 0;
            found += filled ? 1 : 0;
            findable += !filled && (layersFrom[from] & Member.bit(layer)) != 0 ? 1 : 0;
        }
        // A woven plant may fill two.
        int most = found + Math.min(findable, 2 * more);
        return (double) most / scoring.aims().layers().size();
    }

    /**
     * The most that the mean utility by ground can be. Where an evergreen share is aimed at, what is lost by missing it
     * is taken off here: for each price m from −1 to 1, 1 − |share − aim| is at most 1 − m (share − aim), so that the
     * two parts together are at most those of a planting whose evergreens are worth m less; the least of these bounds
     * holds.
     */
    private double loose(int from, int kinds, double[] atPrice) {
        Double aim = scoring.aims().evergreenShare();
        if (aim == null) {
            return ground.loose(chosen, from, kinds, 0);
        }
        double least = Double.POSITIVE_INFINITY;
        for (double price = -1; price <= 1; price += PRICE_STEP) {
            double served = ground.loose(chosen, from, kinds, WEIGHT * price) + WEIGHT * price * aim;
            if (served < least) {
                least = served;
                atPrice[0] = price;
            }
        }
        return least;
    }

    /** At the price that was best for the quick bound and those beside it: any of them is a bound. */
    private double tight(int from, int kinds, double atPrice) {
        Double aim = scoring.aims().evergreenShare();
        if (aim == null) {
            return ground.tight(chosen, from, kinds, 0);
        }
        double least = Double.POSITIVE_INFINITY;
        for (double price = Math.max(-1, atPrice - PRICE_STEP);
                price <= Math.min(1, atPrice + PRICE_STEP);
                price += PRICE_STEP) {
            least = Math.min(least, ground.tight(chosen, from, kinds, WEIGHT * price) + WEIGHT * price * aim);
        }
        return least;
    }
}
