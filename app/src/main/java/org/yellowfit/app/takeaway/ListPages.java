package org.yellowfit.app.takeaway;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;
import org.yellowfit.app.catalogue.CatalogueStore;
import org.yellowfit.app.shop.Shop;
import org.yellowfit.app.stock.Stock;
import org.yellowfit.app.stock.StockRow;
import org.yellowfit.app.visit.GrowingPlaces;
import org.yellowfit.app.visit.Visit;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.growth.PlantGrowth;
import org.yellowfit.core.measure.Numbers;
import org.yellowfit.core.measure.UnitSystem;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.season.GrowingPlace;
import org.yellowfit.core.takeoff.Count;
import org.yellowfit.core.takeoff.School;
import org.yellowfit.core.takeoff.Spending;

/** The page of the list. */
@Component
class ListPages {

    static final double SQUARE_FOOT_M2 = UnitSystem.FOOT_M * UnitSystem.FOOT_M;

    /** A school's count in words. */
    record SchoolCount(int plants, String onCentre, String closes, String cost) {}

    /** @param told the pot with what the yard has of it */
    record PotChoice(String pot, String told) {}

    record Row(
            long id,
            long version,
            String plantId,
            String botanical,
            String cultivar,
            String common,
            String sketch,
            List<PotChoice> pots,
            String pot,
            String larger,
            int largerCount,
            String mixed,
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
            String inBed,
            String yard,
            boolean isShort,
            StandIns.StandIn standIn) {}

    private final PlantList list;
    private final Shop shop;
    private final GrowingPlaces growingPlaces;
    private final PlantedCounts bed;
    private final Stock stock;
    private final StandIns standIns;
    private final ListSums sums;
    private final CatalogueStore store;

    ListPages(
            PlantList list,
            Shop shop,
            GrowingPlaces growingPlaces,
            PlantedCounts bed,
            Stock stock,
            StandIns standIns,
            ListSums sums,
            CatalogueStore store) {
        this.store = store;
        this.list = list;
        this.shop = shop;
        this.growingPlaces = growingPlaces;
        this.bed = bed;
        this.stock = stock;
        this.standIns = standIns;
        this.sums = sums;
    }

    String page(Visit visit, Model model) {
        List<PlantLine> lines = list.of(visit.id());
        Map<String, Integer> planted = bed.planted(visit.id());
        boolean kept = stock.isKept();
        Optional<Stock.Sale> sale = stock.sale(visit.id());
        GrowingPlace place = growingPlaces.of(visit);
        boolean yardShown = kept && sale.isEmpty();
        Map<Long, StandIns.StandIn> instead = standIns.of(
                yardShown ? lines.stream().filter(line -> line.missing() > 0).toList() : List.of(), lines, visit);
        model.addAttribute("visit", visit);
        model.addAttribute(
                "rows",
                lines.stream()
                        .map(line -> row(line, visit, place, planted, instead.get(line.id()), yardShown))
                        .toList());
        model.addAttribute(
                "plants", lines.stream().mapToInt(line -> line.count().plants()).sum());
        model.addAttribute("sums", sums.of(visit, lines));
        model.addAttribute("us", visit.units() == UnitSystem.US);
        model.addAttribute("yardKept", kept);
        model.addAttribute("sale", sale.map(ListPages::sold).orElse(null));
        double over = list.overfilled(visit);
        model.addAttribute("overfilled", over > 0 ? Sentences.say("list.overfilled") : "");
        return "takeaway/list";
    }

    /** Who sold it, and what is still owed. */
    private static String sold(Stock.Sale sale) {
        String owed = sale.lines().stream()
                .filter(line -> line.taken() < line.asked())
                .map(line -> (line.asked() - line.taken()) + " × " + line.plant() + ", " + line.pot())
                .collect(Collectors.joining("; "));
        String when = Sentences.date("date.day-time", sale.at().atZone(java.time.ZoneId.systemDefault()));
        return owed.isEmpty()
                ? Sentences.say("list.sold", sale.by(), when)
                : Sentences.say("list.sold-short", sale.by(), when, owed);
    }

    private Row row(
            PlantLine line,
            Visit visit,
            GrowingPlace place,
            Map<String, Integer> planted,
            StandIns.StandIn standIn,
            boolean yardKept) {
        UnitSystem units = visit.units();
        boolean isShort = yardKept && line.missing() > 0;
        return new Row(
                line.id(),
                line.version(),
                line.plant().id(),
                line.plant().botanical(),
                line.plant().get(Traits.CULTIVAR).orElse(""),
                line.plant().get(Traits.COMMON).orElse(""),
                store.portrait(line.plant(), place),
                pots(line, yardKept),
                line.pot(),
                line.larger().map(pot -> pot.pot()).orElse(""),
                line.largerCount(),
                mixed(line, units),
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
                inBed(line, planted),
                yardKept ? yard(line) : "",
                isShort,
                standIn);
    }

    private List<PotChoice> pots(PlantLine line, boolean yardKept) {
        return line.pots().stream()
                .map(pot -> new PotChoice(
                        pot.pot(),
                        yardKept
                                ? Sentences.say(
                                        "list.pot-with-stock",
                                        pot.pot(),
                                        shop.money(pot.price()),
                                        String.valueOf(line.inStock(pot.pot())))
                                : Sentences.say("list.pot", pot.pot(), shop.money(pot.price()))))
                .toList();
    }

    private static String yard(PlantLine line) {
        int missing = line.missing();
        if (missing == 0) {
            return Sentences.say("list.all-there");
        }
        Optional<StockRow> coming = line.shelves().stream()
                .filter(row -> row.expected() != null && line.byPot().containsKey(row.pot()))
                .min(java.util.Comparator.comparing(StockRow::expected));
        return coming.map(row -> Sentences.say("list.short-until", missing, Sentences.date("date.day", row.expected())))
                .orElseGet(() -> Sentences.say("list.short", missing));
    }

    /** D7: what the larger ones change, while it lasts. */
    private static String mixed(PlantLine line, UnitSystem units) {
        if (line.larger().isEmpty()) {
            return "";
        }
        PlantGrowth large = Spending.growth(line.plant(), line.larger().get().pot());
        PlantGrowth small = Spending.growth(line.plant(), line.pot());
        List<String> years = new ArrayList<>();
        for (int year : new int[] {1, 3, 5}) {
            years.add(Sentences.say(
                    "list.mixed-year",
                    year,
                    units.length(large.height(year).mid()),
                    units.length(small.height(year).mid())));
        }
        return Sentences.say("list.mixed", String.join(", ", years));
    }

    /** Said where the list has more or fewer of a plant than stand in the bed. */
    private static String inBed(PlantLine line, Map<String, Integer> planted) {
        int there = planted.getOrDefault(line.plant().id(), 0);
        return planted.isEmpty() || there == line.count().plants() ? "" : Sentences.say("list.in-bed", there);
    }

    private SchoolCount told(PlantLine line, Count count, UnitSystem units) {
        String closes = count.yearClosed().isPresent()
                ? Sentences.say("list.closes", String.valueOf(count.yearClosed().getAsInt()))
                : Sentences.say("list.does-not-close");
        return new SchoolCount(
                count.plants(),
                units.length(count.onCentreM()),
                line.fill().equals("NUMBER") ? "" : closes,
                line.totalOf(count).map(shop::money).orElse(Sentences.say("not-priced")));
    }

    private static String amount(PlantLine line, UnitSystem units) {
        return switch (line.fill()) {
            case "AREA" -> Numbers.rounded(units == UnitSystem.US ? line.amount() / SQUARE_FOOT_M2 : line.amount(), 2);
            case "ROW" ->
                units == UnitSystem.US ? units.length(line.amount()) : Numbers.rounded(line.amount(), 2) + " m";
            default -> Numbers.rounded(line.amount(), 0);
        };
    }
}
