package org.yellowfit.app.demo;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import org.yellowfit.app.bed.BedPlacing;
import org.yellowfit.app.visit.Edit;
import org.yellowfit.app.visit.Visit;
import org.yellowfit.app.visit.VisitFields;
import org.yellowfit.app.visit.Visits;
import org.yellowfit.core.bed.Grouping;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.palette.PlantingFields;
import org.yellowfit.core.palette.PlantingFields.Chosen;

/** What stands in the beds of the made-up places, chosen and placed by the same way as a user’s. */
@Component
class DemoPlantings {

    /** By the place: plants with their patches and counts, and how those stand that do not stand as usual. */
    private static final Map<String, String> PLANTED = Map.of(
            "The schoolyard cottage, three seasons on",
            "spiraea-ember-shovel:2 nepeta-long-splice:3 rudbeckia-brass-winch:5 hydrangea-slipway-light:1"
                    + " perovskia-rain-gauge:2",
            "North row, our own",
            "viburnum-clove-jar:1 physocarpus-coal-hatch:1 spiraea-ember-shovel:2 weigela-inkstand:2 hosta-mixing-bowl:3",
            "Dune bed, our own",
            "juniperus-mooring-post:1 panicum-smelter:3 perovskia-rain-gauge:2 nepeta-long-splice:3",
            "The long bank",
            "taxus-door-jamb@A:3 sorbus-berry-pole@A:1 geranium-ink-blot-row@A:21 stachys-flannel-glove@A:35"
                    + " chamaecyparis-bog-lantern@B:1 carex-sheep-shears@B:43"
                    + " taxus-door-jamb@C:1 chamaecyparis-bog-lantern@C:1 epimedium-whetstone-hour@C:29",
            "The chapel hedge",
            "thuja-watch-tower-row:15=row physocarpus-coal-hatch:7",
            "The brick square café",
            "sedum-coopers-hoop:1 festuca-salt-cellar-lid:3",
            "The chandler’s side strip",
            "liriope-bollard-row:7 hosta-egg-cup-blue:5 helleborus-christmas-saucer:3");

    private final Visits visits;
    private final BedPlacing beds;

    DemoPlantings(Visits visits, BedPlacing beds) {
        this.visits = visits;
        this.beds = beds;
    }

    /** @param as the name somebody signs in with */
    void plant(List<Visit> all, String as) {
        for (Visit visit : all) {
            String said = PLANTED.get(visit.place());
            if (said != null) {
                plant(visit, said.split(" "), as);
            }
        }
    }

    private void plant(Visit visit, String[] said, String as) {
        List<Chosen> chosen = new ArrayList<>();
        Map<String, Grouping> groupings = new LinkedHashMap<>();
        for (String each : said) {
            String[] parts = each.split("=");
            Chosen plant = Chosen.parse(parts[0]);
            chosen.add(plant);
            if (parts.length > 1) {
                groupings.put(plant.id(), Words.parse(Grouping.class, parts[1]));
            }
        }
        visits.put(visit.id(), new Edit().set(VisitFields.planting(PlantingFields.PLANTS), chosen), as)
                .ifPresent(now -> beds.place(now, groupings, as));
    }
}
