package org.yellowfit.app.shop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import org.yellowfit.app.RunningApp;
import org.yellowfit.app.Screens;
import org.yellowfit.app.people.Role;
import org.yellowfit.app.people.SignedIn;
import org.yellowfit.app.visit.Visit;

/** What belongs to one shop is not there for another. */
@ExtendWith(RunningApp.class)
class TwoShopsTest {

    private static final SignedIn ELSEWHERE = new SignedIn("una", "Una Fairholm", "x", Role.MANAGER, true, 2);

    private static final String PLANT = "hydrangea-dipper-moon";

    @BeforeAll
    static void aSecondShop(RunningApp app) {
        app.bean(JdbcTemplate.class).update("insert into shop values (2, 'the other shop') on conflict do nothing");
    }

    @Test
    void aVisitAndItsListAreThereForItsOwnShopOnly(RunningApp app) {
        Screens here = Screens.of(app);
        Screens there = here.as(ELSEWHERE);
        Visit visit = here.visit(Map.of("place", "Ours alone", "site.zone", "6b"));
        here.post("/visits/" + visit.id() + "/list", Map.of("plant", "spiraea-oarlock"));
        for (String part : new String[] {"site", "shortlist", "list", "handout", "place", "soil", "kept.json"}) {
            assertThat(there.get("/visits/" + visit.id() + "/" + part)).as(part).hasStatus(404);
            assertThat(here.get("/visits/" + visit.id() + "/" + part)).as(part).hasStatusOk();
        }
        assertThat(Screens.text(there.get("/"))).doesNotContain("Ours alone");
        assertThat(Screens.text(here.get("/"))).contains("Ours alone");
        assertThat(there.post(
                        "/visits/" + visit.id() + "/site",
                        Map.of("version", "1", "place", "Theirs now", "site.zone", "7a")))
                .hasStatus(404);
        there.post("/visits/" + visit.id() + "/erase", Map.of());
        assertThat(here.again(visit.id()).place()).isEqualTo("Ours alone");
    }

    @Test
    void whatIsBegunElsewhereBelongsThere(RunningApp app) {
        Screens there = Screens.of(app).as(ELSEWHERE);
        MvcTestResult made = there.post("/visits/new", Map.of("place", "Begun elsewhere", "site.zone", "5a"));
        assertThat(made).hasStatus3xxRedirection();
        assertThat(there.get(made.getResponse().getRedirectedUrl())).hasStatusOk();
        assertThat(app.bean(JdbcTemplate.class)
                        .queryForObject("select shop_id from visit where place = 'Begun elsewhere'", Long.class))
                .isEqualTo(2);
        assertThat(Screens.of(app).get(made.getResponse().getRedirectedUrl())).hasStatus(404);
    }

    @Test
    void peopleAndTokensAreTheShopsOwn(RunningApp app) {
        Screens there = Screens.of(app).as(ELSEWHERE);
        assertThat(Screens.text(there.get("/settings"))).doesNotContain("tamsin");
        assertThat(Screens.text(Screens.of(app).as(Screens.MANAGER).get("/settings")))
                .contains("tamsin");
    }

    /** What one shop's rows say of a plant is that shop's figure, and a row of the other's takes nothing from it. */
    @Test
    void eachShopLearnsFromItsOwnRecords(RunningApp app) {
        Screens here = Screens.of(app).as(Screens.MANAGER);
        Screens there = Screens.of(app).as(ELSEWHERE);
        String unlearnt = heights(there);

        measured(here, "Our long row", 1.6);
        String ours = heights(here);
        assertThat(ours).isNotEqualTo(unlearnt);
        assertThat(sources(here)).contains("Our long row");
        assertThat(heights(there)).isEqualTo(unlearnt);
        assertThat(sources(there)).doesNotContain("Our long row");

        measured(there, "Their row", 0.6);
        assertThat(heights(there)).isNotEqualTo(unlearnt).isNotEqualTo(ours);
        assertThat(sources(there)).contains("Their row").doesNotContain("Our long row");
        assertThat(heights(here)).isEqualTo(ours);
        assertThat(sources(here)).contains("Our long row").doesNotContain("Their row");

        there.post("/records/used", Map.of("used", "false"));
        assertThat(heights(there)).isEqualTo(unlearnt);
        assertThat(heights(here)).isEqualTo(ours);
        there.post("/records/used", Map.of("used", "true"));
    }

    private static void measured(Screens shop, String place, double ofLabel) {
        for (int year = 3; year <= 6; year++) {
            assertThat(shop.post(
                            "/records/plants/" + PLANT,
                            Map.of(
                                    "place",
                                    place,
                                    "date",
                                    "202" + year + "-09-01",
                                    "alive",
                                    "yes",
                                    "age_years",
                                    String.valueOf(year),
                                    "height_m",
                                    String.valueOf(ofLabel * (0.5 + year * 0.05)),
                                    "sure",
                                    "true")))
                    .hasStatus3xxRedirection();
        }
    }

    /** The heights through the years that the plant's page tells. */
    private static String heights(Screens shop) {
        String page = Screens.text(shop.get("/catalogue/" + PLANT));
        int from = page.indexOf("<th scope=\"row\">Height</th>");
        return page.substring(from, page.indexOf("</tr>", from));
    }

    private static String sources(Screens shop) {
        String page = Screens.text(shop.get("/catalogue/" + PLANT));
        return page.substring(page.indexOf("id=\"claims\""));
    }
}
