package org.yellowfit.app.visit;

import java.util.LinkedHashMap;
import java.util.Map;

/** What one person sets and takes out at once. */
public final class Edit {

    private final Map<VisitField<?>, Known<?>> changes = new LinkedHashMap<>();

    /** @param value null or an empty text takes it out */
    public <T> Edit set(VisitField<T> field, T value) {
        return set(field, value, Provenance.TYPED);
    }

    public <T> Edit set(VisitField<T> field, T value, Provenance from) {
        boolean blank = value == null || value instanceof String text && text.isBlank();
        changes.put(field, blank ? null : new Known<>(value, from));
        return this;
    }

    public <T> Edit set(VisitField<T> field, Known<T> value) {
        changes.put(field, value);
        return this;
    }

    public Edit clear(VisitField<?> field) {
        changes.put(field, null);
        return this;
    }

    public Edit all(Edit other) {
        changes.putAll(other.changes);
        return this;
    }

    public boolean isEmpty() {
        return changes.isEmpty();
    }

    public boolean touches(VisitField<?> field) {
        return changes.containsKey(field);
    }

    /** Null where a field is taken out. */
    Map<VisitField<?>, Known<?>> changes() {
        return changes;
    }
}
