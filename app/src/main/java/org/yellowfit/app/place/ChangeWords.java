package org.yellowfit.app.place;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import org.yellowfit.app.visit.Known;
import org.yellowfit.app.visit.Merge.Change;
import org.yellowfit.app.visit.Section;
import org.yellowfit.app.visit.VisitField;
import org.yellowfit.app.visit.VisitFields;
import org.yellowfit.app.visit.VisitForm;
import org.yellowfit.app.visit.Visits;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.measure.UnitSystem;

/**
 * What another person changed, in sentences.
 *
 * @param by    who
 * @param units in which lengths and temperatures are told
 */
public record ChangeWords(String by, UnitSystem units) {

    /** What the person who saved should know of the others; empty when nobody else was there. */
    public static List<String> told(Visits.Outcome outcome) {
        if (outcome instanceof Visits.Outcome.Conflict conflict) {
            ChangeWords words = new ChangeWords(
                    conflict.current().changedBy(), conflict.current().units());
            return Stream.concat(
                            words.conflicts(conflict.conflicts()).stream(), words.changes(conflict.theirs()).stream())
                    .toList();
        }
        Visits.Outcome.Saved saved = (Visits.Outcome.Saved) outcome;
        return new ChangeWords(saved.by(), saved.visit().units()).changes(saved.theirs());
    }

    List<String> changes(List<Change<?>> changes) {
        return changes.stream().map(this::change).toList();
    }

    List<String> conflicts(List<Change<?>> changes) {
        return changes.stream().map(this::conflict).toList();
    }

    private <T> String change(Change<T> change) {
        return Sentences.say(
                "meanwhile.changed",
                by,
                name(change.field()),
                quoted(change.field(), change.before()),
                quoted(change.field(), change.theirs()));
    }

    private <T> String conflict(Change<T> change) {
        return Sentences.say(
                "meanwhile.conflict",
                by,
                name(change.field()),
                quoted(change.field(), change.theirs()),
                quoted(change.field(), change.mine()));
    }

    <T> String theirs(Change<T> change) {
        return Sentences.say("meanwhile.theirs", by, quoted(change.field(), change.theirs()));
    }

    /** {@code site.maxHeightM} is told as “max height”. */
    static String name(VisitField<?> field) {
        if (field.section() == Section.DRAWING) {
            return Sentences.say("meanwhile.thing", field.name());
        }
        return field.name()
                .replaceAll("(M|C)$", "")
                .replaceAll("([A-Z])", " $1")
                .toLowerCase(Locale.ROOT);
    }

    private <T> String quoted(VisitField<T> field, Optional<Known<T>> known) {
        if (known.isEmpty()) {
            return Sentences.say("meanwhile.nothing");
        }
        if (field.equals(VisitFields.STATION)) {
            return Sentences.say("meanwhile.station");
        }
        return field.section() == Section.DRAWING
                ? Sentences.say("meanwhile.shape")
                : Sentences.say(
                        "meanwhile.quoted", VisitForm.shown(field, known, units).replace("|", ", "));
    }
}
