package org.yellowfit.app.demo;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.yellowfit.app.records.OwnBeds;
import org.yellowfit.app.records.Records;
import org.yellowfit.app.takeaway.PlantList;
import org.yellowfit.app.visit.Answers;
import org.yellowfit.app.visit.Edit;
import org.yellowfit.app.visit.Visit;
import org.yellowfit.app.visit.VisitForm;
import org.yellowfit.app.visit.Visits;

/** The visits of the made-up shop. They go in by the same way as those of a user. */
@Component
class DemoVisits {

    private static final String ADVISOR = "Tamsin Orrel";
    private static final String ADVISORS_NAME = "tamsin";
    private static final int MOST = 60;

    private final Visits visits;
    private final PlantList list;
    private final DemoDrawings drawings;
    private final Records records;
    private final OwnBeds beds;
    private final DemoPlantings plantings;

    DemoVisits(
            Visits visits,
            PlantList list,
            DemoDrawings drawings,
            Records records,
            OwnBeds beds,
            DemoPlantings plantings) {
        this.plantings = plantings;
        this.beds = beds;
        this.records = records;
        this.visits = visits;
        this.list = list;
        this.drawings = drawings;
    }

    void create() {
        Visit cottage = visit(
                "The schoolyard cottage, three seasons on",
                "Ines Calloway",
                "Finished. Planted in spring three years ago.",
                "zone=6b sunHours=5.5 sunBias=even texture=loam drainage=good ph=6.4 moisture=3 depthM=2.2 lengthM=5 children=no pets=yes deer=some plantingDate=2023-04-20",
                "jobs=middle bloomMonths=6|7|8|9",
                List.of("spiraea-ember-shovel", "nepeta-long-splice"),
                true);
        list.add(
                cottage.id(),
                List.of(
                        "spiraea-ember-shovel",
                        "nepeta-long-splice",
                        "rudbeckia-brass-winch",
                        "hydrangea-slipway-light",
                        "perovskia-rain-gauge"));
        records.make(cottage.place(), false, cottage.id());
        visit(
                "The upland cottage",
                "Col Hathersedge",
                "Short season: what opens first? Late frosts up there.",
                "zone=5a frostPocket=yes sunHours=7 sunBias=even texture=loam drainage=good ph=6.2 moisture=3 depthM=3 lengthM=8 deer=heavy rabbits=some",
                "jobs=front bloomMonths=3|4|5",
                List.of(),
                false);
        visit(
                "The walnut yard",
                "Marta Eskildsen",
                "Everything dies under the walnut. No grass wanted any more.",
                "zone=6b sunHours=3 sunBias=morning texture=silt+loam drainage=good ph=6.6 moisture=2.5 depthM=4 lengthM=6 exposure=juglone deer=some",
                "jobs=underplant+crown=deciduous never.kinds=grass",
                List.of(),
                false);
        visit(
                "The long bank",
                "Augustin Reyle",
                "18 m from full sun to shade under old maples. This is the shady third; the drawing shows all three patches.",
                "zone=6b sunHours=2 sunBias=morning texture=sandy+loam drainage=good ph=5.8 moisture=2 depthM=2.5 lengthM=6 deer=some rabbits=some",
                "jobs=ground-cover+byYear=3+evergreen=yes",
                List.of(),
                false);
        visit(
                "The chapel hedge",
                "Marrow Chapel parish",
                "28 m, a screen to 2 m in six years; deer come through every night.",
                "zone=6b sunHours=7 sunBias=even texture=clay+loam drainage=slow ph=6.8 moisture=3 depthM=1.8 lengthM=28 horizonYears=6 deer=heavy exposure=wind",
                "jobs=screen+heightM=2+byYear=6 importance=screen=must",
                List.of("physocarpus-tar-barrel", "hydrangea-bilge-pump", "rosa-boathook"),
                false);
        visit(
                "The nursery-school rain garden",
                "Marrow Point Nursery School",
                "Children all day: strictly nothing that hurts. Flowers from April to October, please.",
                "zone=6b sunHours=6 sunBias=even texture=clay drainage=poor ph=6.5 moisture=4 depthM=4 lengthM=7 children=yes strictlyNoHazards=yes",
                "jobs=wildlife+kinds=bees,butterflies bloomMonths=6|7|8|9 importance=bloomMonths=some",
                List.of(),
                false);
        visit(
                "The brick square café",
                "Café Ropehouse",
                "Pots on hot brick, dogs under every table.",
                "zone=6b sunHours=7 sunBias=afternoon reflectedHeat=yes hotSummer=no container=yes moisture=2 ph=6.5 depthM=0.6 maxHeightM=1.2 pets=yes exposure=pollution containerL=40",
                "jobs=pot-mound+litres=40",
                List.of("nepeta-sail-needle", "sedum-coopers-hoop", "festuca-salt-cellar-lid"),
                false);
        visit(
                "The ferry terrace",
                "Harbour Ferry Office",
                "Salt wind all winter. Keep the view over the water; something green in January.",
                "zone=6b sunHours=8 sunBias=even texture=loamy+sand drainage=fast ph=6 moisture=2 depthM=1.6 lengthM=9 maxHeightM=1 exposure=wind|salt",
                "jobs=winter evergreen=yes",
                List.of("juniperus-net-loft", "pinus-ballast-stone", "armeria-buoy-line"),
                false);
        Visit strip = visit(
                "The chandler’s side strip",
                "Odile Fenwarren",
                "Side of the house below the windows, gets a bit of morning sun. Clay. Nothing over the sill.",
                "zone=6b sunHours=4.5 sunBias=morning texture=clay+loam drainage=slow ph=6.4 moisture=3 depthM=0.7 lengthM=6 maxHeightM=0.9 children=no pets=no deer=none",
                "jobs=fill bloomMonths=6|7|8",
                List.of("hydrangea-ferry-bell", "spiraea-oarlock", "geranium-keelson", "rudbeckia-brass-winch"),
                false);
        list.add(strip.id(), List.of("liriope-bollard-row", "hosta-egg-cup-blue", "helleborus-christmas-saucer"));
        drawings.draw(visits.latest(MOST), ADVISOR);
        plantings.plant(visits.latest(MOST), ADVISORS_NAME);
    }

    /** The shop's own beds of which there are records, described as places. */
    void describeBeds() {
        bed(
                "North row, our own",
                "zone=6b sunHours=6 sunBias=even texture=clay+loam drainage=slow ph=6.4"
                        + " moisture=3 depthM=2.4 lengthM=9 deer=some plantingDate=2022-04-15",
                List.of(
                        "spiraea-ember-shovel",
                        "physocarpus-coal-hatch",
                        "weigela-inkstand",
                        "hosta-mixing-bowl",
                        "viburnum-clove-jar"));
        bed(
                "Dune bed, our own",
                "zone=6b sunHours=8 sunBias=even texture=loamy+sand drainage=fast ph=6"
                        + " moisture=2 depthM=2 lengthM=7 exposure=wind|salt plantingDate=2022-04-15",
                List.of(
                        "juniperus-mooring-post",
                        "picea-bread-peel",
                        "panicum-smelter",
                        "nepeta-long-splice",
                        "perovskia-rain-gauge"));
    }

    private void bed(String name, String site, List<String> planted) {
        UUID bed = beds.begin(name, ADVISOR);
        Map<String, String> answers = new LinkedHashMap<>(Map.of("place", name, "units", "METRIC"));
        put(answers, "site.", site);
        visits.put(bed, checked(name, answers), ADVISOR);
        list.add(bed, planted);
        visits.find(bed).ifPresent(visit -> plantings.plant(List.of(visit), ADVISORS_NAME));
        visits.finish(bed, true);
    }

    private static Edit checked(String place, Map<String, String> answers) {
        VisitForm.Checked checked = VisitForm.check(answers, Answers.NONE);
        if (!checked.isFine()) {
            throw new IllegalStateException("The demo visit to " + place + " is wrong: " + checked.problems());
        }
        return checked.edit();
    }

    /** @param site fields with their values, spaces within a value written as + */
    private Visit visit(
            String place,
            String customer,
            String note,
            String site,
            String wants,
            List<String> chosen,
            boolean finished) {
        Map<String, String> answers = new LinkedHashMap<>(
                Map.of("place", place, "customer", customer, "note", note, "units", "METRIC", "policy", "STANDARD"));
        put(answers, "site.", site);
        put(answers, "wants.", wants);
        Visit visit = visits.create(checked(place, answers), ADVISOR);
        chosen.forEach(id -> visits.choose(visit.id(), id));
        visits.finish(visit.id(), finished);
        return visit;
    }

    private static void put(Map<String, String> answers, String prefix, String fields) {
        for (String field : fields.isBlank() ? new String[0] : fields.split(" ")) {
            String[] parts = field.split("=", 2);
            answers.put(prefix + parts[0], parts[1].replace('+', ' '));
        }
    }
}
