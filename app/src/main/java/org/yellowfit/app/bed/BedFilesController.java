package org.yellowfit.app.bed;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import org.yellowfit.app.catalogue.CatalogueStore;
import org.yellowfit.app.people.SignedIn;
import org.yellowfit.app.visit.Visit;
import org.yellowfit.app.visit.Visits;
import org.yellowfit.app.web.Download;
import org.yellowfit.app.web.JsonBody;
import org.yellowfit.app.words.Refusals;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.measure.InvalidInput;
import tools.jackson.databind.json.JsonMapper;

/** The bed set out on paper, and as files of open formats, out and in. */
@Controller
class BedFilesController {

    private final Visits visits;
    private final Beds beds;
    private final BedPages pages;
    private final CatalogueStore store;
    private final JsonMapper json;

    BedFilesController(Visits visits, Beds beds, BedPages pages, CatalogueStore store, JsonMapper json) {
        this.visits = visits;
        this.beds = beds;
        this.pages = pages;
        this.store = store;
        this.json = json;
    }

    @GetMapping("/visits/{id}/bed/set-out")
    String setOut(@PathVariable UUID id, @AuthenticationPrincipal SignedIn me, Model model) {
        Visit visit = visits.open(id);
        model.addAttribute("visit", visit);
        model.addAttribute(
                "sheets", sheets(visit, me).stream().map(SetOut::sheet).toList());
        return "bed/set-out";
    }

    private List<SetOut> sheets(Visit visit, SignedIn me) {
        return pages.sheets(visit, pages.site(visit), me.username());
    }

    /** The first bed that is planted. */
    @GetMapping("/visits/{id}/bed.svg")
    ResponseEntity<String> svg(@PathVariable UUID id, @AuthenticationPrincipal SignedIn me) {
        return sheets(visits.open(id), me).stream()
                .findFirst()
                .map(sheet ->
                        Download.of("bed.svg", MediaType.parseMediaType("image/svg+xml;charset=UTF-8"), sheet.svg()))
                .orElseGet(() -> ResponseEntity.noContent().build());
    }

    @GetMapping("/visits/{id}/bed.geojson")
    ResponseEntity<String> geoJson(@PathVariable UUID id, @AuthenticationPrincipal SignedIn me) {
        Visit visit = visits.open(id);
        return Download.geoJson(
                "bed.geojson",
                json.writerWithDefaultPrettyPrinter()
                        .writeValueAsString(BedFiles.write(pages.site(visit), sheets(visit, me))));
    }

    /** The plants of a file in the place of those there are; undone like any other step. */
    @PostMapping("/visits/{id}/bed.geojson")
    String bringIn(
            @PathVariable UUID id,
            @RequestParam MultipartFile file,
            @AuthenticationPrincipal SignedIn me,
            RedirectAttributes flash)
            throws IOException {
        Visit visit = visits.open(id);
        try {
            List<BedPlant> read = BedFiles.read(
                    JsonBody.of(
                            json,
                            new String(file.getBytes(), StandardCharsets.UTF_8),
                            "The file could not be read as GeoJSON."),
                    plant -> store.find(plant).isPresent());
            beds.change(
                    visit.id(),
                    now -> {
                        List<BedChange> changes = new ArrayList<>();
                        now.values().forEach(each -> changes.add(new BedChange(each.uid(), each, null)));
                        read.forEach(each -> changes.add(new BedChange(each.uid(), null, each)));
                        return changes;
                    },
                    me.username());
            flash.addFlashAttribute("told", List.of(Sentences.say("told.bed.brought-in", read.size())));
        } catch (InvalidInput e) {
            flash.addFlashAttribute(
                    "told", e.problems().stream().limit(5).map(Refusals::say).toList());
        }
        return "redirect:/visits/" + id + "/bed";
    }
}
