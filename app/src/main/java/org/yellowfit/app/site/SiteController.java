package org.yellowfit.app.site;

import jakarta.servlet.http.HttpServletResponse;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import org.yellowfit.app.people.SignedIn;
import org.yellowfit.app.visit.Answers;
import org.yellowfit.app.visit.Visit;
import org.yellowfit.app.visit.VisitFields;
import org.yellowfit.app.visit.Visits;
import org.yellowfit.app.web.NotFound;
import org.yellowfit.core.soil.TextureClass;

@Controller
class SiteController {

    private static final DateTimeFormatter WHEN = DateTimeFormatter.ofPattern("d MMM, HH:mm", Locale.ENGLISH);

    private final Visits visits;

    SiteController(Visits visits) {
        this.visits = visits;
    }

    @GetMapping("/visits/new")
    String blank(Model model) {
        return show(model, null, SiteForm.of(Map.of(), 0));
    }

    @PostMapping("/visits/new")
    String create(
            @RequestParam MultiValueMap<String, String> params,
            @AuthenticationPrincipal SignedIn me,
            Model model,
            HttpServletResponse response) {
        Map<String, String> typed = typed(params);
        VisitFields.Checked checked = VisitFields.check(named(typed, Map.of()), Map.of());
        if (!checked.isFine()) {
            return refused(model, response, null, new SiteForm(typed, checked.problems(), List.of(), 0));
        }
        Visit visit = visits.create(withProvenance(checked.answers(), typed, Map.of()), me.displayName());
        return "redirect:/visits/" + visit.id() + "/shortlist";
    }

    @GetMapping("/visits/{id}/site")
    String edit(@PathVariable UUID id, Model model) {
        Visit visit = find(id);
        return show(model, visit, SiteForm.of(visit.answers(), visit.version()));
    }

    @PostMapping("/visits/{id}/site")
    String save(
            @PathVariable UUID id,
            @RequestParam long version,
            @RequestParam MultiValueMap<String, String> params,
            @AuthenticationPrincipal SignedIn me,
            Model model,
            HttpServletResponse response,
            RedirectAttributes flash) {
        Visit visit = find(id);
        Map<String, String> typed = typed(params);
        VisitFields.Checked checked = VisitFields.check(named(typed, visit.answers()), visit.answers());
        if (!checked.isFine()) {
            return refused(model, response, visit, new SiteForm(typed, checked.problems(), List.of(), version));
        }
        Visits.Outcome outcome = visits.save(
                        id, version, withProvenance(checked.answers(), typed, visit.answers()), me.displayName())
                .orElseThrow(SiteController::gone);
        if (outcome instanceof Visits.Outcome.Conflict conflict) {
            return conflicting(model, response, conflict);
        }
        Visits.Outcome.Saved saved = (Visits.Outcome.Saved) outcome;
        if (!saved.theirs().isEmpty()) {
            flash.addFlashAttribute("told", Told.changes(saved.theirs(), saved.by()));
        }
        return "redirect:/visits/" + id + "/shortlist";
    }

    private String conflicting(Model model, HttpServletResponse response, Visits.Outcome.Conflict conflict) {
        List<String> told = new ArrayList<>(
                Told.conflicts(conflict.conflicts(), conflict.current().changedBy()));
        told.addAll(Told.changes(conflict.theirs(), conflict.current().changedBy()));
        SiteForm merged = SiteForm.of(conflict.merged(), conflict.current().version());
        Map<String, String> problems = new HashMap<>();
        conflict.conflicts()
                .forEach(change -> problems.put(
                        change.field(), Told.theirs(change, conflict.current().changedBy())));
        response.setStatus(HttpStatus.CONFLICT.value());
        return show(model, conflict.current(), new SiteForm(merged.typed(), problems, told, merged.version()));
    }

    private String refused(Model model, HttpServletResponse response, Visit visit, SiteForm form) {
        response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        return show(model, visit, form);
    }

    private String show(Model model, Visit visit, SiteForm form) {
        model.addAttribute("visit", visit);
        model.addAttribute("form", form);
        model.addAttribute("textures", List.of(TextureClass.values()));
        return "site/site";
    }

    private Visit find(UUID id) {
        return visits.find(id).orElseThrow(SiteController::gone);
    }

    private static NotFound gone() {
        return new NotFound("There is no such visit; it may have been erased.");
    }

    /** Every field of the form, so that a box that was unticked is known to be so. */
    private static Map<String, String> typed(MultiValueMap<String, String> params) {
        Map<String, String> typed = new HashMap<>();
        SiteForm.FIELDS.forEach(field -> typed.put(
                field,
                String.join(
                        "|",
                        params.getOrDefault(field, List.of()).stream()
                                .filter(v -> !v.isBlank())
                                .toList())));
        SiteForm.GUESSABLE.forEach(field -> typed.put(
                "guess." + field,
                params.getOrDefault("guess." + field, List.of("")).get(0)));
        return typed;
    }

    /** What was typed over is typed now, whatever it was before; a tick makes it a guess. */
    private static Map<String, String> withProvenance(
            Map<String, String> answers, Map<String, String> typed, Map<String, String> before) {
        Map<String, String> all = new HashMap<>(answers);
        all.keySet().removeIf(field -> field.startsWith("guess."));
        for (String field : SiteForm.FIELDS) {
            if (field.startsWith(Answers.SITE)) {
                String name = field.substring(Answers.SITE.length());
                boolean changed = !all.getOrDefault(field, "").equals(before.getOrDefault(field, ""));
                boolean guess = typed.getOrDefault("guess." + name, "").equals("yes");
                boolean wasGuess = before.getOrDefault(Answers.FROM + name, "").startsWith("GUESSED");
                if (guess) {
                    all.put(Answers.FROM + name, org.yellowfit.app.visit.Provenance.guessed());
                } else if (changed || wasGuess) {
                    all.put(Answers.FROM + name, "");
                }
            }
        }
        if (sunChanged(all, before)) {
            // Hours typed by hand take the place of those of a patch: its hot hours no longer belong to them.
            all.put(Answers.SITE + "hotHours", "");
            all.put(Answers.FROM + "hotHours", "");
            all.put(Answers.AT + "patch", "");
        }
        return all;
    }

    private static boolean sunChanged(Map<String, String> all, Map<String, String> before) {
        return Stream.of("sunHours", "sunBias")
                .anyMatch(name -> !all.getOrDefault(Answers.SITE + name, "")
                        .equals(before.getOrDefault(Answers.SITE + name, "")));
    }

    /** A place that is not named keeps its name, or gets one by which the visit is found again. */
    private static Map<String, String> named(Map<String, String> typed, Map<String, String> before) {
        if (!typed.get(Answers.PLACE).isBlank()) {
            return typed;
        }
        Map<String, String> named = new HashMap<>(typed);
        named.put(
                Answers.PLACE,
                before.getOrDefault(
                        Answers.PLACE, "Visit of " + LocalDateTime.now().format(WHEN)));
        return named;
    }
}
