package org.yellowfit.app.records;

import java.sql.Date;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.yellowfit.app.catalogue.RecordClaims;
import org.yellowfit.app.shop.CurrentShop;
import org.yellowfit.core.records.LossCause;

/** What customers brought back, why, and what they took instead (rule J4). */
@Service
public class TakingsBack {

    /** From so many plants of a kind within {@link #YEARS} it is said wherever the plant is offered; our judgement. */
    private static final int WARN_FROM = 3;

    private static final int YEARS = 3;

    private static final String SELECT =
            "select id, plant, plants, back_on, cause, instead, note, noted_by from taken_back where shop_id = ?";

    /**
     * One taking back.
     *
     * @param plants  how many
     * @param cause   null where nobody said
     * @param instead the plant taken in its place; null for none
     */
    public record Back(
            long id, String plant, int plants, LocalDate on, LossCause cause, String instead, String note, String by) {}

    private final JdbcTemplate jdbc;
    private final CurrentShop shop;
    private final RecordClaims claims;

    TakingsBack(JdbcTemplate jdbc, CurrentShop shop, RecordClaims claims) {
        this.claims = claims;
        this.jdbc = jdbc;
        this.shop = shop;
    }

    /** @param visitId of the list it was sold on; null where nobody knows */
    @Transactional
    public void note(Back back, UUID visitId) {
        jdbc.update(
                "insert into taken_back (shop_id, visit_id, plant, plants, back_on, cause, instead, note, noted_by,"
                        + " noted_at) values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?)",
                shop.id(),
                visitId,
                back.plant(),
                back.plants(),
                Date.valueOf(back.on()),
                back.cause() == null ? null : back.cause().name(),
                back.instead(),
                back.note(),
                back.by(),
                Timestamp.from(Instant.now()));
        claims.touch(back.plant());
    }

    @Transactional(readOnly = true)
    public List<Back> of(String plant) {
        return jdbc.query(
                SELECT + " and plant = ? order by back_on desc, id desc", TakingsBack::back, shop.id(), plant);
    }

    @Transactional(readOnly = true)
    public List<Back> inYear(int year) {
        return jdbc.query(
                SELECT + " and extract(year from back_on) = ? order by back_on, id",
                TakingsBack::back,
                shop.id(),
                year);
    }

    /** Of the last years, where there are enough of a kind to say so. */
    @Transactional(readOnly = true)
    public List<Back> worthSaying() {
        return jdbc.query(
                SELECT + " and back_on > ? and plant in (select plant from taken_back where shop_id = ? and back_on > ?"
                        + " group by plant having sum(plants) >= ?) order by plant, id",
                TakingsBack::back,
                shop.id(),
                Date.valueOf(since()),
                shop.id(),
                Date.valueOf(since()),
                WARN_FROM);
    }

    @Transactional
    public boolean remove(long id) {
        List<String> plants = jdbc.queryForList(
                "delete from taken_back where id = ? and shop_id = ? returning plant", String.class, id, shop.id());
        plants.forEach(claims::touch);
        return !plants.isEmpty();
    }

    private static LocalDate since() {
        return LocalDate.now().minusYears(YEARS);
    }

    private static Back back(ResultSet row, int at) throws SQLException {
        String cause = row.getString(5);
        return new Back(
                row.getLong(1),
                row.getString(2),
                row.getInt(3),
                row.getDate(4).toLocalDate(),
                cause == null ? null : LossCause.valueOf(cause),
                row.getString(6),
                row.getString(7),
                row.getString(8));
    }
}
