package org.yellowfit.core.fit;

import java.util.ArrayList;
import java.util.List;
import org.yellowfit.core.climate.HardinessZone;
import org.yellowfit.core.measure.Amount;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.plant.Stress;

/** How a spot changes its zone, step by step (rule A3), for a person to follow. */
public final class SpotZone {

    private SpotZone() {}

    /** Empty when the zone is not known. */
    public static List<Fact> steps(Question question) {
        WinterConditions winter = question.site().winter();
        if (winter.zone() == null) {
            return List.of();
        }
        List<Fact> steps = new ArrayList<>();
        HardinessZone zone = winter.zone();
        steps.add(Fact.of(
                "spot.zone",
                zone.label(),
                Amount.celsius(zone.lowestCelsius()),
                Amount.celsius(zone.highestCelsius())));
        if (winter.isSheltered()) {
            zone = zone.plus(1);
            steps.add(Fact.of("spot.sheltered", zone.label()));
        }
        if (winter.isFrostPocket()) {
            zone = zone.plus(-1);
            steps.add(Fact.of("spot.frost-pocket", zone.label()));
        }
        if (question.site().surroundings().has(Stress.WIND)) {
            steps.add(Fact.of("spot.wind", zone.plus(-1).label()));
        }
        if (question.inPot()) {
            int margin = RuleNumber.potMargin(question.policy());
            steps.add(
                    margin == 0
                            ? Fact.of("spot.pot.bold")
                            : Fact.of("spot.pot", zone.plus(-margin).label()));
        }
        return steps;
    }
}
