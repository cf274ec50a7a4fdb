package org.yellowfit.core.plant;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Function;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.yellowfit.core.climate.HardinessZone;
import org.yellowfit.core.colour.Colour;
import org.yellowfit.core.measure.Interval;
import org.yellowfit.core.measure.Numbers;
import org.yellowfit.core.measure.Refused;
import org.yellowfit.core.measure.Words;

/**
 * What a cell of the catalogue may hold: how its text is read, and the one way it is written back.
 *
 * @param read  throws {@link IllegalArgumentException} with a sentence for the person who wrote the cell
 * @param write the canonical text; reading it gives an equal value
 */
record CellType<T>(Function<String, T> read, Function<T, String> write) {

    private static final Pattern SLUG = Pattern.compile("[a-z0-9]+(-[a-z0-9]+)*");
    private static final Pattern SEPARATOR = Pattern.compile("\\|");
    private static final int LONGEST_SLUG = 80;

    static CellType<String> slug() {
        return new CellType<>(CellType::readSlug, Function.identity());
    }

    static CellType<String> text() {
        return new CellType<>(String::strip, Function.identity());
    }

    static <E extends Enum<E>> CellType<E> word(Class<E> type) {
        return new CellType<>(text -> Words.parse(type, text), Words::of);
    }

    static CellType<Double> number(double least, double most, String unit) {
        return new CellType<>(text -> within(Numbers.parse(text), least, most, unit), Numbers::write);
    }

    static CellType<Interval> range(double least, double most, String unit) {
        return new CellType<>(
                text -> {
                    Interval range = Interval.parse(text);
                    within(range.low(), least, most, unit);
                    within(range.high(), least, most, unit);
                    return range;
                },
                Interval::text);
    }

    static CellType<HardinessZone> coldestZone() {
        return new CellType<>(HardinessZone::parse, HardinessZone::label);
    }

    static CellType<HardinessZone> warmestZone() {
        return new CellType<>(HardinessZone::parseAsWarmest, HardinessZone::label);
    }

    static CellType<Colour> colour() {
        return new CellType<>(Colour::parse, Colour::text);
    }

    static CellType<MeritGrade> merit() {
        return new CellType<>(MeritGrade::parse, MeritGrade::text);
    }

    static CellType<Bloom> bloom() {
        return new CellType<>(Bloom::parse, Bloom::text);
    }

    /** Months as a range or a list; written as a list in the order given. */
    static CellType<List<Integer>> months() {
        return new CellType<>(
                CellType::readMonths,
                months -> months.stream().map(String::valueOf).collect(Collectors.joining("|")));
    }

    static <T> CellType<List<T>> listOf(CellType<T> one) {
        return new CellType<>(
                text -> readList(text, one.read()),
                list -> list.stream().map(one.write()).collect(Collectors.joining("|")));
    }

    /** A list in which {@code none} stands alone or not at all. */
    static <E extends Enum<E>> CellType<List<E>> wordsOrNone(Class<E> type, E none) {
        CellType<List<E>> list = listOf(word(type));
        return new CellType<>(
                text -> {
                    List<E> words = list.read().apply(text);
                    if (words.contains(none) && words.size() > 1) {
                        throw new Refused("“none” stands alone or not at all.");
                    }
                    return words;
                },
                list.write());
    }

    private static <T> List<T> readList(String text, Function<String, T> one) {
        List<T> values = new ArrayList<>();
        for (String part : SEPARATOR.split(text, -1)) {
            if (part.isBlank()) {
                throw new Refused("The list “%s” has an empty place between its | marks.", Words.shorten(text));
            }
            T value = one.apply(part.strip());
            if (values.contains(value)) {
                throw new Refused("“%s” stands in the list twice.", Words.shorten(part.strip()));
            }
            values.add(value);
        }
        return List.copyOf(values);
    }

    private static List<Integer> readMonths(String text) {
        if (!text.contains("..")) {
            return readList(text, CellType::readMonth);
        }
        String[] ends = text.split("\\.\\.", 2);
        int first = readMonth(ends[0]);
        int last = readMonth(ends[1]);
        List<Integer> months = new ArrayList<>();
        for (int month = first; months.size() < 12; month = month % 12 + 1) {
            months.add(month);
            if (month == last) {
                break;
            }
        }
        return List.copyOf(months);
    }

    private static int readMonth(String text) {
        double month = Numbers.parse(text);
        if (month != Math.rint(month)) {
            throw new Refused("Months are whole numbers from 1 to 12.");
        }
        return (int) within(month, 1, 12, "month");
    }

    private static String readSlug(String text) {
        String slug = text.strip();
        if (!SLUG.matcher(slug).matches() || slug.length() > LONGEST_SLUG) {
            String hint =
                    slug.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-").replaceAll("^-|-$", "");
            throw new Refused(
                    "“%s” is not an id; use lower-case letters, digits and single hyphens, at most %d of them.%s",
                    Words.shorten(slug), LONGEST_SLUG, hint.isEmpty() ? "" : " Perhaps “" + Words.shorten(hint) + "”.");
        }
        return slug;
    }

    private static double within(double value, double least, double most, String unit) {
        if (!(value >= least && value <= most)) {
            throw new Refused(
                    "%s is out of range; expected %s to %s %s.",
                    Numbers.write(value), Numbers.write(least), Numbers.write(most), unit);
        }
        return value;
    }
}
