package org.yellowfit.core.colour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Check values from B. Ottosson's published table for OKLab (2020). */
class ColourTest {

    @ParameterizedTest
    @CsvSource({
        "ffffff, 1, 0, 0",
        "000000, 0, 0, 0",
        "ff0000, 0.628, 0.225, 0.126",
        "00ff00, 0.866, -0.234, 0.179",
        "0000ff, 0.452, -0.032, -0.312",
        "ffff00, 0.968, -0.071, 0.199",
        "00ffff, 0.905, -0.149, -0.039",
        "ff00ff, 0.702, 0.275, -0.169",
        "808080, 0.600, 0, 0"
    })
    void screenColoursHaveTheirPublishedPlace(String hex, double lightness, double a, double b) {
        OkLab lab = OkLab.ofRgb(Integer.parseInt(hex, 16));
        assertThat(lab.lightness()).isCloseTo(lightness, within(0.001));
        assertThat(lab.a()).isCloseTo(a, within(0.001));
        assertThat(lab.b()).isCloseTo(b, within(0.001));
    }

    @Test
    void thereAndBackIsTheSameColour() {
        Random random = new Random(5);
        for (int i = 0; i < 2000; i++) {
            int rgb = random.nextInt(0x1000000);
            assertThat(OkLab.ofRgb(rgb).toRgb()).isEqualTo(rgb);
        }
    }

    @ParameterizedTest
    @CsvSource({
        "gold, ripe gold#cfb53b, true",
        "gold, lemon#d6b63c, true",
        "blue, gold#d9b43a, false",
        "purple, wine#5a2b45, true",
        "white, snow#f8f6f0, true",
        "white, black#101010, false",
        "pink, pale pink#123456, true"
    })
    void aWordIsAnsweredByNameOrByEye(String word, String colour, boolean answered) {
        assertThat(ColourWord.parse(word).answeredBy(Colour.parse(colour))).isEqualTo(answered);
    }

    /** Plain leaves: hue 112 to 165°, and darker than gold and lime. */
    @ParameterizedTest(name = "lightness {0}, hue {1}°: {2}")
    @CsvSource({
        "0.5, 140, true",
        "0.71, 140, true",
        "0.73, 140, false",
        "0.5, 113, true",
        "0.5, 111, false",
        "0.5, 164, true",
        "0.5, 166, false"
    })
    void theGreenOfPlainLeaves(double lightness, double hue, boolean green) {
        double radians = Math.toRadians(hue);
        assertThat(new OkLab(lightness, 0.1 * Math.cos(radians), 0.1 * Math.sin(radians)).isLeafGreen())
                .isEqualTo(green);
    }
}
