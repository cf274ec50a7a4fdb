package org.yellowfit.app.takeaway;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import org.yellowfit.app.catalogue.CatalogueStore;
import org.yellowfit.app.stock.Stock;
import org.yellowfit.app.stock.StockRow;
import org.yellowfit.app.takeaway.PlantList.Line;
import org.yellowfit.app.visit.Visit;
import org.yellowfit.app.web.Fragments;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.fit.Question;
import org.yellowfit.core.fit.Substitutes;
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

    private final CatalogueStore store;
    private final Stock stock;
    private final Fragments fragments;

    StandIns(CatalogueStore store, Stock stock, Fragments fragments) {
        this.fragments = fragments;
        this.store = store;
        this.stock = stock;
    }

    Optional<StandIn> of(Line line, List<Line> all, Visit visit) {
        Question question = visit.question();
        List<Substitutes.Offer> likest = fragments.once(
                new LikestKey(line.plant().id(), question, store.version()),
                () -> Substitutes.of(store.catalogue(question.policy()), line.plant(), question, true, LIKEST));
        Map<String, List<StockRow>> yard =
                stock.of(likest.stream().map(offer -> offer.plant().id()).toList());
        List<Cultivar> company = all.stream()
                .map(Line::plant)
                .filter(plant -> !plant.id().equals(line.plant().id()))
                .toList();
        int needed = line.count().plants();
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
