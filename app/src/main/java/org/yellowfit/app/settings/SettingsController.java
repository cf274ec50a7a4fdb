package org.yellowfit.app.settings;

import jakarta.servlet.http.HttpServletResponse;
import java.time.Instant;
import java.util.HashMap;
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
import org.yellowfit.app.people.SecondFactors;
import org.yellowfit.app.people.SignedIn;
import org.yellowfit.app.people.Tokens;
import org.yellowfit.app.shop.PublicAddress;
import org.yellowfit.app.shop.ShopSettings;
import org.yellowfit.app.words.Refusals;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.measure.InvalidInput;

@Controller
class SettingsController {

    record TokenRow(
            long id, String label, String role, String made, String by, String until, String used, boolean over) {}

    record PersonRow(
            long id,
            String username,
            String displayName,
            Role role,
            boolean active,
            boolean invited,
            boolean secondFactor,
            String signedIn) {}

    private final People people;
    private final Tokens tokens;
    private final SecondFactors factors;
    private final ShopSettings shop;
    private final PublicAddress address;
    private final Backups backups;

    SettingsController(
            People people,
            Tokens tokens,
            SecondFactors factors,
            ShopSettings shop,
            PublicAddress address,
            Backups backups) {
        this.backups = backups;
        this.people = people;
        this.tokens = tokens;
        this.factors = factors;
        this.shop = shop;
        this.address = address;
    }

    @GetMapping("/settings")
    String show(Model model) {
        model.addAttribute(
                "people", people.all().stream().map(SettingsController::row).toList());
        model.addAttribute("shop", shop.get());
        model.addAttribute("days", Tokens.DAYS);
        model.addAttribute("backups", backups.told(Instant.now()));
        model.addAttribute("roles", Role.values());
        model.addAttribute(
                "tokens", tokens.all().stream().map(SettingsController::row).toList());
        if (!model.containsAttribute("typed")) {
            model.addAttribute("typed", Map.of());
            model.addAttribute("problems", Map.of());
        }
        return "settings/settings";
    }

    private static PersonRow row(People.Entry person) {
        return new PersonRow(
                person.id(),
                person.username(),
                person.displayName(),
                person.role(),
                person.active(),
                person.invited(),
                person.secondFactor(),
                person.signedInAt().map(Times::day).orElse(Sentences.say("never")));
    }

    private static TokenRow row(Tokens.Entry token) {
        return new TokenRow(
                token.id(),
                token.label(),
                Sentences.label(token.role()),
                Times.day(token.createdAt()),
                token.createdBy(),
                Times.day(token.expiresAt()),
                token.usedAt().map(Times::minute).orElse(Sentences.say("never")),
                token.revokedAt() != null || token.expiresAt().isBefore(Instant.now()));
    }

    @PostMapping("/settings/people")
    String invite(
            @RequestParam String username,
            @RequestParam String displayName,
            @RequestParam Role role,
            Model model,
            HttpServletResponse response,
            RedirectAttributes flash) {
        try {
            invited(people.invite(username, displayName, role), displayName, flash);
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

    /** A new way in for somebody who has lost their password. */
    @PostMapping("/settings/people/{id}/invitation")
    String inviteAgain(@PathVariable long id, RedirectAttributes flash) {
        people.all().stream()
                .filter(person -> person.id() == id)
                .findFirst()
                .ifPresent(person -> people.inviteAgain(id)
                        .ifPresent(invitation -> invited(invitation, person.displayName(), flash)));
        return "redirect:/settings";
    }

    private void invited(String invitation, String name, RedirectAttributes flash) {
        flash.addFlashAttribute("invited", name);
        flash.addFlashAttribute("invitation", address.of("/welcome/" + invitation));
    }

    /** For somebody who has lost the telephone. */
    @PostMapping("/settings/people/{id}/second-factor/away")
    String takeAwayFactor(@PathVariable long id) {
        factors.takeAway(id);
        return "redirect:/settings";
    }

    @PostMapping("/settings/tokens")
    String makeToken(
            @RequestParam String label,
            @RequestParam Role role,
            @RequestParam(defaultValue = "90") int days,
            @AuthenticationPrincipal SignedIn me,
            Model model,
            HttpServletResponse response,
            RedirectAttributes flash) {
        try {
            flash.addFlashAttribute("newToken", tokens.make(label, role, days, me.displayName()));
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
