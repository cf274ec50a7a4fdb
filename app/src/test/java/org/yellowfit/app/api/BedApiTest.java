package org.yellowfit.app.api;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yellowfit.app.RunningApp;
import tools.jackson.databind.JsonNode;

/** Beds placed and checked, as other programs call it. */
@ExtendWith(RunningApp.class)
class BedApiTest {

    private static final String BED =
            "\"bed\": [[0,0],[9,0],[9,2.5],[0,2.5]], \"seenFrom\": [[0,-1],[9,-1]], \"walls\": [[[0,2.5],[9,2.5]]]";
    private static final String PLANTS =
            "\"plants\": [{\"id\": \"spiraea-oarlock\", \"count\": 3, \"grouping\": \"group\"},"
                    + "{\"id\": \"echinacea-tin-tambour\", \"count\": 9}]";

    private static JsonNode ask(RunningApp app, String call, String body) {
        RunningApp.Answer answer = app.post("/api/v1/bed/" + call, body);
        assertThat(answer.status()).as(answer.body()).isEqualTo(200);
        return answer.json();
    }

    @Test
    void whatIsPlacedIsFineAtTheHorizon(RunningApp app) {
        JsonNode placed = ask(app, "place", "{" + BED + ", " + PLANTS + "}");
        int all = placed.get("placed").size();
        for (JsonNode each : placed.get("unplaced")) {
            all += each.get("count").asInt();
            assertThat(each.get("why").asString()).isNotBlank();
        }
        assertThat(all).isEqualTo(12);
        assertThat(placed.get("coverage").has("10")).isTrue();
        JsonNode checked = ask(
                app,
                "check",
                "{" + BED + ", \"latitude\": 45.6, \"longitude\": -61.4, \"years\": [1, 10], \"placed\": "
                        + placed.get("placed") + "}");
        JsonNode ten = checked.get("years").get(1);
        assertThat(ten.get("overlaps").size()).isZero();
        assertThat(ten.get("outside").size()).isZero();
        assertThat(ten.get("coverage").asDouble())
                .isEqualTo(placed.get("coverage").get("10").asDouble());
        assertThat(ask(app, "place", "{" + BED + ", " + PLANTS + "}")).isEqualTo(placed);
    }

    @Test
    void whatGoesWrongIsSaidWithItsYear(RunningApp app) {
        JsonNode checked = ask(
                app,
                "check",
                "{" + BED + ", \"years\": [0, 5, 10], \"placed\": [{\"id\": \"spiraea-oarlock\", \"x\": 4, \"y\": 1},"
                        + "{\"id\": \"spiraea-oarlock\", \"x\": 4.3, \"y\": 1}]}");
        assertThat(checked.get("firstTrouble").get("text").asString())
                .startsWith("Two of")
                .contains(" lap by ");
    }

    @ParameterizedTest(name = "{1}")
    @CsvSource(
            delimiter = ';',
            value = {
                "place; {\"bed\": [[0,0],[2,2],[2,0],[0,2]], \"plants\": [{\"id\": \"spiraea-oarlock\"}]}; This outline crosses itself.",
                "place; {\"bed\": [[0,0],[2,0],[2,2]], \"plants\": []}; Name at least one plant.",
                "place; {\"bed\": [[0,0],[2,0],[2,\"NaN\"]], \"plants\": [{\"id\": \"spiraea-oarlock\"}]}; A point is two numbers",
                "place; {\"bed\": [[0,0],[1,0],[1,1]], \"plants\": [{\"id\": \"spiraea-oarlock\", \"count\": 2001}]}; out of range",
                "place; {\"bed\": [[0,0],[1,0],[1,1]], \"plants\": [{\"id\": \"nobody\"}]}; no cultivar with the id",
                "check; {\"bed\": [[0,0],[1,0],[1,1]], \"placed\": [{\"id\": \"spiraea-oarlock\", \"x\": 1}]}; Say where it stands",
                "check; {\"bed\": [[0,0],[1,0],[1,1]], \"standing\": [{\"at\": [0,0]}]}; Say how large it is"
            })
    void badInputIsTold(String call, String body, String told, RunningApp app) {
        RunningApp.Answer answer = app.post("/api/v1/bed/" + call, body);
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.body()).contains(told);
    }

    @Test
    void aThousandInASquareMetreAreTold(RunningApp app) {
        JsonNode placed = ask(
                app,
                "place",
                "{\"bed\": [[0,0],[1,0],[1,1],[0,1]], \"plants\": [{\"id\": \"spiraea-oarlock\", \"count\": 1000}]}");
        assertThat(placed.get("unplaced").get(0).get("count").asInt()).isGreaterThan(990);
    }
}
