package org.yellowfit.app.place;

import static org.assertj.core.api.Assertions.assertThat;
import static org.yellowfit.app.Screens.text;

import java.util.HashMap;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import org.yellowfit.app.RunningApp;
import org.yellowfit.app.Screens;
import org.yellowfit.app.visit.Visit;

/** The form of the place, field by field: what it takes, in which units, and what it says to what it does not take. */
@ExtendWith(RunningApp.class)
class SiteFieldsTest {

    @ParameterizedTest(name = "{0} = “{1}” in {2} is kept as {3}")
    @CsvSource({
        "zone,            6b,        METRIC, 6b",
        "zone,            6,         METRIC, 6a",
        "sunHours,        4.5,       METRIC, 4.5",
        "sunHours,        0,         METRIC, 0",
        "sunHours,        24,        METRIC, 24",
        "ph,              6.4,       METRIC, 6.4",
        "moisture,        3,         METRIC, 3",
        "depthM,          0.7,       METRIC, 0.7",
        "depthM,          70 cm,     METRIC, 0.7",
        "depthM,          '1,2 m',   METRIC, 1.2",
        "depthM,          3,         US,     0.9144",
        "depthM,          2 ft 6 in, US,     0.762",
        "depthM,          30\",      US,     0.762",
        "maxHeightM,      3 ft,      METRIC, 0.9144",
        "lengthM,         6 m,       US,     6",
        "minTempC,        -20,       METRIC, -20",
        "minTempC,        -4,        US,     -20",
        "horizonYears,    15,        METRIC, 15",
        "texture,         clay loam, METRIC, clay loam",
        "drainage,        slow,      METRIC, slow",
        "deer,            heavy,     METRIC, heavy",
        "children,        yes,       METRIC, yes",
    })
    void aValueIsKeptInTheUnitsOfTheProgram(String field, String typed, String units, String kept, RunningApp app) {
        Screens screens = Screens.of(app);
        Map<String, String> form = Map.of("place", "A field", "units", units, "site." + field, typed);
        MvcTestResult made = screens.post("/visits/new", form);
        assertThat(made).hasStatus3xxRedirection();
        Visit visit = screens.again(
                java.util.UUID.fromString(made.getResponse().getRedirectedUrl().split("/")[2]));
        assertThat(Screens.kept(visit, "site." + field)).isEqualTo(kept);
        Map<String, String> again = new HashMap<>(form);
        again.put("version", String.valueOf(visit.version()));
        screens.post("/visits/" + visit.id() + "/site", again);
        assertThat(Screens.kept(screens.again(visit.id()), "site." + field))
                .as("saved a second time")
                .isEqualTo(kept);
    }

    @ParameterizedTest(name = "{0} = “{1}”: {2}")
    @CsvSource({
        "zone,          14,          is not a hardiness zone",
        "zone,          6c,          is not a hardiness zone",
        "zone,          cold,        is not a hardiness zone",
        "sunHours,      25,          out of range",
        "sunHours,      -1,          out of range",
        "sunHours,      some,        is not a number",
        "ph,            2.9,         out of range",
        "ph,            11,          out of range",
        "ph,            acid,        is not a number",
        "moisture,      0,           out of range",
        "moisture,      6,           out of range",
        "depthM,        wide,        is not a length",
        "depthM,        -1,          is not a length",
        "depthM,        0,           out of range",
        "lengthM,       20000,       out of range",
        "maxHeightM,    300 m,       out of range",
        "minTempC,      -90,         out of range",
        "minTempC,      warm,        is not a number",
        "horizonYears,  0,           out of range",
        "horizonYears,  101,         out of range",
        "texture,       mud,         ''",
        "drainage,      slowly,      slow",
        "deer,          hevy,        heavy",
        "exposure,      windy,       wind",
        "children,      perhaps,     ''",
        "wallClearanceM, far,        is not a length",
    })
    void whatItDoesNotTakeIsToldAtTheFieldAndKept(String field, String typed, String part, RunningApp app) {
        Screens screens = Screens.of(app);
        MvcTestResult refused = screens.post(
                "/visits/new",
                Map.of("place", "Kept & told", "note", "all of it", "units", "METRIC", "site." + field, typed));
        assertThat(refused).hasStatus(422);
        assertThat(text(refused)).contains("class=\"problem\"", part, "Kept &amp; told", "all of it");
    }

    @Test
    void clearancesThatTakeTheWholeDepthAreTold(RunningApp app) {
        MvcTestResult refused = Screens.of(app)
                .post(
                        "/visits/new",
                        Map.of(
                                "place",
                                "Thin",
                                "site.depthM",
                                "0.5",
                                "site.wallClearanceM",
                                "0.3",
                                "site.pathClearanceM",
                                "0.3"));
        assertThat(refused).hasStatus(422);
        assertThat(text(refused)).contains("nothing is left to plant");
    }

    @Test
    void everyFieldMayStayOpen(RunningApp app) {
        Screens screens = Screens.of(app);
        MvcTestResult made = screens.post("/visits/new", Map.of("place", ""));
        assertThat(made).hasStatus3xxRedirection();
        assertThat(screens.get(made.getResponse().getRedirectedUrl())).hasStatusOk();
        Visit visit = screens.again(
                java.util.UUID.fromString(made.getResponse().getRedirectedUrl().split("/")[2]));
        assertThat(visit.place()).as("it is found again by its time").startsWith("Visit of ");
        Visit named = screens.visit(Map.of("place", "Kept name", "site.zone", "6b"));
        screens.post(
                "/visits/" + named.id() + "/site",
                Map.of("place", " ", "site.zone", "7a", "version", String.valueOf(named.version())));
        assertThat(screens.again(named.id()).place()).isEqualTo("Kept name");
        assertThat(Screens.kept(screens.again(named.id()), "site.zone")).isEqualTo("7a");
    }

    @Test
    void longWordsAreRefusedOrKeptWhole(RunningApp app) {
        Screens screens = Screens.of(app);
        assertThat(screens.post("/visits/new", Map.of("place", "x".repeat(161))))
                .hasStatus(422);
        assertThat(screens.post("/visits/new", Map.of("place", "ok", "note", "n".repeat(4001))))
                .hasStatus(422);
        MvcTestResult made = screens.post("/visits/new", Map.of("place", "x".repeat(160), "note", "n".repeat(4000)));
        assertThat(made).hasStatus3xxRedirection();
    }

    @Test
    void theVisitsUnitsAreTurnedWithoutMovingAnything(RunningApp app) {
        Screens screens = Screens.of(app);
        Visit visit = screens.visit(Map.of(
                "place",
                "Turned",
                "units",
                "METRIC",
                "site.depthM",
                "0.7",
                "site.maxHeightM",
                "0.9",
                "site.zone",
                "6b"));
        Map<String, String> form = new HashMap<>(Map.of(
                "place",
                "Turned",
                "units",
                "US",
                "site.depthM",
                "70 cm",
                "site.maxHeightM",
                "90 cm",
                "site.zone",
                "6b",
                "version",
                String.valueOf(visit.version())));
        screens.post("/visits/" + visit.id() + "/site", form);
        Visit turned = screens.again(visit.id());
        assertThat(Screens.kept(turned, "site.depthM")).isEqualTo("0.7");
        assertThat(text(screens.get("/visits/" + visit.id() + "/site"))).contains("2 ft 3.56 in", "2 ft 11.43 in");
    }
}
