package org.yellowfit.app.bench;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.yellowfit.app.catalogue.CatalogueStore;
import org.yellowfit.app.catalogue.TraitWords;
import org.yellowfit.app.drawing.Detail;
import org.yellowfit.app.drawing.PlantDrawing;
import org.yellowfit.app.drawing.PlantSketch;
import org.yellowfit.app.drawing.ScaleScene;
import org.yellowfit.app.drawing.YearStrip;
import org.yellowfit.app.visit.Visit;
import org.yellowfit.app.visit.Visits;
import org.yellowfit.app.web.NotFound;
import org.yellowfit.core.compare.TraitRow;
import org.yellowfit.core.fit.Candidate;
import org.yellowfit.core.fit.Fit;
import org.yellowfit.core.fit.Question;
import org.yellowfit.core.fit.Scope;
import org.yellowfit.core.growth.PlantGrowth;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Traits;

@Controller
class SideBySideController {

    static final List<Integer> AGES = List.of(1, 3, 5, 10, 20);
    private static final double PLACE_WIDTH_PX = 1090;
    private static final double PLACE_HEIGHT_PX = 330;

    record Column(String id, String botanical, String cultivar, String common, String scene, String strip, String size, String verdict,
                  String why, String tellApart, String price) {
    }

    record Row(String trait, List<String> values) {
    }

    private final Visits visits;
    private final CatalogueStore store;

    SideBySideController(Visits visits, CatalogueStore store) {
        this.visits = visits;
        this.store = store;
    }

    @GetMapping("/visits/{id}/side-by-side")
    String show(@PathVariable UUID id, @RequestParam(defaultValue = "10") String age, @RequestParam(defaultValue = "0") String month, Model model) {
        Visit visit = visits.find(id).orElseThrow(() -> new NotFound("There is no such visit; it may have been erased."));
        int years = oneOf(age, AGES, 10);
        List<Cultivar> plants = visit.chosen().stream().map(store::find).flatMap(Optional::stream).toList();
        Question question = visit.question();
        int shownMonth = oneOf(month, List.of(1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12), plants.isEmpty() ? 7 : PlantDrawing.bestMonth(plants.get(0), zone(question)));
        model.addAttribute("visit", visit);
        model.addAttribute("ages", AGES);
        model.addAttribute("age", years);
        model.addAttribute("month", shownMonth);
        model.addAttribute("months", months());
        model.addAttribute("limit", question.site().maxHeightM() == null ? null : question.length(question.site().maxHeightM()));
        if (!plants.isEmpty()) {
            fill(model, plants, question, years, shownMonth);
        }
        return "bench/side-by-side";
    }

    private void fill(Model model, List<Cultivar> plants, Question question, int years, int month) {
        List<PlantSketch> sketches = plants.stream().map(plant -> PlantDrawing.sketch(plant, zone(question), years, month, Detail.RICH)).toList();
        ScaleScene scene = new ScaleScene(sketches, PLACE_WIDTH_PX / plants.size() / PLACE_HEIGHT_PX, question.units(), question.site().maxHeightM());
        List<String> drawn = scene.plants();
        List<Candidate> judged = new Fit(store.catalogue(question.policy())).rank(question, Scope.only(plants.stream().map(Cultivar::id).toList())).candidates();
        List<Column> columns = new ArrayList<>();
        for (int i = 0; i < plants.size(); i++) {
            Cultivar plant = plants.get(i);
            Candidate candidate = judged.stream().filter(c -> c.plant().id().equals(plant.id())).findFirst().orElseThrow();
            columns.add(column(plant, drawn.get(i), candidate, question, years, month));
        }
        List<TraitRow> rows = TraitRow.of(plants);
        model.addAttribute("person", scene.person());
        model.addAttribute("columns", columns);
        model.addAttribute("differ", rows.stream().filter(row -> !row.agrees()).map(SideBySideController::row).toList());
        model.addAttribute("agree", rows.stream().filter(TraitRow::agrees).map(SideBySideController::row).toList());
    }

    private static Column column(Cultivar plant, String drawn, Candidate candidate, Question question, int years, int month) {
        PlantGrowth growth = PlantGrowth.of(plant);
        String size = question.length(growth.heightInFlower(years).mid()) + " high, " + question.length(growth.spread(years).mid()) + " wide";
        return new Column(plant.id(), plant.botanical(), plant.get(Traits.CULTIVAR).orElse(""), plant.get(Traits.COMMON).orElse(""), drawn,
                YearStrip.svg(plant, zone(question), month), size, Words.of(candidate.verdict()),
                candidate.limitingJudgement().map(judgement -> judgement.why()).orElse(""), plant.get(Traits.TELL_APART).orElse(""),
                plant.get(Traits.SIZES_SOLD).map(sold -> sold.get(0).pot() + " " + sold.get(0).price()).orElse("not priced"));
    }

    private static Row row(TraitRow row) {
        return new Row(TraitWords.name(row.trait()), row.values().stream().map(value -> TraitWords.value(row.trait(), value)).toList());
    }

    private static Optional<org.yellowfit.core.climate.HardinessZone> zone(Question question) {
        return Optional.ofNullable(question.site().zone());
    }

    /** A number of a closed list; anything else, typed into the address by hand, counts as the usual one. */
    private static int oneOf(String text, List<Integer> allowed, int usual) {
        return allowed.stream().filter(value -> text.equals(String.valueOf(value))).findFirst().orElse(usual);
    }

    private static List<String> months() {
        return Arrays.stream(java.time.Month.values()).map(m -> m.getDisplayName(java.time.format.TextStyle.SHORT, java.util.Locale.ENGLISH)).toList();
    }
}
