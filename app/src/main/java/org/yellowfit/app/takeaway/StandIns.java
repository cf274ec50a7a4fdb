package org.yellowfit.app.takeaway;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import org.yellowfit.app.catalogue.CatalogueStore;
import org.yellowfit.app.stock.Stock;
import org.yellowfit.app.stock.StockRow;
import org.yellowfit.app.visit.Visit;
import org.yellowfit.app.web.Fragments;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.fit.Catalogue;
import org.yellowfit.core.fit.Question;
import org.yellowfit.core.fit.Substitutes;
import org.yellowfit.core.measure.UnitSystem;
import org.yellowfit.core.pair.Companion;
import org.yellowfit.core.plant.Cultivar;

/**
 * What is there instead of what is short (rule H7): of the plants that do the same job at the place and stand in the yard
 * in number, the likest, and of these the one that keeps the best company with the rest of the list.
 */
@Component
class StandIns {

    /** @param losses what is felt of it; empty where nothing is lost */
    record StandIn(String plantId, String name, String pot, int inStock, int percent, List<String> losses) {}

    private static final int LIKEST = 16;
    private static final int CHOSEN_FROM = 6;
    /** What a plant of the list that it goes with is worth beside likeness; our judgement. */
    private static final double COMPANY = 0.03;

    /** What the likest plants hang on; what of them stands in the yard is looked up anew. */
    private record LikestKey(String plant, Question question, long catalogue) {}

    /** What the choice among them hangs on. */
    private record ChosenKey(
            String plant,
            Question question,
            long catalogue,
            List<String> company,
            int needed,
            List<List<StockRow>> yard,
            UnitSystem units) {}

    private final CatalogueStore store;
    private final Stock stock;
    private final Fragments fragments;

    StandIns(CatalogueStore store, Stock stock, Fragments fragments) {
        this.fragments = fragments;
        this.store = store;
        this.stock = stock;
    }

    /** By the lines' ids; the yard is asked once for all of them. */
    Map<Long, StandIn> of(List<PlantLine> shortOf, List<PlantLine> all, Visit visit) {
        if (shortOf.isEmpty()) {
            return Map.of();
        }
        Question question = visit.question();
        long edition = store.edition();
        Catalogue catalogue = store.catalogue(question.policy());
        Map<Long, List<Substitutes.Offer>> likest = new LinkedHashMap<>();
        for (PlantLine line : shortOf) {
            likest.put(
                    line.id(),
                    fragments.once(
                            new LikestKey(line.plant().id(), question, edition),
                            () -> Substitutes.of(catalogue, line.plant(), question, true, LIKEST)));
        }
        Map<String, List<StockRow>> yard = stock.of(likest.values().stream()
                .flatMap(List::stream)
                .map(offer -> offer.plant().id())
                .distinct()
                .toList());
        Map<Long, StandIn> chosen = new LinkedHashMap<>();
        for (PlantLine line : shortOf) {
            chosen(line, all, likest.get(line.id()), yard, question, edition, visit)
                    .ifPresent(standIn -> chosen.put(line.id(), standIn));
        }
        return chosen;
    }

    private Optional<StandIn> chosen(
            PlantLine line,
            List<PlantLine> all,
            List<Substitutes.Offer> likest,
            Map<String, List<StockRow>> yard,
            Question question,
            long edition,
            Visit visit) {
        List<Cultivar> company = all.stream()
                .map(PlantLine::plant)
                .filter(plant -> !plant.id().equals(line.plant().id()))
                .toList();
        List<List<StockRow>> there = likest.stream()
                .map(offer -> yard.getOrDefault(offer.plant().id(), List.of()))
                .toList();
        int needed = line.count().plants();
        ChosenKey key = new ChosenKey(
                line.plant().id(),
                question,
                edition,
                company.stream().map(Cultivar::id).toList(),
                needed,
                there,
                visit.units());
        return fragments.once(key, () -> chosen(likest, company, yard, needed, visit));
    }

    private static Optional<StandIn> chosen(
            List<Substitutes.Offer> likest,
            List<Cultivar> company,
            Map<String, List<StockRow>> yard,
            int needed,
            Visit visit) {
        return likest.stream()
                .filter(offer -> company.stream()
                        .noneMatch(plant -> plant.id().equals(offer.plant().id())))
                .filter(offer -> pot(yard, offer, needed).isPresent())
                .limit(CHOSEN_FROM)
                .max(Comparator.comparingDouble(offer -> offer.said().likeness()
                        + COMPANY
                                * Companion.of(offer.plant(), company, company.size())
                                        .size()))
                .map(offer -> told(offer, pot(yard, offer, needed).orElseThrow(), visit));
    }

    private static Optional<StockRow> pot(Map<String, List<StockRow>> yard, Substitutes.Offer offer, int needed) {
        return yard.getOrDefault(offer.plant().id(), List.of()).stream()
                .filter(row -> row.inStock() >= needed)
                .findFirst();
    }

    private static StandIn told(Substitutes.Offer offer, StockRow pot, Visit visit) {
        return new StandIn(
                offer.plant().id(),
                offer.plant().name(),
                pot.pot(),
                pot.inStock(),
                (int) Math.round(offer.said().likeness() * 100),
                Sentences.each(offer.losses(), visit.units()));
    }
}
