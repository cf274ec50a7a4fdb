package org.yellowfit.core.fit;

import org.yellowfit.core.measure.Field;
import org.yellowfit.core.plant.Policy;
import org.yellowfit.core.serve.Serving;
import org.yellowfit.core.serve.UsePlace;
import org.yellowfit.core.serve.Wants;

/** Everything a fit depends on: the place, what is wanted, and how much is gambled. */
public record Question(SiteConditions site, Wants wants, Policy policy) {

    public Question at(SiteConditions changed) {
        return new Question(changed, wants, policy);
    }

    public Question wanting(Wants changed) {
        return new Question(site, changed, policy);
    }

    public <T> Question wanting(Field<T> wish, T value) {
        return wanting(wants.with(wish, value));
    }

    boolean inPot() {
        return site.soil().isContainer();
    }

    /** What of the place decides how well a plant serves. */
    UsePlace usePlace() {
        Room room = site.room();
        return new UsePlace(
                site.winter().zone(),
                site.season().isSouth(),
                site.light().sunHours(),
                inPot() ? null : site.soil().ph(),
                room.horizonYears(),
                room.slopePercent(),
                room.depthM(),
                room.supportHeightM(),
                room.containerL(),
                weeksOfSeason());
    }

    private Double weeksOfSeason() {
        Long weeks = site.season().weeksOfShow();
        return weeks == null ? null : (Double) weeks.doubleValue();
    }

    Serving serving(Catalogue plants) {
        return Serving.of(plants.serve, wants, usePlace());
    }
}
