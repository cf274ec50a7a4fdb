package org.yellowfit.core.climate;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.IntStream;
import org.yellowfit.core.measure.Refused;

/**
 * When the seasons come at a place: the days of the last and first frost, degree days by the day, and which half of the
 * earth it
 * lies on. Days of the year run from 1 to 365 and are those of the northern year; {@link #northernDay} turns a date at the place
 * into one.
 *
 * <p>Without a record of its own a place is given the seasons usual for its zone: those of zone 6b, moved by
 * {@link #DAYS_PER_HALF_ZONE} for each half-zone.
 *
 * @param springShiftDays how much later than in zone 6b spring comes, days
 * @param lastFrostDay    median day of the last spring frost
 * @param firstFrostDay   median day of the first autumn frost
 * @param degreeDays      degree days (base 5 °C) summed from 1 January to each month's end, twelve of them
 * @param south           south of the equator, where the year is turned by half
 * @param ofRecord        told by a record of the place, not by what is usual for its zone
 */
public record Seasons(
        double springShiftDays,
        int lastFrostDay,
        int firstFrostDay,
        double[] degreeDays,
        boolean south,
        boolean ofRecord) {

    /**
     * Later spring for each colder half-zone, in days: our estimate, after A. D. Hopkins' bioclimatic law (1918; four
     * days
     * a degree of latitude) and about one half-zone a degree in the east of North America.
     */
    public static final double DAYS_PER_HALF_ZONE = 3.5;

    public static final int DAYS = 365;
    /** Of the mean year of 365.25 days. */
    public static final double WEEKS_PER_MONTH = 365.25 / 12 / 7;

    private static final int REFERENCE_HALF = 11;
    private static final int REFERENCE_LAST_FROST = 118;
    private static final int REFERENCE_FIRST_FROST = 285;
    /** Autumn moves less than spring with the zone: our estimate from published tables of frost dates. */
    private static final double AUTUMN_SHARE = 0.85;

    private static final double SPRING_ANCHOR = 110;
    private static final double SUMMER_ANCHOR = 200;
    private static final double AUTUMN_ANCHOR = 285;
    private static final int HALF_YEAR = 182;
    private static final int COMMON_YEAR = 2001;
    private static final int MIDDLE_OF_MONTH = 15;
    private static final double LEAST_SPRING_SHIFT = -80;
    private static final double MOST_SPRING_SHIFT = 75;
    /** Usual degree days of a month in zone 6b by the sea, base 5 °C: our estimate. */
    private static final double[] REFERENCE_MONTHS = {0, 2, 20, 95, 230, 355, 450, 430, 290, 135, 30, 3};
    /** Share by which the warm season grows with each half-zone. */
    private static final double WARMER_PER_HALF = 0.06;

    public Seasons {
        if (!(springShiftDays >= LEAST_SPRING_SHIFT && springShiftDays <= MOST_SPRING_SHIFT)) {
            throw new Refused("Spring is moved by at most %s to %s days.", LEAST_SPRING_SHIFT, MOST_SPRING_SHIFT);
        }
        if (degreeDays.length != 12) {
            throw new Refused("Degree days are given for the end of each of twelve months.");
        }
        degreeDays = degreeDays.clone();
    }

    /** The seasons usual for a zone; those of 6b when it is not known. */
    public static Seasons usualFor(Optional<HardinessZone> zone) {
        int warmer = zone.map(HardinessZone::half).orElse(REFERENCE_HALF) - REFERENCE_HALF;
        double shift = -warmer * DAYS_PER_HALF_ZONE;
        double[] sums = new double[12];
        double sum = 0;
        for (int month = 0; month < 12; month++) {
            sum += REFERENCE_MONTHS[month] * Math.max(0.2, 1 + WARMER_PER_HALF * warmer) + Math.max(0, warmer) * 6;
            sums[month] = sum;
        }
        return new Seasons(
                shift,
                (int) Math.max(1, Math.round(REFERENCE_LAST_FROST + shift)),
                (int) Math.min(DAYS, Math.round(REFERENCE_FIRST_FROST - AUTUMN_SHARE * shift)),
                sums,
                false,
                false);
    }

    /**
     * The seasons of a place by its own record. Spring comes as much later than in zone 6b as the record takes longer
     * to gather the
     * degree days of 6b's spring day; frosts are the record's medians, in days of the northern year.
     */
    static Seasons ofRecord(ClimateSummary record) {
        double[] sums = new double[12];
        double sum = 0;
        for (int month = 0; month < 12; month++) {
            double own = record.degreeDaysByMonth()[record.south() ? (month + 6) % 12 : month];
            sum += Double.isNaN(own) ? REFERENCE_MONTHS[month] : own;
            sums[month] = sum;
        }
        Seasons usual = usualFor(record.zone());
        Seasons warm = new Seasons(0, usual.lastFrostDay, usual.firstFrostDay, sums, record.south(), true);
        double spring = warm.dayOfDegreeDays(usualFor(Optional.empty()).degreeDaysBy(SPRING_ANCHOR))
                .orElse(SPRING_ANCHOR + usual.springShiftDays);
        double shift = Math.max(LEAST_SPRING_SHIFT, Math.min(MOST_SPRING_SHIFT, spring - SPRING_ANCHOR));
        return new Seasons(
                shift,
                northern(record.lastSpringFrost().p50(), 1, record.south()),
                northern(record.firstAutumnFrost().p50(), DAYS, record.south()),
                sums,
                record.south(),
                true);
    }

    /**
     * The seasons of a place of which frosts, degree days or both are told; the rest is what is usual for its zone.
     *
     * @param ownDegreeDays each month's own at the place, January first; null when they are not known
     */
    public static Seasons told(Optional<HardinessZone> zone, boolean south, Frosts frosts, double[] ownDegreeDays) {
        Seasons usual = usualFor(zone);
        double[] sums = usual.degreeDays;
        if (ownDegreeDays != null) {
            sums = new double[12];
            double sum = 0;
            for (int month = 0; month < 12; month++) {
                sum += ownDegreeDays[south ? (month + 6) % 12 : month];
                sums[month] = sum;
            }
        }
        int last = (int) Math.round(Math.max(1, frosts.spring().middle()));
        int first = (int) Math.round(Math.min(DAYS, frosts.autumn().middle()));
        double spring = frosts.spring().middle() - REFERENCE_LAST_FROST;
        if (ownDegreeDays != null) {
            Seasons warm = new Seasons(0, last, first, sums, south, true);
            spring = warm.dayOfDegreeDays(usualFor(Optional.empty()).degreeDaysBy(SPRING_ANCHOR))
                            .orElse(SPRING_ANCHOR + spring)
                    - SPRING_ANCHOR;
        }
        double shift = Math.max(LEAST_SPRING_SHIFT, Math.min(MOST_SPRING_SHIFT, spring));
        return new Seasons(shift, last, first, sums, south, ownDegreeDays != null);
    }

    /** @param never for a frost that never comes, as a day of the northern year */
    private static int northern(OptionalDouble day, int never, boolean south) {
        if (day.isEmpty()) {
            return never;
        }
        double plain = south ? day.getAsDouble() - HALF_YEAR : day.getAsDouble();
        return (int) Math.max(1, Math.min(DAYS, plain));
    }

    /** Degree days gathered from 1 January of the northern year to a day of it. */
    public double degreeDaysBy(double northernDay) {
        double at = Math.max(0, Math.min(12, (northernDay - 1) * 12 / DAYS));
        int month = Math.min(11, (int) at);
        double before = month == 0 ? 0 : degreeDays[month - 1];
        return before + (at - month) * (degreeDays[month] - before);
    }

    public Seasons southern() {
        return new Seasons(springShiftDays, lastFrostDay, firstFrostDay, degreeDays, true, ofRecord);
    }

    /** @param dayOfYear of the first autumn frost at the place, 1–366 */
    public Seasons withFirstFrost(int dayOfYear) {
        return new Seasons(springShiftDays, lastFrostDay, northernDay(dayOfYear), degreeDays, south, ofRecord);
    }

    /**
     * The growing season: months, 1–12, whose middle lies between the frosts; all where it never freezes, and the
     * height of summer where it always may.
     */
    public List<Integer> growingMonths() {
        List<Integer> months = IntStream.rangeClosed(1, 12)
                .filter(month -> isFrostFree(northernDay(
                        LocalDate.of(COMMON_YEAR, month, MIDDLE_OF_MONTH).getDayOfYear())))
                .boxed()
                .toList();
        return months.isEmpty() ? List.of(south ? 1 : 7) : months;
    }

    private boolean isFrostFree(int northernDay) {
        return northernDay > lastFrostDay && northernDay < firstFrostDay;
    }

    @Override
    public double[] degreeDays() {
        return degreeDays.clone();
    }

    /** The day of the northern year with the same season. */
    public int northernDay(int dayOfYear) {
        int day = Math.max(1, Math.min(DAYS, dayOfYear));
        return south ? Math.floorMod(day - 1 + HALF_YEAR, DAYS) + 1 : day;
    }

    /** The day on which zone 6b stands where this place stands on {@code northernDay}: late springs and early autumns taken out. */
    public double referenceDay(double northernDay) {
        double spring = SPRING_ANCHOR + springShiftDays;
        double autumn = AUTUMN_ANCHOR - AUTUMN_SHARE * springShiftDays;
        if (northernDay <= spring) {
            return 1 + (northernDay - 1) / (spring - 1) * (SPRING_ANCHOR - 1);
        }
        if (northernDay <= SUMMER_ANCHOR) {
            return SPRING_ANCHOR + (northernDay - spring) / (SUMMER_ANCHOR - spring) * (SUMMER_ANCHOR - SPRING_ANCHOR);
        }
        if (northernDay <= autumn) {
            return SUMMER_ANCHOR
                    + (northernDay - SUMMER_ANCHOR) / (autumn - SUMMER_ANCHOR) * (AUTUMN_ANCHOR - SUMMER_ANCHOR);
        }
        return AUTUMN_ANCHOR + (northernDay - autumn) / (DAYS - autumn) * (DAYS - AUTUMN_ANCHOR);
    }

    /** The day of the northern year on which this place stands where zone 6b stands on its day: {@link #referenceDay} undone. */
    public double dayHere(double referenceDay) {
        double spring = SPRING_ANCHOR + springShiftDays;
        double autumn = AUTUMN_ANCHOR - AUTUMN_SHARE * springShiftDays;
        if (referenceDay <= SPRING_ANCHOR) {
            return 1 + (referenceDay - 1) / (SPRING_ANCHOR - 1) * (spring - 1);
        }
        if (referenceDay <= SUMMER_ANCHOR) {
            return spring + (referenceDay - SPRING_ANCHOR) / (SUMMER_ANCHOR - SPRING_ANCHOR) * (SUMMER_ANCHOR - spring);
        }
        if (referenceDay <= AUTUMN_ANCHOR) {
            return SUMMER_ANCHOR
                    + (referenceDay - SUMMER_ANCHOR) / (AUTUMN_ANCHOR - SUMMER_ANCHOR) * (autumn - SUMMER_ANCHOR);
        }
        return autumn + (referenceDay - AUTUMN_ANCHOR) / (DAYS - AUTUMN_ANCHOR) * (DAYS - autumn);
    }

    /**
     * The day of the northern year on which so many degree days are reached; empty when the year does not reach them.
     */
    public Optional<Double> dayOfDegreeDays(double wanted) {
        double before = 0;
        for (int month = 0; month < 12; month++) {
            if (degreeDays[month] >= wanted && degreeDays[month] > before) {
                double into = (wanted - before) / (degreeDays[month] - before);
                return Optional.of(1 + (month + Math.max(0, into)) * DAYS / 12);
            }
            before = degreeDays[month];
        }
        return Optional.empty();
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Seasons that
                && springShiftDays == that.springShiftDays
                && lastFrostDay == that.lastFrostDay
                && firstFrostDay == that.firstFrostDay
                && south == that.south
                && ofRecord == that.ofRecord
                && java.util.Arrays.equals(degreeDays, that.degreeDays);
    }

    @Override
    public int hashCode() {
        return java.util.Objects.hash(
                springShiftDays, lastFrostDay, firstFrostDay, south, ofRecord, java.util.Arrays.hashCode(degreeDays));
    }
}
