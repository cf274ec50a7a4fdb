package org.yellowfit.app.api;

import io.swagger.v3.oas.annotations.Operation;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.yellowfit.app.catalogue.CatalogueStore;
import org.yellowfit.app.words.BedWords;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.bed.BedAims;
import org.yellowfit.core.bed.BedCheck;
import org.yellowfit.core.bed.BedGround;
import org.yellowfit.core.bed.BedYear;
import org.yellowfit.core.bed.Placement;
import org.yellowfit.core.bed.Placing;
import org.yellowfit.core.bed.PlantedAt;
import org.yellowfit.core.bed.ToPlace;
import org.yellowfit.core.measure.Problem;
import org.yellowfit.core.measure.UnitSystem;
import org.yellowfit.core.measure.Words;

/** Plants put into a bed, and a bed checked year by year (rules H4 and H8). */
@RestController
@RequestMapping(value = "/api/v1/bed", consumes = MediaType.ALL_VALUE, produces = MediaType.APPLICATION_JSON_VALUE)
class BedApi {

    /** Pairs of plants looked at in all years together: about five seconds of one core. */
    private static final double MOST_WORK = 400e6;

    private static final List<Integer> USUAL_YEARS =
            IntStream.rangeClosed(0, 20).boxed().toList();

    record PlacedJson(String id, double x, double y, int group) {}

    record UnplacedJson(String id, int count, String why) {}

    record PlacementJson(List<PlacedJson> placed, List<UnplacedJson> unplaced, Map<String, Double> coverage) {}

    record OverlapJson(int a, int b, double byM) {}

    record TooTallJson(int index, String limit, double byM) {}

    record OutsideJson(int index, double byM) {}

    record ShadedJson(int index, double hours, double needs) {}

    record StandingJson(int index, int standing, double byM) {}

    record EdgeJson(int index, String edge, double byM) {}

    record YearJson(
            int year,
            double coverage,
            List<OverlapJson> overlaps,
            List<TooTallJson> tooTall,
            List<OutsideJson> outside,
            List<ShadedJson> shaded,
            List<StandingJson> standing,
            List<EdgeJson> edges) {

        static YearJson of(BedYear year) {
            return new YearJson(
                    year.year(),
                    year.coverage(),
                    year.overlaps().stream()
                            .map(each -> new OverlapJson(each.a(), each.b(), each.byM()))
                            .toList(),
                    year.tooTall().stream()
                            .map(each -> new TooTallJson(
                                    each.index(),
                                    Sentences.say(BedWords.limit(each.limit()), UnitSystem.METRIC),
                                    each.byM()))
                            .toList(),
                    year.outside().stream()
                            .map(each -> new OutsideJson(each.index(), each.byM()))
                            .toList(),
                    year.shaded().stream()
                            .map(each -> new ShadedJson(each.index(), each.hours(), each.needs()))
                            .toList(),
                    year.existing().stream()
                            .map(each -> new StandingJson(each.index(), each.which(), each.byM()))
                            .toList(),
                    year.edges().stream()
                            .map(each -> new EdgeJson(each.index(), Words.of(each.edge()), each.byM()))
                            .toList());
        }
    }

    record FirstJson(int year, String text) {}

    record CheckedJson(List<YearJson> years, FirstJson firstTrouble) {}

    private final CatalogueStore store;
    private final Json json;

    BedApi(CatalogueStore store, Json json) {
        this.store = store;
        this.json = json;
    }

    @Operation(
            summary = "Where each plant goes",
            description =
                    "bed, seenFrom, patches, walls, paths, keepLow, windows, views, standing, plants (id, count, grouping, potHeightM, patch), school, closeByYear, layers, horizonYears, seed")
    @PostMapping("/place")
    PlacementJson place(@RequestBody(required = false) String body) {
        List<Problem> problems = new ArrayList<>();
        BedReader reader = new BedReader(json.object(body), store, problems);
        BedGround ground = reader.ground();
        List<ToPlace> plants = reader.plants();
        BedAims aims = reader.aims();
        if (plants.isEmpty() && problems.isEmpty()) {
            problems.add(new Problem("plants", "Name at least one plant."));
        }
        Json.refuse(problems);
        Placement placement = Placing.place(ground, plants, aims);
        Map<String, Double> coverage = new LinkedHashMap<>();
        placement.coverage().forEach((year, share) -> coverage.put(String.valueOf(year), share));
        return new PlacementJson(
                placement.placed().stream()
                        .map(each -> new PlacedJson(each.plant().id(), each.x(), each.y(), each.group()))
                        .toList(),
                placement.unplaced().stream()
                        .map(each ->
                                new UnplacedJson(each.id(), each.count(), Sentences.say(each.why(), UnitSystem.METRIC)))
                        .toList(),
                coverage);
    }

    @Operation(
            summary = "What goes wrong in which year",
            description = "as place, with placed (id, x, y, group, potHeightM, afterYears) and years")
    @PostMapping("/check")
    CheckedJson check(@RequestBody(required = false) String body) {
        List<Problem> problems = new ArrayList<>();
        BedReader reader = new BedReader(json.object(body), store, problems);
        BedGround ground = reader.ground();
        List<PlantedAt> placed = reader.placed();
        reader.aims();
        List<Integer> years = reader.years(USUAL_YEARS);
        if ((double) placed.size() * placed.size() * years.size() > MOST_WORK) {
            problems.add(new Problem(
                    "years",
                    "%s plants over %s years take too long; ask for fewer years.",
                    placed.size(),
                    years.size()));
        }
        Json.refuse(problems);
        List<BedYear> checked = BedCheck.over(ground, placed, years, ground.where() != null);
        return new CheckedJson(
                checked.stream().map(YearJson::of).toList(),
                BedCheck.firstTrouble(checked)
                        .map(year -> new FirstJson(
                                year.year(), Sentences.say(BedWords.chief(year, placed, ground), UnitSystem.METRIC)))
                        .orElse(null));
    }
}
