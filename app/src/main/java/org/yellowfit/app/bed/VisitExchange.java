package org.yellowfit.app.bed;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.yellowfit.app.catalogue.CatalogueStore;
import org.yellowfit.app.takeaway.PlantList;
import org.yellowfit.app.visit.Edit;
import org.yellowfit.app.visit.Visit;
import org.yellowfit.app.visit.VisitJson;
import org.yellowfit.app.visit.Visits;
import org.yellowfit.core.measure.InputReader;
import org.yellowfit.core.measure.InvalidInput;
import org.yellowfit.core.measure.Problem;
import org.yellowfit.core.measure.Refused;

/** A whole visit as one file, out and in: its answers, the plants side by side, the list and the bed. */
@Service
public class VisitExchange {

    private static final int MOST_LINES = 500;

    private final Visits visits;
    private final Beds beds;
    private final PlantList list;
    private final CatalogueStore catalogue;

    VisitExchange(Visits visits, Beds beds, PlantList list, CatalogueStore catalogue) {
        this.visits = visits;
        this.beds = beds;
        this.list = list;
        this.catalogue = catalogue;
    }

    /** In the plain form of JSON. A plant that is no longer in the catalogue is left out, as the screens leave it out. */
    @Transactional(readOnly = true)
    public Map<String, Object> out(UUID id) {
        Visit visit = visits.open(id);
        Map<String, Object> written = new LinkedHashMap<>();
        written.put("id", id);
        written.putAll(VisitJson.write(visit.answers()));
        written.put("chosen", visit.chosen().stream().filter(this::isKnown).toList());
        written.put("bed", bed(id));
        written.put(
                "list",
                list.written(id).stream()
                        .filter(line -> isKnown(String.valueOf(line.get("id"))))
                        .toList());
        written.put("finished", visit.finished());
        return written;
    }

    private Map<String, Object> bed(UUID id) {
        List<Object> plants = new ArrayList<>();
        for (BedPlant plant : beds.state(id, "").plants()) {
            if (!isKnown(plant.id())) {
                continue;
            }
            Map<String, Object> one = new LinkedHashMap<>();
            one.put("uid", plant.uid());
            one.put("id", plant.id());
            one.put("x", plant.x());
            one.put("y", plant.y());
            one.put("group", plant.group());
            one.put("locked", plant.locked());
            one.put("afterYears", plant.afterYears());
            one.put("potHeightM", plant.potHeightM());
            plants.add(one);
        }
        return plants.isEmpty() ? null : Map.of("placed", plants);
    }

    /**
     * Begins a visit with all that is in the file, or none with what is wrong told by field.
     *
     * @throws InvalidInput with every problem
     */
    @Transactional
    public UUID in(Map<String, Object> given, String by) {
        List<Problem> problems = new ArrayList<>();
        Edit edit = VisitJson.read(given, problems);
        InputReader in = new InputReader(given, "", problems);
        List<String> chosen = in.list("chosen", this::known);
        if (chosen != null && chosen.size() > Visit.MOST_CHOSEN) {
            in.problem("chosen", "At most %s plants stand side by side.", Visit.MOST_CHOSEN);
        }
        Boolean finished = in.yesNo("finished");
        List<BedPlant> placed = placed(in);
        List<PlantList.Given> lines = in.items("list", MOST_LINES, (each, reader, at) -> line(each, reader, at));
        if (!problems.isEmpty()) {
            throw new InvalidInput(problems);
        }
        UUID id = visits.create(edit, by).id();
        if (chosen != null) {
            chosen.forEach(plant -> visits.choose(id, plant));
        }
        if (!placed.isEmpty()) {
            beds.change(
                    id,
                    now -> placed.stream()
                            .map(each -> new BedChange(each.uid(), null, each))
                            .toList(),
                    by);
        }
        // After the bed, whose counts follow onto it: the list says what it said.
        list.restore(id, lines == null ? List.of() : lines);
        visits.finish(id, Boolean.TRUE.equals(finished));
        return id;
    }

    private boolean isKnown(String id) {
        return catalogue.find(id).isPresent();
    }

    private String known(String id) {
        return catalogue
                .find(id)
                .map(plant -> plant.id())
                .orElseThrow(() -> new Refused("The catalogue has no cultivar with the id “%s”.", id));
    }

    private PlantList.Given line(Object each, InputReader in, String at) {
        if (!(each instanceof Map<?, ?> one)) {
            in.problem(at, "An object is expected here, like {\"id\": \"…\", \"fill\": \"number\", \"amount\": 5}.");
            return null;
        }
        @SuppressWarnings("unchecked") // the keys of an object are text
        InputReader of = in.within(at, (Map<String, ?>) one);
        String id = of.text("id", this::known);
        if (id == null && of.plain("id") == null) {
            of.problem("id", "Name the plant by its id.");
        }
        return PlantList.Given.read(id, of);
    }

    private List<BedPlant> placed(InputReader in) {
        InputReader bed = in.nested("bed", "An object is expected here, with the plants placed, or null.");
        if (bed == null) {
            return List.of();
        }
        List<BedPlant> placed = bed.items("placed", Beds.MOST_PLANTS, (each, reader, at) -> {
            if (!(each instanceof Map<?, ?> one)) {
                reader.problem(at, "An object is expected here, like {\"id\": \"…\", \"x\": 1.2, \"y\": 0.4}.");
                return null;
            }
            @SuppressWarnings("unchecked") // the keys of an object are text
            InputReader of = reader.within(at, (Map<String, ?>) one);
            return plant(of, at);
        });
        return placed == null ? List.of() : placed;
    }

    private BedPlant plant(InputReader of, String at) {
        int before = of.problems().size();
        String id = of.text("id", this::known);
        String uid = of.text("uid", text -> text);
        Double x = of.number("x", -5000, 5000, "m");
        Double y = of.number("y", -5000, 5000, "m");
        Double group = of.number("group", 0, 1e6, "");
        Double after = of.number("afterYears", 0, 30, "years");
        Double pot = of.number("potHeightM", 0, 20, "m");
        Boolean locked = of.yesNo("locked");
        if (of.problems().size() == before && (id == null || x == null || y == null)) {
            of.problem("id", "A plant of the bed has an id, x and y.");
        }
        if (of.problems().size() > before) {
            return null;
        }
        try {
            return new BedPlant(
                    uid == null ? "in-" + at.replaceAll("\\D", "") : uid,
                    id,
                    x,
                    y,
                    group == null ? 0 : group.intValue(),
                    Boolean.TRUE.equals(locked),
                    after == null ? 0 : after,
                    pot == null ? 0 : pot);
        } catch (IllegalArgumentException e) {
            of.refuse("uid", e);
            return null;
        }
    }
}
