package org.yellowfit.app.takeaway;

import java.sql.Timestamp;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.yellowfit.app.outbox.Outbox;
import org.yellowfit.app.visit.Visit;
import org.yellowfit.app.visit.Visits;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.care.CareTask;
import org.yellowfit.core.care.TaskKind;

/** Reminders of what is to be done in the next two weeks, for those who were sent their link by mail. */
@Service
class Reminders {

    private static final int DAYS_AHEAD = 14;
    private static final Duration NOT_AGAIN = Duration.ofDays(12);

    /** @param tasks what is due, in words */
    record Due(long link, UUID visitId, String place, String email, String address, List<String> tasks) {}

    private final HandoutLinks links;
    private final Visits visits;
    private final CarePlans plans;
    private final PlantList list;
    private final Outbox outbox;

    Reminders(HandoutLinks links, Visits visits, CarePlans plans, PlantList list, Outbox outbox) {
        this.links = links;
        this.visits = visits;
        this.plans = plans;
        this.list = list;
        this.outbox = outbox;
    }

    List<Due> due() {
        List<Due> due = new ArrayList<>();
        for (Map<String, Object> row : links.mailed()) {
            Timestamp reminded = (Timestamp) row.get("reminded_at");
            boolean lately = reminded != null
                    && reminded.toInstant().isAfter(Instant.now().minus(NOT_AGAIN));
            Optional<Visit> visit = visits.find((UUID) row.get("visit_id"));
            if (!lately && visit.isPresent()) {
                List<String> tasks = tasks(visit.get());
                if (!tasks.isEmpty()) {
                    due.add(new Due(
                            (Long) row.get("id"),
                            visit.get().id(),
                            visit.get().place(),
                            String.valueOf(row.get("email")),
                            links.addressOf(String.valueOf(row.get("nonce"))),
                            tasks));
                }
            }
        }
        return due;
    }

    private List<String> tasks(Visit visit) {
        LocalDate today = LocalDate.now();
        return plans.of(visit, list.of(visit.id())).calendar().tasks().stream()
                .filter(task -> !task.from().isAfter(today.plusDays(DAYS_AHEAD))
                        && !task.to().isBefore(today))
                .filter(task -> task.kind() != TaskKind.PLANT)
                .map(Reminders::told)
                .toList();
    }

    private static String told(CareTask task) {
        return Sentences.say(
                "mail.reminder.task",
                Sentences.label(task.kind()),
                Sentences.date("date.day", task.from()),
                Sentences.date("date.day", task.to()));
    }

    /** @return whether it was still due */
    boolean send(long link, String by) {
        Optional<Due> due = due().stream().filter(each -> each.link() == link).findFirst();
        due.ifPresent(each -> {
            outbox.put(
                    each.visitId(),
                    each.email(),
                    Sentences.say("mail.reminder.subject", each.place()),
                    Sentences.say(
                            "mail.reminder.body",
                            each.place(),
                            each.tasks().stream().collect(Collectors.joining("\n")),
                            each.address()),
                    by);
            links.reminded(link);
        });
        return due.isPresent();
    }
}
