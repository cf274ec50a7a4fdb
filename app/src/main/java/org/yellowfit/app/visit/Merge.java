package org.yellowfit.app.visit;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

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
        if (theyChanged && !mine.sameValue(theirs, field)) {
            (iChanged ? conflicts : changed)
                    .add(new Change<>(field, base.known(field), theirs.known(field), mine.known(field)));
        }
        if (iChanged || !theyChanged && !mine.same(base, field)) {
            kept.set(field, mine.known(field).orElse(null));
        }
    }
}
