package org.yellowfit.core.serve;

import java.util.ArrayList;
import java.util.List;
import org.yellowfit.core.measure.Amount;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.plant.Cultivar;

/** Collects the parts of a reason, in the order in which they are told. */
final class Because {

    private final List<Object> parts = new ArrayList<>();

    Because say(String key, Object... values) {
        parts.add(Fact.of("serve." + key, values));
        return this;
    }

    Because sayIf(boolean told, String key, Object... values) {
        return told ? say(key, values) : this;
    }

    /** When a plant has a size: an annual does it all in its one season (A5). */
    static Fact after(Cultivar plant, double years) {
        return plant.isAnnual() ? Fact.of("serve.in-season") : Fact.of("serve.after", Amount.years(years));
    }

    /** How much of a height is there by a year. */
    Because height(double reached, double asked, double years) {
        Amount by = Amount.years(years);
        boolean there = reached >= asked * 0.98;
        return there
                ? say("reaches", Amount.metres(asked), by)
                : say("reaches-part", Amount.metres(reached), Amount.metres(asked), by);
    }

    Fact fact() {
        return parts.isEmpty() ? Fact.of("serve.nothing") : Fact.of("value", parts);
    }
}
