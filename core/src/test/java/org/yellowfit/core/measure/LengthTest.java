package org.yellowfit.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * Lengths, areas and temperatures as they are typed and said in both systems. 1 ft = 0.3048 m, 1 in = 25.4 mm exactly
 * (1959).
 */
class LengthTest {

    @ParameterizedTest(name = "“{0}” in {1} is {2} m")
    @CsvSource(
            delimiter = '|',
            value = {
                "0.9       | METRIC | 0.9",
                "90 cm     | METRIC | 0.9",
                "90cm      | US     | 0.9",
                "1,2 m     | METRIC | 1.2",
                "1.2 metres| US     | 1.2",
                "900 mm    | METRIC | 0.9",
                "3         | US     | 0.9144",
                "3 ft      | METRIC | 0.9144",
                "3 feet    | US     | 0.9144",
                "1 foot    | US     | 0.3048",
                "3'        | US     | 0.9144",
                "18 in     | US     | 0.4572",
                "18\"      | US     | 0.4572",
                "1 inch    | METRIC | 0.0254",
                "3' 6\"    | US     | 1.0668",
                "3 ft 6 in | METRIC | 1.0668",
                "3′6″      | US     | 1.0668",
                "3ft 6     | US     | 1.0668",
                "0         | METRIC | 0",
                "'  2 M '  | US     | 2",
            })
    void typed(String text, UnitSystem bare, double metres) {
        assertThat(Length.parse(text, bare)).isCloseTo(metres, within(1e-9));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"", "tall", "-1 m", "1.2.3", "5 yards", "3 ft six", "1e3", "6 in 3 ft", "m", "1 000 m", "NaN"})
    void whatIsNoLengthIsRefusedWithAnExample(String text) {
        assertThatThrownBy(() -> Length.parse(text, UnitSystem.METRIC))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("0.9 m or 90 cm");
        assertThatThrownBy(() -> Length.parse(text, UnitSystem.US)).hasMessageContaining("3 ft 6 in");
    }

    @ParameterizedTest(name = "{0} m: {1}, {2}")
    @CsvSource({
        "0,      0 cm,    0 in",
        "0.05,   5 cm,    2 in",
        "0.3,    30 cm,   12 in",
        "0.5842, 58 cm,   23 in",
        "0.61,   61 cm,   2 ft",
        "0.994,  99 cm,   3 ft 3 in",
        "0.996,  1 m,     3 ft 3 in",
        "1,      1 m,     3 ft 3 in",
        "1.25,   1.25 m,  4 ft 1 in",
        "1.8288, 1.83 m,  6 ft",
        "12.34,  12.3 m,  40 ft 6 in",
    })
    void said(double metres, String metric, String us) {
        assertThat(UnitSystem.METRIC.length(metres)).isEqualTo(metric);
        assertThat(UnitSystem.US.length(metres)).isEqualTo(us);
    }

    @ParameterizedTest(name = "{0} °C: {1}, {2}")
    @CsvSource({
        "0, 0 °C, 32 °F",
        "-17.8, −17.8 °C, 0 °F",
        "-40, −40 °C, −40 °F",
        "32, 32 °C, 90 °F",
        "21.5, 21.5 °C, 71 °F"
    })
    void temperatures(double celsius, String metric, String us) {
        assertThat(UnitSystem.METRIC.temperature(celsius)).isEqualTo(metric);
        assertThat(UnitSystem.US.temperature(celsius)).isEqualTo(us);
    }

    @ParameterizedTest(name = "{0} m²: {1}, {2}")
    @CsvSource({"1, 1 m², 11 sq ft", "9.29, 9.3 m², 100 sq ft", "0.04, 0 m², 0 sq ft"})
    void areas(double squareMetres, String metric, String us) {
        assertThat(UnitSystem.METRIC.area(squareMetres)).isEqualTo(metric);
        assertThat(UnitSystem.US.area(squareMetres)).isEqualTo(us);
    }

    @Test
    void aRangeIsSaidOnceWhenBothEndsReadTheSame() {
        assertThat(UnitSystem.METRIC.length(new Interval(0.9, 1.2))).isEqualTo("90 cm–1.2 m");
        assertThat(UnitSystem.METRIC.length(new Interval(1.2, 1.2))).isEqualTo("1.2 m");
        assertThat(UnitSystem.US.length(new Interval(1.2, 1.201))).isEqualTo("3 ft 11 in");
    }

    @Test
    void whatIsSaidIsReadAgainToTheRoundingOfTheWords() {
        for (double metres = 0.02; metres < 30; metres += 0.0731) {
            assertThat(Length.parse(UnitSystem.METRIC.length(metres), UnitSystem.US))
                    .isCloseTo(metres, within(metres < 10 ? 0.0051 : 0.051));
            assertThat(Length.parse(UnitSystem.US.length(metres), UnitSystem.METRIC))
                    .isCloseTo(metres, within(0.0128));
        }
    }

    @ParameterizedTest(name = "{0} by {1} m: {2}, {3}")
    @CsvSource({
        "0.45, 0.525, 45 cm × 53 cm, 18 in × 21 in",
        "1.99, 1.75, 1.99 m × 1.75 m, 6 ft 6 in × 5 ft 9 in",
        "9.32, 5.11, 9.3 m × 5.1 m, 30 ft 6 in × 16 ft 9 in",
        "2.04, 12.34, 2 m × 12.3 m, 6 ft 7 in × 40 ft 4 in",
    })
    void sizesAtAGlance(double height, double spread, String metric, String us) {
        assertThat(UnitSystem.METRIC.glance(height, spread)).isEqualTo(metric);
        assertThat(UnitSystem.US.glance(height, spread)).isEqualTo(us);
    }
}
