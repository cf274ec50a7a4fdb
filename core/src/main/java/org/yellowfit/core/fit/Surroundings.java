package org.yellowfit.core.fit;

import java.util.Collections;
import java.util.EnumSet;
import java.util.Set;
import org.yellowfit.core.plant.Stress;

/**
 * What comes at a plant from outside, and whom it may hurt (rules F1, F3, F4). Null is unknown.
 *
 * @param exposure           empty where nothing burdens the place
 * @param roadSalt           the salt comes from a road: no lee helps
 * @param strictlyNoHazards  nothing that hurts, wherever it stands
 */
public record Surroundings(
        Set<Stress> exposure,
        Pressure deer,
        Pressure rabbits,
        Boolean children,
        Boolean pets,
        Boolean strictlyNoHazards,
        boolean roadSalt) {

    public static final Surroundings UNKNOWN = new Surroundings(null, null, null, null, null, null, false);

    public Surroundings {
        exposure = exposure == null ? null : Collections.unmodifiableSet(copy(exposure));
    }

    private static Set<Stress> copy(Set<Stress> stresses) {
        return stresses.isEmpty() ? EnumSet.noneOf(Stress.class) : EnumSet.copyOf(stresses);
    }

    public boolean has(Stress stress) {
        return exposure != null && exposure.contains(stress);
    }

    public boolean hasChildren() {
        return Boolean.TRUE.equals(children);
    }

    public boolean hasPets() {
        return Boolean.TRUE.equals(pets);
    }

    public boolean isStrict() {
        return Boolean.TRUE.equals(strictlyNoHazards);
    }

    public Surroundings without(Set<Stress> stresses) {
        if (exposure == null) {
            return this;
        }
        Set<Stress> left = copy(exposure);
        left.removeAll(stresses);
        return new Surroundings(
                left, deer, rabbits, children, pets, strictlyNoHazards, roadSalt && left.contains(Stress.SALT));
    }

    public Surroundings withoutDeer() {
        return withDeer(Pressure.NONE);
    }

    public Surroundings withoutRabbits() {
        return new Surroundings(exposure, deer, Pressure.NONE, children, pets, strictlyNoHazards, roadSalt);
    }

    public Surroundings withDeer(Pressure pressure) {
        return new Surroundings(exposure, pressure, rabbits, children, pets, strictlyNoHazards, roadSalt);
    }

    public Surroundings withChildrenAndPets() {
        return new Surroundings(exposure, deer, rabbits, true, true, strictlyNoHazards, roadSalt);
    }

    /** Where neither children nor pets reach. */
    public Surroundings outOfReach() {
        return new Surroundings(exposure, deer, rabbits, false, false, strictlyNoHazards, roadSalt);
    }
}
