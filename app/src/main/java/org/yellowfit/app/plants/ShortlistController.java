package org.yellowfit.app.plants;

import jakarta.servlet.http.HttpServletResponse;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
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
import org.yellowfit.app.visit.Edit;
import org.yellowfit.app.visit.Visit;
import org.yellowfit.app.visit.VisitField;
import org.yellowfit.app.visit.VisitFields;
import org.yellowfit.app.visit.VisitForm;
import org.yellowfit.app.visit.Visits;
import org.yellowfit.app.web.NotFound;
import org.yellowfit.core.fit.WishFields;
import org.yellowfit.core.plant.Cultivar;

@Controller
class ShortlistController {

    private static final List<VisitField<?>> WISHES = Stream.<Stream<? extends VisitField<?>>>of(
                    Stream.of(VisitFields.POLICY, VisitFields.wish(WishFields.MUST)),
                    WishFields.OF_A_PLANT.stream().map(VisitFields::wish),
                    Stream.of(WishFields.KINDS, WishFields.COLOURS).map(VisitFields::never))
            .<VisitField<?>>flatMap(each -> each)
            .toList();

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
            return show(model, visit, why);
        }
        return threads(model, visit, group, plant);
    }

    /** The list again, as it would be with some answers about the site changed. */
    @GetMapping("/visits/{id}/shortlist/list")
    String list(@PathVariable UUID id, @RequestParam Map<String, String> params, Model model) {
        Visit visit = find(id);
        model.addAttribute("visit", visit);
        model.addAttribute("list", dense.of(visit, Dial.tried(params), grouping(params.getOrDefault("group", "none"))));
        return "plants/dense :: list";
    }

    /** One plant in full, beside the list. */
    @GetMapping("/visits/{id}/shortlist/plants/{plant}")
    String plant(
            @PathVariable UUID id, @PathVariable String plant, @RequestParam Map<String, String> params, Model model) {
        Visit visit = find(id);
        model.addAttribute("visit", visit);
        try {
            model.addAttribute("card", pages.card(visit, plant, Dial.tried(params)));
        } catch (IllegalArgumentException e) {
            throw new NotFound(e.getMessage());
        }
        return "plants/chosen :: chosen";
    }

    /** Keeps what was tried out as the site. */
    @PostMapping("/visits/{id}/what-if")
    String keep(
            @PathVariable UUID id,
            @RequestParam Map<String, String> params,
            @AuthenticationPrincipal SignedIn me,
            RedirectAttributes flash) {
        Visit visit = find(id);
        VisitForm.Checked checked = VisitForm.check(Dial.typed(params, visit), visit.answers());
        if (checked.isFine()) {
            visits.put(id, checked.edit(), me.displayName());
            flash.addFlashAttribute("told", List.of("The site now has what you tried out."));
        } else {
            flash.addFlashAttribute("told", List.copyOf(checked.problems().values()));
        }
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
        visits.put(id, new Edit().set(VisitFields.PASSED, passed.isEmpty() ? null : passed), me.displayName());
        return "redirect:/visits/" + id + "/shortlist";
    }

    private static String grouping(String text) {
        return DenseLists.GROUPINGS.contains(text) ? text : "none";
    }

    private String threads(Model model, Visit visit, String group, String plant) {
        DenseList list = dense.of(visit, new Edit(), grouping(group));
        String chosen = plant.isEmpty() ? list.first() : plant;
        model.addAttribute("list", list);
        model.addAttribute("group", grouping(group));
        model.addAttribute("dials", Dial.of(visit));
        try {
            model.addAttribute("card", chosen.isEmpty() ? null : pages.card(visit, chosen, new Edit()));
        } catch (IllegalArgumentException e) {
            throw new NotFound(e.getMessage());
        }
        fill(model, visit, pages.head(visit));
        return "plants/threads";
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
                field.key(),
                String.join(
                        "|",
                        params.getOrDefault(field.key(), List.of()).stream()
                                .filter(v -> !v.isBlank())
                                .toList())));
        VisitForm.Checked checked = VisitForm.check(typed, visit.answers());
        if (!checked.isFine()) {
            response.setStatus(422);
            model.addAttribute("wishes", WishesPage.of(typed, checked.problems()));
            return threads(model, visit, "none", "");
        }
        Visits.Outcome outcome =
                visits.save(id, version, checked.edit(), me.displayName()).orElseThrow(ShortlistController::gone);
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

    private String show(Model model, Visit visit, String why) {
        fill(model, visit, pages.of(visit, why));
        return "plants/shortlist";
    }

    private void fill(Model model, Visit visit, ShortlistPage page) {
        model.addAttribute("visit", visit);
        model.addAttribute("page", page);
        if (!model.containsAttribute("wishes")) {
            Map<String, String> shown = new HashMap<>();
            WISHES.forEach(field -> shown.put(field.key(), VisitForm.shown(field.key(), visit.answers())));
            model.addAttribute("wishes", WishesPage.of(shown, Map.of()));
        }
    }

    private Visit find(UUID id) {
        return visits.find(id).orElseThrow(ShortlistController::gone);
    }

    private static NotFound gone() {
        return new NotFound("There is no such visit; it may have been erased.");
    }
}
