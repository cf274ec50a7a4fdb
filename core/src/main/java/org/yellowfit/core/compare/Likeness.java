package org.yellowfit.core.compare;

import java.util.List;
import org.yellowfit.core.colour.Colour;
import org.yellowfit.core.plant.Bloom;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Traits;

/** How well one plant does another's job (rule H7): 0 not at all, 1 the same in all that is compared. */
public final class Likeness {

    private static final double FAR_COLOUR = 0.35;
    private static final double FAR_BLOOM_THIRDS = 9;

    private Likeness() {
    }

    /** Symmetric. Weighs kind, genus and habit, size, persistence, leaf size, leaf and flower colour, and time of bloom. */
    public static double between(Cultivar one, Cultivar other) {
        double sum = 2 * same(one.kind(), other.kind()) + same(one.habit(), other.habit())
                + same(one.persistence(), other.persistence())
                + same(genus(one), genus(other)) + same(one.get(Traits.LEAF_TEXTURE), other.get(Traits.LEAF_TEXTURE))
                + 1.5 * ratio(one.height10().mid(), other.height10().mid())
                + ratio(one.spread10().mid(), other.spread10().mid())
                + colour(one.colours(Traits.LEAF_SUMMER), other.colours(Traits.LEAF_SUMMER))
                + colour(one.colours(Traits.FLOWER_COLOURS), other.colours(Traits.FLOWER_COLOURS))
                + bloom(one, other);
        return sum / 11.5;
    }

    private static double same(Object one, Object other) {
        return one.equals(other) ? 1 : 0;
    }

    private static String genus(Cultivar plant) {
        return plant.botanical().split(" ")[0];
    }

    private static double ratio(double one, double other) {
        return Math.min(one, other) / Math.max(one, other);
    }

    private static double colour(List<Colour> one, List<Colour> other) {
        if (one.isEmpty() || other.isEmpty()) {
            return one.isEmpty() && other.isEmpty() ? 1 : 0;
        }
        return Math.max(0, 1 - one.get(0).lab().distanceTo(other.get(0).lab()) / FAR_COLOUR);
    }

    private static double bloom(Cultivar one, Cultivar other) {
        Bloom first = one.get(Traits.BLOOM).orElse(null);
        Bloom second = other.get(Traits.BLOOM).orElse(null);
        if (first == null || second == null) {
            return first == second ? 1 : 0;
        }
        int apart = Math.abs(first.startThird() - second.startThird());
        return Math.max(0, 1 - Math.min(apart, Bloom.THIRDS - apart) / FAR_BLOOM_THIRDS);
    }
}
