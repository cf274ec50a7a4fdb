package org.yellowfit.core.fit;

import org.yellowfit.core.measure.Numbers;
import org.yellowfit.core.measure.UnitSystem;
import org.yellowfit.core.plant.Policy;
import org.yellowfit.core.plant.Stress;

/** Everything a fit depends on: the place, what is wanted, how much is gambled, and the units to say it in. */
public record Question(SiteConditions site, Wants wants, Policy policy, UnitSystem units) {

    boolean has(Stress stress) {
        return site.exposure() != null && site.exposure().contains(stress);
    }

    public String length(double metres) {
        return units.length(metres);
    }

    static String hours(double hours) {
        return Numbers.rounded(hours, 1) + " h";
    }

    static String number(double value) {
        return Numbers.rounded(value, 1);
    }
}
