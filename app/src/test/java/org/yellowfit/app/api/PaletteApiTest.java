package org.yellowfit.app.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yellowfit.app.RunningApp;
import tools.jackson.databind.JsonNode;

/** Judging and suggesting plantings, as other programs call it. */
@ExtendWith(RunningApp.class)
class PaletteApiTest {

    private static final String PATCH =
            "\"patches\": [{\"name\": \"A\", \"areaM2\": 12, \"depthM\": 2, \"site\": {\"zone\": \"6b\", \"sunHours\": 6}}]";
    private static final String AIMS =
            "\"aims\": {\"months\": [5, 6, 7, 8, 9], \"evergreenShare\": 0.3, \"layers\": [\"back\", \"middle\", \"front\"]}";

    private static JsonNode ask(RunningApp app, String call, String body) {
        RunningApp.Answer answer = app.post("/api/v1/palette/" + call, body);
        assertThat(answer.status()).as(answer.body()).isEqualTo(200);
        return answer.json();
    }

    @Test
    void whatIsSuggestedIsJudgedTheSame(RunningApp app) {
        JsonNode found = ask(app, "suggest", "{" + PATCH + ", " + AIMS + ", \"seconds\": 0.4}");
        JsonNode best = found.get("best");
        assertThat(found.get("nothing").isNull()).isTrue();
        assertThat(best.get("breaks").size()).isZero();
        assertThat(found.get("bound").asDouble())
                .isGreaterThanOrEqualTo(best.get("score").asDouble());
        assertThat(found.get("gap").asDouble())
                .isEqualTo(found.get("bound").asDouble() - best.get("score").asDouble(), within(1e-9));
        assertThat(found.get("others").size()).isLessThanOrEqualTo(2);
        List<String> plants = new ArrayList<>();
        double area = 0;
        for (JsonNode each : best.get("plants")) {
            plants.add("{\"id\": \"" + each.get("id").asString() + "\", \"patch\": \"A\"}");
            area += each.get("areaM2").asDouble();
            assertThat(each.get("for").asString()).isNotBlank();
        }
        assertThat(area).isEqualTo(12, within(1e-6));
        JsonNode judged = ask(app, "judge", "{" + PATCH + ", " + AIMS + ", \"plants\": " + plants + "}");
        assertThat(judged.get("score").asDouble()).isEqualTo(best.get("score").asDouble());
        assertThat(judged.get("parts").get("colour").isNull()).isTrue();
        assertThat(judged.get("months").size()).isEqualTo(12);
    }

    @Test
    void whatWasChosenStays(RunningApp app) {
        JsonNode found =
                ask(app, "suggest", "{" + PATCH + ", " + AIMS + ", \"keep\": [\"spiraea-oarlock\"], \"seconds\": 0.3}");
        assertThat(found.get("best").get("plants").toString()).contains("spiraea-oarlock");
    }

    @Test
    void aimsThatCannotBeMetSayWhatToGiveUp(RunningApp app) {
        JsonNode found = ask(app, "suggest", "{" + PATCH + ", \"aims\": {\"budget\": 1}, \"seconds\": 0.2}");
        assertThat(found.get("best").isNull()).isTrue();
        assertThat(found.get("nothing").get("giveUp").toString()).contains("to spend there is one");
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = ';',
            value = {
                "{}; patches",
                "{\"patches\": [{\"name\": \"A\", \"areaM2\": 0}]}; patches[0].areaM2",
                "{\"patches\": [{\"name\": \"A\"}]}; patches[0].areaM2",
                "{\"patches\": [7]}; patches[0]",
                "{\"patches\": [{\"areaM2\": 5, \"site\": {\"zone\": \"99z\"}}]}; patches[0].site.zone",
                "{\"patches\": [{\"areaM2\": 5}], \"aims\": {\"scheme\": \"rainbow\"}}; aims.scheme",
                "{\"patches\": [{\"areaM2\": 5}], \"aims\": {\"kinds\": [7, 3]}}; aims.kinds",
                "{\"patches\": [{\"areaM2\": 5}], \"aims\": {\"background\": \"fog\"}}; aims.background",
                "{\"patches\": [{\"areaM2\": 5}], \"plants\": [{\"id\": \"no-such\"}]}; plants[0].id",
                "{\"patches\": [{\"areaM2\": 5}], \"plants\": [{\"id\": \"spiraea-oarlock\", \"count\": 10001}]}; plants[0].count",
                "{\"patches\": [{\"areaM2\": 5}], \"plants\": [{\"id\": \"spiraea-oarlock\", \"patch\": \"B\"}]}; plants[0].patch",
                "{\"patches\": [{\"areaM2\": 5}], \"seconds\": 100}; seconds",
            })
    void badInputIsToldAtItsField(String body, String field, RunningApp app) {
        RunningApp.Answer answer = app.post("/api/v1/palette/suggest", body);
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.json().get("errors").get(0).get("field").asString()).isEqualTo(field);
    }
}
