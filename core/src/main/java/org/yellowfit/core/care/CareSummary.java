package org.yellowfit.core.care;

import java.util.ArrayList;
import java.util.List;
import org.yellowfit.core.measure.Amount;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.PruneGroup;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.plant.YesNo;

/** How a plant is looked after, in short (rules C7, D7, I1 to I4). */
public final class CareSummary {

    private CareSummary() {}

    public static List<Fact> of(Cultivar plant) {
        List<Fact> told = new ArrayList<>();
        told.add(Fact.of(plant.isAnnual() ? "care.water.season" : "care.water.summers"));
        plant.get(Traits.PRUNE_GROUP)
                .filter(group -> group != PruneGroup.NONE)
                .ifPresent(group -> told.add(Fact.of("care.cut." + Words.of(group))));
        plant.get(Traits.DIVIDE_YEARS)
                .filter(years -> years > 0)
                .ifPresent(years -> told.add(Fact.of("care.divide", Amount.years(years))));
        if (plant.is(Traits.LATE_RISER, YesNo.YES)) {
            told.add(Fact.of("care.late"));
        }
        plant.get(Traits.SLOW_START_YEARS)
                .filter(years -> years > 0)
                .ifPresent(years -> told.add(Fact.of("care.slow", Amount.years(years))));
        plant.get(Traits.CARE_MIN_YEAR)
                .ifPresent(minutes -> told.add(Fact.of("care.minutes", Amount.minutes(minutes))));
        return told;
    }
}
