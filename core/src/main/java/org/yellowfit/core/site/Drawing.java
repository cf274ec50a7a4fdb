package org.yellowfit.core.site;

import java.util.ArrayList;
import java.util.List;
import org.yellowfit.core.growth.GrowthCurve;
import org.yellowfit.core.light.CrownFoliage;
import org.yellowfit.core.light.LightStudy;
import org.yellowfit.core.light.Location;
import org.yellowfit.core.light.Obstacle;
import org.yellowfit.core.light.WarmWall;
import org.yellowfit.core.measure.InvalidInput;
import org.yellowfit.core.measure.Problem;
import org.yellowfit.core.measure.Refused;

/**
 * A place drawn from above.
 *
 * @param northDegrees clockwise from the drawing's +y to true north
 * @param drawnIn      the year it shows; trees grow from then on (B6)
 */
public record Drawing(List<Feature> features, Location where, double northDegrees, int drawnIn) {

    /** Height of a young tree as it was planted, m (D1). */
    private static final double PLANTED_M = 0.3;

    public Drawing {
        features = List.copyOf(features);
        if (!(northDegrees >= -360 && northDegrees <= 360)) {
            throw new Refused("North must lie between −360 and 360 degrees.");
        }
    }

    /** @throws InvalidInput with every problem: outlines that cross, beds inside houses, nothing of a size */
    public static Drawing checked(List<Feature> features, Location where, double northDegrees, int drawnIn) {
        List<Problem> problems = new ArrayList<>();
        DrawingCheck.check(features, problems);
        if (!problems.isEmpty()) {
            throw new InvalidInput(problems);
        }
        return new Drawing(features, where, northDegrees, drawnIn);
    }

    public List<Feature> beds() {
        return of(FeatureKind.BED);
    }

    /** A point well inside a bed: east and north, m. */
    public double[] middleOfBed(int index) {
        org.locationtech.jts.geom.Point point = Shapes.of(beds().get(index)).getInteriorPoint();
        return new double[] {point.getX(), point.getY()};
    }

    List<Feature> of(FeatureKind kind) {
        return features.stream().filter(feature -> feature.kind() == kind).toList();
    }

    /** What takes sun in a year: things that have come and not gone, trees as tall as they are by then. */
    public List<Obstacle> obstacles(int year) {
        List<Obstacle> obstacles = new ArrayList<>();
        for (Feature feature : features) {
            if (feature.standsIn(year)) {
                Obstacle obstacle = obstacle(feature, year);
                if (obstacle != null) {
                    obstacles.add(obstacle);
                }
            }
        }
        return obstacles;
    }

    public LightStudy study(int year) {
        return new LightStudy(where, northDegrees, year, LightStudy.USUAL_STEP_MINUTES, 0, obstacles(year));
    }

    private Obstacle obstacle(Feature feature, int year) {
        double height = feature.measure(Measure.HEIGHT);
        return switch (feature.kind()) {
            case BLOCK -> new Obstacle.Block(feature.called(), feature.points(), height);
            case WALL ->
                new Obstacle.Wall(
                        feature.called(), feature.points(), height, 0.0, null, feature.leafOn(where.isSouth()));
            case FENCE ->
                new Obstacle.Wall(
                        feature.called(),
                        feature.points(),
                        height,
                        feature.measure(Measure.PASSES),
                        null,
                        feature.leafOn(where.isSouth()));
            case HEDGE ->
                new Obstacle.Wall(
                        feature.called(),
                        feature.points(),
                        height,
                        null,
                        feature.foliage(),
                        feature.leafOn(where.isSouth()));
            case ROOF ->
                new Obstacle.Roof(
                        feature.called(),
                        feature.points(),
                        feature.measure(Measure.UNDERSIDE),
                        feature.measure(Measure.PASSES));
            case TREE, SHRUB -> tree(feature, year);
            default -> null;
        };
    }

    private Obstacle tree(Feature feature, int year) {
        double now = feature.measure(Measure.HEIGHT);
        double grown = now * growth(feature, year);
        double factor = grown / now;
        CrownFoliage foliage = feature.foliage();
        // The crown widens with the height; its base stays where the lowest branches are.
        double base = Math.min(feature.measure(Measure.CROWN_BASE), grown * 0.8);
        return new Obstacle.Tree(
                feature.called(),
                feature.points()[0][0],
                feature.points()[0][1],
                grown,
                feature.measure(Measure.CROWN_RADIUS) * factor,
                base,
                foliage,
                feature.leafOn(where.isSouth()));
    }

    /** How much taller than drawn by a year: 1 where its age or its height when old is not known. */
    static double growth(Feature tree, int drawnIn, int year) {
        Double age = tree.measures().get(Measure.AGE);
        Double old = tree.measures().get(Measure.MATURE_HEIGHT);
        double now = tree.measure(Measure.HEIGHT);
        if (age == null || old == null || age <= 0 || old <= now) {
            return 1;
        }
        return GrowthCurve.woodyThrough(Math.min(PLANTED_M, now / 2), age, now, old)
                        .at(Math.max(0, age + year - drawnIn))
                / now;
    }

    private double growth(Feature tree, int year) {
        return growth(tree, drawnIn, year);
    }

    /** The sides of masonry that throw the afternoon's heat back (B3). */
    public List<WarmWall> warmWalls() {
        List<WarmWall> walls = new ArrayList<>();
        for (Feature feature : features) {
            if (feature.masonry()
                    && (feature.kind() == FeatureKind.BLOCK || feature.kind() == FeatureKind.WALL)
                    && feature.standsIn(drawnIn)) {
                addSides(feature, walls);
            }
        }
        return walls.stream()
                .filter(wall -> wall.facesHotSide(northDegrees, where.isSouth()))
                .toList();
    }

    private static void addSides(Feature feature, List<WarmWall> walls) {
        double[][] points = feature.points();
        boolean closed = feature.kind() == FeatureKind.BLOCK;
        // A house is warm outside only; a free wall on either side.
        boolean outsideOnRight = !closed
                || Shapes.of(feature) instanceof org.locationtech.jts.geom.Polygon polygon
                        && org.locationtech.jts.algorithm.Orientation.isCCW(
                                polygon.getExteriorRing().getCoordinateSequence());
        for (int i = closed ? 0 : 1; i < points.length; i++) {
            double[] a = points[(i + points.length - 1) % points.length];
            double[] b = points[i];
            if (!closed || outsideOnRight) {
                walls.add(new WarmWall(a[0], a[1], b[0], b[1]));
            }
            if (!closed || !outsideOnRight) {
                walls.add(new WarmWall(b[0], b[1], a[0], a[1]));
            }
        }
    }
}
