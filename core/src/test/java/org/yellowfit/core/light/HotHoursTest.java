package org.yellowfit.core.light;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Rules B1 and B3. Hot hours lie from 1 to 5 h after solar noon. */
class HotHoursTest {

    @ParameterizedTest
    @CsvSource({
        "4, MORNING, 0",
        "4, AFTERNOON, 3",
        "8, EVEN, 3",
        "12, EVEN, 4",
        "0, EVEN, 0",
        "1, AFTERNOON, 0",
        "9, MORNING, 0",
        "14, AFTERNOON, 4"
    })
    void areEstimatedFromTheDay(double hours, SunBias bias, double hot) {
        assertThat(HotHours.estimate(hours, bias)).isEqualTo(hot);
    }

    @ParameterizedTest
    @CsvSource({"6, FULL_SUN", "5.9, PART", "4, PART", "3.9, SHADE", "2, SHADE", "1.9, DEEP_SHADE", "0, DEEP_SHADE"})
    void hoursNameTheLight(double hours, LightClass light) {
        assertThat(LightClass.ofHours(hours)).isEqualTo(light);
    }

    @Test
    void impossibleHoursAreRefused() {
        assertThatThrownBy(() -> HotHours.estimate(Double.NaN, SunBias.EVEN))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> LightClass.ofHours(-1)).isInstanceOf(IllegalArgumentException.class);
    }
}
