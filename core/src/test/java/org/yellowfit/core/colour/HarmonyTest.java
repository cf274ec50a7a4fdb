package org.yellowfit.core.colour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Which colours keep company, and why (rule G3). */
class HarmonyTest {

    @ParameterizedTest(name = "{0} beside {1}: {2}")
    @CsvSource({
            "pink#e39bb5,     magenta#c8508c,   NEAR_HUES",
            "blue#5b74c8,     violet#7a5ac0,    NEAR_HUES",
            "yellow#e8cf3e,   orange#e8a040,    NEAR_HUES",
            "blue#4c68c0,     orange#c8842c,    OPPOSITES",
            "purple#7a4a9c,   gold#cfb53b,      OPPOSITES",
            "burgundy#4f2a33, cream#f3ecd2,     DARK_WITH_LIGHT",
            "white#ffffff,    green#3f6a35,     DARK_WITH_LIGHT",
            "red#c83232,      red#c63030,       ",
            "grey#888888,     grey#b0b0b0,      ",
            "red#c83232,      green#3c8c3c,     ",
    })
    void twoColours(String one, String other, Harmony harmony) {
        assertThat(Harmony.between(Colour.parse(one), Colour.parse(other)).orElse(null)).isEqualTo(harmony);
        assertThat(Harmony.between(Colour.parse(other), Colour.parse(one)).orElse(null)).as("the other way round").isEqualTo(harmony);
    }

    @Test
    void everyHarmonyHasWords() {
        for (Harmony harmony : Harmony.values()) {
            assertThat(harmony.words()).isNotBlank();
        }
    }

    /** Reference values for sRGB's corners, computed from the matrices that Ottosson published in 2020. */
    @ParameterizedTest(name = "#{0}: L {1}, a {2}, b {3}")
    @CsvSource({
            "ffffff, 1.000,  0.000,  0.000",
            "000000, 0.000,  0.000,  0.000",
            "ff0000, 0.628,  0.225,  0.126",
            "00ff00, 0.866, -0.234,  0.179",
            "0000ff, 0.452, -0.032, -0.312",
            "ffff00, 0.968, -0.071,  0.199",
            "00ffff, 0.905, -0.149, -0.039",
            "ff00ff, 0.702,  0.275, -0.169",
            "808080, 0.600,  0.000,  0.000",
    })
    void okLab(String hex, double lightness, double a, double b) {
        OkLab lab = OkLab.ofRgb(Integer.parseInt(hex, 16));
        assertThat(lab.lightness()).isCloseTo(lightness, within(0.0011));
        assertThat(lab.a()).isCloseTo(a, within(0.0011));
        assertThat(lab.b()).isCloseTo(b, within(0.0011));
    }

    @Test
    void everyColourComesBackFromOkLab() {
        for (int rgb = 0; rgb <= 0xffffff; rgb += 70_001) {
            assertThat(OkLab.ofRgb(rgb).toRgb()).isEqualTo(rgb);
        }
    }
}
