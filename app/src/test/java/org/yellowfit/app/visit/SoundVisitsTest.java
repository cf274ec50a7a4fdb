package org.yellowfit.app.visit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.yellowfit.app.Screens.text;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.jdbc.core.JdbcTemplate;
import org.yellowfit.app.RunningApp;
import org.yellowfit.app.Screens;

/** No click stores a visit that its pages cannot show, and one that was stored before is told and mended. */
@ExtendWith(RunningApp.class)
class SoundVisitsTest {

    private static final List<String> PAGES =
            List.of("site", "card", "place", "soil", "sun", "climate", "shortlist", "side-by-side", "list", "handout");

    private static void everyPageOpens(Screens screens, Visit visit) {
        PAGES.forEach(page -> assertThat(screens.get("/visits/" + visit.id() + "/" + page))
                .as(page)
                .hasStatusOk());
        assertThat(screens.get("/")).hasStatusOk();
    }

    private static Visit withClearances(Screens screens) {
        return screens.visit(Map.of(
                "place",
                "Narrow strip",
                "site.zone",
                "6b",
                "site.depthM",
                "2",
                "site.wallClearanceM",
                "0.3",
                "site.pathClearanceM",
                "0.2"));
    }

    @Test
    void whatIsTriedOutAndKeptIsCheckedWhole(RunningApp app) {
        Screens screens = Screens.of(app);
        Visit visit = withClearances(screens);
        var kept = screens.post("/visits/" + visit.id() + "/what-if", Map.of("depthM", "0.4"));
        assertThat(Screens.told(kept)).contains("clearances");
        assertThat(Screens.kept(screens.again(visit.id()), "site.depthM")).isEqualTo("2");
        everyPageOpens(screens, visit);
    }

    @Test
    void aShallowPatchIsNotGoneOnWith(RunningApp app) {
        Screens screens = Screens.of(app);
        Visit visit = withClearances(screens);
        String bed = """
                {"version": %d, "at": {"latitude": 45, "longitude": -70, "utcOffset": -5},
                 "features": [{"type": "Feature", "id": "b", "properties": {"kind": "bed"},
                  "geometry": {"type": "Polygon", "coordinates": [[[0,0],[4,0],[4,0.45],[0,0.45],[0,0]]]}}]}
                """;
        assertThat(screens.send("/visits/" + visit.id() + "/place", bed.formatted(visit.version())))
                .hasStatusOk();
        var gone = screens.post("/visits/" + visit.id() + "/place/patch", Map.of("patch", "A"));
        assertThat(Screens.told(gone)).contains("Patch A was not taken", "clearances");
        assertThat(Screens.kept(screens.again(visit.id()), "site.depthM")).isEqualTo("2");
        everyPageOpens(screens, visit);
    }

    @ParameterizedTest
    @ValueSource(strings = {"2027-11-15", "2027-10-22", "2028-02-29"})
    void aPlantingDayAfterTheFrostIsNoTrouble(String day, RunningApp app) {
        Screens screens = Screens.of(app);
        Visit visit = screens.visit(Map.of("place", "Late", "site.zone", "6b", "site.plantingDate", day));
        String station = text(screens.get("/visits/" + visit.id() + "/climate"))
                .replaceAll("(?s).*?<option[^>]*value=\"([0-9a-f-]{36})\".*", "$1");
        assertThat(screens.post("/visits/" + visit.id() + "/climate", Map.of("station", station)))
                .hasStatus3xxRedirection();
        everyPageOpens(screens, visit);
    }

    /** As a version before this one could store it. */
    @Test
    void aBrokenOneOpensIsToldAndCanBeMended(RunningApp app) {
        Screens screens = Screens.of(app);
        Visit visit = withClearances(screens);
        breakIt(app, visit.id());
        assertThat(text(screens.get("/"))).contains("take up the whole depth");
        everyPageOpens(screens, visit);
        assertThat(text(screens.get("/visits/" + visit.id() + "/site"))).contains("take up the whole depth");
        Visit broken = screens.again(visit.id());
        assertThat(screens.post(
                        "/visits/" + visit.id() + "/site",
                        Map.of("version", String.valueOf(broken.version()), "place", "Mended", "site.depthM", "1.2 m")))
                .hasStatus3xxRedirection();
        assertThat(screens.again(visit.id()).problems()).isEmpty();
    }

    @Test
    void theOtherAnswersOfABrokenOneCanBeChanged(RunningApp app) {
        Screens screens = Screens.of(app);
        Visit visit = withClearances(screens);
        breakIt(app, visit.id());
        app.bean(Visits.class)
                .put(visit.id(), new Edit().set(VisitFields.site(org.yellowfit.core.fit.SiteFields.PH), 6.0), "test");
        assertThat(Screens.kept(screens.again(visit.id()), "site.ph")).isEqualTo("6");
    }

    private static void breakIt(RunningApp app, UUID id) {
        int changed = app.bean(JdbcTemplate.class)
                .update("update visit set answers = jsonb_set(answers, '{site,depthM,value}', '0.4') where id = ?", id);
        assertThat(changed).isEqualTo(1);
    }
}
