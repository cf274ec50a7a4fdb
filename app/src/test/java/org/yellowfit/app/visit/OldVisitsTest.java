package org.yellowfit.app.visit;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.JdbcTemplate;
import org.yellowfit.app.RunningApp;
import org.yellowfit.app.Screens;
import org.yellowfit.app.people.Trail;
import org.yellowfit.app.shop.ShopSettings;

/** Visits that nobody has touched for as long as the shop has set go by themselves, with all that hangs on them. */
@ExtendWith(RunningApp.class)
class OldVisitsTest {

    @Test
    void whatNobodyHasTouchedGoesAfterTheTimeThatTheShopHasSet(RunningApp app) {
        Screens screens = Screens.of(app);
        Visit old = screens.visit(Map.of("place", "Long ago", "customer", "Somebody"));
        Visit fresh = screens.visit(Map.of("place", "Not long ago"));
        screens.post("/visits/" + old.id() + "/list", Map.of("plant", "hosta-mixing-bowl"));
        JdbcTemplate jdbc = app.bean(JdbcTemplate.class);
        jdbc.update("update visit set changed_at = now() - interval '13 months' where id = ?", old.id());
        jdbc.update("update visit set changed_at = now() - interval '11 months' where id = ?", fresh.id());
        OldVisits sweep = app.bean(OldVisits.class);
        sweep.erase();
        assertThat(app.bean(Visits.class).find(old.id()))
                .as("never, unless it is set")
                .isPresent();
        ShopSettings shop = app.bean(ShopSettings.class);
        try {
            shop.eraseAfter(Optional.of(12));
            sweep.erase();
        } finally {
            shop.eraseAfter(Optional.empty());
        }
        assertThat(app.bean(Visits.class).find(old.id())).isEmpty();
        assertThat(app.bean(Visits.class).find(fresh.id())).isPresent();
        for (String table : new String[] {"visit_revision", "list_line"}) {
            assertThat(jdbc.queryForObject(
                            "select count(*) from " + table + " where visit_id = ?", Long.class, old.id()))
                    .as(table)
                    .isZero();
        }
        assertThat(app.bean(Trail.class).latest(20))
                .filteredOn(entry -> entry.what() == Trail.Deed.ERASED)
                .anySatisfy(entry -> assertThat(entry.about()).contains("1 visits untouched since"));
    }

    @Test
    void monthsAreThoseOfTheCalendar() {
        assertThat(OldVisits.before(Instant.parse("2026-03-31T12:00:00Z"), 1)).isEqualTo("2026-02-28T12:00:00Z");
    }

    @Test
    void aTimeThatCannotBeIsRefused(RunningApp app) {
        Screens manager = Screens.of(app).as(Screens.MANAGER);
        for (String months : new String[] {"0", "-3", "1000", "soon"}) {
            assertThat(Screens.told(manager.post("/settings/shop", Map.of("eraseAfter", months))))
                    .as(months)
                    .contains("1 to 120 months");
        }
        assertThat(app.bean(ShopSettings.class).get().eraseAfterMonths()).isEmpty();
    }
}
