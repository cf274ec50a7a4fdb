package org.yellowfit.core.serve;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.yellowfit.core.measure.Field;
import org.yellowfit.core.measure.FieldValues;
import org.yellowfit.core.measure.Interval;
import org.yellowfit.core.plant.Habit;
import org.yellowfit.core.plant.Kind;
import org.yellowfit.core.plant.LeafTexture;
import org.yellowfit.core.plant.Merit;
import org.yellowfit.core.plant.Use;

/**
 * What the customer asks for beyond growing there. Empty, false and null: not asked for.
 *
 * @param said  values of {@link WishFields}
 * @param never what a plant must not be or have; null for nothing
 */
public record Wants(FieldValues said, Wants never) {

    /** Where a colour is looked for. */
    public enum ColourOf {
        ANY,
        LEAF,
        FLOWER,
        FRUIT,
        STEM
    }

    public static final int USUAL_SCREEN_YEARS = 5;
    public static final Wants NOTHING = new Wants(FieldValues.NONE, null);

    public <T> Wants with(Field<T> field, T value) {
        return new Wants(said.with(field, value), never);
    }

    /** The same without a wish, by its field, or without a job, by its word. */
    public Wants without(String want) {
        for (Field<?> field : WishFields.ALL) {
            if (field.name().equals(want)) {
                return with(field, null);
            }
        }
        return with(
                WishFields.JOBS,
                jobs().stream().filter(job -> !job.kind().word().equals(want)).toList());
    }

    public Set<Kind> kinds() {
        return new TreeSet<>(said.get(WishFields.KINDS, List.of()));
    }

    public boolean evergreen() {
        return said.get(WishFields.EVERGREEN, false);
    }

    /** Any of them. */
    public List<WantedColour> colours() {
        return said.get(WishFields.COLOURS, List.of());
    }

    public ColourOf colourOf() {
        return said.get(WishFields.COLOUR_OF, ColourOf.ANY);
    }

    /** 1–12, months in which the colour is to be seen; empty: whenever. */
    public List<Integer> colourMonths() {
        return sorted(said.get(WishFields.COLOUR_MONTHS, List.of()));
    }

    /** No flowers of another colour. */
    public boolean onlyThese() {
        return said.get(WishFields.ONLY_THESE, false);
    }

    /** 1–12, any of them. */
    public List<Integer> bloomMonths() {
        return sorted(said.get(WishFields.BLOOM_MONTHS, List.of()));
    }

    public boolean fragrance() {
        return said.get(WishFields.FRAGRANCE, false);
    }

    public boolean pollinators() {
        return said.get(WishFields.POLLINATORS, false);
    }

    /** Fruit or seed for birds. */
    public boolean birds() {
        return said.get(WishFields.BIRDS, false);
    }

    /** Fruit, for whoever looks at it or eats it. */
    public boolean berries() {
        return said.get(WishFields.BERRIES, false);
    }

    /** Something to look at from November to March. */
    public boolean winterInterest() {
        return said.get(WishFields.WINTER_INTEREST, false);
    }

    /** As the catalogue writes it. */
    public String nativeRegion() {
        return said.get(WishFields.NATIVE_REGION);
    }

    /** A plant a year. */
    public Double maxCareMinutes() {
        return said.get(WishFields.MAX_CARE);
    }

    /** Of the smallest size sold, in the store's currency. */
    public Double maxPrice() {
        return said.get(WishFields.MAX_PRICE);
    }

    public Set<Use> uses() {
        return new TreeSet<>(said.get(WishFields.USES, List.of()));
    }

    /** To be reached by {@link #screenByYear}, m. */
    public Double screenHeightM() {
        return said.get(WishFields.SCREEN_HEIGHT);
    }

    public int screenByYear() {
        return (int) Math.round(said.get(WishFields.SCREEN_BY, (double) USUAL_SCREEN_YEARS));
    }

    /** The first as it was said, since it counts most (L3), the others in the one order of their texts, each once. */
    public List<Job> jobs() {
        List<Job> as = said.get(WishFields.JOBS, List.of());
        if (as.isEmpty()) {
            return List.of();
        }
        Map<String, Job> byText = new TreeMap<>();
        as.forEach(job -> byText.put(job.text(), job));
        byText.remove(as.get(0).text());
        List<Job> jobs = new ArrayList<>(List.of(as.get(0)));
        jobs.addAll(byText.values());
        return List.copyOf(jobs);
    }

    public Set<Habit> habits() {
        return new TreeSet<>(said.get(WishFields.HABITS, List.of()));
    }

    /** At the horizon, m. */
    public Interval heightM() {
        return said.get(WishFields.HEIGHT);
    }

    /** At the horizon, m. */
    public Interval spreadM() {
        return said.get(WishFields.SPREAD);
    }

    public Set<LeafTexture> leafTextures() {
        return new TreeSet<>(said.get(WishFields.LEAF_TEXTURES, List.of()));
    }

    public List<String> neverGenera() {
        return said.get(WishFields.NEVER_GENERA, List.of());
    }

    /** The id of the plant to be replaced, or its genus. */
    public String instead() {
        return said.get(WishFields.INSTEAD);
    }

    public Like like() {
        return said.get(WishFields.LIKE);
    }

    /** What it shall be grown for, any of it. */
    public Set<Merit> show() {
        List<Merit> show = said.get(WishFields.SHOW, List.of());
        return show.isEmpty() ? Set.of() : EnumSet.copyOf(show);
    }

    /** How much each wish counts, by its field's or its job's name. */
    public Map<String, Importance> importance() {
        Map<String, Importance> all = new HashMap<>();
        said.get(WishFields.IMPORTANCE, List.of()).forEach(each -> all.put(each.wish(), each.importance()));
        said.get(WishFields.MUST, List.of()).forEach(wish -> all.put(wish, Importance.MUST));
        return all;
    }

    public Importance importance(String wish) {
        return importance().getOrDefault(wish, Importance.MUCH);
    }

    /** Wishes of which a miss rules a plant out. */
    public Set<String> must() {
        return importance().entrySet().stream()
                .filter(each -> each.getValue() == Importance.MUST)
                .map(Map.Entry::getKey)
                .collect(Collectors.toCollection(TreeSet::new));
    }

    public boolean isNothing() {
        return kinds().isEmpty()
                && wishesNothing()
                && neverGenera().isEmpty()
                && (never == null || never.kinds().isEmpty() && never.wishesNothing());
    }

    /** Whether nothing is asked for but perhaps a kind. */
    public boolean wishesNothing() {
        return !evergreen()
                && colours().isEmpty()
                && bloomMonths().isEmpty()
                && !fragrance()
                && !pollinators()
                && !birds()
                && !berries()
                && !winterInterest()
                && nativeRegion() == null
                && maxCareMinutes() == null
                && maxPrice() == null
                && uses().isEmpty()
                && screenHeightM() == null
                && isNothingOfJobs();
    }

    private boolean isNothingOfJobs() {
        return jobs().isEmpty()
                && habits().isEmpty()
                && heightM() == null
                && spreadM() == null
                && leafTextures().isEmpty()
                && instead() == null
                && like() == null
                && show().isEmpty();
    }

    private static List<Integer> sorted(List<Integer> months) {
        return months.stream().distinct().sorted().toList();
    }
}
