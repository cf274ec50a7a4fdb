package org.yellowfit.app.takeaway;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.yellowfit.app.catalogue.CatalogueStore;
import org.yellowfit.app.catalogue.OpenTable;
import org.yellowfit.app.stock.Stock;
import org.yellowfit.app.stock.StockRow;
import org.yellowfit.app.visit.Visit;
import org.yellowfit.app.visit.Visits;
import org.yellowfit.app.web.Download;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.plant.Cultivar;

/** What the buyer orders: what the lists of open visits ask for, what was sold and is owed, against the yard. */
@Controller
class OrdersController {

    private static final int MOST_VISITS = 1000;
    private static final int SEASON_DAYS = 365;
    private static final List<String> COLUMNS =
            List.of("id", "name", "pot", "asked", "owed", "in_stock", "expected", "to_order", "sold_in_a_year");

    record Row(
            String id,
            String name,
            String pot,
            int asked,
            int owed,
            int inStock,
            String expected,
            int toOrder,
            int sold,
            List<String> places) {}

    private final Visits visits;
    private final PlantList list;
    private final Stock stock;
    private final CatalogueStore catalogue;

    OrdersController(Visits visits, PlantList list, Stock stock, CatalogueStore catalogue) {
        this.visits = visits;
        this.list = list;
        this.stock = stock;
        this.catalogue = catalogue;
    }

    @GetMapping("/orders")
    String show(Model model) {
        List<Row> rows = rows();
        model.addAttribute(
                "missing", rows.stream().filter(row -> row.toOrder() > 0).toList());
        model.addAttribute(
                "enough", rows.stream().filter(row -> row.toOrder() == 0).toList());
        return "takeaway/orders";
    }

    @GetMapping("/orders.csv")
    ResponseEntity<String> csv() {
        String csv = OpenTable.csv(
                COLUMNS,
                rows().stream()
                        .map(row -> List.of(
                                row.id(),
                                row.name(),
                                row.pot(),
                                String.valueOf(row.asked()),
                                String.valueOf(row.owed()),
                                String.valueOf(row.inStock()),
                                row.expected(),
                                String.valueOf(row.toOrder()),
                                String.valueOf(row.sold())))
                        .toList());
        return Download.csv("orders.csv", csv);
    }

    /** Asked for by a list that is neither sold nor finished. */
    private List<Row> rows() {
        Map<List<String>, Integer> asked = new TreeMap<>(BY_PLANT_AND_POT);
        Map<List<String>, Set<String>> places = new TreeMap<>(BY_PLANT_AND_POT);
        for (Visit visit : visits.latest(MOST_VISITS)) {
            if (visit.finished() || stock.sale(visit.id()).isPresent()) {
                continue;
            }
            for (PlantLine line : list.of(visit.id())) {
                line.byPot().forEach((pot, count) -> {
                    List<String> key = List.of(line.plant().id(), pot);
                    asked.merge(key, count, Integer::sum);
                    places.computeIfAbsent(key, any -> new TreeSet<>()).add(visit.place());
                });
            }
        }
        Map<List<String>, Integer> owed = stock.owed();
        Map<List<String>, Integer> sold = stock.soldSince(LocalDate.now().minusDays(SEASON_DAYS));
        Set<List<String>> all = new TreeSet<>(BY_PLANT_AND_POT);
        all.addAll(asked.keySet());
        all.addAll(owed.keySet());
        all.addAll(sold.keySet());
        Map<String, List<StockRow>> yard =
                stock.of(all.stream().map(key -> key.get(0)).distinct().toList());
        List<Row> rows = new ArrayList<>();
        all.forEach(key -> rows.add(row(key, asked, owed, sold, yard, places)));
        rows.sort(Comparator.comparingInt((Row row) -> -row.toOrder())
                .thenComparing(Row::name)
                .thenComparing(Row::pot));
        return rows;
    }

    private static final Comparator<List<String>> BY_PLANT_AND_POT =
            Comparator.comparing((List<String> key) -> key.get(0)).thenComparing(key -> key.get(1));

    private Row row(
            List<String> key,
            Map<List<String>, Integer> asked,
            Map<List<String>, Integer> owed,
            Map<List<String>, Integer> sold,
            Map<String, List<StockRow>> yard,
            Map<List<String>, Set<String>> places) {
        List<StockRow> there = yard.getOrDefault(key.get(0), List.of()).stream()
                .filter(row -> row.pot().equals(key.get(1)))
                .toList();
        int inStock = there.stream().mapToInt(StockRow::inStock).sum();
        int wanted = asked.getOrDefault(key, 0) + owed.getOrDefault(key, 0);
        String expected = there.stream()
                .filter(row -> row.expected() != null)
                .findFirst()
                .map(row -> Sentences.date("date.short", row.expected()))
                .orElse("");
        return new Row(
                key.get(0),
                catalogue.find(key.get(0)).map(Cultivar::name).orElse(key.get(0)),
                key.get(1),
                asked.getOrDefault(key, 0),
                owed.getOrDefault(key, 0),
                inStock,
                expected,
                Math.max(0, wanted - inStock),
                sold.getOrDefault(key, 0),
                List.copyOf(places.getOrDefault(key, Set.of())));
    }
}
