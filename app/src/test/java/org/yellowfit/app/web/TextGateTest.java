package org.yellowfit.app.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.yellowfit.app.Screens.text;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yellowfit.app.RunningApp;
import org.yellowfit.app.Screens;
import org.yellowfit.core.measure.Problem;

/** Text that the database cannot keep, at every door. */
@ExtendWith(RunningApp.class)
class TextGateTest {

    @ParameterizedTest
    @CsvSource({
        "plain, true",
        "'a\u0000b', false",
        "'\uD83C\uDF3F', true",
        "'\uD83C', false",
        "'\uDF3F\uD83C', false",
        "'x\uD83Cx', false",
        "'', true"
    })
    void halfACharacterIsNone(String text, boolean fine) {
        assertThat(KeptText.isFine(text)).isEqualTo(fine);
        assertThat(KeptText.isFine(KeptText.mended(text))).isTrue();
    }

    @Test
    void everyTextWithinAnObjectIsLookedAt() {
        List<Problem> problems = new ArrayList<>();
        KeptText.checkAll(
                "",
                Map.of("site", Map.of("zone", "\u0000"), "ids", List.of("a", "\uD800"), "fine", "yes", "n", 1),
                problems);
        assertThat(problems).extracting(Problem::field).containsExactlyInAnyOrder("site.zone", "ids");
    }

    @Test
    void aFormIsToldOfItWithoutAFault(RunningApp app) {
        Screens screens = Screens.of(app);
        var answer = screens.post("/visits/new", Map.of("place", "a\u0000b"));
        assertThat(answer).hasStatus(422);
        assertThat(text(answer))
                .contains("“Place”: This holds a character that is none", "what you typed is still there");
    }

    @Test
    void aCallIsToldTheField(RunningApp app) {
        RunningApp.Answer answer = app.post("/api/v1/fit", "application/json", "{\"site\":{\"zone\":\"6\\u0000b\"}}");
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.json().at("/errors/0/field").asString()).isEqualTo("site.zone");
    }

    @ParameterizedTest(name = "{0} columns of {1} letters")
    @CsvSource({"1, 60000, name of column 3", "400, 5, names 402 columns", "198, 110, ''"})
    void aHeaderHasItsLimits(int columns, int letters, String told, RunningApp app) {
        Screens buyer = new Screens(app, Screens.BUYER);
        StringBuilder header = new StringBuilder("id,botanical");
        for (int i = 0; i < columns; i++) {
            header.append(',')
                    .append("c".repeat(letters - String.valueOf(i).length()))
                    .append(i);
        }
        var answer = app.post(
                "/api/v1/catalogue/import?dryRun=true",
                "text/csv",
                (header + "\nx,Testa\n").getBytes(StandardCharsets.UTF_8));
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.body()).contains(told);
        assertThat(buyer.get("/catalogue")).hasStatusOk();
    }

    @Test
    void theErrorPageCanBeAskedFor(RunningApp app) {
        assertThat(app.get("/error").status()).isEqualTo(404);
    }
}
