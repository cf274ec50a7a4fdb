package org.yellowfit.core.fit;

import java.util.List;
import java.util.Optional;
import org.yellowfit.core.measure.Fact;

/**
 * What a rule has to say of one plant beside its outcome.
 *
 * @param plant the plant's value
 * @param why   one or more sentences, with both numbers in the first
 * @param strip empty where nothing can be drawn
 */
record Finding(Fact plant, String rule, List<Fact> why, List<Remedy> remedies, Optional<Strip> strip) {

    Finding {
        why = List.copyOf(why);
        remedies = List.copyOf(remedies);
    }

    static Finding of(Ruling ruling, Fact plant, Fact why, Strip strip) {
        return new Finding(plant, ruling.outcome().rule(), List.of(why), List.of(), Optional.of(strip));
    }

    static Finding withoutStrip(Ruling ruling, Fact plant, Fact why) {
        return new Finding(plant, ruling.outcome().rule(), List.of(why), List.of(), Optional.empty());
    }

    Finding with(Remedy... more) {
        return with(List.of(more));
    }

    Finding with(List<Remedy> more) {
        return new Finding(plant, rule, why, more, strip);
    }

    Finding byRule(String other) {
        return new Finding(plant, other, why, remedies, strip);
    }

    Finding adding(Fact sentence) {
        List<Fact> both = new java.util.ArrayList<>(why);
        both.add(sentence);
        return new Finding(plant, rule, both, remedies, strip);
    }
}
