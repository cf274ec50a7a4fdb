package org.yellowfit.core.plant;

/**
 * One column of the open catalogue: its name, and how its cells are read and written. All traits stand in {@link Traits}.
 *
 * @param <T> what a filled cell means
 */
public final class Trait<T> {

    private final String name;
    private final int ordinal;
    private final boolean required;
    private final CellType<T> type;

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
    T read(String cell) {
        return type.read().apply(cell);
    }

    String write(T value) {
        return type.write().apply(value);
    }

    @Override
    public String toString() {
        return name;
    }
}
