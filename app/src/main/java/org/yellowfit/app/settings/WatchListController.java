package org.yellowfit.app.settings;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import org.yellowfit.app.catalogue.CatalogueStore;
import org.yellowfit.app.catalogue.WatchLists;
import org.yellowfit.app.web.Download;
import org.yellowfit.app.words.LineMessage;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.measure.LineProblem;
import org.yellowfit.core.measure.UnusableFile;
import org.yellowfit.core.plant.WatchList;

/** The shop's watch list: looked at, replaced by a file, taken out again, and the last change undone. */
@Controller
class WatchListController {

    private static final int LARGEST_FILE = 1024 * 1024;

    record Row(String plant, String level, String note, int plants) {}

    private final CatalogueStore store;
    private final WatchLists lists;

    WatchListController(CatalogueStore store, WatchLists lists) {
        this.store = store;
        this.lists = lists;
    }

    @GetMapping("/settings/watch-list")
    String show(Model model) {
        return show(model, "", List.of());
    }

    @PostMapping("/settings/watch-list")
    String replace(
            @RequestParam(required = false) MultipartFile file,
            Model model,
            HttpServletResponse response,
            RedirectAttributes flash)
            throws IOException {
        if (file == null || file.isEmpty()) {
            return refused("Choose the file with the list.", List.of(), model, response);
        }
        if (file.getSize() > LARGEST_FILE) {
            return refused(Sentences.say("told.list-too-large"), List.of(), model, response);
        }
        return replaced(new String(file.getBytes(), StandardCharsets.UTF_8), model, response, flash);
    }

    /** Takes an earlier list back. */
    @PostMapping("/settings/watch-list/back")
    String back(@RequestParam String csv, Model model, HttpServletResponse response, RedirectAttributes flash) {
        return replaced(csv, model, response, flash);
    }

    @PostMapping("/settings/watch-list/away")
    String away(Model model, HttpServletResponse response, RedirectAttributes flash) {
        return replaced(WatchList.EMPTY.csv(), model, response, flash);
    }

    @GetMapping("/settings/watch-list.csv")
    ResponseEntity<String> csv() {
        return Download.csv("watch-list.csv", store.watchList().csv());
    }

    private String replaced(String csv, Model model, HttpServletResponse response, RedirectAttributes flash) {
        try {
            WatchList before = store.watchList();
            WatchList list = WatchList.read(csv);
            lists.replace(list);
            flash.addFlashAttribute(
                    "changed",
                    Sentences.say(
                            "told.list-changed",
                            Fact.of("counted.rows", list.entries().size()),
                            before.entries().size()));
            flash.addFlashAttribute("before", before.csv());
            return "redirect:/settings/watch-list";
        } catch (UnusableFile e) {
            return refused(Sentences.say("told.list-not-taken"), e.problems(), model, response);
        }
    }

    private String refused(String problem, List<LineProblem> lines, Model model, HttpServletResponse response) {
        response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        return show(model, problem, lines);
    }

    private String show(Model model, String problem, List<LineProblem> lines) {
        WatchList list = store.watchList();
        Map<WatchList.Entry, Integer> plants = new HashMap<>();
        store.labels().forEach(plant -> list.entry(plant).ifPresent(entry -> plants.merge(entry, 1, Integer::sum)));
        model.addAttribute(
                "rows",
                list.entries().stream()
                        .map(entry -> new Row(
                                entry.plant(),
                                Sentences.label(entry.level()),
                                entry.note(),
                                plants.getOrDefault(entry, 0)))
                        .toList());
        model.addAttribute("problem", problem);
        model.addAttribute("lines", LineMessage.of(lines));
        return "settings/watch-list";
    }
}
