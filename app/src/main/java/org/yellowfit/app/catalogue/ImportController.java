package org.yellowfit.app.catalogue;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import org.yellowfit.app.people.SignedIn;
import org.yellowfit.app.web.NotFound;
import org.yellowfit.app.words.Refusals;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.measure.InvalidInput;

/** Bringing a file in from the screen: tried first, with every problem told, then stored. */
@Controller
class ImportController {

    private static final int PROBLEMS_SHOWN = 200;

    private final ImportJobs jobs;

    ImportController(ImportJobs jobs) {
        this.jobs = jobs;
    }

    @PostMapping("/catalogue/import")
    String take(
            @RequestParam MultipartFile file,
            @RequestParam(defaultValue = "false") boolean dryRun,
            @RequestParam(defaultValue = "false") boolean keepGood,
            @AuthenticationPrincipal SignedIn me,
            RedirectAttributes flash)
            throws IOException {
        if (file.isEmpty()) {
            flash.addFlashAttribute("noFile", true);
            return "redirect:/catalogue";
        }
        try {
            return "redirect:/catalogue/import/" + jobs.start(file, dryRun, keepGood, me.displayName());
        } catch (InvalidInput e) {
            flash.addFlashAttribute("told", List.of(Refusals.say(e.problems().get(0))));
            return "redirect:/catalogue";
        }
    }

    @GetMapping("/catalogue/import/{id}")
    String show(@PathVariable UUID id, Model model) {
        ImportJobs.Job job = find(id);
        model.addAttribute("job", job);
        if (job.report() != null) {
            model.addAttribute(
                    "problems",
                    job.report().problems().stream().limit(PROBLEMS_SHOWN).toList());
        }
        return "catalogue/import";
    }

    /** Stores a file that was only tried before. */
    @PostMapping("/catalogue/import/{id}/store")
    String store(
            @PathVariable UUID id,
            @RequestParam(defaultValue = "false") boolean keepGood,
            @AuthenticationPrincipal SignedIn me,
            RedirectAttributes flash)
            throws IOException {
        Optional<UUID> next = jobs.storeTried(id, keepGood, me.displayName());
        if (next.isEmpty()) {
            flash.addFlashAttribute("told", java.util.List.of(Sentences.say("told.import.gone")));
            return "redirect:/catalogue";
        }
        return "redirect:/catalogue/import/" + next.get();
    }

    @PostMapping("/catalogue/import/{id}/stop")
    String stop(@PathVariable UUID id) {
        jobs.stop(id);
        return "redirect:/catalogue/import/" + id;
    }

    @GetMapping("/catalogue/import/{id}/rejected.csv")
    void rejected(@PathVariable UUID id, HttpServletResponse response) throws IOException {
        ImportReport report = find(id).report();
        if (report == null || report.rejectedCsv() == null) {
            throw new NotFound("This import left no rows out.");
        }
        response.setContentType("text/csv");
        response.setCharacterEncoding(StandardCharsets.UTF_8.name());
        response.setHeader("Content-Disposition", "attachment; filename=\"rows-to-mend.csv\"");
        response.getWriter().write(report.rejectedCsv());
    }

    private ImportJobs.Job find(UUID id) {
        return jobs.find(id).orElseThrow(() -> new NotFound("This import is not known any more."));
    }
}
