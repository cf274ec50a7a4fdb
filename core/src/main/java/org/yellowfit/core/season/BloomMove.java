package org.yellowfit.core.season;

import java.util.Optional;
import org.yellowfit.core.climate.HardinessZone;
import org.yellowfit.core.climate.Seasons;
import org.yellowfit.core.plant.Bloom;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Traits;

/**
 * A bloom noted at one zone as it comes at another place (rule E6). Its start and its end move apart, each by its own
 * date: before July {@link Seasons#DAYS_PER_HALF_ZONE} days earlier for each half-zone warmer, from mid August not at
 * all, between the two in part.
 * An end that frost brought moves as the first frost does.
 *
 * @param start  day of the northern year, may lie before it or after it
 * @param length days
 */
record BloomMove(double start, double length) {

    static BloomMove of(Cultivar plant, Bloom noted, Optional<HardinessZone> zone, Seasons seasons) {
        double from = noted.startThird() * BloomSpell.DAYS_PER_THIRD + 1;
        double days = noted.lengthThirds() * BloomSpell.DAYS_PER_THIRD;
        double later = daysLater(plant, zone);
        double start = byDegreeDays(plant, noted, seasons).orElse(from + later * movedShare(noted.startThird()));
        // Where the place's own warmth opens it, what ends in spring comes as much sooner.
        double moved = noted.startThird() < SeasonNumber.BLOOM_MOVES_TO.value() ? start - from : later;
        double endMoves = zone.isPresent() && endsByFrost(plant, noted)
                ? seasons.firstFrostDay() - frostWhereNoted(plant)
                : moved * movedShare(noted.endThird());
        double end = from + days + endMoves;
        double least = days * SeasonNumber.SHORTEST_BLOOM.value();
        return new BloomMove(start, Math.min(Seasons.DAYS, Math.max(least, end - start)));
    }

    /** Where the place's own warmth is on record, a bloom of spring opens by it (E2, A9) rather than by the zone. */
    private static Optional<Double> byDegreeDays(Cultivar plant, Bloom noted, Seasons seasons) {
        return seasons.ofRecord() && noted.startThird() < SeasonNumber.BLOOM_MOVES_TO.value()
                ? plant.get(Traits.BLOOM_GDD).flatMap(seasons::dayOfDegreeDays)
                : Optional.empty();
    }

    private static double daysLater(Cultivar plant, Optional<HardinessZone> zone) {
        if (zone.isEmpty() || plant.get(Traits.BLOOM_ZONE).isEmpty()) {
            return 0;
        }
        int colder = plant.get(Traits.BLOOM_ZONE).get().half() - zone.get().half();
        return Seasons.DAYS_PER_HALF_ZONE * colder;
    }

    /** How much of the way a date moves, 0–1. */
    private static double movedShare(int third) {
        double from = SeasonNumber.BLOOM_MOVES_TO.value();
        double to = SeasonNumber.BLOOM_KEEPS_FROM.value();
        return Math.max(0, Math.min(1, 1 - (third - from) / (to - from)));
    }

    /** A long bloom of one year that ends about when the frosts begin where it was noted. */
    private static boolean endsByFrost(Cultivar plant, Bloom noted) {
        boolean longOne = noted.lengthThirds() >= SeasonNumber.LONG_BLOOM.value();
        boolean ofOneYear = noted.endThird() >= noted.startThird();
        double end = (noted.endThird() + 1) * BloomSpell.DAYS_PER_THIRD;
        return longOne && ofOneYear && end >= frostWhereNoted(plant) - SeasonNumber.ENDED_BY_FROST.value();
    }

    private static int frostWhereNoted(Cultivar plant) {
        return Seasons.usualFor(plant.get(Traits.BLOOM_ZONE)).firstFrostDay();
    }
}
