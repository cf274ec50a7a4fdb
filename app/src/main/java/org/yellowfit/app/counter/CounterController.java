package org.yellowfit.app.counter;

import java.time.ZoneId;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.yellowfit.app.shop.LightWords;
import org.yellowfit.app.visit.Visit;
import org.yellowfit.app.visit.Visits;
import org.yellowfit.app.words.Refusals;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.app.words.SiteWords;

@Controller
class CounterController {

    private static final int SHOWN = 60;

    record Card(
            UUID id,
            String place,
            String customer,
            String note,
            String told,
            int picked,
            String advisor,
            String when,
            boolean finished) {}

    private static final Logger LOG = LoggerFactory.getLogger(CounterController.class);

    private final LightWords light;
    private final Visits visits;
    private final FromCustomers customers;
    private final FollowUps followUps;

    CounterController(Visits visits, LightWords light, FromCustomers customers, FollowUps followUps) {
        this.followUps = followUps;
        this.customers = customers;
        this.light = light;
        this.visits = visits;
    }

    @GetMapping("/sign-in")
    String signIn() {
        return "sign-in";
    }

    @GetMapping("/")
    String counter(Model model) {
        model.addAttribute("looks", followUps.due());
        model.addAttribute("words", customers.unseen(SHOWN));
        model.addAttribute("reminders", customers.remindersDue());
        Set<UUID> own = visits.ownBeds();
        List<Card> cards = visits.latest(SHOWN + own.size()).stream()
                .filter(visit -> !own.contains(visit.id()))
                .limit(SHOWN)
                .map(this::card)
                .toList();
        model.addAttribute(
                "open", cards.stream().filter(card -> !card.finished()).toList());
        model.addAttribute("finished", cards.stream().filter(Card::finished).toList());
        return "counter/counter";
    }

    /** The place in a line; one visit that cannot be told must not keep the others from being seen. */
    private String glance(Visit visit) {
        try {
            return visit.problems().isEmpty()
                    ? new SiteWords(visit.question().site(), visit.units(), light.cutoffs()).glance()
                    : Refusals.say(visit.problems().get(0));
        } catch (RuntimeException e) {
            LOG.error("The visit {} cannot be told", visit.id(), e);
            return Sentences.say("counter.cannot-be-told");
        }
    }

    private Card card(Visit visit) {
        return new Card(
                visit.id(),
                visit.place(),
                visit.customer(),
                visit.note(),
                glance(visit),
                visit.chosen().size(),
                visit.advisor(),
                Sentences.date("date.day-time", visit.changedAt().atZone(ZoneId.systemDefault())),
                visit.finished());
    }
}
