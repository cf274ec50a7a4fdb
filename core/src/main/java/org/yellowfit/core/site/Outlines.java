package org.yellowfit.core.site;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.yellowfit.core.measure.Problem;

/** Reads points, lines and outlines from plain lists of numbers, in metres. What is wrong is told at the field. */
public final class Outlines {

    private static final int MOST_POINTS = 500;
    private static final double FARTHEST_M = 5000;

    private Outlines() {}

    /** An outline of three corners or more that does not cross itself; the first is not repeated. */
    public static double[][] area(Object value, String field, List<Problem> problems) {
        int before = problems.size();
        double[][] corners = points(value, field, 3, problems);
        if (problems.size() == before) {
            var shape = Shapes.area(corners);
            if (!shape.isValid()) {
                problems.add(new Problem(field, "This outline crosses itself."));
            } else if (!(shape.getArea() > 0.0001)) {
                problems.add(new Problem(field, "This outline holds no ground."));
            }
        }
        return corners;
    }

    public static double[][] line(Object value, String field, List<Problem> problems) {
        return points(value, field, 2, problems);
    }

    /** A single point; the corner itself when it cannot be read. */
    public static double[] point(Object value, String field, List<Problem> problems) {
        double[] point = pair(value);
        if (point == null) {
            problems.add(new Problem(field, told()));
        }
        return point == null ? new double[2] : point;
    }

    private static double[][] points(Object value, String field, int fewest, List<Problem> problems) {
        if (!(value instanceof List<?> list) || list.size() > MOST_POINTS) {
            problems.add(
                    value instanceof List<?> many
                            ? new Problem(field, "It has %d points; at most %d are taken.", many.size(), MOST_POINTS)
                            : new Problem(field, "A list of points is needed here, each [east, north] in metres."));
            return new double[0][];
        }
        List<double[]> points = new ArrayList<>();
        for (Object each : list) {
            double[] point = pair(each);
            if (point == null) {
                problems.add(new Problem(field, told()));
                return new double[0][];
            }
            if (points.isEmpty() || !Arrays.equals(points.get(points.size() - 1), point)) {
                points.add(point);
            }
        }
        if (fewest == 3 && points.size() > 1 && Arrays.equals(points.get(0), points.get(points.size() - 1))) {
            points.remove(points.size() - 1);
        }
        if (points.size() < fewest) {
            problems.add(new Problem(field, "At least %d different points are needed.", fewest));
        }
        return points.toArray(double[][]::new);
    }

    private static double[] pair(Object value) {
        return value instanceof List<?> list
                        && list.size() == 2
                        && list.get(0) instanceof Number x
                        && list.get(1) instanceof Number y
                        && Math.abs(x.doubleValue()) <= FARTHEST_M
                        && Math.abs(y.doubleValue()) <= FARTHEST_M
                ? new double[] {x.doubleValue(), y.doubleValue()}
                : null;
    }

    private static String told() {
        return "A point is two numbers, [east, north] in metres, each from −5000 to 5000.";
    }
}
