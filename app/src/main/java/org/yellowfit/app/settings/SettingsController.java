package org.yellowfit.app.settings;

import jakarta.servlet.http.HttpServletResponse;
import java.time.ZoneId;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import org.yellowfit.app.people.People;
import org.yellowfit.app.people.Role;
import org.yellowfit.app.people.SignedIn;
import org.yellowfit.app.people.Tokens;
import org.yellowfit.app.words.Refusals;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.measure.InvalidInput;

@Controller
class SettingsController {

    record TokenRow(long id, String label, String role, String made, String by, boolean revoked) {}

    private final People people;
    private final Tokens tokens;

    SettingsController(People people, Tokens tokens) {
        this.people = people;
        this.tokens = tokens;
    }

    @GetMapping("/settings")
    String show(Model model) {
        model.addAttribute("people", people.all());
        model.addAttribute("roles", Role.values());
        model.addAttribute(
                "tokens",
                tokens.all().stream()
                        .map(t -> new TokenRow(
                                t.id(),
                                t.label(),
                                Sentences.label(t.role()),
                                Sentences.date("date.short", t.createdAt().atZone(ZoneId.systemDefault())),
                                t.createdBy(),
                                t.revokedAt() != null))
                        .toList());
        if (!model.containsAttribute("typed")) {
            model.addAttribute("typed", Map.of());
            model.addAttribute("problems", Map.of());
        }
        return "settings/settings";
    }

    @PostMapping("/settings/people")
    String addPerson(
            @RequestParam String username,
            @RequestParam String displayName,
            @RequestParam String password,
            @RequestParam Role role,
            Model model,
            HttpServletResponse response) {
        try {
            people.add(username, displayName, password, role);
            return "redirect:/settings";
        } catch (InvalidInput e) {
            return refused(
                    e, Map.of("username", username, "displayName", displayName, "role", role.name()), model, response);
        }
    }

    @PostMapping("/settings/people/{id}/active")
    String active(@PathVariable long id, @RequestParam boolean active, @AuthenticationPrincipal SignedIn me) {
        people.setActive(id, active, me.username());
        return "redirect:/settings";
    }

    @PostMapping("/settings/people/{id}/password")
    String password(@PathVariable long id, @RequestParam String password, RedirectAttributes flash) {
        try {
            people.setPassword(id, password);
            flash.addFlashAttribute("told", List.of(Sentences.say("told.password")));
        } catch (InvalidInput e) {
            flash.addFlashAttribute(
                    "told",
                    List.of(Sentences.say(
                            "told.password.not", Refusals.say(e.problems().get(0)))));
        }
        return "redirect:/settings";
    }

    @PostMapping("/settings/tokens")
    String makeToken(
            @RequestParam String label,
            @RequestParam Role role,
            @AuthenticationPrincipal SignedIn me,
            Model model,
            HttpServletResponse response,
            RedirectAttributes flash) {
        try {
            flash.addFlashAttribute("newToken", tokens.make(label, role, me.displayName()));
            return "redirect:/settings";
        } catch (InvalidInput e) {
            return refused(e, Map.of("label", label), model, response);
        }
    }

    @PostMapping("/settings/tokens/{id}/revoked")
    String revoke(@PathVariable long id) {
        tokens.revoke(id);
        return "redirect:/settings";
    }

    private String refused(InvalidInput e, Map<String, String> typed, Model model, HttpServletResponse response) {
        response.setStatus(422);
        Map<String, String> problems = new HashMap<>();
        e.problems().forEach(problem -> problems.put(problem.field(), Refusals.say(problem)));
        model.addAttribute("typed", typed);
        model.addAttribute("problems", problems);
        return show(model);
    }
}
