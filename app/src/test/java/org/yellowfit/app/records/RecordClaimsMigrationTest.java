package org.yellowfit.app.records;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.jdbc.core.JdbcTemplate;
import org.yellowfit.app.OldDatabase;

/** Claims of two shops' records, from when the catalogue kept them as one: each goes to the shop that measured. */
class RecordClaimsMigrationTest {

    private static JdbcTemplate jdbc;

    @BeforeAll
    static void migrate() {
        OldDatabase old = OldDatabase.at(15);
        jdbc = old.jdbc();
        jdbc.update("insert into shop (id, name) values (2, 'the other shop')");
        for (String plant : List.of("ours", "theirs", "both", "nobodys")) {
            jdbc.update(
                    "insert into cultivar (id, botanical, name, kind, cells, changed_at)"
                            + " values (?, 'Rosa', ?, 'SHRUB', '{}', now())",
                    plant,
                    plant);
        }
        place(1, 1, "Our row");
        place(2, 2, "Their row");
        noted(1, 1, "ours", "2024-09-01", 2);
        noted(2, 2, "theirs", "2024-09-01", 2);
        noted(1, 1, "both", "2024-09-01", 2);
        noted(2, 2, "both", "2025-09-01", 3);
        claim("ours", "0.5", "Our records, 2024-09-01", "OWN_RECORD", 2.0, true);
        claim("theirs", "0.6", "Our records, 2024-09-01", "OWN_RECORD", 2.0, true);
        claim("both", "0.7", "Our records, 2024-09-01", "OWN_RECORD", 2.0, true);
        claim("both", "0.8", "Our records, 2025-09-01", "OWN_RECORD", 3.0, true);
        claim("both", "0.9", "worked out", "CALIBRATED", null, true);
        claim("ours", "1.1", "worked out", "CALIBRATED", null, true);
        claim("nobodys", "1.2", "Our records, 2020-09-01", "OWN_RECORD", 2.0, true);
        claim("ours", "1.3", "By hand", "OWN_RECORD", 5.0, false);
        old.bringUp();
    }

    private static void place(long id, long shop, String name) {
        jdbc.update(
                "insert into record_place (id, shop_id, name, own) overriding system value values (?, ?, ?, true)",
                id,
                shop,
                name);
    }

    private static void noted(long shop, long place, String plant, String day, double age) {
        jdbc.update(
                "insert into plant_record (shop_id, place_id, plant, noted_on, age_years, noted_by, noted_at)"
                        + " values (?, ?, ?, ?::date, ?, 'bo', now())",
                shop,
                place,
                plant,
                day,
                age);
    }

    private static void claim(String plant, String value, String source, String kind, Double age, boolean ofRecord) {
        jdbc.update(
                "insert into claim (cultivar_id, trait, value, source, source_kind, at_age_years, of_record)"
                        + " values (?, 'height10_m', ?, ?, ?, ?, ?)",
                plant,
                value,
                source,
                kind,
                age,
                ofRecord);
    }

    @ParameterizedTest(name = "{0} m is shop {1}’s")
    @CsvSource({"0.5, 1", "0.6, 2", "0.7, 1", "0.8, 2", "1.1, 1"})
    void whoMeasuredItReadsIt(String value, long shop) {
        assertThat(jdbc.queryForList("select shop_id from claim where value = ?", Long.class, value))
                .containsExactly(shop);
    }

    /** A figure of two shops together is neither's, and what no row tells of is not known to be anybody's. */
    @Test
    void whatIsNobodysIsGone() {
        assertThat(jdbc.queryForList("select value from claim", String.class)).doesNotContain("0.9", "1.2");
    }

    @Test
    void whatWasWrittenByHandStaysTheCatalogues() {
        assertThat(jdbc.queryForList("select shop_id from claim where value = '1.3'", Long.class))
                .containsExactly((Long) null);
    }

    /** The same may be said by both shops, and once by each. */
    @Test
    void bothShopsMaySayTheSame() {
        String same = "insert into claim (cultivar_id, trait, value, source, source_kind, shop_id)"
                + " values ('ours', 'spread10_m', '2', 'worked out', 'CALIBRATED', ?) on conflict do nothing";
        assertThat(jdbc.update(same, 1)).isEqualTo(1);
        assertThat(jdbc.update(same, 2)).isEqualTo(1);
        assertThat(jdbc.update(same, 2)).isZero();
    }
}
