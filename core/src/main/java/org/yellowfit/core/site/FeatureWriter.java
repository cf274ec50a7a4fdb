package org.yellowfit.core.site;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.site.FeatureKind.Shape;

/** Writes features in the plain form of GeoJSON, as {@link FeatureReader} reads them. */
public final class FeatureWriter {

    private FeatureWriter() {}

    public static Map<String, Object> write(Feature feature) {
        Map<String, Object> written = new LinkedHashMap<>();
        written.put("type", "Feature");
        written.put("id", feature.id());
        written.put("properties", properties(feature));
        written.put("geometry", geometry(feature));
        return written;
    }

    private static Map<String, Object> properties(Feature feature) {
        Map<String, Object> properties = new LinkedHashMap<>();
        properties.put("kind", Words.of(feature.kind()));
        if (!feature.name().isBlank()) {
            properties.put("name", feature.name());
        }
        for (Measure measure : feature.kind().measures()) {
            if (feature.measures().containsKey(measure)) {
                properties.put(measure.field(), feature.measures().get(measure));
            }
        }
        if (feature.foliage() != null) {
            properties.put("foliage", Words.of(feature.foliage()));
        }
        if (feature.foliage() != null && feature.leafOn() != null) {
            properties.put("leafOnMonths", List.copyOf(new TreeSet<>(feature.leafOn())));
        }
        if (feature.kind() == FeatureKind.BLOCK || feature.kind() == FeatureKind.WALL) {
            properties.put("masonry", feature.masonry());
        }
        return properties;
    }

    private static Map<String, Object> geometry(Feature feature) {
        List<List<Double>> points = new ArrayList<>();
        for (double[] point : feature.points()) {
            points.add(List.of(point[0], point[1]));
        }
        Map<String, Object> geometry = new LinkedHashMap<>();
        geometry.put("type", feature.kind().shape().geoJson());
        geometry.put("coordinates", coordinates(feature.kind().shape(), points));
        return geometry;
    }

    private static Object coordinates(Shape shape, List<List<Double>> points) {
        return switch (shape) {
            case POINT -> points.get(0);
            case LINE -> points;
            case AREA -> {
                points.add(points.get(0));
                yield List.of(points);
            }
        };
    }
}
