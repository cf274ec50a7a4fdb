package org.yellowfit.app.takeaway;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.yellowfit.app.records.Doubts;
import org.yellowfit.app.records.PlantingNotes;
import org.yellowfit.app.records.RecordRow;
import org.yellowfit.app.visit.Visit;
import org.yellowfit.app.words.Refusals;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.measure.Length;
import org.yellowfit.core.measure.Numbers;
import org.yellowfit.core.measure.Problem;

/**
 * What customers see of their planting, by their link: noted like anything else that is seen, and told at the
 * counter.
 */
@Service
class SeenByCustomer {

    private final PlantList list;
    private final PlantingNotes notes;
    private final Doubts doubts;
    private final HandoutLinks links;

    SeenByCustomer(PlantList list, PlantingNotes notes, Doubts doubts, HandoutLinks links) {
        this.list = list;
        this.notes = notes;
        this.doubts = doubts;
        this.links = links;
    }

    /** @return what is wrong, by field, {@code form} for all of it; empty when it is noted */
    @Transactional
    public Map<String, String> note(HandoutLinks.Opened link, Visit visit, Map<String, String> typed) {
        Map<String, String> told = new LinkedHashMap<>();
        Optional<PlantLine> line = list.of(visit.id()).stream()
                .filter(each -> each.plant().id().equals(typed.get("plant")))
                .findFirst();
        if (line.isEmpty()) {
            told.put("form", Sentences.say("link.which-plant"));
            return told;
        }
        List<Problem> problems = new ArrayList<>();
        Map<String, String> cells = cells(typed, visit, problems);
        Optional<RecordRow> row = problems.isEmpty()
                ? notes.read(visit, line.get().plant().id(), line.get().pot(), cells, problems)
                : Optional.empty();
        problems.forEach(problem -> told.putIfAbsent(fieldOf(problem), Refusals.say(problem)));
        row.flatMap(read -> doubts.about(read, visit.units())).ifPresent(doubt -> told.put("height_m", doubt));
        if (told.isEmpty() && row.isPresent()) {
            notes.note(visit, List.of(row.get()), Sentences.say("link.the-customer"));
            links.say(link, wordOf(row.get()), line.get().plant().name(), said(row.get(), visit));
        }
        return told;
    }

    private static String fieldOf(Problem problem) {
        return List.of("height_m", "cause", "first_bloom").contains(problem.field()) ? problem.field() : "form";
    }

    private static Map<String, String> cells(Map<String, String> typed, Visit visit, List<Problem> problems) {
        Map<String, String> cells = new LinkedHashMap<>();
        for (String field : List.of("alive", "cause", "first_bloom")) {
            cells.put(field, typed.getOrDefault(field, ""));
        }
        String height = typed.getOrDefault("height", "").strip();
        if (!height.isEmpty()) {
            try {
                cells.put("height_m", Numbers.write(Length.parse(height, visit.units())));
            } catch (IllegalArgumentException e) {
                problems.add(Problem.of("height_m", e));
            }
        }
        return cells;
    }

    private static HandoutLinks.WordKind wordOf(RecordRow row) {
        return row.isLoss() ? HandoutLinks.WordKind.DIED : HandoutLinks.WordKind.SEEN;
    }

    /** In a few words for the counter. */
    private static String said(RecordRow row, Visit visit) {
        List<String> said = new ArrayList<>();
        if (row.cause() != null) {
            said.add(Sentences.label(row.cause()));
        }
        if (row.height() != null) {
            said.add(Sentences.say("records.high", visit.units().length(row.height())));
        }
        if (row.firstBloom() != null) {
            said.add(Sentences.say("records.first-bloom", Sentences.date("date.day", row.firstBloom())));
        }
        return said.isEmpty() ? Sentences.say("records.alive") : String.join("; ", said);
    }
}
