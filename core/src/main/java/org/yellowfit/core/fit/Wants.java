package org.yellowfit.core.fit;

import java.util.List;
import java.util.Set;
import org.yellowfit.core.plant.Kind;
import org.yellowfit.core.plant.Use;

/**
 * What the customer asks for beyond growing there. Empty and false: not asked for.
 *
 * @param colours        by leaf or flower, any of them
 * @param bloomMonths    1–12, any of them
 * @param maxCareMinutes a plant a year; null: not asked
 */
public record Wants(Set<Kind> kinds, boolean evergreen, List<WantedColour> colours, List<Integer> bloomMonths, boolean fragrance,
                    boolean pollinators, Double maxCareMinutes, Set<Use> uses) {

    public static final Wants NOTHING = new Wants(Set.of(), false, List.of(), List.of(), false, false, null, Set.of());

    public boolean isNothing() {
        return equals(NOTHING);
    }
}
