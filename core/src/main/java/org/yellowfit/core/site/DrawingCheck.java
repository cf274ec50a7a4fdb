package org.yellowfit.core.site;

import java.util.List;
import org.locationtech.jts.geom.Geometry;
import org.yellowfit.core.measure.Numbers;
import org.yellowfit.core.measure.Problem;
import org.yellowfit.core.site.FeatureKind.Shape;

/** What cannot be in a drawing: outlines that cross themselves, nothing or too much of a size, beds inside houses. */
final class DrawingCheck {

    private static final double LEAST_AREA_M2 = 0.01;
    private static final double LARGEST_AREA_M2 = 40_000;
    private static final double SHORTEST_M = 0.02;
    private static final double LONGEST_M = 1000;
    /** A bed may touch the house, and overlap it by what a hand-drawn line is off, m². */
    private static final double OVERLAP_M2 = 0.05;

    private DrawingCheck() {}

    static void check(List<Feature> features, List<Problem> problems) {
        for (Feature feature : features) {
            size(feature, problems);
        }
        for (Feature bed : features) {
            for (Feature block : features) {
                if (bed.kind() == FeatureKind.BED && block.kind() == FeatureKind.BLOCK) {
                    overlap(bed, block, problems);
                }
            }
        }
    }

    private static void size(Feature feature, List<Problem> problems) {
        Geometry shape = Shapes.of(feature);
        if (feature.kind().shape() == Shape.AREA) {
            if (!shape.isValid()) {
                problems.add(at(feature, "The outline of the %s crosses itself; move a corner.", feature.called()));
            } else if (!(shape.getArea() >= LEAST_AREA_M2 && shape.getArea() <= LARGEST_AREA_M2)) {
                problems.add(at(
                        feature,
                        "The %s measures %s m²; expected 0.01 to 40000.",
                        feature.called(),
                        Numbers.rounded(shape.getArea(), 3)));
            }
        } else if (feature.kind().shape() == Shape.LINE
                && !(shape.getLength() >= SHORTEST_M && shape.getLength() <= LONGEST_M)) {
            problems.add(at(
                    feature,
                    "The %s is %s m long; expected 0.02 to 1000.",
                    feature.called(),
                    Numbers.rounded(shape.getLength(), 3)));
        }
    }

    private static void overlap(Feature bed, Feature block, List<Problem> problems) {
        Geometry ground = Shapes.of(bed);
        Geometry walls = Shapes.of(block);
        if (ground.isValid() && walls.isValid() && ground.intersects(walls)) {
            double shared = ground.intersection(walls).getArea();
            if (shared > OVERLAP_M2) {
                boolean within = shared > ground.getArea() - OVERLAP_M2;
                problems.add(
                        within
                                ? at(bed, "The %s lies inside the %s.", bed.called(), block.called())
                                : at(
                                        bed,
                                        "The %s reaches %s m² into the %s.",
                                        bed.called(),
                                        Numbers.rounded(shared, 1),
                                        block.called()));
            }
        }
    }

    private static Problem at(Feature feature, String sentence, Object... values) {
        return new Problem(feature.id() + ".geometry", sentence, values);
    }
}
