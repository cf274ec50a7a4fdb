package org.yellowfit.core.colour;

import static org.assertj.core.api.Assertions.assertThat;

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
        assertThat(Harmony.between(Colour.parse(one), Colour.parse(other)).orElse(null))
                .isEqualTo(harmony);
        assertThat(Harmony.between(Colour.parse(other), Colour.parse(one)).orElse(null))
                .as("the other way round")
                .isEqualTo(harmony);
    }
}
