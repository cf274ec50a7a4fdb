package org.yellowfit.app.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yellowfit.app.RunningApp;
import org.yellowfit.core.climate.MadeUpStation;
import tools.jackson.databind.JsonNode;

/** Light, climate and soil as other programs call them. */
@ExtendWith(RunningApp.class)
class SiteApiTest {

    private static final String STUDY = """
            {"latitude": 45.6, "longitude": -61.4, "utcOffsetHours": -4, "northDegrees": 0, "months": [4,5,6,7,8,9], "stepMinutes": 10, "cellM": 0.5, "atHeightM": 0.0,
             "bed": [[0,0],[6,0],[6,1.5],[0,1.5]],
             "obstacles": [{"kind": "block", "outline": [[0,1.5],[6,1.5],[6,5],[0,5]], "heightM": 5},
                           {"kind": "wall", "line": [[0,0],[6,0]], "heightM": 1.8},
                           {"kind": "tree", "at": [8,-2], "heightM": 9, "crownRadiusM": 3, "crownBaseM": 2, "foliage": "deciduous", "leafOnMonths": [5,6,7,8,9,10]},
                           {"kind": "roof", "outline": [[0,0],[6,0],[6,1.5],[0,1.5]], "undersideM": 2.6}]}""";

    @Test
    void aStudyGivesCellsMonthsAndPatches(RunningApp app) {
        RunningApp.Answer answer = app.post("/api/v1/light/study", STUDY);
        assertThat(answer.status()).as(answer.body()).isEqualTo(200);
        JsonNode cells = answer.json().get("cells");
        assertThat(cells.size()).isEqualTo(36);
        assertThat(cells.get(0).get("x").asDouble()).isEqualTo(0.25);
        assertThat(answer.json().get("byMonth").propertyNames())
                .containsExactlyInAnyOrder("4", "5", "6", "7", "8", "9");
        double mean = 0;
        for (String month : answer.json().get("byMonth").propertyNames()) {
            mean += answer.json().get("byMonth").get(month).get(5).asDouble() / 6;
        }
        JsonNode sixth = cells.get(5);
        assertThat(mean).isCloseTo(sixth.get("hours").asDouble(), within(1e-3));
        assertThat(sixth.get("morning").asDouble() + sixth.get("afternoon").asDouble())
                .isCloseTo(sixth.get("hours").asDouble(), within(2e-4));
        JsonNode patch = answer.json().get("patches").get(0);
        assertThat(patch.propertyNames()).contains("class", "bias", "areaM2", "outline");
        assertThat(patch.get("class").asString()).isIn("full-sun", "part", "shade", "deep-shade");
        double area = 0;
        for (JsonNode each : answer.json().get("patches")) {
            area += each.get("areaM2").asDouble();
        }
        assertThat(area).isCloseTo(9, within(1e-3));
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            value = {
                "\"latitude\": 45.6 ; \"latitude\": 145.6                     | latitude",
                "\"bed\": [[0,0],[6,0],[6,1.5],[0,1.5]] ; \"bed\": [[0,0],[1,1],[1,0],[0,1]] | bed",
                "\"bed\": [[0,0],[6,0],[6,1.5],[0,1.5]] ; \"bed\": 7           | bed",
                "\"cellM\": 0.5 ; \"cellM\": 0                                 | cellM",
                "\"months\": [4,5,6,7,8,9] ; \"months\": [4,13]                | months[1]",
                "\"heightM\": 5} ; \"heightM\": -5}                            | obstacles[0].heightM",
                "\"kind\": \"roof\" ; \"kind\": \"rof\"                        | obstacles[3].kind",
                "\"at\": [8,-2] ; \"at\": [8]                                  | obstacles[2].at",
                "\"crownBaseM\": 2 ; \"crownBaseM\": 12                        | obstacles[2].crownBaseM"
            })
    void everyWrongFieldIsNamed(String change, String field, RunningApp app) {
        String[] parts = change.split(" ; ");
        RunningApp.Answer answer = app.post("/api/v1/light/study", STUDY.replace(parts[0], parts[1]));
        assertThat(answer.status()).as(answer.body()).isEqualTo(422);
        assertThat(answer.json().get("errors").toString()).contains("\"" + field + "\"");
    }

    @Test
    void tenThousandObstaclesAndAMissingBodyAreRefused(RunningApp app) {
        String wall = "{\"kind\":\"wall\",\"line\":[[0,0],[1,0]],\"heightM\":1}";
        RunningApp.Answer many = app.post(
                "/api/v1/light/study",
                "{\"latitude\":45,\"longitude\":0,\"bed\":[[0,0],[1,0],[1,1]],\"obstacles\":["
                        + (wall + ",").repeat(9999) + wall + "]}");
        assertThat(many.status()).isEqualTo(422);
        assertThat(many.body()).contains("at most 500 obstacles; here are 10000");
        assertThat(app.post("/api/v1/light/study", "null").status()).isEqualTo(400);
    }

    @Test
    void aStationsRecordIsRead(RunningApp app) {
        RunningApp.Answer answer =
                app.post("/api/v1/climate/station?latitude=45.6", "text/csv", MadeUpStation.HARBOUR.csv(1995, 2024));
        assertThat(answer.status()).as(answer.body()).isEqualTo(200);
        assertThat(answer.json().get("zone").asString()).isEqualTo("6b");
        assertThat(answer.json().get("wintersUsed").asInt()).isEqualTo(29);
        assertThat(answer.json().get("lastSpringFrost").get("p50").asString()).matches("0[45]-\\d\\d");
        assertThat(answer.json().get("degreeDaysByMonth").size()).isEqualTo(12);
        assertThat(answer.json().get("hotSummer").asBoolean()).isFalse();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "?latitude=45 | date,tmin,tmax;2001-01-01,5,2 | tmin",
                "?latitude=45 | nothing | date",
                "'' | date,tmin,tmax;2001-01-01,1,2 | latitude",
                "?latitude=450 | date,tmin,tmax | latitude"
            })
    void anUnusableRecordIsRefused(String query, String file, String named, RunningApp app) {
        RunningApp.Answer answer = app.post("/api/v1/climate/station" + query, "text/csv", file.replace(';', '\n'));
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.body()).contains("\"" + named + "\"");
    }

    @Test
    void amendmentsComeAsVolumesAndRates(RunningApp app) {
        RunningApp.Answer answer = app.post(
                "/api/v1/soil/amend", "{\"texture\":\"loam\",\"ph\":7.5,\"targetPh\":6.5,\"area\":10,\"depth\":0.15}");
        assertThat(answer.status()).as(answer.body()).isEqualTo(200);
        assertThat(answer.json().get("sulfurKg").asDouble()).isEqualTo(1.0);
        assertThat(answer.json().get("advice").toString()).contains("laboratory");
        assertThat(app.post("/api/v1/soil/amend", "{\"texture\":\"lome\",\"area\":-1}")
                        .body())
                .contains("\"texture\"", "loam", "\"area\"");
        assertThat(app.post("/api/v1/soil/amend", "{\"targetPh\":5,\"area\":1}").body())
                .contains("\"ph\"");
        assertThat(app.post("/api/v1/soil/texture", "{\"layersMm\":[40,40,20]}")
                        .json()
                        .get("texture")
                        .asString())
                .isEqualTo("loam");
    }
}
