package org.yellowfit.core.soil;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.yellowfit.core.measure.Amount;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.measure.Words;

/** What a soil means, said (rules C1 to C5). */
class SoilMeaningTest {

    @ParameterizedTest(name = "{0}: “{1}”")
    @CsvSource({
        "SAND_CLASS, sand",
        "LOAMY_SAND, sand",
        "SANDY_LOAM, light-loam",
        "LOAM_CLASS, loam",
        "SILT_LOAM,  loam",
        "SANDY_CLAY_LOAM, loam",
        "CLAY_LOAM,  heavy-loam",
        "SILTY_CLAY_LOAM,  heavy-loam",
        "SANDY_CLAY, clay",
        "SILTY_CLAY, clay",
        "CLAY_CLASS, clay",
    })
    void texture(TextureClass texture, String part) {
        assertThat(SoilMeaning.of(texture, null, null, null))
                .containsExactly(Fact.of("soil.means.texture." + part, texture));
    }

    /** What the ground means and what is to be done about it are told of the same ground. */
    @ParameterizedTest
    @EnumSource(TextureClass.class)
    void meaningAndAmendingSpeakOfTheSameGround(TextureClass texture) {
        String ground = Words.of(texture.workability());
        assertThat(SoilMeaning.of(texture, null, null, null))
                .extracting(Fact::key)
                .containsExactly("soil.means.texture." + ground);
        assertThat(Amendment.of(texture, null, null, 10, 0.2).advice())
                .extracting(Fact::key)
                .contains("amend." + ground);
    }

    @ParameterizedTest
    @EnumSource(Drainage.class)
    void everyDrainageSaysWhatToDo(Drainage drainage) {
        assertThat(SoilMeaning.of(null, drainage, null, null))
                .containsExactly(Fact.of("soil.means.drainage." + Words.of(drainage)));
    }

    @ParameterizedTest(name = "pH {0} {1}")
    @CsvSource({
        "4.5, acid",
        "5.7, acid",
        "5.8, neutral",
        "6.5, neutral",
        "7.2, neutral",
        "7.3, alkaline",
        "8.4, alkaline"
    })
    void ph(double ph, String part) {
        assertThat(SoilMeaning.of(null, null, null, ph))
                .containsExactly(Fact.of("soil.means.ph." + part, Amount.ph(ph)));
    }

    @ParameterizedTest(name = "moisture {0}: {1}")
    @CsvSource({
        "1, soil.means.dry",
        "2, soil.means.dry",
        "2.5, ''",
        "3, ''",
        "3.5, ''",
        "4, soil.means.wet",
        "5, soil.means.wet"
    })
    void moisture(double moisture, String part) {
        List<Fact> told = SoilMeaning.of(null, null, moisture, null);
        assertThat(told.toString()).contains(part);
        assertThat(told).hasSize(part.isEmpty() ? 0 : 1);
    }

    @Test
    void nothingKnownSaysNothingAndAllKnownSaysAll() {
        assertThat(SoilMeaning.of(null, null, null, null)).isEmpty();
        assertThat(SoilMeaning.of(TextureClass.CLAY_CLASS, Drainage.POOR, 4.5, 7.8))
                .hasSize(4);
    }
}
