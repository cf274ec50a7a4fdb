package org.yellowfit.app.planting;

import java.math.BigDecimal;
import java.time.Month;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.springframework.stereotype.Service;
import org.yellowfit.app.catalogue.CatalogueStore;
import org.yellowfit.app.drawing.BedScene;
import org.yellowfit.app.drawing.YearStrip;
import org.yellowfit.app.shop.Shop;
import org.yellowfit.app.visit.Visit;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.growth.Layer;
import org.yellowfit.core.measure.UnitSystem;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.palette.Judged;
import org.yellowfit.core.palette.Palettes;
import org.yellowfit.core.palette.Planted;
import org.yellowfit.core.palette.PlantingFields.Chosen;
import org.yellowfit.core.palette.Quality;
import org.yellowfit.core.palette.Suggestion;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.season.GrowingPlace;

/** Puts together what the screen Together shows: the planting drawn, judged, and others offered. */
@Service
class TogetherPages {

    private static final int MOST_STAND_INS = 5;

    /** A part of the worth, and its sentence. */
    record PartShown(String name, int percent, String sentence) {}

    /** @param state {@code full}, {@code one}, {@code empty}, or blank where nothing was wanted; and {@code flowers} */
    record MonthShown(int month, String letter, String name, String state, String shows) {}

    record Row(
            String id,
            String patch,
            String patchSaid,
            String botanical,
            String cultivar,
            String common,
            String picture,
            String strip,
            String layer,
            int count,
            boolean counted,
            boolean locked,
            String area,
            String size,
            String why,
            String loses,
            List<String> troubles) {}

    /** @param plants as {@code id@patch:count|…}, to be taken or drawn */
    record Offer(String plants, int percent, String names, String cost, String care, List<MonthShown> months) {}

    record Offers(List<Offer> offers, String gap, boolean proved, String why, List<String> giveUp) {}

    record StandInShown(
            String id, String botanical, String cultivar, String common, String picture, String change, String size) {}

    record Page(
            Visit visit,
            List<Row> rows,
            List<PartShown> parts,
            int percent,
            List<String> troubles,
            List<MonthShown> months,
            Map<String, Object> aims,
            String plants,
            String area,
            boolean areaKnown,
            String cost,
            String care,
            boolean pot) {}

    private final Planting planting;
    private final CatalogueStore store;
    private final Shop shop;

    TogetherPages(Planting planting, CatalogueStore store, Shop shop) {
        this.planting = planting;
        this.store = store;
        this.shop = shop;
    }

    Page page(Visit visit) {
        Planting.Bed bed = planting.of(visit);
        boolean empty = bed.chosen().isEmpty();
        Optional<Judged> judged =
                empty ? Optional.empty() : Optional.of(bed.palettes().judge(bed.plots(), bed.planted(), bed.aims()));
        UnitSystem units = visit.units();
        return new Page(
                visit,
                judged.map(j -> rows(bed, j, units)).orElse(List.of()),
                judged.map(j -> parts(bed, j)).orElse(List.of()),
                judged.map(j -> percent(j.score())).orElse(0),
                judged.map(j -> general(j, units)).orElse(List.of()),
                judged.map(j -> months(bed, j)).orElse(List.of()),
                bed.aimsSaid(),
                judged.map(TogetherPages::text).orElse(""),
                units.area(bed.areaM2()),
                bed.isAreaKnown(),
                judged.map(j -> money(j.cost())).orElse(""),
                judged.map(j -> Sentences.say("together.care", minutes(j))).orElse(""),
                bed.isPot());
    }

    private static int minutes(Judged judged) {
        return (int) Math.rint(judged.careMinutesYear());
    }

    private String money(double amount) {
        return shop.money(BigDecimal.valueOf(amount));
    }

    private static int percent(double share) {
        return (int) Math.round(share * 100);
    }

    /** The planting as {@code id@patch:count|…}, every count worked out. */
    static String text(Judged judged) {
        return judged.plants().stream()
                .map(each -> new Chosen(each.plant().id(), each.patch(), each.count(), false).text())
                .collect(Collectors.joining("|"));
    }

    private List<Row> rows(Planting.Bed bed, Judged judged, UnitSystem units) {
        List<Row> rows = new ArrayList<>();
        for (Judged.Stand stand : judged.plants()) {
            Cultivar plant = stand.plant();
            GrowingPlace place = bed.place(stand.patch());
            Chosen chosen = bed.chosen().stream()
                    .filter(each -> each.is(plant.id(), bed.patch(each).isEmpty() ? "" : stand.patch()))
                    .findFirst()
                    .orElseThrow();
            rows.add(new Row(
                    plant.id(),
                    stand.patch(),
                    bed.plots().size() > 1 ? Sentences.say("together.patch", stand.patch()) : "",
                    plant.botanical(),
                    plant.get(Traits.CULTIVAR).orElse(""),
                    plant.get(Traits.COMMON).orElse(""),
                    store.portrait(plant, place),
                    YearStrip.svg(plant, place, 0),
                    bed.isPot()
                            ? Sentences.say("together.pot." + Words.of(stand.layer()))
                            : Sentences.label(stand.layer()),
                    stand.count(),
                    chosen.count() > 0,
                    chosen.locked(),
                    units.area(stand.areaM2()),
                    units.glance(plant.height10().mid(), plant.spread10().mid()),
                    Sentences.say(stand.reason(), units),
                    loses(stand),
                    troubles(judged, plant, units)));
        }
        return rows;
    }

    private static String loses(Judged.Stand stand) {
        int points = (int) Math.round(-stand.without() * 100);
        return points > 0
                ? Sentences.say("together.loses", points)
                : Sentences.say(points < 0 ? "together.gains" : "together.same", -points);
    }

    /** What is wrong, at the plants it is about. */
    private static List<String> troubles(Judged judged, Cultivar plant, UnitSystem units) {
        List<String> troubles = new ArrayList<>();
        judged.breaks().stream()
                .filter(each -> each.ids().contains(plant.id()))
                .forEach(each -> troubles.add(Sentences.say(each.text(), units)));
        List<Object> alike = new ArrayList<>();
        for (Judged.Pair pair : judged.pairs()) {
            boolean about = pair.a().equals(plant.id()) || pair.b().equals(plant.id());
            if (about && !pair.passes() && pair.differ().size() < 2) {
                String other = pair.a().equals(plant.id()) ? pair.b() : pair.a();
                judged.plants().stream()
                        .filter(each -> each.plant().id().equals(other))
                        .findFirst()
                        .ifPresent(each -> alike.add(each.plant().name()));
            }
        }
        if (!alike.isEmpty()) {
            troubles.add(Sentences.say("together.alike", alike));
        }
        return troubles;
    }

    private static List<String> general(Judged judged, UnitSystem units) {
        return judged.breaks().stream()
                .filter(each -> each.ids().isEmpty())
                .map(each -> Sentences.say(each.text(), units))
                .toList();
    }

    private static List<PartShown> parts(Planting.Bed bed, Judged judged) {
        List<PartShown> parts = new ArrayList<>();
        judged.parts()
                .forEach((quality, value) -> parts.add(
                        new PartShown(Sentences.label(quality), percent(value), sentence(bed, judged, quality))));
        return parts;
    }

    private static String sentence(Planting.Bed bed, Judged judged, Quality quality) {
        int percent = percent(judged.parts().get(quality));
        return switch (quality) {
            case SERVE -> Sentences.say("together.serve", percent);
            case LAYERS -> layers(bed, judged);
            case SEASON ->
                judged.emptyMonths().isEmpty()
                        ? Sentences.say("together.every-month")
                        : Sentences.say("together.empty-months", months(judged.emptyMonths()));
            case COLOUR -> Sentences.say("together.colour", percent);
            case CONTRAST ->
                Sentences.say(
                        "together.contrast",
                        judged.pairs().stream().filter(Judged.Pair::passes).count(),
                        judged.pairs().size());
            case EVERGREEN ->
                Sentences.say(
                        "together.evergreen",
                        percent(judged.evergreenShare()),
                        percent(bed.aims().evergreenShare()));
            case RHYTHM -> Sentences.say(percent >= 95 ? "together.rhythm-good" : "together.rhythm-poor");
        };
    }

    private static String layers(Planting.Bed bed, Judged judged) {
        List<Object> missing = Arrays.stream(Layer.values())
                .filter(layer -> bed.aims().layers().contains(layer)
                        && judged.layers().get(layer).isEmpty())
                .map(layer -> (Object) layer)
                .toList();
        return missing.isEmpty()
                ? Sentences.say("together.layers-filled")
                : Sentences.say("together.layers-missing", missing);
    }

    private static List<Object> months(List<Integer> months) {
        return months.stream().map(month -> (Object) Month.of(month)).toList();
    }

    private static String shown(int plants, boolean gap) {
        if (plants > 0) {
            return plants > 1 ? "full" : "one";
        }
        return gap ? "empty" : "";
    }

    private static List<MonthShown> months(Planting.Bed bed, Judged judged) {
        return IntStream.rangeClosed(1, 12)
                .mapToObj(month -> {
                    int shows = judged.months().get(month - 1).size();
                    boolean gap = judged.emptyMonths().contains(month);
                    int flowers = judged.flowers().get(month - 1).size();
                    String state = shown(shows, gap) + (flowers > 0 ? " flowers" : "");
                    return new MonthShown(
                            month,
                            Sentences.letter(Month.of(month)),
                            Sentences.label(Month.of(month)),
                            state,
                            shows == 0
                                    ? Sentences.say(gap ? "together.gap" : "together.quiet")
                                    : Sentences.say("together.show", shows, flowers));
                })
                .toList();
    }

    /** The best completion and two different ones, as far as they are found in so many seconds. */
    Offers offers(Visit visit, double seconds, boolean anew) {
        Planting.Bed bed = planting.of(visit);
        List<Planted> keep = bed.chosen().stream()
                .filter(each -> !anew || each.locked())
                .map(each -> new Planted(each.id(), bed.patch(each), null))
                .toList();
        Suggestion found = bed.palettes().suggest(bed.plots(), bed.aims(), Set.of(), keep, seconds);
        List<Offer> offers = new ArrayList<>();
        found.best().ifPresent(best -> offers.add(offer(bed, best)));
        found.others().forEach(other -> offers.add(offer(bed, other)));
        int gap = (int) Math.ceil(found.gap() * 100 - 1e-9);
        return new Offers(
                offers,
                offers.isEmpty()
                        ? ""
                        : found.proved() ? Sentences.say("together.proved") : Sentences.say("together.within", gap),
                found.proved(),
                found.why() == null ? "" : Sentences.say(found.why(), visit.units()),
                Sentences.each(found.giveUp(), visit.units()));
    }

    private Offer offer(Planting.Bed bed, Judged judged) {
        return new Offer(
                text(judged),
                percent(judged.score()),
                judged.plants().stream()
                        .map(each -> each.count() + " × " + each.plant().name())
                        .collect(Collectors.joining(", ")),
                money(judged.cost()),
                Sentences.say("together.care", minutes(judged)),
                months(bed, judged));
    }

    /** What could stand in a plant's place, in this company. */
    List<StandInShown> standIns(Visit visit, String id, String patch) {
        Planting.Bed bed = planting.of(visit);
        double now =
                bed.palettes().judge(bed.plots(), bed.planted(), bed.aims()).score();
        List<Palettes.StandIn> found =
                bed.palettes().standIns(bed.plots(), bed.planted(), bed.aims(), id, patch, MOST_STAND_INS);
        return found.stream()
                .map(each -> {
                    int points = percent(each.score()) - percent(now);
                    String change = points == 0
                            ? Sentences.say("together.as-good")
                            : Sentences.say(points > 0 ? "together.better" : "together.worse", Math.abs(points));
                    Cultivar plant = each.plant();
                    return new StandInShown(
                            plant.id(),
                            plant.botanical(),
                            plant.get(Traits.CULTIVAR).orElse(""),
                            plant.get(Traits.COMMON).orElse(""),
                            store.portrait(plant, bed.place(patch)),
                            change,
                            visit.units()
                                    .glance(
                                            plant.height10().mid(),
                                            plant.spread10().mid()));
                })
                .toList();
    }

    /** @param plants to be drawn; the visit's own where that is empty */
    String scene(Visit visit, List<Chosen> plants, int month, double years) {
        Planting.Bed bed = plants.isEmpty() ? planting.of(visit) : planting.of(visit, plants);
        List<Judged.Stand> stands = bed.chosen().isEmpty()
                ? List.of()
                : bed.palettes().judge(bed.plots(), bed.planted(), bed.aims()).plants();
        List<BedScene.Stretch> stretches = bed.plots().stream()
                .map(plot -> new BedScene.Stretch(
                        plot.name(),
                        plot.areaM2(),
                        plot.depthM(),
                        plot.place(),
                        stands.stream()
                                .filter(each -> each.patch().equals(plot.name()))
                                .map(each -> new BedScene.Kind(each.plant(), each.layer(), each.count(), each.areaM2()))
                                .toList()))
                .toList();
        String behind =
                bed.aims().background() == null ? "" : bed.aims().background().hex();
        return BedScene.svg(stretches, years, month, behind, visit.units());
    }

    /** Counts by id, every one worked out. */
    Map<String, Integer> counts(Visit visit) {
        Planting.Bed bed = planting.of(visit);
        return bed.chosen().isEmpty()
                ? Map.of()
                : bed.palettes().judge(bed.plots(), bed.planted(), bed.aims()).plants().stream()
                        .collect(Collectors.toMap(
                                each -> each.plant().id(), Judged.Stand::count, Integer::sum, LinkedHashMap::new));
    }
}
