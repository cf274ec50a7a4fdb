package org.yellowfit.core.climate;

import static org.yellowfit.core.measure.Checks.between;
import static org.yellowfit.core.measure.Checks.notNegative;

import java.time.LocalDate;
import java.util.Locale;
import java.util.Random;

/**
 * Writes daily records of a station that does not exist, the same ones for the same seed: for the demo, and for trying
 * the import.
 * Temperatures follow the year as a wave, with spells of several days above and below it, wider in winter; now and then
 * a cold
 * spell comes down from inland. They stand for no real place.
 *
 * @param meanC        of the year, °C
 * @param swingC       from the mean to the warmest time of the year, °C
 * @param winterSpreadC how far winter days stray from the wave, °C; summer days stray half as far
 * @param dayHalfC     half the way from a day's lowest to its highest, °C
 * @param rainMm       in a year, mm
 */
public record MadeUpStation(
        long seed, double meanC, double swingC, double winterSpreadC, double dayHalfC, double rainMm) {
    public MadeUpStation {
        between("The mean", meanC, -60, 60, "°C");
        notNegative("The swing", swingC, "°C");
        notNegative("The winters’ spread", winterSpreadC, "°C");
        notNegative("Half the day’s range", dayHalfC, "°C");
        notNegative("The rain", rainMm, "mm");
    }

    /** A harbour by a cool sea, and a valley inland that lies high. */
    public static final MadeUpStation HARBOUR = new MadeUpStation(4561, 7.0, 11.4, 5.0, 4.2, 1180);

    public static final MadeUpStation UPLAND = new MadeUpStation(4562, 3.9, 13.6, 6.7, 5.8, 1020);

    /** The coldest time of the year comes about a month after the shortest day. */
    private static final int COLDEST_DAY = 27;

    private static final double LINGERS = 0.78;
    private static final double OUTBREAK_CHANCE = 0.014;
    private static final double RAINY_SHARE = 0.4;

    /** The file {@link StationFile} reads, from 1 January of one year to 31 December of another. */
    public String csv(int firstYear, int lastYear) {
        StringBuilder out = new StringBuilder("date,tmin,tmax,precip\r\n");
        Random chance = new Random(seed);
        double stray = 0;
        double outbreak = 0;
        LocalDate end = LocalDate.of(lastYear, 12, 31);
        for (LocalDate day = LocalDate.of(firstYear, 1, 1); !day.isAfter(end); day = day.plusDays(1)) {
            double season = Math.cos(2 * Math.PI * (day.getDayOfYear() - COLDEST_DAY) / 365.25);
            double spread = winterSpreadC * (0.75 + 0.25 * season);
            stray = LINGERS * stray + Math.sqrt(1 - LINGERS * LINGERS) * chance.nextGaussian();
            boolean deepWinter = season > 0.6;
            outbreak = 0.7 * outbreak
                    + (deepWinter && chance.nextDouble() < OUTBREAK_CHANCE ? 7 + 3 * chance.nextDouble() : 0);
            double mean = meanC - swingC * season + stray * spread - outbreak;
            double half = Math.max(1, dayHalfC * (1 - 0.25 * season) + 0.9 * chance.nextGaussian());
            double rain = chance.nextDouble() < RAINY_SHARE
                    ? -Math.log(1 - chance.nextDouble()) * rainMm / 365.25 / RAINY_SHARE
                    : 0;
            out.append(String.format(Locale.ROOT, "%s,%.1f,%.1f,%.1f\r\n", day, mean - half, mean + half, rain));
        }
        return out.toString();
    }
}
