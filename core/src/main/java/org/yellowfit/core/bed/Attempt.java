package org.yellowfit.core.bed;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import org.yellowfit.core.growth.Layer;

/**
 * One try at planting a bed: pairs and rows first, exactly; then the rest, the widest first, each group where its layer
 * and its neighbours leave the best room. For one thread.
 */
final class Attempt {

    private static final double ROUNDING = 1e-9;
    /** How far out of its layer's depth a plant may stand, of the depth, first and where there is no room. */
    private static final double[] OUT_OF_LAYER = {0.1, 0.3, 1};

    /** A drift is so much longer along the bed than deep. */
    private static final double DRIFT = 1.8;
    /** The next of a group stands within so many times its distance. */
    private static final double TOGETHER = 1.5;

    private static final int SEEDS_TRIED = 10;
    private static final double LOOSE = 0.06;
    /** How much chance there is in where a group begins. */
    private static final double LIKING = 0.35;

    private static final double BEHIND_M = 0.05;
    /** Pairs like to stand towards the ends. */
    private static final double PAIRS_AT = 0.7;

    // How deep the rows of a bed stand that make room for each other.
    private static final double ROW_FARTHEST = 0.85;
    private static final double ROW_NEAREST = 0.15;

    private final BedGround ground;
    private final List<Lot> lots;
    private final Clearance clearance;
    private final Spots spots;
    private final Frontage frontage;
    private final Way way;

    private final Random chance;
    /** By lot: the spots on which one more of it may stand. */
    private final boolean[][] free;
    /** By lot: how far each spot is from the nearest of it, m; and from the nearest of all. */
    private final double[][] toItsOwn;

    private final double[] toAny;
    private final List<Stand> stands = new ArrayList<>();
    private final int[] left;
    private int groups;

    /**
     * What is tried.
     *
     * @param stepped      tall behind short
     * @param rowsMakeRoom rows stand apart, the tallest farthest back, rather than each in the middle of its layer
     * @param pot          each plant by itself, as far from its like as the pot allows
     */
    record Way(boolean stepped, boolean rowsMakeRoom, boolean pot) {}

    /** A plant that has been placed. */
    record Stand(Lot lot, double x, double y, int group, double along, double across) {}

    Attempt(
            BedGround ground,
            List<Lot> lots,
            Clearance clearance,
            Spots spots,
            Frontage frontage,
            boolean[][] allowed,
            Way way,
            long seed) {
        this.ground = ground;
        this.lots = lots;
        this.clearance = clearance;
        this.spots = spots;
        this.frontage = frontage;
        this.way = way;
        chance = new Random(seed);
        free = Arrays.stream(allowed).map(boolean[]::clone).toArray(boolean[][]::new);
        left = new int[lots.size()];
        toItsOwn = new double[lots.size()][spots.size()];
        for (double[] each : toItsOwn) {
            Arrays.fill(each, frontage.length() / 2);
        }
        toAny = spots.toEdge.clone();
    }

    List<Stand> stands() {
        return stands;
    }

    int left(Lot lot) {
        return left[lot.number];
    }

    int leftInAll() {
        return Arrays.stream(left).sum();
    }

    Attempt plant(List<Lot> inOrder) {
        if (!way.pot()) {
            inOrder.stream()
                    .filter(lot -> lot.asked.grouping() == Grouping.PAIRED)
                    .forEach(this::pairs);
        }
        rows(inOrder.stream()
                .filter(lot -> lot.asked.grouping() == Grouping.ROW && !way.pot())
                .toList());
        for (Lot lot : inOrder) {
            switch (way.pot() ? Grouping.SPRINKLED : lot.asked.grouping()) {
                case MASSED -> drifts(lot, List.of(lot.count));
                case GROUP -> drifts(lot, Groups.of(lot.count));
                case SPRINKLED -> sprinkle(lot, lot.count);
                default -> {
                    // Stands already.
                }
            }
        }
        return this;
    }

    private void put(Lot lot, double x, double y, int group) {
        Stand stand = new Stand(lot, x, y, group, frontage.along(x, y), frontage.across(x, y));
        stands.add(stand);
        double[] own = toItsOwn[lot.number];
        for (int i = 0; i < spots.size(); i++) {
            double away = Math.hypot(spots.x[i] - x, spots.y[i] - y);
            own[i] = Math.min(own[i], away);
            toAny[i] = Math.min(toAny[i], away);
        }
        for (Lot other : lots) {
            boolean[] open = free[other.number];
            spots.mark(open, x, y, other.apartFrom(lot) - ROUNDING, false);
            if (isTaller(other, lot) || isTaller(lot, other)) {
                for (int i = 0; i < spots.size(); i++) {
                    open[i] = open[i] && !hides(other, spots.along[i], spots.across[i], stand);
                }
            }
        }
    }

    // Pairs and rows

    private void pairs(Lot lot) {
        int pairs = lot.count / 2;
        for (int pair = 0; pair < pairs; pair++) {
            int best = -1;
            double bestOf = Double.NEGATIVE_INFINITY;
            for (int i = 0; i < spots.size(); i++) {
                double along = spots.along[i];
                if (!free[lot.number][i] || along < lot.apartFrom(lot) / 2) {
                    continue;
                }
                double half = frontage.length() / 2;
                double of = -3 * lot.outOf(spots.share[i]) - Math.abs(along - PAIRS_AT * half) / half;
                if (of > bestOf && isOpen(lot, mirror(i))) {
                    best = i;
                    bestOf = of;
                }
            }
            if (best < 0) {
                left[lot.number] += 2 * (pairs - pair);
                break;
            }
            double[] other = mirror(best);
            put(lot, spots.x[best], spots.y[best], ++groups);
            put(lot, other[0], other[1], groups);
        }
        // One that has no other has no place in a pair.
        left[lot.number] += lot.count % 2;
    }

    private double[] mirror(int i) {
        return frontage.mirrored(spots.x[i], spots.y[i]);
    }

    private void rows(List<Lot> all) {
        List<Lot> tallestFirst = all.stream()
                .sorted(Comparator.comparingDouble((Lot lot) -> -lot.heightThen))
                .toList();
        int last = tallestFirst.size() - 1;
        for (Lot lot : all) {
            double apart = last > 0 ? (double) tallestFirst.indexOf(lot) / last : 0;
            row(
                    lot,
                    way.rowsMakeRoom() && last > 0
                            ? ROW_FARTHEST - apart * (ROW_FARTHEST - ROW_NEAREST)
                            : (lot.front + lot.back) / 2);
        }
    }

    /** Exactly even, on the line that takes most of them. */
    private void row(Lot lot, double depth) {
        RowLine line = RowLine.best(lot, depth, ground, frontage, at -> isOpen(lot, at))
                .orElse(null);
        int planted = line == null ? 0 : Math.min(lot.count, line.takes());
        left[lot.number] = lot.count - planted;
        if (planted == 0) {
            return;
        }
        double start = line.from() + (line.length() - (planted - 1) * lot.spacing) / 2;
        groups++;
        for (int k = 0; k < planted; k++) {
            double[] at = frontage.at(start + k * lot.spacing, line.across());
            put(lot, at[0], at[1], groups);
        }
    }

    // Drifts and single plants

    private void drifts(Lot lot, List<Integer> sizes) {
        boolean massed = lot.asked.grouping() == Grouping.MASSED;
        int rest = 0;
        int largest = Integer.MAX_VALUE;
        for (int size : sizes) {
            // Where a group of some size found no room, the next finds none either.
            List<Integer> drift = bestDrift(lot, Math.min(size, largest), massed);
            int fits = massed || (drift.size() & 1) == 1 ? drift.size() : Math.max(0, drift.size() - 1);
            if (fits > 0) {
                groups++;
                drift.subList(0, fits).forEach(i -> put(lot, spots.x[i], spots.y[i], groups));
            }
            if (fits < size) {
                largest = fits;
                rest += size - fits;
            }
        }
        if (massed) {
            left[lot.number] += rest;
        } else if (rest > 0) {
            sprinkle(lot, rest);
        }
    }

    private List<Integer> bestDrift(Lot lot, int size, boolean massed) {
        List<Integer> best = List.of();
        for (double out : size == 0 ? new double[0] : OUT_OF_LAYER) {
            for (int seed : seeds(lot, out, size, SEEDS_TRIED)) {
                List<Integer> drift = drift(lot, seed, size, out, massed ? 1 : DRIFT);
                if (drift.size() > best.size()) {
                    best = drift;
                }
                if (best.size() == size) {
                    return best;
                }
            }
        }
        return best;
    }

    /** Where a group may begin, the best first, well apart from each other. */
    private List<Integer> seeds(Lot lot, double out, int size, int most) {
        double wide = lot.apartFrom(lot) * Math.max(1, Math.sqrt(size));
        double[] own = toItsOwn[lot.number];
        double half = Math.max(0.1, frontage.length() / 2);
        double[] of = new double[spots.size()];
        for (int i = 0; i < of.length; i++) {
            double outside = lot.outOf(spots.share[i]);
            // Repeated through the bed rather than in one place; close to what stands, so that no holes are left.
            of[i] = free[lot.number][i] && outside <= out
                    ? -2.5 * outside
                            + LIKING * chance.nextDouble()
                            + Math.min(1, own[i] / half)
                            - 0.25 * Math.min(1, toAny[i] / wide)
                    : Double.NEGATIVE_INFINITY;
        }
        List<Integer> seeds = new ArrayList<>();
        while (seeds.size() < most) {
            int best = 0;
            for (int i = 1; i < of.length; i++) {
                best = of[i] > of[best] ? i : best;
            }
            if (of.length == 0 || of[best] == Double.NEGATIVE_INFINITY) {
                break;
            }
            seeds.add(best);
            for (int i = 0; i < of.length; i++) {
                if (apart(best, i) <= wide / 2) {
                    of[i] = Double.NEGATIVE_INFINITY;
                }
            }
        }
        return seeds;
    }

    private double apart(int a, int b) {
        return Math.hypot(spots.x[a] - spots.x[b], spots.y[a] - spots.y[b]);
    }

    /** Grown from one spot by the nearest free one, along the bed rather than across it. */
    private List<Integer> drift(Lot lot, int seed, int size, double out, double longer) {
        double need = lot.apartFrom(lot);
        boolean[] open = free[lot.number].clone();
        boolean[] beside = new boolean[spots.size()];
        double[] far = new double[spots.size()];
        for (int i = 0; i < far.length; i++) {
            double along = (spots.along[i] - spots.along[seed]) / longer;
            far[i] = Math.hypot(along, spots.across[i] - spots.across[seed]) + need * LOOSE * chance.nextDouble();
            open[i] &= lot.outOf(spots.share[i]) <= out;
        }
        List<Integer> members = new ArrayList<>();
        for (int next = seed; next >= 0 && members.size() < size; next = nearest(far, open, beside)) {
            members.add(next);
            spots.mark(open, spots.x[next], spots.y[next], need - ROUNDING, false);
            spots.mark(beside, spots.x[next], spots.y[next], need * TOGETHER, true);
        }
        return members;
    }

    private static int nearest(double[] far, boolean[] open, boolean[] beside) {
        int next = -1;
        for (int i = 0; i < far.length; i++) {
            if (open[i] && beside[i] && (next < 0 || far[i] < far[next])) {
                next = i;
            }
        }
        return next;
    }

    private void sprinkle(Lot lot, int count) {
        for (int k = 0; k < count; k++) {
            int best = -1;
            for (double out : OUT_OF_LAYER) {
                List<Integer> seeds = seeds(lot, out, 1, 1);
                if (!seeds.isEmpty()) {
                    best = seeds.get(0);
                    break;
                }
            }
            if (best < 0) {
                left[lot.number] += count - k;
                return;
            }
            put(lot, spots.x[best], spots.y[best], ++groups);
        }
    }

    // What holds for all

    private boolean isOpen(Lot lot, double[] at) {
        if (clearance.bar(lot, at[0], at[1]) != Clearance.Bar.NONE) {
            return false;
        }
        double along = frontage.along(at[0], at[1]);
        double across = frontage.across(at[0], at[1]);
        for (Stand stand : stands) {
            if (Math.hypot(at[0] - stand.x, at[1] - stand.y) < lot.apartFrom(stand.lot) - ROUNDING
                    || hides(lot, along, across, stand)) {
                return false;
            }
        }
        return true;
    }

    /** Tall behind short (G1): nothing of a taller layer right before one of a shorter, or behind one of a taller. */
    private boolean hides(Lot lot, double along, double across, Stand stand) {
        boolean taller = isTaller(lot, stand.lot);
        if (!way.stepped() || frontage.isAround() || !taller && !isTaller(stand.lot, lot)) {
            return false;
        }
        double wide = (taller ? lot : stand.lot).spreadThen / 2;
        double before = taller ? stand.across - across : across - stand.across;
        return before > BEHIND_M && Math.abs(along - stand.along) < wide;
    }

    private static boolean isTaller(Lot one, Lot other) {
        return one.layer.ordinal() < other.layer.ordinal() && other.layer != Layer.GROUND_COVER;
    }
}
