package org.yellowfit.core.fit;

import org.yellowfit.core.climate.HardinessZone;
import org.yellowfit.core.climate.SpringFrosts;

/**
 * How cold a place gets (rules A1 to A8). Null is unknown.
 *
 * @param zone         of the place at large
 * @param sheltered    in the lee of a heated wall, or in a courtyard
 * @param frostPocket  where cold air gathers
 * @param springFrosts how far each spring had come at its last damaging frost (A8)
 */
public record WinterConditions(HardinessZone zone, Boolean sheltered, Boolean frostPocket, SpringFrosts springFrosts) {

    public static final WinterConditions UNKNOWN = new WinterConditions(null, null, null, null);

    public boolean isSheltered() {
        return Boolean.TRUE.equals(sheltered);
    }

    public boolean isFrostPocket() {
        return Boolean.TRUE.equals(frostPocket);
    }

    public WinterConditions withZone(HardinessZone to) {
        return new WinterConditions(to, sheltered, frostPocket, springFrosts);
    }

    public WinterConditions withShelter() {
        return new WinterConditions(zone, true, frostPocket, springFrosts);
    }
}
