package org.yellowfit.app.takeaway;

import static org.assertj.core.api.Assertions.assertThat;
import static org.yellowfit.app.Screens.text;

import java.util.HashMap;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yellowfit.app.RunningApp;
import org.yellowfit.app.Screens;
import org.yellowfit.app.visit.Visit;

/** What the customer takes home: the place, the plants with their numbers, and what to beware of (rule F8). */
@ExtendWith(RunningApp.class)
class HandoutScreensTest {

    private static String handout(Screens screens, Visit visit, String... plants) {
        for (String plant : plants) {
            screens.post("/visits/" + visit.id() + "/list", Map.of("plant", plant));
        }
        return text(screens.get("/visits/" + visit.id() + "/handout"));
    }

    private static Visit visit(Screens screens, Map<String, String> more) {
        Map<String, String> answers = new HashMap<>(
                Map.of("place", "By the gate", "customer", "Somebody", "site.zone", "6b", "site.sunHours", "5"));
        answers.putAll(more);
        return screens.visit(answers);
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource({
        "spiraea-oarlock,      buried pipes and cables located",
        "spiraea-oarlock,      Local codes and licensed practice come before",
        "spiraea-oarlock,      lift with help",
        "spiraea-oarlock,      label of any chemical",
        "hydrangea-ferry-bell, Poisonous to people if eaten: Hydrangea paniculata",
        "hydrangea-ferry-bell, call a veterinarian",
        "rosa-boathook,        Thorny: Rosa",
        "acer-furnace-door,    licensed arborist",
        "alchemilla-dew-ladle, law on invasive plants",
    })
    void whatToBewareOfIsSaid(String plant, String caution, RunningApp app) {
        Screens screens = Screens.of(app);
        assertThat(handout(screens, visit(screens, Map.of()), plant)).contains(caution);
    }

    @Test
    void aPlantWithoutAHazardBringsNoCautionOfItsOwn(RunningApp app) {
        Screens screens = Screens.of(app);
        assertThat(handout(screens, visit(screens, Map.of()), "spiraea-oarlock"))
                .doesNotContain("Poisonous", "Thorny", "irritates", "licensed arborist");
    }

    @Test
    void thePlaceAndTheNumbersAreInTheVisitsUnits(RunningApp app) {
        Screens screens = Screens.of(app);
        String metric =
                handout(screens, visit(screens, Map.of("site.depthM", "0.7", "site.lengthM", "6")), "spiraea-oarlock");
        assertThat(metric)
                .contains(
                        "Winters of zone 6b",
                        "°C",
                        "70 cm on centre",
                        "10 plants",
                        "$125.00",
                        "By the gate",
                        "Somebody")
                .doesNotContain("°F");
        String us = handout(
                screens,
                visit(screens, Map.of("units", "US", "site.depthM", "0.7", "site.lengthM", "6")),
                "spiraea-oarlock");
        assertThat(us).contains("°F", "2 ft 4 in on centre").doesNotContain("°C", "70 cm");
    }

    @Test
    void anEmptyListSaysWhatIsMissing(RunningApp app) {
        Screens screens = Screens.of(app);
        assertThat(handout(screens, visit(screens, Map.of())))
                .contains("There is nothing to hand out yet")
                .doesNotContain("class=\"paper\"");
    }

    @Test
    void aVisitIsFinishedAndOpenedAgain(RunningApp app) {
        Screens screens = Screens.of(app);
        Visit visit = visit(screens, Map.of());
        screens.post("/visits/" + visit.id() + "/finished", Map.of("done", "true"));
        assertThat(screens.again(visit.id()).finished()).isTrue();
        assertThat(text(screens.get("/visits/" + visit.id() + "/handout"))).contains("Open the visit again");
        screens.post("/visits/" + visit.id() + "/finished", Map.of("done", "false"));
        assertThat(screens.again(visit.id()).finished()).isFalse();
    }

    @Test
    void allThatIsKeptComesOutAndIsErasedForGood(RunningApp app) {
        Screens screens = Screens.of(app);
        Visit visit = visit(screens, Map.of("note", "a note to be forgotten"));
        handout(screens, visit, "spiraea-oarlock");
        assertThat(text(screens.get("/visits/" + visit.id() + "/kept.json")))
                .contains("By the gate", "Somebody", "a note to be forgotten");
        screens.post("/visits/" + visit.id() + "/erase", Map.of());
        for (String page : new String[] {"site", "shortlist", "side-by-side", "list", "handout", "kept.json"}) {
            assertThat(screens.get("/visits/" + visit.id() + "/" + page))
                    .as(page)
                    .hasStatus(404);
        }
        var left = app.bean(org.springframework.jdbc.core.JdbcTemplate.class)
                .queryForObject("select count(*) from list_line where visit_id = ?", Integer.class, visit.id());
        assertThat(left).isZero();
    }
}
