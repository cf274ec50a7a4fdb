package org.yellowfit.core.serve;

import java.util.List;
import java.util.Optional;
import org.yellowfit.core.climate.HardinessZone;

/**
 * What of a place decides how well a plant serves there. Null is unknown.
 *
 * @param south         the year is turned by half (A10)
 * @param sunHours      direct sun a day, h
 * @param ph            of the ground
 * @param horizonYears  at which sizes are judged
 * @param slopePercent  of the ground
 * @param depthM        of the bed
 * @param supportHeightM what a climber goes up
 * @param litres        of the pot
 * @param seasonWeeks   from planting to the first frost after it
 */
public record UsePlace(
        HardinessZone zone,
        boolean south,
        Double sunHours,
        Double ph,
        double horizonYears,
        Double slopePercent,
        Double depthM,
        Double supportHeightM,
        Double litres,
        Double seasonWeeks) {

    public static final UsePlace ANYWHERE = new UsePlace(null, false, null, null, 10, null, null, null, null, null);

    /** So many weeks of a plant, or what is left of the season for one that lives no longer (A5). */
    double weeks(boolean oneSeason, double weeks) {
        return oneSeason && seasonWeeks != null ? Math.min(weeks, seasonWeeks) : weeks;
    }

    Optional<HardinessZone> zoneKnown() {
        return Optional.ofNullable(zone);
    }

    /** Months at the place as a mask of northern months, bit 0 for January. */
    int northern(List<Integer> months) {
        int mask = 0;
        for (int month : months) {
            int at = south ? (month + 5) % 12 : month - 1;
            mask |= 1 << at;
        }
        return mask;
    }
}
