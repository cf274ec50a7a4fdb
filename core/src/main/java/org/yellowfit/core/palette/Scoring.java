package org.yellowfit.core.palette;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.yellowfit.core.growth.Layer;

/**
 * How good a planting is by the numbers (rule G8), and whether it breaks a rule. The one measure both for
 * judging and for
 * suggesting: members are always taken in the same order, so the same planting has the same score to the last digit.
 */
final class Scoring {

    /** Of a month in which something shows; a second plant that shows and a flower make it whole; our judgement. */
    private static final double SHOWS = 0.7;

    private static final double SECOND = 0.1;
    private static final double FLOWERS = 0.2;

    /** A patch whose plants need more than this of its ground is overfull. */
    static final double OVERFULL = 1.15;

    /** Plot to carry one kind, m² (G8). */
    private static final double KIND_M2 = 1.5;

    static final double WATER_STEP = 1;
    private static final int REPEATED = 3;
    /** With hardly any of the kinds there is room for. */
    private static final double DULL = 0.6;

    private static final double ROUNDING = 1e-9;

    private final List<Plot> grounds;
    private final Aims aims;
    private final ColourRule colours;
    private final int monthsWanted;
    private final long weeksWanted;
    private final double totalArea;
    /** By number: weeks in which it keeps the scheme in each way. */
    private final long[][] kept;
    /** By number: 1 where two pass as neighbours, −1 where they do not, 0 where that was not asked yet. */
    private final byte[][] passes;

    /** @param members how many there are to choose from, by their numbers */
    Scoring(List<Plot> grounds, Aims aims, int members) {
        this.kept = new long[members][];
        this.passes = new byte[members][];
        this.grounds = List.copyOf(grounds);
        this.aims = aims;
        this.colours = new ColourRule(aims);
        this.monthsWanted = aims.monthsWanted(grounds.get(0).isSouth());
        this.weeksWanted = Showing.weeksOf(monthsWanted);
        this.totalArea = grounds.stream().mapToDouble(Plot::areaM2).sum();
    }

    /**
     * The numbers of one planting.
     *
     * @param members in order
     * @param parts   by {@link Quality}; NaN for one that nobody asked for
     */
    record Score(
            List<Member> members,
            int[] counts,
            double[] areas,
            double[] needed,
            double[] parts,
            double score,
            double evergreenShare,
            double careMinutes,
            double cost) {

        double part(Quality part) {
            return parts[part.ordinal()];
        }
    }

    List<Plot> grounds() {
        return grounds;
    }

    Aims aims() {
        return aims;
    }

    int monthsWanted() {
        return monthsWanted;
    }

    /** @param asked counts by member, in the order of {@code chosen}; null for none */
    Score of(List<Member> chosen, int[] asked) {
        int n = chosen.size();
        List<Member> members = new ArrayList<>(chosen);
        int[] wanted = asked == null ? new int[n] : asked.clone();
        for (int i = 1; i < n; i++) {
            Member each = members.get(i);
            int count = wanted[i];
            int k = i;
            while (k > 0 && members.get(k - 1).number() > each.number()) {
                members.set(k, members.get(k - 1));
                wanted[k] = wanted[k - 1];
                k--;
            }
            members.set(k, each);
            wanted[k] = count;
        }
        return ordered(members, wanted);
    }

    private Score ordered(List<Member> members, int[] asked) {
        int n = members.size();
        int[] counts = new int[n];
        double[] areas = new double[n];
        double[] needed = new double[grounds.size()];
        for (int from = 0; from < n; ) {
            int ground = members.get(from).ground();
            int to = from;
            while (to < n && members.get(to).ground() == ground) {
                to++;
            }
            Shares shares = Shares.of(
                    members.subList(from, to),
                    Arrays.copyOfRange(asked, from, to),
                    grounds.get(ground).areaM2());
            System.arraycopy(shares.areas(), 0, areas, from, to - from);
            System.arraycopy(shares.counts(), 0, counts, from, to - from);
            needed[ground] = shares.needed();
            from = to;
        }
        return measured(members, counts, areas, needed);
    }

    private Score measured(List<Member> members, int[] counts, double[] areas, double[] needed) {
        double served = 0;
        double evergreen = 0;
        double covered = 0;
        double care = 0;
        double cost = 0;
        for (int i = 0; i < counts.length; i++) {
            Member each = members.get(i);
            served += areas[i] * each.utility();
            evergreen += each.evergreen() ? areas[i] : 0;
            covered += areas[i];
            care += counts[i] * each.careMinutes();
            cost += counts[i] * each.price();
        }
        double share = covered > 0 ? evergreen / covered : 0;
        double[] parts = new double[Quality.values().length];
        set(parts, Quality.SERVE, covered > 0 ? served / covered : 0);
        set(parts, Quality.LAYERS, aims.layers().isEmpty() ? Double.NaN : layers(members));
        set(parts, Quality.SEASON, monthsWanted == 0 ? Double.NaN : season(members));
        set(parts, Quality.COLOUR, aims.asksForColour() ? colour(members) : Double.NaN);
        set(parts, Quality.CONTRAST, contrast(members));
        set(
                parts,
                Quality.EVERGREEN,
                aims.evergreenShare() == null ? Double.NaN : 1 - Math.abs(share - aims.evergreenShare()));
        set(parts, Quality.RHYTHM, rhythm(members, counts));
        return new Score(members, counts, areas, needed, parts, mean(parts), share, care, cost);
    }

    private static void set(double[] parts, Quality part, double value) {
        parts[part.ordinal()] = value;
    }

    static double mean(double[] parts) {
        double sum = 0;
        double weights = 0;
        for (Quality part : Quality.values()) {
            double value = parts[part.ordinal()];
            if (!Double.isNaN(value)) {
                sum += part.weight() * value;
                weights += part.weight();
            }
        }
        return sum / weights;
    }

    /** Of those wanted, filled, in each patch; patches by their ground. */
    private double layers(List<Member> members) {
        int[] filled = new int[grounds.size()];
        for (Member each : members) {
            filled[each.ground()] |= each.fills();
        }
        double sum = 0;
        for (int g = 0; g < filled.length; g++) {
            int found = 0;
            for (Layer layer : aims.layers()) {
                found += (filled[g] & Member.bit(layer)) != 0 ? 1 : 0;
            }
            sum += grounds.get(g).areaM2() * found / aims.layers().size();
        }
        return sum / totalArea;
    }

    private double season(List<Member> members) {
        int once = 0;
        int twice = 0;
        int flowers = 0;
        for (Member each : members) {
            twice |= once & each.showing().months();
            once |= each.showing().months();
            flowers |= each.showing().flowers();
        }
        return season(once, twice, flowers);
    }

    /** @param once months in which something shows, and {@code twice} two plants or more */
    double season(int once, int twice, int flowers) {
        double sum = SHOWS * Integer.bitCount(once & monthsWanted)
                + SECOND * Integer.bitCount(twice & monthsWanted)
                + FLOWERS * Integer.bitCount(flowers & monthsWanted);
        return sum / Integer.bitCount(monthsWanted);
    }

    /**
     * Of weeks in which plants show, those that keep the scheme in the way that serves this planting best. A
     * week of the
     * months wanted in which nothing keeps it counts as one more that does not, or the least that shows would be
     * the best.
     */
    private double colour(List<Member> members) {
        double best = 0;
        for (int way = 0; way < colours.ways(); way++) {
            int shown = 0;
            int keep = 0;
            long any = 0;
            for (Member each : members) {
                shown += Long.bitCount(each.showing().weeks());
                keep += Long.bitCount(kept(each)[way]);
                any |= kept(each)[way];
            }
            int lacking = Long.bitCount(weeksWanted & ~any);
            best = Math.max(best, keep == 0 ? 0 : (double) keep / (shown + lacking));
        }
        return best;
    }

    private long[] kept(Member member) {
        long[] ways = kept[member.number()];
        if (ways == null) {
            ways = new long[colours.ways()];
            for (int way = 0; way < ways.length; way++) {
                ways[way] = colours.keeps(member.showing(), way);
            }
            kept[member.number()] = ways;
        }
        return ways;
    }

    private double contrast(List<Member> members) {
        int pairs = 0;
        int pass = 0;
        for (int i = 0; i < members.size(); i++) {
            for (int k = i + 1; k < members.size(); k++) {
                if (Contrast.areNeighbours(members.get(i), members.get(k))) {
                    pairs++;
                    pass += passes(members.get(i), members.get(k)) ? 1 : 0;
                }
            }
        }
        return pairs == 0 ? 1 : (double) pass / pairs;
    }

    private boolean passes(Member one, Member other) {
        byte[] of = passes[one.number()];
        if (of == null) {
            of = new byte[passes.length];
            passes[one.number()] = of;
        }
        if (of[other.number()] == 0) {
            of[other.number()] = (byte) (Contrast.of(one, other).passes() ? 1 : -1);
        }
        return of[other.number()] > 0;
    }

    /** Something repeated, odd groups, and no more kinds than the ground carries: a third each. */
    private double rhythm(List<Member> members, int[] counts) {
        if (members.isEmpty()) {
            return 0;
        }
        int most = 0;
        int groups = 0;
        int odd = 0;
        for (int count : counts) {
            most = Math.max(most, count);
            boolean group = count > 1 && count < Shares.MANY;
            groups += group ? 1 : 0;
            odd += group && count % 2 == 1 ? 1 : 0;
        }
        double repeated = most >= REPEATED ? 1 : most == 2 ? 0.5 : 0;
        double oddShare = groups == 0 ? 1 : (double) odd / groups;
        return (repeated + oddShare + carried(kinds(members))) / 3;
    }

    /** Different plants, one that stands in two patches counted once. */
    static int kinds(List<Member> members) {
        int kinds = 0;
        for (int i = 0; i < members.size(); i++) {
            boolean had = false;
            for (int k = 0; k < i; k++) {
                had |= members.get(k).plant() == members.get(i).plant();
            }
            kinds += had ? 0 : 1;
        }
        return kinds;
    }

    /** The colour part at most, when so many more are added that all keep the scheme. */
    double mostColour(List<Member> chosen, int more) {
        int shown = 0;
        for (Member each : chosen) {
            shown += Long.bitCount(each.showing().weeks());
        }
        int added = more * Showing.WEEKS;
        if (shown + added == 0) {
            return 0;
        }
        int best = 0;
        for (int way = 0; way < colours.ways(); way++) {
            int keep = 0;
            for (Member each : chosen) {
                keep += Long.bitCount(kept(each)[way]);
            }
            best = Math.max(best, keep);
        }
        return (double) (best + added) / (shown + added);
    }

    /** The contrast part at most, when all that is added passes with everything. */
    double mostContrast(List<Member> chosen, int kinds) {
        int fails = 0;
        int apart = 0;
        for (int i = 0; i < chosen.size(); i++) {
            for (int k = i + 1; k < chosen.size(); k++) {
                boolean neighbours = Contrast.areNeighbours(chosen.get(i), chosen.get(k));
                apart += neighbours ? 0 : 1;
                fails += neighbours && !passes(chosen.get(i), chosen.get(k)) ? 1 : 0;
            }
        }
        int pairs = kinds * (kinds - 1) / 2 - apart;
        return pairs <= 0 ? 1 : 1 - (double) fails / pairs;
    }

    double mostRhythm(int kinds) {
        return (2 + carried(kinds)) / 3;
    }

    /** 1 for as many kinds as the ground carries; fewer are a little dull, more are restless. */
    private double carried(int kinds) {
        double carries = Math.max(aims.leastKinds(), Math.min(aims.mostKinds(), Math.floor(totalArea / KIND_M2)));
        return kinds > carries ? carries / kinds : DULL + (1 - DULL) * kinds / carries;
    }

    /** Whether nothing about it is a break; the plants themselves are taken to live where they are. */
    boolean isSound(Score score) {
        int kinds = kinds(score.members());
        if (kinds < aims.leastKinds() || kinds > aims.mostKinds()) {
            return false;
        }
        if (aims.budget() != null && score.cost() > aims.budget() + ROUNDING
                || aims.careMinutesYear() != null && score.careMinutes() > aims.careMinutesYear() + ROUNDING) {
            return false;
        }
        for (double needed : score.needed()) {
            if (needed > OVERFULL || needed == 0) {
                return false;
            }
        }
        return isWateredAlike(score.members());
    }

    /** C6: within a patch. */
    static boolean isWateredAlike(List<Member> members) {
        for (int i = 0; i < members.size(); i++) {
            for (int k = i + 1; k < members.size(); k++) {
                if (members.get(i).ground() == members.get(k).ground()
                        && members.get(i).waterApart(members.get(k)) > WATER_STEP) {
                    return false;
                }
            }
        }
        return true;
    }
}
