package org.yellowfit.core.site;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.yellowfit.core.light.CrownFoliage;
import org.yellowfit.core.measure.InputReader;
import org.yellowfit.core.measure.Months;
import org.yellowfit.core.measure.Problem;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.site.FeatureKind.Shape;

/**
 * Reads the features of a drawing from the plain form of GeoJSON: maps, lists, numbers and text. Coordinates are
 * metres. Problems
 * carry the feature's id and the field: {@code f3.heightM}.
 */
public final class FeatureReader {

    public static final int MOST_FEATURES = 300;
    private static final int MOST_POINTS = 200;
    private static final double FARTHEST_M = 2000;
    private static final int LONGEST_NAME = 80;

    private final List<Problem> problems;
    private final Set<String> ids = new HashSet<>();

    private FeatureReader(List<Problem> problems) {
        this.problems = problems;
    }

    public static List<Feature> read(List<?> features, List<Problem> problems) {
        if (features.size() > MOST_FEATURES) {
            problems.add(new Problem(
                    "features", "A drawing holds at most %d things; here are %d.", MOST_FEATURES, features.size()));
            return List.of();
        }
        FeatureReader reader = new FeatureReader(problems);
        List<Feature> read = new ArrayList<>();
        for (int i = 0; i < features.size(); i++) {
            Feature feature = reader.feature(features.get(i), i);
            if (feature != null) {
                read.add(feature);
            }
        }
        return read;
    }

    private Feature feature(Object value, int at) {
        int before = problems.size();
        String fallback = "features[" + at + "]";
        if (!(value instanceof Map<?, ?> map)) {
            problems.add(new Problem(fallback, "A feature is expected here."));
            return null;
        }
        Map<String, Object> properties = object(map.get("properties"));
        Object given = map.get("id") == null ? properties.get("id") : map.get("id");
        String id = given == null ? "f" + (at + 1) : String.valueOf(given);
        if (!id.matches("[A-Za-z0-9_-]{1,40}") || !ids.add(id)) {
            problems.add(new Problem(
                    fallback + ".id",
                    "“%s” is no id of its own; use letters and digits, each id once.",
                    Words.shorten(id)));
            return null;
        }
        InputReader in = new InputReader(properties, id + ".", problems);
        FeatureKind kind = in.word("kind", FeatureKind.class);
        if (kind == null) {
            if (problems.size() == before) {
                in.problem(
                        "kind",
                        "It is not said what this is; expected one of: %s.",
                        Words.list(List.of(FeatureKind.values())));
            }
            return null;
        }
        double[][] points = points(map.get("geometry"), kind, id);
        String name = in.text("name", text -> text.length() > LONGEST_NAME ? text.substring(0, LONGEST_NAME) : text);
        Map<Measure, Double> measures = new EnumMap<>(Measure.class);
        for (Measure measure : kind.measures()) {
            Double number = in.number(measure.field(), measure.least(), measure.most(), measure.unit());
            if (number != null) {
                measures.put(measure, number);
            }
        }
        boolean leafy = kind.isGrowing() || kind == FeatureKind.HEDGE;
        CrownFoliage foliage = leafy ? in.word("foliage", CrownFoliage.class) : null;
        List<Integer> leafOn = leafy ? in.list("leafOnMonths", Months::parse) : null;
        Boolean masonry = in.yesNo("masonry");
        if (problems.size() > before) {
            return null;
        }
        Feature feature = new Feature(
                id,
                kind,
                name == null ? "" : name,
                points,
                measures,
                leafy && foliage == null ? CrownFoliage.DECIDUOUS : foliage,
                leafOn == null ? null : new TreeSet<>(leafOn),
                masonry == null ? kind == FeatureKind.BLOCK || kind == FeatureKind.WALL : masonry);
        checkTogether(feature);
        return problems.size() > before ? null : feature;
    }

    private void checkTogether(Feature feature) {
        if (feature.kind() == FeatureKind.TREE
                && feature.measure(Measure.CROWN_BASE) >= feature.measure(Measure.HEIGHT)) {
            problem(feature, Measure.CROWN_BASE, "The crown begins at or above the top of the tree.");
        }
        Double from = feature.measures().get(Measure.FROM_YEAR);
        Double to = feature.measures().get(Measure.TO_YEAR);
        if (from != null && to != null && from > to) {
            problem(feature, Measure.TO_YEAR, "It goes before it comes: the last year lies before the first.");
        }
    }

    private void problem(Feature feature, Measure measure, String message) {
        problems.add(new Problem(feature.id() + "." + measure.field(), message));
    }

    private double[][] points(Object geometry, FeatureKind kind, String id) {
        Map<String, Object> map = object(geometry);
        String type = String.valueOf(map.get("type"));
        Object coordinates = map.get("coordinates");
        String wanted = kind.shape().geoJson();
        if (!type.equals(wanted)) {
            problems.add(new Problem(
                    id + ".geometry", "A %s is drawn as a %s, not as “%s”.", kind, wanted, Words.shorten(type)));
            return new double[0][];
        }
        List<?> list = kind.shape() == Shape.POINT
                ? List.of(coordinates == null ? "" : coordinates)
                : asList(kind.shape() == Shape.AREA ? first(coordinates) : coordinates);
        if (list.size() > MOST_POINTS) {
            problems.add(
                    new Problem(id + ".geometry", "It has %d points; at most %d are kept.", list.size(), MOST_POINTS));
            return new double[0][];
        }
        List<double[]> points = new ArrayList<>();
        for (Object each : list) {
            double[] point = point(each);
            if (point == null) {
                problems.add(new Problem(
                        id + ".geometry",
                        "A point is two numbers in metres, each from −%d to %d.",
                        (int) FARTHEST_M,
                        (int) FARTHEST_M));
                return new double[0][];
            }
            if (points.isEmpty() || !java.util.Arrays.equals(points.get(points.size() - 1), point)) {
                points.add(point);
            }
        }
        if (kind.shape() == Shape.AREA
                && points.size() > 1
                && java.util.Arrays.equals(points.get(0), points.get(points.size() - 1))) {
            points.remove(points.size() - 1);
        }
        if (points.size() < kind.shape().fewestPoints()) {
            problems.add(new Problem(
                    id + ".geometry",
                    "The %s is too small to be drawn: it needs %d different points.",
                    kind,
                    kind.shape().fewestPoints()));
        }
        return points.toArray(double[][]::new);
    }

    private static double[] point(Object value) {
        if (value instanceof List<?> list
                && list.size() >= 2
                && list.get(0) instanceof Number x
                && list.get(1) instanceof Number y
                && Math.abs(x.doubleValue()) <= FARTHEST_M
                && Math.abs(y.doubleValue()) <= FARTHEST_M) {
            return new double[] {x.doubleValue(), y.doubleValue()};
        }
        return null;
    }

    private static Object first(Object rings) {
        return asList(rings).isEmpty() ? List.of() : asList(rings).get(0);
    }

    private static List<?> asList(Object value) {
        return value instanceof List<?> list ? list : List.of();
    }

    @SuppressWarnings("unchecked")
    private static Map<String, Object> object(Object value) {
        return value instanceof Map<?, ?> map ? (Map<String, Object>) map : Map.of();
    }
}
