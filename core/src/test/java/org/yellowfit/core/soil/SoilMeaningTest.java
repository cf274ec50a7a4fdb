package org.yellowfit.core.soil;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** What a soil means, said (rules C1 to C5). */
class SoilMeaningTest {

    @ParameterizedTest(name = "{0}: “{1}”")
    @CsvSource({
        "SAND_CLASS, warms early",
        "LOAMY_SAND, warms early",
        "SANDY_LOAM, nearly everything roots in it",
        "LOAM_CLASS, nearly everything roots in it",
        "SILT_LOAM,  nearly everything roots in it",
        "CLAY_LOAM,  nearly everything roots in it",
        "SANDY_CLAY, not to be trodden",
        "SILTY_CLAY, not to be trodden",
        "CLAY_CLASS, not to be trodden",
    })
    void texture(TextureClass texture, String part) {
        assertThat(SoilMeaning.of(texture, null, null, null))
                .singleElement()
                .satisfies(said -> assertThat(said)
                        .contains(part)
                        .startsWith(texture.words().substring(0, 1).toUpperCase()));
    }

    @ParameterizedTest
    @EnumSource(Drainage.class)
    void everyDrainageSaysWhatToDo(Drainage drainage) {
        assertThat(SoilMeaning.of(null, drainage, null, null))
                .singleElement()
                .satisfies(said -> assertThat(said).hasSizeGreaterThan(40).endsWith("."));
    }

    @ParameterizedTest(name = "pH {0} {1}")
    @CsvSource({
        "4.5, is acid",
        "5.7, is acid",
        "5.8, suits nearly everything",
        "6.5, suits nearly everything",
        "7.2, suits nearly everything",
        "7.3, is alkaline",
        "8.4, is alkaline"
    })
    void ph(double ph, String part) {
        assertThat(SoilMeaning.of(null, null, null, ph))
                .singleElement()
                .satisfies(said -> assertThat(said).startsWith("pH " + ph).contains(part));
    }

    @ParameterizedTest(name = "moisture {0}: {1}")
    @CsvSource({
        "1, go short",
        "2, go short",
        "2.5, ''",
        "3, ''",
        "3.5, ''",
        "4, rot here in winter",
        "5, rot here in winter"
    })
    void moisture(double moisture, String part) {
        List<String> told = SoilMeaning.of(null, null, moisture, null);
        assertThat(String.join(" ", told)).contains(part);
        assertThat(told).hasSize(part.isEmpty() ? 0 : 1);
    }

    @Test
    void nothingKnownSaysNothingAndAllKnownSaysAll() {
        assertThat(SoilMeaning.of(null, null, null, null)).isEmpty();
        assertThat(SoilMeaning.of(TextureClass.CLAY_CLASS, Drainage.POOR, 4.5, 7.8))
                .hasSize(4);
    }
}
