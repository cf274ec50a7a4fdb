package org.yellowfit.app.plants;

import jakarta.servlet.http.HttpServletResponse;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.Supplier;
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
import org.yellowfit.app.forms.Option;
import org.yellowfit.app.people.SignedIn;
import org.yellowfit.app.place.ChangeWords;
import org.yellowfit.app.visit.Edit;
import org.yellowfit.app.visit.Visit;
import org.yellowfit.app.visit.VisitFields;
import org.yellowfit.app.visit.VisitForm;
import org.yellowfit.app.visit.Visits;
import org.yellowfit.app.web.Fragments;
import org.yellowfit.app.web.KeptPages;
import org.yellowfit.app.web.NotFound;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.measure.Refusal;
import org.yellowfit.core.plant.Cultivar;

@Controller
class ShortlistController {

    private final Visits visits;
    private final ShortlistPages pages;
    private final DenseLists dense;
    private final CatalogueStore store;
    private final Fragments fragments;
    private final KeptPages keptPages;
    private final Sentencing sentences;
    private final NextQuestion next;

    ShortlistController(
            Visits visits,
            ShortlistPages pages,
            DenseLists dense,
            CatalogueStore store,
            Fragments fragments,
            KeptPages keptPages,
            Sentencing sentences,
            NextQuestion next) {
        this.next = next;
        this.sentences = sentences;
        this.keptPages = keptPages;
        this.fragments = fragments;
        this.visits = visits;
        this.pages = pages;
        this.dense = dense;
        this.store = store;
    }

    /** @return a view or its name: the list as it is is drawn up once, unless there is something to tell beside it */
    @GetMapping("/visits/{id}/shortlist")
    Object shortlist(
            @PathVariable UUID id,
            @RequestParam(defaultValue = "") String why,
            @RequestParam(defaultValue = "") String view,
            @RequestParam(defaultValue = "none") String group,
            @RequestParam(defaultValue = "") String plant,
            @AuthenticationPrincipal SignedIn me,
            Model model) {
        Visit visit = visits.open(id);
        if (view.equals("cards") || !why.isBlank()) {
            return show(model, visit, why);
        }
        if (!plant.isEmpty() && store.find(plant).isEmpty()) {
            throw new NotFound("The catalogue has no such plant.");
        }
        if (model.containsAttribute("told") || grouping(group).equals("patch")) {
            return threads(model, visit, group, plant);
        }
        AsItIs key = AsItIs.of(
                visit,
                store.state(),
                "page",
                grouping(group),
                plant,
                me.username() + " " + me.displayName() + " " + me.role());
        return keptPages.page(key, model, () -> threads(model, visit, group, plant));
    }

    /** The list again, as it would be with some answers about the site changed. */
    @GetMapping("/visits/{id}/shortlist/list")
    String list(@PathVariable UUID id, @RequestParam Map<String, String> params, Model model) {
        Visit visit = visits.open(id);
        model.addAttribute("visit", visit);
        DenseLists.Drawn drawn = dense.tried(visit, Dial.tried(params), grouping(params.getOrDefault("group", "none")));
        model.addAttribute("list", drawn.list());
        model.addAttribute("rows", drawn.rows());
        return "plants/dense :: list";
    }

    /** One plant in full, beside the list. */
    @GetMapping("/visits/{id}/shortlist/plants/{plant}")
    String plant(
            @PathVariable UUID id, @PathVariable String plant, @RequestParam Map<String, String> params, Model model) {
        Visit visit = visits.open(id);
        model.addAttribute("visit", visit);
        try {
            addCard(
                    model,
                    visit,
                    pages.card(visit, plant, Dial.tried(params)),
                    Dial.tried(params).isEmpty());
        } catch (IllegalArgumentException e) {
            throw new NotFound(Refusal.of(e));
        }
        return "plants/chosen :: chosen";
    }

    /** Keeps what was tried out as the site. */
    @PostMapping("/visits/{id}/what-if")
    String keep(
            @PathVariable UUID id,
            @RequestParam Map<String, String> params,
            @RequestParam(defaultValue = "-1") long version,
            @AuthenticationPrincipal SignedIn me,
            RedirectAttributes flash) {
        Visit visit = visits.open(id);
        VisitForm.Checked checked = VisitForm.check(Dial.typed(params), visit.answers());
        List<String> told = new ArrayList<>(checked.problems().values());
        if (checked.isFine()) {
            Visits.Outcome outcome =
                    visits.save(id, version, checked.edit(), me.displayName()).orElseThrow(Visits::gone);
            told.addAll(ChangeWords.told(outcome));
            if (outcome instanceof Visits.Outcome.Saved) {
                told.add(0, Sentences.say("told.tried-out"));
            }
        }
        flash.addFlashAttribute("told", told);
        return "redirect:/visits/" + id + "/shortlist";
    }

    /** Puts a plant aside in this visit, or brings it back. */
    @PostMapping("/visits/{id}/passed/{plant}")
    String pass(
            @PathVariable UUID id,
            @PathVariable String plant,
            @RequestParam(defaultValue = "false") boolean back,
            @AuthenticationPrincipal SignedIn me) {
        Function<Visit, Edit> moved = visit -> {
            List<String> passed = new ArrayList<>(visit.passed());
            passed.remove(plant);
            if (!back && plant.matches("[a-z0-9-]{1,80}")) {
                passed.add(plant);
            }
            return new Edit().set(VisitFields.PASSED, passed.isEmpty() ? null : passed);
        };
        visits.change(id, moved, me.displayName()).orElseThrow(Visits::gone);
        return "redirect:/visits/" + id + "/shortlist";
    }

    private static String grouping(String text) {
        return DenseLists.GROUPINGS.contains(text) ? text : "none";
    }

    private String threads(Model model, Visit visit, String group, String plant) {
        DenseLists.Drawn drawn = dense.drawn(visit, grouping(group));
        String chosen = plant.isEmpty() ? drawn.list().first() : plant;
        model.addAttribute("list", drawn.list());
        model.addAttribute("rows", drawn.rows());
        model.addAttribute("group", grouping(group));
        model.addAttribute(
                "groupings",
                DenseLists.GROUPINGS.stream()
                        .filter(each -> !each.equals("patch") || !visit.drawn().isEmpty())
                        .map(each -> new Option(
                                "group", each, Sentences.say("grouping." + each), each.equals(grouping(group))))
                        .toList());
        model.addAttribute(
                "dialFields",
                fragments.once(
                        AsItIs.of(visit, store.state(), "dials"),
                        () -> fragments.draw("plants/tools-fields", "dials", Map.of("dials", Dial.of(visit)))));
        try {
            addCard(model, visit, chosen.isEmpty() ? null : pages.card(visit, chosen, new Edit()), true);
        } catch (IllegalArgumentException e) {
            throw new NotFound(Refusal.of(e));
        }
        ShortlistPage head = pages.head(visit);
        model.addAttribute("lineHead", lineHead(visit, head));
        fill(model, visit, head);
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
        Visit visit = visits.open(id);
        String ready = params.getOrDefault("ready", List.of("")).get(0);
        MultiValueMap<String, String> sent = SentencePage.READY.contains(ready) ? ReadyMade.of(ready) : params;
        List<Cultivar> plants = store.labels();
        JobForm jobs = JobForm.read(sent, visit.units());
        Map<String, String> typed = WishForm.read(sent);
        if (sent != params) {
            typed.put(VisitFields.POLICY.key(), VisitForm.shown(VisitFields.POLICY.key(), visit.answers()));
        }
        Map<String, String> problems = new HashMap<>();
        VisitForm.Checked checked = null;
        if (jobs.isFine()) {
            Map<String, String> kept = WishForm.kept(typed, jobs, visit.units(), plants, problems);
            checked = VisitForm.check(kept, visit.answers());
            problems.putAll(checked.problems());
        }
        if (checked == null || !problems.isEmpty()) {
            response.setStatus(422);
            model.addAttribute("sentence", sentences.page(visit, jobs, typed, problems));
            return threads(model, visit, "none", "");
        }
        Visits.Outcome outcome =
                visits.save(id, version, checked.edit(), me.displayName()).orElseThrow(Visits::gone);
        if (outcome instanceof Visits.Outcome.Conflict conflict) {
            flash.addFlashAttribute(
                    "told",
                    List.of(Sentences.say("meanwhile.wishes", conflict.current().changedBy())));
        }
        return "redirect:/visits/" + id + "/shortlist";
    }

    @PostMapping("/visits/{id}/side-by-side/{plant}")
    String choose(
            @PathVariable UUID id,
            @PathVariable String plant,
            @RequestParam(defaultValue = "shortlist") String back,
            RedirectAttributes flash) {
        visits.open(id);
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
                    "told", List.of(Sentences.say("told.made-room", Visit.MOST_CHOSEN, String.join(", ", madeRoom))));
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
        if (!model.containsAttribute("sentence")) {
            model.addAttribute("sentence", sentences.page(visit));
        }
        NextQuestion.Next asked = next.of(visit);
        if (asked.isSomething()) {
            model.addAttribute("next", asked);
        }
    }

    /** @param asItIs nothing is tried out: what is drawn up may be kept */
    private void addCard(Model model, Visit visit, ShortlistPage.Card card, boolean asItIs) {
        model.addAttribute("card", card);
        if (card != null) {
            for (String part : List.of("Top", "Rest")) {
                Supplier<String> draw = () -> fragments.draw(
                        "plants/chosen", part.toLowerCase(Locale.ROOT), Map.of("card", card, "visit", visit.id()));
                AsItIs key = AsItIs.of(visit, store.state(), "card" + part, card.id());
                model.addAttribute("card" + part, asItIs ? fragments.once(key, draw) : draw.get());
            }
        }
    }

    private String lineHead(Visit visit, ShortlistPage page) {
        return fragments.once(
                AsItIs.of(visit, store.state(), "line"),
                () -> fragments.draw("plants/line-head", "line", Map.of("page", page, "policy", visit.policy())));
    }
}
