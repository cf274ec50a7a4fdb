package org.yellowfit.core.measure;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Function;

/**
 * Reads named values of unknown kind, as they come from a file, a form or another program, and collects every problem
 * instead
 * of stopping at the first. Numbers and truth values are taken as such or as text; null and blank are unknown.
 */
public final class InputReader {

    private static final int LONGEST_LIST = 1000;

    private final Map<String, ?> values;
    private final String prefix;
    private final List<Problem> problems;

    /** @param prefix put before a field's name in its problems, like {@code site.} */
    public InputReader(Map<String, ?> values, String prefix, List<Problem> problems) {
        this.values = values;
        this.prefix = prefix;
        this.problems = problems;
    }

    public Double number(String field, double least, double most, String unit) {
        return read(field, value -> {
            double number = value instanceof Number plain ? plain.doubleValue() : Numbers.parse(text(value));
            if (!(number >= least && number <= most)) {
                String given = Double.isFinite(number) ? Numbers.write(number) : Words.shorten(text(value));
                throw unit.isEmpty()
                        ? new Refused(
                                "%s is out of range; expected %s to %s.",
                                given, Numbers.write(least), Numbers.write(most))
                        : new Refused(
                                "%s is out of range; expected %s to %s %s.",
                                given, Numbers.write(least), Numbers.write(most), unit);
            }
            return number;
        });
    }

    public Boolean yesNo(String field) {
        return read(field, value -> {
            if (value instanceof Boolean yes) {
                return yes;
            }
            return switch (text(value)) {
                case "true", "yes" -> true;
                case "false", "no" -> false;
                default -> throw new Refused("“%s” is neither true nor false.", Words.shorten(text(value)));
            };
        });
    }

    /** A value read from text, such as a zone or a word of a closed list. */
    public <T> T text(String field, Function<String, T> parse) {
        return read(field, value -> parse.apply(text(value)));
    }

    public <E extends Enum<E>> E word(String field, Class<E> type) {
        return text(field, text -> Words.parse(type, text));
    }

    /** A list, or a single value as a list of one; null when unknown. */
    public <T> List<T> list(String field, Function<String, T> parse) {
        return read(field, value -> {
            if (!(value instanceof Iterable<?> given)) {
                return List.of(parse.apply(text(value)));
            }
            List<T> list = new ArrayList<>();
            int at = 0;
            for (Object each : given) {
                if (at >= LONGEST_LIST) {
                    throw new Refused("At most %s values are taken in one list.", LONGEST_LIST);
                }
                readInto(list, field + "[" + at++ + "]", each, parse);
            }
            return List.copyOf(list);
        });
    }

    public LocalDate date(String field) {
        return text(field, text -> {
            try {
                return LocalDate.parse(text);
            } catch (DateTimeException e) {
                throw new Refused(Refusal.of("“%s” is not a date; write it like 2026-05-10.", Words.shorten(text)), e);
            }
        });
    }

    /**
     * A list of things that are more than one word; a single one is a list of one.
     *
     * @param read gives null for what it has refused
     */
    public <T> List<T> items(String field, int most, ItemReading<T> read) {
        Object value = values.get(field);
        if (value == null || value instanceof String text && text.isBlank()) {
            return null;
        }
        Iterable<?> given = value instanceof Iterable<?> many ? many : List.of(value);
        List<T> items = new ArrayList<>();
        int at = 0;
        for (Object each : given) {
            if (at >= most) {
                problem(field, "At most %s values are taken in one list.", most);
                break;
            }
            T item = each == null ? null : read.read(each, this, field + "[" + at + "]");
            at++;
            if (item != null) {
                items.add(item);
            }
        }
        return List.copyOf(items);
    }

    /** Reads one thing of a list. */
    @FunctionalInterface
    public interface ItemReading<T> {
        T read(Object given, InputReader in, String field);
    }

    /** The values of an object within; null when there is none. */
    public InputReader nested(String field, String expected) {
        Object value = values.get(field);
        if (value == null) {
            return null;
        }
        if (!(value instanceof Map<?, ?> map)) {
            problem(field, expected);
            return null;
        }
        @SuppressWarnings("unchecked") // the keys of an object are text
        Map<String, ?> within = (Map<String, ?>) map;
        return new InputReader(within, prefix + field + ".", problems);
    }

    /** Values within this field, its problems told under the field's name. */
    public InputReader within(String field, Map<String, ?> inner) {
        return new InputReader(inner, prefix + field + ".", problems);
    }

    /** The value as it was given; null when it was not. */
    public Object plain(String field) {
        return values.get(field);
    }

    public List<Problem> problems() {
        return problems;
    }

    /** @see Refusal#of(String, Object...) */
    public void problem(String field, String sentence, Object... values) {
        problems.add(new Problem(prefix + field, sentence, values));
    }

    /** Notes what an exception tells of. */
    public void refuse(String field, IllegalArgumentException e) {
        problems.add(Problem.of(prefix + field, e));
    }

    private <T> void readInto(List<T> list, String field, Object value, Function<String, T> parse) {
        try {
            list.add(parse.apply(text(value)));
        } catch (IllegalArgumentException e) {
            problems.add(Problem.of(prefix + field, e));
        }
    }

    private <T> T read(String field, Function<Object, T> parse) {
        Object value = values.get(field);
        if (value == null || value instanceof String text && text.isBlank()) {
            return null;
        }
        try {
            return parse.apply(value);
        } catch (IllegalArgumentException e) {
            problems.add(Problem.of(prefix + field, e));
            return null;
        }
    }

    private static String text(Object value) {
        if (value instanceof String text) {
            return text.strip();
        }
        if (value instanceof Number || value instanceof Boolean) {
            return value.toString();
        }
        throw new Refused("A single value is expected here, not a list or an object.");
    }
}
