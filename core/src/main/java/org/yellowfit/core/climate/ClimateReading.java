package org.yellowfit.core.climate;

import java.time.LocalDate;
import java.time.Month;
import java.util.ArrayList;
import java.util.List;
import org.yellowfit.core.climate.ClimateSummary.FrostYear;
import org.yellowfit.core.measure.Amount;
import org.yellowfit.core.measure.Fact;

/** Works through one daily record. */
final class ClimateReading {

    /** A winter, a spring or an autumn with more missing days does not count (A1). */
    /** South of the equator the year is counted from July. */
    private static final int DAYS_TO_JULY = 181;

    private static final int YEAR_END = 366;
    private static final int MOST_MISSING = 10;

    private static final double FROST_C = 0;
    private static final int FEWEST_DAYS_A_MONTH = 20;

    private final DailyRecord record;
    private final boolean south;
    private final List<Fact> warnings = new ArrayList<>();

    ClimateReading(DailyRecord record, boolean south) {
        this.record = record;
        this.south = south;
    }

    ClimateSummary summary() {
        List<Winter> winters = winters();
        double[] lows = winters.stream()
                .filter(Winter::counts)
                .mapToDouble(Winter::lowestC)
                .toArray();
        double mean = java.util.Arrays.stream(lows).average().orElse(Double.NaN);
        Winter coldest = ClimateSummary.coldest(winters);
        List<FrostYear> frosts = frosts();
        double[][] months = months();
        double hottest = java.util.Arrays.stream(months[1])
                .filter(high -> !Double.isNaN(high))
                .max()
                .orElse(Double.NaN);
        double summer = months[1][south ? 0 : 6];
        warn(lows.length, coldest, months[0]);
        return new ClimateSummary(
                south,
                record.first(),
                record.last(),
                winters,
                mean,
                standardError(lows, mean),
                lows.length,
                coldest == null ? Double.NaN : coldest.lowestC(),
                coldest == null ? null : coldest.on(),
                Quantiles.of(frosts.stream().mapToDouble(FrostYear::lastSpring).toArray()),
                Quantiles.of(frosts.stream().mapToDouble(FrostYear::firstAutumn).toArray()),
                Quantiles.of(frosts.stream().mapToDouble(this::between).toArray()),
                months[0],
                hottest,
                summer >= ClimateSummary.HOT_SUMMER_C,
                months[2],
                springFrosts(),
                frosts,
                List.copyOf(warnings));
    }

    /** Winters by the year they end in; those only half in the record do not count. */
    private List<Winter> winters() {
        List<Winter> winters = new ArrayList<>();
        for (int year = record.first().getYear(); year <= record.last().getYear() + 1; year++) {
            LocalDate from = south ? LocalDate.of(year, 1, 1) : LocalDate.of(year - 1, 7, 1);
            LocalDate to = south ? LocalDate.of(year, 12, 31) : LocalDate.of(year, 6, 30);
            LocalDate coldMonthsFrom = south ? LocalDate.of(year, 5, 1) : LocalDate.of(year - 1, 11, 1);
            LocalDate coldMonthsTo =
                    south ? LocalDate.of(year, 9, 30) : LocalDate.of(year, 4, 1).minusDays(1);
            double lowest = Double.NaN;
            LocalDate on = null;
            for (long day = from.toEpochDay(); day <= to.toEpochDay(); day++) {
                double low = record.lowest(day);
                if (!Double.isNaN(low) && !(low >= lowest)) {
                    lowest = low;
                    on = LocalDate.ofEpochDay(day);
                }
            }
            if (on != null) {
                winters.add(new Winter(year, lowest, on, record.missing(coldMonthsFrom, coldMonthsTo) <= MOST_MISSING));
            }
        }
        return winters;
    }

    private List<FrostYear> frosts() {
        List<FrostYear> years = new ArrayList<>();
        for (int year = record.first().getYear(); year <= record.last().getYear(); year++) {
            // Spring runs to the end of the warmest month, autumn from there to the end of the cold half of the year.
            LocalDate springFrom = south ? LocalDate.of(year, 7, 1) : LocalDate.of(year, 1, 1);
            LocalDate turn = south ? LocalDate.of(year + 1, 2, 1) : LocalDate.of(year, 8, 1);
            LocalDate autumnTo = south ? LocalDate.of(year + 1, 6, 30) : LocalDate.of(year, 12, 31);
            boolean spring = record.missing(springFrom.plusMonths(south ? 1 : 2), turn.minusDays(1)) <= MOST_MISSING;
            boolean autumn = record.missing(turn, turn.plusMonths(4).minusDays(1)) <= MOST_MISSING;
            if (spring && autumn) {
                years.add(new FrostYear(
                        year, lastFrost(springFrom, turn.minusDays(1), year), firstFrost(turn, autumnTo, year)));
            }
        }
        return years;
    }

    private double lastFrost(LocalDate from, LocalDate to, int year) {
        for (long day = to.toEpochDay(); day >= from.toEpochDay(); day--) {
            if (record.lowest(day) <= FROST_C) {
                return dayOfYear(day, year);
            }
        }
        return Double.NEGATIVE_INFINITY;
    }

    private double firstFrost(LocalDate from, LocalDate to, int year) {
        for (long day = from.toEpochDay(); day <= to.toEpochDay(); day++) {
            if (record.lowest(day) <= FROST_C) {
                return dayOfYear(day, year);
            }
        }
        return Double.POSITIVE_INFINITY;
    }

    /**
     * Counted as in a year of 365 days, so that dates of leap years and others compare; days of the next year go on.
     */
    private static double dayOfYear(long epochDay, int year) {
        LocalDate day = LocalDate.ofEpochDay(epochDay);
        int plain = LocalDate.of(
                        2001, day.getMonthValue(), Math.min(day.getDayOfMonth(), day.getMonthValue() == 2 ? 28 : 31))
                .getDayOfYear();
        return plain + 365.0 * (day.getYear() - year);
    }

    /** Days between two frosts; where one never came, to the end of the half-year it would have come in. */
    private double between(FrostYear year) {
        double begins = south ? DAYS_TO_JULY : 0;
        double from = Double.isInfinite(year.lastSpring()) ? begins : year.lastSpring();
        double to = Double.isInfinite(year.firstAutumn()) ? begins + YEAR_END : year.firstAutumn();
        return Math.max(0, to - from - 1);
    }

    /** By month: degree days; mean highest temperature; rain. */
    private double[][] months() {
        double[][] columns = new double[3][12];
        for (int month = 1; month <= 12; month++) {
            double heat = 0;
            double high = 0;
            double fallen = 0;
            int days = 0;
            int rainDays = 0;
            for (int year = record.first().getYear(); year <= record.last().getYear(); year++) {
                LocalDate first = LocalDate.of(year, month, 1);
                for (long day = first.toEpochDay(); day < first.plusMonths(1).toEpochDay(); day++) {
                    double degreeDays = record.degreeDays(day);
                    if (!Double.isNaN(degreeDays)) {
                        days++;
                        heat += degreeDays;
                        high += record.highest(day);
                    }
                    double wet = record.rain(LocalDate.ofEpochDay(day));
                    if (!Double.isNaN(wet)) {
                        rainDays++;
                        fallen += wet;
                    }
                }
            }
            double length = month == 2 ? 28.25 : Month.of(month).minLength();
            columns[0][month - 1] = days < FEWEST_DAYS_A_MONTH ? Double.NaN : heat / days * length;
            columns[1][month - 1] = days < FEWEST_DAYS_A_MONTH ? Double.NaN : high / days;
            columns[2][month - 1] = rainDays < FEWEST_DAYS_A_MONTH ? Double.NaN : fallen / rainDays * length;
        }
        return columns;
    }

    private SpringFrosts springFrosts() {
        List<Double> reached = new ArrayList<>();
        for (int year = record.first().getYear(); year <= record.last().getYear(); year++) {
            LocalDate from = south ? LocalDate.of(year, 7, 1) : LocalDate.of(year, 1, 1);
            LocalDate to = south ? LocalDate.of(year + 1, 1, 31) : LocalDate.of(year, 7, 31);
            if (record.missing(from, to) > MOST_MISSING) {
                continue;
            }
            double sum = 0;
            double atFrost = 0;
            for (long day = from.toEpochDay(); day <= to.toEpochDay(); day++) {
                double heat = record.degreeDays(day);
                sum += Double.isNaN(heat) ? 0 : heat;
                atFrost = record.lowest(day) <= SpringFrosts.DAMAGING_C ? sum : atFrost;
            }
            reached.add(atFrost);
        }
        return new SpringFrosts(reached.stream().mapToDouble(d -> d).toArray());
    }

    private static double standardError(double[] lows, double mean) {
        if (lows.length < 2) {
            return Double.NaN;
        }
        double squares = java.util.Arrays.stream(lows)
                .map(low -> (low - mean) * (low - mean))
                .sum();
        return Math.sqrt(squares / (lows.length - 1) / lows.length);
    }

    private void warn(int winters, Winter coldest, double[] heat) {
        if (winters == 0) {
            warnings.add(Fact.of("climate.no-winter"));
        } else if (winters < ClimateSummary.ENOUGH_WINTERS) {
            warnings.add(Fact.of("climate.few-winters", winters));
        }
        int gaps = record.missing(record.first(), record.last());
        if (gaps > 0) {
            warnings.add(Fact.of("climate.gaps", gaps));
        }
        if (coldest != null) {
            warnings.add(Fact.of("climate.coldest", Amount.celsius(coldest.lowestC()), coldest.on()));
        }
        for (int month = 0; month < 12; month++) {
            if (Double.isNaN(heat[month])) {
                warnings.add(Fact.of("climate.month-gaps", Month.of(month + 1)));
            }
        }
    }
}
