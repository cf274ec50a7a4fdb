package org.yellowfit.core.soil;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Rules C1 and C2. Classes read off the written limits of the USDA texture triangle (Soil Survey Manual, chapter 3).
 */
class SoilTest {

    @ParameterizedTest
    @CsvSource({
        "92, 5, 3, sand",
        "82, 12, 6, loamy sand",
        "65, 25, 10, sandy loam",
        "40, 40, 20, loam",
        "20, 65, 15, silt loam",
        "7, 87, 6, silt",
        "60, 13, 27, sandy clay loam",
        "33, 34, 33, clay loam",
        "10, 57, 33, silty clay loam",
        "52, 7, 41, sandy clay",
        "6, 47, 47, silty clay",
        "20, 20, 60, clay",
        "53, 40, 7, sandy loam",
        "52, 41, 7, loam",
        "45, 28, 27, clay loam",
        "46, 27, 27, sandy clay loam",
        "8, 80, 12, silt loam"
    })
    void sharesFallInTheirClass(double sand, double silt, double clay, String words) {
        assertThat(TextureClass.of(sand, silt, clay).words()).isEqualTo(words);
    }

    @ParameterizedTest
    @CsvSource({
        "sand, SAND",
        "loamy sand, SAND",
        "sandy loam, SAND LOAM",
        "silt, LOAM",
        "sandy clay loam, LOAM",
        "clay loam, LOAM CLAY",
        "silty clay loam, LOAM CLAY",
        "sandy clay, CLAY",
        "clay, CLAY"
    })
    void aClassCountsAsTheWordsPlantsAreSoldBy(String words, String groups) {
        assertThat(TextureClass.parse(words).groups())
                .extracting(Enum::name)
                .containsExactlyInAnyOrder(groups.split(" "));
    }

    @Test
    void everyMixHasAClass() {
        Random random = new Random(11);
        for (int i = 0; i < 5000; i++) {
            double sand = random.nextDouble() * 100;
            double silt = random.nextDouble() * (100 - sand);
            assertThat(TextureClass.of(sand, silt, 100 - sand - silt)).isNotNull();
        }
    }

    @Test
    void sharesThatDoNotAddUpAreRefused() {
        assertThatThrownBy(() -> TextureClass.of(50, 50, 50)).hasMessageContaining("100 %");
        assertThatThrownBy(() -> TextureClass.of(Double.NaN, 50, 50)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> TextureClass.parse("cly loam")).hasMessageContaining("clay loam");
    }

    @ParameterizedTest
    @CsvSource({"0, POOR", "2.4, POOR", "2.5, SLOW", "4.9, SLOW", "5, GOOD", "15, GOOD", "15.1, FAST"})
    void theFallOfWaterInAHoleNamesTheDrainage(double cmPerHour, Drainage drainage) {
        assertThat(Drainage.ofFall(cmPerHour)).isEqualTo(drainage);
    }
}
