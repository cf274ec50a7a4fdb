package org.yellowfit.core.measure;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Amounts as they are said, in both systems; the US values by hand: 1 cu yd = 0.7646 m³, 1 lb = 0.4536 kg, 1 in = 2.54 cm. */
class UnitSystemTest {

    @ParameterizedTest(name = "{0} {1}: {2}, {3}")
    @CsvSource(
            delimiter = '|',
            value = {
                "volume     | 0.05   | 50 l    | 0.07 cu yd",
                "volume     | 0.1    | 0.1 m³  | 0.13 cu yd",
                "volume     | 1.5291 | 1.53 m³ | 2 cu yd",
                "mass       | 0.25   | 250 g   | 0.6 lb",
                "mass       | 1      | 1 kg    | 2.2 lb",
                "mass       | 4.5359 | 4.5 kg  | 10 lb",
                "rain       | 1016   | 1016 mm | 40 in",
                "difference | 1      | 1 °C    | 1.8 °F",
                "measured   | 0.0635 | 6.4 cm  | 2.5 in",
                "temperature | -20.6 | −20.6 °C | −5 °F",
            })
    void anAmountIsSaidInBothSystems(String what, double value, String metric, String us) {
        assertThat(said(UnitSystem.METRIC, what, value)).isEqualTo(metric);
        assertThat(said(UnitSystem.US, what, value)).isEqualTo(us);
    }

    private static String said(UnitSystem units, String what, double value) {
        return switch (what) {
            case "volume" -> units.volume(value);
            case "mass" -> units.mass(value);
            case "rain" -> units.rain(value);
            case "difference" -> units.temperatureDifference(value);
            case "measured" -> units.measured(value);
            case "temperature" -> units.temperature(value);
            default -> throw new IllegalArgumentException(what);
        };
    }

    @Test
    void aTapeIsReadToTheCentimetreOrTheInch() {
        assertThat(UnitSystem.METRIC.tape(18.163)).isEqualTo("18.16\u00a0m");
        assertThat(UnitSystem.METRIC.tape(0.5)).isEqualTo("0.50\u00a0m");
        // 18.163 m are 715.08 inches.
        assertThat(UnitSystem.US.tape(18.163)).isEqualTo("59 ft 7 in");
    }
}
