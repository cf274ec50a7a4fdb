package org.yellowfit.core.site;

import static org.yellowfit.core.site.Measure.AGE;
import static org.yellowfit.core.site.Measure.CROWN_BASE;
import static org.yellowfit.core.site.Measure.CROWN_RADIUS;
import static org.yellowfit.core.site.Measure.FROM_YEAR;
import static org.yellowfit.core.site.Measure.HEIGHT;
import static org.yellowfit.core.site.Measure.LIMIT;
import static org.yellowfit.core.site.Measure.MATURE_HEIGHT;
import static org.yellowfit.core.site.Measure.PASSES;
import static org.yellowfit.core.site.Measure.SILL;
import static org.yellowfit.core.site.Measure.SLOPE_PERCENT;
import static org.yellowfit.core.site.Measure.TO_YEAR;
import static org.yellowfit.core.site.Measure.UNDERSIDE;
import static org.yellowfit.core.site.Measure.WIDTH;

import java.util.List;

/** What can stand in a drawing, how it is drawn, and which numbers belong to it. */
public enum FeatureKind {
    BED("bed", Shape.AREA),
    BLOCK("house", Shape.AREA, HEIGHT, FROM_YEAR, TO_YEAR),
    WALL("wall", Shape.LINE, HEIGHT, FROM_YEAR, TO_YEAR),
    FENCE("fence", Shape.LINE, HEIGHT, PASSES, FROM_YEAR, TO_YEAR),
    HEDGE("hedge", Shape.LINE, HEIGHT, FROM_YEAR, TO_YEAR),
    TREE("tree", Shape.POINT, HEIGHT, CROWN_RADIUS, CROWN_BASE, AGE, MATURE_HEIGHT, FROM_YEAR, TO_YEAR),
    /** To keep: leafy from the ground up. */
    SHRUB("shrub", Shape.POINT, HEIGHT, CROWN_RADIUS, AGE, MATURE_HEIGHT, FROM_YEAR, TO_YEAR),
    ROOF("awning", Shape.AREA, UNDERSIDE, PASSES, FROM_YEAR, TO_YEAR),
    WINDOW("window", Shape.LINE, SILL),
    PATH("path", Shape.LINE, WIDTH),
    VIEW("view line", Shape.LINE, LIMIT),
    SIGHT("sight triangle", Shape.AREA, LIMIT),
    TAP("tap", Shape.POINT),
    /** A single place for a plant, with its own light. */
    SPOT("planting spot", Shape.POINT),
    WIRE("overhead wire", Shape.LINE, HEIGHT),
    SLOPE("slope", Shape.LINE, SLOPE_PERCENT);

    /** How many points make one, and whether the last joins the first. */
    public enum Shape {
        POINT(1, "Point"),
        LINE(2, "LineString"),
        AREA(3, "Polygon");

        private final int fewest;
        private final String geoJson;

        Shape(int fewest, String geoJson) {
            this.fewest = fewest;
            this.geoJson = geoJson;
        }

        /** Its type of geometry. */
        String geoJson() {
            return geoJson;
        }

        public int fewestPoints() {
            return fewest;
        }
    }

    private final String words;
    private final Shape shape;
    private final List<Measure> measures;

    FeatureKind(String words, Shape shape, Measure... measures) {
        this.words = words;
        this.shape = shape;
        this.measures = List.of(measures);
    }

    /** In English, for what has no name of its own and for refusals. */
    public String words() {
        return words;
    }

    /** A plant that stands there already and grows on (H9). */
    public boolean isGrowing() {
        return this == TREE || this == SHRUB;
    }

    public Shape shape() {
        return shape;
    }

    public List<Measure> measures() {
        return measures;
    }

    /** The number used where none is given; null where it may stay open. */
    public Double usual(Measure measure) {
        return switch (measure) {
            case HEIGHT ->
                switch (this) {
                    case BLOCK -> 5.0;
                    case TREE -> 8.0;
                    case HEDGE -> 1.6;
                    case SHRUB -> 1.5;
                    case WIRE -> 6.0;
                    default -> 1.8;
                };
            case UNDERSIDE -> 2.6;
            case CROWN_RADIUS -> this == SHRUB ? 0.75 : 3.0;
            case CROWN_BASE -> this == SHRUB ? 0.0 : 2.0;
            case PASSES -> 0.0;
            case SILL -> 0.9;
            case WIDTH -> 1.2;
            case LIMIT -> this == SIGHT ? 0.75 : 1.0;
            case SLOPE_PERCENT -> 5.0;
            default -> null;
        };
    }

    @Override
    public String toString() {
        return words;
    }
}
