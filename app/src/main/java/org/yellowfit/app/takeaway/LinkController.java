package org.yellowfit.app.takeaway;

import jakarta.servlet.http.HttpServletResponse;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.yellowfit.app.records.LossChoices;
import org.yellowfit.app.shop.CurrentShop;
import org.yellowfit.app.visit.Visit;
import org.yellowfit.app.visit.Visits;
import org.yellowfit.app.web.Download;
import org.yellowfit.app.words.Refusals;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.measure.InvalidInput;

/**
 * A handout by its private link: read on a phone without signing in, its tasks ticked off; what the customer says reaches the
 * counter. Nothing else of the shop is shown, and a link that does not open says the same whatever the reason.
 */
@Controller
class LinkController {

    private static final int LONGEST_TASK = 60;

    private final HandoutLinks links;
    private final CurrentShop shop;
    private final Visits visits;
    private final Handouts handouts;
    private final CarePlans plans;
    private final PlantList list;
    private final Paper paper;
    private final SeenByCustomer seen;

    LinkController(
            HandoutLinks links,
            CurrentShop shop,
            Visits visits,
            Handouts handouts,
            CarePlans plans,
            PlantList list,
            Paper paper,
            SeenByCustomer seen) {
        this.seen = seen;
        this.links = links;
        this.shop = shop;
        this.visits = visits;
        this.handouts = handouts;
        this.plans = plans;
        this.list = list;
        this.paper = paper;
    }

    /** @param said comes with the way back from something said: a stranger has no session to keep it in */
    @GetMapping("/take/{word}")
    String show(
            @PathVariable String word,
            @RequestParam(required = false) String said,
            Model model,
            HttpServletResponse response) {
        return opened(word, opened -> {
                    if (said != null) {
                        model.addAttribute("told", List.of(Sentences.say("link.said")));
                    }
                    return page(opened, word, model, response);
                })
                .orElseGet(() -> closed(response));
    }

    private String page(HandoutLinks.Opened opened, String word, Model model, HttpServletResponse response) {
        response.setHeader("Referrer-Policy", "no-referrer");
        response.setHeader("X-Robots-Tag", "noindex");
        Visit visit = visits.open(opened.visitId());
        model.addAttribute("h", handouts.of(visit, Handouts.Pictures.BY_ADDRESS).orElse(null));
        model.addAttribute("place", visit.place());
        model.addAttribute("word", word);
        model.addAttribute("ticked", links.ticked(visit.id()));
        model.addAttribute("causes", LossChoices.all());
        if (!model.containsAttribute("seenProblems")) {
            model.addAttribute("seenProblems", Map.of());
        }
        return "takeaway/taken";
    }

    @PostMapping("/take/{word}/done")
    String tick(
            @PathVariable String word,
            @RequestParam(defaultValue = "") String task,
            @RequestParam(defaultValue = "false") boolean done,
            HttpServletResponse response) {
        return opened(word, opened -> {
                    if (task.matches("[a-z-]{2,20}-\\d{1,4}") && task.length() <= LONGEST_TASK) {
                        links.tick(opened.visitId(), task, done);
                    }
                    return "redirect:/take/" + word + "#" + (task.matches("[a-z0-9-]+") ? task : "");
                })
                .orElseGet(() -> closed(response));
    }

    @PostMapping("/take/{word}/say")
    String say(
            @PathVariable String word,
            @RequestParam(defaultValue = "") String kind,
            @RequestParam(defaultValue = "") String plant,
            @RequestParam(defaultValue = "") String said,
            Model model,
            HttpServletResponse response) {
        return opened(word, opened -> {
                    try {
                        say(opened, kind, plant, said);
                        return "redirect:/take/" + word + "?said";
                    } catch (InvalidInput e) {
                        response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
                        model.addAttribute("saidTyped", said);
                        model.addAttribute(
                                "saidProblem", Refusals.say(e.problems().get(0)));
                        return page(opened, word, model, response);
                    }
                })
                .orElseGet(() -> closed(response));
    }

    private void say(HandoutLinks.Opened opened, String kind, String plant, String said) {
        HandoutLinks.WordKind what = Arrays.stream(HandoutLinks.WordKind.values())
                .filter(each -> each.name().equals(kind))
                .findFirst()
                .orElse(HandoutLinks.WordKind.QUESTION);
        String about = list.of(opened.visitId()).stream()
                .filter(line -> line.plant().id().equals(plant))
                .map(line -> line.plant().name())
                .findFirst()
                .orElse("");
        links.say(opened, what, about, said);
    }

    /** What the customer sees of the plants goes to the records. */
    @PostMapping("/take/{word}/seen")
    String seen(
            @PathVariable String word,
            @RequestParam Map<String, String> typed,
            Model model,
            HttpServletResponse response) {
        return opened(word, opened -> {
                    Map<String, String> problems = noted(opened, typed);
                    if (problems.isEmpty()) {
                        return "redirect:/take/" + word + "?said";
                    }
                    response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
                    model.addAttribute("seenTyped", typed);
                    model.addAttribute("seenProblems", problems);
                    return page(opened, word, model, response);
                })
                .orElseGet(() -> closed(response));
    }

    private Map<String, String> noted(HandoutLinks.Opened opened, Map<String, String> typed) {
        try {
            return seen.note(opened, visits.open(opened.visitId()), typed);
        } catch (InvalidInput e) {
            return Map.of("form", Refusals.say(e.problems().get(0)));
        }
    }

    @GetMapping("/take/{word}/calendar.ics")
    ResponseEntity<byte[]> calendar(@PathVariable String word) {
        return opened(word, opened -> {
                    Visit visit = visits.open(opened.visitId());
                    return Download.calendar(
                            "care.ics",
                            CalendarFile.write(
                                    plans.of(visit, list.of(visit.id())).calendar(), visit.place(), visit.units()));
                })
                .orElseGet(() -> ResponseEntity.notFound().build());
    }

    @GetMapping("/take/{word}/handout.pdf")
    ResponseEntity<byte[]> pdf(@PathVariable String word) {
        return opened(word, opened -> HandoutController.pdf(visits.open(opened.visitId()), handouts, paper, "", "", ""))
                .orElseGet(() -> ResponseEntity.notFound().build());
    }

    private <T> Optional<T> opened(String word, Function<HandoutLinks.Opened, T> task) {
        return links.open(word).map(opened -> shop.acting(opened.shopId(), () -> task.apply(opened)));
    }

    private static String closed(HttpServletResponse response) {
        response.setStatus(HttpStatus.NOT_FOUND.value());
        return "takeaway/not-open";
    }
}
