package org.yellowfit.core.climate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Rule A1. Borders from the public zone table: 5 °F steps, 1a from −60 °F. */
class HardinessZoneTest {

    @ParameterizedTest
    @CsvSource({
        "-60, 1a",
        "-55, 1b",
        "-5, 6b",
        "-0.1, 6b",
        "0, 7a",
        "-10.1, 5b",
        "-10, 6a",
        "65, 13b",
        "69.9, 13b",
        "-80, 1a",
        "90, 13b"
    })
    void aMeanLowInFahrenheitFallsInItsHalfZone(double fahrenheit, String zone) {
        assertThat(HardinessZone.ofMeanLow((fahrenheit - 32) * 5 / 9).label()).isEqualTo(zone);
    }

    @ParameterizedTest
    @CsvSource({"6, 6a, 6b", "6b, 6b, 6b", " 10A , 10a, 10a", "13, 13a, 13b", "1, 1a, 1b"})
    void aBareNumberIsItsColderHalfForThePlaceAndItsWarmerHalfAsAWarmestZone(
            String text, String coldest, String warmest) {
        assertThat(HardinessZone.parse(text).label()).isEqualTo(coldest);
        assertThat(HardinessZone.parseAsWarmest(text).label()).isEqualTo(warmest);
    }

    @ParameterizedTest
    @ValueSource(strings = {"0a", "14", "6c", "", "six", "6ab", "-5", "1000000000000"})
    void whatIsNoZoneIsRefusedWithWhatWasExpected(String text) {
        assertThatThrownBy(() -> HardinessZone.parse(text))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("1a to 13b");
    }

    @Test
    void sixBRunsFromMinus20Point6ToMinus17Point8Celsius() {
        HardinessZone zone = HardinessZone.parse("6b");
        assertThat(zone.lowestCelsius()).isCloseTo(-20.56, within(0.01));
        assertThat(zone.highestCelsius()).isCloseTo(-17.78, within(0.01));
    }

    @Test
    void everyZoneHoldsItsOwnLowestTemperature() {
        for (int half = HardinessZone.COLDEST; half <= HardinessZone.WARMEST; half++) {
            HardinessZone zone = new HardinessZone(half);
            assertThat(HardinessZone.ofMeanLow(zone.lowestCelsius())).isEqualTo(zone);
        }
    }

    @Test
    void noTemperatureAtAllIsRefused() {
        assertThatThrownBy(() -> HardinessZone.ofMeanLow(Double.NaN)).isInstanceOf(IllegalArgumentException.class);
    }
}
