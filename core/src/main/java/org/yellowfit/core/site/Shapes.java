package org.yellowfit.core.site;

import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;

/** Points of a drawing as geometry. */
final class Shapes {

    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    private Shapes() {}

    static Geometry of(Feature feature) {
        return switch (feature.kind().shape()) {
            case POINT -> GEOMETRY.createPoint(coordinate(feature.points()[0]));
            case LINE -> GEOMETRY.createLineString(coordinates(feature.points(), false));
            case AREA -> area(feature.points());
        };
    }

    static Geometry area(double[][] corners) {
        return GEOMETRY.createPolygon(coordinates(corners, true));
    }

    private static Coordinate[] coordinates(double[][] points, boolean closed) {
        Coordinate[] coordinates = new Coordinate[points.length + (closed ? 1 : 0)];
        for (int i = 0; i < coordinates.length; i++) {
            coordinates[i] = coordinate(points[i % points.length]);
        }
        return coordinates;
    }

    private static Coordinate coordinate(double[] point) {
        return new Coordinate(point[0], point[1]);
    }
}
