package org.yellowfit.core.pair;

import static org.yellowfit.core.measure.Checks.share;

import java.util.ArrayList;
import java.util.List;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Hazard;
import org.yellowfit.core.plant.Trait;
import org.yellowfit.core.plant.Traits;

/**
 * What another plant has in common with the one asked for, and what it does better or worse (rule H7). Better and worse
 * are said
 * only of traits where one end is better for everybody: hardier, less browsed, less care, fewer hazards, stands
 * drought.
 *
 * @param likeness 0–1, see {@link Likeness}
 */
public record Substitute(double likeness, List<String> same, List<String> better, List<String> worse) {
    public Substitute {
        share("The likeness", likeness);
    }

    private static final double NEARLY = 0.12;

    public static Substitute of(Cultivar asked, Cultivar other) {
        return of(asked, other, Likeness.between(asked, other));
    }

    /** @param likeness already worked out, by the weights of a visit */
    public static Substitute of(Cultivar asked, Cultivar other, double likeness) {
        List<String> same = new ArrayList<>();
        List<String> better = new ArrayList<>();
        List<String> worse = new ArrayList<>();
        List<Trait<?>> alike = List.of(
                Traits.KIND, Traits.HABIT, Traits.PERSISTENCE, Traits.LEAF_TEXTURE, Traits.FLOWER_WOOD, Traits.BLOOM);
        alike.stream()
                .filter(trait ->
                        asked.write(trait).isPresent() && asked.write(trait).equals(other.write(trait)))
                .forEach(trait -> same.add(trait.name()));
        if (Math.abs(asked.height10().mid() / other.height10().mid() - 1) < NEARLY) {
            same.add("height10_m");
        }
        lower(asked, other, Traits.ZONE_MIN, "zone_min", better, worse);
        lower(asked, other, Traits.DEER, "deer", better, worse);
        lower(asked, other, Traits.RABBIT, "rabbit", better, worse);
        lower(asked, other, Traits.CARE_MIN_YEAR, "care_min_year", better, worse);
        lower(asked, other, Traits.DROUGHT, "drought", better, worse);
        int fewer = Integer.compare(hazards(other), hazards(asked));
        if (fewer != 0) {
            (fewer < 0 ? better : worse).add("hazards");
        }
        Losses.of(asked, other).stream()
                .map(Losses.Loss::trait)
                .filter(trait -> !worse.contains(trait))
                .forEach(worse::add);
        return new Substitute(likeness, List.copyOf(same), List.copyOf(better), List.copyOf(worse));
    }

    private static <T extends Comparable<? super T>> void lower(
            Cultivar asked, Cultivar other, Trait<T> trait, String name, List<String> better, List<String> worse) {
        if (asked.get(trait).isPresent() && other.get(trait).isPresent()) {
            int compared = other.get(trait).get().compareTo(asked.get(trait).get());
            if (compared != 0) {
                (compared < 0 ? better : worse).add(name);
            }
        }
    }

    private static int hazards(Cultivar plant) {
        return (int) plant.get(Traits.HAZARDS).orElse(List.of()).stream()
                .filter(hazard -> hazard != Hazard.NONE)
                .count();
    }
}
