package org.yellowfit.core.plant;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/**
 * One column of the open catalogue: its name, and how its cells are read and written. All traits stand in {@link Traits}.
 *
 * @param <T> what a filled cell means
 */
public final class Trait<T> {

    private static final int LONGEST_SHARED = 80;
    private static final int MOST_SHARED = 5000;

    private final String name;
    private final int ordinal;
    private final boolean required;
    private final CellType<T> type;
    /** Values read before, so that equal cells of a large catalogue share one value. */
    private final Map<String, T> known = new ConcurrentHashMap<>();

    Trait(String name, int ordinal, boolean required, CellType<T> type) {
        this.name = name;
        this.ordinal = ordinal;
        this.required = required;
        this.type = type;
    }

    public String name() {
        return name;
    }

    public boolean isRequired() {
        return required;
    }

    int ordinal() {
        return ordinal;
    }

    /** @throws IllegalArgumentException with a sentence that says what was expected */
    public T read(String cell) {
        T value = known.get(cell);
        if (value == null) {
            value = type.read().apply(cell);
            if (cell.length() <= LONGEST_SHARED && known.size() < MOST_SHARED) {
                known.put(cell, value);
            }
        }
        return value;
    }

    /** The one form in which a cell of this column is written. */
    public String canonical(String cell) {
        return write(read(cell.strip()));
    }

    public String write(T value) {
        return type.write().apply(value);
    }

    @Override
    public String toString() {
        return name;
    }
}
