package org.yellowfit.core.fit;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;

/** When it is planted, and when the first frost of autumn comes (rule A5). Null is unknown. */
public record PlantingSeason(LocalDate plantingDate, LocalDate firstFrost) {

    public static final PlantingSeason UNKNOWN = new PlantingSeason(null, null);

    /** Whole weeks from planting to the first frost; null when a date is missing. */
    public Long weeksOfShow() {
        if (plantingDate == null || firstFrost == null) {
            return null;
        }
        return Math.max(0, ChronoUnit.WEEKS.between(plantingDate, firstFrost));
    }
}
