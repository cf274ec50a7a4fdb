package org.yellowfit.core.soil;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.soil.MoistureEstimate.Irrigation;
import org.yellowfit.core.soil.MoistureEstimate.Water;

/** Rules C1 to C5 on their borders: a class begins where the soil survey says it does. */
class SoilEdgesTest {

    /** The written limits of the texture triangle (Soil Survey Manual, ch. 3), each from both sides. */
    @ParameterizedTest(name = "{0}/{1}/{2} is {3}")
    @CsvSource({
        "85, 15, 0, loamy sand",
        "86, 14, 0, sand",
        "70, 30, 0, sandy loam",
        "71, 29, 0, loamy sand",
        "52, 28, 20, loam",
        "52.5, 27.5, 20, sandy clay loam",
        "53, 40, 7, sandy loam",
        "52, 41, 7, loam",
        "52, 42, 6, sandy loam",
        "45, 28, 27, clay loam",
        "46, 27, 27, sandy clay loam",
        "45.5, 34.5, 20, loam",
        "46, 26, 28, sandy clay loam",
        "46, 19, 35, sandy clay",
        "46, 20, 34, sandy clay loam",
        "20, 45, 35, silty clay loam",
        "21, 44, 35, clay loam",
        "20, 40, 40, silty clay",
        "21, 39, 40, clay",
        "20, 41, 39, silty clay loam",
        "25, 50, 25, silt loam",
        "26, 49, 25, loam",
        "8, 80, 12, silt loam",
        "9, 80, 11, silt",
        "10, 79, 11, silt loam",
        "31, 42, 27, clay loam",
        "32, 42, 26, loam",
    })
    void texture(double sand, double silt, double clay, String words) {
        assertThat(TextureClass.of(sand, silt, clay).words()).isEqualTo(words);
    }

    @ParameterizedTest(name = "{0}/{1}/{2}: {3}")
    @CsvSource({
        "40, 40, 21, true",
        "40, 40, 19, true",
        "40, 40, 21.1, false",
        "40, 40, 18.9, false",
        "-1, 61, 40, false",
        "61, -1, 40, false",
        "60, 41, -1, false"
    })
    void sharesAddUpToAHundredWithinOne(double sand, double silt, double clay, boolean fine) {
        if (fine) {
            assertThatCode(() -> TextureClass.of(sand, silt, clay)).doesNotThrowAnyException();
        } else {
            assertThatThrownBy(() -> TextureClass.of(sand, silt, clay)).hasMessageContaining("100 %");
        }
    }

    /** docs/rules.md, C3: each step by itself from a middle of 3. */
    @ParameterizedTest(name = "rain {0}: {1}")
    @CsvSource({"449, 2", "450, 2.5", "699, 2.5", "700, 3", "1200, 3", "1201, 3.5"})
    void rain(double rainMm, double moisture) {
        assertThat(MoistureEstimate.of(new Water(null, null, rainMm, null, null, null, null))
                        .moisture())
                .isEqualTo(moisture);
    }

    @ParameterizedTest(name = "slope {0} %: {1}")
    @CsvSource({"11.9, 3", "12, 2.5"})
    void slope(double percent, double moisture) {
        assertThat(MoistureEstimate.of(new Water(null, null, null, percent, null, null, null))
                        .moisture())
                .isEqualTo(moisture);
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource({"NONE, 3", "SOMETIMES, 3.5", "REGULAR, 4"})
    void watering(Irrigation irrigation, double moisture) {
        assertThat(MoistureEstimate.of(new Water(null, null, null, null, null, null, irrigation))
                        .moisture())
                .isEqualTo(moisture);
    }

    @ParameterizedTest(name = "{0}: {1}, because {2}")
    @CsvSource({
        "sand, 1.5, lets-go",
        "loamy sand, 2, lets-go",
        "sandy loam, 2.5, lets-go",
        "loam, 3, some",
        "clay, 3.5, holds",
        "sandy clay, 3.5, holds"
    })
    void textureHoldsOrLetsGo(String texture, double moisture, String because) {
        TextureClass soil = TextureClass.parse(texture);
        MoistureEstimate estimate = MoistureEstimate.of(new Water(soil, null, null, null, null, null, null));
        assertThat(estimate.moisture()).isEqualTo(moisture);
        assertThat(estimate.reasons()).containsExactly(Fact.of("moisture.because.texture." + because, soil));
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource({"POOR, 4, 1", "SLOW, 3.5, 1", "GOOD, 3, 0", "FAST, 2.5, 1"})
    void drainageIsAReasonWhereItMovesSomething(Drainage drainage, double moisture, int reasons) {
        MoistureEstimate estimate = MoistureEstimate.of(new Water(null, drainage, null, null, null, null, null));
        assertThat(estimate.moisture()).isEqualTo(moisture);
        assertThat(estimate.reasons()).hasSize(reasons);
    }

    @Test
    void rainIsToldInTens() {
        assertThat(MoistureEstimate.of(new Water(null, null, 1158.0, null, null, null, null))
                        .reasons())
                .containsExactly(Fact.of("moisture.because.rain", 1160L));
    }

    /** A fifth of a pH is left; a whole one is fighting the soil only beyond it. */
    @ParameterizedTest(name = "from {0} to {1}: {2} kg of sulfur, {3}")
    @CsvSource({
        "6.7, 6.5, 0, amend.ph-near",
        "6.6, 6.5, 0, amend.ph-near",
        "6.8, 6.5, 0.3, amend.sulfur-slow",
        "7.4, 6.4, 1.0, amend.sulfur-slow",
        "7.5, 6.4, 1.1, amend.fighting"
    })
    void stepsOfPh(double ph, double target, double sulfurKg, String told) {
        Amendment amendment = Amendment.of(TextureClass.LOAM_CLASS, ph, target, 10, 0.15);
        assertThat(amendment.sulfurKg()).isCloseTo(sulfurKg, within(1e-9));
        assertThat(amendment.advice()).extracting(Fact::key).contains(told);
        assertThat(amendment.advice()).extracting(Fact::key).contains("amend.estimates");
    }

    @ParameterizedTest(name = "from {0}: free lime {1}")
    @CsvSource({"7.5, true", "7.4, false"})
    void freeLimeIsAskedAboutFromPhSevenAndAHalf(double ph, boolean asked) {
        assertThat(Amendment.of(TextureClass.LOAM_CLASS, ph, 6.5, 10, 0.15).advice())
                .extracting(Fact::key)
                .satisfies(keys -> assertThat(keys.contains("amend.free-lime")).isEqualTo(asked));
    }

    @Test
    void limingIsToldAsLimingAndOneGoIsNoGoes() {
        Amendment lime = Amendment.of(TextureClass.LOAM_CLASS, 6.0, 6.5, 10, 0.15);
        assertThat(lime.advice())
                .extracting(Fact::key)
                .contains("amend.lime-slow")
                .doesNotContain("amend.goes");
        assertThat(lime.limeKg()).isCloseTo(1.85, within(1e-9));
        Amendment more = Amendment.of(TextureClass.CLAY_CLASS, 5.0, 6.5, 10, 0.15);
        assertThat(more.advice()).contains(Fact.of("amend.goes", more.applications()));
        assertThat(more.applications()).isEqualTo(4);
    }

    @ParameterizedTest(name = "area {0}, depth {1}, pH {2}: {3}")
    @CsvSource({
        "100000, 0.2, 6, true",
        "100001, 0.2, 6, false",
        "10, 0.05, 6, true",
        "10, 0.049, 6, false",
        "10, 0.6, 6, true",
        "10, 0.61, 6, false",
        "10, 0.2, 3, true",
        "10, 0.2, 10, true",
        "10, 0.2, 2.9, false",
        "10, 0.2, 10.1, false",
        "0, 0.2, 6, false"
    })
    void limits(double area, double depth, double ph, boolean fine) {
        if (fine) {
            assertThatCode(() -> Amendment.of(null, ph, null, area, depth)).doesNotThrowAnyException();
        } else {
            assertThatThrownBy(() -> Amendment.of(null, ph, null, area, depth))
                    .isInstanceOf(IllegalArgumentException.class);
        }
    }

    @ParameterizedTest(name = "{0}: {1} of organic matter")
    @CsvSource({"sand, 0.5", "loamy sand, 0.4", "sandy loam, 0.25", "clay, 0.25", "loam, 0"})
    void shareOfOrganicMatter(String texture, double share) {
        Amendment amendment = Amendment.of(TextureClass.parse(texture), null, null, 10, 0.2);
        assertThat(amendment.organicM3()).isCloseTo(share * 2, within(1e-9));
    }

    @ParameterizedTest(name = "moisture {0}: {1}")
    @CsvSource({
        "0,    DRY",
        "1.2,  DRY",
        "1.5,  MOSTLY_DRY",
        "2,    RATHER_DRY",
        "2.5,  BARELY_MOIST",
        "2.74, BARELY_MOIST",
        "2.75, MOIST",
        "3.5,  SLIGHTLY_DAMP",
        "4,    DAMP",
        "4.5,  VERY_DAMP",
        "7,    WET"
    })
    void moistureHasAWord(double moisture, Moisture word) {
        assertThat(Moisture.of(moisture)).isEqualTo(word);
    }
}
