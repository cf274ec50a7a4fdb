package org.yellowfit.core.pair;

import java.util.Collections;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.yellowfit.core.colour.Colour;
import org.yellowfit.core.plant.Bloom;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Trait;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.plant.Use;

/**
 * How well one plant does another's job (rule H7): 0 not at all, 1 the same in all that is compared.
 *
 * <p>Source: J. C. Gower, “A general coefficient of similarity and some of its properties”, Biometrics 27 (1971): the
 * weighted mean of
 * the likeness of each trait, words being the same or not and numbers alike by their distance over the range; a trait
 * that is not
 * known of either is left out. Sizes are compared by their ratio, an eightfold one being wholly unlike.
 */
public final class Likeness {

    /** What is compared, and how much it counts when nothing special is asked for: our judgement. */
    public enum Aspect {
        KIND(2),
        HABIT(1),
        LEAVES(1),
        HEIGHT(1.5),
        SPREAD(1),
        LEAF_SIZE(0.7),
        LEAF_COLOUR(1),
        FLOWER_COLOUR(1),
        BLOOM(1),
        USES(1),
        LIGHT(0.5),
        GENUS(0.7);

        private final double usual;

        Aspect(double usual) {
            this.usual = usual;
        }

        public String words() {
            return name().toLowerCase(Locale.ROOT).replace('_', ' ');
        }
    }

    private static final double UNLIKE_RATIO = Math.log(8);
    private static final double FAR_COLOUR = 0.35;
    private static final double FAR_BLOOM_THIRDS = 9;
    private static final double FAR_HOURS = 6;
    private static final Map<Aspect, Double> USUAL = usual();

    private Likeness() {}

    /** The weights used unless a visit asks for something. */
    public static Map<Aspect, Double> usual() {
        Map<Aspect, Double> weights = new EnumMap<>(Aspect.class);
        for (Aspect aspect : Aspect.values()) {
            weights.put(aspect, aspect.usual);
        }
        return weights;
    }

    /** Symmetric. */
    public static double between(Cultivar one, Cultivar other) {
        return between(one, other, USUAL);
    }

    /** @param weights 0 or more for each aspect; one that is missing does not count */
    public static double between(Cultivar one, Cultivar other, Map<Aspect, Double> weights) {
        double sum = 0;
        double all = 0;
        for (Map.Entry<Aspect, Double> each : weights.entrySet()) {
            double alike = alike(each.getKey(), one, other);
            if (!Double.isNaN(alike)) {
                sum += each.getValue() * alike;
                all += each.getValue();
            }
        }
        return all == 0 ? 0 : sum / all;
    }

    /** 0–1; NaN where one of the two is not known. */
    static double alike(Aspect aspect, Cultivar one, Cultivar other) {
        return switch (aspect) {
            case KIND -> same(one.kind(), other.kind());
            case HABIT -> same(one.habit(), other.habit());
            case LEAVES -> same(one.persistence(), other.persistence());
            case GENUS -> same(one.genus(), other.genus());
            case HEIGHT -> ratio(one.height10().mid(), other.height10().mid());
            case SPREAD -> ratio(one.spread10().mid(), other.spread10().mid());
            case LEAF_SIZE -> known(one, other, Traits.LEAF_TEXTURE, Likeness::same);
            case LEAF_COLOUR -> colour(one.colours(Traits.LEAF_SUMMER), other.colours(Traits.LEAF_SUMMER));
            case FLOWER_COLOUR -> colour(one.colours(Traits.FLOWER_COLOURS), other.colours(Traits.FLOWER_COLOURS));
            case BLOOM -> bloom(one, other);
            case USES -> known(one, other, Traits.USES, Likeness::shared);
            case LIGHT -> known(one, other, Traits.SUN_LIVE, (a, b) -> Math.max(0, 1 - Math.abs(a - b) / FAR_HOURS));
        };
    }

    private static <T> double known(
            Cultivar one, Cultivar other, Trait<T> trait, java.util.function.ToDoubleBiFunction<T, T> alike) {
        Optional<T> a = one.get(trait);
        Optional<T> b = other.get(trait);
        return a.isEmpty() || b.isEmpty() ? Double.NaN : alike.applyAsDouble(a.get(), b.get());
    }

    private static double same(Object one, Object other) {
        return one.equals(other) ? 1 : 0;
    }

    private static double shared(List<Use> one, List<Use> other) {
        Set<Use> all = new HashSet<>(one);
        all.addAll(other);
        Set<Use> both = new HashSet<>(one);
        both.retainAll(other);
        return all.isEmpty() || Collections.disjoint(one, other) ? 0 : (double) both.size() / all.size();
    }

    private static double ratio(double one, double other) {
        return Math.max(0, 1 - Math.abs(Math.log(one / other)) / UNLIKE_RATIO);
    }

    private static double colour(List<Colour> one, List<Colour> other) {
        if (one.isEmpty() || other.isEmpty()) {
            return one.isEmpty() && other.isEmpty() ? Double.NaN : 0;
        }
        return Math.max(0, 1 - one.get(0).lab().distanceTo(other.get(0).lab()) / FAR_COLOUR);
    }

    private static double bloom(Cultivar one, Cultivar other) {
        Bloom first = one.get(Traits.BLOOM).orElse(null);
        Bloom second = other.get(Traits.BLOOM).orElse(null);
        if (first == null || second == null) {
            return first == second ? Double.NaN : 0;
        }
        int apart = Math.abs(first.startThird() - second.startThird());
        return Math.max(0, 1 - Math.min(apart, Bloom.THIRDS - apart) / FAR_BLOOM_THIRDS);
    }
}
