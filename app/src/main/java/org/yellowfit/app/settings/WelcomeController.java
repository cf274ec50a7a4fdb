package org.yellowfit.app.settings;

import jakarta.servlet.http.HttpServletResponse;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.yellowfit.app.people.People;
import org.yellowfit.app.words.Refusals;
import org.yellowfit.core.measure.InvalidInput;

/** Where an invitation leads: whoever holds it sets a password. A wrong one and one that is too old look alike. */
@Controller
class WelcomeController {

    private final People people;

    WelcomeController(People people) {
        this.people = people;
    }

    @GetMapping("/welcome/{invitation}")
    String show(@PathVariable String invitation, Model model, HttpServletResponse response) {
        people.invited(invitation).ifPresentOrElse(person -> model.addAttribute("person", person), () -> {
            response.setStatus(HttpStatus.NOT_FOUND.value());
        });
        return "settings/welcome";
    }

    @PostMapping("/welcome/{invitation}")
    String accept(
            @PathVariable String invitation, @RequestParam String password, Model model, HttpServletResponse response) {
        try {
            if (people.accept(invitation, password).isPresent()) {
                return "redirect:/sign-in?ready";
            }
        } catch (InvalidInput e) {
            response.setStatus(422);
            model.addAttribute("problem", Refusals.say(e.problems().get(0)));
        }
        return show(invitation, model, response);
    }
}
