package org.yellowfit.core.light;

import static org.yellowfit.core.measure.Checks.between;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.yellowfit.core.measure.Refused;

/**
 * Hours of sun from what somebody remembers: at four times of the year, the clock hours in which the spot is seen in
 * sun. Months
 * between are mixed from the two times around them; hours in which the sun stands too low do not count.
 *
 * @param morning   mean before solar noon over the months asked for, h; {@code afternoon} after it
 * @param hot       1 to 5 h after solar noon, h
 * @param byMonth   hours a day, January first
 */
public record SeenSun(double morning, double afternoon, double hot, double[] byMonth) {
    public SeenSun {
        between("The morning’s sun", morning, 0, 24, "h");
        between("The afternoon’s sun", afternoon, 0, 24, "h");
        between("The hot hours", hot, 0, 24, "h");
    }

    /** The times of the year asked about: the months whose middle day stands for them. */
    public static final List<Integer> TIMES = List.of(3, 6, 9, 12);

    private static final int DAY = 15;
    private static final int YEAR = 2025;

    /**
     * @param ticked clock hours from 0 to 23 by month of {@link #TIMES}; 9 is from 9 to 10 o'clock
     * @param months over which the mean is taken
     */
    public static SeenSun of(Map<Integer, Set<Integer>> ticked, Location where, List<Integer> months) {
        double[][] times = new double[TIMES.size()][];
        for (int i = 0; i < times.length; i++) {
            times[i] = parts(
                    ticked.getOrDefault(TIMES.get(i), Set.of()),
                    SunDay.of(where, LocalDate.of(YEAR, TIMES.get(i), DAY)));
        }
        double[] byMonth = new double[12];
        double[] mean = new double[3];
        for (int month = 1; month <= 12; month++) {
            double[] parts = mixed(times, month);
            byMonth[month - 1] = parts[0] + parts[1];
            for (int k = 0; k < 3 && months.contains(month); k++) {
                mean[k] += parts[k] / months.size();
            }
        }
        return new SeenSun(mean[0], mean[1], mean[2], byMonth);
    }

    public double hours() {
        return morning + afternoon;
    }

    /** Clock hours of a day in which the sun stands high enough, so that only those need ticking. */
    public static List<Integer> hoursOf(Location where, int month) {
        SunDay day = SunDay.of(where, LocalDate.of(YEAR, month, DAY));
        List<Integer> hours = new ArrayList<>();
        for (int hour = 0; hour < 24; hour++) {
            if (overlap(day, hour, -day.upH(), day.downH()) > 0.1) {
                hours.add(hour);
            }
        }
        return hours;
    }

    /** Morning, afternoon and hot hours of one time of the year. */
    private static double[] parts(Set<Integer> hours, SunDay day) {
        double[] parts = new double[3];
        for (int hour : hours) {
            if (!(hour >= 0 && hour <= 23)) {
                throw new Refused("Clock hours run from 0 to 23.");
            }
            parts[0] += overlap(day, hour, -day.upH(), 0);
            parts[1] += overlap(day, hour, 0, day.downH());
            parts[2] += overlap(day, hour, HotHours.FROM_AFTER_NOON_H, Math.min(day.downH(), HotHours.TO_AFTER_NOON_H));
        }
        return parts;
    }

    private static double overlap(SunDay day, int clockHour, double fromH, double toH) {
        double start = day.fromNoon(clockHour);
        return Math.max(0, Math.min(toH, start + 1) - Math.max(fromH, start));
    }

    /** June lies between March and September; January between December and March. */
    private static double[] mixed(double[][] times, int month) {
        int before = Math.floorMod(month - 3, 12) / 3;
        double share = Math.floorMod(month - 3, 12) % 3 / 3.0;
        double[] parts = new double[3];
        for (int k = 0; k < 3; k++) {
            parts[k] = times[before][k] * (1 - share) + times[(before + 1) % 4][k] * share;
        }
        return parts;
    }
}
