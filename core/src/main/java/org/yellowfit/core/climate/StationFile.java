package org.yellowfit.core.climate;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.yellowfit.core.measure.CsvTable;
import org.yellowfit.core.measure.LineProblem;
import org.yellowfit.core.measure.Numbers;
import org.yellowfit.core.measure.Refusal;
import org.yellowfit.core.measure.UnusableFile;
import org.yellowfit.core.measure.Words;

/** Reads a station's daily record from CSV: {@code date,tmin,tmax[,precip]}, °C and mm, days in any order, gaps allowed. */
public final class StationFile {

    /** The refusal that a person may answer by asking for the file to be converted. */
    public static final String LOOKS_LIKE_FAHRENHEIT =
            "This looks like Fahrenheit: the warmest days stand at %s. Convert it, or check the file.";

    private static final int MOST_DAYS = 80_000;
    private static final int LONGEST_YEARS = 220;
    private static final double COLDEST_C = -75;
    private static final double HOTTEST_C = 60;
    /** Mean of the warmest tenth of the daily highs from which figures cannot be °C any more. */
    private static final double HIGHEST_IN_CELSIUS = 48;

    private static final double WETTEST_DAY_MM = 2000;

    private record Day(long line, LocalDate date, double low, double high, double rain) {}

    private StationFile() {}

    /**
     * @param fahrenheit temperatures of the file are in °F and are turned into °C
     * @throws UnusableFile with every problem by line and column
     */
    public static DailyRecord read(String text, boolean fahrenheit) {
        CsvTable table = CsvTable.read(text, MOST_DAYS);
        int date = table.needed("date");
        int low = table.needed("tmin");
        int high = table.needed("tmax");
        int rain = table.column("precip");
        List<LineProblem> problems = new ArrayList<>();
        List<Day> days = new ArrayList<>(table.rows().size());
        for (CsvTable.Row row : table.rows()) {
            LocalDate day = date(row, date, problems);
            double lowest = number(row, low, "tmin", problems);
            double highest = number(row, high, "tmax", problems);
            double fallen = number(row, rain, "precip", problems);
            if (day != null) {
                days.add(new Day(row.line(), day, celsius(lowest, fahrenheit), celsius(highest, fahrenheit), fallen));
            }
        }
        if (!fahrenheit && problems.isEmpty() && looksLikeFahrenheit(days)) {
            throw UnusableFile.at(
                    1,
                    "tmax",
                    LOOKS_LIKE_FAHRENHEIT,
                    Numbers.rounded(
                            days.stream()
                                    .mapToDouble(Day::high)
                                    .filter(h -> !Double.isNaN(h))
                                    .max()
                                    .orElse(0),
                            1));
        }
        check(days, problems);
        if (days.isEmpty() && problems.isEmpty()) {
            problems.add(new LineProblem(2, "", "The file has a header and no days."));
        }
        if (!problems.isEmpty()) {
            throw new UnusableFile(problems);
        }
        return record(days);
    }

    private static DailyRecord record(List<Day> days) {
        LocalDate first = days.stream().map(Day::date).min(LocalDate::compareTo).orElseThrow();
        LocalDate last = days.stream().map(Day::date).max(LocalDate::compareTo).orElseThrow();
        if (last.getYear() - first.getYear() > LONGEST_YEARS) {
            throw UnusableFile.at(
                    days.get(0).line(), "date", "The days span more than %d years; is a year mistyped?", LONGEST_YEARS);
        }
        DailyRecord record = DailyRecord.empty(first, last);
        days.forEach(day -> record.put(day.date(), day.low(), day.high(), day.rain()));
        return record;
    }

    private static void check(List<Day> days, List<LineProblem> problems) {
        Map<LocalDate, Long> seen = new HashMap<>(days.size() * 2);
        for (Day day : days) {
            Long before = seen.putIfAbsent(day.date(), day.line());
            if (before != null) {
                problems.add(new LineProblem(
                        day.line(), "date", "The day %s stands twice, first in line %d.", day.date(), before));
            }
            inRange(day.line(), "tmin", day.low(), problems);
            inRange(day.line(), "tmax", day.high(), problems);
            if (day.low() > day.high()) {
                problems.add(new LineProblem(
                        day.line(),
                        "tmin",
                        "The lowest temperature (%s) is above the highest (%s).",
                        Numbers.rounded(day.low(), 1),
                        Numbers.rounded(day.high(), 1)));
            }
            if (day.rain() < 0 || day.rain() > WETTEST_DAY_MM) {
                problems.add(new LineProblem(
                        day.line(),
                        "precip",
                        "Rain of %s mm is out of range; expected 0 to 2000.",
                        Numbers.rounded(day.rain(), 1)));
            }
        }
    }

    private static void inRange(long line, String column, double celsius, List<LineProblem> problems) {
        if (celsius < COLDEST_C || celsius > HOTTEST_C) {
            problems.add(new LineProblem(
                    line, column, "%s °C is out of range; expected −75 to 60.", Numbers.rounded(celsius, 1)));
        }
    }

    /** The warmest tenth of the days stands higher than air gets in °C. */
    private static boolean looksLikeFahrenheit(List<Day> days) {
        double[] highs = days.stream()
                .mapToDouble(Day::high)
                .filter(h -> !Double.isNaN(h))
                .sorted()
                .toArray();
        int from = highs.length - Math.max(1, highs.length / 10);
        return highs.length > 0
                && java.util.Arrays.stream(highs, from, highs.length).average().orElse(0) > HIGHEST_IN_CELSIUS;
    }

    private static LocalDate date(CsvTable.Row row, int column, List<LineProblem> problems) {
        String text = CsvTable.cell(row, column);
        try {
            return LocalDate.parse(text);
        } catch (DateTimeException e) {
            problems.add(new LineProblem(
                    row.line(), "date", "“%s” is not a date; write it like 2004-01-16.", Words.shorten(text)));
            return null;
        }
    }

    /** NaN for an empty cell: the day has a gap. */
    private static double number(CsvTable.Row row, int column, String name, List<LineProblem> problems) {
        String text = CsvTable.cell(row, column);
        if (text.isEmpty()) {
            return Double.NaN;
        }
        try {
            return Numbers.parse(text);
        } catch (IllegalArgumentException e) {
            problems.add(new LineProblem(row.line(), name, Refusal.of(e)));
            return Double.NaN;
        }
    }

    private static double celsius(double value, boolean fahrenheit) {
        return fahrenheit ? (value - 32) * 5 / 9 : value;
    }
}
