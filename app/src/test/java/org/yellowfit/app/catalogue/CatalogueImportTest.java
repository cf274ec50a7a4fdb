package org.yellowfit.app.catalogue;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.yellowfit.app.RunningApp;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningApp.class)
class CatalogueImportTest {

    private static final String HEADER =
            "id,botanical,kind,habit,persistence,height10_m,spread10_m,zone_min,ph,shelf\r\n";
    private static final String GOOD = "import-one,Testa plana,shrub,mound,deciduous,1,1,5,6..7,\"B7, left\"\r\n";

    private static RunningApp.Answer send(RunningApp app, String query, byte[] file) {
        return app.post("/api/v1/catalogue/import" + query, "text/csv", file);
    }

    private static RunningApp.Answer send(RunningApp app, String query, String file) {
        return send(app, query, file.getBytes(StandardCharsets.UTF_8));
    }

    @Test
    void whatIsTakenOutComesBackByteForByte(RunningApp app) {
        send(app, "", HEADER + GOOD);
        String first = app.get("/api/v1/catalogue/export.csv").body();
        RunningApp.Answer again = send(app, "", first);
        assertThat(again.status()).as(again.body()).isEqualTo(200);
        assertThat(again.json().get("changed").asInt()).isZero();
        assertThat(app.get("/api/v1/catalogue/export.csv").body())
                .isEqualTo(first)
                .contains("\"B7, left\"");
        assertThat(app.get("/api/v1/catalogue/export.json").json().size()).isEqualTo(first.split("\r\n").length - 1);
    }

    @Test
    void aTrialTellsButStoresNothing(RunningApp app) {
        RunningApp.Answer answer = send(app, "?dryRun=true", HEADER + GOOD.replace("import-one", "only-tried"));
        assertThat(answer.json().get("changed").asInt()).isEqualTo(1);
        assertThat(answer.json().get("unknownColumns").get(0).asString()).isEqualTo("shelf");
        assertThat(app.get("/api/v1/cultivars/only-tried").status()).isEqualTo(404);
    }

    @Test
    void oneBadRowRefusesAllAndEveryProblemHasItsPlace(RunningApp app) {
        String file = HEADER + GOOD.replace("import-one", "all-or-nothing")
                + "bad,\"Testa\r\nplana\",bush,prostate,deciduous,2..1,1,5,6,\r\n"
                + "bad-too,,shrub,mound,deciduous,1,1,5,12,\r\n";
        RunningApp.Answer answer = send(app, "", file);
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.json().get("rejected").asInt()).isEqualTo(2);
        List<String> places = new ArrayList<>();
        answer.json()
                .get("problems")
                .forEach(p ->
                        places.add(p.get("line").asInt() + " " + p.get("column").asString()));
        // The second record runs over two lines of the file, so the third starts in line 5.
        assertThat(places).containsExactlyInAnyOrder("3 kind", "3 habit", "3 height10_m", "5 botanical", "5 ph");
        assertThat(answer.body()).contains("Did you mean “prostrate”?");
        assertThat(app.get("/api/v1/cultivars/all-or-nothing").status()).isEqualTo(404);
    }

    @Test
    void theGoodRowsCanBeKeptAndTheBadComeBackWithTheirProblem(RunningApp app) {
        String file = HEADER + GOOD.replace("import-one", "kept-row")
                + "bad,Testa,bush,mound,deciduous,1,1,5,6,\r\nbad,Testa,bush,mound,deciduous,1,1,5,6,\r\n";
        RunningApp.Answer answer = send(app, "?keepGood=true", file);
        assertThat(answer.status()).as(answer.body()).isEqualTo(200);
        String[] rejected = answer.json().get("rejectedCsv").asString().split("\r\n");
        assertThat(rejected).hasSize(3);
        assertThat(rejected[0]).endsWith(",problem");
        assertThat(app.get("/api/v1/cultivars/kept-row").status()).isEqualTo(200);
    }

    @Test
    void keepingTheGoodRowsOfAFileWithoutAnyStoresNothingAndGivesAllBack(RunningApp app) {
        RunningApp.Answer answer = send(app, "?keepGood=true", HEADER + "bad,Testa,bush,mound,deciduous,1,1,5,6,\r\n");
        assertThat(answer.status()).isEqualTo(200);
        assertThat(answer.json().get("accepted").asInt()).isZero();
        assertThat(answer.json().get("rejectedCsv").asString()).contains("bush");
    }

    @Test
    void ofAFileThatBreaksOffNoRowIsTrusted(RunningApp app) {
        byte[] file = (HEADER + GOOD.replace("import-one", "before-the-break") + "x,Testa caf\u00e9,shrub")
                .getBytes(StandardCharsets.ISO_8859_1);
        RunningApp.Answer answer = send(app, "?keepGood=true", file);
        assertThat(answer.status()).as(answer.body()).isEqualTo(422);
        assertThat(app.get("/api/v1/cultivars/before-the-break").status()).isEqualTo(404);
    }

    static List<Object[]> brokenFiles() {
        String rowOf = "x,Testa,shrub,mound,deciduous,1,1,5,6,";
        return List.of(
                new Object[] {"empty", new byte[0], "empty"},
                new Object[] {"no header", "a,b\r\n1,2\r\n".getBytes(StandardCharsets.UTF_8), "required"},
                new Object[] {"unclosed quote", (HEADER + "x,\"Testa,shrub").getBytes(StandardCharsets.UTF_8), ""},
                new Object[] {"NUL", (HEADER + rowOf + "a\0b\r\n").getBytes(StandardCharsets.UTF_8), "NUL"},
                new Object[] {
                    "cell over 64 KB",
                    (HEADER + rowOf + "y".repeat(70_000) + "\r\n").getBytes(StandardCharsets.UTF_8),
                    "64 KB"
                },
                new Object[] {
                    "5 MB cell",
                    (HEADER + rowOf + "y".repeat(5_000_000) + "\r\n").getBytes(StandardCharsets.UTF_8),
                    "64 KB"
                },
                new Object[] {
                    "Latin-1", (HEADER + rowOf + "caf\u00e9\r\n").getBytes(StandardCharsets.ISO_8859_1), "UTF-8"
                },
                new Object[] {
                    "same id twice",
                    (HEADER + rowOf + "\r\n" + rowOf + "\r\n").getBytes(StandardCharsets.UTF_8),
                    "line 2 already"
                },
                new Object[] {"too many cells", (HEADER + rowOf + ",,,\r\n").getBytes(StandardCharsets.UTF_8), "cells"},
                new Object[] {
                    "column twice",
                    ("id,id,botanical,kind,habit,persistence,height10_m,spread10_m,zone_min\r\n")
                            .getBytes(StandardCharsets.UTF_8),
                    "twice"
                });
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("brokenFiles")
    void aBrokenFileIsRefusedInWordsAndNothingIsStored(String name, byte[] file, String hint, RunningApp app) {
        RunningApp.Answer answer = send(app, "", file);
        assertThat(answer.status())
                .as(answer.body().substring(0, Math.min(500, answer.body().length())))
                .isEqualTo(422);
        JsonNode problem = answer.json().get("problems").get(0);
        assertThat(problem.get("message").asString()).contains(hint);
        assertThat(problem.get("line").asInt()).isPositive();
        assertThat(app.get("/api/v1/cultivars/x").status()).isEqualTo(404);
    }

    @Test
    void aByteOrderMarkLineFeedsAndFormulasAreTaken(RunningApp app) {
        String file =
                "\uFEFF" + HEADER.replace("\r\n", "\n") + "formula-row,=1+1,shrub,mound,deciduous,1,1,5,6,=cmd()\n";
        assertThat(send(app, "", file).status()).isEqualTo(200);
        assertThat(app.get("/api/v1/cultivars/formula-row")
                        .json()
                        .get("traits")
                        .get("botanical")
                        .asString())
                .isEqualTo("=1+1");
    }

    @Test
    void aSwitchThatIsNoSwitchIsRefused(RunningApp app) {
        assertThat(send(app, "?dryRun=perhaps", HEADER + GOOD).status()).isEqualTo(400);
    }
}
