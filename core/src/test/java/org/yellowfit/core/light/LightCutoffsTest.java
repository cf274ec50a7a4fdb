package org.yellowfit.core.light;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Rule B1. */
class LightCutoffsTest {

    @ParameterizedTest(name = "{0} h: {1}, and {2} where 3 h are part")
    @CsvSource({
        "6, FULL_SUN, FULL_SUN",
        "5.9, PART, PART",
        "4, PART, PART",
        "3.9, SHADE, PART",
        "3, SHADE, PART",
        "2.9, SHADE, SHADE",
        "1.9, DEEP_SHADE, SHADE",
        "1.4, DEEP_SHADE, DEEP_SHADE",
        "0, DEEP_SHADE, DEEP_SHADE"
    })
    void hoursAreNamedByTheCutoffs(double hours, LightClass usual, LightClass wider) {
        assertThat(LightCutoffs.USUAL.of(hours)).isEqualTo(usual);
        assertThat(new LightCutoffs(6, 3, 1.5).of(hours)).isEqualTo(wider);
    }

    @ParameterizedTest
    @CsvSource({"4, 4, 2", "6, 2, 4", "6, 4, 0", "17, 4, 2", "6, NaN, 2"})
    void theyMustStandInTheirOrder(double full, double part, double shade) {
        assertThatIllegalArgumentException().isThrownBy(() -> new LightCutoffs(full, part, shade));
    }
}
