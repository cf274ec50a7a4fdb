package org.yellowfit.core.palette;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.yellowfit.core.plant.Traits;

/**
 * What two neighbours share and in what they differ (rule G2): leaf size, leaf shape, surface, habit, colour of
 * leaf. What
 * is not known of both is neither.
 *
 * @param differ names of what differs
 * @param share  names of what is the same
 */
record Contrast(List<String> differ, List<String> share) {

    private static final int LEAST_DIFFERENT = 2;
    private static final int LEAST_SHARED = 1;
    /** Leaf colours nearer than this in OKLab look the same side by side. */
    private static final double SAME_COLOUR = 0.08;

    static Contrast of(Member one, Member other) {
        List<String> differ = new ArrayList<>();
        List<String> share = new ArrayList<>();
        compare(
                "leaf-size",
                one.plant().get(Traits.LEAF_TEXTURE),
                other.plant().get(Traits.LEAF_TEXTURE),
                differ,
                share);
        compare("leaf-shape", one.plant().get(Traits.LEAF_SHAPE), other.plant().get(Traits.LEAF_SHAPE), differ, share);
        compare("surface", one.plant().get(Traits.LEAF_SURFACE), other.plant().get(Traits.LEAF_SURFACE), differ, share);
        compare(
                "habit",
                Optional.of(one.plant().habit()),
                Optional.of(other.plant().habit()),
                differ,
                share);
        if (one.leaf().isPresent() && other.leaf().isPresent()) {
            boolean same = one.leaf().get().distanceTo(other.leaf().get()) < SAME_COLOUR;
            (same ? share : differ).add("colour");
        }
        return new Contrast(List.copyOf(differ), List.copyOf(share));
    }

    private static void compare(
            String name, Optional<?> one, Optional<?> other, List<String> differ, List<String> share) {
        if (one.isPresent() && other.isPresent()) {
            (one.get().equals(other.get()) ? share : differ).add(name);
        }
    }

    boolean passes() {
        return differ.size() >= LEAST_DIFFERENT && share.size() >= LEAST_SHARED;
    }

    /** Before anything is placed, plants of the same patch and of the same or the next layer may be neighbours. */
    static boolean areNeighbours(Member one, Member other) {
        return one.ground() == other.ground()
                && Math.abs(one.layer().ordinal() - other.layer().ordinal()) <= 1;
    }
}
