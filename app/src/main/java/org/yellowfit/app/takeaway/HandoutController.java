package org.yellowfit.app.takeaway;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.yellowfit.app.catalogue.CatalogueStore;
import org.yellowfit.app.drawing.FitStrips;
import org.yellowfit.app.drawing.PlantDrawing;
import org.yellowfit.app.drawing.YearStrip;
import org.yellowfit.app.drawing.pen.Detail;
import org.yellowfit.app.shop.LightWords;
import org.yellowfit.app.shop.Shop;
import org.yellowfit.app.takeaway.PlantList.Line;
import org.yellowfit.app.visit.GrowingPlaces;
import org.yellowfit.app.visit.Visit;
import org.yellowfit.app.visit.Visits;
import org.yellowfit.app.web.Fragments;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.app.words.SiteWords;
import org.yellowfit.core.care.CareSummary;
import org.yellowfit.core.care.Cautions;
import org.yellowfit.core.fit.Candidate;
import org.yellowfit.core.fit.CriterionName;
import org.yellowfit.core.fit.Fit;
import org.yellowfit.core.fit.Judgement;
import org.yellowfit.core.fit.Question;
import org.yellowfit.core.fit.Scope;
import org.yellowfit.core.fit.Verdict;
import org.yellowfit.core.growth.PlantGrowth;
import org.yellowfit.core.measure.UnitSystem;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.season.GrowingPlace;

@Controller
class HandoutController {

    record Entry(
            String botanical,
            String cultivar,
            String common,
            String sketch,
            String year,
            String strips,
            int plants,
            String onCentre,
            String pot,
            String total,
            String size,
            String care,
            List<String> ifs) {}

    private final LightWords light;
    private final Visits visits;
    private final PlantList list;
    private final CatalogueStore store;
    private final Shop shop;
    private final GrowingPlaces growingPlaces;
    private final Fragments fragments;

    HandoutController(
            Visits visits,
            PlantList list,
            CatalogueStore store,
            Shop shop,
            GrowingPlaces growingPlaces,
            LightWords light,
            Fragments fragments) {
        this.fragments = fragments;
        this.light = light;
        this.growingPlaces = growingPlaces;
        this.visits = visits;
        this.list = list;
        this.store = store;
        this.shop = shop;
    }

    @GetMapping("/visits/{id}/handout")
    String show(@PathVariable UUID id, Model model) {
        Visit visit = visits.open(id);
        Question question = visit.question();
        List<Line> lines = list.of(id);
        List<Candidate> judged = lines.isEmpty()
                ? List.of()
                : new Fit(store.catalogue(question.policy()))
                        .rank(
                                question,
                                Scope.only(lines.stream()
                                        .map(line -> line.plant().id())
                                        .toList()))
                        .candidates();
        List<CriterionName> rows = FitStrips.rows(judged);
        GrowingPlace place = growingPlaces.of(visit);
        model.addAttribute("visit", visit);
        model.addAttribute("placeTold", new SiteWords(question.site(), visit.units(), light.cutoffs()).known());
        model.addAttribute(
                "entries",
                lines.stream()
                        .map(line -> entry(line, judged, rows, question, place, visit.units()))
                        .toList());
        model.addAttribute("total", total(lines));
        model.addAttribute(
                "unpriced", lines.stream().anyMatch(line -> line.unit().isEmpty()));
        model.addAttribute(
                "cautions",
                Sentences.each(
                        Cautions.of(lines.stream().map(Line::plant).toList(), store.watchList()), visit.units()));
        model.addAttribute("shop", shop.name());
        model.addAttribute("today", Sentences.date("date.full", LocalDate.now()));
        return "takeaway/handout";
    }

    @PostMapping("/visits/{id}/finished")
    String finish(@PathVariable UUID id, @RequestParam boolean done) {
        visits.open(id);
        visits.finish(id, done);
        return "redirect:/visits/" + id + "/handout";
    }

    @PostMapping("/visits/{id}/erase")
    String erase(@PathVariable UUID id) {
        visits.open(id);
        visits.erase(id);
        fragments.forget();
        return "redirect:/";
    }

    /** All that is kept of a visit, for the customer who asks for it. */
    @GetMapping("/visits/{id}/kept.json")
    ResponseEntity<Map<String, Object>> kept(@PathVariable UUID id) {
        return ResponseEntity.ok()
                .header("Content-Disposition", "attachment; filename=\"visit.json\"")
                .body(visits.open(id).kept());
    }

    private Entry entry(
            Line line,
            List<Candidate> judged,
            List<CriterionName> rows,
            Question question,
            GrowingPlace place,
            UnitSystem units) {
        Cultivar plant = line.plant();
        Candidate candidate = judged.stream()
                .filter(c -> c.plant().id().equals(plant.id()))
                .findFirst()
                .orElseThrow();
        double years = question.site().room().horizonYears();
        PlantGrowth growth = PlantGrowth.of(plant);
        String size = Sentences.say(
                "handout.size",
                units.length(growth.heightInFlower(years).mid()),
                units.length(growth.spread(years).mid()),
                Math.round(years));
        return new Entry(
                plant.botanical(),
                plant.get(Traits.CULTIVAR).orElse(""),
                plant.get(Traits.COMMON).orElse(""),
                PlantDrawing.portrait(plant, place, years, PlantDrawing.bestMonth(plant, place), Detail.CARD),
                YearStrip.svg(plant, place, 0),
                FitStrips.svg(candidate, rows, question, units),
                line.count().plants(),
                units.length(line.count().onCentreM()),
                line.pot(),
                line.total().map(shop::money).orElse(Sentences.say("not-priced")),
                size,
                Sentences.say(CareSummary.inFull(plant), units),
                ifs(candidate, units));
    }

    /** What has to be done for it to fit, and what speaks against it. */
    private static List<String> ifs(Candidate candidate, UnitSystem units) {
        List<String> ifs = new ArrayList<>();
        for (Judgement judgement : candidate.criteria()) {
            if (judgement.verdict() == Verdict.FITS_IF || judgement.verdict() == Verdict.NO) {
                ifs.add(Sentences.say(judgement.why(), units)
                        + judgement.remedies().stream()
                                .findFirst()
                                .map(remedy -> " " + Sentences.say(remedy.text(), units))
                                .orElse(""));
            }
        }
        return ifs;
    }

    private String total(List<Line> lines) {
        return shop.money(
                lines.stream().map(Line::total).flatMap(Optional::stream).reduce(BigDecimal.ZERO, BigDecimal::add));
    }
}
