package org.yellowfit.core.fit;

import static org.yellowfit.core.measure.Checks.betweenOrUnknown;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;

/**
 * When it is planted, when the first frost of autumn comes (rule A5), and on which half of the earth (rule A10). Null
 * is unknown.
 *
 * @param firstFrost its day counts, in whatever year it is given
 * @param latitude   degrees, negative south of the equator
 */
public record PlantingSeason(LocalDate plantingDate, LocalDate firstFrost, Double latitude) {

    public static final PlantingSeason UNKNOWN = new PlantingSeason(null, null, null);

    public PlantingSeason {
        betweenOrUnknown("The latitude", latitude, -90, 90, "°");
    }

    public boolean isSouth() {
        return latitude != null && latitude < 0;
    }

    /** Whole weeks from planting to the first frost after it; null when a date is missing. */
    public Long weeksOfShow() {
        if (plantingDate == null || firstFrost == null) {
            return null;
        }
        LocalDate frost = firstFrost.withYear(plantingDate.getYear());
        return ChronoUnit.WEEKS.between(plantingDate, frost.isBefore(plantingDate) ? frost.plusYears(1) : frost);
    }
}
