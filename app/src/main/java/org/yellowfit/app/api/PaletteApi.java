package org.yellowfit.app.api;

import io.swagger.v3.oas.annotations.Operation;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.yellowfit.app.catalogue.CatalogueStore;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.fit.Catalogue;
import org.yellowfit.core.fit.Question;
import org.yellowfit.core.fit.SiteConditions;
import org.yellowfit.core.fit.SiteReader;
import org.yellowfit.core.measure.InputReader;
import org.yellowfit.core.measure.Problem;
import org.yellowfit.core.measure.UnitSystem;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.palette.Aims;
import org.yellowfit.core.palette.Judged;
import org.yellowfit.core.palette.Palettes;
import org.yellowfit.core.palette.Planted;
import org.yellowfit.core.palette.Plot;
import org.yellowfit.core.palette.Quality;
import org.yellowfit.core.palette.Suggestion;
import org.yellowfit.core.plant.Policy;
import org.yellowfit.core.serve.Wants;

/** Plantings judged and suggested (rules G8 and G9). */
@RestController
@RequestMapping(value = "/api/v1/palette", consumes = MediaType.ALL_VALUE, produces = MediaType.APPLICATION_JSON_VALUE)
class PaletteApi {

    private static final int MOST_PATCHES = 20;
    private static final int MOST_PLANTS = 200;
    private static final int MOST_OF_A_KIND = 10_000;
    private static final double LARGEST_M2 = 10_000;
    private static final double LONGEST_SECONDS = 60;
    private static final double USUAL_SECONDS = 2;

    record BreakJson(String rule, String text, List<String> ids) {}

    record MonthJson(int month, List<String> shows, List<String> flowers) {}

    record StandJson(
            String id,
            String patch,
            String layer,
            int count,
            double areaM2,

            @com.fasterxml.jackson.annotation.JsonProperty("for")
            String reason,

            double without) {}

    record JudgedJson(
            double score,
            Map<String, Double> parts,
            Map<String, Double> weights,
            List<BreakJson> breaks,
            List<MonthJson> months,
            List<Integer> emptyMonths,
            double evergreenShare,
            double careMinutesYear,
            double cost,
            List<Judged.Pair> pairs,
            Map<String, List<String>> layers,
            List<StandJson> plants) {

        static JudgedJson of(Judged judged) {
            Map<String, Double> parts = new LinkedHashMap<>();
            Map<String, Double> weights = new LinkedHashMap<>();
            for (Quality part : Quality.values()) {
                parts.put(part.word(), judged.parts().get(part));
                weights.put(part.word(), part.weight());
            }
            Map<String, List<String>> layers = new LinkedHashMap<>();
            judged.layers().forEach((layer, ids) -> layers.put(Words.of(layer), ids));
            return new JudgedJson(
                    judged.score(),
                    parts,
                    weights,
                    judged.breaks().stream()
                            .map(each -> new BreakJson(
                                    each.rule(), Sentences.say(each.text(), UnitSystem.METRIC), each.ids()))
                            .toList(),
                    IntStream.rangeClosed(1, 12)
                            .mapToObj(month -> new MonthJson(
                                    month,
                                    judged.months().get(month - 1),
                                    judged.flowers().get(month - 1)))
                            .toList(),
                    judged.emptyMonths(),
                    judged.evergreenShare(),
                    judged.careMinutesYear(),
                    judged.cost(),
                    judged.pairs(),
                    layers,
                    judged.plants().stream().map(JudgedJson::stand).toList());
        }

        private static StandJson stand(Judged.Stand stand) {
            return new StandJson(
                    stand.plant().id(),
                    stand.patch(),
                    Words.of(stand.layer()),
                    stand.count(),
                    stand.areaM2(),
                    Sentences.say(stand.reason(), UnitSystem.METRIC),
                    stand.without());
        }
    }

    record NothingJson(String why, List<String> giveUp) {}

    record SuggestedJson(
            JudgedJson best,
            List<JudgedJson> others,
            double bound,
            double gap,
            boolean proved,
            long tookMillis,
            NothingJson nothing) {}

    private final CatalogueStore store;
    private final Json json;

    PaletteApi(CatalogueStore store, Json json) {
        this.store = store;
        this.json = json;
    }

    @Operation(
            summary = "How good plants are together, part by part, and what breaks",
            description = "patches (name, areaM2, depthM, site), plants (id, patch, count), aims, policy")
    @PostMapping("/judge")
    JudgedJson judge(@RequestBody(required = false) String body) {
        List<Problem> problems = new ArrayList<>();
        Request request = read(json.object(body), problems);
        if (request.plants().isEmpty() && problems.isEmpty()) {
            problems.add(new Problem("plants", "Name at least one plant."));
        }
        Json.refuse(problems);
        return JudgedJson.of(
                new Palettes(request.catalogue()).judge(request.grounds(), request.plants(), request.aims()));
    }

    @Operation(
            summary = "The best planting, and how near the best possible it is",
            description = "as judge, with seconds, from (ids to choose from) and keep (ids that stay); plants stay too")
    @PostMapping("/suggest")
    SuggestedJson suggest(@RequestBody(required = false) String body) {
        List<Problem> problems = new ArrayList<>();
        Request request = read(json.object(body), problems);
        Json.refuse(problems);
        long start = System.nanoTime();
        Suggestion suggestion = new Palettes(request.catalogue())
                .suggest(request.grounds(), request.aims(), request.from(), request.kept(), request.seconds());
        return new SuggestedJson(
                suggestion.best().map(JudgedJson::of).orElse(null),
                suggestion.others().stream().map(JudgedJson::of).toList(),
                suggestion.bound(),
                suggestion.gap(),
                suggestion.proved(),
                (System.nanoTime() - start) / 1_000_000,
                suggestion.best().isPresent()
                        ? null
                        : new NothingJson(
                                Sentences.say(suggestion.why(), UnitSystem.METRIC),
                                Sentences.each(suggestion.giveUp(), UnitSystem.METRIC)));
    }

    private record Request(
            Catalogue catalogue,
            List<Plot> grounds,
            List<Planted> plants,
            List<String> keep,
            Set<String> from,
            Aims aims,
            double seconds) {

        /** What stays: the plants named, and those of {@code keep} wherever they serve best. */
        List<Planted> kept() {
            List<Planted> kept = new ArrayList<>();
            plants.forEach(each -> kept.add(new Planted(each.id(), each.patch(), null)));
            keep.stream()
                    .filter(id -> plants.stream().noneMatch(each -> each.id().equals(id)))
                    .forEach(id -> kept.add(new Planted(id, "", null)));
            return kept;
        }
    }

    private Request read(Map<String, Object> body, List<Problem> problems) {
        Policy policy = SiteReader.policy(body.get("policy"), problems);
        Catalogue catalogue = store.catalogue(policy);
        Map<String, Object> said = Json.member(body, "aims", problems);
        Wants wants = SiteReader.wants(Json.member(said, "wants", problems), "aims.wants.", problems);
        Aims aims = Aims.read(new InputReader(said, "aims.", problems));
        InputReader in = new InputReader(body, "", problems);
        List<Plot> grounds =
                in.items("patches", MOST_PATCHES, (given, from, field) -> ground(given, from, field, wants, policy));
        if ((grounds == null || grounds.isEmpty()) && problems.isEmpty()) {
            problems.add(new Problem("patches", "Name at least one patch with its areaM2."));
        }
        Set<String> names = new HashSet<>();
        for (Plot ground : grounds == null ? List.<Plot>of() : grounds) {
            if (!names.add(ground.name())) {
                problems.add(new Problem("patches", "Two patches are named “%s”.", ground.name()));
            }
        }
        List<Planted> plants =
                in.items("plants", MOST_PLANTS, (given, from, field) -> planted(given, from, field, catalogue, names));
        List<String> from = in.list("from", id -> known(id, catalogue));
        List<String> keep = in.list("keep", id -> known(id, catalogue));
        Double seconds = in.number("seconds", 0.05, LONGEST_SECONDS, "seconds");
        return new Request(
                catalogue,
                grounds == null ? List.of() : grounds,
                plants == null ? List.of() : plants,
                keep == null ? List.of() : keep,
                from == null ? Set.of() : Set.copyOf(from),
                aims,
                seconds == null ? USUAL_SECONDS : seconds);
    }

    private static Plot ground(Object given, InputReader from, String field, Wants wants, Policy policy) {
        if (!(given instanceof Map<?, ?>)) {
            from.problem(field, "A patch is expected, like {\"name\": \"A\", \"areaM2\": 12}.");
            return null;
        }
        @SuppressWarnings("unchecked") // the keys of an object are text
        Map<String, Object> values = (Map<String, Object>) given;
        InputReader in = from.within(field, values);
        int before = in.problems().size();
        String name = in.text("name", text -> text);
        Double area = in.number("areaM2", 0.01, LARGEST_M2, "m²");
        if (area == null && in.problems().size() == before) {
            in.problem("areaM2", "Say how many m² are to be planted.");
        }
        Double depth = in.number("depthM", 0.05, LARGEST_M2, "m");
        SiteConditions site =
                SiteReader.site(Json.member(values, "site", in.problems()), field + ".site.", in.problems());
        if (area == null || in.problems().size() > before) {
            return null;
        }
        Question question = new Question(site, wants, policy);
        return new Plot(name == null ? "" : name, area, depth, question, site.growingPlace());
    }

    private static Planted planted(
            Object given, InputReader from, String field, Catalogue catalogue, Set<String> patches) {
        if (!(given instanceof Map<?, ?>)) {
            from.problem(field, "A plant is expected, like {\"id\": \"…\", \"patch\": \"A\", \"count\": 5}.");
            return null;
        }
        @SuppressWarnings("unchecked") // the keys of an object are text
        Map<String, Object> values = (Map<String, Object>) given;
        InputReader in = from.within(field, values);
        int before = in.problems().size();
        String id = in.text("id", text -> known(text, catalogue));
        String patch = in.text("patch", text -> text);
        Double count = in.number("count", 1, MOST_OF_A_KIND, "plants");
        if (count != null && count != Math.rint(count)) {
            in.problem("count", "The count must be a whole number.");
        }
        if (patch != null && !patches.contains(patch) && in.problems().size() == before) {
            in.problem("patch", "There is no patch “%s”.", Words.shorten(patch));
        }
        if (id == null && in.problems().size() == before) {
            in.problem("id", "Name the plant by its id.");
        }
        return in.problems().size() > before
                ? null
                : new Planted(id, patch == null ? "" : patch, count == null ? null : count.intValue());
    }

    private static String known(String id, Catalogue catalogue) {
        if (catalogue.find(id).isEmpty()) {
            throw new org.yellowfit.core.measure.Refused("The catalogue has no cultivar with the id “%s”.", id);
        }
        return id;
    }
}
