package org.yellowfit.core.measure;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Values by their fields, each of its field's type. Immutable. What is not in here is unknown. */
public final class FieldValues {

    public static final FieldValues NONE = new FieldValues(Map.of());

    private final Map<Field<?>, Object> values;

    private FieldValues(Map<Field<?>, Object> values) {
        this.values = values;
    }

    /** Every field that is given; what is wrong with the others is noted in {@code in}. */
    public static FieldValues read(List<Field<?>> fields, InputReader in) {
        Map<Field<?>, Object> values = new LinkedHashMap<>();
        for (Field<?> field : fields) {
            Object value = field.read(in);
            if (value != null) {
                values.put(field, value);
            }
        }
        return new FieldValues(values);
    }

    public boolean isEmpty() {
        return values.isEmpty();
    }

    public List<String> fieldNames() {
        return values.keySet().stream().map(Field::name).toList();
    }

    public boolean has(Field<?> field) {
        return values.containsKey(field);
    }

    /** Null when unknown. */
    @SuppressWarnings("unchecked") // with() and read() put in nothing but the field's own type
    public <T> T get(Field<T> field) {
        return (T) values.get(field);
    }

    public <T> T get(Field<T> field, T otherwise) {
        T value = get(field);
        return value == null ? otherwise : value;
    }

    /** The same with one value set; null takes it out. */
    public <T> FieldValues with(Field<T> field, T value) {
        Map<Field<?>, Object> changed = new LinkedHashMap<>(values);
        if (value == null) {
            changed.remove(field);
        } else {
            changed.put(field, value);
        }
        return new FieldValues(changed);
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof FieldValues that && values.equals(that.values);
    }

    @Override
    public int hashCode() {
        return values.hashCode();
    }
}
