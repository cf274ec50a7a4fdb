package org.yellowfit.app.plants;

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
import org.yellowfit.app.drawing.Backdrop;
import org.yellowfit.app.drawing.PlantDrawing;
import org.yellowfit.app.visit.GrowingPlaces;
import org.yellowfit.app.visit.Visit;
import org.yellowfit.app.visit.Visits;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.fit.Question;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.plant.Cultivar;

/** Two to six plants at one scale, age and month. The address holds all of it, so that it can be opened again. */
@Controller
class SideBySideController {

    static final List<Integer> AGES = List.of(1, 3, 5, 10, 20);
    private static final List<Integer> MONTHS = List.of(1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12);

    private final GrowingPlaces growingPlaces;
    private final Visits visits;
    private final CatalogueStore store;
    private final SideBySidePages pages;

    SideBySideController(Visits visits, CatalogueStore store, SideBySidePages pages, GrowingPlaces growingPlaces) {
        this.growingPlaces = growingPlaces;
        this.visits = visits;
        this.store = store;
        this.pages = pages;
    }

    @GetMapping("/visits/{id}/side-by-side")
    String show(
            @PathVariable UUID id,
            @RequestParam(defaultValue = "10") String age,
            @RequestParam(defaultValue = "0") String month,
            @RequestParam(defaultValue = "") String behind,
            @RequestParam(defaultValue = "") List<String> ids,
            Model model) {
        Visit visit = visits.open(id);
        int years = oneOf(age, AGES, 10);
        List<Cultivar> plants = (ids.isEmpty() ? visit.chosen() : ids)
                .stream()
                        .distinct()
                        .limit(Visit.MOST_CHOSEN)
                        .map(store::find)
                        .flatMap(Optional::stream)
                        .toList();
        Question question = visit.question();
        int shownMonth = oneOf(
                month, MONTHS, plants.isEmpty() ? 7 : PlantDrawing.bestMonth(plants.get(0), growingPlaces.of(visit)));
        Backdrop.Material kind = Arrays.stream(Backdrop.Material.values())
                .filter(each -> Words.of(each).equals(behind))
                .findFirst()
                .orElseGet(() -> pages.usualBackdrop(visit));
        model.addAttribute("visit", visit);
        model.addAttribute("ages", AGES);
        model.addAttribute("age", years);
        model.addAttribute("month", shownMonth);
        model.addAttribute(
                "months",
                Arrays.stream(java.time.Month.values())
                        .map(Sentences::shortMonth)
                        .toList());
        model.addAttribute("behinds", Backdrop.Material.values());
        model.addAttribute("behind", Words.of(kind));
        model.addAttribute(
                "limit",
                question.site().room().maxHeightM() == null
                        ? null
                        : visit.units().length(question.site().room().maxHeightM()));
        model.addAttribute(
                "ids", String.join(",", plants.stream().map(Cultivar::id).toList()));
        model.addAttribute("page", plants.isEmpty() ? null : pages.of(plants, visit, years, shownMonth, kind));
        return "plants/side-by-side";
    }

    /** A number of a closed list; anything else, typed into the address by hand, counts as the usual one. */
    private static int oneOf(String text, List<Integer> allowed, int usual) {
        return allowed.stream()
                .filter(value -> text.equals(String.valueOf(value)))
                .findFirst()
                .orElse(usual);
    }
}
