package org.yellowfit.core.growth;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Rule G1. */
class LayerTest {

    @ParameterizedTest(name = "{0} m: {1}")
    @CsvSource({
        "12, BACK",
        "1.5, BACK",
        "1.49, MIDDLE",
        "0.6, MIDDLE",
        "0.59, FRONT",
        "0.2, FRONT",
        "0.19, GROUND_COVER",
        "0, GROUND_COVER"
    })
    void aPlantStandsByItsHeight(double heightM, Layer layer) {
        assertThat(Layer.of(heightM)).isEqualTo(layer);
    }

    @Test
    void noHeightIsBelowTheGround() {
        assertThatIllegalArgumentException().isThrownBy(() -> Layer.of(-0.1)).withMessageContaining("-0.1 m");
        assertThatIllegalArgumentException().isThrownBy(() -> Layer.of(Double.NaN));
    }
}
