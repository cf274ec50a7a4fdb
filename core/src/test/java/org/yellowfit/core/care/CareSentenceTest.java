package org.yellowfit.core.care;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.yellowfit.core.Plants;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.plant.PruneGroup;

/** How a plant is looked after, in a few sentences (rules C7, D7, I1 to I4). */
class CareSentenceTest {

    @ParameterizedTest(name = "with “{0}”")
    @CsvSource(
            delimiter = '|',
            value = {
                "''                                      | Water through the first two summers.",
                "kind=annual persistence=annual          | Water through the season.",
                "prune_group=new-wood                    | Water through the first two summers. Cut back by a third to a half from late autumn to early spring.",
                "prune_group=after-flower                | Water through the first two summers. Cut right after flowering, or leave it.",
                "prune_group=none                        | Water through the first two summers.",
                "prune_group=light-evergreen             | Water through the first two summers. Trim lightly once a year, never into bare wood of conifers.",
                "divide_years=4                          | Water through the first two summers. Divide every 4 years.",
                "late_riser=yes                          | Water through the first two summers. It looks dead until late spring: leave stubs as a marker.",
                "late_riser=no                           | Water through the first two summers.",
                "slow_start_years=3                      | Water through the first two summers. Little to see for 3 years.",
                "slow_start_years=0                      | Water through the first two summers.",
                "care_min_year=25                        | Water through the first two summers. About 25 minutes a plant each year.",
                "prune_group=comb divide_years=5 care_min_year=12 | Water through the first two summers. Comb out what is tattered in spring. Divide every 5 years. About 12 minutes a plant each year.",
            })
    void care(String cells, String said) {
        assertThat(CareSentence.of(Plants.plant(cells))).isEqualTo(said);
    }

    @ParameterizedTest
    @EnumSource(PruneGroup.class)
    void everyGroupOfCutsHasItsSentence(PruneGroup group) {
        String said = CareSentence.of(Plants.plant("prune_group=" + Words.of(group)));
        assertThat(said.equals("Water through the first two summers.")).isEqualTo(group == PruneGroup.NONE);
    }
}
