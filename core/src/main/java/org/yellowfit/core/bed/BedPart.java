package org.yellowfit.core.bed;

import java.util.function.Predicate;
import org.yellowfit.core.plant.Cultivar;

/**
 * A part of the bed with a place of its own.
 *
 * @param outline  metres; null for all of the bed
 * @param lives    which plants live there
 * @param sunHours direct sun a day as it is now, h; null where it is not known
 * @param children whether children come there; likewise {@code pets}
 */
public record BedPart(
        String name, double[][] outline, Predicate<Cultivar> lives, Double sunHours, boolean children, boolean pets) {

    boolean holds(double x, double y) {
        return outline == null || Flat.isInside(outline, x, y);
    }
}
