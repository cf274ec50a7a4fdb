package org.yellowfit.app.takeaway;

import jakarta.servlet.http.HttpServletResponse;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.http.ResponseEntity;
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
import org.yellowfit.app.stock.Stock;
import org.yellowfit.app.takeaway.ListLine.Content;
import org.yellowfit.app.takeaway.ListLine.Fill;
import org.yellowfit.app.takeaway.PlantList.Removed;
import org.yellowfit.app.visit.Edit;
import org.yellowfit.app.visit.Visit;
import org.yellowfit.app.visit.VisitFields;
import org.yellowfit.app.visit.Visits;
import org.yellowfit.app.web.Download;
import org.yellowfit.app.web.NotFound;
import org.yellowfit.app.words.Refusals;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.measure.InvalidInput;
import org.yellowfit.core.measure.Length;
import org.yellowfit.core.measure.Numbers;
import org.yellowfit.core.measure.Problem;
import org.yellowfit.core.measure.UnitSystem;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.takeoff.Count;
import org.yellowfit.core.takeoff.LeftOver;
import org.yellowfit.core.takeoff.MaterialKind;
import org.yellowfit.core.takeoff.School;

/** The list: its lines changed, sold, put back; what goes with it. */
@Controller
class ListController {

    private static final int MOST_LARGER = 100_000;

    private final Visits visits;
    private final PlantList list;
    private final ListPages pages;
    private final CatalogueStore store;
    private final Stock stock;

    ListController(Visits visits, PlantList list, ListPages pages, CatalogueStore store, Stock stock) {
        this.visits = visits;
        this.list = list;
        this.pages = pages;
        this.store = store;
        this.stock = stock;
    }

    @GetMapping("/visits/{id}/list")
    String show(@PathVariable UUID id, Model model) {
        return pages.page(visits.open(id), model);
    }

    @PostMapping("/visits/{id}/list")
    String add(@PathVariable UUID id, @RequestParam List<String> plant) {
        list.add(id, plant);
        return "redirect:/visits/" + id + "/list";
    }

    @PostMapping("/visits/{id}/list/{line}")
    String change(
            @PathVariable UUID id,
            @PathVariable long line,
            @RequestParam Map<String, String> typed,
            Model model,
            HttpServletResponse response,
            RedirectAttributes flash) {
        Visit visit = visits.open(id);
        try {
            if (!list.change(id, line, version(typed), content(typed, visit.units()))) {
                flash.addFlashAttribute("told", List.of(Sentences.say("meanwhile.line")));
            }
            return "redirect:/visits/" + id + "/list";
        } catch (InvalidInput e) {
            response.setStatus(422);
            model.addAttribute("wrongLine", line);
            model.addAttribute("typed", typed);
            model.addAttribute("wrong", Refusals.say(e.problems().get(0)));
            return pages.page(visit, model);
        }
    }

    @PostMapping("/visits/{id}/list/{line}/away")
    String remove(@PathVariable UUID id, @PathVariable long line, RedirectAttributes flash) {
        visits.open(id);
        list.remove(id, line).ifPresent(removed -> flash.addFlashAttribute("removed", undo(removed)));
        return "redirect:/visits/" + id + "/list";
    }

    /** Gives each plant its part of the ground. */
    @PostMapping("/visits/{id}/list/shared")
    String share(@PathVariable UUID id) {
        list.share(id);
        return "redirect:/visits/" + id + "/list";
    }

    /** Takes what the yard has instead of what is short. */
    @PostMapping("/visits/{id}/list/{line}/instead")
    String instead(
            @PathVariable UUID id,
            @PathVariable long line,
            @RequestParam Map<String, String> typed,
            RedirectAttributes flash) {
        visits.open(id);
        Cultivar other = store.find(typed.getOrDefault("plant", ""))
                .orElseThrow(() -> new NotFound("The catalogue has no such plant."));
        boolean done = list.instead(id, line, version(typed), other, typed.getOrDefault("pot", ""));
        flash.addFlashAttribute(
                "told",
                List.of(done ? Sentences.say("list.taken-instead", other.name()) : Sentences.say("meanwhile.line")));
        return "redirect:/visits/" + id + "/list";
    }

    @PostMapping("/visits/{id}/list/sold")
    String sell(@PathVariable UUID id, @AuthenticationPrincipal SignedIn me, RedirectAttributes flash) {
        visits.open(id);
        List<Stock.Asked> asked = list.of(id).stream()
                .flatMap(line -> line.byPot().entrySet().stream()
                        .map(each -> new Stock.Asked(line.plant().id(), each.getKey(), each.getValue())))
                .toList();
        if (stock.sell(id, asked, me.displayName()).isEmpty()) {
            flash.addFlashAttribute("told", List.of(Sentences.say("list.sold-already")));
        }
        return "redirect:/visits/" + id + "/list";
    }

    @PostMapping("/visits/{id}/list/unsold")
    String putBack(@PathVariable UUID id, RedirectAttributes flash) {
        visits.open(id);
        boolean back = stock.putBack(id);
        flash.addFlashAttribute("told", List.of(Sentences.say(back ? "list.put-back" : "list.not-sold")));
        return "redirect:/visits/" + id + "/list";
    }

    /** What the customer still has, and who plants it. */
    @PostMapping("/visits/{id}/list/extras")
    String extras(
            @PathVariable UUID id,
            @RequestParam Map<String, String> typed,
            @AuthenticationPrincipal SignedIn me,
            Model model,
            HttpServletResponse response) {
        Visit visit = visits.open(id);
        List<LeftOver> left = new ArrayList<>();
        try {
            for (MaterialKind kind : MaterialKind.values()) {
                String text = typed.getOrDefault("left." + Words.of(kind), "").strip();
                if (!text.isEmpty()) {
                    left.add(field("left." + Words.of(kind), () -> new LeftOver(kind, Numbers.parse(text))));
                }
            }
        } catch (InvalidInput e) {
            response.setStatus(422);
            model.addAttribute("extrasTyped", typed);
            model.addAttribute("extrasWrong", e.problems().get(0).field());
            model.addAttribute("extrasProblem", Refusals.say(e.problems().get(0)));
            return pages.page(visit, model);
        }
        Edit edit = new Edit();
        edit.set(VisitFields.LEFT_OVER, left);
        edit.set(VisitFields.PLANTED_BY_SHOP, "true".equals(typed.get("planted")));
        visits.put(id, edit, me.displayName());
        return "redirect:/visits/" + id + "/list";
    }

    @GetMapping("/visits/{id}/list.csv")
    ResponseEntity<String> csv(@PathVariable UUID id) {
        visits.open(id);
        return Download.csv("list.csv", ListFile.csv(list.of(id)));
    }

    @PostMapping("/visits/{id}/list/back")
    String putBack(@PathVariable UUID id, @RequestParam Map<String, String> typed) {
        Visit visit = visits.open(id);
        try {
            int position = (int) Numbers.parse(typed.getOrDefault("position", "0"));
            list.putBack(id, new Removed(typed.getOrDefault("plant", ""), position, content(typed, UnitSystem.METRIC)));
        } catch (IllegalArgumentException e) {
            throw new NotFound(
                    "What was taken away cannot be put back from this page any more; add the plant to %s again.",
                    visit.place());
        }
        return "redirect:/visits/" + id + "/list";
    }

    /** The fields of the form that puts a line back; lengths in metres. */
    private static Map<String, String> undo(Removed removed) {
        Content content = removed.content();
        return Map.of(
                "plant",
                removed.cultivarId(),
                "position",
                String.valueOf(removed.position()),
                "fill",
                content.fill().name(),
                "amount",
                Numbers.write(content.amount()),
                "endsClear",
                String.valueOf(content.endsClear()),
                "school",
                content.school().name(),
                "closeBy",
                String.valueOf(content.closeBy()),
                "pot",
                content.pot(),
                "largerPot",
                content.largerPot(),
                "largerCount",
                String.valueOf(content.largerCount()));
    }

    private static Content content(Map<String, String> typed, UnitSystem units) {
        Fill fill = named("fill", Fill.class, typed.getOrDefault("fill", ""));
        School school = named("school", School.class, typed.getOrDefault("school", ""));
        double closeBy = field("closeBy", () -> Numbers.parse(typed.getOrDefault("closeBy", "3")));
        if (!(closeBy >= 1 && closeBy <= Count.LONGEST_YEARS)) {
            throw InvalidInput.at("closeBy", "The year to close by must lie between 1 and %s.", Count.LONGEST_YEARS);
        }
        double amount = field("amount", () -> amount(fill, typed.getOrDefault("amount", ""), units));
        Content content = new Content(
                fill,
                amount,
                "true".equals(typed.get("endsClear")),
                school,
                (int) closeBy,
                typed.getOrDefault("pot", ""),
                typed.getOrDefault("largerPot", ""),
                larger(typed));
        field("amount", content::ground);
        return content;
    }

    /** How many come larger; none where nothing is typed. */
    private static int larger(Map<String, String> typed) {
        String text = typed.getOrDefault("largerCount", "").strip();
        double count = text.isEmpty() ? 0 : field("largerCount", () -> Numbers.parse(text));
        if (!(count >= 0 && count <= MOST_LARGER && count == Math.rint(count))) {
            throw InvalidInput.at("largerCount", "Write how many come larger as a whole number, 0 for none.");
        }
        return (int) count;
    }

    private static double amount(Fill fill, String text, UnitSystem units) {
        return switch (fill) {
            case AREA ->
                Numbers.parse(text.replaceAll("(m²|m2|sq ?ft)\\s*$", ""))
                        * (units == UnitSystem.US ? ListPages.SQUARE_FOOT_M2 : 1);
            case ROW -> Length.parse(text, units);
            case NUMBER -> Math.rint(Numbers.parse(text));
        };
    }

    private static <T> T field(String name, java.util.function.Supplier<T> read) {
        try {
            return read.get();
        } catch (IllegalArgumentException e) {
            throw new InvalidInput(List.of(Problem.of(name, e)));
        }
    }

    /** What is no number is the version of no line, like that of one changed meanwhile. */
    private static long version(Map<String, String> typed) {
        return Math.round(field("version", () -> Numbers.parse(typed.getOrDefault("version", "-1"))));
    }

    private static <E extends Enum<E>> E named(String field, Class<E> type, String text) {
        return Arrays.stream(type.getEnumConstants())
                .filter(each -> each.name().equals(text))
                .findFirst()
                .orElseThrow(() -> InvalidInput.at(field, "Choose one of what is offered."));
    }
}
