package org.yellowfit.core.climate;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * A station's daily temperatures and rain over a run of years, in °C and mm; NaN where a day is missing. Days count
 * from {@code firstDay}, an epoch day.
 */
public final class DailyRecord {

    /** Share of the days that may be missing of a sum. */
    private static final double MOST_MISSING = 0.1;

    private final long firstDay;
    private final float[] lowest;
    private final float[] highest;
    private final float[] rain;

    DailyRecord(long firstDay, float[] lowest, float[] highest, float[] rain) {
        this.firstDay = firstDay;
        this.lowest = lowest;
        this.highest = highest;
        this.rain = rain;
    }

    /** An empty record over a run of days. */
    static DailyRecord empty(LocalDate first, LocalDate last) {
        int days = (int) (last.toEpochDay() - first.toEpochDay()) + 1;
        float[][] columns = new float[3][days];
        Arrays.stream(columns).forEach(column -> Arrays.fill(column, Float.NaN));
        return new DailyRecord(first.toEpochDay(), columns[0], columns[1], columns[2]);
    }

    void put(LocalDate day, double low, double high, double rainMm) {
        int i = (int) (day.toEpochDay() - firstDay);
        lowest[i] = (float) low;
        highest[i] = (float) high;
        rain[i] = (float) rainMm;
    }

    public LocalDate first() {
        return LocalDate.ofEpochDay(firstDay);
    }

    public LocalDate last() {
        return LocalDate.ofEpochDay(firstDay + lowest.length - 1);
    }

    /** Lowest temperature of a day, °C; NaN when it is missing or outside the record. */
    public double lowest(LocalDate day) {
        return at(lowest, day.toEpochDay());
    }

    public double highest(LocalDate day) {
        return at(highest, day.toEpochDay());
    }

    /** Rain and melted snow of a day, mm; NaN when it was not noted. */
    public double rain(LocalDate day) {
        return at(rain, day.toEpochDay());
    }

    double lowest(long epochDay) {
        return at(lowest, epochDay);
    }

    double highest(long epochDay) {
        return at(highest, epochDay);
    }

    double degreeDays(long epochDay) {
        double low = lowest(epochDay);
        double high = highest(epochDay);
        return Double.isNaN(low) || Double.isNaN(high) ? Double.NaN : DegreeDays.ofDay(low, high);
    }

    /**
     * Degree days gathered since the beginning of the growing year a day belongs to: 1 January, south of the equator
     * 1 July.
     * Days that are missing take the mean of the others; empty when more than a tenth are.
     */
    public OptionalDouble degreeDaysBy(LocalDate day, boolean south) {
        double sum = 0;
        int known = 0;
        long from = yearOf(day, south).toEpochDay();
        long days = day.toEpochDay() - from + 1;
        for (long at = from; at <= day.toEpochDay(); at++) {
            double warm = degreeDays(at);
            if (!Double.isNaN(warm)) {
                sum += warm;
                known++;
            }
        }
        return known < (1 - MOST_MISSING) * days ? OptionalDouble.empty() : OptionalDouble.of(sum * days / known);
    }

    /**
     * The day on which so many were gathered in the growing year that {@code within} belongs to; empty when they
     * never were.
     */
    public Optional<LocalDate> dayOfDegreeDays(double wanted, LocalDate within, boolean south) {
        LocalDate from = yearOf(within, south);
        double sum = 0;
        for (LocalDate day = from; day.isBefore(from.plusYears(1)); day = day.plusDays(1)) {
            double warm = degreeDays(day.toEpochDay());
            sum += Double.isNaN(warm) ? 0 : warm;
            if (sum >= wanted) {
                return degreeDaysBy(day, south).isPresent() ? Optional.of(day) : Optional.empty();
            }
        }
        return Optional.empty();
    }

    /** The beginning of the growing year of a day. */
    public static LocalDate yearOf(LocalDate day, boolean south) {
        LocalDate july = LocalDate.of(day.getYear(), 7, 1);
        if (!south) {
            return LocalDate.of(day.getYear(), 1, 1);
        }
        return day.isBefore(july) ? july.minusYears(1) : july;
    }

    /** Days between two dates, both counted, without a lowest temperature. */
    int missing(LocalDate from, LocalDate to) {
        int missing = 0;
        for (long day = from.toEpochDay(); day <= to.toEpochDay(); day++) {
            missing += Double.isNaN(lowest(day)) ? 1 : 0;
        }
        return missing;
    }

    private double at(float[] column, long epochDay) {
        long i = epochDay - firstDay;
        // A float is turned back by way of its text, so that −17.8 stays −17.8.
        return i < 0 || i >= column.length || Float.isNaN(column[(int) i])
                ? Double.NaN
                : Math.rint(column[(int) i] * 1000.0) / 1000;
    }
}
