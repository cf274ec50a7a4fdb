package org.yellowfit.app.place;

import java.util.ArrayList;
import java.util.HashMap;
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
import org.yellowfit.app.visit.Edit;
import org.yellowfit.app.visit.Provenance;
import org.yellowfit.app.visit.Visit;
import org.yellowfit.app.visit.VisitFields;
import org.yellowfit.app.visit.VisitForm;
import org.yellowfit.app.visit.Visits;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.fit.Room;
import org.yellowfit.core.fit.SiteFields;
import org.yellowfit.core.fit.SoilConditions;
import org.yellowfit.core.measure.Amount;
import org.yellowfit.core.measure.Field;
import org.yellowfit.core.measure.Numbers;
import org.yellowfit.core.measure.UnitSystem;
import org.yellowfit.core.soil.Drainage;
import org.yellowfit.core.soil.SoilTestFields;
import org.yellowfit.core.soil.TextureClass;

/** The soil of a visit: tests typed in, worked out at once, and taken over one by one. */
@Controller
class SoilController {

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
        Visit visit = visits.open(id);
        return show(model, visit, kept(visit));
    }

    /** What the typed tests come to, without keeping anything. */
    @PostMapping("/visits/{id}/soil/try")
    String tried(@PathVariable UUID id, @RequestParam Map<String, String> typed, Model model) {
        fill(model, visits.open(id), typed);
        return "place/soil-result :: result";
    }

    @PostMapping("/visits/{id}/soil")
    String take(
            @PathVariable UUID id,
            @RequestParam Map<String, String> typed,
            @RequestParam(defaultValue = "") String take,
            @RequestParam(defaultValue = "-1") long version,
            @AuthenticationPrincipal SignedIn me,
            Model model,
            jakarta.servlet.http.HttpServletResponse response,
            RedirectAttributes flash) {
        Visit visit = visits.open(id);
        VisitForm.Checked checked = check(visit, typed);
        SoilForm form = form(visit, checked);
        Edit edit = new Edit();
        if (form.problems().isEmpty()) {
            edit.all(checked.edit());
        } else if (take.isEmpty()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return show(model, visit, typed);
        }
        String told = taken(take, form, edit);
        Visits.Outcome outcome =
                visits.save(id, version, edit, me.displayName()).orElseThrow(Visits::gone);
        List<String> all = new ArrayList<>(ChangeWords.told(outcome));
        if (outcome instanceof Visits.Outcome.Conflict conflict) {
            response.setStatus(HttpStatus.CONFLICT.value());
            model.addAttribute("told", all);
            return show(model, conflict.current(), typed);
        }
        all.add(0, told.isEmpty() ? Sentences.say("told.kept") : Sentences.say("told.site-has", told));
        flash.addFlashAttribute("told", all);
        return "redirect:/visits/" + id + "/soil";
    }

    /** One reading of the probe in the ground. */
    @PostMapping("/visits/{id}/soil/probe")
    @ResponseBody
    Reading probe(@PathVariable UUID id, @RequestParam(defaultValue = "0") int before) {
        visits.open(id);
        return new Reading(probe.read(id.toString(), Math.max(0, Math.min(1000, before))), probe.name());
    }

    /** @return what the site has now, in words; empty when nothing is taken over */
    private static String taken(String take, SoilForm form, Edit edit) {
        return switch (take) {
            case "jar" ->
                form.jar()
                        .map(jar -> texture(jar.texture(), Provenance.measured(Sentences.say("from.jar")), edit))
                        .orElse("");
            case "feel" ->
                form.feel()
                        .map(texture -> texture(texture, Provenance.measured(Sentences.say("from.feel")), edit))
                        .orElse("");
            case "hole" ->
                form.drainage().map(drainage -> drainage(drainage, form, edit)).orElse("");
            case "ph" -> form.ph().map(ph -> ph(ph, form, edit)).orElse("");
            case "moisture" -> moisture(form, edit);
            default -> "";
        };
    }

    private static String texture(TextureClass texture, Provenance from, Edit edit) {
        edit.set(VisitFields.site(SiteFields.TEXTURE), texture, from);
        return Sentences.label(texture);
    }

    private static String drainage(Drainage drainage, SoilForm form, Edit edit) {
        String by = Sentences.say("from.hole", Numbers.rounded(form.fallCmPerHour(), 1));
        edit.set(VisitFields.site(SiteFields.DRAINAGE), drainage, Provenance.measured(by));
        return Sentences.say("soil.drainage-now", drainage);
    }

    private static String ph(double ph, SoilForm form, Edit edit) {
        String by = Sentences.say("from.readings", form.phReadings());
        edit.set(VisitFields.site(SiteFields.PH), ph, Provenance.measured(by));
        return Sentences.amount(Amount.ph(ph), UnitSystem.METRIC);
    }

    private static String moisture(SoilForm form, Edit edit) {
        String by = Sentences.say(
                "from.because", String.join(", ", Sentences.each(form.moisture().reasons(), UnitSystem.METRIC)));
        double moisture = form.moisture().moisture();
        edit.set(VisitFields.site(SiteFields.MOISTURE), moisture, Provenance.computed(by));
        return Sentences.say("soil.moisture-now", Numbers.rounded(moisture, 1));
    }

    private String show(Model model, Visit visit, Map<String, String> typed) {
        SoilForm form = fill(model, visit, typed);
        model.addAttribute("visit", visit);
        model.addAttribute("page", SoilPage.of(typed, form.problems()));
        model.addAttribute("probe", probe.name());
        return "place/soil";
    }

    private static SoilForm fill(Model model, Visit visit, Map<String, String> typed) {
        SoilForm form = form(visit, check(visit, typed));
        model.addAttribute("problems", form.problems());
        model.addAttribute("result", SoilResult.of(form, visit.units()));
        return form;
    }

    private static VisitForm.Checked check(Visit visit, Map<String, String> typed) {
        Map<String, String> readings = new HashMap<>();
        SoilTestFields.ALL.forEach(field ->
                readings.put(key(field), typed.getOrDefault(field.name(), "").strip()));
        readings.computeIfPresent(key(SoilTestFields.PH_READINGS), (key, text) -> text.replaceAll("[\\s;|]+", "|"));
        return VisitForm.check(readings, visit.answers());
    }

    private static String key(Field<?> field) {
        return VisitFields.soil(field).key();
    }

    private static SoilForm form(Visit visit, VisitForm.Checked checked) {
        SoilConditions soil = visit.question().site().soil();
        Map<String, String> problems = new HashMap<>();
        SoilTestFields.ALL.stream()
                .filter(field -> checked.problems().containsKey(key(field)))
                .forEach(field -> problems.put(field.name(), checked.problems().get(key(field))));
        return SoilForm.of(
                Answers.NONE.with(checked.edit()),
                problems,
                new SoilForm.Known(soil.texture(), soil.drainage(), soil.ph()));
    }

    /** What was typed before; rain, slope, roof and area from the station and the drawing where nothing was. */
    private Map<String, String> kept(Visit visit) {
        Answers answers = visit.answers();
        Map<String, String> typed = new HashMap<>();
        SoilTestFields.ALL.forEach(field -> typed.put(field.name(), VisitForm.shown(key(field), answers)));
        typed.computeIfPresent(SoilTestFields.PH_READINGS.name(), (name, text) -> text.replace('|', ' '));
        stations.chosen(answers.get(VisitFields.STATION))
                .map(station -> station.climate().yearlyRainMm())
                .filter(rain -> !rain.isNaN())
                .ifPresent(rain -> otherwise(typed, SoilTestFields.RAIN, Numbers.rounded(rain, 0)));
        answers.get(VisitFields.SLOPE)
                .ifPresent(slope -> otherwise(typed, SoilTestFields.SLOPE, Numbers.rounded(slope, 1)));
        answers.get(VisitFields.UNDER_ROOF)
                .ifPresent(roof -> otherwise(typed, SoilTestFields.UNDER_ROOF, roof ? "yes" : "no"));
        area(visit).ifPresent(area -> otherwise(typed, SoilTestFields.AREA, Numbers.rounded(area, 1)));
        return typed;
    }

    private static Optional<Double> area(Visit visit) {
        Room room = visit.question().site().room();
        return visit.answers().get(VisitFields.PATCH_AREA).or(() -> Optional.ofNullable(room.areaM2()));
    }

    private static void otherwise(Map<String, String> typed, Field<?> field, String text) {
        typed.merge(field.name(), text, (before, other) -> before.isBlank() ? other : before);
    }
}
