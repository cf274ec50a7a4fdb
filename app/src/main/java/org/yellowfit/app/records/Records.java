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
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.yellowfit.app.shop.CurrentShop;
import org.yellowfit.app.visit.Visit;
import org.yellowfit.app.visit.Visits;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.records.LossCause;

/** The shop's records. What they say of sizes stands among the catalogue's claims as soon as it is noted. */
@Service
public class Records {

    /** A place that is looked at again. */
    public record Place(long id, String name, boolean own, UUID visitId) {}

    /**
     * A row as it is kept.
     *
     * @param visitId that describes its place; null where none does
     */
    public record Kept(long id, RecordRow row, boolean ownPlace, UUID visitId, String by) {}

    private static final String SELECT = "select r.id, r.plant, p.name, r.noted_on, r.age_years, r.height_m,"
            + " r.flower_height_m, r.spread_m, r.first_bloom, r.last_bloom, r.alive, r.cause, r.browsed, r.pot,"
            + " r.sun_hours, r.note, p.own, p.visit_id, r.noted_by"
            + " from plant_record r join record_place p on p.id = r.place_id"
            + " where r.shop_id = ?";

    private final JdbcTemplate jdbc;
    private final CurrentShop shop;
    private final Visits visits;
    private final Teaching teaching;

    Records(JdbcTemplate jdbc, CurrentShop shop, Visits visits, Teaching teaching) {
        this.jdbc = jdbc;
        this.shop = shop;
        this.visits = visits;
        this.teaching = teaching;
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
                Records::place,
                shop.id());
    }

    private static Place place(ResultSet row, int at) throws SQLException {
        return new Place(row.getLong(1), row.getString(2), row.getBoolean(3), row.getObject(4, UUID.class));
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
        oneAtATime();
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

    /** What a visit's place is called here: its name, unless that is another's. */
    @Transactional(readOnly = true)
    public String nameOf(Visit visit) {
        List<Place> known = places();
        return known.stream()
                .filter(place -> visit.id().equals(place.visitId()))
                .map(Place::name)
                .findFirst()
                .orElseGet(() -> free(visit.place().isBlank() ? visit.id().toString() : visit.place(), known));
    }

    /** A place of that name of which the visit is gone, or which never had one, is another's. */
    private static String free(String name, List<Place> known) {
        Set<String> taken = known.stream().map(Place::name).collect(Collectors.toSet());
        String free = name;
        for (int n = 2; taken.contains(free); n++) {
            String end = " (" + n + ")";
            free = name.substring(0, Math.min(name.length(), RecordRow.LONGEST_PLACE - end.length())) + end;
        }
        return free;
    }

    /** The place of a visit, made when it has none yet. */
    @Transactional
    public long placeOf(Visit visit) {
        return make(nameOf(visit), visits.ownBeds().contains(visit.id()), visit.id());
    }

    /** Hours of sun at a place that is described; empty where that is not known. */
    @Transactional(readOnly = true)
    public Optional<Double> sunAt(String name) {
        return places().stream()
                .filter(place -> place.name().equals(name) && place.visitId() != null)
                .findFirst()
                .flatMap(place -> visits.find(place.visitId()))
                .map(visit -> visit.question().site().light().sunHours());
    }

    /** A place, held until the transaction ends. */
    @Transactional
    public Optional<Place> held(long id) {
        return jdbc
                .query(
                        "select id, name, own, visit_id from record_place where id = ? and shop_id = ? for update",
                        Records::place,
                        id,
                        shop.id())
                .stream()
                .findFirst();
    }

    /** A place that is described, drawn and given its climate as a visit of our own. */
    @Transactional
    public void describe(long place, UUID visitId) {
        jdbc.update(
                "update record_place set visit_id = ? where id = ? and shop_id = ? and visit_id is null",
                visitId,
                place,
                shop.id());
    }

    @Transactional
    public boolean remove(long id) {
        oneAtATime();
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
        oneAtATime();
        jdbc.update("update shop set use_records = ? where id = ?", used, shop.id());
        Set<String> plants = new LinkedHashSet<>();
        all().forEach(kept -> plants.add(kept.row().plant()));
        teach(plants);
    }

    /** What all records come to is worked out by one after the other, so that nobody's is left out. */
    private void oneAtATime() {
        jdbc.queryForList("select id from shop where id = ? for update", Long.class, shop.id());
    }

    /** Where records are not used, the label alone speaks. */
    private void teach(Collection<String> plants) {
        teaching.teach(areUsed() ? all() : List.of(), plants);
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
                row.getObject(18, UUID.class),
                row.getString(19));
    }
}
