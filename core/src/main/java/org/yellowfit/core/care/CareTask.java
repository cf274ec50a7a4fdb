package org.yellowfit.core.care;

import java.time.LocalDate;
import java.util.List;
import org.yellowfit.core.measure.Fact;

/**
 * One trip into the garden.
 *
 * @param parts   what of it each kind of plant takes, in the order of the plants
 * @param minutes whole, with {@value CareCalendar#START_UP_MINUTES} for each time one goes out
 * @param text    what to do, a sentence for each way of doing it
 * @param rules   of the rule book
 */
public record CareTask(
        Window window, TaskKind kind, List<Part> parts, int minutes, List<Fact> text, List<String> rules) {

    /** @param minutes without the time to start up */
    public record Part(ToCareFor plants, double minutes) {}

    public CareTask {
        parts = List.copyOf(parts);
        text = List.copyOf(text);
        rules = List.copyOf(rules);
    }

    public LocalDate from() {
        return window.from();
    }

    public LocalDate to() {
        return window.to();
    }

    public List<String> ids() {
        return parts.stream().map(part -> part.plants().plant().id()).distinct().toList();
    }

    /** Plants it is done to. */
    public int count() {
        return parts.stream().mapToInt(part -> part.plants().count()).sum();
    }
}
