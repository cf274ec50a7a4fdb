package org.yellowfit.app.settings;

import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
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
import org.yellowfit.app.drawing.QrMark;
import org.yellowfit.app.people.People;
import org.yellowfit.app.people.SecondFactors;
import org.yellowfit.app.people.Sessions;
import org.yellowfit.app.people.SignedIn;
import org.yellowfit.app.shop.ShopSettings;
import org.yellowfit.app.words.Refusals;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.measure.InvalidInput;

/** What everybody sees to for themselves: their password, their second factor, where they are signed in. */
@Controller
class AccountController {

    private static final String NEW_SECRET = "newSecret";
    private static final String HERE = "redirect:/account";

    record PlaceRow(String key, String from, String since, String lastUsed, boolean here) {}

    private final People people;
    private final SecondFactors factors;
    private final Sessions sessions;
    private final ShopSettings shop;

    AccountController(People people, SecondFactors factors, Sessions sessions, ShopSettings shop) {
        this.people = people;
        this.factors = factors;
        this.sessions = sessions;
        this.shop = shop;
    }

    @GetMapping("/account")
    String show(@AuthenticationPrincipal SignedIn me, HttpSession session, Model model) {
        return page(me, session, model, Map.of());
    }

    @PostMapping("/account/password")
    String password(
            @RequestParam String current,
            @RequestParam String password,
            @AuthenticationPrincipal SignedIn me,
            HttpSession session,
            Model model,
            HttpServletResponse response,
            RedirectAttributes flash) {
        return done(
                "told.account.password",
                () -> people.changePassword(me.username(), current, password, session.getId()),
                me,
                session,
                model,
                response,
                flash);
    }

    /** A secret to be taken into the telephone; it counts once a code made from it has come back. */
    @PostMapping("/account/second-factor/new")
    String newSecret(HttpSession session) {
        session.setAttribute(NEW_SECRET, factors.newSecret());
        return HERE + "#second-factor";
    }

    @PostMapping("/account/second-factor")
    String take(
            @RequestParam String code,
            @RequestParam String current,
            @AuthenticationPrincipal SignedIn me,
            HttpSession session,
            Model model,
            HttpServletResponse response,
            RedirectAttributes flash) {
        if (!(session.getAttribute(NEW_SECRET) instanceof String secret)) {
            return HERE;
        }
        Runnable take = () -> {
            factors.take(me.username(), secret, code, current);
            session.removeAttribute(NEW_SECRET);
        };
        return done("told.account.second", take, me, session, model, response, flash);
    }

    @PostMapping("/account/second-factor/away")
    String leave(
            @RequestParam String current,
            @AuthenticationPrincipal SignedIn me,
            HttpSession session,
            Model model,
            HttpServletResponse response,
            RedirectAttributes flash) {
        return done(
                "told.account.second.away",
                () -> factors.leave(me.username(), current),
                me,
                session,
                model,
                response,
                flash);
    }

    @PostMapping("/account/sessions/{key}/end")
    String end(@PathVariable String key, @AuthenticationPrincipal SignedIn me) {
        sessions.end(me.username(), key);
        return HERE;
    }

    @PostMapping("/account/sessions/end-others")
    String endOthers(@AuthenticationPrincipal SignedIn me, HttpSession session) {
        sessions.endOthers(me.username(), session.getId());
        return HERE;
    }

    private String done(
            String told,
            Runnable act,
            SignedIn me,
            HttpSession session,
            Model model,
            HttpServletResponse response,
            RedirectAttributes flash) {
        try {
            act.run();
        } catch (InvalidInput e) {
            response.setStatus(422);
            Map<String, String> problems = new HashMap<>();
            e.problems().forEach(problem -> problems.put(told + " " + problem.field(), Refusals.say(problem)));
            return page(me, session, model, problems);
        }
        flash.addFlashAttribute("told", List.of(Sentences.say(told)));
        return HERE;
    }

    /** @param problems by what was done and the field, with a space between */
    private String page(SignedIn me, HttpSession session, Model model, Map<String, String> problems) {
        model.addAttribute("problems", problems);
        model.addAttribute("hasFactor", factors.has(me.username()));
        model.addAttribute("needsFactor", shop.get().secondFactor());
        if (session.getAttribute(NEW_SECRET) instanceof String secret) {
            SecondFactors.Offer offer = factors.offer(secret, me.username());
            model.addAttribute("secret", offer.secret().replaceAll("(.{4})(?=.)", "$1 "));
            model.addAttribute("picture", QrMark.svg(offer.uri()));
        }
        model.addAttribute(
                "places",
                sessions.of(me.username(), session.getId()).stream()
                        .map(place -> new PlaceRow(
                                place.key(),
                                place.from(),
                                Times.minute(place.since()),
                                Times.minute(place.lastUsed()),
                                place.here()))
                        .toList());
        return "settings/account";
    }
}
