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

/** One truth: how a plant looks and grows at a place, and that the calls say the same of it. */
@ExtendWith(RunningApp.class)
class LookApiTest {

    private static final String SITE =
            "{\"zone\":\"6b\",\"sunHours\":%s,\"ph\":%s,\"latitude\":%s,\"horizonYears\":5,\"maxHeightM\":2,\"depthM\":2}";

    private static JsonNode look(RunningApp app, String id, String site) {
        return app.post("/api/v1/look", "{\"id\":\"" + id + "\",\"year\":5,\"site\":" + site + "}")
                .json();
    }

    @Test
    void aBigleafHydrangeaIsBlueInAcidSoilAndPinkInAlkaline(RunningApp app) {
        List<String> plants = new ArrayList<>();
        app.get("/api/v1/catalogue/export.json").json().forEach(plant -> {
            if (plant.path("botanical").asText().startsWith("Hydrangea macrophylla")
                    && !plant.path("flower_colours").asText().startsWith("white")) {
                plants.add(plant.get("id").asText());
            }
        });
        assertThat(plants).isNotEmpty();
        String acid = flower(look(app, plants.get(0), SITE.formatted(5, 5.0, 45)), 7);
        String alkaline = flower(look(app, plants.get(0), SITE.formatted(5, 7.2, 45)), 7);
        assertThat(acid).isEqualTo("#6f8fd0");
        assertThat(alkaline).isEqualTo("#e79ab8");
    }

    private static String flower(JsonNode look, int month) {
        return look.get("months").get(month - 1).get("flower").get(0).asText();
    }

    @Test
    void theSouthIsTheNorthHalfAYearOn(RunningApp app) {
        JsonNode north = look(app, "spiraea-oarlock", SITE.formatted(6, 6.5, 45));
        JsonNode south = look(app, "spiraea-oarlock", SITE.formatted(6, 6.5, -45));
        assertThat(south.get("weeksInFlower")).isEqualTo(north.get("weeksInFlower"));
        assertThat(north.get("months").get(0).get("heightM").asDouble()).isPositive();
        assertThat(north.get("months").get(6).get("inFlower").asDouble()).isPositive();
        assertThat(south.get("months").get(0).get("inFlower").asDouble()).isPositive();
        assertThat(south.get("months").get(6).get("inFlower").asDouble()).isZero();
    }

    /** What one call says of size and colour at a place, all say. */
    @ParameterizedTest(name = "{0}")
    @CsvSource({
        "spiraea-oarlock",
        "clematis-halyard-blue",
        "buddleja-wharf-cat",
        "hosta-tureen",
        "hydrangea-cleat-hitch"
    })
    void allCallsSayTheSame(String id, RunningApp app) {
        String site = SITE.formatted(3, 6.5, 45);
        double grown = app.post("/api/v1/growth", "{\"id\":\"" + id + "\",\"years\":[5],\"sunHours\":3}")
                .json()
                .at("/years/0/heightInFlower/mid")
                .asDouble();
        JsonNode compared = app.post(
                        "/api/v1/compare",
                        "{\"ids\":[\"" + id + "\",\"spiraea-sugar-bowl-lane\"],\"years\":[5],\"site\":" + site + "}")
                .json()
                .get("plants")
                .get(0);
        assertThat(compared.at("/sizes/0/heightInFlower/mid").asDouble()).isCloseTo(grown, within(1e-9));
        JsonNode look = look(app, id, site);
        double tallest = 0;
        for (int month = 0; month < 12; month++) {
            JsonNode there = compared.at("/months/" + month);
            JsonNode here = look.at("/months/" + month);
            tallest = Math.max(tallest, here.get("heightM").asDouble());
            String leaf = there.get("leaves").isEmpty()
                    ? null
                    : there.get("leaves").get(0).asText();
            assertThat(here.get("leaf").isNull()).isEqualTo(leaf == null);
            if (leaf != null) {
                assertThat(leaf)
                        .isEqualTo(
                                here.get("leafName").asText() + here.get("leaf").asText());
            }
        }
        assertThat(tallest).isCloseTo(grown, within(0.05 * grown));
    }

    @Test
    void onlyTheMonthsAskedFor(RunningApp app) {
        JsonNode look = app.post("/api/v1/look", "{\"id\":\"spiraea-oarlock\",\"months\":[7,1]}")
                .json();
        assertThat(look.get("months"))
                .extracting(month -> month.get("month").asInt())
                .containsExactly(7, 1);
        assertThat(look.get("bloom").get(0).get("from").asText()).matches("\\d\\d-\\d\\d");
    }

    @Test
    void aHeightBoughtStopsAtWhatItIsSoldAt(RunningApp app) {
        JsonNode tall = app.post("/api/v1/growth", "{\"id\":\"spiraea-oarlock\",\"years\":[0,10],\"potHeightM\":1}")
                .json();
        assertThat(tall.get("soldAtM").asDouble()).isCloseTo(0.6, within(1e-9));
        assertThat(tall.at("/years/0/height/mid").asDouble()).isCloseTo(0.6, within(1e-9));
        assertThat(app.post("/api/v1/growth", "{\"id\":\"spiraea-oarlock\",\"potHeightM\":0.3}")
                        .json()
                        .get("soldAtM")
                        .isNull())
                .isTrue();
    }

    @Test
    void cutBackItReachesItsLabelEachSeason(RunningApp app) {
        String ask = "{\"id\":\"buddleja-wharf-cat\",\"years\":[1,3,20],\"cutBack\":%s}";
        JsonNode cut = app.post("/api/v1/growth", ask.formatted(true)).json();
        JsonNode free = app.post("/api/v1/growth", ask.formatted(false)).json();
        assertThat(cut.get("cutBack").asBoolean()).isTrue();
        assertThat(cut.at("/years/1/height/mid").asDouble()).isGreaterThan(1.25);
        assertThat(cut.at("/years/2/height/mid").asDouble()).isCloseTo(1.35, within(0.01));
        assertThat(free.at("/years/2/height/mid").asDouble()).isGreaterThan(1.4);
    }

    @ParameterizedTest(name = "{0}: at {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "{}                                                | id",
                "{\"id\":\"no-such\"}                              | id",
                "{\"id\":\"spiraea-oarlock\",\"months\":[0]}       | months[0]",
                "{\"id\":\"spiraea-oarlock\",\"months\":[1,13]}    | months[1]",
                "{\"id\":\"spiraea-oarlock\",\"months\":[2.5]}     | months[0]",
                "{\"id\":\"spiraea-oarlock\",\"year\":-1}          | year",
                "{\"id\":\"spiraea-oarlock\",\"site\":{\"sunHours\":25}} | site.sunHours"
            })
    void whatIsOutOfRangeIsRefusedAtItsField(String body, String field, RunningApp app) {
        var answer = app.post("/api/v1/look", body);
        assertThat(answer.status()).isIn(400, 422);
        assertThat(answer.json().get("errors"))
                .extracting(error -> error.get("field").asText())
                .contains(field);
    }
}
