package org.yellowfit.app.takeaway;

import jakarta.servlet.http.HttpServletResponse;
import java.math.BigDecimal;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import org.yellowfit.app.drawing.PlantDrawing;
import org.yellowfit.app.drawing.pen.Detail;
import org.yellowfit.app.shop.Shop;
import org.yellowfit.app.takeaway.ListLine.Content;
import org.yellowfit.app.takeaway.ListLine.Fill;
import org.yellowfit.app.takeaway.PlantList.Line;
import org.yellowfit.app.takeaway.PlantList.Removed;
import org.yellowfit.app.visit.GrowingPlaces;
import org.yellowfit.app.visit.Visit;
import org.yellowfit.app.visit.Visits;
import org.yellowfit.app.web.NotFound;
import org.yellowfit.app.words.Refusals;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.measure.InvalidInput;
import org.yellowfit.core.measure.Length;
import org.yellowfit.core.measure.Numbers;
import org.yellowfit.core.measure.Problem;
import org.yellowfit.core.measure.UnitSystem;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.season.GrowingPlace;
import org.yellowfit.core.takeoff.Count;
import org.yellowfit.core.takeoff.School;

@Controller
class ListController {

    private static final double SQUARE_FOOT_M2 = UnitSystem.FOOT_M * UnitSystem.FOOT_M;

    /** A school's count in words. */
    record SchoolCount(int plants, String onCentre, String closes, String cost) {}

    record Row(
            long id,
            long version,
            String plantId,
            String botanical,
            String cultivar,
            String common,
            String sketch,
            List<String> pots,
            String pot,
            String fill,
            String amount,
            boolean endsClear,
            boolean quick,
            int closeBy,
            int plants,
            String onCentre,
            SchoolCount mature,
            SchoolCount quickTold,
            String unit,
            String total,
            String inBed) {}

    private final Visits visits;
    private final PlantList list;
    private final Shop shop;
    private final GrowingPlaces growingPlaces;
    private final PlantedCounts bed;

    ListController(Visits visits, PlantList list, Shop shop, GrowingPlaces growingPlaces, PlantedCounts bed) {
        this.bed = bed;
        this.growingPlaces = growingPlaces;
        this.visits = visits;
        this.list = list;
        this.shop = shop;
    }

    @GetMapping("/visits/{id}/list")
    String show(@PathVariable UUID id, Model model) {
        return page(visits.open(id), model);
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
            return page(visit, model);
        }
    }

    @PostMapping("/visits/{id}/list/{line}/away")
    String remove(@PathVariable UUID id, @PathVariable long line, RedirectAttributes flash) {
        visits.open(id);
        list.remove(id, line).ifPresent(removed -> flash.addFlashAttribute("removed", undo(removed)));
        return "redirect:/visits/" + id + "/list";
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
                content.pot());
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
                typed.getOrDefault("pot", ""));
        field("amount", content::ground);
        return content;
    }

    private static double amount(Fill fill, String text, UnitSystem units) {
        return switch (fill) {
            case AREA ->
                Numbers.parse(text.replaceAll("(m²|m2|sq ?ft)\\s*$", ""))
                        * (units == UnitSystem.US ? SQUARE_FOOT_M2 : 1);
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

    private String page(Visit visit, Model model) {
        List<Line> lines = list.of(visit.id());
        model.addAttribute("visit", visit);
        Map<String, Integer> planted = bed.planted(visit.id());
        model.addAttribute(
                "rows",
                lines.stream()
                        .map(line -> row(line, visit, inBed(line, planted)))
                        .toList());
        model.addAttribute(
                "plants", lines.stream().mapToInt(line -> line.count().plants()).sum());
        model.addAttribute("total", sum(lines));
        model.addAttribute(
                "unpriced", lines.stream().anyMatch(line -> line.unit().isEmpty()));
        model.addAttribute("us", visit.units() == UnitSystem.US);
        return "takeaway/list";
    }

    private String sum(List<Line> lines) {
        return shop.money(
                lines.stream().map(Line::total).flatMap(Optional::stream).reduce(BigDecimal.ZERO, BigDecimal::add));
    }

    /** Said where the list has more or fewer of a plant than stand in the bed. */
    private static String inBed(Line line, Map<String, Integer> planted) {
        int there = planted.getOrDefault(line.plant().id(), 0);
        return planted.isEmpty() || there == line.count().plants() ? "" : Sentences.say("list.in-bed", there);
    }

    private Row row(Line line, Visit visit, String inBed) {
        UnitSystem units = visit.units();
        GrowingPlace place = growingPlaces.of(visit);
        return new Row(
                line.id(),
                line.version(),
                line.plant().id(),
                line.plant().botanical(),
                line.plant().get(Traits.CULTIVAR).orElse(""),
                line.plant().get(Traits.COMMON).orElse(""),
                PlantDrawing.portrait(
                        line.plant(), place, 10, PlantDrawing.bestMonth(line.plant(), place), Detail.CARD),
                line.pots().stream().map(pot -> pot.pot()).toList(),
                line.pot(),
                line.fill(),
                amount(line, units),
                line.endsClear(),
                line.count().school() == School.QUICK_COVER,
                line.closeBy(),
                line.count().plants(),
                units.length(line.count().onCentreM()),
                told(line, line.mature(), units),
                told(line, line.quick(), units),
                line.unit().map(shop::money).orElse(Sentences.say("not-priced")),
                line.total().map(shop::money).orElse("–"),
                inBed);
    }

    private SchoolCount told(Line line, Count count, UnitSystem units) {
        String closes = count.yearClosed().isPresent()
                ? Sentences.say("list.closes", String.valueOf(count.yearClosed().getAsInt()))
                : Sentences.say("list.does-not-close");
        return new SchoolCount(
                count.plants(),
                units.length(count.onCentreM()),
                line.fill().equals("NUMBER") ? "" : closes,
                line.totalOf(count).map(shop::money).orElse(Sentences.say("not-priced")));
    }

    private static String amount(Line line, UnitSystem units) {
        return switch (line.fill()) {
            case "AREA" -> Numbers.rounded(units == UnitSystem.US ? line.amount() / SQUARE_FOOT_M2 : line.amount(), 2);
            case "ROW" ->
                units == UnitSystem.US ? units.length(line.amount()) : Numbers.rounded(line.amount(), 2) + " m";
            default -> Numbers.rounded(line.amount(), 0);
        };
    }
}
