package org.yellowfit.core.records;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.yellowfit.core.measure.Checks;

/**
 * How much warmth a plant's first flowers really took (rule J7), in degree days (base 5 °C) since the year's beginning.
 * Beds seen in one season share its weather, so that a season counts once however many were looked at; from three
 * seasons on the plant's own figure takes the place of the label's.
 *
 * <p>Check values: openings at 300 and 320 in one season, 350 and 390 in two others: (310 + 350 + 390) / 3 = 350.
 *
 * @param degreeDays mean of the seasons
 * @param least      the season that took least; {@code most} the one that took most
 */
public record Opening(double degreeDays, double least, double most, int seasons) {

    public static final int ENOUGH_SEASONS = 3;

    /**
     * One bed's first flowers.
     *
     * @param season     the year its flowers belong to
     * @param degreeDays gathered from the beginning of that growing year, 0–10,000
     */
    public record Seen(String plant, int season, double degreeDays) {
        public Seen {
            Checks.between("Degree days", degreeDays, 0, 10_000, "");
        }
    }

    /** Whether it outweighs the label. */
    public boolean isEnough() {
        return seasons >= ENOUGH_SEASONS;
    }

    /** By plant. */
    public static Map<String, Opening> of(List<Seen> all) {
        Map<String, Map<Integer, List<Double>>> seasons = new LinkedHashMap<>();
        for (Seen each : all) {
            seasons.computeIfAbsent(each.plant(), any -> new TreeMap<>())
                    .computeIfAbsent(each.season(), any -> new ArrayList<>())
                    .add(each.degreeDays());
        }
        Map<String, Opening> openings = new LinkedHashMap<>();
        seasons.forEach((plant, of) ->
                openings.put(plant, of(of.values().stream().map(Opening::mean).toList(), of.size())));
        return openings;
    }

    private static Opening of(List<Double> means, int seasons) {
        return new Opening(
                mean(means),
                means.stream().min(Comparator.naturalOrder()).orElseThrow(),
                means.stream().max(Comparator.naturalOrder()).orElseThrow(),
                seasons);
    }

    private static double mean(List<Double> values) {
        return values.stream().mapToDouble(Double::doubleValue).average().orElseThrow();
    }
}
