package org.yellowfit.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class MeasureTest {

    @ParameterizedTest
    @CsvSource(delimiter = ';', quoteCharacter = '`', value = {"0.9; METRIC; 0.9", "90 cm; METRIC; 0.9", "0,9 m; METRIC; 0.9", "3 ft; METRIC; 0.9144", "3; US; 0.9144", "3' 6\"; US; 1.0668",
        "3 ft 6 in; US; 1.0668", "35 in; US; 0.889", "900mm; METRIC; 0.9", "3ft 6; US; 1.0668"})
    void lengthsAreReadAsPeopleWriteThem(String text, UnitSystem bare, double metres) {
        assertThat(Length.parse(text, bare)).isCloseTo(metres, within(1e-9));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "tall", "-1", "1 yard", "1e5", "1.2.3", "3 ft six"})
    void otherTextIsNoLength(String text) {
        assertThatThrownBy(() -> Length.parse(text, UnitSystem.METRIC)).isInstanceOf(IllegalArgumentException.class).hasMessageContaining("write it like");
    }

    @ParameterizedTest
    @CsvSource({"0.9, 90 cm, 2 ft 11 in", "1.8, 1.8 m, 5 ft 11 in", "0.3048, 30 cm, 12 in", "1.8288, 1.83 m, 6 ft", "0.99, 99 cm, 3 ft 3 in", "12.34, 12.3 m, 40 ft 6 in"})
    void lengthsAreShownInBothSystems(double metres, String metric, String us) {
        assertThat(UnitSystem.METRIC.length(metres)).isEqualTo(metric);
        assertThat(UnitSystem.US.length(metres)).isEqualTo(us);
    }

    @Test
    void numbersAreWrittenOneWay() {
        assertThat(Numbers.write(Numbers.parse("1.50"))).isEqualTo("1.5");
        assertThat(Numbers.write(Numbers.parse("-0.0"))).isEqualTo("0");
        assertThat(Numbers.write(100)).isEqualTo("100");
        assertThatThrownBy(() -> Numbers.parse("1e9")).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> Numbers.parse("0x10")).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void aRangeKnowsItsEndsAndRefusesNonsense() {
        assertThat(Interval.parse("0.8..1.2").mid()).isEqualTo(1);
        assertThat(Interval.parse("1").text()).isEqualTo("1");
        assertThat(Interval.parse("0.8..1.2").distanceTo(1.5)).isCloseTo(0.3, within(1e-12));
        assertThatThrownBy(() -> new Interval(Double.NaN, 1)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> Interval.parse("2..1")).hasMessageContaining("2..1");
    }

    @Test
    void theNearestWordIsOfferedWhenItIsNear() {
        assertThat(Words.nearest("prostate", List.of("prostrate", "upright"))).contains("prostrate");
        assertThat(Words.nearest("banana", List.of("prostrate", "upright"))).isEmpty();
    }
}
