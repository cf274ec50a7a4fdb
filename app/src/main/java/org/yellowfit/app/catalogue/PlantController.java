package org.yellowfit.app.catalogue;

import jakarta.servlet.http.HttpServletResponse;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import org.yellowfit.app.drawing.QrMark;
import org.yellowfit.app.drawing.YearStrip;
import org.yellowfit.app.people.SignedIn;
import org.yellowfit.app.shop.PublicAddress;
import org.yellowfit.app.shop.Shop;
import org.yellowfit.app.web.NotFound;
import org.yellowfit.app.words.Refusals;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.care.CareSummary;
import org.yellowfit.core.measure.Amount;
import org.yellowfit.core.measure.InvalidInput;
import org.yellowfit.core.measure.Problem;
import org.yellowfit.core.measure.UnitSystem;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.plant.Claim;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.SourceKind;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.season.GrowingPlace;

/** A plant's page, the changes made on it, and labels for the yard. */
@Controller
class PlantController {

    private static final int MOST_LABELS = 60;

    record Choice(String value, String name) {}

    record Label(PlantTile tile, String year, String care, String qr, String light) {}

    private final CatalogueStore store;
    private final TraitEditor editor;
    private final PlantPages pages;
    private final OpenPlaces places;
    private final Shop shop;
    private final PublicAddress address;
    private final Yard yard;
    private final OwnRecords records;

    PlantController(
            CatalogueStore store,
            TraitEditor editor,
            PlantPages pages,
            OpenPlaces places,
            Shop shop,
            PublicAddress address,
            Yard yard,
            OwnRecords records) {
        this.records = records;
        this.yard = yard;
        this.address = address;
        this.store = store;
        this.editor = editor;
        this.pages = pages;
        this.places = places;
        this.shop = shop;
    }

    @GetMapping("/catalogue/{id}")
    String show(
            @PathVariable String id,
            @RequestParam(required = false) UUID visit,
            @RequestParam(defaultValue = "") String sight,
            @RequestParam(defaultValue = "") String edit,
            Model model) {
        Map<String, String> typed = new LinkedHashMap<>();
        Traits.named(edit).filter(trait -> trait != Traits.ID).ifPresent(trait -> {
            String cell = store.label(id).flatMap(plant -> plant.write(trait)).orElse("");
            typed.putAll(Map.of("column", edit, "value", cell, "seen", cell));
        });
        return page(id, Optional.ofNullable(visit).flatMap(places::place), sight, typed, Map.of(), model);
    }

    @PostMapping("/catalogue/{id}/value")
    String value(
            @PathVariable String id,
            @RequestParam Map<String, String> typed,
            @AuthenticationPrincipal SignedIn me,
            Model model,
            HttpServletResponse response,
            RedirectAttributes flash) {
        return changed(
                id,
                typed,
                model,
                response,
                flash,
                () -> editor.setValue(
                        id,
                        typed.getOrDefault("column", ""),
                        typed.getOrDefault("value", ""),
                        typed.getOrDefault("seen", ""),
                        typed.getOrDefault("why", ""),
                        me.displayName()));
    }

    @PostMapping("/catalogue/{id}/claims")
    String claim(
            @PathVariable String id,
            @RequestParam Map<String, String> typed,
            @AuthenticationPrincipal SignedIn me,
            Model model,
            HttpServletResponse response,
            RedirectAttributes flash) {
        return changed(id, typed, model, response, flash, () -> {
            Map<String, String> cells = new LinkedHashMap<>(typed);
            cells.put("id", id);
            editor.addClaim(Claim.ofCells(cells), typed.getOrDefault("why", ""), me.displayName());
        });
    }

    @PostMapping("/catalogue/{id}/claims/{claim}/away")
    String away(
            @PathVariable String id,
            @PathVariable long claim,
            @AuthenticationPrincipal SignedIn me,
            RedirectAttributes flash) {
        editor.removeClaim(id, claim, Sentences.say("why.taken-out"), me.displayName());
        flash.addFlashAttribute("told", List.of(Sentences.say("told.source.out")));
        return "redirect:/catalogue/" + id;
    }

    @PostMapping("/catalogue/{id}/undo")
    String undo(@PathVariable String id, @AuthenticationPrincipal SignedIn me, RedirectAttributes flash) {
        String told;
        try {
            told = editor.undo(id, me.displayName())
                    .map(change -> Sentences.say("told.undone", change.by()))
                    .orElse(Sentences.say("told.undone.nothing"));
        } catch (InvalidInput e) {
            told = Refusals.say(e.problems().get(0));
        }
        flash.addFlashAttribute("told", List.of(told));
        return "redirect:/catalogue/" + id;
    }

    @GetMapping("/catalogue/labels")
    String labels(@RequestParam(defaultValue = "") String ids, Model model) {
        List<Cultivar> plants = Arrays.stream(ids.split(","))
                .distinct()
                .limit(MOST_LABELS)
                .map(store::find)
                .flatMap(Optional::stream)
                .toList();
        if (plants.isEmpty()) {
            throw new NotFound("None of these plants is in the catalogue.");
        }
        String base = address.of("");
        model.addAttribute(
                "labels",
                plants.stream()
                        .map(plant -> new Label(
                                PlantTile.of(plant, UnitSystem.METRIC),
                                YearStrip.svg(plant, GrowingPlace.ANYWHERE, 0),
                                Sentences.say(CareSummary.of(plant), UnitSystem.METRIC),
                                QrMark.svg(base + "/catalogue/" + plant.id()),
                                light(plant)))
                        .toList());
        model.addAttribute("shop", shop.name());
        return "catalogue/labels";
    }

    private static String light(Cultivar plant) {
        return plant.get(Traits.SUN_LIVE)
                .map(least -> Sentences.say(
                        "label.sun", Amount.hours(plant.get(Traits.SUN_FLOWER).orElse(least))))
                .orElse("");
    }

    /** Makes a change; what cannot be is told at its field with all that was typed. */
    private String changed(
            String id,
            Map<String, String> typed,
            Model model,
            HttpServletResponse response,
            RedirectAttributes flash,
            Runnable change) {
        try {
            change.run();
            flash.addFlashAttribute("told", List.of(Sentences.say("told.changed")));
            return "redirect:/catalogue/" + id;
        } catch (InvalidInput e) {
            response.setStatus(422);
            Map<String, String> problems = e.problems().stream()
                    .collect(Collectors.toMap(Problem::field, Problem::message, (a, b) -> a + " " + b));
            return page(id, Optional.empty(), "", typed, problems, model);
        }
    }

    private String page(
            String id,
            Optional<OpenPlaces.Place> visit,
            String sight,
            Map<String, String> typed,
            Map<String, String> problems,
            Model model) {
        Cultivar label = store.label(id)
                .orElseThrow(() -> new NotFound("The catalogue has no plant with the id “%s”.", Words.shorten(id)));
        model.addAttribute("p", pages.of(label, visit));
        model.addAttribute("shelves", yard.shelves(label.id()));
        model.addAttribute(
                "ownRecords",
                records.told(label.id(), visit.map(OpenPlaces.Place::units).orElse(UnitSystem.METRIC)));
        model.addAttribute("sight", CatalogueController.sight(sight));
        model.addAttribute("typed", typed);
        model.addAttribute("problems", problems);
        model.addAttribute(
                "editing",
                typed.containsKey("seen")
                        ? Traits.named(typed.getOrDefault("column", ""))
                                .map(TraitWords::name)
                                .orElse("")
                        : "");
        model.addAttribute(
                "columns",
                Traits.ALL.stream()
                        .filter(trait -> trait != Traits.ID)
                        .map(trait -> new Choice(trait.name(), TraitWords.name(trait)))
                        .toList());
        model.addAttribute(
                "kinds",
                Arrays.stream(SourceKind.values())
                        .filter(SourceKind::isSaid)
                        .map(kind -> new Choice(Words.of(kind), Sentences.label(kind)))
                        .toList());
        return "catalogue/plant";
    }
}
