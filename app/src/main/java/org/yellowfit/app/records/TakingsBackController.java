package org.yellowfit.app.records;

import jakarta.servlet.http.HttpServletResponse;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import org.yellowfit.app.people.SignedIn;
import org.yellowfit.app.visit.Visits;
import org.yellowfit.app.words.Refusals;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.measure.Problem;

/** Plants that customers bring back. */
@Controller
class TakingsBackController {

    private final TakingsBack back;
    private final TakingsBackForm form;
    private final RecordsController records;
    private final Visits visits;

    TakingsBackController(TakingsBack back, TakingsBackForm form, RecordsController records, Visits visits) {
        this.back = back;
        this.form = form;
        this.records = records;
        this.visits = visits;
    }

    @PostMapping("/records/plants/{id}/back")
    String note(
            @PathVariable String id,
            @RequestParam(required = false) UUID visit,
            @RequestParam Map<String, String> typed,
            @AuthenticationPrincipal SignedIn me,
            Model model,
            HttpServletResponse response,
            RedirectAttributes flash) {
        List<Problem> problems = new ArrayList<>();
        String plant = records.known(id).id();
        Optional<TakingsBack.Back> read = form.read(plant, typed, me.displayName(), problems);
        if (read.isEmpty()) {
            Map<String, String> told = new LinkedHashMap<>();
            problems.forEach(problem -> told.putIfAbsent(problem.field(), Refusals.say(problem)));
            response.setStatus(422);
            model.addAttribute("fromVisit", visit);
            return records.page(records.known(id), typed, told, "", model);
        }
        back.note(read.get(), visit == null ? null : visits.open(visit).id());
        flash.addFlashAttribute("told", List.of(Sentences.say("back.noted")));
        return "redirect:/records/plants/" + plant + "#back";
    }

    @PostMapping("/records/back/{taking}/away")
    String away(@PathVariable long taking, @RequestParam(defaultValue = "") String plant, RedirectAttributes flash) {
        boolean gone = back.remove(taking);
        flash.addFlashAttribute("told", List.of(Sentences.say(gone ? "records.taken-out" : "records.gone-already")));
        return "redirect:/records/plants/" + records.known(plant).id() + "#back";
    }
}
