package org.yellowfit.core.palette;

import java.util.List;

/** The most that a planting of several patches can score, part by part. */
final class Ceiling {

    private Ceiling() {}

    static double of(Scoring scoring, List<Member> pool, List<Member> kept) {
        double served = 0;
        double area = 0;
        int months = 0;
        int twice = 0;
        int flowers = 0;
        int[] fills = new int[scoring.grounds().size()];
        double[] best = new double[fills.length];
        for (List<Member> members : List.of(pool, kept)) {
            for (Member each : members) {
                best[each.ground()] = Math.max(best[each.ground()], each.utility());
                fills[each.ground()] |= each.fills();
                twice |= months & each.showing().months();
                months |= each.showing().months();
                flowers |= each.showing().flowers();
            }
        }
        double layers = 0;
        for (int g = 0; g < fills.length; g++) {
            double own = scoring.grounds().get(g).areaM2();
            served += own * best[g];
            area += own;
            int filled = fills[g];
            layers += own
                    * scoring.aims().layers().stream()
                            .filter(layer -> (filled & Member.bit(layer)) != 0)
                            .count();
        }
        Aims aims = scoring.aims();
        double[] parts = new double[Quality.values().length];
        parts[Quality.SERVE.ordinal()] = served / area;
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
}
