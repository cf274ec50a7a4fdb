package org.yellowfit.app.records;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
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
import org.yellowfit.app.catalogue.SmallFile;
import org.yellowfit.app.people.SignedIn;
import org.yellowfit.app.web.Download;
import org.yellowfit.app.web.NotFound;
import org.yellowfit.app.words.Refusals;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.measure.InputReader;
import org.yellowfit.core.measure.Problem;
import org.yellowfit.core.measure.UnitSystem;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.plant.Cultivar;

/** Records: by plant and by place, noted in the yard in a few seconds, in and out as a file. */
@Controller
class RecordsController {

    private final Records records;
    private final RecordPages pages;
    private final RecordFile file;
    private final Doubts doubts;
    private final CatalogueStore catalogue;

    RecordsController(Records records, RecordPages pages, RecordFile file, Doubts doubts, CatalogueStore catalogue) {
        this.doubts = doubts;
        this.records = records;
        this.pages = pages;
        this.file = file;
        this.catalogue = catalogue;
    }

    @GetMapping("/records")
    String show(Model model) {
        model.addAttribute("plants", pages.plants());
        model.addAttribute("places", pages.places());
        model.addAttribute("used", records.areUsed());
        return "records/records";
    }

    @GetMapping("/records/plants/{id}")
    String plant(@PathVariable String id, @RequestParam(required = false) UUID visit, Model model) {
        model.addAttribute("fromVisit", visit);
        return page(known(id), new LinkedHashMap<>(), Map.of(), "", model);
    }

    /** What was seen in the yard. What is hard to believe is asked about once, and taken when it is sent again. */
    @PostMapping("/records/plants/{id}")
    String note(
            @PathVariable String id,
            @RequestParam Map<String, String> typed,
            @AuthenticationPrincipal SignedIn me,
            Model model,
            HttpServletResponse response,
            RedirectAttributes flash) {
        Cultivar plant = known(id);
        List<Problem> problems = new ArrayList<>();
        Map<String, String> cells = TypedSizes.inMetres(typed);
        if (typed.getOrDefault("sun_hours", "").isBlank()) {
            records.sunAt(typed.getOrDefault("place", "").strip())
                    .ifPresent(sun -> cells.put("sun_hours", sun.toString()));
        }
        Optional<RecordRow> row = RecordRow.read(id, new InputReader(cells, "", problems));
        if (row.isEmpty()) {
            Map<String, String> told = new LinkedHashMap<>();
            problems.forEach(problem -> told.putIfAbsent(problem.field(), Refusals.say(problem)));
            response.setStatus(422);
            return page(plant, typed, told, "", model);
        }
        Optional<String> doubt =
                "true".equals(typed.get("sure")) ? Optional.empty() : doubts.about(row.get(), UnitSystem.METRIC);
        if (doubt.isPresent()) {
            response.setStatus(422);
            return page(plant, typed, Map.of(), doubt.get(), model);
        }
        records.put(List.of(row.get()), me.displayName());
        flash.addFlashAttribute(
                "told",
                List.of(Sentences.say("records.noted", plant.name(), row.get().place())));
        return "redirect:/records/plants/" + id;
    }

    @PostMapping("/records/{record}/away")
    String away(@PathVariable long record, @RequestParam(defaultValue = "") String plant, RedirectAttributes flash) {
        boolean gone = records.remove(record);
        flash.addFlashAttribute("told", List.of(Sentences.say(gone ? "records.taken-out" : "records.gone-already")));
        return catalogue.label(plant).isPresent() ? "redirect:/records/plants/" + plant : "redirect:/records";
    }

    /** With the shop's own records, or the label alone. */
    @PostMapping("/records/used")
    String use(@RequestParam boolean used) {
        records.use(used);
        return "redirect:/records";
    }

    @GetMapping("/records/records.csv")
    ResponseEntity<String> csv() {
        return Download.csv("records.csv", file.csv());
    }

    @PostMapping("/records/import")
    String bringIn(
            @RequestParam(name = "file", required = false) MultipartFile sent,
            @RequestParam(defaultValue = "false") boolean keepGood,
            @AuthenticationPrincipal SignedIn me,
            RedirectAttributes flash)
            throws IOException {
        SmallFile.bringIn(sent, flash, text -> file.read(text, false, keepGood, me.displayName()));
        return "redirect:/records";
    }

    Cultivar known(String id) {
        return catalogue
                .find(id)
                .orElseThrow(() -> new NotFound("The catalogue has no plant with the id “%s”.", Words.shorten(id)));
    }

    String page(Cultivar plant, Map<String, String> typed, Map<String, String> problems, String doubt, Model model) {
        Map<String, String> shown = new LinkedHashMap<>(typed);
        shown.putIfAbsent("date", LocalDate.now().toString());
        model.addAttribute("p", pages.of(plant));
        shown.putIfAbsent("back_on", LocalDate.now().toString());
        model.addAttribute("typed", shown);
        model.addAttribute("problems", problems);
        model.addAttribute("doubt", doubt);
        model.addAttribute("causes", LossChoices.all());
        model.addAttribute(
                "placeNames", records.places().stream().map(Records.Place::name).toList());
        return "records/plant";
    }
}
