package org.yellowfit.app.planting;

import jakarta.servlet.http.HttpServletResponse;
import java.time.Month;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
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
import org.yellowfit.app.takeaway.PlantList;
import org.yellowfit.app.visit.Edit;
import org.yellowfit.app.visit.Visit;
import org.yellowfit.app.visit.VisitFields;
import org.yellowfit.app.visit.VisitForm;
import org.yellowfit.app.visit.Visits;
import org.yellowfit.app.web.NotFound;
import org.yellowfit.app.words.Refusals;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.colour.ColourWord;
import org.yellowfit.core.measure.InvalidInput;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.palette.PlantingFields;
import org.yellowfit.core.palette.PlantingFields.Chosen;
import org.yellowfit.core.palette.Scheme;
import org.yellowfit.core.palette.Weaving;

/** The plants of a visit together: drawn in their layers, judged, completed, and handed on to the list. */
@Controller
class TogetherController {

    private static final String PREFIX = "planting.";
    private static final int MOST_KINDS = 30;
    private static final double LEAST_SECONDS = 0.1;
    private static final double MOST_SECONDS = 10;
    private static final double OLDEST = 30;

    private final Visits visits;
    private final TogetherPages pages;
    private final CatalogueStore store;
    private final PlantList list;

    private final Recipes recipes;
    private final Planting planting;

    TogetherController(
            Visits visits,
            TogetherPages pages,
            CatalogueStore store,
            PlantList list,
            Recipes recipes,
            Planting planting) {
        this.recipes = recipes;
        this.planting = planting;
        this.visits = visits;
        this.pages = pages;
        this.store = store;
        this.list = list;
    }

    @GetMapping("/visits/{id}/together")
    String show(@PathVariable UUID id, Model model) {
        return page(visits.open(id), model);
    }

    private String page(Visit visit, Model model) {
        model.addAttribute("visit", visit);
        TogetherPages.Page page = pages.page(visit);
        model.addAttribute("p", page);
        List<?> months = (List<?>) page.aims().get("months");
        model.addAttribute(
                "monthOptions",
                Arrays.stream(Month.values())
                        .map(month -> new Option(
                                "",
                                String.valueOf(month.getValue()),
                                Sentences.label(month),
                                months.contains(month.getValue())))
                        .toList());
        model.addAttribute("recipes", recipes.all());
        model.addAttribute("schemes", options(Scheme.values()));
        model.addAttribute("weavings", options(Weaving.values()));
        model.addAttribute(
                "colourWords", Arrays.stream(ColourWord.values()).map(Words::of).toList());
        if (!model.containsAttribute("problems")) {
            model.addAttribute("problems", Map.of());
            model.addAttribute("typed", Map.of());
        }
        return "planting/together";
    }

    private static List<Option> options(Enum<?>[] words) {
        return Arrays.stream(words)
                .map(word -> new Option("", Words.of(word), Sentences.label(word), false))
                .toList();
    }

    /** What the planting shall be. */
    @PostMapping("/visits/{id}/together")
    String aim(
            @PathVariable UUID id,
            @RequestParam MultiValueMap<String, String> form,
            @AuthenticationPrincipal SignedIn me,
            Model model,
            HttpServletResponse response) {
        Visit visit = visits.open(id);
        Map<String, String> typed = new LinkedHashMap<>();
        form.forEach((name, values) -> {
            if (name.startsWith(PREFIX)) {
                typed.put(name, values.stream().filter(each -> !each.isBlank()).collect(Collectors.joining("|")));
            }
        });
        // What is not ticked is not sent.
        for (var field : List.of(PlantingFields.WINTER, PlantingFields.ONLY_THESE)) {
            typed.putIfAbsent(VisitFields.planting(field).key(), "no");
        }
        VisitForm.Checked checked = VisitForm.check(typed, visit.answers());
        if (!checked.isFine()) {
            response.setStatus(422);
            model.addAttribute("problems", checked.problems());
            model.addAttribute("typed", typed);
            return page(visit, model);
        }
        visits.put(id, checked.edit(), me.displayName()).orElseThrow(Visits::gone);
        return back(id);
    }

    @PostMapping("/visits/{id}/together/add")
    String add(
            @PathVariable UUID id,
            @RequestParam List<String> plant,
            @AuthenticationPrincipal SignedIn me,
            RedirectAttributes flash) {
        for (String each : plant) {
            store.find(each).orElseThrow(() -> new NotFound("The catalogue has no such plant."));
        }
        return change(
                id,
                chosen -> {
                    List<Chosen> more = new ArrayList<>(chosen);
                    plant.stream()
                            .filter(each ->
                                    more.stream().noneMatch(had -> had.id().equals(each)))
                            .limit(Math.max(0, MOST_KINDS - more.size()))
                            .forEach(each -> more.add(new Chosen(each, "", 0, true)));
                    return more;
                },
                me,
                flash);
    }

    @PostMapping("/visits/{id}/together/away")
    String away(
            @PathVariable UUID id,
            @RequestParam String plant,
            @RequestParam(defaultValue = "") String patch,
            @AuthenticationPrincipal SignedIn me,
            RedirectAttributes flash) {
        return change(
                id,
                chosen ->
                        chosen.stream().filter(each -> !each.id().equals(plant)).toList(),
                me,
                flash);
    }

    @PostMapping("/visits/{id}/together/lock")
    String lock(
            @PathVariable UUID id,
            @RequestParam String plant,
            @RequestParam(defaultValue = "") String patch,
            @RequestParam boolean locked,
            @AuthenticationPrincipal SignedIn me,
            RedirectAttributes flash) {
        return change(id, chosen -> each(chosen, plant, patch, one -> one.locked(locked)), me, flash);
    }

    /** @param count 0 leaves it to the ground */
    @PostMapping("/visits/{id}/together/count")
    String count(
            @PathVariable UUID id,
            @RequestParam String plant,
            @RequestParam(defaultValue = "") String patch,
            @RequestParam int count,
            @AuthenticationPrincipal SignedIn me,
            RedirectAttributes flash) {
        return change(id, chosen -> each(chosen, plant, patch, one -> one.counted(count)), me, flash);
    }

    @PostMapping("/visits/{id}/together/swap")
    String swap(
            @PathVariable UUID id,
            @RequestParam String plant,
            @RequestParam(defaultValue = "") String patch,
            @RequestParam String with,
            @AuthenticationPrincipal SignedIn me,
            RedirectAttributes flash) {
        store.find(with).orElseThrow(() -> new NotFound("The catalogue has no such plant."));
        return change(
                id,
                chosen -> each(chosen, plant, patch, one -> new Chosen(with, one.patch(), 0, one.locked())),
                me,
                flash);
    }

    /** Takes a planting that was offered, or the one there was before; what is locked stays locked. */
    @PostMapping("/visits/{id}/together/take")
    String take(
            @PathVariable UUID id,
            @RequestParam(defaultValue = "") String plants,
            @RequestParam(defaultValue = "false") boolean counted,
            @AuthenticationPrincipal SignedIn me,
            RedirectAttributes flash) {
        List<Chosen> taken = read(plants);
        return change(
                id,
                chosen -> taken.stream()
                        .map(each -> counted ? each : each.counted(0))
                        .map(each -> each.locked(each.locked()
                                || chosen.stream().anyMatch(had -> had.is(each.id(), each.patch()) && had.locked())))
                        .toList(),
                me,
                flash);
    }

    /** Keeps the planting under a name. */
    @PostMapping("/visits/{id}/together/keep")
    String keep(
            @PathVariable UUID id,
            @RequestParam(defaultValue = "") String name,
            @AuthenticationPrincipal SignedIn me,
            Model model,
            HttpServletResponse response,
            RedirectAttributes flash) {
        Visit visit = visits.open(id);
        List<Chosen> plants = pages.counts(visit).entrySet().stream()
                .map(each -> new Chosen(each.getKey(), "", each.getValue(), false))
                .toList();
        try {
            recipes.keep(name, plants, planting.of(visit).areaM2(), me.displayName());
        } catch (InvalidInput e) {
            response.setStatus(422);
            model.addAttribute(
                    "problems", Map.of("name", Refusals.say(e.problems().get(0))));
            model.addAttribute("typed", Map.of("name", name));
            return page(visit, model);
        }
        flash.addFlashAttribute("told", List.of(Sentences.say("recipe.kept", name.strip())));
        return back(id);
    }

    /** Lays a recipe over this place; what it replaced is told. */
    @PostMapping("/visits/{id}/together/recipe")
    String recipe(
            @PathVariable UUID id,
            @RequestParam long recipe,
            @AuthenticationPrincipal SignedIn me,
            RedirectAttributes flash) {
        Recipe kept = recipes.find(recipe).orElseThrow(() -> new NotFound("This recipe is not kept any more."));
        Recipes.Laid laid = recipes.lay(kept, planting.of(visits.open(id)));
        if (!laid.told().isEmpty()) {
            flash.addFlashAttribute("told", laid.told());
        }
        return change(id, before -> laid.plants(), me, flash);
    }

    @PostMapping("/visits/{id}/together/recipe/away")
    String forget(@PathVariable UUID id, @RequestParam long recipe) {
        visits.open(id);
        recipes.forget(recipe);
        return back(id);
    }

    /** The plants picked for side by side. */
    @PostMapping("/visits/{id}/together/picked")
    String picked(@PathVariable UUID id, @AuthenticationPrincipal SignedIn me, RedirectAttributes flash) {
        List<String> picked = visits.open(id).chosen();
        return picked.isEmpty() ? back(id) : add(id, picked, me, flash);
    }

    @PostMapping("/visits/{id}/together/list")
    String list(@PathVariable UUID id) {
        Map<String, Integer> counts = pages.counts(visits.open(id));
        if (!counts.isEmpty()) {
            list.take(id, counts);
        }
        return "redirect:/visits/" + id + "/list";
    }

    /** Part of the page: what the planting could be. */
    @GetMapping("/visits/{id}/together/offers")
    String offers(
            @PathVariable UUID id,
            @RequestParam(defaultValue = "2") double seconds,
            @RequestParam(defaultValue = "false") boolean anew,
            Model model) {
        Visit visit = visits.open(id);
        double time = seconds >= LEAST_SECONDS && seconds <= MOST_SECONDS ? seconds : LEAST_SECONDS;
        model.addAttribute("visit", visit);
        model.addAttribute("o", pages.offers(visit, time, anew));
        return "planting/offers :: offers";
    }

    /** Part of the page: what could stand in a plant's place. */
    @GetMapping("/visits/{id}/together/instead/{plant}")
    String instead(
            @PathVariable UUID id,
            @PathVariable String plant,
            @RequestParam(defaultValue = "") String patch,
            Model model) {
        Visit visit = visits.open(id);
        if (read(visit).stream().noneMatch(each -> each.is(plant, patch))) {
            throw new NotFound("“%s” is not in this planting.", plant);
        }
        model.addAttribute("visit", visit);
        model.addAttribute("plant", plant);
        model.addAttribute("patch", patch);
        model.addAttribute("standIns", pages.standIns(visit, plant, patch));
        return "planting/stand-ins :: standIns";
    }

    /** The planting as it looks in a month and a year. */
    @GetMapping("/visits/{id}/together/scene.svg")
    ResponseEntity<String> scene(
            @PathVariable UUID id,
            @RequestParam(defaultValue = "6") int month,
            @RequestParam(defaultValue = "5") double year,
            @RequestParam(defaultValue = "") String plants) {
        double years = year >= 0 && year <= OLDEST ? year : 5;
        String svg = pages.scene(visits.open(id), read(plants), Math.max(1, Math.min(12, month)), years);
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("image/svg+xml;charset=UTF-8"))
                .cacheControl(CacheControl.noCache().cachePrivate())
                .body(svg);
    }

    private static List<Chosen> each(List<Chosen> chosen, String id, String patch, UnaryOperator<Chosen> changed) {
        return chosen.stream()
                .map(one -> one.is(id, patch) ? changed.apply(one) : one)
                .toList();
    }

    private static List<Chosen> read(Visit visit) {
        return visit.answers().get(VisitFields.planting(PlantingFields.PLANTS), List.of());
    }

    /** What cannot be read is left out: it comes from a page of this program, or from nobody who is owed an answer. */
    private static List<Chosen> read(String plants) {
        List<Chosen> read = new ArrayList<>();
        for (String each : Arrays.stream(plants.split("[|,]")).limit(MOST_KINDS).toList()) {
            try {
                read.add(Chosen.parse(each));
            } catch (IllegalArgumentException e) {
                continue;
            }
        }
        return read;
    }

    private String change(UUID id, UnaryOperator<List<Chosen>> changed, SignedIn me, RedirectAttributes flash) {
        visits.change(
                        id,
                        visit -> {
                            List<Chosen> before = read(visit);
                            flash.addFlashAttribute(
                                    "undo", before.stream().map(Chosen::text).collect(Collectors.joining("|")));
                            List<Chosen> after = changed.apply(before);
                            return after.isEmpty()
                                    ? new Edit().clear(VisitFields.planting(PlantingFields.PLANTS))
                                    : new Edit().set(VisitFields.planting(PlantingFields.PLANTS), after);
                        },
                        me.displayName())
                .orElseThrow(Visits::gone);
        return back(id);
    }

    private static String back(UUID id) {
        return "redirect:/visits/" + id + "/together";
    }
}
