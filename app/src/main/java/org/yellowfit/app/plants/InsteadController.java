package org.yellowfit.app.plants;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.BiPredicate;
import java.util.stream.Collectors;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.yellowfit.app.catalogue.CatalogueStore;
import org.yellowfit.app.catalogue.TraitWords;
import org.yellowfit.app.visit.Visit;
import org.yellowfit.app.visit.Visits;
import org.yellowfit.app.web.NotFound;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.fit.Question;
import org.yellowfit.core.fit.Substitutes;
import org.yellowfit.core.fit.Verdict;
import org.yellowfit.core.measure.UnitSystem;
import org.yellowfit.core.pair.Companion;
import org.yellowfit.core.pair.Likeness;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Rebloom;
import org.yellowfit.core.plant.Traits;

/** What to take instead of a plant: like it, but smaller, hardier, earlier, flowering again, or of another colour. */
@Controller
class InsteadController {

    private static final int SHOWN = 12;
    private static final double SMALLER = 0.85;
    private static final double OTHER_COLOUR = 0.14;
    /** “Like this one, but …”: the words, and when another plant is so. */
    private static final Map<String, BiPredicate<Cultivar, Cultivar>> BUTS = buts();

    record Offer(
            String id,
            String botanical,
            String cultivar,
            String common,
            String picture,
            int percent,
            String dot,
            String verdict,
            String fits,
            String needs,
            String size,
            List<String> same,
            List<String> better,
            List<String> worse) {}

    record But(String word, boolean chosen) {}

    private final Visits visits;
    private final CatalogueStore store;

    InsteadController(Visits visits, CatalogueStore store) {
        this.visits = visits;
        this.store = store;
    }

    private static Map<String, BiPredicate<Cultivar, Cultivar>> buts() {
        Map<String, BiPredicate<Cultivar, Cultivar>> buts = new LinkedHashMap<>();
        buts.put(
                "smaller",
                (asked, other) ->
                        other.height10().mid() < SMALLER * asked.height10().mid()
                                && other.spread10().mid() < asked.spread10().mid() * 1.05);
        buts.put(
                "hardier",
                (asked, other) -> other.get(Traits.ZONE_MIN)
                                .orElseThrow()
                                .compareTo(asked.get(Traits.ZONE_MIN).orElseThrow())
                        < 0);
        buts.put(
                "earlier",
                (asked, other) -> asked.get(Traits.BLOOM).isPresent()
                        && other.get(Traits.BLOOM).isPresent()
                        && other.get(Traits.BLOOM).get().startThird()
                                < asked.get(Traits.BLOOM).get().startThird());
        buts.put("repeats", (asked, other) -> other.get(Traits.REBLOOM).orElse(Rebloom.NONE) != Rebloom.NONE);
        buts.put(
                "other colour",
                (asked, other) -> Companion.shown(asked).isPresent()
                        && Companion.shown(other).isPresent()
                        && Companion.shown(asked)
                                        .get()
                                        .lab()
                                        .distanceTo(Companion.shown(other).get().lab())
                                > OTHER_COLOUR);
        return buts;
    }

    @GetMapping("/visits/{id}/instead/{plant}")
    String show(
            @PathVariable UUID id,
            @PathVariable String plant,
            @RequestParam(defaultValue = "") List<String> but,
            Model model) {
        Visit visit =
                visits.find(id).orElseThrow(() -> new NotFound("There is no such visit; it may have been erased."));
        Question question = visit.question();
        Cultivar asked = store.find(plant).orElseThrow(() -> new NotFound("The catalogue has no such plant."));
        List<Substitutes.Offer> offers =
                Substitutes.of(store.catalogue(question.policy()), asked, question, true, Integer.MAX_VALUE).stream()
                        .filter(offer -> but.stream()
                                .filter(BUTS::containsKey)
                                .allMatch(word -> BUTS.get(word).test(asked, offer.plant())))
                        .limit(SHOWN)
                        .toList();
        model.addAttribute("visit", visit);
        model.addAttribute("asked", asked.name());
        model.addAttribute("askedId", asked.id());
        model.addAttribute(
                "buts",
                BUTS.keySet().stream()
                        .map(word -> new But(word, but.contains(word)))
                        .toList());
        model.addAttribute(
                "offers",
                offers.stream()
                        .map(offer -> offer(offer, question, visit.units()))
                        .toList());
        model.addAttribute("weights", weights(question));
        return "plants/instead";
    }

    private Offer offer(Substitutes.Offer offer, Question question, UnitSystem units) {
        Cultivar plant = offer.plant();
        return new Offer(
                plant.id(),
                plant.botanical(),
                plant.get(Traits.CULTIVAR).orElse(""),
                plant.get(Traits.COMMON).orElse(""),
                store.portrait(
                        plant, Optional.ofNullable(question.site().winter().zone())),
                (int) Math.round(offer.said().likeness() * 100),
                ShortlistWords.dot(offer.verdict()),
                offer.verdict() == Verdict.FITS ? "fits" : "fits, if",
                Sentences.label(offer.fits()),
                Sentences.say(offer.needs(), units),
                units.glance(plant.height10().mid(), plant.spread10().mid()),
                words(offer.said().same()),
                words(offer.said().better()),
                words(offer.said().worse()));
    }

    private static List<String> words(List<String> traits) {
        return traits.stream()
                .map(trait ->
                        Traits.named(trait).map(TraitWords::name).orElse(trait).toLowerCase(Locale.ROOT))
                .toList();
    }

    /** What counts here, the weightiest first. */
    private static String weights(Question question) {
        List<Map.Entry<Likeness.Aspect, Double>> sorted =
                new ArrayList<>(Substitutes.weights(question).entrySet());
        sorted.sort(Map.Entry.<Likeness.Aspect, Double>comparingByValue().reversed());
        return sorted.stream()
                .map(each ->
                        each.getKey().words() + " " + org.yellowfit.core.measure.Numbers.rounded(each.getValue(), 1))
                .collect(Collectors.joining(", "));
    }
}
