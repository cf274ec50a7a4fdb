package org.yellowfit.app.takeaway;

import java.time.ZoneId;
import java.util.List;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import org.yellowfit.app.outbox.Outbox;
import org.yellowfit.app.people.SignedIn;
import org.yellowfit.app.words.Sentences;

/** Messages that went out, reminders that are due, and what customers said by their links. */
@Controller
class OutboxController {

    private static final int SHOWN = 100;

    record Row(String recipient, String subject, String body, String by, String when, String came) {}

    private final Outbox outbox;
    private final Reminders reminders;
    private final HandoutLinks links;

    OutboxController(Outbox outbox, Reminders reminders, HandoutLinks links) {
        this.outbox = outbox;
        this.reminders = reminders;
        this.links = links;
    }

    @GetMapping("/outbox")
    String show(Model model) {
        model.addAttribute(
                "messages",
                outbox.latest(SHOWN).stream().map(OutboxController::row).toList());
        model.addAttribute("due", reminders.due());
        model.addAttribute("real", outbox.isReal());
        return "takeaway/outbox";
    }

    private static Row row(Outbox.Message message) {
        String when = Sentences.date("date.time", message.made().atZone(ZoneId.systemDefault()));
        String came = message.sent().isPresent()
                ? Sentences.say("outbox.sent")
                : message.problem().isEmpty()
                        ? Sentences.say("outbox.kept")
                        : Sentences.say("outbox.failed", message.problem());
        return new Row(message.recipient(), message.subject(), message.body(), message.by(), when, came);
    }

    @PostMapping("/outbox/reminders/{link}")
    String remind(@PathVariable long link, @AuthenticationPrincipal SignedIn me, RedirectAttributes flash) {
        boolean sent = reminders.send(link, me.displayName());
        flash.addFlashAttribute("told", List.of(Sentences.say(sent ? "outbox.reminded" : "outbox.not-due")));
        return "redirect:/outbox";
    }

    @PostMapping("/words/{id}/seen")
    String seen(@PathVariable long id, @AuthenticationPrincipal SignedIn me) {
        links.seen(id, me.displayName());
        return "redirect:/";
    }
}
