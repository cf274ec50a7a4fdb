package org.yellowfit.core.measure;

import java.time.LocalDate;
import java.util.List;
import java.util.function.Function;

/**
 * A named value of one type: how it is read from a file, a form or another program, and how it is written again. What
 * is written reads back as the same value.
 *
 * @param <T> of the value; null is unknown
 */
public final class Field<T> {

    /** Reads the value named; notes what is wrong with it. */
    public interface Reading<T> {
        T read(InputReader in, String name);
    }

    private final String name;
    private final String unit;
    private final boolean list;
    private final Reading<T> reading;
    private final Function<T, ?> writing;

    /** @param unit of a number, like {@code m}; empty for none */
    private Field(String name, String unit, boolean list, Reading<T> reading, Function<T, ?> writing) {
        this.name = name;
        this.unit = unit;
        this.list = list;
        this.reading = reading;
        this.writing = writing;
    }

    /** @param writing into numbers, text, truth values, and lists and maps of these */
    public static <T> Field<T> of(String name, Reading<T> reading, Function<T, ?> writing) {
        return new Field<>(name, "", false, reading, writing);
    }

    /** A number within {@code least} and {@code most}, both allowed. */
    public static Field<Double> number(String name, double least, double most, String unit) {
        return new Field<>(name, unit, false, (in, field) -> in.number(field, least, most, unit), value -> value);
    }

    public static Field<Boolean> yesNo(String name) {
        return of(name, InputReader::yesNo, value -> value);
    }

    public static <E extends Enum<E>> Field<E> word(String name, Class<E> type) {
        return of(name, (in, field) -> in.word(field, type), Words::of);
    }

    /** @param parse throws {@link IllegalArgumentException} with a sentence for whoever typed it */
    public static <T> Field<T> text(String name, Function<String, T> parse, Function<T, String> write) {
        return of(name, (in, field) -> in.text(field, parse), write);
    }

    public static Field<LocalDate> date(String name) {
        return of(name, InputReader::date, LocalDate::toString);
    }

    /** An empty list is known to be empty. */
    public static <T> Field<List<T>> list(String name, Function<String, T> parse, Function<T, ?> write) {
        return new Field<>(
                name,
                "",
                true,
                (in, field) -> in.list(field, parse),
                values -> values.stream().<Object>map(write).toList());
    }

    /** A list of things that are more than one word each. */
    public static <T> Field<List<T>> many(String name, Reading<List<T>> reading, Function<T, ?> writing) {
        return new Field<>(
                name,
                "",
                true,
                reading,
                values -> values.stream().<Object>map(writing).toList());
    }

    public String name() {
        return name;
    }

    public String unit() {
        return unit;
    }

    public boolean isList() {
        return list;
    }

    /** The value; null where it is not given, or wrong, which is noted in {@code in}. */
    public T read(InputReader in) {
        return reading.read(in, name);
    }

    /** In the plain form of JSON. */
    public Object write(T value) {
        return writing.apply(value);
    }

    @Override
    public String toString() {
        return name;
    }
}
