package org.yellowfit.app.place;

import jakarta.servlet.http.HttpServletResponse;
import java.time.LocalDateTime;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
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
import org.yellowfit.app.catalogue.CatalogueStore;
import org.yellowfit.app.people.SignedIn;
import org.yellowfit.app.visit.Answers;
import org.yellowfit.app.visit.Edit;
import org.yellowfit.app.visit.Provenance;
import org.yellowfit.app.visit.Visit;
import org.yellowfit.app.visit.VisitField;
import org.yellowfit.app.visit.VisitFields;
import org.yellowfit.app.visit.VisitForm;
import org.yellowfit.app.visit.Visits;
import org.yellowfit.app.words.Refusals;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.measure.InvalidInput;
import org.yellowfit.core.measure.Problem;

@Controller
class SiteController {

    private final Visits visits;
    private final CatalogueStore catalogue;

    SiteController(Visits visits, CatalogueStore catalogue) {
        this.visits = visits;
        this.catalogue = catalogue;
    }

    @GetMapping("/visits/new")
    String blank(Model model) {
        return show(model, null, SiteForm.of(Answers.NONE, 0));
    }

    @PostMapping("/visits/new")
    String create(
            @RequestParam MultiValueMap<String, String> params,
            @AuthenticationPrincipal SignedIn me,
            Model model,
            HttpServletResponse response) {
        Map<String, String> typed = typed(params);
        VisitForm.Checked checked = VisitForm.check(named(typed, Answers.NONE), Answers.NONE);
        if (!checked.isFine()) {
            return refused(model, response, null, new SiteForm(typed, checked.problems(), List.of(), 0));
        }
        Visit visit = visits.create(withGuesses(checked.edit(), typed, Answers.NONE), me.displayName());
        return "redirect:/visits/" + visit.id() + "/shortlist";
    }

    @GetMapping("/visits/{id}/site")
    String edit(@PathVariable UUID id, Model model) {
        Visit visit = visits.open(id);
        SiteForm kept = SiteForm.of(visit.answers(), visit.version());
        return show(model, visit, new SiteForm(kept.typed(), said(visit.problems()), kept.told(), kept.version()));
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
        Visit visit = visits.open(id);
        Map<String, String> typed = typed(params);
        VisitForm.Checked checked = VisitForm.check(named(typed, visit.answers()), visit.answers());
        if (!checked.isFine()) {
            return refused(model, response, visit, new SiteForm(typed, checked.problems(), List.of(), version));
        }
        Visits.Outcome outcome;
        try {
            outcome = visits.save(id, version, withGuesses(checked.edit(), typed, visit.answers()), me.displayName())
                    .orElseThrow(Visits::gone);
        } catch (InvalidInput e) {
            // With what somebody else has set meanwhile.
            return refused(model, response, visit, new SiteForm(typed, said(e.problems()), List.of(), version));
        }
        if (outcome instanceof Visits.Outcome.Conflict conflict) {
            return conflicting(model, response, conflict);
        }
        List<String> told = ChangeWords.told(outcome);
        if (!told.isEmpty()) {
            flash.addFlashAttribute("told", told);
        }
        return "redirect:/visits/" + id + "/shortlist";
    }

    private String conflicting(Model model, HttpServletResponse response, Visits.Outcome.Conflict conflict) {
        ChangeWords words = new ChangeWords(
                conflict.current().changedBy(), conflict.current().units());
        List<String> told = ChangeWords.told(conflict);
        SiteForm merged = SiteForm.of(conflict.merged(), conflict.current().version());
        Map<String, String> problems = new HashMap<>();
        conflict.conflicts().forEach(change -> problems.put(change.field().key(), words.theirs(change)));
        response.setStatus(HttpStatus.CONFLICT.value());
        return show(model, conflict.current(), new SiteForm(merged.typed(), problems, told, merged.version()));
    }

    private static Map<String, String> said(List<Problem> problems) {
        return problems.stream().collect(Collectors.toMap(Problem::field, Refusals::say, (a, b) -> a));
    }

    private String refused(Model model, HttpServletResponse response, Visit visit, SiteForm form) {
        response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        return show(model, visit, form);
    }

    private String show(Model model, Visit visit, SiteForm form) {
        model.addAttribute("visit", visit);
        model.addAttribute("page", SitePage.of(form, catalogue.partnerGroups()));
        return "place/site";
    }

    /** Every field of the form, so that a box that was unticked is known to be so. */
    private static Map<String, String> typed(MultiValueMap<String, String> params) {
        Map<String, String> typed = new HashMap<>();
        SiteForm.FIELDS.forEach(field -> typed.put(
                field.key(),
                String.join(
                        "|",
                        params.getOrDefault(field.key(), List.of()).stream()
                                .filter(v -> !v.isBlank())
                                .toList())));
        SiteForm.GUESSABLE.stream()
                .map(field -> SiteForm.GUESS + field.name())
                .forEach(guess ->
                        typed.put(guess, params.getOrDefault(guess, List.of("")).get(0)));
        return typed;
    }

    /** A tick makes an answer a guess; without it, what was one is told now. */
    private static Edit withGuesses(Edit edit, Map<String, String> typed, Answers before) {
        SiteForm.GUESSABLE.forEach(
                field -> guess(VisitFields.site(field), typed.get(SiteForm.GUESS + field.name()), edit, before));
        return edit;
    }

    private static <T> void guess(VisitField<T> field, String tick, Edit edit, Answers before) {
        before.with(edit).known(field).ifPresent(known -> {
            if ("yes".equals(tick)) {
                edit.set(field, known.value(), Provenance.GUESSED);
            } else if (known.from().equals(Provenance.GUESSED)) {
                edit.set(field, known.value(), Provenance.TYPED);
            }
        });
    }

    /** A place that is not named keeps its name, or gets one by which the visit is found again. */
    private static Map<String, String> named(Map<String, String> typed, Answers before) {
        String place = VisitFields.PLACE.key();
        if (!typed.get(place).isBlank()) {
            return typed;
        }
        Map<String, String> named = new HashMap<>(typed);
        named.put(
                place,
                before.get(
                        VisitFields.PLACE,
                        Sentences.say("visit.of-time", Sentences.date("date.day-time", LocalDateTime.now()))));
        return named;
    }
}
