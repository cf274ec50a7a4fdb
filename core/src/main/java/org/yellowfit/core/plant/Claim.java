package org.yellowfit.core.plant;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.yellowfit.core.measure.InvalidInput;
import org.yellowfit.core.measure.Numbers;
import org.yellowfit.core.measure.Problem;
import org.yellowfit.core.measure.Refused;
import org.yellowfit.core.measure.Words;

/**
 * What one source says of one trait of one cultivar.
 *
 * @param id         of the cultivar
 * @param value      in the one canonical form of the trait's cells
 * @param source     who or what, in words
 * @param atAgeYears age of the plant it was seen on, years since planting; only for sizes it changes the meaning
 * @param place      where, blank when it was not said
 */
public record Claim(
        String id,
        Trait<?> trait,
        String value,
        String source,
        SourceKind kind,
        OptionalDouble atAgeYears,
        String place) {

    /** Columns of {@code claims.csv}, in order. */
    public static final List<String> COLUMNS =
            List.of("id", "column", "value", "source", "source_kind", "at_age_years", "place");

    private static final double OLDEST_YEARS = 500;
    private static final int LONGEST_WORDS = 300;

    /**
     * Reads a row of {@code claims.csv}.
     *
     * @throws InvalidInput with every problem of the row, by column
     */
    public static Claim ofCells(Map<String, String> cells) {
        List<Problem> problems = new ArrayList<>();
        String id = needed(cells, "id", problems);
        Trait<?> trait = trait(needed(cells, "column", problems), problems);
        String value = needed(cells, "value", problems);
        String source = words(cells, "source", problems);
        needed(cells, "source", problems);
        SourceKind kind = kind(needed(cells, "source_kind", problems), problems);
        OptionalDouble age = age(cells.getOrDefault("at_age_years", ""), problems);
        String place = words(cells, "place", problems);
        if (trait != null && value != null) {
            value = canonical(trait, value, problems);
        }
        if (!problems.isEmpty()) {
            throw new InvalidInput(problems);
        }
        return new Claim(id, trait, value, source, kind, age, place);
    }

    /** Text by column, the form {@link #ofCells} reads. */
    public Map<String, String> toCells() {
        return Map.of(
                "id",
                id,
                "column",
                trait.name(),
                "value",
                value,
                "source",
                source,
                "source_kind",
                Words.of(kind),
                "at_age_years",
                atAgeYears.isPresent() ? Numbers.write(atAgeYears.getAsDouble()) : "",
                "place",
                place);
    }

    private static String needed(Map<String, String> cells, String column, List<Problem> problems) {
        String cell = cells.get(column);
        if (cell == null || cell.isBlank()) {
            if (problems.stream().noneMatch(problem -> problem.field().equals(column))) {
                problems.add(new Problem(column, "This column is required and must be filled."));
            }
            return null;
        }
        return cell.strip();
    }

    private static String words(Map<String, String> cells, String column, List<Problem> problems) {
        String text = Optional.ofNullable(cells.get(column)).orElse("").strip();
        if (text.length() > LONGEST_WORDS) {
            problems.add(new Problem(column, "This is longer than %s characters.", LONGEST_WORDS));
        }
        return text;
    }

    private static Trait<?> trait(String name, List<Problem> problems) {
        if (name == null) {
            return null;
        }
        Optional<Trait<?>> trait = Traits.named(name);
        if (trait.isEmpty() || trait.get() == Traits.ID) {
            String hint = Words.nearest(
                            name, Traits.ALL.stream().map(Trait::name).toList())
                    .map(near -> " Did you mean “" + near + "”?")
                    .orElse("");
            problems.add(new Problem("column", "“%s” is no trait of the catalogue.%s", Words.shorten(name), hint));
            return null;
        }
        return trait.get();
    }

    private static SourceKind kind(String word, List<Problem> problems) {
        try {
            return word == null ? null : said(Words.parse(SourceKind.class, word));
        } catch (IllegalArgumentException e) {
            problems.add(Problem.of("source_kind", e));
            return null;
        }
    }

    private static SourceKind said(SourceKind kind) {
        if (!kind.isSaid()) {
            throw new Refused("What is calibrated is worked out of the records; name who says so.");
        }
        return kind;
    }

    private static OptionalDouble age(String text, List<Problem> problems) {
        if (text == null || text.isBlank()) {
            return OptionalDouble.empty();
        }
        try {
            double years = Numbers.parse(text);
            if (!(years >= 0 && years <= OLDEST_YEARS)) {
                throw new Refused("The age must lie between 0 and 500 years.");
            }
            return OptionalDouble.of(years);
        } catch (IllegalArgumentException e) {
            problems.add(Problem.of("at_age_years", e));
            return OptionalDouble.empty();
        }
    }

    private static String canonical(Trait<?> trait, String value, List<Problem> problems) {
        try {
            return trait.canonical(value);
        } catch (IllegalArgumentException e) {
            problems.add(Problem.of("value", e));
            return value;
        }
    }
}
