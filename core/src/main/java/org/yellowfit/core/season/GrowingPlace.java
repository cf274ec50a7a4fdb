package org.yellowfit.core.season;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.yellowfit.core.climate.HardinessZone;
import org.yellowfit.core.climate.Seasons;
import org.yellowfit.core.measure.Checks;

/**
 * What of a place shows in how a plant looks there: its zone and seasons move what happens (E1, E6), its sun slows,
 * greens and thins (B2, B7), its soil colours some flowers (C4), and what lives one season has what is left of it (A5).
 *
 * @param zone     empty when it is not known: blooms stay where the catalogue has them
 * @param sunHours direct sun a day, 0–24 h, when it is known
 * @param ph       of the ground, 3–10, when it is known and the plant stands in it
 * @param planted  day of the northern year on which it is planted, when that is known
 */
public record GrowingPlace(
        Optional<HardinessZone> zone,
        Seasons seasons,
        OptionalDouble sunHours,
        OptionalDouble ph,
        OptionalInt planted) {

    /** As the catalogue has it. */
    public static final GrowingPlace ANYWHERE = of(Optional.empty());

    public GrowingPlace {
        sunHours.ifPresent(hours -> Checks.between("The hours of sun", hours, 0, 24, "h"));
        ph.ifPresent(acidity -> Checks.between("The soil pH", acidity, 3, 10, ""));
    }

    /** A place of a zone, with the seasons usual there and sun enough. */
    public static GrowingPlace of(Optional<HardinessZone> zone) {
        return of(zone, Seasons.usualFor(zone));
    }

    public static GrowingPlace of(Optional<HardinessZone> zone, Seasons seasons) {
        return new GrowingPlace(zone, seasons, OptionalDouble.empty(), OptionalDouble.empty(), OptionalInt.empty());
    }

    public GrowingPlace southern() {
        return withSeasons(seasons.southern());
    }

    public GrowingPlace withSeasons(Seasons others) {
        return new GrowingPlace(zone, others, sunHours, ph, planted);
    }

    /** @param hours null when it is not known */
    public GrowingPlace withSun(Double hours) {
        OptionalDouble sun = hours == null ? OptionalDouble.empty() : OptionalDouble.of(hours);
        return new GrowingPlace(zone, seasons, sun, ph, planted);
    }

    /** @param acidity null when it is not known, or is not that of the ground it stands in */
    public GrowingPlace withPh(Double acidity) {
        OptionalDouble known = acidity == null ? OptionalDouble.empty() : OptionalDouble.of(acidity);
        return new GrowingPlace(zone, seasons, sunHours, known, planted);
    }

    /** @param dayOfYear at the place, 1–366 */
    public GrowingPlace plantedOn(int dayOfYear) {
        return new GrowingPlace(zone, seasons, sunHours, ph, OptionalInt.of(seasons.northernDay(dayOfYear)));
    }

    /** Weeks from planting to the first frost after it; of a whole year where no day is known, or it is past the frosts. */
    double weeksLeft() {
        int frost = seasons.firstFrostDay();
        int from = planted.isPresent() && planted.getAsInt() < frost ? planted.getAsInt() : frost - Seasons.DAYS;
        return Math.floor((frost - from) / 7.0);
    }

    /** The hours of sun; null when they are not known. */
    Double sun() {
        return sunHours.isPresent() ? (Double) sunHours.getAsDouble() : null;
    }

    /** The pH; null when it is not known. */
    Double acidity() {
        return ph.isPresent() ? (Double) ph.getAsDouble() : null;
    }
}
