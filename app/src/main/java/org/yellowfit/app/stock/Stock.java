package org.yellowfit.app.stock;

import java.sql.Date;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.yellowfit.app.shop.CurrentShop;
import org.yellowfit.app.visit.Visits;

/** The yard of the shop at work. Counts are changed where they stand, so that two tills at once lose nothing. */
@Service
public class Stock {

    /** Plants of one kind and pot that a list asks for. */
    public record Asked(String plant, String pot, int count) {}

    /** @param taken out of the yard; the rest of {@code asked} has to be ordered */
    public record Taken(String plant, String pot, int asked, int taken) {}

    /** A list that was sold. */
    public record Sale(String by, Instant at, List<Taken> lines) {

        public boolean isShort() {
            return lines.stream().anyMatch(line -> line.taken() < line.asked());
        }
    }

    private static final String ROWS =
            "select cultivar_id, pot, price, in_stock, expected, version from stock where shop_id = ?";

    private final JdbcTemplate jdbc;
    private final CurrentShop shop;
    private final Visits visits;

    Stock(JdbcTemplate jdbc, CurrentShop shop, Visits visits) {
        this.jdbc = jdbc;
        this.shop = shop;
        this.visits = visits;
    }

    /** Whether the shop keeps count of its yard at all. */
    @Transactional(readOnly = true)
    public boolean isKept() {
        return Boolean.TRUE.equals(
                jdbc.queryForObject("select exists (select 1 from stock where shop_id = ?)", Boolean.class, shop.id()));
    }

    @Transactional(readOnly = true)
    public List<StockRow> all() {
        return jdbc.query(ROWS + " order by cultivar_id, pot", Stock::row, shop.id());
    }

    @Transactional(readOnly = true)
    public List<StockRow> of(String plant) {
        return jdbc.query(ROWS + " and cultivar_id = ? order by price nulls last, pot", Stock::row, shop.id(), plant);
    }

    /** By plant, each by price. */
    @Transactional(readOnly = true)
    public Map<String, List<StockRow>> of(Collection<String> plants) {
        Map<String, List<StockRow>> rows = new LinkedHashMap<>();
        if (plants.isEmpty()) {
            return rows;
        }
        String sql = "select cultivar_id, pot, price, in_stock, expected, version from stock where shop_id = :shop"
                + " and cultivar_id in (:plants) order by price nulls last, pot";
        new NamedParameterJdbcTemplate(jdbc)
                .query(sql, Map.of("shop", shop.id(), "plants", plants), Stock::row)
                .forEach(row -> rows.computeIfAbsent(row.plant(), any -> new ArrayList<>())
                        .add(row));
        return rows;
    }

    /**
     * Sets what a person has typed.
     *
     * @param seen the version they saw; −1 for a pot that was not there
     * @return false when somebody else or a till changed it meanwhile
     */
    @Transactional
    public boolean set(StockRow row, long seen) {
        if (seen < 0) {
            return jdbc.update(
                            "insert into stock (shop_id, cultivar_id, pot, price, in_stock, expected)"
                                    + " values (?, ?, ?, ?, ?, ?) on conflict do nothing",
                            shop.id(),
                            row.plant(),
                            row.pot(),
                            row.price(),
                            row.inStock(),
                            sql(row.expected()))
                    > 0;
        }
        return jdbc.update(
                        "update stock set price = ?, in_stock = ?, expected = ?, version = version + 1"
                                + " where shop_id = ? and cultivar_id = ? and pot = ? and version = ?",
                        row.price(),
                        row.inStock(),
                        sql(row.expected()),
                        shop.id(),
                        row.plant(),
                        row.pot(),
                        seen)
                > 0;
    }

    @Transactional
    public boolean remove(String plant, String pot, long seen) {
        return jdbc.update(
                        "delete from stock where shop_id = ? and cultivar_id = ? and pot = ? and version = ?",
                        shop.id(),
                        plant,
                        pot,
                        seen)
                > 0;
    }

    /** Sets many rows at once, as a file has them. */
    void setAll(List<StockRow> rows) {
        jdbc.batchUpdate(
                "insert into stock (shop_id, cultivar_id, pot, price, in_stock, expected) values (?, ?, ?, ?, ?, ?)"
                        + " on conflict (shop_id, cultivar_id, pot) do update set price = excluded.price,"
                        + " in_stock = excluded.in_stock, expected = excluded.expected, version = stock.version + 1",
                rows.stream()
                        .map(row -> new Object[] {
                            shop.id(), row.plant(), row.pot(), row.price(), row.inStock(), sql(row.expected())
                        })
                        .toList());
    }

    @Transactional(readOnly = true)
    public Optional<Sale> sale(UUID visitId) {
        List<Taken> lines = jdbc.query(
                "select cultivar_id, pot, asked, taken from sale_line where visit_id = ? order by cultivar_id, pot",
                (row, at) -> new Taken(row.getString(1), row.getString(2), row.getInt(3), row.getInt(4)),
                visitId);
        return jdbc
                .query(
                        "select sold_by, sold_at from sale where visit_id = ? and shop_id = ?",
                        (row, at) ->
                                new Sale(row.getString(1), row.getTimestamp(2).toInstant(), lines),
                        visitId,
                        shop.id())
                .stream()
                .findFirst();
    }

    /**
     * Takes a list out of the yard: as many of each as are there. Of two tills that sell the same list at once, one does.
     *
     * @return empty when it was sold already
     */
    @Transactional
    public Optional<Sale> sell(UUID visitId, List<Asked> list, String by) {
        visits.held(visitId).orElseThrow(Visits::gone);
        int first = jdbc.update(
                "insert into sale (visit_id, shop_id, sold_by, sold_at) values (?, ?, ?, ?) on conflict do nothing",
                visitId,
                shop.id(),
                by,
                Timestamp.from(Instant.now()));
        if (first == 0) {
            return Optional.empty();
        }
        // Always in the same order, so that two tills never wait for each other in a circle.
        list.stream()
                .sorted(Comparator.comparing(Asked::plant).thenComparing(Asked::pot))
                .forEach(asked -> take(visitId, asked));
        return sale(visitId);
    }

    private void take(UUID visitId, Asked asked) {
        int there = jdbc
                .queryForList(
                        "select in_stock from stock where shop_id = ? and cultivar_id = ? and pot = ? for update",
                        Integer.class,
                        shop.id(),
                        asked.plant(),
                        asked.pot())
                .stream()
                .findFirst()
                .orElse(0);
        int taken = Math.min(there, asked.count());
        add(asked.plant(), asked.pot(), -taken);
        jdbc.update(
                "insert into sale_line values (?, ?, ?, ?, ?) on conflict (visit_id, cultivar_id, pot)"
                        + " do update set asked = sale_line.asked + excluded.asked, taken = sale_line.taken + excluded.taken",
                visitId,
                asked.plant(),
                asked.pot(),
                asked.count(),
                taken);
    }

    /** Puts back what a list took; what is no longer kept in the yard stays away. */
    @Transactional
    public boolean putBack(UUID visitId) {
        visits.held(visitId).orElseThrow(Visits::gone);
        Optional<Sale> sale = sale(visitId);
        sale.ifPresent(sold -> {
            sold.lines().forEach(line -> add(line.plant(), line.pot(), line.taken()));
            jdbc.update("delete from sale where visit_id = ? and shop_id = ?", visitId, shop.id());
        });
        return sale.isPresent();
    }

    /** How many of each plant and pot were sold since a day, those still owed among them. */
    @Transactional(readOnly = true)
    public Map<List<String>, Integer> soldSince(LocalDate day) {
        Map<List<String>, Integer> sold = new LinkedHashMap<>();
        jdbc.query(
                "select l.cultivar_id, l.pot, sum(l.asked) from sale_line l join sale s on s.visit_id = l.visit_id"
                        + " where s.shop_id = ? and s.sold_at >= ? group by l.cultivar_id, l.pot",
                row -> {
                    sold.put(List.of(row.getString(1), row.getString(2)), row.getInt(3));
                },
                shop.id(),
                Timestamp.valueOf(day.atStartOfDay()));
        return sold;
    }

    /** What was sold and has still to come, by plant and pot. */
    @Transactional(readOnly = true)
    public Map<List<String>, Integer> owed() {
        Map<List<String>, Integer> owed = new LinkedHashMap<>();
        jdbc.query(
                "select l.cultivar_id, l.pot, sum(l.asked - l.taken) from sale_line l"
                        + " join sale s on s.visit_id = l.visit_id join visit v on v.id = s.visit_id"
                        + " where s.shop_id = ? and not v.finished and l.asked > l.taken group by l.cultivar_id, l.pot",
                row -> {
                    owed.put(List.of(row.getString(1), row.getString(2)), row.getInt(3));
                },
                shop.id());
        return owed;
    }

    private void add(String plant, String pot, int count) {
        if (count != 0) {
            jdbc.update(
                    "update stock set in_stock = in_stock + ?, version = version + 1"
                            + " where shop_id = ? and cultivar_id = ? and pot = ?",
                    count,
                    shop.id(),
                    plant,
                    pot);
        }
    }

    private static Date sql(LocalDate day) {
        return day == null ? null : Date.valueOf(day);
    }

    private static StockRow row(ResultSet row, int at) throws SQLException {
        Date expected = row.getDate(5);
        return new StockRow(
                row.getString(1),
                row.getString(2),
                row.getBigDecimal(3),
                row.getInt(4),
                expected == null ? null : expected.toLocalDate(),
                row.getLong(6));
    }
}
