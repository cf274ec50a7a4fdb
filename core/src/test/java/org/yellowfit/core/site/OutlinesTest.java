package org.yellowfit.core.site;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yellowfit.core.measure.Problem;

/** Points, lines and outlines from plain lists of numbers. */
class OutlinesTest {

    /** “0 0, 4 0” as a list of pairs. */
    private static List<Object> points(String text) {
        List<Object> points = new ArrayList<>();
        for (String pair : text.isBlank() ? new String[0] : text.split(",")) {
            List<Object> point = new ArrayList<>();
            for (String number : pair.trim().split("\\s+")) {
                point.add(number.matches("-?[0-9.]+") ? (Object) Double.valueOf(number) : number);
            }
            points.add(point);
        }
        return points;
    }

    @ParameterizedTest(name = "{0}: {1} corners, {2}")
    @CsvSource(
            delimiter = '|',
            value = {
                "0 0, 4 0, 4 3              | 3 | ''",
                "0 0, 4 0, 4 3, 0 3         | 4 | ''",
                "0 0, 4 0, 4 3, 0 3, 0 0    | 4 | ''",
                "0 0, 0 0, 4 0, 4 3         | 3 | ''",
                "0 0, 4 3, 4 0, 0 3         | 4 | This outline crosses itself.",
                "0 0, 1 0, 2 0              | 3 | This outline",
                "0 0, 0.001 0, 0.001 0.001  | 3 | This outline holds no ground.",
                "0 0, 4 0                   | 2 | At least 3 different points are needed.",
                "0 0, 0 0, 0 0              | 1 | At least 3 different points are needed.",
                "''                         | 0 | At least 3 different points are needed.",
                "0 0, 4 0, 4                | 0 | A point is two numbers",
                "0 0, 4 0, 4 5001           | 0 | A point is two numbers",
                "0 0, 4 0, 4 three          | 0 | A point is two numbers",
                "0 0, 4 0, 4 3 2            | 0 | A point is two numbers",
            })
    void anOutline(String text, int corners, String problem) {
        List<Problem> problems = new ArrayList<>();
        assertThat(Outlines.area(points(text), "bed", problems)).hasDimensions(corners, corners == 0 ? 0 : 2);
        if (problem.isEmpty()) {
            assertThat(problems).isEmpty();
        } else {
            assertThat(problems).singleElement().satisfies(told -> {
                assertThat(told.field()).isEqualTo("bed");
                assertThat(told.message()).startsWith(problem);
            });
        }
    }

    @ParameterizedTest(name = "{0}: {1} points, {2}")
    @CsvSource(
            delimiter = '|',
            value = {"0 0, 4 0 | 2 | false", "0 0, 4 0, 0 0 | 3 | false", "0 0 | 1 | true", "0 0, 0 0 | 1 | true"})
    void aLine(String text, int points, boolean refused) {
        List<Problem> problems = new ArrayList<>();
        assertThat(Outlines.line(points(text), "wall", problems)).hasNumberOfRows(points);
        assertThat(problems.isEmpty()).isNotEqualTo(refused);
    }

    @Test
    void aPointThatIsNoneIsToldAndStandsAtTheCorner() {
        List<Problem> problems = new ArrayList<>();
        assertThat(Outlines.point(List.of(3, 4.5), "tree", problems)).containsExactly(3, 4.5);
        assertThat(problems).isEmpty();
        for (Object wrong : new Object[] {
            "3, 4",
            List.of(3),
            List.of(1, 2, 3),
            List.of("a", "b"),
            List.of(Double.NaN, 1),
            7,
            List.of(Double.POSITIVE_INFINITY, 0)
        }) {
            problems.clear();
            assertThat(Outlines.point(wrong, "tree", problems)).containsExactly(0, 0);
            assertThat(problems)
                    .singleElement()
                    .satisfies(told -> assertThat(told.message()).contains("[east, north] in metres"));
        }
    }

    @Test
    void whatIsNoListOrTooLongIsTold() {
        List<Problem> problems = new ArrayList<>();
        Outlines.area("a square", "bed", problems);
        Outlines.area(Collections.nCopies(501, List.of(1, 2)), "bed", problems);
        assertThat(problems)
                .extracting(Problem::message)
                .satisfiesExactly(
                        told -> assertThat(told).contains("A list of points"),
                        told -> assertThat(told).contains("501 points", "500"));
    }
}
