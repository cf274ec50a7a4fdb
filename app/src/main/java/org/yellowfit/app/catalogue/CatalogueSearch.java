package org.yellowfit.app.catalogue;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;
import org.springframework.dao.EmptyResultDataAccessException;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.fit.Catalogue;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.measure.UnitSystem;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Policy;
import org.yellowfit.core.search.Condition;
import org.yellowfit.core.search.Facet;
import org.yellowfit.core.search.Understanding;
import org.yellowfit.core.search.Understood;
import org.yellowfit.core.search.WordIndex;

/**
 * Finds plants as somebody types: traits and names in the snapshot, misspelt words put right by PostgreSQL's trigrams.
 */
@Service
class CatalogueSearch {

    /** Least trigram similarity of a misspelt word to the one meant: “geranum” is 0.55 from “geranium”. */
    private static final double NEAR = 0.34;

    private static final int SHORTEST_CORRECTED = 4;
    private static final int MOST_WORDS = 8;

    /**
     * What is asked for. {@code chosen}: for each facet the group the list is narrowed to; {@code colour}: one looked
     * for, the nearest first.
     */
    record Asked(String typed, Map<Facet, Integer> chosen, Optional<ColourWish> colour) {}

    /**
     * A part of the search as it was understood.
     *
     * @param label   for people
     * @param typed   what was typed for it
     * @param without the search with it taken out
     * @param wrong   whether nothing in the catalogue is like it
     */
    record Chip(String label, String typed, String without, boolean wrong) {}

    /** @param group its number in the facet; {@code chosen} whether the list is narrowed to it */
    record Group(int group, String name, int count, boolean chosen) {}

    record FacetView(Facet facet, List<Group> groups) {}

    /** @param count of all that match; {@code plants} those of the part asked for, best first */
    record Found(int count, List<Cultivar> plants, List<Chip> chips, List<FacetView> facets) {}

    private record Named(List<String> words, List<Chip> chips, boolean any) {}

    private final CatalogueStore store;
    private final JdbcTemplate jdbc;

    CatalogueSearch(CatalogueStore store, JdbcTemplate jdbc) {
        this.store = store;
        this.jdbc = jdbc;
    }

    /** @param from first of the plants to give, counted from 0 */
    Found find(Asked asked, int from, int most) {
        Snapshot snapshot = store.snapshot();
        Catalogue catalogue = snapshot.under(Policy.STANDARD);
        Understood understood = Understanding.of(asked.typed());
        Named named = named(snapshot, understood.words(), asked.typed());
        BitSet byName = asked.typed().isBlank() || understood.conditions().isEmpty()
                ? new BitSet()
                : snapshot.labels().names().plants(words(asked.typed()), true);
        BitSet matching = matching(snapshot, understood, named);
        matching.or(byName);
        int[] order = new int[0];
        if (asked.colour().isPresent()) {
            order = byColour(catalogue, matching, asked.colour().get());
            matching.clear();
            Arrays.stream(order).forEach(matching::set);
        }
        BitSet shown = snapshot.facets().narrowed(matching, asked.chosen());
        IntStream ordered = asked.colour().isPresent()
                ? Arrays.stream(order).filter(shown::get)
                : IntStream.concat(
                        byName.stream().filter(shown::get), shown.stream().filter(i -> !byName.get(i)));
        List<Cultivar> plants =
                ordered.skip(from).limit(most).mapToObj(catalogue.all()::get).toList();
        return new Found(
                shown.cardinality(),
                plants,
                chips(understood, named, asked.typed()),
                facets(snapshot, matching, asked.chosen()));
    }

    private static List<Chip> chips(Understood understood, Named named, String typed) {
        List<Chip> chips = new ArrayList<>();
        for (Condition condition : understood.conditions()) {
            chips.add(new Chip(
                    say(condition.meaning()), condition.said(), Understanding.without(typed, condition.said()), false));
        }
        chips.addAll(named.chips());
        return chips;
    }

    private static String say(Fact fact) {
        return Sentences.say(fact, UnitSystem.METRIC);
    }

    private static BitSet matching(Snapshot snapshot, Understood understood, Named named) {
        BitSet matching = named.any() && named.words().isEmpty()
                ? new BitSet()
                : snapshot.labels().names().plants(named.words(), false);
        understood.conditions().forEach(condition -> matching.and(snapshot.meeting(condition)));
        return matching;
    }

    private static int[] byColour(Catalogue catalogue, BitSet plants, ColourWish wish) {
        record Near(int plant, double distance) {}
        ToDoubleFunction<Cultivar> distance = wish.distance();
        return plants.stream()
                .mapToObj(
                        i -> new Near(i, distance.applyAsDouble(catalogue.all().get(i))))
                .filter(near -> near.distance() <= ColourWish.ALIKE)
                .sorted(Comparator.comparingDouble(Near::distance))
                .mapToInt(Near::plant)
                .toArray();
    }

    private Named named(Snapshot snapshot, List<String> typedWords, String typed) {
        List<String> used = new ArrayList<>();
        List<Chip> chips = new ArrayList<>();
        boolean allFound = true;
        for (String word : typedWords.subList(0, Math.min(MOST_WORDS, typedWords.size()))) {
            Optional<String> meant = meant(snapshot, WordIndex.plain(word));
            meant.ifPresent(used::add);
            allFound &= meant.isPresent();
            chips.add(new Chip(meant.orElse(word), word, Understanding.without(typed, word), meant.isEmpty()));
        }
        return new Named(allFound ? used : List.of(), chips, !typedWords.isEmpty());
    }

    /** The word itself when some plant carries one beginning so, or else the most like it. */
    private Optional<String> meant(Snapshot snapshot, String word) {
        if (word.isEmpty()) {
            return Optional.empty();
        }
        return snapshot.labels().names().knows(word)
                ? Optional.of(word)
                : word.length() < SHORTEST_CORRECTED ? Optional.empty() : nearest(word);
    }

    private Optional<String> nearest(String word) {
        try {
            return Optional.ofNullable(jdbc.queryForObject(
                    "select word from catalogue_word where word % ? and similarity(word, ?) >= ? "
                            + "order by similarity(word, ?) desc, length(word), word limit 1",
                    String.class, word, word, NEAR, word));
        } catch (EmptyResultDataAccessException e) {
            return Optional.empty();
        }
    }

    private static List<String> words(String typed) {
        return Arrays.stream(typed.toLowerCase(Locale.ROOT).split("[^\\p{L}\\p{N}×]+"))
                .filter(word -> !word.isEmpty())
                .limit(2 * MOST_WORDS)
                .toList();
    }

    /** Counts within what the other facets leave, so that every number tells what choosing it would give. */
    private static List<FacetView> facets(Snapshot snapshot, BitSet matching, Map<Facet, Integer> chosen) {
        List<FacetView> views = new ArrayList<>();
        for (Facet facet : Facet.values()) {
            Map<Facet, Integer> others = new EnumMap<>(Facet.class);
            others.putAll(chosen);
            others.remove(facet);
            int[] counts = snapshot.facets().counts(snapshot.facets().narrowed(matching, others), facet);
            List<Group> groups = new ArrayList<>();
            for (int i = 0; i < counts.length; i++) {
                groups.add(new Group(
                        i,
                        say(facet.groups().get(i)),
                        counts[i],
                        Integer.valueOf(i).equals(chosen.get(facet))));
            }
            views.add(new FacetView(facet, groups));
        }
        return views;
    }
}
