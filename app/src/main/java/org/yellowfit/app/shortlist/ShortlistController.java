package org.yellowfit.app.shortlist;

import jakarta.servlet.http.HttpServletResponse;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
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
import org.yellowfit.app.catalogue.CatalogueStore;
import org.yellowfit.app.people.SignedIn;
import org.yellowfit.app.visit.Answers;
import org.yellowfit.app.visit.Visit;
import org.yellowfit.app.visit.VisitFields;
import org.yellowfit.app.visit.Visits;
import org.yellowfit.app.web.NotFound;
import org.yellowfit.core.plant.Cultivar;

@Controller
class ShortlistController {

    private static final List<String> WISHES = List.of(
            Answers.POLICY,
            "wants.kinds",
            "wants.evergreen",
            "wants.colours",
            "wants.bloomMonths",
            "wants.fragrance",
            "wants.pollinators",
            "wants.maxCareMinutes",
            "wants.uses",
            "wants.colourOf",
            "wants.colourMonths",
            "wants.birds",
            "wants.winterInterest",
            "wants.nativeRegion",
            "wants.maxPrice",
            "wants.screenHeightM",
            "wants.screenByYear",
            "wants.must",
            "wants.neverKinds",
            "wants.neverColours",
            "wants.neverFragrance");
    /** What may be tried out on the site, and between which ends. */
    private static final List<Dial> DIALS = List.of(
            new Dial("sunHours", "Sun", "h", 0, 12, 0.5),
            new Dial("moisture", "Moisture", "of 5", 1, 5, 0.5),
            new Dial("ph", "pH", "", 4.5, 8.5, 0.1),
            new Dial("maxHeightM", "Nothing above", "m", 0.2, 4, 0.1),
            new Dial("depthM", "Depth", "m", 0.2, 4, 0.1));

    /** @param value where it stands now; null when it is not known; {@code shown} in the visit's units */
    record DialView(
            String field,
            String label,
            String unit,
            double least,
            double most,
            double step,
            Double value,
            String shown) {}

    private record Dial(String field, String label, String unit, double least, double most, double step) {

        DialView of(Visit visit) {
            Double value = visit.site(field).isEmpty() ? null : Double.valueOf(visit.site(field));
            String shown = value == null
                    ? "not known"
                    : unit.equals("m")
                            ? visit.units().length(value)
                            : (org.yellowfit.core.measure.Numbers.rounded(value, 1) + " " + unit).strip();
            return new DialView(field, label, unit, least, most, step, value, shown);
        }
    }

    private final Visits visits;
    private final ShortlistPages pages;
    private final DenseLists dense;
    private final CatalogueStore store;

    ShortlistController(Visits visits, ShortlistPages pages, DenseLists dense, CatalogueStore store) {
        this.visits = visits;
        this.pages = pages;
        this.dense = dense;
        this.store = store;
    }

    @GetMapping("/visits/{id}/shortlist")
    String shortlist(
            @PathVariable UUID id,
            @RequestParam(defaultValue = "") String why,
            @RequestParam(defaultValue = "") String view,
            @RequestParam(defaultValue = "none") String group,
            @RequestParam(defaultValue = "") String plant,
            Model model) {
        Visit visit = find(id);
        if (view.equals("cards") || !why.isBlank()) {
            return show(model, visit, why, Map.of());
        }
        return threads(model, visit, group, plant, Map.of());
    }

    /** The list again, as it would be with some answers about the site changed. */
    @GetMapping("/visits/{id}/shortlist/list")
    String list(@PathVariable UUID id, @RequestParam Map<String, String> params, Model model) {
        Visit visit = find(id);
        model.addAttribute("visit", visit);
        model.addAttribute("list", dense.of(visit, changed(params), grouping(params.getOrDefault("group", "none"))));
        return "shortlist/dense :: list";
    }

    /** One plant in full, beside the list. */
    @GetMapping("/visits/{id}/shortlist/plants/{plant}")
    String plant(
            @PathVariable UUID id, @PathVariable String plant, @RequestParam Map<String, String> params, Model model) {
        Visit visit = find(id);
        model.addAttribute("visit", visit);
        try {
            model.addAttribute("card", pages.card(visit, plant, changed(params)));
        } catch (IllegalArgumentException e) {
            throw new NotFound(e.getMessage());
        }
        return "shortlist/chosen :: chosen";
    }

    /** Keeps what was tried out as the site. */
    @PostMapping("/visits/{id}/what-if")
    String keep(
            @PathVariable UUID id,
            @RequestParam Map<String, String> params,
            @AuthenticationPrincipal SignedIn me,
            RedirectAttributes flash) {
        Visit visit = find(id);
        Map<String, String> answers = new HashMap<>(changed(params));
        answers.entrySet()
                .removeIf(each -> each.getValue().equals(visit.answers().get(each.getKey())));
        answers.keySet().stream()
                .toList()
                .forEach(field -> answers.put(Answers.FROM + field.substring(Answers.SITE.length()), ""));
        if (answers.containsKey(Answers.SITE + "sunHours")) {
            answers.put(Answers.SITE + "hotHours", "");
            answers.put(Answers.FROM + "hotHours", "");
            answers.put(Answers.AT + "patch", "");
        }
        visits.put(id, answers, me.displayName());
        flash.addFlashAttribute("told", List.of("The site now has what you tried out."));
        return "redirect:/visits/" + id + "/shortlist";
    }

    /** Puts a plant aside in this visit, or brings it back. */
    @PostMapping("/visits/{id}/passed/{plant}")
    String pass(
            @PathVariable UUID id,
            @PathVariable String plant,
            @RequestParam(defaultValue = "false") boolean back,
            @AuthenticationPrincipal SignedIn me) {
        Visit visit = find(id);
        List<String> passed = new ArrayList<>(visit.passed());
        passed.remove(plant);
        if (!back && plant.matches("[a-z0-9-]{1,80}")) {
            passed.add(plant);
        }
        visits.put(id, Map.of("passed", String.join("|", passed)), me.displayName());
        return "redirect:/visits/" + id + "/shortlist";
    }

    private static String grouping(String text) {
        return DenseLists.GROUPINGS.contains(text) ? text : "none";
    }

    /** The dials' values, each held within its ends. */
    private static Map<String, String> changed(Map<String, String> params) {
        Map<String, String> changed = new HashMap<>();
        for (Dial dial : DIALS) {
            String text = params.getOrDefault(dial.field(), "");
            if (text.matches("\\d{1,3}(\\.\\d{1,3})?")) {
                changed.put(
                        Answers.SITE + dial.field(),
                        org.yellowfit.core.measure.Numbers.write(
                                Math.max(dial.least(), Math.min(dial.most(), Double.parseDouble(text)))));
            }
        }
        return changed;
    }

    private String threads(Model model, Visit visit, String group, String plant, Map<String, String> problems) {
        DenseList list = dense.of(visit, Map.of(), grouping(group));
        String chosen = plant.isEmpty() ? list.first() : plant;
        model.addAttribute("list", list);
        model.addAttribute("group", grouping(group));
        model.addAttribute("dials", DIALS.stream().map(dial -> dial.of(visit)).toList());
        try {
            model.addAttribute("card", chosen.isEmpty() ? null : pages.card(visit, chosen, Map.of()));
        } catch (IllegalArgumentException e) {
            throw new NotFound(e.getMessage());
        }
        fill(model, visit, pages.head(visit), problems);
        return "shortlist/threads";
    }

    @PostMapping("/visits/{id}/wishes")
    String wishes(
            @PathVariable UUID id,
            @RequestParam long version,
            @RequestParam MultiValueMap<String, String> params,
            @AuthenticationPrincipal SignedIn me,
            Model model,
            HttpServletResponse response,
            RedirectAttributes flash) {
        Visit visit = find(id);
        Map<String, String> typed = new HashMap<>();
        WISHES.forEach(field -> typed.put(
                field,
                String.join(
                        "|",
                        params.getOrDefault(field, List.of()).stream()
                                .filter(v -> !v.isBlank())
                                .toList())));
        VisitFields.Checked checked = VisitFields.check(typed, visit.answers());
        if (!checked.isFine()) {
            response.setStatus(422);
            model.addAttribute("typedWishes", typed);
            return threads(model, visit, "none", "", checked.problems());
        }
        Visits.Outcome outcome =
                visits.save(id, version, checked.answers(), me.displayName()).orElseThrow(ShortlistController::gone);
        if (outcome instanceof Visits.Outcome.Conflict conflict) {
            flash.addFlashAttribute(
                    "told",
                    List.of(
                            conflict.current().changedBy()
                                    + " changed the same wishes meanwhile, so yours were not saved. Below are the wishes as they now stand; set yours again if they still hold."));
        }
        return "redirect:/visits/" + id + "/shortlist";
    }

    @PostMapping("/visits/{id}/side-by-side/{plant}")
    String choose(
            @PathVariable UUID id,
            @PathVariable String plant,
            @RequestParam(defaultValue = "shortlist") String back,
            RedirectAttributes flash) {
        find(id);
        if (store.find(plant).isEmpty()) {
            throw new NotFound("The catalogue has no such plant.");
        }
        List<String> madeRoom = visits.choose(id, plant).stream()
                .map(store::find)
                .flatMap(Optional::stream)
                .map(Cultivar::name)
                .toList();
        if (!madeRoom.isEmpty()) {
            flash.addFlashAttribute(
                    "told",
                    List.of("%d plants stand side by side at most; %s made room."
                            .formatted(Visit.MOST_CHOSEN, String.join(", ", madeRoom))));
        }
        return "redirect:/visits/" + id + "/" + screen(back);
    }

    @PostMapping("/visits/{id}/side-by-side/{plant}/away")
    String unchoose(
            @PathVariable UUID id, @PathVariable String plant, @RequestParam(defaultValue = "shortlist") String back) {
        visits.unchoose(id, plant);
        return "redirect:/visits/" + id + "/" + screen(back);
    }

    private static String screen(String back) {
        return back.equals("side-by-side") ? back : "shortlist";
    }

    private String show(Model model, Visit visit, String why, Map<String, String> problems) {
        fill(model, visit, pages.of(visit, why), problems);
        return "shortlist/shortlist";
    }

    private void fill(Model model, Visit visit, ShortlistPage page, Map<String, String> problems) {
        model.addAttribute("visit", visit);
        model.addAttribute("page", page);
        model.addAttribute("problems", problems);
        if (!model.containsAttribute("typedWishes")) {
            model.addAttribute("typedWishes", visit.answers());
        }
    }

    private Visit find(UUID id) {
        return visits.find(id).orElseThrow(ShortlistController::gone);
    }

    private static NotFound gone() {
        return new NotFound("There is no such visit; it may have been erased.");
    }
}
