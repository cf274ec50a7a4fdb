package org.yellowfit.core.measure;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Values as they come in, from a form or from another program, and what is told of those that cannot be read. */
class InputReaderTest {

    private enum Pace {
        SLOW,
        MEDIUM,
        VERY_FAST
    }

    private final List<Problem> problems = new ArrayList<>();

    private InputReader reading(String field, Object value) {
        Map<String, Object> values = new HashMap<>();
        values.put(field, value);
        return new InputReader(values, "site.", problems);
    }

    @ParameterizedTest(name = "“{0}” is the number {1}")
    @CsvSource({"3, 3", "3.5, 3.5", "' 4 ', 4", "0, 0", "10, 10", ".5, 0.5", "+2, 2"})
    void numbers(String text, double number) {
        assertThat(reading("x", text).number("x", 0, 10, "m")).isEqualTo(number);
        assertThat(problems).isEmpty();
    }

    @ParameterizedTest(name = "“{0}” is no number from 0 to 10: {1}")
    @CsvSource({
        "ten, is not a number",
        "1e3, is not a number",
        "'1,5', is not a number",
        "NaN, is not a number",
        "-1, out of range",
        "10.01, out of range",
        "Infinity, is not a number",
        "0x10, is not a number"
    })
    void noNumbers(String text, String part) {
        assertThat(reading("x", text).number("x", 0, 10, "m")).isNull();
        assertThat(problems).singleElement().satisfies(problem -> {
            assertThat(problem.field()).isEqualTo("site.x");
            assertThat(problem.message()).contains(part);
        });
    }

    @Test
    void aNumberMayComeAsANumber() {
        assertThat(reading("x", 4).number("x", 0, 10, "m")).isEqualTo(4.0);
        assertThat(reading("x", 4.25).number("x", 0, 10, "m")).isEqualTo(4.25);
        assertThat(problems).isEmpty();
        assertThat(reading("x", Map.of()).number("x", 0, 10, "m")).isNull();
        assertThat(reading("x", List.of(1, 2)).number("x", 0, 10, "m")).isNull();
        assertThat(problems).hasSize(2);
    }

    @ParameterizedTest(name = "“{0}” is {1}")
    @CsvSource({"yes, true", "no, false", "true, true", "false, false"})
    void yesAndNo(String text, boolean yes) {
        assertThat(reading("x", text).yesNo("x")).isEqualTo(yes);
        assertThat(problems).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"perhaps", "1", "y", "ja"})
    void neitherYesNorNo(String text) {
        assertThat(reading("x", text).yesNo("x")).isNull();
        assertThat(problems)
                .singleElement()
                .satisfies(problem -> assertThat(problem.field()).isEqualTo("site.x"));
    }

    @ParameterizedTest(name = "“{0}” is {1}")
    @CsvSource({"slow, SLOW", "SLOW, SLOW", "' medium ', MEDIUM", "very-fast, VERY_FAST"})
    void words(String text, Pace pace) {
        assertThat(reading("x", text).word("x", Pace.class)).isEqualTo(pace);
    }

    @Test
    void anUnknownWordIsToldWithTheNearest() {
        assertThat(reading("x", "slwo").word("x", Pace.class)).isNull();
        assertThat(problems)
                .singleElement()
                .satisfies(problem ->
                        assertThat(problem.message()).contains("slow, medium, very-fast", "Did you mean “slow”?"));
    }

    @Test
    void listsTellTheirWrongPlacesOneByOne() {
        List<Integer> read = reading("x", List.of("1", "two", "3", "four")).list("x", Integer::valueOf);
        assertThat(problems).extracting(Problem::field).containsExactly("site.x[1]", "site.x[3]");
        assertThat(read == null || read.size() < 4).isTrue();
    }

    @ParameterizedTest(name = "“{0}” is a day: {1}")
    @CsvSource({"2026-05-04, true", "2026-02-29, false", "2028-02-29, true", "4.5.2026, false", "tomorrow, false"})
    void days(String text, boolean day) {
        assertThat(reading("x", text).date("x") != null).isEqualTo(day);
        assertThat(problems.isEmpty()).isEqualTo(day);
    }

    @Test
    void whatIsNotThereIsNotWrong() {
        for (Object nothing : new Object[] {null, "", "  "}) {
            InputReader in = reading("x", nothing);
            assertThat(in.number("x", 0, 1, "")).isNull();
            assertThat(in.yesNo("x")).isNull();
            assertThat(in.word("x", Pace.class)).isNull();
            assertThat(in.date("x")).isNull();
            assertThat((Object) in.text("x", text -> text)).isNull();
            assertThat(in.list("missing", text -> text)).isNull();
        }
        assertThat(problems).isEmpty();
    }
}
