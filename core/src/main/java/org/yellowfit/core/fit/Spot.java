package org.yellowfit.core.fit;

import java.util.ArrayList;
import java.util.List;
import org.yellowfit.core.climate.HardinessZone;
import org.yellowfit.core.plant.Stress;

/** How a spot changes its zone, step by step (rule A3), for a person to follow. */
public final class Spot {

    private Spot() {}

    /** Sentences; empty when the zone is not known. */
    public static List<String> told(Question question) {
        SiteConditions site = question.site();
        if (site.zone() == null) {
            return List.of();
        }
        List<String> told = new ArrayList<>();
        HardinessZone zone = site.zone();
        told.add(Phrases.say(
                "spot.zone",
                zone.label(),
                question.units().temperature(zone.lowestCelsius()),
                question.units().temperature(zone.highestCelsius())));
        if (SiteConditions.yes(site.sheltered())) {
            zone = zone.plus(1);
            told.add(Phrases.say("spot.sheltered", zone.label()));
        }
        if (SiteConditions.yes(site.frostPocket())) {
            zone = zone.plus(-1);
            told.add(Phrases.say("spot.frost-pocket", zone.label()));
        }
        if (question.has(Stress.WIND)) {
            told.add(Phrases.say("spot.wind", zone.plus(-1).label()));
        }
        if (SiteConditions.yes(site.container())) {
            int margin = HardinessCriterion.potMargin(question.policy());
            told.add(
                    margin == 0
                            ? Phrases.say("spot.pot.bold")
                            : Phrases.say("spot.pot", zone.plus(-margin).label()));
        }
        return told;
    }
}
