package org.yellowfit.core.palette;

import java.util.List;
import java.util.Map;
import org.yellowfit.core.growth.Layer;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.plant.Cultivar;

/**
 * A planting judged (rule G8).
 *
 * @param score          the weighted mean of the parts asked for, 0–1
 * @param parts          by part; those nobody asked for are missing
 * @param months         which plants show in each month, January first
 * @param flowers        which flower, fruit or show coloured stems in each month
 * @param emptyMonths    of those wanted, 1–12, in which nothing shows
 * @param evergreenShare of the ground, 0–1
 * @param cost           of the plants, in the shop's money
 */
public record Judged(
        double score,
        Map<Quality, Double> parts,
        List<Break> breaks,
        List<List<String>> months,
        List<List<String>> flowers,
        List<Integer> emptyMonths,
        double evergreenShare,
        double careMinutesYear,
        double cost,
        List<Pair> pairs,
        Map<Layer, List<String>> layers,
        List<Stand> plants) {

    /** A rule that the planting breaks, and the plants it is about. */
    public record Break(String rule, Fact text, List<String> ids) {}

    /** Two that may stand side by side (G2). */
    public record Pair(String a, String b, List<String> differ, List<String> share, boolean passes) {}

    /**
     * One kind in one patch.
     *
     * @param reason  what it is there for
     * @param without what the score gains when it is left out: below 0 where something is lost
     */
    public record Stand(
            Cultivar plant, String patch, Layer layer, int count, double areaM2, List<Fact> reason, double without) {}
}
