package org.yellowfit.app.bed;

import static org.assertj.core.api.Assertions.assertThat;
import static org.yellowfit.app.Screens.text;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import org.yellowfit.app.RunningApp;
import org.yellowfit.app.Screens;
import org.yellowfit.app.takeaway.PlantList;
import org.yellowfit.app.visit.Visit;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A visit's bed: placed, changed plant by plant by one and by two, taken back, set out and carried away. */
@ExtendWith(RunningApp.class)
class BedScreensTest {

    private static final String PLANT = "geranium-keelson";

    private static Visit visit(Screens screens) {
        return screens.visit(Map.of(
                "place", "By the quay",
                "site.zone", "6b",
                "site.sunHours", "6",
                "site.depthM", "2",
                "site.lengthM", "6",
                "planting.areaM2", "12",
                "planting.plants", PLANT + ":5|spiraea-oarlock:3"));
    }

    private static JsonNode json(MvcTestResult result, int status) {
        assertThat(result).hasStatus(status);
        return JsonMapper.shared().readTree(text(result));
    }

    private static String path(Visit visit, String what) {
        return "/visits/" + visit.id() + "/bed" + what;
    }

    private static JsonNode step(Screens screens, Visit visit, String changes) {
        return json(screens.send(path(visit, "/steps"), "{\"changes\": [" + changes + "]}"), 200);
    }

    private static String plant(String uid, double x, double y) {
        return "{\"uid\": \"%s\", \"id\": \"%s\", \"x\": %s, \"y\": %s, \"group\": 0, \"locked\": false}"
                .formatted(uid, PLANT, x, y);
    }

    /** Where each stands, by its own name. */
    private static Map<String, String> places(JsonNode answer) {
        Map<String, String> places = new TreeMap<>();
        answer.get("state")
                .get("plants")
                .forEach(each -> places.put(
                        each.get("uid").asString(),
                        each.get("x").asDouble() + " " + each.get("y").asDouble()));
        return places;
    }

    @Test
    void theWholePlantingIsPlacedAndCountedOntoTheList(RunningApp app) {
        Screens screens = Screens.of(app);
        Visit visit = visit(screens);
        assertThat(text(screens.get(path(visit, ""))))
                .contains("Place the planting", "id=\"given\"", "spiraea-oarlock");
        JsonNode placed = json(screens.send(path(visit, "/place"), "{\"seed\": 3}"), 200);
        assertThat(placed.get("state").get("plants").size()).isEqualTo(8);
        assertThat(placed.get("left").size()).isZero();
        assertThat(placed.get("years").size()).isEqualTo(31);
        assertThat(placed.get("years").get(10).get("troubles").size()).isZero();
        assertThat(placed.get("years").get(10).get("coverage").asDouble()).isGreaterThan(0.1);
        assertThat(counts(app, visit)).isEqualTo(Map.of(PLANT, 5, "spiraea-oarlock", 3));
        String one = placed.get("state").get("plants").get(0).get("uid").asString();
        String kind = placed.get("state").get("plants").get(0).get("id").asString();
        step(screens, visit, "{\"uid\": \"" + one + "\", \"gone\": true}");
        assertThat(counts(app, visit).get(kind)).isEqualTo(kind.equals(PLANT) ? 4 : 2);
        json(screens.send(path(visit, "/undo"), "{}"), 200);
        assertThat(counts(app, visit)).isEqualTo(Map.of(PLANT, 5, "spiraea-oarlock", 3));
        assertThat(text(screens.get("/visits/" + visit.id() + "/list"))).doesNotContain("in the bed.");
        app.bean(PlantList.class).take(visit.id(), Map.of(PLANT, 7));
        assertThat(text(screens.get("/visits/" + visit.id() + "/list"))).contains("5 of these stand in the bed.");
    }

    private static Map<String, Integer> counts(RunningApp app, Visit visit) {
        Map<String, Integer> counts = new TreeMap<>();
        app.bean(PlantList.class)
                .of(visit.id())
                .forEach(line -> counts.put(line.plant().id(), line.count().plants()));
        return counts;
    }

    @Test
    void whatIsLockedStaysWhenTheRestIsPlacedAnew(RunningApp app) {
        Screens screens = Screens.of(app);
        Visit visit = visit(screens);
        step(screens, visit, plant("mine", 3, 1).replace("\"locked\": false", "\"locked\": true"));
        JsonNode placed = json(screens.send(path(visit, "/place"), "{}"), 200);
        assertThat(places(placed)).containsEntry("mine", "3.0 1.0").hasSize(8);
    }

    @Test
    void stepsAreTakenBackAndMadeAgainWithoutLimit(RunningApp app) {
        Screens screens = Screens.of(app);
        Visit visit = visit(screens);
        List<Map<String, String>> states = new ArrayList<>();
        for (int i = 0; i < 12; i++) {
            states.add(places(step(screens, visit, plant("a", 1 + i * 0.1, 1))));
        }
        for (int i = 10; i >= 0; i--) {
            assertThat(places(json(screens.send(path(visit, "/undo"), "{}"), 200)))
                    .isEqualTo(states.get(i));
        }
        assertThat(places(json(screens.send(path(visit, "/undo"), "{}"), 200))).isEmpty();
        for (int i = 0; i < 12; i++) {
            JsonNode again = json(screens.send(path(visit, "/redo"), "{}"), 200);
            assertThat(places(again)).isEqualTo(states.get(i));
            assertThat(again.get("state").get("canRedo").asBoolean()).isEqualTo(i < 11);
        }
        json(screens.send(path(visit, "/undo"), "{}"), 200);
        JsonNode anew = step(screens, visit, plant("b", 2, 1));
        assertThat(anew.get("state").get("canRedo").asBoolean()).isFalse();
    }

    @Test
    void twoAdvisorsOnOneBedLoseNothing(RunningApp app) {
        Screens ada = Screens.of(app);
        Screens ben = ada.as(Screens.OTHER);
        Visit visit = visit(ada);
        step(ada, visit, plant("a", 1, 1) + "," + plant("b", 2, 1));
        step(ben, visit, plant("c", 3, 1));
        JsonNode moved = step(ada, visit, plant("a", 1.5, 1.5));
        assertThat(places(moved)).isEqualTo(Map.of("a", "1.5 1.5", "b", "2.0 1.0", "c", "3.0 1.0"));
        // Ben takes back his own step, not Ada's last one.
        assertThat(places(json(ben.send(path(visit, "/undo"), "{}"), 200)))
                .isEqualTo(Map.of("a", "1.5 1.5", "b", "2.0 1.0"));
        // What Ben has moved since stays where he left it when Ada takes her step back.
        step(ben, visit, plant("a", 4, 1));
        assertThat(places(json(ada.send(path(visit, "/undo"), "{}"), 200))).containsEntry("a", "4.0 1.0");
        long version = json(ada.get(path(visit, "/state.json?version=0")), 200)
                .get("state")
                .get("version")
                .asLong();
        assertThat(ada.get(path(visit, "/state.json?version=" + version))).hasStatus(204);
    }

    @Test
    void whatGoesWrongIsToldWithWhatToDo(RunningApp app) {
        Screens screens = Screens.of(app);
        Visit visit = visit(screens);
        JsonNode answer = step(screens, visit, plant("a", 1, 1) + "," + plant("b", 1.1, 1) + "," + plant("c", -2, 1));
        JsonNode troubles = answer.get("years").get(10).get("troubles");
        assertThat(troubles.get(0).get("text").asString()).contains("outside the bed");
        assertThat(troubles.get(0).get("advice").asString()).contains("Bring it back");
        assertThat(troubles.get(0).get("uids").get(0).asString()).isEqualTo("c");
        assertThat(troubles.get(1).get("text").asString()).contains("lap by");
        assertThat(json(screens.get(path(visit, "/years.json")), 200).size()).isEqualTo(31);
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = ';',
            value = {
                "{\"changes\": [{\"uid\": \"a\", \"id\": \"geranium-keelson\", \"x\": 1}]}; Say where it stands",
                "{\"changes\": [{\"uid\": \"a\", \"id\": \"geranium-keelson\", \"x\": 1e9, \"y\": 1}]}; out of range",
                "{\"changes\": [{\"uid\": \"A|b\", \"id\": \"geranium-keelson\", \"x\": 1, \"y\": 1}]}; no proper name",
                "{\"changes\": [{\"id\": \"geranium-keelson\", \"x\": 1, \"y\": 1}]}; no proper name",
                "{\"changes\": [{\"uid\": \"a\", \"id\": \"nobody\", \"x\": 1, \"y\": 1}]}; no cultivar with the id",
                "no json; could not be read"
            })
    void badChangesAreToldAndNothingIsLost(String body, String told, RunningApp app) {
        Screens screens = Screens.of(app);
        Visit visit = visit(screens);
        step(screens, visit, plant("kept", 1, 1));
        JsonNode answer = json(screens.send(path(visit, "/steps"), body), 422);
        assertThat(answer.get("problems").get(0).asString()).contains(told);
        assertThat(places(answer)).containsOnlyKeys("kept");
    }

    @Test
    void moreThanABedTakesIsToldAndNothingIsLost(RunningApp app) {
        Screens screens = Screens.of(app);
        Visit visit = visit(screens);
        List<String> many = new ArrayList<>();
        for (int i = 0; i < 1500; i++) {
            many.add(plant("p" + i, i / 1000.0, 1));
        }
        step(screens, visit, String.join(",", many));
        String more = String.join(",", many.subList(0, 600)).replace("\"p", "\"q");
        JsonNode answer = json(screens.send(path(visit, "/steps"), "{\"changes\": [" + more + "]}"), 422);
        assertThat(answer.get("problems").get(0).asString()).contains("at most 2000 plants");
        assertThat(answer.get("state").get("plants").size()).isEqualTo(1500);
    }

    @Test
    void thePlanToSetOutByNumbersEveryPlantAndMeasuresIt(RunningApp app) {
        Screens screens = Screens.of(app);
        Visit visit = visit(screens);
        assertThat(text(screens.get(path(visit, "/set-out")))).contains("Nothing is planted yet.");
        // The bed is 6 m by 2 m, seen from the south: A is its south-west corner, B its south-east one.
        step(screens, visit, plant("a", 3, 1.6) + "," + plant("b", 0.3, 0.4));
        String page = text(screens.get(path(visit, "/set-out")));
        assertThat(page)
                .contains("the front left corner of the bed", "buried services")
                // 3-4-5: from (0, 0) to (0.3, 0.4) it is half a metre; the one farther back comes first.
                .containsPattern("(?s)<b>1</b>.*A 3\\.40.m.*B 3\\.40.m.*1\\.60.m.*<b>2</b>.*A 0\\.50.m.*0\\.40.m");
        assertThat(text(screens.get("/visits/" + visit.id() + "/bed.svg"))).startsWith("<svg");
    }

    @Test
    void aBedGoesOutAsGeoJsonAndComesBackTheSame(RunningApp app) {
        Screens screens = Screens.of(app);
        Visit visit = visit(screens);
        JsonNode placed = json(screens.send(path(visit, "/place"), "{}"), 200);
        String file = text(screens.get("/visits/" + visit.id() + "/bed.geojson"));
        Visit other = visit(screens);
        assertThat(screens.upload(
                        "/visits/" + other.id() + "/bed.geojson",
                        "file",
                        file.getBytes(StandardCharsets.UTF_8),
                        Map.of()))
                .hasStatus3xxRedirection();
        JsonNode there = json(screens.get(path(other, "/state.json?version=-1")), 200);
        assertThat(places(there).values())
                .containsExactlyInAnyOrderElementsOf(places(placed).values());
        assertThat(counts(app, other)).isEqualTo(Map.of(PLANT, 5, "spiraea-oarlock", 3));
        screens.upload(
                "/visits/" + other.id() + "/bed.geojson", "file", "{}".getBytes(StandardCharsets.UTF_8), Map.of());
        assertThat(places(json(screens.get(path(other, "/state.json?version=-1")), 200)))
                .hasSize(8);
    }

    @Test
    void aPotHasThePictureOfAPot(RunningApp app) {
        Screens screens = Screens.of(app);
        Visit visit = screens.visit(Map.of(
                "place", "Two pots",
                "site.zone", "6b",
                "site.sunHours", "6",
                "site.container", "yes",
                "site.containerL", "60",
                "planting.plants", PLANT + ":3"));
        assertThat(text(screens.get(path(visit, "")))).contains("\"pot\":true");
        JsonNode placed = json(screens.send(path(visit, "/place"), "{}"), 200);
        assertThat(placed.get("state").get("plants").size()).isGreaterThan(0);
    }
}
