package org.yellowfit.core.plant;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.yellowfit.core.colour.Colour;
import org.yellowfit.core.measure.Interval;
import org.yellowfit.core.measure.InvalidInput;
import org.yellowfit.core.measure.Problem;
import org.yellowfit.core.measure.Refused;

/** A plant under a name, with what is known of it. Immutable; traits that are not known are absent. */
public final class Cultivar {

    private final Object[] values;
    private final Map<String, String> notes;

    private Cultivar(Object[] values, Map<String, String> notes) {
        this.values = values;
        this.notes = notes;
    }

    /**
     * Reads a row of the catalogue.
     *
     * @param cells text by column name; blank is unknown; columns that are no trait are kept as notes
     * @throws InvalidInput with every problem of the row, by column name
     */
    public static Cultivar ofCells(Map<String, String> cells) {
        Object[] values = new Object[Traits.ALL.size()];
        List<Problem> problems = new ArrayList<>();
        for (Trait<?> trait : Traits.ALL) {
            try {
                values[trait.ordinal()] = read(trait, cells.get(trait.name()));
            } catch (IllegalArgumentException e) {
                problems.add(Problem.of(trait.name(), e));
            }
        }
        addContradictions(values, problems);
        if (!problems.isEmpty()) {
            throw new InvalidInput(problems);
        }
        return new Cultivar(values, notesOf(cells));
    }

    /** Text by column name, in column order, each trait in its one canonical form; notes after the traits, by name. */
    public Map<String, String> toCells() {
        Map<String, String> cells = new LinkedHashMap<>();
        for (Trait<?> trait : Traits.ALL) {
            write(trait).ifPresent(text -> cells.put(trait.name(), text));
        }
        cells.putAll(notes);
        return cells;
    }

    /** This plant with one trait set to another value. */
    public <T> Cultivar with(Trait<T> trait, T value) {
        Object[] copy = values.clone();
        copy[trait.ordinal()] = value;
        return new Cultivar(copy, notes);
    }

    @SuppressWarnings("unchecked")
    public <T> Optional<T> get(Trait<T> trait) {
        return Optional.ofNullable((T) values[trait.ordinal()]);
    }

    public <T> Optional<String> write(Trait<T> trait) {
        return get(trait).map(trait::write);
    }

    /** Whether the trait is known to hold {@code word}; false when it is unknown. */
    public <E> boolean has(Trait<List<E>> trait, E word) {
        return get(trait).map(list -> list.contains(word)).orElse(false);
    }

    public <E> boolean is(Trait<E> trait, E value) {
        return value.equals(values[trait.ordinal()]);
    }

    public String id() {
        return must(Traits.ID);
    }

    public Kind kind() {
        return must(Traits.KIND);
    }

    public Habit habit() {
        return must(Traits.HABIT);
    }

    public Persistence persistence() {
        return must(Traits.PERSISTENCE);
    }

    public Interval height10() {
        return must(Traits.HEIGHT10);
    }

    public Interval spread10() {
        return must(Traits.SPREAD10);
    }

    /** Sold for one season, or living only one. */
    public boolean isAnnual() {
        return kind() == Kind.ANNUAL || persistence() == Persistence.ANNUAL;
    }

    /** Of wood that grows on for as long as it lives; an evergreen perennial, grass or fern is a clump all the same. */
    public boolean isWoody() {
        return persistence().isWoody()
                && switch (kind()) {
                    case PERENNIAL, GRASS, FERN, BULB, ANNUAL -> false;
                    default -> true;
                };
    }

    public String botanical() {
        return must(Traits.BOTANICAL);
    }

    /** The first word of the botanical name. */
    public String genus() {
        int end = botanical().indexOf(' ');
        return end < 0 ? botanical() : botanical().substring(0, end);
    }

    /** Whether it is of a genus or a species, as it is written: {@code Hydrangea}, {@code Hydrangea macrophylla}. */
    public boolean isOf(String taxon) {
        return botanical().equals(taxon) || botanical().startsWith(taxon + " ");
    }

    /** The full name as it is written on a list: botanical name and, in single quotes, the cultivar's. */
    public String name() {
        return get(Traits.CULTIVAR)
                .map(cultivar -> botanical() + " ‘" + cultivar + "’")
                .orElse(botanical());
    }

    public List<Colour> colours(Trait<List<Colour>> trait) {
        return get(trait).orElse(List.of());
    }

    public Map<String, String> notes() {
        return notes;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Cultivar that
                && java.util.Arrays.equals(values, that.values)
                && notes.equals(that.notes);
    }

    @Override
    public int hashCode() {
        return java.util.Arrays.hashCode(values);
    }

    @Override
    public String toString() {
        return name();
    }

    private <T> T must(Trait<T> trait) {
        return get(trait).orElseThrow(() -> new IllegalStateException("A cultivar without its " + trait.name() + "."));
    }

    private static <T> T read(Trait<T> trait, String cell) {
        if (cell == null || cell.isBlank()) {
            if (trait.isRequired()) {
                throw new Refused("This column is required and must be filled.");
            }
            return null;
        }
        return trait.read(cell.strip());
    }

    private static Map<String, String> notesOf(Map<String, String> cells) {
        Map<String, String> notes = new TreeMap<>();
        cells.forEach((column, cell) -> {
            if (cell != null && !cell.isBlank() && Traits.named(column).isEmpty()) {
                notes.put(column, cell);
            }
        });
        return java.util.Collections.unmodifiableMap(notes);
    }

    private static void addContradictions(Object[] values, List<Problem> problems) {
        Cultivar draft = new Cultivar(values, Map.of());
        draft.get(Traits.ZONE_MAX)
                .ifPresent(warmest -> draft.get(Traits.ZONE_MIN)
                        .filter(z -> z.compareTo(warmest) > 0)
                        .ifPresent(coldest -> problems.add(new Problem(
                                "zone_max",
                                "The warmest zone %s is colder than zone_min %s.",
                                warmest.label(),
                                coldest.label()))));
        smallerThan(draft, Traits.HEIGHT_MAX, Traits.HEIGHT10, problems);
        smallerThan(draft, Traits.SPREAD_MAX, Traits.SPREAD10, problems);
    }

    private static void smallerThan(
            Cultivar draft, Trait<Interval> ultimate, Trait<Interval> ten, List<Problem> problems) {
        if (draft.get(ultimate).isPresent()
                && draft.get(ten).isPresent()
                && draft.get(ultimate).get().high() < draft.get(ten).get().low()) {
            problems.add(new Problem(
                    ultimate.name(),
                    "The ultimate size %s is smaller than %s at ten years.",
                    draft.get(ultimate).get().text(),
                    draft.get(ten).get().text()));
        }
    }
}
