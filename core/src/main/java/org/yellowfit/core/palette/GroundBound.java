package org.yellowfit.core.palette;

import java.util.Arrays;
import java.util.List;

/**
 * The most that the mean utility by ground can be when some plants are chosen and any of a list, from one on, may be
 * added:
 * what {@link Shares} gives them, without looking at each. For {@link Proof}.
 *
 * <p>Let x be the share when all that need more than an equal one are settled. Who needs less than x stands on x at
 * least, or on all of it that is wanted; who needs more stands on its own cell; and those that need less stand on x
 * each taken together. So no plant has nearly all the ground unless its cell is as large. For each of a few ranges of x
 * the best filling of the ground that keeps to this is taken, and of these the best.
 *
 * <p>All areas here are parts of the patch.
 */
final class GroundBound {

    /** The ranges of x, and the sizes for which it is known who is larger. */
    private static final double[] AT = {
        0, 0.01, 0.02, 0.035, 0.05, 0.065, 0.08, 0.095, 0.11, 0.125, 0.145, 0.17, 0.2, 0.25, 0.33, 0.5, Scoring.OVERFULL
    };

    private static final double ROUNDING = 1e-9;
    /** No plant is so bad. */
    private static final double NONE = -1000;

    private final double area;
    /**
     * By what it is (evergreen: 1), size and place in the list: the best utility of those larger, of those not
     * larger.
     */
    private final double[][][] larger = new double[2][AT.length][];

    private final double[][][] smaller = new double[2][AT.length][];
    /** From each place on: the largest cell, and whether of any only so many are wanted. */
    private final double[] largest;

    private final boolean[] someCapped;
    /** From each place on: what the few take at most of which the fewest are wanted, least first. */
    private final double[][] few;

    private static final int FEW = 8;

    GroundBound(Member[] items, double areaM2) {
        area = areaM2;
        int n = items.length;
        largest = new double[n + 1];
        someCapped = new boolean[n + 1];
        few = new double[n + 1][];
        few[n] = new double[FEW];
        Arrays.fill(few[n], 1);
        for (int i = n - 1; i >= 0; i--) {
            largest[i] = Math.max(largest[i + 1], items[i].cellM2() / area);
            someCapped[i] = someCapped[i + 1] || isCapped(items[i]);
            few[i] = few[i + 1].clone();
            if (isCapped(items[i])) {
                few[i][FEW - 1] = Math.min(few[i][FEW - 1], items[i].most() * items[i].cellM2() / area);
                Arrays.sort(few[i]);
            }
        }
        for (int at = 0; at < AT.length; at++) {
            for (int kind = 0; kind < 2; kind++) {
                double[] above = new double[n + 1];
                double[] below = new double[n + 1];
                above[n] = NONE;
                below[n] = NONE;
                for (int i = n - 1; i >= 0; i--) {
                    boolean is = items[i].evergreen() == (kind == 1);
                    boolean isLarger = items[i].cellM2() / area > AT[at];
                    above[i] = is && isLarger ? Math.max(above[i + 1], items[i].utility()) : above[i + 1];
                    below[i] = is && !isLarger ? Math.max(below[i + 1], items[i].utility()) : below[i + 1];
                }
                larger[kind][at] = above;
                smaller[kind][at] = below;
            }
        }
    }

    private static boolean isCapped(Member member) {
        return member.most() < Member.MANY;
    }

    /** As {@link #tight}, from the least ground of those chosen alone; quick. */
    double loose(List<Member> chosen, int from, int kinds, double price) {
        double left = 1;
        double served = 0;
        double best = kinds == chosen.size() ? Double.NEGATIVE_INFINITY : any(from, 0, price);
        for (Member each : chosen) {
            double worth = worth(each, price);
            double least = Math.min(each.cellM2() / (area * Scoring.OVERFULL), 1.0 / kinds);
            left -= least;
            served += least * worth;
            best = Math.max(best, worth);
        }
        return served + Math.max(0, left) * best;
    }

    /**
     * @param kinds more than are chosen
     * @param price taken off the utility of what is evergreen
     */
    double tight(List<Member> chosen, int from, int kinds, double price) {
        double most = NONE;
        double share = highestShare(chosen, kinds);
        for (int at = 0; at + 1 < AT.length && (at == 0 || AT[at] <= share); at++) {
            most = Math.max(most, within(chosen, from, kinds, price, at, share));
        }
        return most;
    }

    /** The equal share when none of those added needs more than it. */
    private double highestShare(List<Member> chosen, int kinds) {
        double free = 1;
        int open = kinds;
        int before = -1;
        boolean[] settled = new boolean[chosen.size()];
        while (open > 0 && before != open) {
            before = open;
            for (int i = 0; i < settled.length && open > 0; i++) {
                double cell = chosen.get(i).cellM2() / area;
                if (!settled[i] && cell > free / open) {
                    settled[i] = true;
                    free -= cell;
                    open--;
                }
            }
        }
        return open == 0 ? 0 : free / open;
    }

    /** For x from one of the marks to the next; the first reaches down to where nothing is left. */
    private double within(List<Member> chosen, int from, int kinds, double price, int at, double highest) {
        Range range = new Range(at, AT[at], Math.min(AT[at + 1], highest + ROUNDING), from, price);
        Taken taken = new Taken(someCapped[from]);
        for (Member each : chosen) {
            taken.add(each, each.cellM2() / area, worth(each, price), range);
        }
        int added = kinds - chosen.size();
        double most = NONE;
        for (int large = 0; large <= added; large++) {
            most = Math.max(most, with(taken, large, added - large, range));
        }
        return taken.allMayBeLarge ? Math.max(most, overfull(taken, added, range)) : most;
    }

    /** @param low of x; its first range has no least */
    private record Range(int at, double low, double high, int from, double price) {}

    /** What those chosen take at least. */
    private static final class Taken {
        double ground;
        double served;
        double cells;
        double servedByCells;
        /** Of those that may share: how many, their ground and the best of them. */
        int sharing;

        double ofSharing;
        double bestSharing = NONE;
        boolean allMayBeLarge = true;
        boolean allMayBeSettled = true;
        boolean someCapped;

        Taken(boolean someCapped) {
            this.someCapped = someCapped;
        }

        void add(Member member, double cell, double worth, Range range) {
            boolean isCapped = isCapped(member);
            double least = Math.max(cell, isCapped ? Math.min(range.low, member.most() * cell) : range.low);
            ground += least;
            served += least * worth;
            cells += cell;
            servedByCells += cell * worth;
            if (cell <= range.high) {
                sharing++;
                ofSharing += least;
                bestSharing = Math.max(bestSharing, worth);
            }
            boolean mayBeLarge = range.at == 0 || cell > range.low;
            allMayBeLarge &= mayBeLarge;
            allMayBeSettled &= mayBeLarge || isCapped;
            someCapped |= isCapped;
        }
    }

    /** Of those added so many need more than x, and the others do not. */
    private double with(Taken taken, int large, int small, Range range) {
        double leastSmall = leastOf(small, range.from, range.low);
        double least = taken.ground + leastSmall + large * range.low;
        if (least > 1 + ROUNDING) {
            return NONE;
        }
        double worthOfSmall = small > 0 ? small(range) : NONE;
        double worthOfLarge = large > 0 ? any(range.from, range.low, range.price) : NONE;
        double sum = taken.served
                + (small > 0 ? leastSmall * worthOfSmall : 0)
                + (large > 0 ? large * range.low * worthOfLarge : 0);
        double allSharing = (taken.sharing + small) * range.high;
        double sharing = Math.max(0, allSharing - taken.ofSharing - leastSmall);
        double bySize = large * Math.max(0, largest[range.from] - range.low);
        double worthOfSharing = Math.max(taken.bestSharing, worthOfSmall);
        double last = Math.min(1, least + sharing + bySize);
        double most =
                last >= 1 - ROUNDING ? filled(sum, least, 1, sharing, worthOfSharing, bySize, worthOfLarge) : NONE;
        if (taken.allMayBeSettled && taken.someCapped) {
            // Some are wanted in small numbers only, and what they leave is not planted: no more than those that share
            // have.
            double first = Math.max(least, 1 - allSharing);
            for (double total : new double[] {first, least + sharing, least + bySize, last}) {
                if (total >= first && total <= last && total > 0) {
                    most = Math.max(most, filled(sum, least, total, sharing, worthOfSharing, bySize, worthOfLarge));
                }
            }
        }
        return most;
    }

    /** What so many that are added and do not need more take at least: x each, or all of it that is wanted. */
    private double leastOf(int small, int from, double x) {
        double sum = 0;
        for (int i = 0; i < small; i++) {
            sum += i < FEW ? Math.min(x, few[from][i]) : 0;
        }
        return sum;
    }

    /** The mean of a total, where the rest is filled by the better of two kinds first, each up to its room. */
    private static double filled(
            double served, double taken, double total, double room, double worth, double otherRoom, double otherWorth) {
        double rest = total - taken;
        boolean better = worth >= otherWorth;
        double first = Math.min(rest, better ? room : otherRoom);
        double second = Math.min(rest - first, better ? otherRoom : room);
        double sum = served + first * (better ? worth : otherWorth);
        if (second > 0) {
            sum += second * (better ? otherWorth : worth);
        }
        return sum / total;
    }

    /** All need more than is left for them: together more than the ground, up to what is not too full. */
    private double overfull(Taken taken, int added, Range range) {
        double largestOne = largest[range.from];
        double most = Math.min(Scoring.OVERFULL, taken.cells + added * largestOne);
        double least = Math.max(1, taken.cells);
        if (most < least) {
            return NONE;
        }
        double worth = any(range.from, least - taken.cells - (added - 1) * largestOne, range.price);
        return Math.max(
                (taken.servedByCells + (least - taken.cells) * worth) / least,
                (taken.servedByCells + (most - taken.cells) * worth) / most);
    }

    private static double worth(Member member, double price) {
        return member.evergreen() ? member.utility() - price : member.utility();
    }

    /** The best of those from one on with a cell of that size at least. */
    private double any(int from, double size, double price) {
        int at = 0;
        while (at + 1 < AT.length && AT[at + 1] < size) {
            at++;
        }
        return Math.max(larger[0][at][from], larger[1][at][from] - price);
    }

    /** The best of those that do not need more than the range. */
    private double small(Range range) {
        int at = range.at + 1;
        return Math.max(smaller[0][at][range.from], smaller[1][at][range.from] - range.price);
    }
}
