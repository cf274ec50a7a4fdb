package org.yellowfit.app.records;

import java.sql.Date;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.UUID;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.yellowfit.app.catalogue.CatalogueStore;
import org.yellowfit.app.catalogue.RecordClaims;
import org.yellowfit.app.shop.CurrentShop;
import org.yellowfit.core.measure.Interval;
import org.yellowfit.core.measure.Numbers;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.plant.Claim;
import org.yellowfit.core.plant.SourceKind;
import org.yellowfit.core.plant.Trait;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.records.LossCause;

/** The shop's records. What they say of sizes stands among the catalogue's claims as soon as it is noted. */
@Service
public class Records {

    /** A place that is looked at again. */
    public record Place(long id, String name, boolean own, UUID visitId) {}

    /** A row as it is kept. */
    public record Kept(long id, RecordRow row, boolean ownPlace, String by) {}

    private static final String SELECT = "select r.id, r.plant, p.name, r.noted_on, r.age_years, r.height_m,"
            + " r.flower_height_m, r.spread_m, r.first_bloom, r.last_bloom, r.alive, r.cause, r.browsed, r.pot,"
            + " r.sun_hours, r.note, p.own, r.noted_by from plant_record r join record_place p on p.id = r.place_id"
            + " where r.shop_id = ?";
    /** A plant is measured against its label from its first year on; before that it shows the nursery's work. */
    private static final double LEAST_AGE = 1;

    private final JdbcTemplate jdbc;
    private final CurrentShop shop;
    private final CatalogueStore catalogue;
    private final RecordClaims claims;

    Records(JdbcTemplate jdbc, CurrentShop shop, CatalogueStore catalogue, RecordClaims claims) {
        this.jdbc = jdbc;
        this.shop = shop;
        this.catalogue = catalogue;
        this.claims = claims;
    }

    /** By plant, place and day. */
    @Transactional(readOnly = true)
    public List<Kept> all() {
        return jdbc.query(SELECT + " order by r.plant, p.name, r.noted_on", Records::kept, shop.id());
    }

    @Transactional(readOnly = true)
    public List<Kept> of(String plant) {
        return jdbc.query(
                SELECT + " and r.plant = ? order by p.own desc, p.name, r.noted_on", Records::kept, shop.id(), plant);
    }

    @Transactional(readOnly = true)
    public List<Place> places() {
        return jdbc.query(
                "select id, name, own, visit_id from record_place where shop_id = ? order by own desc, name",
                (row, at) ->
                        new Place(row.getLong(1), row.getString(2), row.getBoolean(3), row.getObject(4, UUID.class)),
                shop.id());
    }

    /** Numbers of the photographs of each record of a plant. */
    @Transactional(readOnly = true)
    public Map<Long, List<Long>> photographs(String plant) {
        Map<Long, List<Long>> photographs = new HashMap<>();
        jdbc.query(
                "select f.record_id, f.id from record_photo f join plant_record r on r.id = f.record_id"
                        + " where r.shop_id = ? and r.plant = ? order by f.id",
                row -> {
                    photographs
                            .computeIfAbsent(row.getLong(1), any -> new ArrayList<>())
                            .add(row.getLong(2));
                },
                shop.id(),
                plant);
        return photographs;
    }

    /** Counts what there is, so that whoever keeps what follows from it knows when to work it out anew. */
    @Transactional(readOnly = true)
    public long state() {
        Long state = jdbc.queryForObject(
                "select coalesce(max(id), 0) * 1000003 + count(*) * 31 + coalesce(extract(epoch from max(noted_at)), 0)::bigint"
                        + " from plant_record where shop_id = ?",
                Long.class,
                shop.id());
        return state == null ? 0 : state;
    }

    /** Notes rows, each in the place of what was noted of that plant there on that day. A place not known yet is made. */
    @Transactional
    public void put(List<RecordRow> rows, String by) {
        Map<String, Long> places = new HashMap<>();
        places().forEach(place -> places.put(place.name(), place.id()));
        Timestamp now = Timestamp.from(Instant.now());
        for (RecordRow row : rows) {
            long place = places.computeIfAbsent(row.place(), name -> make(name, true, null));
            jdbc.update(
                    "insert into plant_record (shop_id, place_id, plant, noted_on, age_years, height_m, flower_height_m,"
                            + " spread_m, first_bloom, last_bloom, alive, cause, browsed, pot, sun_hours, note, noted_by,"
                            + " noted_at) values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)"
                            + " on conflict (place_id, plant, noted_on) do update set age_years = excluded.age_years,"
                            + " height_m = excluded.height_m, flower_height_m = excluded.flower_height_m,"
                            + " spread_m = excluded.spread_m, first_bloom = excluded.first_bloom,"
                            + " last_bloom = excluded.last_bloom, alive = excluded.alive, cause = excluded.cause,"
                            + " browsed = excluded.browsed, pot = excluded.pot, sun_hours = excluded.sun_hours,"
                            + " note = excluded.note, noted_by = excluded.noted_by, noted_at = excluded.noted_at",
                    shop.id(),
                    place,
                    row.plant(),
                    Date.valueOf(row.date()),
                    row.age(),
                    row.height(),
                    row.flowerHeight(),
                    row.spread(),
                    date(row.firstBloom()),
                    date(row.lastBloom()),
                    row.alive(),
                    row.cause() == null ? null : row.cause().name(),
                    row.browsed(),
                    row.pot(),
                    row.sunHours(),
                    row.note(),
                    by,
                    now);
        }
        teach(rows.stream().map(RecordRow::plant).toList());
    }

    @Transactional
    public long make(String name, boolean own, UUID visitId) {
        Long id = jdbc.queryForObject(
                "insert into record_place (shop_id, name, own, visit_id) values (?, ?, ?, ?)"
                        + " on conflict (shop_id, name) do update set name = excluded.name returning id",
                Long.class,
                shop.id(),
                name,
                own,
                visitId);
        return id == null ? 0 : id;
    }

    @Transactional
    public boolean remove(long id) {
        List<String> plants = jdbc.queryForList(
                "delete from plant_record where id = ? and shop_id = ? returning plant", String.class, id, shop.id());
        teach(plants);
        return !plants.isEmpty();
    }

    @Transactional(readOnly = true)
    public boolean areUsed() {
        return Boolean.TRUE.equals(
                jdbc.queryForObject("select use_records from shop where id = ?", Boolean.class, shop.id()));
    }

    /** The world with the shop's own records, or without: the label alone. */
    @Transactional
    public void use(boolean used) {
        jdbc.update("update shop set use_records = ? where id = ?", used, shop.id());
        Set<String> plants = new LinkedHashSet<>();
        all().forEach(kept -> plants.add(kept.row().plant()));
        teach(plants);
    }

    /** What records say of these plants' sizes, as claims of the shop's own. */
    private void teach(Collection<String> plants) {
        Set<String> taught = new LinkedHashSet<>(plants);
        List<Claim> said = new ArrayList<>();
        if (areUsed()) {
            taught.forEach(plant -> of(plant).forEach(kept -> said.addAll(sizes(kept))));
        }
        claims.replace(taught, said);
    }

    private List<Claim> sizes(Kept kept) {
        RecordRow row = kept.row();
        List<Claim> sizes = new ArrayList<>();
        boolean measured = row.age() != null && row.age() >= LEAST_AGE && !row.isLoss();
        if (measured && row.height() != null) {
            sizes.add(claim(kept, Traits.HEIGHT10, row.height()));
        }
        if (measured && row.spread() != null) {
            sizes.add(claim(kept, Traits.SPREAD10, row.spread()));
        }
        return sizes;
    }

    /** A customer's place is not named among the claims. */
    private static Claim claim(Kept kept, Trait<Interval> trait, double metres) {
        return new Claim(
                kept.row().plant(),
                trait,
                Numbers.write(metres),
                "Our records, " + kept.row().date(),
                SourceKind.OWN_RECORD,
                OptionalDouble.of(kept.row().age()),
                kept.ownPlace() ? kept.row().place() : "");
    }

    private static Date date(LocalDate day) {
        return day == null ? null : Date.valueOf(day);
    }

    private static LocalDate day(ResultSet row, int column) throws SQLException {
        Date date = row.getDate(column);
        return date == null ? null : date.toLocalDate();
    }

    private static Kept kept(ResultSet row, int at) throws SQLException {
        String cause = row.getString(12);
        return new Kept(
                row.getLong(1),
                new RecordRow(
                        row.getString(2),
                        row.getString(3),
                        day(row, 4),
                        row.getObject(5, Double.class),
                        row.getObject(6, Double.class),
                        row.getObject(7, Double.class),
                        row.getObject(8, Double.class),
                        day(row, 9),
                        day(row, 10),
                        row.getObject(11, Boolean.class),
                        cause == null ? null : Words.parse(LossCause.class, cause.toLowerCase(Locale.ROOT)),
                        row.getObject(13, Boolean.class),
                        row.getString(14),
                        row.getObject(15, Double.class),
                        row.getString(16)),
                row.getBoolean(17),
                row.getString(18));
    }
}
