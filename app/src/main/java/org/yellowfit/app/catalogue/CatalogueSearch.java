package org.yellowfit.app.catalogue;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.EnumMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.springframework.dao.EmptyResultDataAccessException;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.yellowfit.core.fit.Catalogue;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Policy;
import org.yellowfit.core.search.Condition;
import org.yellowfit.core.search.Facet;
import org.yellowfit.core.search.Understanding;
import org.yellowfit.core.search.Understood;

/** Finds plants as somebody types: traits are understood in the core, words of names are looked up in PostgreSQL, forgiving of spelling. */
@Service
public class CatalogueSearch {

    /** Least trigram similarity of a misspelt word to the one meant: “geranum” is 0.55 from “geranium”. */
    private static final double NEAR = 0.34;
    private static final int SHORTEST_CORRECTED = 4;
    private static final int MOST_WORDS = 8;

    /**
     * A part of the search as it was understood.
     *
     * @param label   for people
     * @param typed   what was typed for it
     * @param without the search with it taken out
     * @param wrong   whether nothing in the catalogue is like it, so that it was left out
     */
    public record Chip(String label, String typed, String without, boolean wrong) {
    }

    /** @param heap its number in the facet; {@code chosen} whether the list is narrowed to it */
    public record Heap(int heap, String name, int count, boolean chosen) {
    }

    public record FacetView(Facet facet, List<Heap> heaps) {
    }

    /** @param plants all that match, best first */
    record Found(List<Cultivar> plants, List<Chip> chips, List<FacetView> facets) {
    }

    private record Named(List<String> ids, List<Chip> chips, boolean anyWord) {
    }

    private final CatalogueStore store;
    private final JdbcTemplate jdbc;

    CatalogueSearch(CatalogueStore store, JdbcTemplate jdbc) {
        this.store = store;
        this.jdbc = jdbc;
    }

    Found find(String typed, Map<Facet, Integer> chosen) {
        return find(typed, chosen, Optional.empty());
    }

    /**
     * @param chosen for each facet the heap the list is narrowed to
     * @param colour a colour looked for; the nearest come first then
     */
    Found find(String typed, Map<Facet, Integer> chosen, Optional<ColourWish> colour) {
        Snapshot snapshot = store.snapshot();
        Catalogue catalogue = snapshot.under(Policy.STANDARD);
        Understood understood = Understanding.of(typed);
        Named named = named(understood.words(), typed);
        List<Integer> ordered = ordered(catalogue, understood, named, typed);
        if (colour.isPresent()) {
            ordered = byColour(catalogue, ordered, colour.get());
        }
        BitSet matching = new BitSet(catalogue.size());
        ordered.forEach(matching::set);
        List<FacetView> facets = facets(snapshot, matching, chosen);
        List<Cultivar> plants = ordered.stream().filter(i -> isIn(snapshot, i, chosen)).map(catalogue.all()::get).toList();
        List<Chip> chips = new ArrayList<>();
        understood.conditions().forEach(condition -> chips.add(chip(condition, typed)));
        chips.addAll(named.chips());
        return new Found(plants, chips, facets);
    }

    private static Chip chip(Condition condition, String typed) {
        return new Chip(condition.label(), condition.said(), Understanding.without(typed, condition.said()), false);
    }

    /** Plants by place in the catalogue: those whose name is what was typed come first, whatever else the words may mean. */
    private List<Integer> ordered(Catalogue catalogue, Understood understood, Named named, String typed) {
        Set<Integer> ordered = new LinkedHashSet<>();
        if (!understood.conditions().isEmpty() && !typed.isBlank()) {
            byName(words(typed), true).forEach(id -> add(ordered, catalogue.indexOf(id)));
        }
        if (named.anyWord()) {
            for (String id : named.ids()) {
                int at = catalogue.indexOf(id);
                if (at >= 0 && understood.holdsFor(catalogue.all().get(at))) {
                    ordered.add(at);
                }
            }
        } else {
            for (int i = 0; i < catalogue.size(); i++) {
                if (understood.holdsFor(catalogue.all().get(i))) {
                    ordered.add(i);
                }
            }
        }
        return List.copyOf(ordered);
    }

    private static List<Integer> byColour(Catalogue catalogue, List<Integer> plants, ColourWish wish) {
        record Near(int plant, double distance) {
        }
        return plants.stream().map(i -> new Near(i, wish.distance(catalogue.all().get(i)))).filter(near -> near.distance() <= ColourWish.ALIKE)
                .sorted(java.util.Comparator.comparingDouble(Near::distance)).map(Near::plant).toList();
    }

    private static void add(Set<Integer> ordered, int at) {
        if (at >= 0) {
            ordered.add(at);
        }
    }

    private Named named(List<String> words, String typed) {
        List<String> used = new ArrayList<>();
        List<Chip> chips = new ArrayList<>();
        for (String word : words.subList(0, Math.min(MOST_WORDS, words.size()))) {
            Optional<String> meant = meant(word);
            meant.ifPresent(used::add);
            String label = meant.map(found -> found.startsWith(word) ? word : found).orElse(word);
            chips.add(new Chip(label, word, Understanding.without(typed, word), meant.isEmpty()));
        }
        return new Named(used.isEmpty() ? List.of() : byName(used, false), chips, !words.isEmpty());
    }

    /** The word itself when some name begins with it, or else the most like it. */
    private Optional<String> meant(String word) {
        String plain = lexeme(word);
        if (plain.isEmpty()) {
            return Optional.empty();
        }
        Boolean known = jdbc.queryForObject("select exists (select 1 from catalogue_word where word like ? escape '!')", Boolean.class, plain.replaceAll("([!%_])", "!$1") + "%");
        if (Boolean.TRUE.equals(known)) {
            return Optional.of(plain);
        }
        return plain.length() < SHORTEST_CORRECTED ? Optional.empty() : nearest(plain);
    }

    private Optional<String> nearest(String plain) {
        try {
            return Optional.ofNullable(jdbc.queryForObject("select word from catalogue_word where word % ? and similarity(word, ?) >= ? "
                    + "order by similarity(word, ?) desc, length(word), word limit 1", String.class, plain, plain, NEAR, plain));
        } catch (EmptyResultDataAccessException e) {
            return Optional.empty();
        }
    }

    /** @param namesOnly whether the words must all stand in the names */
    private List<String> byName(List<String> words, boolean namesOnly) {
        String query = String.join(" & ", words.stream().map(CatalogueSearch::lexeme).filter(word -> !word.isEmpty())
                .map(word -> "'" + word.replace("'", "''") + "':*" + (namesOnly ? "A" : "")).toList());
        if (query.isEmpty()) {
            return List.of();
        }
        return jdbc.queryForList("select id from cultivar, to_tsquery('simple', ?) q where search @@ q order by ts_rank(search, q) desc, id", String.class, query);
    }

    private static List<String> words(String typed) {
        return List.of(Words.shorten(typed.strip().toLowerCase(java.util.Locale.ROOT)).split("[^\\p{L}\\p{N}×]+"));
    }

    private static String lexeme(String word) {
        return word.toLowerCase(java.util.Locale.ROOT).replaceAll("[^\\p{L}\\p{N}×]", "");
    }

    private static boolean isIn(Snapshot snapshot, int plant, Map<Facet, Integer> chosen) {
        return chosen.entrySet().stream().allMatch(each -> snapshot.facets().isIn(plant, each.getKey(), each.getValue()));
    }

    /** Counts within what the other facets leave, so that every number tells what choosing it would give. */
    private static List<FacetView> facets(Snapshot snapshot, BitSet matching, Map<Facet, Integer> chosen) {
        List<FacetView> views = new ArrayList<>();
        for (Facet facet : Facet.values()) {
            Map<Facet, Integer> others = new EnumMap<>(Facet.class);
            others.putAll(chosen);
            others.remove(facet);
            int[] counts = snapshot.facets().counts(others.isEmpty() ? matching : narrowed(snapshot, matching, others), facet);
            List<Heap> heaps = new ArrayList<>();
            for (int i = 0; i < counts.length; i++) {
                heaps.add(new Heap(i, facet.heaps().get(i), counts[i], Integer.valueOf(i).equals(chosen.get(facet))));
            }
            views.add(new FacetView(facet, heaps));
        }
        return views;
    }

    private static BitSet narrowed(Snapshot snapshot, BitSet matching, Map<Facet, Integer> chosen) {
        BitSet narrowed = new BitSet(matching.size());
        for (int i = matching.nextSetBit(0); i >= 0; i = matching.nextSetBit(i + 1)) {
            if (isIn(snapshot, i, chosen)) {
                narrowed.set(i);
            }
        }
        return narrowed;
    }
}
