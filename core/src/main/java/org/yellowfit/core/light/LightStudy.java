package org.yellowfit.core.light;

import java.time.LocalDate;
import java.util.List;
import java.util.TreeSet;
import org.yellowfit.core.measure.Refused;

/**
 * Hours of direct sun on a bed, computed from the sun's way and what stands before it (rule B4). Each month is
 * represented by its
 * 15th day; sun below {@link SunDay#LEAST_ALTITUDE} does not count.
 *
 * @param northDegrees clockwise from the drawing's +y to true north
 * @param atHeightM    above the ground at which the plants' sun is looked at, m
 * @param stepMinutes  1 to 60
 */
public record LightStudy(
        Location where, double northDegrees, int year, int stepMinutes, double atHeightM, List<Obstacle> obstacles) {

    public static final int MOST_OBSTACLES = 500;
    public static final int USUAL_STEP_MINUTES = 10;
    private static final int DAY_OF_MONTH = 15;

    public LightStudy {
        obstacles = List.copyOf(obstacles);
        if (obstacles.size() > MOST_OBSTACLES) {
            throw new Refused("A study takes at most %d obstacles; here are %d.", MOST_OBSTACLES, obstacles.size());
        }
        if (!(year >= 1900 && year <= 2200)) {
            throw new Refused("The year must lie between 1900 and 2200.");
        }
    }

    /**
     * What a study costs: how often a cell is held against an obstacle. A core does about
     * 600 million of them in a second.
     */
    public double work(CellGrid ground, List<Integer> months) {
        double moments = months.stream()
                .mapToInt(month -> day(month).moments(stepMinutes).size())
                .sum();
        return moments * ground.size() * (obstacles.size() + 1);
    }

    public SunDay day(int month) {
        return SunDay.of(where, LocalDate.of(year, month, DAY_OF_MONTH));
    }

    /** @param months 1–12, at least one; a month named twice counts once */
    public LightField over(CellGrid ground, List<Integer> months) {
        List<Integer> each = List.copyOf(new TreeSet<>(months));
        if (each.isEmpty()) {
            throw new Refused("At least one month is needed.");
        }
        double[][] morning = new double[each.size()][ground.size()];
        double[][] afternoon = new double[each.size()][ground.size()];
        double[][] hot = new double[each.size()][ground.size()];
        Shadows shadows = new Shadows(ground, obstacles, atHeightM);
        for (int m = 0; m < each.size(); m++) {
            for (SunMoment moment : day(each.get(m)).moments(stepMinutes)) {
                float[] light = shadows.cast(Ray.towards(moment.sun(), northDegrees), each.get(m));
                add(light, moment.hours(), moment.isMorning() ? morning[m] : afternoon[m]);
                if (moment.hotHours() > 0) {
                    add(light, moment.hotHours(), hot[m]);
                }
            }
        }
        return new LightField(ground, each, morning, afternoon, hot);
    }

    private static void add(float[] light, double hours, double[] sum) {
        for (int cell = 0; cell < light.length; cell++) {
            sum[cell] += light[cell] * hours;
        }
    }
}
