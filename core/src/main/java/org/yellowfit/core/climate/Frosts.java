package org.yellowfit.core.climate;

import java.util.Optional;
import org.yellowfit.core.measure.Refused;

/**
 * By which days the last frost of spring and the first of autumn have come in 10, 50 and 90 % of the years (rule A7), in
 * days of the northern year (see {@link Seasons}).
 *
 * @param spring    days by which the last frost is past
 * @param autumn    days by which the first has come
 * @param estimated by zone and latitude, without a record
 */
public record Frosts(Days spring, Days autumn, boolean estimated) {

    /** Days by which 10, 50 and 90 % of the years have had it, ascending. */
    public record Days(double early, double middle, double late) {
        public Days {
            if (!(early <= middle && middle <= late)) {
                throw new Refused("The days by which 10, 50 and 90 % of the years had their frost must ascend.");
            }
        }
    }

    /**
     * From the middle year to one year in ten, days: two weeks is usual for the tables that weather services publish of
     * temperate stations; our estimate.
     */
    public static final double USUAL_SPREAD_DAYS = 14;

    /** Our estimates of the frosts of zone 6b hold for this latitude. */
    private static final double REFERENCE_LATITUDE = 40;
    /**
     * Days a spring is later for each degree of latitude at the same hardiness zone: what A. D. Hopkins' four days a degree
     * (1918) leave when the zone has had its share; our estimate, good to two or three weeks.
     */
    private static final double DAYS_PER_DEGREE = 1.5;

    private static final double AUTUMN_SHARE = 0.85;
    /** Nobody is farther from the reference than the ends of the inhabited earth. */
    private static final double MOST_DEGREES = 25;

    /** @param latitude null when it is not known; its sign does not count */
    public static Frosts estimate(Optional<HardinessZone> zone, Double latitude) {
        Seasons usual = Seasons.usualFor(zone);
        double later = latitude == null ? 0 : laterBy(Math.abs(latitude));
        return new Frosts(
                usually(usual.lastFrostDay() + later), usually(usual.firstFrostDay() - AUTUMN_SHARE * later), true);
    }

    public static Days usually(double middle) {
        return new Days(middle - USUAL_SPREAD_DAYS, middle, middle + USUAL_SPREAD_DAYS);
    }

    private static double laterBy(double latitude) {
        return DAYS_PER_DEGREE * Math.max(-MOST_DEGREES, Math.min(MOST_DEGREES, latitude - REFERENCE_LATITUDE));
    }
}
