package org.yellowfit.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;

class MeasureTest {

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
