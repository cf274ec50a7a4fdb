package org.yellowfit.app.api;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URI;
import java.net.http.HttpRequest;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.yellowfit.app.RunningApp;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningApp.class)
class FitApiTest {

    private static final String WHOLE = """
            {"site": {"zone": "6b", "sunHours": 4.5, "hotHours": 1.0, "reflectedHeat": false, "hotSummer": false, "texture": "clay loam", "drainage": "slow",
              "ph": 6.8, "moisture": 3, "sheltered": false, "frostPocket": false, "exposure": ["wind"], "deer": "some", "rabbits": "none", "children": true,
              "pets": false, "strictlyNoHazards": false, "container": false, "depthM": 0.9, "lengthM": 5.5, "maxHeightM": 0.9, "horizonYears": 10,
              "plantingDate": "2026-05-10", "firstFrost": "2026-10-12"},
             "wants": {"kinds": ["perennial", "shrub"], "bloomMonths": [7]}, "policy": "standard", "limit": 20}""";

    @Test
    void aWholeQuestionIsAnsweredWithReasons(RunningApp app) {
        RunningApp.Answer answer = app.post("/api/v1/fit", WHOLE);
        assertThat(answer.status()).as(answer.body()).isEqualTo(200);
        assertThat(answer.json().get("considered").asInt()).isGreaterThanOrEqualTo(60);
        JsonNode best = answer.json().get("candidates").get(0);
        assertThat(best.propertyNames())
                .contains("id", "name", "verdict", "score", "confidence", "limiting", "criteria");
        List<String> limiting = new ArrayList<>();
        best.get("criteria").forEach(c -> {
            assertThat(c.propertyNames())
                    .contains("criterion", "verdict", "score", "site", "plant", "rule", "why", "remedies");
            limiting.add(c.get("criterion").asString());
        });
        assertThat(best.get("limiting").isNull()
                        || limiting.contains(best.get("limiting").asString()))
                .isTrue();
        answer.json()
                .get("candidates")
                .forEach(c -> assertThat(c.get("verdict").asString()).isIn("fits", "fits-if"));
    }

    /**
     * The purpose: services, merit order in steps, the first five, what to ask next, and what is said when
     * nothing serves.
     */
    @Test
    void aPurposeIsAnsweredToo(RunningApp app) {
        RunningApp.Answer answer = app.post("/api/v1/fit", """
                {"site": {"zone": "6b", "sunHours": 5, "moisture": [2, 4], "depthM": 0.8, "lengthM": 6, "slopePercent": 3, "roots": false},
                 "wants": {"jobs": [{"job": "hedge", "clipped": true, "heightM": 0.5, "byYear": 4}], "evergreen": true, "heightM": [0.4, 2],
                  "spreadM": [0.3, 2], "habits": ["mound", "columnar"], "neverGenera": ["Buxus"], "importance": {"evergreen": "must", "hedge": "much", "habits": "some"}}}""");
        assertThat(answer.status()).as(answer.body()).isEqualTo(200);
        JsonNode best = answer.json().get("candidates").get(0);
        assertThat(best.get("utility").asDouble()).isEqualTo(best.get("serve").asDouble());
        assertThat(best.get("live").asString()).isEqualTo("fits");
        assertThat(best.get("step").asInt()).isEqualTo(1);
        List<String> wants = new ArrayList<>();
        best.get("services").forEach(service -> wants.add(service.get("want").asString()));
        assertThat(wants).containsExactly("hedge", "evergreen", "habits", "heightM", "spreadM");
        assertThat(best.get("services").get(0).get("why").asString())
                .contains("takes hard clipping", "50 cm in year 4");
        List<String> as = new ArrayList<>();
        answer.json().get("first").forEach(first -> {
            as.add(first.get("as").asString());
            assertThat(first.get("id").asString()).doesNotStartWith("buxus");
        });
        assertThat(as).containsExactly("best", "least-work", "longest-show", "cheapest", "unlike");
        assertThat(answer.json().get("questions").get(0).propertyNames()).contains("field", "ask", "changes");
        assertThat(answer.json().get("nothingServes").isNull()).isTrue();
        JsonNode none = app.post(
                        "/api/v1/fit",
                        "{\"wants\":{\"jobs\":[{\"job\":\"climb\",\"supportHeightM\":25,\"byYear\":1}],\"must\":[\"climb\"]}}")
                .json()
                .get("nothingServes");
        assertThat(none.get("why").asString()).isNotBlank();
        assertThat(none.get("opens").get(0).get("plants").asInt()).isPositive();
    }

    @Test
    void whyNotThisOneIsAnsweredWhateverItsVerdict(RunningApp app) {
        RunningApp.Answer answer = app.post(
                "/api/v1/fit", "{\"site\":{\"zone\":\"6b\",\"maxHeightM\":0.9},\"only\":[\"hydrangea-bilge-pump\"]}");
        JsonNode only = answer.json().get("candidates").get(0);
        assertThat(only.get("verdict").asString()).isEqualTo("no");
        assertThat(only.get("limiting").asString()).isEqualTo("height");
        assertThat(only.get("instead").get("id").asString()).isNotBlank();
    }

    @Test
    void plantsThatDoNotFitComeOnlyWhenAskedFor(RunningApp app) {
        int some = app.post("/api/v1/fit", "{\"site\":{\"zone\":\"2a\"},\"limit\":500}")
                .json()
                .get("candidates")
                .size();
        int all = app.post("/api/v1/fit", "{\"site\":{\"zone\":\"2a\"},\"limit\":500,\"includeNo\":true}")
                .json()
                .get("candidates")
                .size();
        assertThat(some).isLessThan(all);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            quoteCharacter = '`',
            value = {
                "{\"site\":{\"sunHours\":-1}}; site.sunHours",
                "{\"site\":{\"ph\":11}}; site.ph",
                "{\"limit\":0}; limit",
                "{\"wants\":{\"jobs\":[{\"job\":\"hedge\"}]}}; wants.jobs[0].heightM",
                "{\"wants\":{\"jobs\":[{\"job\":\"hegde\",\"heightM\":1}]}}; wants.jobs[0].job",
                "{\"wants\":{\"jobs\":[{\"job\":\"edging\",\"colour\":\"red\"}]}}; wants.jobs[0].colour",
                "{\"wants\":{\"jobs\":[{\"job\":\"cut\",\"months\":[13]}]}}; wants.jobs[0].months[0]",
                "{\"wants\":{\"jobs\":[7]}}; wants.jobs[0].job",
                "{\"wants\":{\"importance\":{\"evergreen\":\"very\"}}}; wants.importance.evergreen",
                "{\"wants\":{\"importance\":{\"sun\":\"must\"}}}; wants.importance.sun",
                "{\"wants\":{\"like\":{\"id\":\"no-such-plant\"}}}; wants.like.id",
                "{\"wants\":{\"like\":{\"but\":[\"smaller\"]}}}; wants.like.id",
                "{\"wants\":{\"instead\":\"no-such-plant\"}}; wants.instead",
                "{\"wants\":{\"heightM\":[2,1]}}; wants.heightM",
                "{\"wants\":{\"neverGenera\":[\"B4\"]}}; wants.neverGenera[0]",
                "{\"site\":{\"moisture\":[4,2]}}; site.moistureTo",
                "{\"limit\":501}; limit",
                "{\"limit\":2.5}; limit",
                "{\"policy\":\"wild\"}; policy",
                "{\"site\":{\"zone\":\"16\"}}; site.zone",
                "{\"site\":[]}; site",
                "{\"wants\":\"gold\"}; wants",
                "{\"only\":[\"no-such-plant\"]}; only[0]",
                "{\"wants\":{\"kinds\":[\"bush\"]}}; wants.kinds[0]",
                "{\"site\":{\"exposure\":[\"rain\"]}}; site.exposure[0]",
                "{\"includeNo\":\"perhaps\"}; includeNo",
                "{\"site\":{\"sunHours\":{}}}; site.sunHours"
            })
    void aWrongValueIsRefusedAtItsField(String body, String field, RunningApp app) {
        RunningApp.Answer answer = app.post("/api/v1/fit", body);
        assertThat(answer.status()).as(answer.body()).isEqualTo(422);
        assertThat(answer.headers().get("Content-Type")).contains("application/problem+json");
        assertThat(answer.json().get("errors").get(0).get("field").asString()).isEqualTo(field);
        assertThat(answer.json().get("errors").get(0).get("message").asString()).isNotBlank();
    }

    @Test
    void everyProblemIsListed(RunningApp app) {
        assertThat(app.post("/api/v1/fit", "{\"site\":{\"ph\":1,\"zone\":\"x\"},\"limit\":0}")
                        .json()
                        .get("errors")
                        .size())
                .isEqualTo(3);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "null", "[]", "3", "\"text\"", "{", "{\"site\":}", "{\"site\":{\"sunHours\":NaN}}"})
    void anUnreadableRequestIsAProblemDocument(String body, RunningApp app) {
        for (String path : List.of("/fit", "/growth", "/spacing", "/compare", "/substitutes", "/soil/texture")) {
            RunningApp.Answer answer = app.post("/api/v1" + path, body);
            assertThat(answer.status()).as(path + " " + answer.body()).isEqualTo(400);
            assertThat(answer.json().has("errors")).isTrue();
        }
    }

    @Test
    void theEmptyQuestionIsAQuestion(RunningApp app) {
        assertThat(app.post("/api/v1/fit", "{}").json().get("candidates").size())
                .isEqualTo(20);
        assertThat(app.post("/api/v1/fit", "{\"site\":{\"lattitude\":3}}")
                        .json()
                        .get("ignored")
                        .get(0)
                        .asString())
                .isEqualTo("site.lattitude");
    }

    @Test
    void withoutATokenNobodyIsServed(RunningApp app) {
        RunningApp.Answer answer =
                app.send(HttpRequest.newBuilder(URI.create(app.url() + "/api/v1/catalogue/export.csv"))
                        .GET());
        assertThat(answer.status()).isEqualTo(401);
        assertThat(answer.headers().get("Content-Type")).contains("application/problem+json");
        assertThat(app.send(HttpRequest.newBuilder(URI.create(app.url() + "/api/v1/fit"))
                                .header("Authorization", "Bearer wrong")
                                .GET())
                        .status())
                .isEqualTo(401);
    }

    @Test
    void wrongMethodsAndAddressesAreProblems(RunningApp app) {
        assertThat(app.get("/api/v1/fit").status()).isEqualTo(405);
        assertThat(app.get("/api/v1/cultivars/none").status()).isEqualTo(404);
        assertThat(app.get("/api/v1/cultivars/spiraea-oarlock")
                        .json()
                        .get("traits")
                        .get("ph")
                        .asString())
                .isEqualTo("5.5..7.5");
    }

    @Test
    void growthSpacingTextureSubstitutesAndComparisonsAreServed(RunningApp app) {
        JsonNode grown = app.post("/api/v1/growth", "{\"id\":\"spiraea-oarlock\",\"years\":[1,10]}")
                .json()
                .get("years");
        assertThat(grown.get(1).get("height").get("mid").asDouble()).isEqualTo(0.6);
        JsonNode spaced = app.post(
                        "/api/v1/spacing", "{\"areaM2\":4.2,\"ids\":[\"spiraea-oarlock\"],\"school\":\"mature\"}")
                .json()
                .get(0);
        assertThat(spaced.get("count").asInt()).isEqualTo(10);
        assertThat(spaced.get("closedYear").asInt()).isEqualTo(3);
        assertThat(app.post("/api/v1/soil/texture", "{\"layersMm\":[40,40,20]}")
                        .json()
                        .get("texture")
                        .asString())
                .isEqualTo("loam");
        assertThat(app.post("/api/v1/soil/texture", "{\"sand\":50,\"silt\":50,\"clay\":50}")
                        .status())
                .isEqualTo(422);
        JsonNode like = app.post(
                        "/api/v1/substitutes",
                        "{\"id\":\"hydrangea-slipway-light\",\"site\":{\"zone\":\"6b\"},\"limit\":3}")
                .json();
        assertThat(like.size()).isEqualTo(3);
        assertThat(like.get(0).get("id").asString()).startsWith("hydrangea-");
        JsonNode compared = app.post(
                        "/api/v1/compare",
                        "{\"ids\":[\"hydrangea-slipway-light\",\"hydrangea-ferry-bell\"],\"years\":[10]}")
                .json();
        assertThat(compared.get("plants").get(0).get("months").size()).isEqualTo(12);
        assertThat(compared.get("differ").size()).isPositive();
        assertThat(app.post("/api/v1/compare", "{\"ids\":[\"hydrangea-slipway-light\"]}")
                        .status())
                .isEqualTo(422);
    }
}
