package org.yellowfit.core.light;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;

/**
 * Direct sun on single spots at heights of their own, among crowns (rule B4): what neighbours take of it. Mean hours a
 * day over some months, each represented by its 15th.
 */
public final class SpotSun {

    private static final int DAY_OF_MONTH = 15;

    /** A moment of the sun, with how much of a day of its month it stands for. */
    private record Moment(Ray ray, int month, double hours) {}

    private final List<Moment> moments = new ArrayList<>();
    private final Set<Integer> leafOn;

    /** @param stepMinutes 1 to 60 */
    public SpotSun(Location where, double northDegrees, int year, List<Integer> months, int stepMinutes) {
        Set<Integer> each = new TreeSet<>(months);
        leafOn = CrownFoliage.usualLeafMonths(where.isSouth());
        for (int month : each) {
            SunDay day = SunDay.of(where, java.time.LocalDate.of(year, month, DAY_OF_MONTH));
            for (SunMoment moment : day.moments(stepMinutes)) {
                moments.add(new Moment(Ray.towards(moment.sun(), northDegrees), month, moment.hours() / each.size()));
            }
        }
    }

    /** A crown: an ellipsoid between its base and its top, m. */
    public record CrownAt(double x, double y, double topM, double baseM, double radiusM, CrownFoliage foliage) {}

    /** Hours a day where nothing stands, h. */
    public double open() {
        return moments.stream().mapToDouble(Moment::hours).sum();
    }

    /** @param zM height above the ground at which the sun is looked at */
    public double hours(double x, double y, double zM, List<CrownAt> crowns) {
        List<CrownAt> taller = crowns.stream()
                .filter(crown -> crown.topM > zM && crown.radiusM > 0)
                .toList();
        double hours = 0;
        for (Moment moment : moments) {
            boolean leafy = leafOn.contains(moment.month);
            double passes = 1;
            for (CrownAt crown : taller) {
                if (meets(moment.ray, crown, x, y, zM)) {
                    passes *= crown.foliage.passes(leafy);
                }
            }
            hours += passes * moment.hours;
        }
        return hours;
    }

    /** In the crown's own measure, radius 1: a ray from P along d meets it ahead, or begins in it. */
    private static boolean meets(Ray ray, CrownAt crown, double x, double y, double z) {
        double half = Math.max(1e-6, (crown.topM - crown.baseM) / 2);
        double px = (x - crown.x) / crown.radiusM;
        double py = (y - crown.y) / crown.radiusM;
        double pz = (z - (crown.topM + crown.baseM) / 2) / half;
        double dx = ray.east() / crown.radiusM;
        double dy = ray.north() / crown.radiusM;
        double dz = ray.rise() / half;
        double d2 = dx * dx + dy * dy + dz * dz;
        double along = px * dx + py * dy + pz * dz;
        double root = along * along - d2 * (px * px + py * py + pz * pz - 1);
        return root > 0 && -along + Math.sqrt(root) > 0;
    }
}
