package org.yellowfit.app.place;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.yellowfit.app.visit.Known;
import org.yellowfit.app.visit.Merge.Change;
import org.yellowfit.app.visit.Section;
import org.yellowfit.app.visit.VisitField;
import org.yellowfit.app.visit.VisitForm;
import org.yellowfit.core.measure.UnitSystem;

/**
 * What another person changed, in sentences.
 *
 * @param by    who
 * @param units in which lengths and temperatures are told
 */
record ChangeWords(String by, UnitSystem units) {

    List<String> changes(List<Change<?>> changes) {
        return changes.stream().map(this::change).toList();
    }

    List<String> conflicts(List<Change<?>> changes) {
        return changes.stream().map(this::conflict).toList();
    }

    private <T> String change(Change<T> change) {
        return "%s meanwhile changed %s from %s to %s; that is kept."
                .formatted(
                        by,
                        name(change.field()),
                        quoted(change.field(), change.before()),
                        quoted(change.field(), change.theirs()));
    }

    private <T> String conflict(Change<T> change) {
        return "%s meanwhile set %s to %s; here stands %s. Nothing is saved yet: keep or change it, and save again."
                .formatted(
                        by,
                        name(change.field()),
                        quoted(change.field(), change.theirs()),
                        quoted(change.field(), change.mine()));
    }

    <T> String theirs(Change<T> change) {
        return "%s meanwhile set this to %s.".formatted(by, quoted(change.field(), change.theirs()));
    }

    /** {@code site.maxHeightM} is told as “max height”. */
    static String name(VisitField<?> field) {
        if (field.section() == Section.DRAWING) {
            return "a thing in the drawing (" + field.name() + ")";
        }
        return field.name()
                .replaceAll("(M|C)$", "")
                .replaceAll("([A-Z])", " $1")
                .toLowerCase(Locale.ROOT);
    }

    private <T> String quoted(VisitField<T> field, Optional<Known<T>> known) {
        if (known.isEmpty()) {
            return "nothing";
        }
        return field.section() == Section.DRAWING
                ? "another shape"
                : "“" + VisitForm.shown(field, known, units).replace("|", ", ") + "”";
    }
}
