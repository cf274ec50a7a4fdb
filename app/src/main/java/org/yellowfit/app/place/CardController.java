package org.yellowfit.app.place;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.yellowfit.app.catalogue.CatalogueStore;
import org.yellowfit.app.climate.Station;
import org.yellowfit.app.climate.Stations;
import org.yellowfit.app.shop.LightWords;
import org.yellowfit.app.visit.Visit;
import org.yellowfit.app.visit.VisitFields;
import org.yellowfit.app.visit.Visits;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.fit.Question;
import org.yellowfit.core.fit.WorthFindingOut;

/** The place in eight sentences, each with where it comes from, and what would be worth finding out. */
@Controller
class CardController {

    private static final int MOST_TOLD = 4;
    private final LightWords light;
    private final Visits visits;
    private final Stations stations;
    private final CatalogueStore store;

    CardController(Visits visits, Stations stations, CatalogueStore store, LightWords light) {
        this.light = light;
        this.visits = visits;
        this.stations = stations;
        this.store = store;
    }

    @GetMapping("/visits/{id}/card")
    String show(@PathVariable UUID id, Model model) {
        Visit visit = visits.open(id);
        Optional<Station> station = visit.answers().get(VisitFields.STATION).flatMap(stations::find);
        model.addAttribute("visit", visit);
        model.addAttribute("sentences", SiteCard.of(visit, station, light.cutoffs()));
        model.addAttribute("leverage", leverage(visit));
        return "place/card";
    }

    private List<String> leverage(Visit visit) {
        Question question = visit.question();
        List<WorthFindingOut> found = WorthFindingOut.of(
                store.catalogue(question.policy()),
                visit.siteValues(),
                question.wants(),
                question.policy(),
                SiteForm.GUESSABLE.stream().filter(visit::isGuessed).collect(Collectors.toSet()));
        List<String> told = new ArrayList<>();
        for (WorthFindingOut each : found.subList(0, Math.min(MOST_TOLD, found.size()))) {
            told.add(Sentences.say(
                    "finding-out",
                    each.plants(),
                    Sentences.say("finding-out." + each.field().name())));
        }
        return told;
    }
}
