package org.yellowfit.core.pair;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Trait;
import org.yellowfit.core.plant.Traits;

/**
 * One trait across several plants.
 *
 * @param values the trait's text for each plant in their order; empty where it is not known
 * @param agrees whether all plants have the same value
 */
public record TraitRow(Trait<?> trait, List<String> values, boolean agrees) {

    private static final Set<Trait<?>> NOT_COMPARED = Set.of(
            Traits.ID,
            Traits.BOTANICAL,
            Traits.CULTIVAR,
            Traits.COMMON,
            Traits.TELL_APART,
            Traits.LIKE,
            Traits.SIZES_SOLD);

    public TraitRow {
        values = List.copyOf(values);
    }

    /** Every trait that at least one of the plants has a value for, in the order of the catalogue's columns. */
    public static List<TraitRow> of(List<Cultivar> plants) {
        List<TraitRow> rows = new ArrayList<>();
        for (Trait<?> trait : Traits.ALL) {
            List<String> values =
                    plants.stream().map(plant -> plant.write(trait).orElse("")).toList();
            if (!NOT_COMPARED.contains(trait) && values.stream().anyMatch(value -> !value.isEmpty())) {
                rows.add(new TraitRow(trait, values, values.stream().distinct().count() == 1));
            }
        }
        return rows;
    }
}
