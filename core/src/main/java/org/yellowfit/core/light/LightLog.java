package org.yellowfit.core.light;

import static org.yellowfit.core.measure.Checks.between;

import java.time.DateTimeException;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.yellowfit.core.measure.CsvTable;
import org.yellowfit.core.measure.LineProblem;
import org.yellowfit.core.measure.Numbers;
import org.yellowfit.core.measure.Refusal;
import org.yellowfit.core.measure.Refused;
import org.yellowfit.core.measure.UnusableFile;
import org.yellowfit.core.measure.Words;

/**
 * Hours of direct sun from a light logger's file, {@code time,lux}, times by the wall's clock. A reading counts as direct sun when it
 * reaches what a clear sky without the sun gives on level ground at that height of the sun, and {@link #DIRECT_SHARE} of the sun itself.
 * Days that never do are overcast and left out.
 *
 * <p>Source: a clear day's sun 127.5 · e^(−0.21 / sin h) klx across its rays and sky 0.8 + 15.5 · √sin h klx on level
 * ground, an overcast
 * sky 0.3 + 21 · sin h: Illuminating Engineering Society of North America, “Recommended practice for the calculation of
 * daylight
 * availability” (1984). Check value: 60° gives 100.0 klx, 86.6 on level ground, and 15.2 from the sky.
 *
 * @param days      days counted, each with its hours
 * @param overcast  days left out
 * @param morning   mean of the counted days before solar noon, h; likewise {@code afternoon} and {@code hot}
 */
public record LightLog(
        Map<LocalDate, Double> days, List<LocalDate> overcast, double morning, double afternoon, double hot) {
    public LightLog {
        between("The morning’s sun", morning, 0, 24, "h");
        between("The afternoon’s sun", afternoon, 0, 24, "h");
        between("The hot hours", hot, 0, 24, "h");
    }

    /**
     * So much of the sun that thin cloud still counts, and the brightest open shade or overcast does not: our choice.
     */
    static final double DIRECT_SHARE = 0.4;

    private static final double OUTSIDE_CLEAR_KLX = 127.5;
    private static final double EXTINCTION = 0.21;
    /** Share of the sky that a made-up logger sees. */
    private static final double OPEN_SKY = 0.85;

    private static final double BRIGHTEST_LUX = 250_000;
    private static final int MOST_READINGS = 200_000;
    private static final Duration LONGEST_GAP = Duration.ofMinutes(65);

    private record Reading(long line, LocalDateTime time, double lux) {}

    public double hours() {
        return morning + afternoon;
    }

    /** @throws UnusableFile with every problem by line and column */
    public static LightLog read(String text, Location where) {
        return counted(readings(text), where);
    }

    private static List<Reading> readings(String text) {
        CsvTable table = CsvTable.read(text, MOST_READINGS);
        int time = table.needed("time");
        int lux = table.needed("lux");
        List<LineProblem> problems = new ArrayList<>();
        List<Reading> readings = new ArrayList<>();
        for (CsvTable.Row row : table.rows()) {
            try {
                double value = Numbers.parse(CsvTable.cell(row, lux));
                if (!(value >= 0 && value <= BRIGHTEST_LUX)) {
                    throw new Refused("%s lux is out of range; expected 0 to 250000.", Numbers.write(value));
                }
                readings.add(new Reading(row.line(), time(CsvTable.cell(row, time)), value));
            } catch (DateTimeException e) {
                problems.add(new LineProblem(
                        row.line(),
                        "time",
                        "“%s” is not a time; write it like 2026-06-15T09:40.",
                        Words.shorten(CsvTable.cell(row, time))));
            } catch (IllegalArgumentException e) {
                problems.add(new LineProblem(row.line(), "lux", Refusal.of(e)));
            }
        }
        readings.sort(Comparator.comparing(Reading::time));
        for (int i = 1; i < readings.size(); i++) {
            if (readings.get(i).time().equals(readings.get(i - 1).time())) {
                problems.add(new LineProblem(
                        readings.get(i).line(),
                        "time",
                        "The time %s stands twice.",
                        readings.get(i).time()));
            }
        }
        if (readings.size() < 2 && problems.isEmpty()) {
            problems.add(new LineProblem(2, "", "The file has fewer than two readings."));
        }
        if (!problems.isEmpty()) {
            throw new UnusableFile(problems);
        }
        return readings;
    }

    private static LocalDateTime time(String text) {
        return LocalDateTime.parse(text.replace(' ', 'T'));
    }

    private static LightLog counted(List<Reading> readings, Location where) {
        Map<LocalDate, double[]> days = new TreeMap<>();
        Map<LocalDate, SunDay> suns = new TreeMap<>();
        for (int i = 0; i < readings.size(); i++) {
            Reading reading = readings.get(i);
            LocalDate date = reading.time().toLocalDate();
            double[] parts = days.computeIfAbsent(date, day -> new double[3]);
            SunDay sun = suns.computeIfAbsent(date, day -> SunDay.of(where, day));
            double fromNoon = sun.fromNoon(reading.time().toLocalTime().toSecondOfDay() / 3600.0);
            double altitude = SunPosition.at(sun.at(fromNoon), where).altitudeDegrees();
            if (altitude >= SunDay.LEAST_ALTITUDE
                    && reading.lux() >= skyLux(altitude) + DIRECT_SHARE * sunLux(altitude)) {
                double hours = span(readings, i);
                parts[fromNoon < 0 ? 0 : 1] += hours;
                parts[2] += fromNoon >= HotHours.FROM_AFTER_NOON_H && fromNoon < HotHours.TO_AFTER_NOON_H ? hours : 0;
            }
        }
        return mean(days);
    }

    private static LightLog mean(Map<LocalDate, double[]> days) {
        Map<LocalDate, Double> counted = new TreeMap<>();
        List<LocalDate> overcast = new ArrayList<>();
        double[] sums = new double[3];
        days.forEach((day, parts) -> {
            if (parts[0] + parts[1] == 0) {
                overcast.add(day);
            } else {
                counted.put(day, parts[0] + parts[1]);
                for (int k = 0; k < 3; k++) {
                    sums[k] += parts[k];
                }
            }
        });
        int n = Math.max(1, counted.size());
        return new LightLog(counted, overcast, sums[0] / n, sums[1] / n, sums[2] / n);
    }

    /** A reading stands for the time halfway to its neighbours; across a long gap for no more than half of {@link #LONGEST_GAP}. */
    private static double span(List<Reading> readings, int i) {
        double before = i == 0 ? half(readings, i, i + 1) : half(readings, i - 1, i);
        double after = i == readings.size() - 1 ? before : half(readings, i, i + 1);
        return before + after;
    }

    private static double half(List<Reading> readings, int from, int to) {
        Duration gap =
                Duration.between(readings.get(from).time(), readings.get(to).time());
        return (gap.compareTo(LONGEST_GAP) > 0 ? LONGEST_GAP : gap).toSeconds() / 7200.0;
    }

    /** Lux of a clear sky without its sun on level ground. */
    static double skyLux(double altitudeDegrees) {
        return 800 + 15_500 * Math.sqrt(Math.sin(Math.toRadians(altitudeDegrees)));
    }

    /** Lux of an overcast sky on level ground. */
    private static double overcastLux(double altitudeDegrees) {
        return 300 + 21_000 * Math.sin(Math.toRadians(altitudeDegrees));
    }

    /** Lux of a clear day's direct sun on level ground. */
    static double sunLux(double altitudeDegrees) {
        double sine = Math.sin(Math.toRadians(altitudeDegrees));
        return OUTSIDE_CLEAR_KLX * 1000 * Math.exp(-EXTINCTION / sine) * sine;
    }

    /**
     * The file a logger would write on a spot of a studied place, for trying without one: clear sun where nothing
     * stands before it, most
     * of the sky's light in open shade, and some overcast days, the same ones for the same seed.
     */
    public static String madeUp(LightStudy study, double xM, double yM, LocalDate firstDay, int days, long seed) {
        StringBuilder out = new StringBuilder("time,lux\r\n");
        java.util.Random chance = new java.util.Random(seed);
        double half = 0.01;
        CellGrid spot = CellGrid.of(
                new double[][] {
                    {xM - half, yM - half}, {xM + half, yM - half}, {xM + half, yM + half}, {xM - half, yM + half}
                },
                2 * half);
        Shadows shadows = new Shadows(spot, study.obstacles(), study.atHeightM());
        for (LocalDate day = firstDay; day.isBefore(firstDay.plusDays(days)); day = day.plusDays(1)) {
            boolean cloudy = chance.nextInt(4) == 0;
            LocalDateTime midnight = day.atStartOfDay();
            ZoneOffset offset =
                    ZoneOffset.ofTotalSeconds((int) Math.round(study.where().utcOffsetHours() * 3600));
            for (int minute = 0; minute < 24 * 60; minute += 10) {
                LocalDateTime time = midnight.plusMinutes(minute);
                SunPosition sun = SunPosition.at(time.atZone(offset), study.where());
                double lux = 0;
                if (sun.altitudeDegrees() > 0) {
                    double direct = sun.altitudeDegrees() < SunDay.LEAST_ALTITUDE
                            ? 0
                            : shadows.cast(Ray.towards(sun, study.northDegrees()), day.getMonthValue())[
                                    spot.cellAt(xM, yM)];
                    lux = cloudy
                            ? overcastLux(sun.altitudeDegrees()) * (0.7 + 0.3 * chance.nextDouble())
                            : OPEN_SKY * skyLux(sun.altitudeDegrees())
                                    + direct * sunLux(sun.altitudeDegrees()) * (0.95 + 0.1 * chance.nextDouble());
                }
                out.append(time).append(',').append(Math.round(lux)).append("\r\n");
            }
        }
        return out.toString();
    }
}
