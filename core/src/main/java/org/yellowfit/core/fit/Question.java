package org.yellowfit.core.fit;

import org.yellowfit.core.plant.Policy;

/** Everything a fit depends on: the place, what is wanted, and how much is gambled. */
public record Question(SiteConditions site, Wants wants, Policy policy) {

    public Question at(SiteConditions changed) {
        return new Question(changed, wants, policy);
    }

    boolean inPot() {
        return site.soil().isContainer();
    }
}
