package org.yellowfit.app.visit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * How two people's edits of the same answers come together, field by field.
 *
 * @param merged    theirs with what was changed here; in a conflict as it was put here
 * @param theirs    what the other changed
 * @param conflicts what both changed, differently
 */
public record Merge(Answers merged, List<Change<?>> theirs, List<Change<?>> conflicts) {

    /** One field that somebody changed in the meantime: before, as they left it, and as it was put here. */
    public record Change<T>(
            VisitField<T> field, Optional<Known<T>> before, Optional<Known<T>> theirs, Optional<Known<T>> mine) {}

    /** @param base what both started from */
    static Merge of(Answers base, Answers theirs, Answers mine) {
        Set<VisitField<?>> fields = new LinkedHashSet<>(base.fields());
        fields.addAll(theirs.fields());
        fields.addAll(mine.fields());
        Edit kept = new Edit();
        List<Change<?>> changed = new ArrayList<>();
        List<Change<?>> conflicts = new ArrayList<>();
        fields.forEach(field -> merge(field, base, theirs, mine, kept, changed, conflicts));
        return new Merge(theirs.with(kept), changed, conflicts);
    }

    private static <T> void merge(
            VisitField<T> field,
            Answers base,
            Answers theirs,
            Answers mine,
            Edit kept,
            List<Change<?>> changed,
            List<Change<?>> conflicts) {
        boolean theyChanged = !theirs.sameValue(base, field);
        boolean iChanged = !mine.sameValue(base, field);
        if (theyChanged && iChanged && field.isTicked() && !mine.sameValue(theirs, field)) {
            changed.add(new Change<>(field, base.known(field), theirs.known(field), mine.known(field)));
            kept.set(field, ticks(base.known(field), theirs.known(field), mine.known(field)));
            return;
        }
        if (theyChanged && !mine.sameValue(theirs, field)) {
            (iChanged ? conflicts : changed)
                    .add(new Change<>(field, base.known(field), theirs.known(field), mine.known(field)));
        }
        if (iChanged || !theyChanged && !mine.same(base, field)) {
            kept.set(field, mine.known(field).orElse(null));
        }
    }

    /** What both ticked and what one of them did; without what one of them took out. Null for nothing. */
    @SuppressWarnings("unchecked") // a ticked field's values are lists of what is ticked
    private static <T> Known<T> ticks(Optional<Known<T>> base, Optional<Known<T>> theirs, Optional<Known<T>> mine) {
        List<Object> before = ticked(base);
        List<Object> other = ticked(theirs);
        List<Object> own = ticked(mine);
        List<Object> together = Stream.concat(other.stream(), own.stream())
                .distinct()
                .filter(tick -> !before.contains(tick) || other.contains(tick) && own.contains(tick))
                .sorted(Comparator.comparing(String::valueOf, Comparator.comparingInt(String::length))
                        .thenComparing(String::valueOf))
                .toList();
        return together.isEmpty()
                ? null
                : new Known<>((T) together, mine.or(() -> theirs).orElseThrow().from());
    }

    private static List<Object> ticked(Optional<? extends Known<?>> known) {
        return known.map(Known::value)
                .map(value -> List.<Object>copyOf((List<?>) value))
                .orElse(List.of());
    }
}
