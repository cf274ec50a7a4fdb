package org.yellowfit.app.catalogue;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.yellowfit.app.drawing.Detail;
import org.yellowfit.app.drawing.PlantDrawing;
import org.yellowfit.app.drawing.YearStrip;
import org.yellowfit.app.web.NotFound;
import org.yellowfit.core.care.CareSentence;
import org.yellowfit.core.growth.PlantGrowth;
import org.yellowfit.core.measure.UnitSystem;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Kind;
import org.yellowfit.core.plant.Traits;

@Controller
class CatalogueController {

    private static final int PER_PAGE = 24;
    private static final int PROBLEMS_SHOWN = 200;

    record Tile(String id, String botanical, String cultivar, String common, String sketch, String size, String zone) {
    }

    record Age(int years, String height, String spread) {
    }

    record Fact(String name, String value) {
    }

    private final CatalogueStore store;
    private final CatalogueImport catalogueImport;

    CatalogueController(CatalogueStore store, CatalogueImport catalogueImport) {
        this.store = store;
        this.catalogueImport = catalogueImport;
    }

    @GetMapping("/catalogue")
    String list(@RequestParam(defaultValue = "") String kind, @RequestParam(defaultValue = "") String name, @RequestParam(defaultValue = "1") String page, Model model) {
        List<Cultivar> found = store.catalogue().all().stream().filter(plant -> kind.isEmpty() || Words.of(plant.kind()).equals(kind))
                .filter(plant -> matches(plant, name)).toList();
        int pages = Math.max(1, (found.size() + PER_PAGE - 1) / PER_PAGE);
        int at = page.matches("\\d{1,6}") ? Math.max(1, Math.min(pages, Integer.parseInt(page))) : 1;
        model.addAttribute("kinds", Arrays.stream(Kind.values()).map(Words::of).toList());
        model.addAttribute("kind", kind);
        model.addAttribute("name", name);
        model.addAttribute("count", found.size());
        model.addAttribute("page", at);
        model.addAttribute("pages", pages);
        model.addAttribute("tiles", found.stream().skip((long) (at - 1) * PER_PAGE).limit(PER_PAGE).map(CatalogueController::tile).toList());
        return "catalogue/catalogue";
    }

    @GetMapping("/catalogue/{id}")
    String plant(@PathVariable String id, Model model) {
        Cultivar plant = store.find(id).orElseThrow(() -> new NotFound("The catalogue has no plant with the id “" + id + "”."));
        int best = PlantDrawing.bestMonth(plant, Optional.empty());
        model.addAttribute("tile", tile(plant));
        model.addAttribute("portrait", PlantDrawing.portrait(plant, Optional.empty(), 10, best, Detail.RICH));
        model.addAttribute("year", YearStrip.svg(plant, Optional.empty(), best));
        model.addAttribute("ages", List.of(1, 3, 5, 10, 20).stream().map(years -> age(plant, years)).toList());
        model.addAttribute("care", CareSentence.of(plant));
        model.addAttribute("tellApart", plant.get(Traits.TELL_APART).orElse(""));
        model.addAttribute("like", plant.get(Traits.LIKE).orElse(List.of()).stream().map(store::find).flatMap(Optional::stream).map(CatalogueController::tile).toList());
        model.addAttribute("facts", Traits.ALL.stream().filter(trait -> plant.write(trait).isPresent() && trait != Traits.LIKE && trait != Traits.ID)
                .map(trait -> new Fact(TraitWords.name(trait), TraitWords.value(trait, plant.write(trait).orElseThrow()))).toList());
        model.addAttribute("notes", plant.notes());
        return "catalogue/plant";
    }

    @PostMapping("/catalogue/import")
    String read(@RequestParam MultipartFile file, @RequestParam(defaultValue = "false") boolean dryRun,
                @RequestParam(defaultValue = "false") boolean keepGood, Model model, HttpServletResponse response) throws IOException {
        if (file.isEmpty()) {
            response.setStatus(422);
            model.addAttribute("noFile", true);
            return list("", "", "1", model);
        }
        ImportReport report = catalogueImport.read(file.getInputStream(), dryRun, keepGood);
        if (report.isRefused()) {
            response.setStatus(422);
        }
        model.addAttribute("report", report);
        model.addAttribute("problems", report.problems().stream().limit(PROBLEMS_SHOWN).toList());
        model.addAttribute("dryRun", dryRun);
        model.addAttribute("fileName", file.getOriginalFilename());
        return list("", "", "1", model);
    }

    @GetMapping("/catalogue/catalogue.csv")
    void csv(HttpServletResponse response) throws IOException {
        catalogueImport.download(response);
    }

    private static boolean matches(Cultivar plant, String name) {
        String all = (plant.name() + " " + plant.get(Traits.COMMON).orElse("")).toLowerCase(Locale.ROOT);
        return name.isBlank() || all.contains(name.strip().toLowerCase(Locale.ROOT));
    }

    private static Tile tile(Cultivar plant) {
        UnitSystem units = UnitSystem.METRIC;
        int best = PlantDrawing.bestMonth(plant, Optional.empty());
        PlantGrowth growth = PlantGrowth.of(plant);
        return new Tile(plant.id(), plant.botanical(), plant.get(Traits.CULTIVAR).orElse(""), plant.get(Traits.COMMON).orElse(""),
                PlantDrawing.portrait(plant, Optional.empty(), 10, best, Detail.SMALL),
                units.length(growth.heightInFlower(10).mid()) + " × " + units.length(growth.spread(10).mid()),
                plant.write(Traits.ZONE_MIN).orElse("?") + plant.write(Traits.ZONE_MAX).map(max -> "–" + max).orElse(""));
    }

    private static Age age(Cultivar plant, int years) {
        PlantGrowth growth = PlantGrowth.of(plant);
        return new Age(years, UnitSystem.METRIC.length(growth.heightInFlower(years).mid()), UnitSystem.METRIC.length(growth.spread(years).mid()));
    }
}
