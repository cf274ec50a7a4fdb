package org.yellowfit.app.soil;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseBody;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import org.yellowfit.app.climate.Stations;
import org.yellowfit.app.people.SignedIn;
import org.yellowfit.app.visit.Answers;
import org.yellowfit.app.visit.Provenance;
import org.yellowfit.app.visit.Visit;
import org.yellowfit.app.visit.Visits;
import org.yellowfit.app.web.NotFound;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.fit.SiteConditions;
import org.yellowfit.core.measure.Numbers;
import org.yellowfit.core.measure.UnitSystem;
import org.yellowfit.core.measure.Words;

/** The soil of a visit: tests typed in, worked out at once, and taken over one by one. */
@Controller
class SoilController {

    private static final String KEPT = "soil.";

    record Reading(double ph, String probe) {}

    private final Visits visits;
    private final Stations stations;
    private final PhProbe probe;

    SoilController(Visits visits, Stations stations, PhProbe probe) {
        this.visits = visits;
        this.stations = stations;
        this.probe = probe;
    }

    @GetMapping("/visits/{id}/soil")
    String show(@PathVariable UUID id, Model model) {
        Visit visit = find(id);
        return show(model, visit, kept(visit));
    }

    /** What the typed tests come to, without keeping anything. */
    @PostMapping("/visits/{id}/soil/try")
    String tried(@PathVariable UUID id, @RequestParam Map<String, String> typed, Model model) {
        fill(model, find(id), typed);
        return "soil/soil-result :: result";
    }

    @PostMapping("/visits/{id}/soil")
    String take(
            @PathVariable UUID id,
            @RequestParam Map<String, String> typed,
            @RequestParam(defaultValue = "") String take,
            @AuthenticationPrincipal SignedIn me,
            Model model,
            jakarta.servlet.http.HttpServletResponse response,
            RedirectAttributes flash) {
        Visit visit = find(id);
        SoilForm form = read(visit, typed);
        Map<String, String> answers = new LinkedHashMap<>();
        if (form.problems().isEmpty()) {
            SoilForm.FIELDS.forEach(field ->
                    answers.put(KEPT + field, typed.getOrDefault(field, "").strip()));
        } else if (take.isEmpty()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return show(model, visit, typed);
        }
        String told = taken(take, form, answers);
        visits.put(id, answers, me.displayName());
        flash.addFlashAttribute("told", List.of(told.isEmpty() ? "Kept." : "The site now has " + told + "."));
        return "redirect:/visits/" + id + "/soil";
    }

    /** One reading of the probe in the ground. */
    @PostMapping("/visits/{id}/soil/probe")
    @ResponseBody
    Reading probe(@PathVariable UUID id, @RequestParam(defaultValue = "0") int before) {
        find(id);
        return new Reading(probe.read(id.toString(), Math.max(0, Math.min(1000, before))), probe.name());
    }

    private String taken(String take, SoilForm form, Map<String, String> answers) {
        return switch (take) {
            case "jar" ->
                form.jar()
                        .map(jar ->
                                put(answers, "texture", jar.texture().words(), Provenance.measured("by a jar test")))
                        .orElse("");
            case "feel" ->
                form.feel()
                        .map(texture -> put(answers, "texture", texture.words(), Provenance.measured("by feel")))
                        .orElse("");
            case "hole" ->
                form.drainage()
                                .map(drainage -> put(
                                        answers,
                                        "drainage",
                                        Words.of(drainage),
                                        Provenance.measured("by a hole test, %s cm an hour"
                                                .formatted(Numbers.rounded(form.fallCmPerHour(), 1)))))
                                .orElse("")
                        + (form.drainage().isPresent() ? " drainage" : "");
            case "ph" ->
                form.ph()
                        .map(ph -> "pH "
                                + put(
                                        answers,
                                        "ph",
                                        Numbers.rounded(ph, 1),
                                        Provenance.measured(
                                                form.phReadings() == 1
                                                        ? "by one reading"
                                                        : "by %d readings".formatted(form.phReadings()))))
                        .orElse("");
            case "moisture" ->
                "moisture "
                        + put(
                                answers,
                                "moisture",
                                Numbers.rounded(form.moisture().moisture(), 1),
                                Provenance.computed("because "
                                        + String.join(
                                                ", ",
                                                Sentences.each(form.moisture().reasons(), UnitSystem.METRIC))));
            default -> "";
        };
    }

    private static String put(Map<String, String> answers, String field, String value, String from) {
        answers.put(Answers.SITE + field, value);
        answers.put(Answers.FROM + field, from);
        return value;
    }

    private String show(Model model, Visit visit, Map<String, String> typed) {
        fill(model, visit, typed);
        model.addAttribute("visit", visit);
        model.addAttribute("typed", typed);
        model.addAttribute("probe", probe.name());
        return "soil/soil";
    }

    private void fill(Model model, Visit visit, Map<String, String> typed) {
        SoilForm form = read(visit, typed);
        model.addAttribute("problems", form.problems());
        model.addAttribute("result", SoilResult.of(form, visit.units()));
    }

    private static SoilForm read(Visit visit, Map<String, String> typed) {
        SiteConditions site = visit.question().site();
        return SoilForm.read(
                typed,
                new SoilForm.Known(
                        site.soil().texture(),
                        site.soil().drainage(),
                        site.soil().ph()),
                visit.units());
    }

    /** What was typed before; rain, slope, roof and area from the station and the drawing where nothing was. */
    private Map<String, String> kept(Visit visit) {
        Map<String, String> typed = new HashMap<>();
        SoilForm.FIELDS.forEach(field -> typed.put(field, visit.answers().getOrDefault(KEPT + field, "")));
        stations.named(visit.at("station"))
                .map(station -> station.climate().yearlyRainMm())
                .filter(rain -> !rain.isNaN())
                .ifPresent(rain -> typed.merge("rainMm", Numbers.rounded(rain, 0), SoilController::first));
        typed.merge("slopePercent", visit.at("slopePercent"), SoilController::first);
        typed.merge("underRoof", visit.at("underRoof"), SoilController::first);
        typed.merge("areaM2", area(visit).map(area -> Numbers.rounded(area, 1)).orElse(""), SoilController::first);
        return typed;
    }

    private static Optional<Double> area(Visit visit) {
        if (!visit.at("areaM2").isEmpty()) {
            return Optional.of(Numbers.parse(visit.at("areaM2")));
        }
        SiteConditions site = visit.question().site();
        return site.room().depthM() == null || site.room().lengthM() == null
                ? Optional.empty()
                : Optional.of(site.room().depthM() * site.room().lengthM());
    }

    private static String first(String typed, String otherwise) {
        return typed.isBlank() ? otherwise : typed;
    }

    private Visit find(UUID id) {
        return visits.find(id).orElseThrow(() -> new NotFound("There is no such visit; it may have been erased."));
    }
}
