package org.yellowfit.core.season;

import java.util.Optional;
import java.util.OptionalDouble;
import org.yellowfit.core.climate.HardinessZone;
import org.yellowfit.core.climate.Seasons;
import org.yellowfit.core.measure.Checks;

/**
 * What of a place shows in how a plant looks there: its zone and seasons move what happens (E1, E6), its sun slows,
 * greens and thins (B2, B7).
 *
 * @param zone     empty when it is not known: blooms stay where the catalogue has them
 * @param sunHours direct sun a day, 0–24 h, when it is known
 */
public record GrowingPlace(Optional<HardinessZone> zone, Seasons seasons, OptionalDouble sunHours) {

    /** As the catalogue has it. */
    public static final GrowingPlace ANYWHERE = of(Optional.empty());

    public GrowingPlace {
        sunHours.ifPresent(hours -> Checks.between("The hours of sun", hours, 0, 24, "h"));
    }

    /** A place of a zone, with the seasons usual there and sun enough. */
    public static GrowingPlace of(Optional<HardinessZone> zone) {
        return new GrowingPlace(zone, Seasons.usualFor(zone), OptionalDouble.empty());
    }

    public GrowingPlace southern() {
        return new GrowingPlace(zone, seasons.southern(), sunHours);
    }

    /** @param hours null when it is not known */
    public GrowingPlace withSun(Double hours) {
        return new GrowingPlace(zone, seasons, hours == null ? OptionalDouble.empty() : OptionalDouble.of(hours));
    }
}
