package org.yellowfit.app.plants;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.yellowfit.app.catalogue.CatalogueStore;
import org.yellowfit.app.catalogue.TraitWords;
import org.yellowfit.app.forms.Option;
import org.yellowfit.app.visit.GrowingPlaces;
import org.yellowfit.app.visit.Visit;
import org.yellowfit.app.visit.Visits;
import org.yellowfit.app.web.NotFound;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.fit.Difference;
import org.yellowfit.core.fit.Question;
import org.yellowfit.core.fit.Substitutes;
import org.yellowfit.core.measure.UnitSystem;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.pair.Likeness;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.season.GrowingPlace;

/** What to take instead of a plant: like it, but smaller, hardier, earlier, flowering again, or of another colour. */
@Controller
class SubstitutesController {

    private static final int SHOWN = 12;

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
            List<String> worse,
            List<String> losses) {}

    private final Visits visits;
    private final CatalogueStore store;
    private final GrowingPlaces growingPlaces;

    SubstitutesController(Visits visits, CatalogueStore store, GrowingPlaces growingPlaces) {
        this.growingPlaces = growingPlaces;
        this.visits = visits;
        this.store = store;
    }

    @GetMapping("/visits/{id}/instead/{plant}")
    String show(
            @PathVariable UUID id,
            @PathVariable String plant,
            @RequestParam(defaultValue = "") List<String> but,
            Model model) {
        Visit visit = visits.open(id);
        Question question = visit.question();
        Cultivar asked = store.find(plant).orElseThrow(() -> new NotFound("The catalogue has no such plant."));
        List<Substitutes.Offer> offers =
                Substitutes.of(store.catalogue(question.policy()), asked, question, true, Integer.MAX_VALUE).stream()
                        .filter(offer -> Arrays.stream(Difference.values())
                                .filter(difference -> but.contains(Words.of(difference)))
                                .allMatch(difference -> difference.holds(asked, offer.plant())))
                        .limit(SHOWN)
                        .toList();
        GrowingPlace place = growingPlaces.of(visit, question);
        model.addAttribute("visit", visit);
        model.addAttribute("asked", asked.name());
        model.addAttribute("askedId", asked.id());
        model.addAttribute(
                "buts",
                Arrays.stream(Difference.values())
                        .map(difference -> new Option(
                                "but",
                                Words.of(difference),
                                Sentences.label(difference),
                                but.contains(Words.of(difference))))
                        .toList());
        model.addAttribute(
                "offers",
                offers.stream().map(offer -> offer(offer, place, visit.units())).toList());
        model.addAttribute("weights", weights(question));
        return "plants/substitutes";
    }

    private Offer offer(Substitutes.Offer offer, GrowingPlace place, UnitSystem units) {
        Cultivar plant = offer.plant();
        return new Offer(
                plant.id(),
                plant.botanical(),
                plant.get(Traits.CULTIVAR).orElse(""),
                plant.get(Traits.COMMON).orElse(""),
                store.portrait(plant, place),
                (int) Math.round(offer.said().likeness() * 100),
                ShortlistWords.dot(offer.verdict()),
                Sentences.label(offer.verdict()),
                Sentences.label(offer.fits()),
                Sentences.say(offer.needs(), units),
                units.glance(plant.height10().mid(), plant.spread10().mid()),
                words(offer.said().same()),
                words(offer.said().better()),
                words(offer.said().worse()),
                Sentences.each(offer.losses(), units));
    }

    private static List<String> words(List<String> traits) {
        return traits.stream()
                .map(trait ->
                        Traits.named(trait).map(TraitWords::alone).orElse(trait).toLowerCase(Locale.ROOT))
                .toList();
    }

    /** What counts here, the weightiest first. */
    private static String weights(Question question) {
        List<Map.Entry<Likeness.Aspect, Double>> sorted =
                new ArrayList<>(Substitutes.weights(question).entrySet());
        sorted.sort(Map.Entry.<Likeness.Aspect, Double>comparingByValue().reversed());
        return sorted.stream()
                .map(each -> Sentences.label(each.getKey()) + " "
                        + org.yellowfit.core.measure.Numbers.rounded(each.getValue(), 1))
                .collect(Collectors.joining(", "));
    }
}
