package org.yellowfit.app.shortlist;

import jakarta.servlet.http.HttpServletResponse;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import org.yellowfit.app.people.SignedIn;
import org.yellowfit.app.visit.Answers;
import org.yellowfit.app.visit.Visit;
import org.yellowfit.app.visit.VisitFields;
import org.yellowfit.app.visit.Visits;
import org.yellowfit.app.web.NotFound;

@Controller
class ShortlistController {

    private static final List<String> WISHES = List.of(Answers.POLICY, "wants.kinds", "wants.evergreen", "wants.colours", "wants.bloomMonths",
            "wants.fragrance", "wants.pollinators", "wants.maxCareMinutes", "wants.uses");

    private final Visits visits;
    private final ShortlistPages pages;

    ShortlistController(Visits visits, ShortlistPages pages) {
        this.visits = visits;
        this.pages = pages;
    }

    @GetMapping("/visits/{id}/shortlist")
    String shortlist(@PathVariable UUID id, @RequestParam(defaultValue = "") String why, Model model) {
        return show(model, find(id), why, Map.of());
    }

    @PostMapping("/visits/{id}/wishes")
    String wishes(@PathVariable UUID id, @RequestParam long version, @RequestParam MultiValueMap<String, String> params,
                  @AuthenticationPrincipal SignedIn me, Model model, HttpServletResponse response, RedirectAttributes flash) {
        Visit visit = find(id);
        Map<String, String> typed = new HashMap<>();
        WISHES.forEach(field -> typed.put(field, String.join("|", params.getOrDefault(field, List.of()).stream().filter(v -> !v.isBlank()).toList())));
        VisitFields.Checked checked = VisitFields.check(typed, visit.answers());
        if (!checked.isFine()) {
            response.setStatus(422);
            model.addAttribute("typedWishes", typed);
            return show(model, visit, "", checked.problems());
        }
        Visits.Outcome outcome = visits.save(id, version, checked.answers(), me.displayName()).orElseThrow(ShortlistController::gone);
        if (outcome instanceof Visits.Outcome.Conflict conflict) {
            flash.addFlashAttribute("told", List.of(conflict.current().changedBy()
                    + " changed the same wishes meanwhile, so yours were not saved. Below are the wishes as they now stand; set yours again if they still hold."));
        }
        return "redirect:/visits/" + id + "/shortlist";
    }

    @PostMapping("/visits/{id}/side-by-side/{plant}")
    String choose(@PathVariable UUID id, @PathVariable String plant, @RequestParam(defaultValue = "shortlist") String back, RedirectAttributes flash) {
        visits.choose(id, plant);
        return "redirect:/visits/" + id + "/" + screen(back);
    }

    @PostMapping("/visits/{id}/side-by-side/{plant}/away")
    String unchoose(@PathVariable UUID id, @PathVariable String plant, @RequestParam(defaultValue = "shortlist") String back) {
        visits.unchoose(id, plant);
        return "redirect:/visits/" + id + "/" + screen(back);
    }

    private static String screen(String back) {
        return back.equals("side-by-side") ? back : "shortlist";
    }

    private String show(Model model, Visit visit, String why, Map<String, String> problems) {
        model.addAttribute("visit", visit);
        model.addAttribute("page", pages.of(visit, why));
        model.addAttribute("problems", problems);
        if (!model.containsAttribute("typedWishes")) {
            model.addAttribute("typedWishes", visit.answers());
        }
        return "shortlist/shortlist";
    }

    private Visit find(UUID id) {
        return visits.find(id).orElseThrow(ShortlistController::gone);
    }

    private static NotFound gone() {
        return new NotFound("There is no such visit; it may have been erased.");
    }
}
