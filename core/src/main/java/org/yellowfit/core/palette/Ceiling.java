package org.yellowfit.core.palette;

import java.util.List;

/** The most that a planting of several patches can score, part by part. */
final class Ceiling {

    private Ceiling() {}

    static double of(Scoring scoring, List<Member> pool, List<Member> kept) {
        double area = 0;
        int months = 0;
        int twice = 0;
        int flowers = 0;
        int[] fills = new int[scoring.grounds().size()];
        double[] best = new double[fills.length];
        double[] bestEvergreen = new double[fills.length];
        for (List<Member> members : List.of(pool, kept)) {
            for (Member each : members) {
                double[] of = each.evergreen() ? bestEvergreen : best;
                of[each.ground()] = Math.max(of[each.ground()], each.utility());
                fills[each.ground()] |= each.fills();
                twice |= months & each.showing().months();
                months |= each.showing().months();
                flowers |= each.showing().flowers();
            }
        }
        double layers = 0;
        for (int g = 0; g < fills.length; g++) {
            double own = scoring.grounds().get(g).areaM2();
            area += own;
            int filled = fills[g];
            layers += own
                    * scoring.aims().layers().stream()
                            .filter(layer -> (filled & Member.bit(layer)) != 0)
                            .count();
        }
        Aims aims = scoring.aims();
        double[] parts = new double[Quality.values().length];
        parts[Quality.SERVE.ordinal()] = served(scoring, best, bestEvergreen) / area;
        parts[Quality.LAYERS.ordinal()] = aims.layers().isEmpty()
                ? Double.NaN
                : layers / area / aims.layers().size();
        parts[Quality.SEASON.ordinal()] =
                scoring.monthsWanted() == 0 ? Double.NaN : scoring.season(months, twice, flowers);
        parts[Quality.COLOUR.ordinal()] = aims.asksForColour() ? 1 : Double.NaN;
        parts[Quality.CONTRAST.ordinal()] = 1;
        parts[Quality.EVERGREEN.ordinal()] = aims.evergreenShare() == null ? Double.NaN : 1;
        parts[Quality.RHYTHM.ordinal()] = 1;
        return Scoring.mean(parts);
    }

    /** With what is lost of the evergreen part taken off, as in {@link Proof}; m². */
    private static double served(Scoring scoring, double[] best, double[] bestEvergreen) {
        Double aim = scoring.aims().evergreenShare();
        double weight = aim == null ? 0 : Quality.EVERGREEN.weight() / Quality.SERVE.weight();
        double least = Double.POSITIVE_INFINITY;
        for (double price = -1; price <= 1; price += Proof.PRICE_STEP) {
            double sum = 0;
            for (int g = 0; g < best.length; g++) {
                double lost = weight * price;
                sum += scoring.grounds().get(g).areaM2()
                        * (Math.max(best[g], bestEvergreen[g] - lost) + (aim == null ? 0 : lost * aim));
            }
            least = Math.min(least, sum);
        }
        return least;
    }
}
