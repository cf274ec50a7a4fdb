package org.yellowfit.app.demo;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;
import org.yellowfit.app.climate.Stations;
import org.yellowfit.app.place.DrawingStore;
import org.yellowfit.app.place.PatchChoice;
import org.yellowfit.app.place.StationAnswers;
import org.yellowfit.app.visit.Visit;
import org.yellowfit.app.visit.VisitFields;
import org.yellowfit.app.visit.Visits;
import org.yellowfit.core.site.BedPatch;
import tools.jackson.databind.json.JsonMapper;

/** Drawings of the made-up places, taken in by the same way as those of a user. */
@Component
class DemoDrawings {

    private final Visits visits;
    private final Stations stations;
    private final DrawingStore store;
    private final PatchChoice patches;
    private final JsonMapper json;

    DemoDrawings(Visits visits, Stations stations, DrawingStore store, PatchChoice patches, JsonMapper json) {
        this.visits = visits;
        this.stations = stations;
        this.store = store;
        this.patches = patches;
        this.json = json;
    }

    void draw(List<Visit> all, String by) {
        Map<?, ?> drawings = read();
        for (Visit visit : all) {
            if (drawings.get(visit.place()) instanceof Map<?, ?> drawing) {
                draw(visit, drawing, by);
            }
        }
    }

    private void draw(Visit visit, Map<?, ?> drawing, String by) {
        stations.all().stream()
                .filter(station -> station.name().equals(drawing.get("station")))
                .findFirst()
                .ifPresent(station -> visits.put(visit.id(), StationAnswers.of(station), by));
        Visit placed = visits.find(visit.id()).orElseThrow();
        Map<String, Object> at = Map.of(
                "latitude",
                placed.answers().get(VisitFields.LATITUDE).orElseThrow(),
                "longitude",
                placed.answers().get(VisitFields.LONGITUDE).orElseThrow(),
                "utcOffset",
                placed.answers().get(VisitFields.UTC_OFFSET).orElseThrow(),
                "north",
                drawing.get("north"));
        visits.put(visit.id(), store.edit((List<?>) drawing.get("features"), at, placed), by);
        chosen(patches.of(visits.find(visit.id()).orElseThrow(), 0), drawing.get("patch"))
                .ifPresent(patch -> patches.goOnWith(visit.id(), patch, by));
    }

    /** A patch by its name, or the one with the least sun. */
    private static Optional<BedPatch> chosen(List<BedPatch> patches, Object name) {
        return "least".equals(name)
                ? patches.stream()
                        .min(Comparator.comparingDouble(patch -> patch.light().hours()))
                : patches.stream().filter(patch -> patch.name().equals(name)).findFirst();
    }

    private Map<?, ?> read() {
        try {
            return (Map<?, ?>)
                    json.readValue(new ClassPathResource("demo/drawings.json").getInputStream(), Object.class);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
