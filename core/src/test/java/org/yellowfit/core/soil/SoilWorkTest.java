package org.yellowfit.core.soil;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yellowfit.core.soil.FeelTest.Rubbed;
import org.yellowfit.core.soil.MoistureEstimate.Irrigation;
import org.yellowfit.core.soil.MoistureEstimate.Water;

/** Tests of the soil at hand: jar, feel, water, and what to work in. */
class SoilWorkTest {

    /** Thien's flow diagram (1979), one line for each of its ends. */
    @ParameterizedTest
    @CsvSource({
        "no,,,sand",
        "yes,0,,loamy sand",
        "yes,2,GRITTY,sandy loam",
        "yes,2,SMOOTH,silt loam",
        "yes,2.4,NEITHER,loam",
        "yes,2.5,GRITTY,sandy clay loam",
        "yes,4,SMOOTH,silty clay loam",
        "yes,5,NEITHER,clay loam",
        "yes,5.1,GRITTY,sandy clay",
        "yes,7,SMOOTH,silty clay",
        "yes,9,NEITHER,clay"
    })
    void textureByFeel(String ball, Double ribbon, Rubbed rubbed, String texture) {
        assertThat(FeelTest.texture(ball.equals("yes"), ribbon, rubbed).map(TextureClass::words))
                .contains(texture);
    }

    @Test
    void anUnfinishedFeelTestSaysNothingYet() {
        assertThat(FeelTest.texture(null, null, null)).isEmpty();
        assertThat(FeelTest.texture(true, null, null)).isEmpty();
        assertThat(FeelTest.texture(true, 3.0, null)).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"40,40,20,loam", "65,10,25,sandy clay loam", "12,60,28,silty clay loam", "90,6,4,sand", "20,20,60,clay"
    })
    void textureFromAJar(double sand, double silt, double clay, String texture) {
        JarTest jar = JarTest.ofLayers(sand * 1.7, silt * 1.7, clay * 1.7);
        assertThat(jar.sand()).isCloseTo(sand, within(1e-9));
        assertThat(jar.texture().words()).isEqualTo(texture);
    }

    @Test
    void anEmptyJarIsRefused() {
        assertThatThrownBy(() -> JarTest.ofLayers(0, 0, 0)).hasMessageContaining("thicker than 0");
        assertThatThrownBy(() -> JarTest.ofLayers(Double.NaN, 1, 1)).hasMessageContaining("0 to 1000");
    }

    @ParameterizedTest
    @CsvSource({
        "sand,FAST,500,1",
        "sand,FAST,1300,1.5",
        "loam,GOOD,900,3",
        "clay,POOR,1300,5",
        "clay loam,SLOW,900,3.5",
        "silt loam,GOOD,600,2.5"
    })
    void moistureFromWhatHoldsAndBringsWater(String texture, Drainage drainage, double rain, double expected) {
        MoistureEstimate estimate =
                MoistureEstimate.of(new Water(TextureClass.parse(texture), drainage, rain, null, null, null, null));
        assertThat(estimate.moisture()).isEqualTo(expected);
        assertThat(estimate.reasons())
                .anySatisfy(reason -> assertThat(reason.key()).isEqualTo("moisture.because.rain"));
    }

    @Test
    void aRoofDriesAndWateringWets() {
        Water plain = new Water(TextureClass.LOAM_CLASS, Drainage.GOOD, 900.0, 2.0, false, false, Irrigation.NONE);
        Water roofed = new Water(TextureClass.LOAM_CLASS, Drainage.GOOD, 900.0, 15.0, false, true, Irrigation.NONE);
        Water watered = new Water(TextureClass.LOAM_CLASS, Drainage.GOOD, 900.0, 2.0, true, false, Irrigation.REGULAR);
        assertThat(MoistureEstimate.of(plain).moisture()).isEqualTo(3);
        assertThat(MoistureEstimate.of(roofed).moisture()).isEqualTo(1.5);
        assertThat(MoistureEstimate.of(watered).moisture()).isEqualTo(4.5);
        assertThat(MoistureEstimate.of(new Water(null, null, null, null, null, null, null))
                        .reasons())
                .isEmpty();
    }

    /** Worked by hand from the rates in docs/rules.md: rate × step of pH × area × depth / 15 cm. */
    @ParameterizedTest
    @CsvSource({
        "loam,7.5,6.5,10,0.15,1.0,0,2",
        "sandy loam,5.5,6.5,10,0.15,0,2.2,1",
        "clay,5.5,6.5,4,0.15,0,1.96,3",
        "sand,6.5,5.5,20,0.3,2.0,0,2",
        "loam,6.5,6.4,10,0.2,0,0,1",
        "loam,6.5,,10,0.2,0,0,1"
    })
    void sulfurAndLime(
            String texture, double ph, Double target, double area, double depth, double sulfur, double lime, int goes) {
        Amendment amendment = Amendment.of(TextureClass.parse(texture), ph, target, area, depth);
        assertThat(amendment.sulfurKg()).isCloseTo(sulfur, within(1e-9));
        assertThat(amendment.limeKg()).isCloseTo(lime, within(1e-9));
        assertThat(amendment.applications()).isEqualTo(goes);
    }

    @Test
    void sandTakesUpToHalfOfOrganicMatterAndClayIsSetHigh() {
        Amendment sand = Amendment.of(TextureClass.SAND_CLASS, null, null, 8, 0.25);
        assertThat(sand.organicM3()).isCloseTo(1, within(1e-9));
        assertThat(sand.mulchM3()).isCloseTo(0.56, within(1e-9));
        Amendment clay = Amendment.of(TextureClass.CLAY_CLASS, null, null, 8, 0.25);
        assertThat(clay.gritM3()).isCloseTo(0.2, within(1e-9));
        assertThat(clay.raiseCm()).isEqualTo(10);
        assertThat(Amendment.of(TextureClass.LOAM_CLASS, null, null, 8, 0.25).organicM3())
                .isZero();
    }

    @Test
    void everyAdviceEndsAtTheLaboratoryAndAFarStepIsFightingTheSoil() {
        Amendment far = Amendment.of(TextureClass.LOAM_CLASS, 7.8, 5.0, 5, 0.2);
        assertThat(far.advice()).anySatisfy(line -> assertThat(line.key()).isEqualTo("amend.fighting"));
        assertThat(far.advice()).anySatisfy(line -> assertThat(line.key()).isEqualTo("amend.free-lime"));
        assertThat(far.advice().get(far.advice().size() - 1).key()).isEqualTo("amend.estimates");
    }

    @Test
    void badNumbersAreRefused() {
        assertThatThrownBy(() -> Amendment.of(null, 6.0, 5.0, 0, 0.2)).hasMessageContaining("area");
        assertThatThrownBy(() -> Amendment.of(null, 6.0, 11.0, 5, 0.2)).hasMessageContaining("pH");
        assertThatThrownBy(() -> Amendment.of(null, 6.0, 5.0, 5, 3)).hasMessageContaining("depth");
    }
}
