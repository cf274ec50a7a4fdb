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
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.colour.Colour;
import org.yellowfit.core.fit.Fit;
import org.yellowfit.core.fit.Question;
import org.yellowfit.core.fit.Scope;
import org.yellowfit.core.fit.Substitutes;
import org.yellowfit.core.growth.Grown;
import org.yellowfit.core.growth.PlantGrowth;
import org.yellowfit.core.measure.InputReader;
import org.yellowfit.core.measure.Numbers;
import org.yellowfit.core.measure.Problem;
import org.yellowfit.core.measure.Refused;
import org.yellowfit.core.measure.UnitSystem;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.pair.TraitRow;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.season.DayLook;
import org.yellowfit.core.season.PlantYear;
import org.yellowfit.core.takeoff.Count;
import org.yellowfit.core.takeoff.PlantingSpace;
import org.yellowfit.core.takeoff.School;
import org.yellowfit.core.takeoff.Spacing;

/** Calls about named plants: compared, replaced, grown on and counted. */
@RestController
@RequestMapping(value = "/api/v1", consumes = MediaType.ALL_VALUE, produces = MediaType.APPLICATION_JSON_VALUE)
class PlantsApi {

    private static final int MOST_COMPARED = 12;
    private static final List<Double> USUAL_YEARS = List.of(1.0, 3.0, 5.0, 10.0, 20.0);

    record SizeJson(double year, Grown height, Grown heightInFlower, Grown spread) {}

    record GrowthJson(String id, List<SizeJson> years, boolean cutBack, Double soldAtM) {}

    record SpacingJson(String id, String school, double spacingM, int count, Integer closedYear) {}

    record SubstituteJson(
            String id,
            String name,
            double likeness,
            List<String> same,
            List<String> better,
            List<String> worse,
            String fits,
            String needs,
            Map<String, Double> weights) {}

    record MonthJson(
            int month,
            String standing,
            List<String> leaves,
            double leafShare,
            String flower,
            double flowerShare,
            String fruit,
            String stem) {

        static List<MonthJson> ofYear(PlantYear year) {
            return IntStream.rangeClosed(1, 12)
                    .mapToObj(month -> of(month, year.month(month)))
                    .toList();
        }

        private static MonthJson of(int month, DayLook look) {
            return new MonthJson(
                    month,
                    Words.of(look.standing()),
                    look.leaves().stream().map(Colour::text).toList(),
                    FitApi.rounded(look.leafShare()),
                    look.flower().map(Colour::text).orElse(null),
                    FitApi.rounded(look.flowerShare()),
                    look.fruit().map(Colour::text).orElse(null),
                    look.stem().map(Colour::text).orElse(null));
        }
    }

    record ComparedJson(
            String id,
            String name,
            String tellApart,
            List<SizeJson> sizes,
            List<MonthJson> months,
            FitApi.CandidateJson fit) {}

    record CompareJson(List<Map<String, Object>> differ, List<Map<String, Object>> agree, List<ComparedJson> plants) {}

    private final CatalogueStore store;
    private final Json json;

    PlantsApi(CatalogueStore store, Json json) {
        this.store = store;
        this.json = json;
    }

    @Operation(
            summary = "Size by age",
            description =
                    "id, years (numbers), potHeightM, sunHours, cutBack; soldAtM where a larger one was asked for.")
    @PostMapping("/growth")
    GrowthJson growth(@RequestBody(required = false) String body) {
        Map<String, Object> request = json.object(body);
        List<Problem> problems = new ArrayList<>();
        InputReader in = new InputReader(request, "", problems);
        Cultivar plant = PlantsRead.named(in, store);
        List<Double> years = years(in);
        Double pot = in.number("potHeightM", 0.01, 20, "m");
        Double sun = in.number("sunHours", 0, 24, "hours");
        Boolean cut = in.yesNo("cutBack");
        Json.refuse(problems);
        PlantGrowth free = PlantGrowth.of(plant).inSunOf(sun);
        PlantGrowth bought = pot == null ? free : free.fromPot(pot);
        PlantGrowth growth = Boolean.TRUE.equals(cut) ? bought.cutBackYearly() : bought;
        Double soldAt = pot != null && bought.boughtAtM() < pot ? FitApi.rounded(bought.boughtAtM()) : null;
        return new GrowthJson(plant.id(), sizes(growth, years), growth.isCutBack(), soldAt);
    }

    @Operation(
            summary = "Spacing on centre, count, and the year the ground closes",
            description =
                    "areaM2 or lengthM, ids, school (mature, quick-cover), closeByYear; each plant is counted as if it filled the ground alone.")
    @PostMapping("/spacing")
    List<SpacingJson> spacing(@RequestBody(required = false) String body) {
        Map<String, Object> request = json.object(body);
        List<Problem> problems = new ArrayList<>();
        InputReader in = new InputReader(request, "", problems);
        List<Cultivar> plants = plants(in, 1, problems);
        PlantingSpace ground = ground(in, problems);
        School school = in.text("school", PlantsApi::school);
        Double closeBy = in.number("closeByYear", 1, Count.LONGEST_YEARS, "years");
        Json.refuse(problems);
        School used = school == null ? School.MATURE : school;
        int year = closeBy == null ? Spacing.USUAL_CLOSE_BY_YEAR : (int) Math.round(closeBy);
        return plants.stream()
                .map(plant -> spaced(plant, Spacing.count(plant, ground, used, year)))
                .toList();
    }

    private static SpacingJson spaced(Cultivar plant, Count count) {
        Integer closed = count.yearClosed().isPresent() ? count.yearClosed().getAsInt() : null;
        return new SpacingJson(
                plant.id(), Words.of(count.school()), FitApi.rounded(count.onCentreM()), count.plants(), closed);
    }

    @Operation(
            summary = "Plants that do the same job",
            description = "id, site, limit; those that do not fit the site are left out.")
    @PostMapping("/substitutes")
    List<SubstituteJson> substitutes(@RequestBody(required = false) String body) {
        Map<String, Object> request = json.object(body);
        List<Problem> problems = new ArrayList<>();
        InputReader in = new InputReader(request, "", problems);
        Cultivar plant = PlantsRead.named(in, store);
        Question question = FitApi.question(request, problems);
        Integer limit = FitApi.limit(in);
        Json.refuse(problems);
        Map<String, Double> weights = new LinkedHashMap<>();
        Substitutes.weights(question).forEach((aspect, weight) -> weights.put(aspect.words(), weight));
        return Substitutes.of(
                        store.catalogue(question.policy()),
                        plant,
                        question,
                        request.get("site") != null,
                        limit == null ? 5 : limit)
                .stream()
                .map(offer -> new SubstituteJson(
                        offer.plant().id(),
                        offer.plant().name(),
                        FitApi.rounded(offer.said().likeness()),
                        offer.said().same(),
                        offer.said().better(),
                        offer.said().worse(),
                        offer.fits() == Substitutes.Fits.UNJUDGED ? null : Words.of(offer.fits()),
                        offer.needs().isEmpty() ? null : Sentences.say(offer.needs(), UnitSystem.METRIC),
                        weights))
                .toList();
    }

    @Operation(summary = "Plants beside one another", description = "site, ids, years")
    @PostMapping("/compare")
    CompareJson compare(@RequestBody(required = false) String body) {
        Map<String, Object> request = json.object(body);
        List<Problem> problems = new ArrayList<>();
        InputReader in = new InputReader(request, "", problems);
        List<Cultivar> plants = plants(in, 2, problems);
        List<Double> years = years(in);
        Question question = FitApi.question(request, problems);
        Json.refuse(problems);
        List<TraitRow> rows = TraitRow.of(plants);
        return new CompareJson(
                rows.stream()
                        .filter(row -> !row.agrees())
                        .map(row -> row(row, plants))
                        .toList(),
                rows.stream()
                        .filter(TraitRow::agrees)
                        .map(row -> row(row, plants))
                        .toList(),
                plants.stream().map(plant -> compared(plant, years, question)).toList());
    }

    private ComparedJson compared(Cultivar plant, List<Double> years, Question question) {
        var candidate = new Fit(store.catalogue(question.policy()))
                .rank(question, Scope.only(List.of(plant.id())))
                .candidates()
                .get(0);
        return new ComparedJson(
                plant.id(),
                plant.name(),
                plant.get(Traits.TELL_APART).orElse(null),
                sizes(PlantGrowth.of(plant).inSunOf(question.site().light().sunHours()), years),
                MonthJson.ofYear(PlantYear.of(plant, question.site().growingPlace())),
                FitApi.CandidateJson.of(candidate));
    }

    private static Map<String, Object> row(TraitRow row, List<Cultivar> plants) {
        Map<String, Object> values = new LinkedHashMap<>();
        values.put("trait", row.trait().name());
        Map<String, String> byId = new LinkedHashMap<>();
        for (int i = 0; i < plants.size(); i++) {
            byId.put(
                    plants.get(i).id(),
                    row.values().get(i).isEmpty() ? null : row.values().get(i));
        }
        values.put("values", byId);
        return values;
    }

    private static List<SizeJson> sizes(PlantGrowth growth, List<Double> years) {
        return years.stream()
                .map(year -> new SizeJson(
                        year,
                        rounded(growth.height(year)),
                        rounded(growth.heightInFlower(year)),
                        rounded(growth.spread(year))))
                .toList();
    }

    private static Grown rounded(Grown grown) {
        return new Grown(FitApi.rounded(grown.low()), FitApi.rounded(grown.mid()), FitApi.rounded(grown.high()));
    }

    private List<Cultivar> plants(InputReader in, int least, List<Problem> problems) {
        List<Cultivar> plants = in.list(
                "ids",
                id -> store.find(id)
                        .orElseThrow(() ->
                                new Refused("The catalogue has no cultivar with the id “%s”.", Words.shorten(id))));
        if (problems.isEmpty() && (plants == null || plants.size() < least || plants.size() > MOST_COMPARED)) {
            problems.add(new Problem("ids", "Between %s and %s ids are needed.", least, MOST_COMPARED));
        }
        return plants;
    }

    private static PlantingSpace ground(InputReader in, List<Problem> problems) {
        Double area = in.number("areaM2", 0.0001, 1_000_000, "m²");
        Double length = in.number("lengthM", 0.0001, 1_000_000, "m");
        if (area == null && length == null && problems.isEmpty()) {
            problems.add(new Problem("areaM2", "Either areaM2 or lengthM is needed."));
        }
        if (area != null) {
            return new PlantingSpace.Area(area);
        }
        return length == null ? null : new PlantingSpace.Row(length, false);
    }

    private static School school(String text) {
        return text.equals("quick") ? School.QUICK_COVER : Words.parse(School.class, text);
    }

    private static List<Double> years(InputReader in) {
        List<Double> years = in.list("years", text -> {
            double year = Numbers.parse(text);
            if (!(year >= 0 && year <= 200)) {
                throw new Refused("A year must lie between 0 and 200.");
            }
            return year;
        });
        return years == null || years.isEmpty() ? USUAL_YEARS : years;
    }
}
