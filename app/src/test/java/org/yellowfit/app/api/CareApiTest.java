package org.yellowfit.app.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.StringReader;
import java.time.LocalDate;
import java.util.List;
import java.util.stream.StreamSupport;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VEvent;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yellowfit.app.RunningApp;
import tools.jackson.databind.JsonNode;

/** The calendar of care and the materials as other programs call them. */
@ExtendWith(RunningApp.class)
class CareApiTest {

    private static final String PATH = "/api/v1/care/calendar";

    private static String body(String site, String plants, String date) {
        return "{\"site\":{" + site + "},\"plants\":[" + plants + "],\"plantingDate\":\"" + date + "\",\"years\":2}";
    }

    private static final String SPIRAEA = "{\"id\":\"spiraea-oarlock\",\"count\":4,\"pot\":\"3 l\"}";

    private static final String FROSTS = "\"zone\":\"6b\",\"latitude\":45.6,"
            + "\"lastSpringFrost\":{\"p10\":\"04-08\",\"p50\":\"04-22\",\"p90\":\"05-09\"},"
            + "\"firstAutumnFrost\":{\"p10\":\"09-28\",\"p50\":\"10-12\",\"p90\":\"10-30\"}";

    private static List<JsonNode> tasks(JsonNode calendar, String kind) {
        return StreamSupport.stream(calendar.get("tasks").spliterator(), false)
                .filter(task -> task.get("task").asString().equals(kind))
                .toList();
    }

    @Test
    void everyTaskHasItsTimeItsWorkAndItsRule(RunningApp app) {
        JsonNode calendar = app.post(PATH, body(FROSTS, SPIRAEA, "2027-04-20")).json();
        assertThat(tasks(calendar, "plant").get(0).get("from").asString()).isEqualTo("2027-04-20");
        assertThat(tasks(calendar, "plant").get(0).get("minutes").asInt()).isEqualTo(10 + 4 * 8);
        // Last frost of 22 April: new wood is cut six to two weeks before.
        JsonNode cut = tasks(calendar, "prune").get(0);
        assertThat(cut.get("from").asString()).isEqualTo("2028-03-10");
        assertThat(cut.get("rule").asString()).isEqualTo("I1");
        assertThat(cut.get("ids").get(0).asString()).isEqualTo("spiraea-oarlock");
        assertThat(calendar.get("minutesByYear")).hasSize(2);
        // Four of 3 l, no rain told: 12 l in a week of the first summer, half of that in the second.
        assertThat(litres(calendar, "2027-W28")).isEqualTo(12, within(0.1));
        assertThat(litres(calendar, "2028-W28")).isEqualTo(6, within(0.1));
        assertThat(calendar.get("notes").toString()).contains("rain").doesNotContain("estimated");
    }

    private static double litres(JsonNode calendar, String week) {
        return StreamSupport.stream(calendar.get("waterLitresByWeek").spliterator(), false)
                .filter(each -> each.get("week").asString().equals(week))
                .findFirst()
                .orElseThrow()
                .get("litres")
                .asDouble();
    }

    @Test
    void frostsThatAreNotToldAreEstimatedAndSaidSo(RunningApp app) {
        JsonNode north = app.post(PATH, body("\"zone\":\"6b\",\"latitude\":40", SPIRAEA, "2027-04-20"))
                .json();
        JsonNode farther = app.post(PATH, body("\"zone\":\"6b\",\"latitude\":50", SPIRAEA, "2027-04-20"))
                .json();
        assertThat(north.get("notes").toString()).contains("estimated from zone 6b");
        LocalDate one = LocalDate.parse(tasks(north, "prune").get(0).get("from").asString());
        LocalDate other =
                LocalDate.parse(tasks(farther, "prune").get(0).get("from").asString());
        assertThat(other).isEqualTo(one.plusDays(15));
    }

    /** South of the equator frosts are told by their own dates. */
    @Test
    void theSouthHasItsOwnDates(RunningApp app) {
        String site = "\"zone\":\"6b\",\"latitude\":-43,\"lastSpringFrost\":{\"p50\":\"10-22\"},"
                + "\"firstAutumnFrost\":{\"p50\":\"04-14\"}";
        JsonNode calendar = app.post(PATH, body(site, SPIRAEA, "2027-10-25")).json();
        LocalDate cut =
                LocalDate.parse(tasks(calendar, "prune").get(0).get("from").asString());
        assertThat(cut).isBetween(LocalDate.of(2028, 9, 8), LocalDate.of(2028, 9, 12));
        assertThat(litres(calendar, "2028-W02")).isGreaterThan(0);
    }

    @Test
    void theSameIsAFileThatAParserReads(RunningApp app) throws Exception {
        JsonNode calendar = app.post(PATH, body(FROSTS, SPIRAEA, "2027-04-20")).json();
        RunningApp.Answer file = app.post(PATH + ".ics", body(FROSTS, SPIRAEA, "2027-04-20"));
        assertThat(file.status()).isEqualTo(200);
        Calendar read = new CalendarBuilder().build(new StringReader(file.body()));
        assertThat(read.validate().hasErrors()).isFalse();
        List<VEvent> events = read.getComponents("VEVENT");
        assertThat(events).hasSameSizeAs(calendar.get("tasks"));
        assertThat(events.get(0).getSummary().getValue()).isEqualTo("Plant");
        assertThat(events).allSatisfy(event -> assertThat(event.getUid()).isPresent());
        assertThat(events.stream().map(event -> event.getUid().orElseThrow().getValue()))
                .doesNotHaveDuplicates();
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            value = {
                "{\"plants\":[{\"id\":\"nope\",\"count\":1}],\"plantingDate\":\"2027-04-20\"} | plants[0].id",
                "{\"plants\":[{\"id\":\"spiraea-oarlock\",\"count\":0}],\"plantingDate\":\"2027-04-20\"} | plants[0].count",
                "{\"plants\":[{\"id\":\"spiraea-oarlock\",\"count\":1.5}],\"plantingDate\":\"2027-04-20\"} | plants[0].count",
                "{\"plants\":[],\"plantingDate\":\"2027-04-20\"} | plants",
                "{\"plants\":7,\"plantingDate\":\"2027-04-20\"} | plants",
                "{\"plants\":[{\"id\":\"spiraea-oarlock\"}]} | plantingDate",
                "{\"plants\":[{\"id\":\"spiraea-oarlock\"}],\"plantingDate\":\"1900-04-20\"} | plantingDate",
                "{\"plants\":[{\"id\":\"spiraea-oarlock\"}],\"plantingDate\":\"soon\"} | plantingDate",
                "{\"plants\":[{\"id\":\"spiraea-oarlock\"}],\"plantingDate\":\"2027-04-20\",\"years\":0} | years",
                "{\"plants\":[{\"id\":\"spiraea-oarlock\"}],\"plantingDate\":\"2027-04-20\",\"years\":1.5} | years",
                "{\"site\":{\"rainMmByMonth\":[1,2]},\"plants\":[{\"id\":\"spiraea-oarlock\"}],\"plantingDate\":\"2027-04-20\"} | site.rainMmByMonth",
                "{\"site\":{\"rainMmByMonth\":[-1,2,3,4,5,6,7,8,9,10,11,12]},\"plants\":[{\"id\":\"spiraea-oarlock\"}],\"plantingDate\":\"2027-04-20\"} | site.rainMmByMonth[0]",
                "{\"site\":{\"lastSpringFrost\":{\"p50\":\"13-40\"}},\"plants\":[{\"id\":\"spiraea-oarlock\"}],\"plantingDate\":\"2027-04-20\"} | site.lastSpringFrost.p50",
                "{\"site\":{\"lastSpringFrost\":{\"p10\":\"05-01\",\"p50\":\"04-01\"}},\"plants\":[{\"id\":\"spiraea-oarlock\"}],\"plantingDate\":\"2027-04-20\"} | site.lastSpringFrost.p50",
                "{\"site\":{\"lastSpringFrost\":\"04-01\"},\"plants\":[{\"id\":\"spiraea-oarlock\"}],\"plantingDate\":\"2027-04-20\"} | site.lastSpringFrost",
            })
    void whatIsWrongIsToldAtItsField(String body, String field, RunningApp app) {
        RunningApp.Answer answer = app.post(PATH, body);
        assertThat(answer.status()).isIn(400, 422);
        assertThat(answer.json().get("errors").get(0).get("field").asString()).isEqualTo(field);
    }

    /** H5 by hand: 10 m² at 7 cm are 0.7 m³, 14 bags of 50 l less one that is left; 100 l of pots take 115 l. */
    @Test
    void materialsAreThoseWorkedByHand(RunningApp app) {
        JsonNode bed = app.post("/api/v1/takeoff/materials", "{\"areaM2\":10,\"leftOver\":{\"mulch\":50}}")
                .json();
        assertThat(bed.get(0).get("material").asString()).isEqualTo("mulch");
        assertThat(bed.get(0).get("m3").asDouble()).isEqualTo(0.65, within(1e-9));
        assertThat(bed.get(0).get("bags").get(0).get("count").asInt()).isEqualTo(13);
        JsonNode pots =
                app.post("/api/v1/takeoff/materials", "{\"containersL\":100}").json();
        assertThat(pots.get(0).get("m3").asDouble()).isEqualTo(0.115, within(1e-9));
        JsonNode tree = app.post(
                        "/api/v1/takeoff/materials",
                        "{\"areaM2\":0,\"plants\":[{\"id\":\"acer-furnace-door\",\"count\":2}]}")
                .json();
        assertThat(tree.toString()).contains("stake").contains("tie");
        assertThat(app.post("/api/v1/takeoff/materials", "{\"areaM2\":-1}").status())
                .isEqualTo(422);
        assertThat(app.post("/api/v1/takeoff/materials", "{}").status()).isEqualTo(422);
    }
}
