package org.yellowfit.core.site;

import java.util.Map;
import java.util.Set;
import org.yellowfit.core.light.CrownFoliage;

/**
 * One thing in a drawing.
 *
 * @param id       unique within the drawing
 * @param name     what people call it; blank to be called by its kind
 * @param points   metres east and north of a corner of the drawing; a polygon's first corner is not repeated
 * @param measures the numbers that are known
 * @param foliage  of trees and hedges
 * @param leafOn   months in leaf, 1–12; null for those usual on that half of the earth
 * @param masonry  of houses and walls: throws heat back (B3)
 */
public record Feature(
        String id,
        FeatureKind kind,
        String name,
        double[][] points,
        Map<Measure, Double> measures,
        CrownFoliage foliage,
        Set<Integer> leafOn,
        boolean masonry) {

    public Feature {
        measures = Map.copyOf(measures);
        leafOn = leafOn == null ? null : Set.copyOf(leafOn);
    }

    /** The number, or the usual one for this kind of thing; NaN when there is neither. */
    public double measure(Measure measure) {
        Double value = measures.get(measure);
        Double usual = value == null ? kind.usual(measure) : value;
        return usual == null ? Double.NaN : usual;
    }

    /** “old maple”; “fence” when it has no name of its own. */
    public String called() {
        return name.isBlank() ? kind.words() : name;
    }

    /** The same thing by another name. */
    public Feature withName(String other) {
        return new Feature(id, kind, other, points, measures, foliage, leafOn, masonry);
    }

    Set<Integer> leafOn(boolean south) {
        return leafOn == null ? CrownFoliage.usualLeafMonths(south) : leafOn;
    }

    /** Whether it has come and not gone in a year. */
    public boolean standsIn(int year) {
        Double from = measures.get(Measure.FROM_YEAR);
        Double to = measures.get(Measure.TO_YEAR);
        return (from == null || year >= from) && (to == null || year <= to);
    }
}
