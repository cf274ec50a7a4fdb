package org.yellowfit.core.search;

import java.util.List;
import org.yellowfit.core.plant.Cultivar;

/**
 * A search as it was understood.
 *
 * @param conditions about traits, in the order they were typed
 * @param words      the rest: words of names
 */
public record Understood(List<Condition> conditions, List<String> words) {

    public Understood {
        conditions = List.copyOf(conditions);
        words = List.copyOf(words);
    }

    public boolean holdsFor(Cultivar plant) {
        return conditions.stream().allMatch(condition -> condition.holds().test(plant));
    }
}
