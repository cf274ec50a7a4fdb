package org.yellowfit.core.search;

import java.util.function.Predicate;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.plant.Cultivar;

/**
 * One thing asked of a plant. A plant of which it is not known does not meet it.
 *
 * @param said  the words that were typed, so that they can be taken out again
 * @param meaning as it was understood; equal meanings are the same condition
 */
public record Condition(String said, Fact meaning, Predicate<Cultivar> holds) {

    Condition not(String typed) {
        return new Condition(typed, Fact.of("search.not", meaning), holds.negate());
    }
}
