package org.yellowfit.app.place;

import static org.assertj.core.api.Assertions.assertThat;
import static org.yellowfit.app.Screens.text;

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
import org.yellowfit.core.site.Feature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The drawing over HTTP: kept, refused, merged, taken out; its patches; sun without a drawing. */
@ExtendWith(RunningApp.class)
class PlaceScreensTest {

    private static final JsonMapper JSON = new JsonMapper();
    private static final String HOUSE =
            feature("f1", "block", "Polygon", "[[[0,0],[8,0],[8,8],[0,8],[0,0]]]", "\"heightM\":5");
    private static final String BED =
            feature("f2", "bed", "Polygon", "[[[8,1],[8.7,1],[8.7,7],[8,7],[8,1]]]", "\"name\":\"strip\"");
    private static final String WINDOW = feature("f3", "window", "LineString", "[[8,3],[8,5]]", "\"sillM\":0.9");

    private static String feature(String id, String kind, String type, String coordinates, String more) {
        return "{\"type\":\"Feature\",\"id\":\"%s\",\"properties\":{\"kind\":\"%s\"%s},\"geometry\":{\"type\":\"%s\",\"coordinates\":%s}}"
                .formatted(id, kind, more.isEmpty() ? "" : "," + more, type, coordinates);
    }

    private static String body(long version, String... features) {
        return "{\"version\":%d,\"at\":{\"latitude\":45.6,\"longitude\":-61.4,\"utcOffset\":-4,\"north\":0},\"features\":[%s]}"
                .formatted(version, String.join(",", features));
    }

    private static JsonNode json(MvcTestResult result) {
        return JSON.readTree(text(result));
    }

    private static Visit blank(Screens screens) {
        return screens.visit(Map.of("place", "Drawn " + System.nanoTime(), "units", "METRIC"));
    }

    @Test
    void aDrawingIsKeptAndStudied(RunningApp app) {
        Screens screens = Screens.of(app);
        Visit visit = blank(screens);
        MvcTestResult saved =
                screens.send("/visits/" + visit.id() + "/place", body(visit.version(), HOUSE, BED, WINDOW));
        assertThat(saved).hasStatusOk();
        JsonNode study = json(saved).get("study");
        assertThat(json(saved).get("stored").asBoolean()).isTrue();
        assertThat(study.get("cells").size()).isGreaterThan(50);
        assertThat(study.get("patches").get(0).get("facts").toString()).contains("0 h of it in the hot hours");
        assertThat(study.get("patches").get(0).get("facts").toString())
                .contains("Nothing above 90 cm: the sill of the window.");
        assertThat(screens.again(visit.id()).drawn()).extracting(Feature::id).containsExactly("f1", "f2", "f3");
        assertThat(text(screens.get("/visits/" + visit.id() + "/place"))).contains("\"f2\"", "Patches of light");
    }

    @Test
    void aPatchBecomesTheSiteAndHoursTypedLaterTakeItsPlace(RunningApp app) {
        Screens screens = Screens.of(app);
        Visit visit = blank(screens);
        screens.send("/visits/" + visit.id() + "/place", body(visit.version(), HOUSE, BED, WINDOW));
        MvcTestResult gone = screens.post("/visits/" + visit.id() + "/place/patch", Map.of("patch", "A"));
        assertThat(gone.getResponse().getRedirectedUrl()).endsWith("/shortlist");
        Visit chosen = screens.again(visit.id());
        assertThat(chosen.question().site().light().sunHours()).isBetween(5.5, 7.0);
        assertThat(Screens.kept(chosen, "site.sunBias")).isEqualTo("morning");
        assertThat(Screens.kept(chosen, "site.maxHeightM")).isEqualTo("0.9");
        assertThat(Screens.kept(chosen, "site.depthM")).isEqualTo("0.7");
        assertThat(chosen.from(SiteFields.SUN_HOURS).orElseThrow().kind()).isEqualTo(Provenance.Kind.COMPUTED);
        assertThat(text(screens.get("/visits/" + visit.id() + "/card")))
                .contains("from the drawing, patch A", "the sill of the window");
        screens.post(
                "/visits/" + visit.id() + "/site",
                Map.of(
                        "version",
                        String.valueOf(chosen.version()),
                        "place",
                        "Now typed",
                        "site.sunHours",
                        "7",
                        "guess.sunHours",
                        "yes"));
        Visit typed = screens.again(visit.id());
        assertThat(typed.from(SiteFields.SUN_HOURS).orElseThrow().kind()).isEqualTo(Provenance.Kind.GUESSED);
        assertThat(Screens.kept(typed, "site.hotHours")).isEmpty();
        assertThat(Screens.kept(typed, "at.patch")).isEmpty();
        assertThat(screens.post("/visits/" + visit.id() + "/place/patch", Map.of("patch", "Z")))
                .hasStatus(404);
    }

    @Test
    void whatCannotBeIsToldAtTheThingAndNothingIsStored(RunningApp app) {
        Screens screens = Screens.of(app);
        Visit visit = blank(screens);
        String inside = feature("b1", "bed", "Polygon", "[[[1,1],[3,1],[3,3],[1,3],[1,1]]]", "");
        String crossing = feature("b2", "bed", "Polygon", "[[[20,0],[22,2],[22,0],[20,2],[20,0]]]", "");
        MvcTestResult refused =
                screens.send("/visits/" + visit.id() + "/place", body(visit.version(), HOUSE, inside, crossing));
        assertThat(refused).hasStatus(422);
        assertThat(json(refused).get("problems").toString())
                .contains("b1.geometry", "lies inside the house", "b2.geometry", "crosses itself");
        assertThat(screens.again(visit.id()).drawn()).isEmpty();
        MvcTestResult tall = screens.send(
                "/visits/" + visit.id() + "/place",
                body(visit.version(), feature("t", "tree", "Point", "[1,1]", "\"heightM\":900")));
        assertThat(json(tall).get("problems").get(0).get("field").asString()).isEqualTo("t.heightM");
        assertThat(screens.send("/visits/" + visit.id() + "/place", "{\"features\": 7, \"at\": {\"latitude\": 123}}"))
                .hasStatus(422);
        assertThat(screens.send("/visits/" + visit.id() + "/place", "no json")
                        .getResponse()
                        .getStatus())
                .isBetween(400, 422);
    }

    @Test
    void ofTwoWhoDrawBothThingsAreKeptAndOneThingMovedByBothIsTold(RunningApp app) {
        Screens ada = Screens.of(app);
        Screens ben = ada.as(Screens.OTHER);
        Visit visit = blank(ada);
        ada.send("/visits/" + visit.id() + "/place", body(visit.version(), HOUSE, BED));
        long version = ada.again(visit.id()).version();
        String moved = BED.replace("8.7", "8.9");
        assertThat(ada.send("/visits/" + visit.id() + "/place", body(version, HOUSE, moved)))
                .hasStatusOk();
        MvcTestResult beside = ben.send("/visits/" + visit.id() + "/place", body(version, HOUSE, BED, WINDOW));
        assertThat(beside).hasStatusOk();
        assertThat(json(beside).get("told").toString()).contains("Ada Quillfeather drew here meanwhile");
        assertThat(ada.again(visit.id()).drawn().get(1).points()[1][0]).isEqualTo(8.9);
        MvcTestResult clash =
                ben.send("/visits/" + visit.id() + "/place", body(version, HOUSE, BED.replace("8.7", "9.3")));
        assertThat(clash).hasStatus(409);
        assertThat(json(clash).get("features").size()).isEqualTo(3);
        assertThat(ada.again(visit.id()).drawn().get(1).points()[1][0]).isEqualTo(8.9);
    }

    @Test
    void theDrawingGoesOutAndComesBackTheSame(RunningApp app) {
        Screens screens = Screens.of(app);
        Visit visit = blank(screens);
        screens.send("/visits/" + visit.id() + "/place", body(visit.version(), HOUSE, BED, WINDOW));
        JsonNode out = json(screens.get("/visits/" + visit.id() + "/place.geojson"));
        assertThat(out.get("type").asString()).isEqualTo("FeatureCollection");
        assertThat(out.get("place").get("latitude").asDouble()).isEqualTo(45.6);
        Visit other = blank(screens);
        screens.send(
                "/visits/" + other.id() + "/place",
                "{\"version\":%d,\"at\":%s,\"features\":%s}"
                        .formatted(other.version(), out.get("place"), out.get("features")));
        assertThat(screens.again(other.id()).drawn())
                .usingRecursiveComparison()
                .isEqualTo(screens.again(visit.id()).drawn());
    }

    @Test
    void shadowsComeByTheQuarterHourAndASpotTellsWhatTakesItsSun(RunningApp app) {
        Screens screens = Screens.of(app);
        Visit visit = blank(screens);
        screens.send("/visits/" + visit.id() + "/place", body(visit.version(), HOUSE, BED));
        JsonNode day = json(screens.get("/visits/" + visit.id() + "/place/shadows.json?month=6"));
        assertThat(day.get("frames").size()).isBetween(50, 62);
        assertThat(day.get("frames").get(0).get("solid").asString()).startsWith("M");
        JsonNode why = json(screens.get("/visits/" + visit.id() + "/place/why.json?x=8.4&y=4&month=6"));
        assertThat(why.get("title").asString()).contains("h of sun here");
        assertThat(why.get("told").toString()).contains("Sun until", "In the shade of the house from");
        assertThat(screens.get("/visits/" + visit.id() + "/place/shadows.json?month=13"))
                .hasStatus(400);
        assertThat(screens.get("/visits/" + visit.id() + "/place/why.json?x=NaN&y=4&month=6"))
                .hasStatus(400);
    }

    @Test
    void hoursTickedFromMemoryBecomeTheSites(RunningApp app) {
        Screens screens = Screens.of(app);
        Visit visit = blank(screens);
        String morning = "8|9|10|11";
        MvcTestResult kept = screens.post(
                "/visits/" + visit.id() + "/sun", Map.of("m3", morning, "m6", morning, "m9", morning, "use", "true"));
        assertThat(kept.getResponse().getRedirectedUrl()).endsWith("/shortlist");
        Visit after = screens.again(visit.id());
        assertThat(after.question().site().light().sunHours()).isBetween(3.6, 4.0);
        assertThat(Screens.kept(after, "site.sunBias")).isEqualTo("morning");
        assertThat(text(screens.get("/visits/" + visit.id() + "/sun"))).contains("before and", "checked");
    }

    @Test
    void aLoggersFileIsReadAndTheSimulatedOneAgreesWithTheDrawing(RunningApp app) {
        Screens screens = Screens.of(app);
        Visit visit = blank(screens);
        screens.send("/visits/" + visit.id() + "/place", body(visit.version(), HOUSE, BED));
        String file = text(screens.get("/visits/" + visit.id() + "/sun/simulated-log.csv"));
        assertThat(file).startsWith("time,lux");
        JsonNode why = json(screens.get("/visits/" + visit.id() + "/place/why.json?x=8.35&y=4&month=6"));
        double drawn = Double.parseDouble(why.get("title").asString().replaceAll(".*: ([0-9.]+) h.*", "$1"));
        assertThat(screens.upload("/visits/" + visit.id() + "/sun/log", "log.csv", file.getBytes(), Map.of()))
                .hasStatus3xxRedirection();
        assertThat(screens.again(visit.id()).question().site().light().sunHours())
                .isBetween(drawn - 0.5, drawn + 0.5);
        assertThat(screens.again(visit.id())
                        .from(SiteFields.SUN_HOURS)
                        .orElseThrow()
                        .kind())
                .isEqualTo(Provenance.Kind.MEASURED);
        MvcTestResult refused = screens.upload(
                "/visits/" + visit.id() + "/sun/log",
                "log.csv",
                "time,lux\n2026-06-15T10:00,bright\nnoon,5\n".getBytes(),
                Map.of());
        assertThat(refused).hasStatus(422);
        assertThat(text(refused)).contains("Line 2, lux", "Line 3, time");
    }

    @Test
    void theCardTellsWhatIsWorthFindingOut(RunningApp app) {
        Screens screens = Screens.of(app);
        Map<String, String> answers = Map.of("site.zone", "6b", "site.sunHours", "4", "site.texture", "loam");
        Visit visit = screens.visit(answers);
        Map<String, String> form = new HashMap<>(answers);
        form.putAll(Map.of("place", "Half known", "guess.sunHours", "yes", "version", "1"));
        assertThat(screens.post("/visits/" + visit.id() + "/site", form)).hasStatus3xxRedirection();
        String card = text(screens.get("/visits/" + visit.id() + "/card"));
        assertThat(card).contains("Knowing the hours of sun would settle", "pH not known", "not known", "guessed");
    }
}
