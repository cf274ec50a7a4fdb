package org.yellowfit.core.bed;

import static org.yellowfit.core.measure.Checks.finite;

import org.yellowfit.core.growth.PlantGrowth;
import org.yellowfit.core.plant.Cultivar;

/**
 * One plant in its place.
 *
 * @param x          metres east of the drawing's corner; {@code y} north
 * @param group      of those planted together
 * @param potHeightM height as bought, m; null for the usual
 * @param afterYears planted so many years after the first
 */
public record PlantedAt(Cultivar plant, double x, double y, int group, Double potHeightM, double afterYears) {
    public PlantedAt {
        finite("The place, east", x);
        finite("The place, north", y);
    }

    /** By the label, in the open (D1). */
    public static PlantGrowth growth(Cultivar plant, Double potHeightM) {
        PlantGrowth usual = PlantGrowth.of(plant);
        return potHeightM == null ? usual : usual.fromPot(potHeightM);
    }

    /** Farther than so many metres; quicker than the distance itself. */
    boolean isFarFrom(PlantedAt other, double metres) {
        double dx = x - other.x;
        double dy = y - other.y;
        return dx * dx + dy * dy > metres * metres;
    }

    double distanceTo(PlantedAt other) {
        return Math.hypot(x - other.x, y - other.y);
    }
}
