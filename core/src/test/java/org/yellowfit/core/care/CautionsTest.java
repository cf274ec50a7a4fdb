package org.yellowfit.core.care;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.yellowfit.core.Plants;
import org.yellowfit.core.measure.Fact;

/** Rule F8. */
class CautionsTest {

    @Test
    void everyHandoutTellsOfServicesLabelsAndLocalCodes() {
        assertThat(Cautions.of(List.of()))
                .extracting(Fact::key)
                .containsExactly("caution.dig", "caution.chemicals", "caution.codes");
    }

    @Test
    void poisonThornsAndLargeTreesAreNamedWithTheirPlants() {
        List<Fact> told = Cautions.of(List.of(
                Plants.plant("botanical=Taxus+media hazards=toxic-people|toxic-pets"),
                Plants.plant("botanical=Rosa+rugosa hazards=thorns"),
                Plants.plant("botanical=Betula+nigra kind=tree height10_m=8")));
        assertThat(told)
                .contains(
                        Fact.of("caution.toxic-people", List.of("Taxus media")),
                        Fact.of("caution.toxic-pets", List.of("Taxus media")),
                        Fact.of("caution.thorns", List.of("Rosa rugosa")),
                        Fact.of("caution.large", List.of("Betula nigra")));
    }
}
