package org.yellowfit.app.afterwards;

import jakarta.servlet.http.HttpServletResponse;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import org.yellowfit.app.catalogue.CatalogueStore;
import org.yellowfit.app.people.SignedIn;
import org.yellowfit.app.records.Doubts;
import org.yellowfit.app.records.LossChoices;
import org.yellowfit.app.records.PlantingNotes;
import org.yellowfit.app.records.RecordRow;
import org.yellowfit.app.records.Records;
import org.yellowfit.app.takeaway.PlantLine;
import org.yellowfit.app.takeaway.PlantList;
import org.yellowfit.app.visit.GrowingPlaces;
import org.yellowfit.app.visit.Visit;
import org.yellowfit.app.visit.Visits;
import org.yellowfit.app.words.Refusals;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.growth.PlantGrowth;
import org.yellowfit.core.measure.Problem;
import org.yellowfit.core.measure.UnitSystem;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.takeoff.Spending;

/** A planting looked at again: each plant answered in a few seconds. */
@Controller
class AfterwardsController {

    private static final double DAYS_A_YEAR = 365.25;
    /** Fields that stand beside each plant; the others are said at the day. */
    private static final List<String> SHOWN =
            List.of("alive", "cause", "height_m", "spread_m", "first_bloom", "last_bloom", "browsed", "note");
    /** What there is to look for that is no field of a record of its own: it is said in the note (J4). */
    private static final List<String> SIGNS = List.of("leans", "scorched", "no-flower");

    record Row(
            String id,
            String botanical,
            String cultivar,
            String common,
            String picture,
            int planted,
            String promised,
            List<String> noted) {}

    record LookRow(String on, String what, boolean past) {}

    private final Visits visits;
    private final PlantList list;
    private final Records records;
    private final PlantingNotes notes;
    private final Doubts doubts;
    private final LookAgain again;
    private final CatalogueStore catalogue;
    private final GrowingPlaces places;

    AfterwardsController(
            Visits visits,
            PlantList list,
            Records records,
            PlantingNotes notes,
            Doubts doubts,
            LookAgain again,
            CatalogueStore catalogue,
            GrowingPlaces places) {
        this.visits = visits;
        this.list = list;
        this.records = records;
        this.notes = notes;
        this.doubts = doubts;
        this.again = again;
        this.catalogue = catalogue;
        this.places = places;
    }

    @GetMapping("/visits/{id}/afterwards")
    String show(@PathVariable UUID id, Model model) {
        return page(visits.open(id), Map.of(), Map.of(), model);
    }

    /** What is filled in is noted, all of it or nothing; a plant left blank is not. */
    @PostMapping("/visits/{id}/afterwards")
    String note(
            @PathVariable UUID id,
            @RequestParam Map<String, String> typed,
            @AuthenticationPrincipal SignedIn me,
            Model model,
            HttpServletResponse response,
            RedirectAttributes flash) {
        Visit visit = visits.open(id);
        LocalDate planted = visit.plantedOn();
        Map<String, String> problems = new LinkedHashMap<>();
        List<RecordRow> rows = new ArrayList<>();
        for (PlantLine line : list.of(id)) {
            String at = line.plant().id() + ".";
            if (isBlank(typed, at)) {
                continue;
            }
            List<Problem> found = new ArrayList<>();
            Optional<RecordRow> row = notes.read(visit, line.plant().id(), line.pot(), cells(typed, at), found);
            found.forEach(problem -> problems.putIfAbsent(
                    SHOWN.contains(problem.field()) ? at + problem.field() : "date", atItsField(problem, planted)));
            row.ifPresent(rows::add);
            row.filter(any -> !"true".equals(typed.get(at + "sure")))
                    .flatMap(read -> doubts.about(read, visit.units()))
                    .ifPresent(doubt -> problems.put(at + "sure", doubt));
        }
        if (!problems.isEmpty()) {
            response.setStatus(422);
            return page(visit, typed, problems, model);
        }
        notes.note(visit, rows, me.displayName());
        flash.addFlashAttribute("told", List.of(Sentences.say("afterwards.noted", rows.size())));
        return "redirect:/visits/" + id + "/afterwards";
    }

    /** An age below nothing is a day before the planting. */
    private static String atItsField(Problem problem, LocalDate planted) {
        return problem.field().equals("age_years")
                ? Sentences.say("afterwards.before-planting", Sentences.date("date.full", planted))
                : Refusals.say(problem);
    }

    private static boolean isBlank(Map<String, String> typed, String at) {
        return Stream.concat(SHOWN.stream(), SIGNS.stream())
                .allMatch(field -> typed.getOrDefault(at + field, "").isBlank());
    }

    private static Map<String, String> cells(Map<String, String> typed, String at) {
        Map<String, String> cells = new LinkedHashMap<>();
        SHOWN.forEach(field -> cells.put(field, typed.getOrDefault(at + field, "")));
        List<String> said = new ArrayList<>();
        SIGNS.stream()
                .filter(sign -> !typed.getOrDefault(at + sign, "").isBlank())
                .forEach(sign -> said.add(Sentences.say("sign." + sign)));
        if (!cells.get("note").isBlank()) {
            said.add(cells.get("note").strip());
        }
        cells.put("note", String.join("; ", said));
        cells.put("date", typed.getOrDefault("date", ""));
        return cells;
    }

    private String page(Visit visit, Map<String, String> typed, Map<String, String> problems, Model model) {
        LocalDate planted = visit.plantedOn();
        LocalDate today = LocalDate.now();
        List<Records.Kept> all = records.all();
        double years = Math.max(0, ChronoUnit.DAYS.between(planted, today) / DAYS_A_YEAR);
        model.addAttribute("visit", visit);
        model.addAttribute(
                "rows",
                list.of(visit.id()).stream()
                        .map(line -> row(line, visit, all, years))
                        .toList());
        model.addAttribute("planted", Sentences.date("date.full", planted));
        model.addAttribute(
                "looks",
                again.looks(visit).stream()
                        .map(look -> new LookRow(
                                Sentences.date("date.full", look.on()),
                                look.what(),
                                look.on().isBefore(today)))
                        .toList());
        model.addAttribute("typed", typed);
        model.addAttribute("problems", problems);
        model.addAttribute("today", typed.getOrDefault("date", today.toString()));
        model.addAttribute("causes", LossChoices.all());
        model.addAttribute("signs", SIGNS);
        return "afterwards/afterwards";
    }

    private Row row(PlantLine line, Visit visit, List<Records.Kept> all, double years) {
        String place = records.nameOf(visit);
        UnitSystem units = visit.units();
        PlantGrowth growth = Spending.growth(line.plant(), line.pot());
        List<String> noted = all.stream()
                .filter(kept -> kept.row().plant().equals(line.plant().id())
                        && kept.row().place().equals(place))
                .map(kept -> Sentences.say(
                        kept.row().alive() != null && !kept.row().alive() ? "afterwards.was-dead" : "afterwards.was",
                        Sentences.date("date.short", kept.row().date()),
                        kept.row().height() == null
                                ? "–"
                                : units.length(kept.row().height()),
                        kept.row().spread() == null
                                ? "–"
                                : units.length(kept.row().spread())))
                .toList();
        return new Row(
                line.plant().id(),
                line.plant().botanical(),
                line.plant().get(Traits.CULTIVAR).orElse(""),
                line.plant().get(Traits.COMMON).orElse(""),
                catalogue.portrait(line.plant(), places.of(visit)),
                line.count().plants(),
                Sentences.say(
                        "afterwards.promised",
                        units.length(growth.height(years).mid()),
                        units.length(growth.spread(years).mid())),
                noted);
    }
}
