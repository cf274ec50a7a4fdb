package org.yellowfit.app.place;

import static org.assertj.core.api.Assertions.assertThat;
import static org.yellowfit.app.Screens.text;
import static org.yellowfit.app.Screens.told;

import java.util.HashMap;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import org.yellowfit.app.RunningApp;
import org.yellowfit.app.Screens;
import org.yellowfit.app.visit.Provenance;
import org.yellowfit.app.visit.Visit;
import org.yellowfit.core.fit.SiteFields;

/** The soil's tests: worked out as typed, taken over one by one, wrong numbers told at their place. */
@ExtendWith(RunningApp.class)
class SoilScreensTest {

    private static final Map<String, String> TESTS = Map.of(
            "sandMm",
            "40",
            "siltMm",
            "40",
            "clayMm",
            "20",
            "fallCm",
            "6",
            "fallMinutes",
            "60",
            "phReadings",
            "6.2 6.6 6.4",
            "targetPh",
            "5.4",
            "areaM2",
            "10",
            "depthM",
            "15 cm");

    @Test
    void allTestsAreWorkedOutAtOnce(RunningApp app) {
        Screens screens = Screens.of(app);
        Visit visit = screens.visit(Map.of("place", "Pit", "units", "METRIC"));
        String result = text(screens.post("/visits/" + visit.id() + "/soil/try", TESTS));
        assertThat(result)
                .contains(
                        "40 % sand, 40 % silt, 20 % clay, that is loam",
                        "6 cm an hour, that is good drainage",
                        "pH 6.4, the middle of 3 readings",
                        "Elemental sulfur: 1 kg in all, in 2 goes",
                        "laboratory");
        assertThat(Screens.kept(screens.again(visit.id()), "site.texture")).isEmpty();
    }

    @Test
    void aTestIsTakenOverAsMeasuredAndItsNumbersAreKept(RunningApp app) {
        Screens screens = Screens.of(app);
        Visit visit = screens.visit(Map.of("place", "Pit", "units", "METRIC"));
        Map<String, String> fields = new HashMap<>(TESTS);
        for (String take : new String[] {"jar", "hole", "ph"}) {
            fields.put("take", take);
            assertThat(screens.post("/visits/" + visit.id() + "/soil", fields)).hasStatus3xxRedirection();
        }
        Visit after = screens.again(visit.id());
        assertThat(Screens.kept(after, "site.texture")).isEqualTo("loam");
        assertThat(Screens.kept(after, "site.drainage")).isEqualTo("good");
        assertThat(Screens.kept(after, "site.ph")).isEqualTo("6.4");
        assertThat(after.from(SiteFields.PH)).contains(Provenance.measured("by 3 readings"));
        assertThat(text(screens.get("/visits/" + visit.id() + "/soil"))).contains("value=\"6.2 6.6 6.4\"");
        fields.put("take", "moisture");
        assertThat(told(screens.post("/visits/" + visit.id() + "/soil", fields)))
                .contains("moisture");
        assertThat(screens.again(visit.id())
                        .from(SiteFields.MOISTURE)
                        .orElseThrow()
                        .kind())
                .isEqualTo(Provenance.Kind.COMPUTED);
    }

    @Test
    void aWrongNumberSpoilsOnlyWhatHangsOnIt(RunningApp app) {
        Screens screens = Screens.of(app);
        Visit visit = screens.visit(Map.of("place", "Pit", "units", "US"));
        Map<String, String> fields = new HashMap<>(TESTS);
        fields.put("phReadings", "6.2 77");
        fields.put("areaM2", "-3");
        MvcTestResult refused = screens.post("/visits/" + visit.id() + "/soil", fields);
        assertThat(refused).hasStatus(422);
        assertThat(text(refused))
                .contains("that is loam", "77 is out of range", "value=\"6.2 77\"", "-3 is out of range");
        assertThat(text(screens.post(
                        "/visits/" + visit.id() + "/soil/try", Map.of("sandMm", "0", "siltMm", "0", "clayMm", "0"))))
                .contains("thicker than 0");
    }

    @Test
    void theSimulatedProbeGivesReadingsThatHangTogether(RunningApp app) {
        PhProbe probe = app.bean(PhProbe.class);
        for (int i = 0; i < 20; i++) {
            assertThat(probe.read("spot", i)).isBetween(3.0, 10.0).isEqualTo(probe.read("spot", i));
            assertThat(Math.abs(probe.read("spot", i) - probe.read("spot", 0))).isLessThan(1);
        }
        Visit visit = Screens.of(app).visit(Map.of("place", "Pit"));
        assertThat(text(Screens.of(app).post("/visits/" + visit.id() + "/soil/probe", Map.of("before", "2"))))
                .contains("\"ph\"", "simulated probe");
    }
}
