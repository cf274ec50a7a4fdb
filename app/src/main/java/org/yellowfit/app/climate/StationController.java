package org.yellowfit.app.climate;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import org.yellowfit.app.people.SignedIn;
import org.yellowfit.app.web.Download;
import org.yellowfit.app.web.Fragments;
import org.yellowfit.app.web.NotFound;
import org.yellowfit.app.words.LineMessage;
import org.yellowfit.app.words.Refusals;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.climate.StationFile;
import org.yellowfit.core.measure.InvalidInput;
import org.yellowfit.core.measure.LineProblem;
import org.yellowfit.core.measure.Problem;
import org.yellowfit.core.measure.UnitSystem;
import org.yellowfit.core.measure.UnusableFile;

/** The stations of the shop: brought in, looked at, one of them the usual one. */
@Controller
class StationController {

    private static final int LARGEST_FILE = 20 * 1024 * 1024;

    private final Stations stations;
    private final Fragments fragments;

    StationController(Stations stations, Fragments fragments) {
        this.stations = stations;
        this.fragments = fragments;
    }

    @GetMapping("/stations")
    String list(Model model) {
        return show(model, Map.of(), Map.of(), List.of(), false);
    }

    @PostMapping("/stations")
    String add(
            @RequestParam Map<String, String> typed,
            @RequestParam(required = false) MultipartFile file,
            @AuthenticationPrincipal SignedIn me,
            Model model,
            HttpServletResponse response,
            RedirectAttributes flash)
            throws IOException {
        try {
            StationForm form = StationForm.read(typed);
            if (file == null || file.isEmpty()) {
                throw InvalidInput.at("file", "Choose the file with the daily record.");
            }
            if (file.getSize() > LARGEST_FILE) {
                throw InvalidInput.at(
                        "file", "The file is larger than 20 MB; a daily record of a hundred years is a tenth of that.");
            }
            Station station = stations.add(
                    form.name(),
                    form.where(),
                    form.elevationM(),
                    false,
                    new String(file.getBytes(), StandardCharsets.UTF_8),
                    "yes".equals(typed.get("fahrenheit")),
                    me.displayName());
            return "redirect:/stations/" + station.id();
        } catch (UnusableFile e) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            boolean fahrenheit = e.problems().stream()
                    .anyMatch(problem -> problem.refusal().sentence().equals(StationFile.LOOKS_LIKE_FAHRENHEIT));
            return show(
                    model,
                    typed,
                    Map.of(
                            "file",
                            fahrenheit ? Refusals.say(e.problems().get(0)) : Sentences.say("told.record-not-taken")),
                    e.problems(),
                    fahrenheit);
        } catch (InvalidInput e) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return show(
                    model,
                    typed,
                    e.problems().stream().collect(Collectors.toMap(Problem::field, Refusals::say, (a, b) -> a)),
                    List.of(),
                    false);
        }
    }

    @GetMapping("/stations/{id}")
    String station(@PathVariable UUID id, Model model) {
        Station station = find(id);
        model.addAttribute("station", station);
        model.addAttribute("page", StationPage.of(station, UnitSystem.METRIC));
        return "climate/station";
    }

    @GetMapping("/stations/{id}/record.csv")
    ResponseEntity<String> record(@PathVariable UUID id) {
        return Download.csv("station.csv", stations.csv(id).orElseThrow(StationController::gone));
    }

    @PostMapping("/stations/{id}/usual")
    String usual(@PathVariable UUID id) {
        find(id);
        stations.makeUsual(id);
        return "redirect:/stations";
    }

    @PostMapping("/stations/{id}/away")
    String away(@PathVariable UUID id, RedirectAttributes flash) {
        Station station = find(id);
        stations.remove(id);
        fragments.forget();
        flash.addFlashAttribute("told", List.of(Sentences.say("told.station.gone", station.name())));
        return "redirect:/stations";
    }

    private String show(
            Model model,
            Map<String, String> typed,
            Map<String, String> problems,
            List<LineProblem> lines,
            boolean fahrenheit) {
        model.addAttribute(
                "stations",
                stations.all().stream()
                        .map(station -> StationPage.of(station, UnitSystem.METRIC))
                        .toList());
        model.addAttribute("typed", typed);
        model.addAttribute("problems", problems);
        model.addAttribute("lines", LineMessage.of(lines));
        model.addAttribute("fahrenheit", fahrenheit);
        return "climate/stations";
    }

    private Station find(UUID id) {
        return stations.find(id).orElseThrow(StationController::gone);
    }

    private static NotFound gone() {
        return new NotFound("There is no such station; it may have been taken out.");
    }
}
