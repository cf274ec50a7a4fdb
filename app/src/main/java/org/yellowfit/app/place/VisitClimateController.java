package org.yellowfit.app.place;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import org.yellowfit.app.climate.Station;
import org.yellowfit.app.climate.StationPage;
import org.yellowfit.app.climate.Stations;
import org.yellowfit.app.people.SignedIn;
import org.yellowfit.app.visit.Visit;
import org.yellowfit.app.visit.VisitFields;
import org.yellowfit.app.visit.Visits;
import org.yellowfit.app.web.NotFound;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.fit.SpotZone;

/** The climate of a visit's place: which station stands for it, and what the spot does to its zone. */
@Controller
class VisitClimateController {

    private final Visits visits;
    private final Stations stations;

    VisitClimateController(Visits visits, Stations stations) {
        this.visits = visits;
        this.stations = stations;
    }

    @GetMapping("/visits/{id}/climate")
    String show(@PathVariable UUID id, @RequestParam Optional<UUID> station, Model model) {
        Visit visit = visits.open(id);
        Optional<Station> shown =
                stations.chosen(station.or(() -> visit.answers().get(VisitFields.STATION)));
        model.addAttribute("visit", visit);
        model.addAttribute("stations", stations.all());
        model.addAttribute(
                "shown", shown.map(each -> StationPage.of(each, visit.units())).orElse(null));
        model.addAttribute(
                "taken",
                shown.isPresent()
                        && shown.map(Station::id).equals(visit.answers().get(VisitFields.STATION)));
        model.addAttribute("spot", Sentences.each(SpotZone.steps(visit.question()), visit.units()));
        return "place/visit-climate";
    }

    /**
     * Takes over what the station's record says: the site's zone, its summers, its frosts, and where the sun is
     * reckoned from.
     */
    @PostMapping("/visits/{id}/climate")
    String use(
            @PathVariable UUID id,
            @RequestParam UUID station,
            @RequestParam(defaultValue = "-1") long version,
            @AuthenticationPrincipal SignedIn me,
            RedirectAttributes flash) {
        visits.open(id);
        Station taken = stations.find(station)
                .orElseThrow(() -> new NotFound("There is no such station; it may have been taken out."));
        Visits.Outcome outcome = visits.save(id, version, StationAnswers.of(taken), me.displayName())
                .orElseThrow(Visits::gone);
        List<String> told = new ArrayList<>(ChangeWords.told(outcome));
        if (outcome instanceof Visits.Outcome.Saved) {
            told.add(0, Sentences.say("told.climate", taken.name()));
        }
        flash.addFlashAttribute("told", told);
        return "redirect:/visits/" + id + "/climate?station=" + station;
    }
}
