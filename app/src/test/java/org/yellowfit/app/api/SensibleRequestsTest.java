package org.yellowfit.app.api;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.yellowfit.app.RandomAsk;
import org.yellowfit.app.RunningApp;
import org.yellowfit.app.drawing.DemoPlants;
import org.yellowfit.core.plant.Cultivar;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Requests that make sense, each value within its range and the whole of it made up: every call answers. {@code FuzzTest} sends what makes none.
 */
@ExtendWith(RunningApp.class)
class SensibleRequestsTest {

    private static final int ROUNDS = 12;
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final List<String> IDS = new ArrayList<>();

    @BeforeAll
    static void read() throws IOException {
        DemoPlants.all().stream().map(Cultivar::id).forEach(IDS::add);
    }

    static IntStream rounds() {
        return IntStream.range(0, ROUNDS);
    }

    @ParameterizedTest(name = "round {0}")
    @MethodSource("rounds")
    void everyCallAnswers(int seed, RunningApp app) {
        Random random = new Random(seed);
        answers(app, "fit", Map.of("site", RandomAsk.site(random), "wants", RandomAsk.wants(random), "limit", 40));
        answers(app, "fit", Map.of("site", RandomAsk.site(random), "only", ids(random, 3)));
        answers(
                app,
                "compare",
                Map.of("site", RandomAsk.site(random), "ids", ids(random, 3), "years", List.of(1, 10, 20)));
        answers(app, "substitutes", Map.of("site", RandomAsk.site(random), "id", id(random), "limit", 5));
        answers(app, "growth", growth(random));
        answers(app, "spacing", spacing(random));
        answers(app, "palette/judge", palette(random, true));
        answers(app, "palette/suggest", palette(random, false));
        answers(app, "takeoff/materials", takeoff(random));
        answers(app, "care/calendar", care(random));
    }

    @ParameterizedTest(name = "round {0}")
    @MethodSource("rounds")
    void aBedIsPlacedAndChecked(int seed, RunningApp app) {
        Random random = new Random(seed);
        Map<String, Object> bed = bed(random);
        RunningApp.Answer placed = answers(app, "bed/place", bed);
        Map<String, Object> check = new HashMap<>(bed);
        check.put("placed", JSON.treeToValue(placed.json().get("placed"), List.class));
        check.put("years", List.of(0, 1, 5, 10));
        answers(app, "bed/check", check);
    }

    /** Cautious, standard and bold over the shop's own records and the claims of its catalogue, for every plant there is. */
    @ParameterizedTest(name = "after {0} years")
    @ValueSource(ints = {1, 5, 20})
    void theBolderTheEasier(int years, RunningApp app) {
        Map<String, Object> site =
                Map.of("zone", "6b", "depthM", 0.9, "maxHeightM", 1.64, "horizonYears", years, "sunHours", 6);
        Map<String, Double> cautious = scores(app, site, "cautious");
        Map<String, Double> standard = scores(app, site, "standard");
        Map<String, Double> bold = scores(app, site, "bold");
        assertThat(standard).hasSizeGreaterThan(IDS.size());
        standard.forEach((what, score) -> {
            assertThat(cautious.get(what)).as(what + ", cautious").isLessThanOrEqualTo(score);
            assertThat(bold.get(what)).as(what + ", bold").isGreaterThanOrEqualTo(score);
        });
    }

    private static Map<String, Double> scores(RunningApp app, Map<String, Object> site, String policy) {
        Map<String, Double> scores = new HashMap<>();
        Map<String, Object> asked = Map.of("site", site, "policy", policy, "includeNo", true, "limit", 500);
        for (JsonNode plant : answers(app, "fit", asked).json().get("candidates")) {
            for (JsonNode each : plant.get("criteria")) {
                String what =
                        plant.get("id").asString() + " " + each.get("criterion").asString();
                scores.put(what, each.get("score").asDouble());
            }
        }
        return scores;
    }

    private static RunningApp.Answer answers(RunningApp app, String call, Map<String, Object> body) {
        RunningApp.Answer answer = app.post("/api/v1/" + call, JSON.writeValueAsString(body));
        assertThat(answer.status()).as("%s %s: %s", call, body, answer.body()).isEqualTo(200);
        return answer;
    }

    private static String id(Random random) {
        return IDS.get(random.nextInt(IDS.size()));
    }

    private static List<String> ids(Random random, int count) {
        return random.ints(count, 0, IDS.size()).mapToObj(IDS::get).distinct().toList();
    }

    private static Map<String, Object> growth(Random random) {
        Map<String, Object> told = new HashMap<>();
        told.put("potHeightM", RandomAsk.number(random, 0.05, 5));
        told.put("sunHours", RandomAsk.number(random, 0, 14));
        told = RandomAsk.some(random, told);
        told.put("id", id(random));
        told.put("years", List.of(0, 1, 10, 40));
        return told;
    }

    private static Map<String, Object> spacing(Random random) {
        return Map.of(
                random.nextBoolean() ? "areaM2" : "lengthM",
                RandomAsk.number(random, 0.2, 300),
                "ids",
                ids(random, 1 + random.nextInt(4)),
                "school",
                random.nextBoolean() ? "mature" : "quick-cover",
                "closeByYear",
                1 + random.nextInt(20));
    }

    private static Map<String, Object> palette(Random random, boolean planted) {
        Map<String, Object> aims = new HashMap<>();
        aims.put("months", List.of(1 + random.nextInt(12), 1 + random.nextInt(12)));
        aims.put("winter", random.nextBoolean());
        aims.put("evergreenShare", RandomAsk.number(random, 0, 1));
        aims.put("colours", List.of("white", "blue"));
        aims.put("scheme", RandomAsk.one(random, new String[] {"none", "one", "near", "opposite", "dark-gold"}));
        aims.put("background", RandomAsk.one(random, new String[] {"pale", "brick", "dark-hedge", "#c8b9a0"}));
        aims.put("layers", List.of("back", "front"));
        aims.put("kinds", List.of(1 + random.nextInt(3), 4 + random.nextInt(4)));
        aims.put("budget", RandomAsk.number(random, 10, 3000));
        aims.put("careMinutesYear", RandomAsk.number(random, 5, 900));
        aims.put("wants", RandomAsk.wants(random));
        Map<String, Object> asked = new HashMap<>();
        asked.put("patches", List.of(patch(random, "A"), patch(random, "B")));
        asked.put("aims", RandomAsk.some(random, aims));
        if (planted) {
            asked.put(
                    "plants",
                    List.of(
                            Map.of("id", id(random), "patch", "A"),
                            Map.of("id", id(random), "patch", "B", "count", 1 + random.nextInt(20))));
        } else {
            asked.put("seconds", 0.2);
            asked.put("from", ids(random, 120));
        }
        return asked;
    }

    private static Map<String, Object> patch(Random random, String name) {
        return Map.of(
                "name", name,
                "areaM2", RandomAsk.number(random, 0.5, 60),
                "depthM", RandomAsk.number(random, 0.3, 5),
                "site", RandomAsk.site(random));
    }

    private static Map<String, Object> takeoff(Random random) {
        Map<String, Object> told = new HashMap<>();
        told.put("mulchCm", random.nextInt(15));
        told.put("texture", RandomAsk.one(random, new String[] {"sand", "silt loam", "clay"}));
        told.put("containersL", RandomAsk.number(random, 0, 300));
        told = RandomAsk.some(random, told);
        told.put("areaM2", RandomAsk.number(random, 0.5, 80));
        told.put("plants", List.of(Map.of("id", id(random), "count", 1 + random.nextInt(40))));
        return told;
    }

    private static Map<String, Object> care(Random random) {
        List<Map<String, Object>> plants = new ArrayList<>();
        for (String id : ids(random, 5)) {
            plants.add(Map.of("id", id, "count", 1 + random.nextInt(30), "clipped", random.nextBoolean()));
        }
        return Map.of(
                "site",
                RandomAsk.site(random),
                "plants",
                plants,
                "plantingDate",
                RandomAsk.one(random, new String[] {"2027-04-20", "2026-11-30", "2028-02-29"}),
                "years",
                1 + random.nextInt(4));
    }

    private static Map<String, Object> bed(Random random) {
        Map<String, Object> told = new HashMap<>();
        told.put("seenFrom", random.nextBoolean() ? "around" : List.of(List.of(0, -2), List.of(6, -2)));
        told.put("walls", List.of(List.of(List.of(0, 2), List.of(6, 2))));
        told.put("paths", List.of(List.of(List.of(0, 0), List.of(6, 0))));
        told.put("windows", List.of(Map.of("line", List.of(List.of(1, 2), List.of(2, 2)), "sillM", 0.9)));
        told.put("views", List.of(List.of(List.of(3, -2), List.of(3, 4))));
        told.put("standing", List.of(Map.of("at", List.of(5, 1), "heightM", 4, "spreadM", 3, "foliage", "deciduous")));
        told.put("school", random.nextBoolean() ? "mature" : "quick-cover");
        told.put("closeByYear", 1 + random.nextInt(9));
        told.put("layers", random.nextBoolean() ? "stepped" : "woven");
        told.put("horizonYears", 1 + random.nextInt(24));
        told.put("latitude", 45.6);
        told.put("longitude", -61.4);
        told = RandomAsk.some(random, told);
        told.put("bed", List.of(List.of(0, 0), List.of(6, 0), List.of(6, 2), List.of(3, 2.6), List.of(0, 2)));
        List<Map<String, Object>> plants = new ArrayList<>();
        for (String id : ids(random, 4)) {
            String grouping = RandomAsk.one(random, new String[] {"group", "sprinkled", "paired", "massed", "row"});
            plants.add(Map.of("id", id, "count", 1 + random.nextInt(12), "grouping", grouping));
        }
        told.put("plants", plants);
        return told;
    }
}
