package org.yellowfit.core.fit;

import java.time.LocalDate;
import java.util.Set;
import org.yellowfit.core.climate.HardinessZone;
import org.yellowfit.core.climate.SpringFrosts;
import org.yellowfit.core.plant.Stress;
import org.yellowfit.core.soil.Drainage;
import org.yellowfit.core.soil.TextureClass;

/**
 * What is known of one place, or of one patch of a bed. A null component is unknown and its criteria are left out.
 *
 * @param sunHours        direct sun a day in the growing season, h
 * @param hotHours        direct sun from 1 to 5 h after solar noon, h, before any reflection is counted
 * @param reflectedHeat   beside masonry that faces south to west within 1.5 m
 * @param hotSummer       mean maximum of the hottest month 32 °C or more
 * @param ph              3–10
 * @param moisture        1 dry to 5 wet
 * @param exposure        of wind, salt, juglone, pollution
 * @param depthM          all that may be filled from front to back, m, before the clearances
 * @param lengthM         along the bed, m
 * @param maxHeightM      the lowest limit above the spot, m
 * @param wallClearanceM  taken off the depth, m; 0 when not given
 * @param pathClearanceM  taken off the depth, m; 0 when not given
 * @param horizonYears    the age at which size is judged, years
 * @param springFrosts    how far each spring had come at its last damaging frost (A8)
 * @param practice        what is done there for its plants
 */
public record SiteConditions(
        HardinessZone zone,
        Double sunHours,
        Double hotHours,
        Boolean reflectedHeat,
        Boolean hotSummer,
        TextureClass texture,
        Drainage drainage,
        Double ph,
        Double moisture,
        Boolean sheltered,
        Boolean frostPocket,
        Set<Stress> exposure,
        Pressure deer,
        Pressure rabbits,
        Boolean children,
        Boolean pets,
        Boolean strictlyNoHazards,
        Boolean container,
        Double depthM,
        Double lengthM,
        Double maxHeightM,
        double wallClearanceM,
        double pathClearanceM,
        double horizonYears,
        LocalDate plantingDate,
        LocalDate firstFrost,
        SpringFrosts springFrosts,
        Practice practice) {

    public static final double USUAL_HORIZON_YEARS = 10;

    /** Width left for a plant's spread after the clearances, m; null when the depth is unknown. */
    public Double roomM() {
        return depthM == null
                ? lengthM
                : Double.valueOf(Math.min(
                        depthM - wallClearanceM - pathClearanceM,
                        lengthM == null ? Double.POSITIVE_INFINITY : lengthM));
    }

    /** Weeks from planting to the first frost, null when a date is missing (A5). */
    public Long weeksOfShow() {
        if (plantingDate == null || firstFrost == null) {
            return null;
        }
        return Math.max(0, java.time.temporal.ChronoUnit.WEEKS.between(plantingDate, firstFrost));
    }

    public SiteEdit edit() {
        return new SiteEdit(this);
    }

    static boolean yes(Boolean value) {
        return Boolean.TRUE.equals(value);
    }
}
