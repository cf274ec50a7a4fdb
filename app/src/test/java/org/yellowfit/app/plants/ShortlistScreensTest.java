package org.yellowfit.app.plants;

import static org.assertj.core.api.Assertions.assertThat;
import static org.yellowfit.app.Screens.text;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import org.yellowfit.app.RunningApp;
import org.yellowfit.app.Screens;
import org.yellowfit.app.visit.Edit;
import org.yellowfit.app.visit.Visit;
import org.yellowfit.app.visit.VisitFields;
import org.yellowfit.app.visit.Visits;
import org.yellowfit.core.serve.Importance;
import org.yellowfit.core.serve.Wants;

/** The shortlist over HTTP: dense, tried out, narrowed to nothing; substitutes; side by side by its address. */
@ExtendWith(RunningApp.class)
class ShortlistScreensTest {

    private static Visit strip(Screens screens, Map<String, String> more) {
        Map<String, String> answers = new HashMap<>(Map.of("place", "Strip", "units", "METRIC", "policy", "STANDARD"));
        answers.putAll(Map.of(
                "site.zone",
                "6b",
                "site.sunHours",
                "4.5",
                "site.texture",
                "loam",
                "site.drainage",
                "good",
                "site.moisture",
                "3",
                "site.ph",
                "6.4",
                "site.depthM",
                "1.2",
                "site.maxHeightM",
                "0.9"));
        answers.putAll(more);
        return screens.visit(answers);
    }

    private static List<String> ids(String html) {
        Matcher rows =
                Pattern.compile("class=\"thread[^\"]*\" data-id=\"([^\"]+)\"").matcher(html);
        return rows.results().map(found -> found.group(1)).toList();
    }

    @Test
    void twentyAreShownAndADialChangesThem(RunningApp app) {
        Screens screens = Screens.of(app);
        Visit visit = strip(screens, Map.of());
        List<String> own = ids(text(screens.get("/visits/" + visit.id() + "/shortlist")));
        assertThat(own).hasSize(20);
        String sunny = text(screens.get("/visits/" + visit.id() + "/shortlist/list?sunHours=8.5"));
        assertThat(ids(sunny)).isNotEqualTo(own);
        assertThat(sunny).contains("Enters:", "Leaves:");
        assertThat(Screens.kept(screens.again(visit.id()), "site.sunHours")).isEqualTo("4.5");
        screens.post("/visits/" + visit.id() + "/what-if", Map.of("sunHours", "8.5", "ph", "6.4"));
        assertThat(Screens.kept(screens.again(visit.id()), "site.sunHours")).isEqualTo("8.5");
        assertThat(ids(text(screens.get("/visits/" + visit.id() + "/shortlist"))))
                .isEqualTo(ids(sunny));
    }

    @Test
    void groupsPartTheSamePlants(RunningApp app) {
        Screens screens = Screens.of(app);
        Visit visit = strip(screens, Map.of());
        List<String> own = ids(text(screens.get("/visits/" + visit.id() + "/shortlist")));
        for (String group : List.of("layer", "kind")) {
            String html = text(screens.get("/visits/" + visit.id() + "/shortlist?group=" + group));
            assertThat(html).contains("group-title");
            assertThat(ids(html)).containsExactlyInAnyOrderElementsOf(own);
        }
    }

    @Test
    void wishesThatContradictOneAnotherAreNamedAndThePageIsNeverEmpty(RunningApp app) {
        Screens screens = Screens.of(app);
        Visit visit = strip(
                screens,
                Map.of(
                        "site.zone",
                        "2a",
                        "site.maxHeightM",
                        "0.2",
                        "wants.evergreen",
                        "yes",
                        "wants.bloomMonths",
                        "1",
                        "wants.must",
                        "evergreen|bloomMonths"));
        String html = text(screens.get("/visits/" + visit.id() + "/shortlist"));
        assertThat(ids(html)).isEmpty();
        assertThat(html)
                .contains("These wishes do not go together")
                .containsPattern("No plant of the catalogue meets both “[^”{]+” and “[^”{]+”"
                        + "|The nearest way: giving up [^{}]+ opens \\d+ plants?, like "
                        + "|Giving up “[^”{]+” alone opens \\d+ plants?, like ")
                .doesNotContain("{0}");
    }

    @Test
    void aMustAndANeverNarrowTheList(RunningApp app) {
        Screens screens = Screens.of(app);
        Visit visit = strip(screens, Map.of());
        MvcTestResult saved = screens.post(
                "/visits/" + visit.id() + "/wishes",
                Map.of(
                        "version",
                        String.valueOf(visit.version()),
                        "wants.evergreen",
                        "yes",
                        "wants.must",
                        "evergreen",
                        "wants.never.kinds",
                        "grass",
                        "wants.screenHeightM",
                        "50 cm"));
        assertThat(saved).hasStatus3xxRedirection();
        Visit after = screens.again(visit.id());
        assertThat(after.question().wants().must()).containsExactly("evergreen");
        assertThat(after.question().wants().screenHeightM()).isEqualTo(0.5);
        String html = text(screens.get("/visits/" + visit.id() + "/shortlist"));
        assertThat(html).contains("screen to 0.5 m", "evergreen must").containsPattern("said[^>]*>grass<");
        assertThat(ids(html)).isNotEmpty().noneMatch(plant -> plant.startsWith("carex-"));
        MvcTestResult refused = screens.post(
                "/visits/" + visit.id() + "/wishes",
                Map.of("version", String.valueOf(after.version()), "wants.screenHeightM", "very high"));
        assertThat(refused).hasStatus(422);
        assertThat(text(refused)).contains("value=\"very high\"", "not a length");
    }

    /** What a job needs is asked for at its blank, and nothing that was typed is lost. */
    @Test
    void aHedgeWithoutAHeightIsAskedHowHigh(RunningApp app) {
        Screens screens = Screens.of(app);
        Visit visit = strip(screens, Map.of());
        Map<String, String> hedge = new HashMap<>(Map.of(
                "version", String.valueOf(visit.version()),
                "job.0.kind", "hedge",
                "job.0.clipped", "yes",
                "job.0.byYear", "4",
                "wants.fragrance", "yes"));
        MvcTestResult refused = screens.post("/visits/" + visit.id() + "/wishes", hedge);
        assertThat(refused).hasStatus(422);
        assertThat(text(refused)).contains("A hedge: how high?", "value=\"4\"", "aria-invalid=\"true\"");
        hedge.put("job.0.heightM", "50 cm");
        hedge.put("job.0.importance", "must");
        assertThat(screens.post("/visits/" + visit.id() + "/wishes", hedge)).hasStatus3xxRedirection();
        Wants wants = screens.again(visit.id()).question().wants();
        assertThat(wants.jobs()).hasToString("[hedge clipped=yes heightM=0.5 byYear=4]");
        assertThat(wants.importance()).containsEntry("hedge", Importance.MUST);
        assertThat(wants.fragrance()).isTrue();
        String html = text(screens.get("/visits/" + visit.id() + "/shortlist"));
        assertThat(html).contains("first-five", "Does it best: ", "50 cm in year 4", "Worth asking next");
    }

    @Test
    void aReadyMadeSentenceIsOneTap(RunningApp app) {
        Screens screens = Screens.of(app);
        for (String ready : SentencePage.READY) {
            Visit visit = strip(screens, Map.of());
            assertThat(text(screens.get("/visits/" + visit.id() + "/shortlist")))
                    .contains("value=\"" + ready);
            screens.post(
                    "/visits/" + visit.id() + "/wishes",
                    Map.of("version", String.valueOf(visit.version()), "ready", ready));
            assertThat(screens.again(visit.id()).question().wants().jobs())
                    .as(ready)
                    .hasSize(1);
        }
    }

    /** A plant that failed is never offered again, nor its kin; a name that nobody has is told at its field. */
    @ParameterizedTest
    @CsvSource({
        "wants.instead, buxus, 302",
        "wants.instead, Spindle Leg, 302",
        "wants.instead, Qwxyz qwxyz, 422",
        "like.plant, Skipper’s Sunday, 302",
        "like.plant, Qwxyz, 422"
    })
    void aPlantIsMeantByItsName(String field, String name, int status, RunningApp app) {
        Screens screens = Screens.of(app);
        Visit visit = strip(screens, Map.of());
        MvcTestResult answer = screens.post(
                "/visits/" + visit.id() + "/wishes",
                Map.of("version", String.valueOf(visit.version()), field, name, "like.but", "smaller"));
        assertThat(answer).hasStatus(status);
        if (status == 422) {
            assertThat(text(answer)).contains("No plant of this name", "value=\"" + name + "\"");
            return;
        }
        String html = text(screens.get("/visits/" + visit.id() + "/shortlist"));
        assertThat(ids(html)).isNotEmpty().noneMatch(id -> field.startsWith("wants") && id.startsWith("buxus"));
    }

    /** A job of one patch is asked there and nowhere else. */
    @Test
    void aJobOfAPatchIsAskedThereOnly(RunningApp app) {
        Screens screens = Screens.of(app);
        Visit visit = strip(screens, Map.of("wants.jobs", "edging|focal at=S1"));
        assertThat(visit.wants().jobs()).hasSize(2);
        assertThat(visit.question().wants().jobs()).hasToString("[edging]");
        app.bean(Visits.class).put(visit.id(), new Edit().set(VisitFields.PATCH, "S1"), "A test");
        assertThat(screens.again(visit.id()).question().wants().jobs()).hasToString("[edging, focal at=S1]");
    }

    /** L7: a sentence, the one thing in the way, and what giving it up would open. */
    @Test
    void whereNothingServesThatIsSaid(RunningApp app) {
        Screens screens = Screens.of(app);
        Visit visit = strip(
                screens, Map.of("wants.jobs", "climb supportHeightM=20 byYear=1", "wants.importance", "climb=must"));
        String html = text(screens.get("/visits/" + visit.id() + "/shortlist"));
        assertThat(html).contains("Nothing serves here").containsPattern("Giving up “[^”]+”: \\d+ plants?");
    }

    @Test
    void substitutesAreLikeAndTheirButsHold(RunningApp app) {
        Screens screens = Screens.of(app);
        Visit visit = strip(screens, Map.of("site.maxHeightM", ""));
        String html = text(screens.get("/visits/" + visit.id() + "/instead/hydrangea-bilge-pump?but=smaller"));
        assertThat(html).contains("% alike", "Likeness counts").doesNotContain("catalogue/hydrangea-bilge-pump?");
        assertThat(screens.get("/visits/" + visit.id() + "/instead/no-such-plant"))
                .hasStatus(404);
    }

    @Test
    void anAddressOpensTheSameSideBySideAgain(RunningApp app) {
        Screens screens = Screens.of(app);
        Visit visit = strip(screens, Map.of("wants.evergreen", "yes"));
        String html = text(screens.get("/visits/" + visit.id()
                + "/side-by-side?ids=hydrangea-ferry-bell,bergenia-boot-sole&age=5&month=6&behind=brick"));
        assertThat(html)
                .contains(
                        "Ferry Bell",
                        "Boot Sole",
                        "Who is first by what",
                        "In flower here",
                        "Label:",
                        "minutes of care a year",
                        "Link to just this");
        assertThat(html.indexOf("Outgrows the place")).isPositive();
        assertThat(screens.get("/visits/" + visit.id() + "/side-by-side?ids=none&age=x&month=99&behind=sea"))
                .hasStatusOk();
    }
}
