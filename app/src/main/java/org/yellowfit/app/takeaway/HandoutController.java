package org.yellowfit.app.takeaway;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import org.yellowfit.app.drawing.QrMark;
import org.yellowfit.app.outbox.Outbox;
import org.yellowfit.app.people.SignedIn;
import org.yellowfit.app.visit.Visit;
import org.yellowfit.app.visit.Visits;
import org.yellowfit.app.web.Download;
import org.yellowfit.app.web.Fragments;
import org.yellowfit.app.web.NotFound;
import org.yellowfit.app.words.Refusals;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.measure.InvalidInput;
import org.yellowfit.core.measure.Numbers;
import org.yellowfit.core.measure.Problem;
import org.yellowfit.core.measure.UnitSystem;

/** What the customer takes home: on the screen, as a PDF, as a private link. */
@Controller
class HandoutController {

    private final Visits visits;
    private final Handouts handouts;
    private final HandoutLinks links;
    private final Paper paper;
    private final Outbox outbox;
    private final Fragments fragments;

    HandoutController(
            Visits visits, Handouts handouts, HandoutLinks links, Paper paper, Outbox outbox, Fragments fragments) {
        this.visits = visits;
        this.handouts = handouts;
        this.links = links;
        this.paper = paper;
        this.outbox = outbox;
        this.fragments = fragments;
    }

    @GetMapping("/visits/{id}/handout")
    String show(@PathVariable UUID id, Model model) {
        Visit visit = visits.open(id);
        Optional<HandoutLinks.Link> link = links.of(id);
        model.addAttribute("visit", visit);
        model.addAttribute("h", handouts.of(visit, Handouts.Pictures.BY_ADDRESS).orElse(null));
        model.addAttribute("link", link.orElse(null));
        model.addAttribute("qr", link.map(each -> QrMark.svg(each.address())).orElse(""));
        model.addAttribute(
                "linkEnds",
                link.map(each -> Sentences.date("date.full", each.expires())).orElse(""));
        model.addAttribute("ticked", links.ticked(id));
        model.addAttribute("usualMonths", HandoutLinks.USUAL_MONTHS);
        model.addAttribute("realMail", outbox.isReal());
        return "takeaway/handout";
    }

    @GetMapping("/visits/{id}/handout.pdf")
    ResponseEntity<byte[]> pdf(
            @PathVariable UUID id,
            @RequestParam(defaultValue = "") String size,
            @RequestParam(defaultValue = "") String ink) {
        Visit visit = visits.open(id);
        String link = links.of(id).map(HandoutLinks.Link::address).orElse("");
        return pdf(visit, handouts, paper, size, ink, link);
    }

    static ResponseEntity<byte[]> pdf(
            Visit visit, Handouts handouts, Paper paper, String size, String ink, String link) {
        Handouts.Handout handout = handouts.of(visit, Handouts.Pictures.DRAWN)
                .orElseThrow(() -> new NotFound("There is nothing on the list of %s yet.", visit.place()));
        Paper.Size sheet = size.equals("letter") || size.isEmpty() && visit.units() == UnitSystem.US
                ? Paper.Size.LETTER
                : Paper.Size.A4;
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .header("Content-Disposition", "inline; filename=\"handout.pdf\"")
                .body(paper.pdf(handout, sheet, ink.equals("black"), link, link.isEmpty() ? "" : QrMark.svg(link)));
    }

    @PostMapping("/visits/{id}/handout/link")
    String makeLink(
            @PathVariable UUID id,
            @RequestParam(defaultValue = "") String months,
            @AuthenticationPrincipal SignedIn me,
            RedirectAttributes flash) {
        visits.open(id);
        try {
            links.make(id, (int) Math.round(months(months)), me.displayName());
        } catch (InvalidInput e) {
            flash.addFlashAttribute("monthsProblem", Refusals.say(e.problems().get(0)));
            flash.addFlashAttribute("monthsTyped", months);
        }
        return "redirect:/visits/" + id + "/handout#link";
    }

    private static double months(String text) {
        try {
            return text.isBlank() ? HandoutLinks.USUAL_MONTHS : Numbers.parse(text);
        } catch (IllegalArgumentException e) {
            throw new InvalidInput(List.of(Problem.of("months", e)));
        }
    }

    @PostMapping("/visits/{id}/handout/link/away")
    String revoke(@PathVariable UUID id, RedirectAttributes flash) {
        visits.open(id);
        links.revoke(id);
        flash.addFlashAttribute("told", List.of(Sentences.say("link.revoked")));
        return "redirect:/visits/" + id + "/handout#link";
    }

    /** The link by mail. The address is kept with the link only, for reminders, and goes with it. */
    @PostMapping("/visits/{id}/handout/mail")
    String mail(
            @PathVariable UUID id,
            @RequestParam(defaultValue = "") String to,
            @AuthenticationPrincipal SignedIn me,
            RedirectAttributes flash) {
        Visit visit = visits.open(id);
        try {
            String address = Outbox.address("to", to);
            HandoutLinks.Link link =
                    links.of(id).orElseThrow(() -> InvalidInput.at("to", "Make the link first, then it can be sent."));
            outbox.put(
                    id,
                    address,
                    Sentences.say("mail.link.subject", visit.place()),
                    Sentences.say("mail.link.body", visit.place(), link.address(), me.displayName()),
                    me.displayName());
            links.sentTo(link.id(), address);
            flash.addFlashAttribute(
                    "told", List.of(Sentences.say(outbox.isReal() ? "mail.sent" : "mail.kept", address)));
        } catch (InvalidInput e) {
            flash.addFlashAttribute("toTyped", to);
            flash.addFlashAttribute("toProblem", Refusals.say(e.problems().get(0)));
        }
        return "redirect:/visits/" + id + "/handout#link";
    }

    @PostMapping("/visits/{id}/finished")
    String finish(@PathVariable UUID id, @RequestParam boolean done) {
        visits.open(id);
        visits.finish(id, done);
        return "redirect:/visits/" + id + "/handout";
    }

    @PostMapping("/visits/{id}/erase")
    String erase(@PathVariable UUID id) {
        visits.open(id);
        visits.erase(id);
        fragments.forget();
        return "redirect:/";
    }

    /** All that is kept of a visit, for the customer who asks for it. */
    @GetMapping("/visits/{id}/kept.json")
    ResponseEntity<Map<String, Object>> kept(@PathVariable UUID id) {
        return Download.json("visit.json", visits.open(id).kept());
    }
}
