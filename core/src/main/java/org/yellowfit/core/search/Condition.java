package org.yellowfit.core.search;

import java.util.function.Predicate;
import org.yellowfit.core.plant.Cultivar;

/**
 * One thing asked of a plant. A plant of which it is not known does not meet it.
 *
 * @param said  the words that were typed, so that they can be taken out again
 * @param label the condition as it was understood, for people; equal labels mean the same condition
 */
public record Condition(String said, String label, Predicate<Cultivar> holds) {

    Condition not(String typed) {
        return new Condition(typed, "not " + label, holds.negate());
    }
}
