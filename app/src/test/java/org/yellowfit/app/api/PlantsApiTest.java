package org.yellowfit.app.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.yellowfit.app.RunningApp;
import tools.jackson.databind.JsonNode;

/**
 * Growth, spacing, comparison and substitutes as other programs call them: what comes back, and what is refused at
 * which field.
 */
@ExtendWith(RunningApp.class)
class PlantsApiTest {

    private static final String SHRUB = "spiraea-oarlock";

    private static List<Double> values(JsonNode list, String outer, String inner) {
        List<Double> values = new ArrayList<>();
        list.forEach(each -> values.add(each.get(outer).get(inner).asDouble()));
        return values;
    }

    @Test
    void growthIsAsTheLabelSaysAtTenYearsAndNeverGoesBack(RunningApp app) {
        JsonNode years = app.post("/api/v1/growth", "{\"id\":\"" + SHRUB + "\",\"years\":[0,1,2,3,5,8,10,15,20,30]}")
                .json()
                .get("years");
        assertThat(years.get(6).get("height").get("mid").asDouble()).isCloseTo(0.6, within(0.001));
        assertThat(years.get(6).get("spread").get("mid").asDouble()).isCloseTo(0.7, within(0.001));
        for (String size : List.of("height", "heightInFlower", "spread")) {
            assertThat(values(years, size, "mid")).isSorted();
            assertThat(values(years, size, "low")).isSorted();
        }
        years.forEach(year -> assertThat(year.get("height").get("low").asDouble())
                .isLessThanOrEqualTo(year.get("height").get("high").asDouble()));
    }

    @Test
    void withoutYearsTheUsualOnesAreGiven(RunningApp app) {
        JsonNode years =
                app.post("/api/v1/growth", "{\"id\":\"" + SHRUB + "\"}").json().get("years");
        assertThat(years).extracting(year -> year.get("year").asDouble()).containsExactly(1.0, 3.0, 5.0, 10.0, 20.0);
    }

    /** D7: a bigger pot buys time at first and nothing in the end; B7: shade slows. */
    @Test
    void aBiggerPotIsAheadAndShadeIsBehind(RunningApp app) {
        String ask = "{\"id\":\"" + SHRUB + "\",\"years\":[1,30]%s}";
        JsonNode plain = app.post("/api/v1/growth", ask.formatted("")).json().get("years");
        JsonNode large = app.post("/api/v1/growth", ask.formatted(",\"potHeightM\":0.45"))
                .json()
                .get("years");
        JsonNode shaded = app.post("/api/v1/growth", ask.formatted(",\"sunHours\":2"))
                .json()
                .get("years");
        assertThat(large.get(0).get("height").get("mid").asDouble())
                .isGreaterThan(plain.get(0).get("height").get("mid").asDouble() + 0.05);
        assertThat(shaded.get(0).get("height").get("mid").asDouble())
                .isLessThan(plain.get(0).get("height").get("mid").asDouble());
    }

    @ParameterizedTest(name = "{0}: at {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "{}                                                        | id",
                "{\"id\":\"no-such\"}                                      | id",
                "{\"id\":7}                                                | id",
                "{\"id\":\"spiraea-oarlock\",\"years\":[\"soon\"]}         | years[0]",
                "{\"id\":\"spiraea-oarlock\",\"years\":[-1]}               | years[0]",
                "{\"id\":\"spiraea-oarlock\",\"years\":[1,2000]}           | years[1]",
                "{\"id\":\"spiraea-oarlock\",\"potHeightM\":0}             | potHeightM",
                "{\"id\":\"spiraea-oarlock\",\"potHeightM\":21}            | potHeightM",
                "{\"id\":\"spiraea-oarlock\",\"sunHours\":25}              | sunHours",
                "{\"id\":\"spiraea-oarlock\",\"sunHours\":\"lots\"}        | sunHours",
            })
    void growthRefusesAtTheField(String body, String field, RunningApp app) {
        refused(app.post("/api/v1/growth", body), field);
    }

    /** H2 by hand, spread 0.7 m: A / (0.866 · 0.49), rounded up; rows ⌊L / 0.7⌋ + 1. */
    @ParameterizedTest(name = "{0} = {1}: {2} plants")
    @CsvSource({
        "areaM2, 4.2, 10",
        "areaM2, 1, 3",
        "areaM2, 0.1, 1",
        "areaM2, 100, 236",
        "lengthM, 6, 9",
        "lengthM, 0.5, 1",
        "lengthM, 6.3, 10"
    })
    void spacingCountsAsByHand(String field, double size, int count, RunningApp app) {
        JsonNode spaced = app.post(
                        "/api/v1/spacing",
                        "{\"" + field + "\":" + size + ",\"ids\":[\"" + SHRUB + "\"],\"school\":\"mature\"}")
                .json()
                .get(0);
        assertThat(spaced.get("count").asInt()).isEqualTo(count);
        assertThat(spaced.get("spacingM").asDouble()).isCloseTo(0.7, within(0.001));
        assertThat(spaced.get("school").asString()).isEqualTo("mature");
    }

    @Test
    void quickCoverClosesByItsYearWithMorePlants(RunningApp app) {
        JsonNode mature = app.post(
                        "/api/v1/spacing", "{\"areaM2\":10,\"ids\":[\"" + SHRUB + "\"],\"school\":\"mature\"}")
                .json()
                .get(0);
        int before = Integer.MAX_VALUE;
        for (int year = 1; year <= 8; year++) {
            JsonNode quick = app.post(
                            "/api/v1/spacing",
                            "{\"areaM2\":10,\"ids\":[\"" + SHRUB + "\"],\"school\":\"quick-cover\",\"closeByYear\":"
                                    + year + "}")
                    .json()
                    .get(0);
            assertThat(quick.get("closedYear").asInt()).isLessThanOrEqualTo(year);
            assertThat(quick.get("count").asInt()).isBetween(mature.get("count").asInt(), before);
            before = quick.get("count").asInt();
        }
    }

    @ParameterizedTest(name = "{0}: at {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "{}                                                             | ids",
                "{\"areaM2\":4,\"ids\":[]}                                      | ids",
                "{\"areaM2\":4,\"ids\":[\"none\"]}                              | ids[0]",
                "{\"ids\":[\"spiraea-oarlock\"]}                                | areaM2",
                "{\"areaM2\":-1,\"ids\":[\"spiraea-oarlock\"]}                  | areaM2",
                "{\"areaM2\":\"wide\",\"ids\":[\"spiraea-oarlock\"]}            | areaM2",
                "{\"lengthM\":0,\"ids\":[\"spiraea-oarlock\"]}                  | lengthM",
                "{\"areaM2\":4,\"ids\":[\"spiraea-oarlock\"],\"school\":\"fast\"} | school",
                "{\"areaM2\":4,\"ids\":[\"spiraea-oarlock\"],\"closeByYear\":0} | closeByYear",
            })
    void spacingRefusesAtTheField(String body, String field, RunningApp app) {
        refused(app.post("/api/v1/spacing", body), field);
    }

    @Test
    void aComparisonPartsWhatDiffersFromWhatAgrees(RunningApp app) {
        JsonNode compared = app.post(
                        "/api/v1/compare",
                        "{\"site\":{\"zone\":\"6b\",\"sunHours\":5},\"ids\":[\"hydrangea-slipway-light\",\"hydrangea-ferry-bell\",\""
                                + SHRUB + "\"],\"years\":[1,10]}")
                .json();
        List<String> differ = new ArrayList<>();
        compared.get("differ").forEach(row -> {
            differ.add(row.get("trait").asString());
            List<String> values = new ArrayList<>();
            row.get("values").forEach(value -> values.add(value.toString()));
            assertThat(values).as("%s differs", row.get("trait")).hasSize(3);
            assertThat(values.stream().distinct().count()).isGreaterThan(1);
        });
        compared.get("agree").forEach(row -> {
            assertThat(differ).doesNotContain(row.get("trait").asString());
            List<String> values = new ArrayList<>();
            row.get("values").forEach(value -> values.add(value.toString()));
            assertThat(values.stream().distinct().count())
                    .as("%s agrees", row.get("trait"))
                    .isEqualTo(1);
        });
        assertThat(compared.get("plants")).hasSize(3).allSatisfy(plant -> {
            assertThat(plant.get("months")).hasSize(12);
            assertThat(plant.get("sizes")).hasSize(2);
            assertThat(plant.get("fit").get("verdict").asString()).isIn("fits", "fits-if", "no");
        });
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "{\"ids\":[\"spiraea-oarlock\",\"nothing\"]}",
                "{\"ids\":\"spiraea-oarlock\"}",
                "{\"ids\":[1,2]}",
                "{\"ids\":[\"spiraea-oarlock\",\"hosta-mixing-bowl\"],\"site\":{\"zone\":\"99\"}}",
                "{\"ids\":[\"spiraea-oarlock\",\"hosta-mixing-bowl\"],\"years\":[\"x\"]}",
                "{\"ids\":[\"a\",\"b\",\"c\",\"d\",\"e\",\"f\",\"g\",\"h\",\"i\",\"j\",\"k\",\"l\",\"m\"]}"
            })
    void comparisonsThatCannotBeAreRefused(String body, RunningApp app) {
        RunningApp.Answer answer = app.post("/api/v1/compare", body);
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.json().get("errors")).isNotEmpty();
    }

    @Test
    void substitutesComeMostAlikeFirstAndNeverThePlantItself(RunningApp app) {
        JsonNode like = app.post("/api/v1/substitutes", "{\"id\":\"hydrangea-slipway-light\",\"limit\":30}")
                .json();
        List<Double> likeness = new ArrayList<>();
        like.forEach(each -> likeness.add(each.get("likeness").asDouble()));
        assertThat(likeness)
                .hasSize(30)
                .isSortedAccordingTo(java.util.Comparator.reverseOrder())
                .allMatch(share -> share >= 0 && share <= 1);
        assertThat(like)
                .extracting(each -> each.get("id").asString())
                .doesNotContain("hydrangea-slipway-light")
                .doesNotHaveDuplicates();
        like.forEach(each -> assertThat(each.get("fits").isNull())
                .as("without a site nothing is said of fitting")
                .isTrue());
    }

    @Test
    void onASiteOnlyWhatFitsThereIsOffered(RunningApp app) {
        String site = "\"site\":{\"zone\":\"4a\",\"sunHours\":7,\"maxHeightM\":0.8}";
        JsonNode like = app.post("/api/v1/substitutes", "{\"id\":\"hydrangea-slipway-light\"," + site + ",\"limit\":8}")
                .json();
        assertThat(like).isNotEmpty();
        for (JsonNode each : like) {
            JsonNode fit = app.post(
                            "/api/v1/fit",
                            "{" + site + ",\"only\":[\"" + each.get("id").asString() + "\"]}")
                    .json();
            assertThat(fit.get("candidates").get(0).get("verdict").asString())
                    .as(each.get("id").asString())
                    .isNotEqualTo("no");
            assertThat(each.get("fits").asString()).isIn("better", "as-well", "less-well");
        }
    }

    @ParameterizedTest(name = "{0}: at {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "{}                                                    | id",
                "{\"id\":\"none\"}                                     | id",
                "{\"id\":\"spiraea-oarlock\",\"limit\":0}              | limit",
                "{\"id\":\"spiraea-oarlock\",\"limit\":501}            | limit",
                "{\"id\":\"spiraea-oarlock\",\"limit\":\"few\"}        | limit",
                "{\"id\":\"spiraea-oarlock\",\"site\":{\"ph\":\"acid\"}} | site.ph",
                "{\"id\":\"spiraea-oarlock\",\"site\":7}               | site",
            })
    void substitutesRefuseAtTheField(String body, String field, RunningApp app) {
        refused(app.post("/api/v1/substitutes", body), field);
    }

    private static void refused(RunningApp.Answer answer, String field) {
        assertThat(answer.status()).as(answer.body()).isEqualTo(422);
        List<String> fields = new ArrayList<>();
        answer.json().get("errors").forEach(error -> {
            fields.add(error.get("field").asString());
            assertThat(error.get("message").asString()).hasSizeGreaterThan(10);
        });
        assertThat(fields).contains(field);
    }
}
