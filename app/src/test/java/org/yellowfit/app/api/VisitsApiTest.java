package org.yellowfit.app.api;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yellowfit.app.RunningApp;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Whole visits, out and in. */
@ExtendWith(RunningApp.class)
class VisitsApiTest {

    private static final String PATH = "/api/v1/visits";

    /** Visits that ship with the program; those other tests begin are not all sound. */
    private static final List<String> DEMO = List.of(
            "The long bank",
            "The chapel hedge",
            "The nursery-school rain garden",
            "The brick square café",
            "The ferry terrace",
            "The chandler’s side strip",
            "The walnut yard",
            "The upland cottage",
            "The schoolyard cottage, three seasons on");

    private static JsonNode withoutId(JsonNode visit) {
        ObjectNode copy = (ObjectNode) visit.deepCopy();
        copy.remove("id");
        return copy;
    }

    @Test
    void everyVisitGoesOutAndInAndOutTheSame(RunningApp app) {
        List<String> ids = new ArrayList<>();
        app.get(PATH).json().forEach(row -> {
            if (DEMO.contains(row.get("place").asString())) {
                ids.add(row.get("id").asString());
            }
        });
        assertThat(ids).hasSizeGreaterThanOrEqualTo(DEMO.size());
        for (String id : ids) {
            JsonNode out = app.get(PATH + "/" + id).json();
            RunningApp.Answer in = app.post(PATH, out.toString());
            assertThat(in.status()).as(in.body()).isEqualTo(200);
            JsonNode again =
                    app.get(PATH + "/" + in.json().get("id").asString()).json();
            assertThat(withoutId(again)).as(out.get("place").asString()).isEqualTo(withoutId(out));
        }
    }

    @Test
    void bedAndListComeAlong(RunningApp app) {
        String visit = "{\"place\":\"From a file\",\"units\":\"us\",\"site\":{\"zone\":\"6b\",\"depthM\":2},"
                + "\"wants\":{\"bloomMonths\":[6,7]},\"chosen\":[\"spiraea-oarlock\"],\"plantingDate\":\"2027-04-20\","
                + "\"palette\":{\"plants\":[{\"id\":\"spiraea-oarlock\",\"count\":2}]},"
                + "\"bed\":{\"placed\":[{\"id\":\"spiraea-oarlock\",\"x\":1,\"y\":0.5},{\"id\":\"spiraea-oarlock\",\"x\":2,\"y\":0.5}]},"
                + "\"list\":[{\"id\":\"spiraea-oarlock\",\"fill\":\"number\",\"amount\":3,\"pot\":\"2 l\",\"largerPot\":\"5 l\",\"largerCount\":1}]}";
        JsonNode in = app.post(PATH, visit).json();
        assertThat(in.get("bed").get("placed")).hasSize(2);
        assertThat(in.get("list").get(0).get("amount").asInt()).isEqualTo(3);
        assertThat(in.get("list").get(0).get("largerCount").asInt()).isEqualTo(1);
        assertThat(in.get("site").get("plantingDate").asString()).isEqualTo("2027-04-20");
        assertThat(in.get("units").asString()).isEqualTo("us");
    }

    @ParameterizedTest(name = "{1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "{\"site\":{\"ph\":99}} | site.ph",
                "{\"site\":7} | site",
                "{\"wants\":{\"bloomMonths\":[13]}} | wants.bloomMonths[0]",
                "{\"units\":\"furlongs\"} | units",
                "{\"chosen\":[\"nobody\"]} | chosen[0]",
                "{\"list\":[{\"id\":\"nobody\"}]} | list[0].id",
                "{\"list\":[{\"id\":\"spiraea-oarlock\",\"amount\":-3}]} | list[0].amount",
                "{\"bed\":{\"placed\":[{\"id\":\"spiraea-oarlock\",\"x\":1}]}} | bed.placed[0].id",
                "{\"bed\":{\"placed\":[{\"id\":\"spiraea-oarlock\",\"x\":1,\"y\":1e9}]}} | bed.placed[0].y",
                "{\"palette\":{\"plants\":[7]}} | palette.plants[0]",
                "{\"plantingDate\":\"soon\"} | plantingDate",
                "{\"drawing\":{\"features\":7}} | drawing.features",
            })
    void whatIsWrongIsToldAtItsFieldAndNothingIsBegun(String body, String field, RunningApp app) {
        int before = app.get(PATH).json().size();
        RunningApp.Answer answer = app.post(PATH, body);
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.json().get("errors").get(0).get("field").asString()).isEqualTo(field);
        assertThat(app.get(PATH).json().size()).isEqualTo(before);
    }
}
