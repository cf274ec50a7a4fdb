package org.yellowfit.app.visit;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiConsumer;
import org.yellowfit.core.measure.Field;
import org.yellowfit.core.measure.FieldValues;

/** All that was told, measured or worked out in a visit, by field. Immutable. What is not in here is unknown. */
public final class Answers {

    public static final Answers NONE = new Answers(Map.of());

    private final Map<VisitField<?>, Known<?>> known;

    private Answers(Map<VisitField<?>, Known<?>> known) {
        this.known = known;
    }

    public Set<VisitField<?>> fields() {
        return known.keySet();
    }

    @SuppressWarnings("unchecked") // an edit puts in nothing but the field's own type
    public <T> Optional<Known<T>> known(VisitField<T> field) {
        return Optional.ofNullable((Known<T>) known.get(field));
    }

    public <T> Optional<T> get(VisitField<T> field) {
        return known(field).map(Known::value);
    }

    public <T> T get(VisitField<T> field, T otherwise) {
        return get(field).orElse(otherwise);
    }

    /** The same with what the edit sets and takes out. */
    public Answers with(Edit edit) {
        Map<VisitField<?>, Known<?>> changed = new LinkedHashMap<>(known);
        edit.changes().forEach((field, value) -> {
            if (value == null) {
                changed.remove(field);
            } else {
                changed.put(field, value);
            }
        });
        return new Answers(changed);
    }

    /** The values of one section, as the core takes them; null when there are none. */
    FieldValues values(Section section, List<Field<?>> fields) {
        FieldValues values = FieldValues.NONE;
        for (Field<?> field : fields) {
            values = add(values, new VisitField<>(section, field));
        }
        return values;
    }

    private <T> FieldValues add(FieldValues values, VisitField<T> field) {
        return get(field).map(value -> values.with(field.field(), value)).orElse(values);
    }

    /** In the plain form of JSON; null when the field is unknown. */
    <T> Object written(VisitField<T> field) {
        return get(field).map(field.field()::write).orElse(null);
    }

    <T> boolean sameValue(Answers other, VisitField<T> field) {
        return Objects.equals(written(field), other.written(field));
    }

    /** The same value from the same source. */
    <T> boolean same(Answers other, VisitField<T> field) {
        return sameValue(other, field)
                && known(field).map(Known::from).equals(other.known(field).map(Known::from));
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Answers that
                && known.keySet().equals(that.known.keySet())
                && known.keySet().stream().allMatch(field -> same(that, field));
    }

    @Override
    public int hashCode() {
        return known.keySet().hashCode();
    }

    void forEach(BiConsumer<VisitField<?>, Known<?>> each) {
        known.forEach(each);
    }
}
