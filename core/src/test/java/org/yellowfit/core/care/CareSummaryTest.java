package org.yellowfit.core.care;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.yellowfit.core.Plants;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.plant.PruneGroup;

/** How a plant is looked after, in a few sentences (rules C7, D7, I1 to I4). */
class CareSummaryTest {

    @ParameterizedTest(name = "with “{0}”")
    @CsvSource(
            delimiter = '|',
            value = {
                "''                                      | care.water.summers",
                "kind=annual persistence=annual          | care.water.season",
                "prune_group=new-wood                    | care.water.summers care.cut.new-wood",
                "prune_group=after-flower                | care.water.summers care.cut.after-flower",
                "prune_group=none                        | care.water.summers",
                "prune_group=light-evergreen             | care.water.summers care.cut.light-evergreen",
                "divide_years=4                          | care.water.summers care.divide(4 years)",
                "late_riser=yes                          | care.water.summers care.late",
                "late_riser=no                           | care.water.summers",
                "slow_start_years=3                      | care.water.summers care.slow(3 years)",
                "slow_start_years=0                      | care.water.summers",
                "care_min_year=25                        | care.water.summers care.minutes(25 minutes)",
                "prune_group=comb divide_years=5 care_min_year=12 | care.water.summers care.cut.comb care.divide(5 years) care.minutes(12 minutes)",
            })
    void care(String cells, String said) {
        assertThat(CareSummary.of(Plants.plant(cells)).stream().map(Fact::toString))
                .containsExactly(said.split(" (?=care)"));
    }

    @ParameterizedTest(name = "with “{0}”")
    @CsvSource(
            delimiter = ';',
            value = {
                "''                                         ; care.water.summers",
                "feed=none deadhead_min=0 propagation=clone ; care.water.summers",
                "feed=yearly                                ; care.water.summers care.feed.yearly",
                "feed=weekly-in-pots                        ; care.water.summers care.feed.weekly-in-pots",
                "care_min_year=25 deadhead_min=8            ; care.water.summers care.minutes(25 minutes) care.deadhead(8 minutes)",
                "propagation=seed                           ; care.water.summers care.seed",
                "kind=annual persistence=annual propagation=seed ; care.water.season",
                "troubles=rust                              ; care.water.summers care.trouble(rust)",
                "troubles=rust|wilt                         ; care.water.summers care.trouble(rust) care.trouble(wilt)",
            })
    void atHome(String cells, String said) {
        assertThat(CareSummary.inFull(Plants.plant(cells)).stream().map(Fact::toString))
                .containsExactly(said.split(" (?=care)"));
    }

    @ParameterizedTest
    @EnumSource(PruneGroup.class)
    void everyGroupOfCutsIsTold(PruneGroup group) {
        assertThat(CareSummary.of(Plants.plant("prune_group=" + Words.of(group))))
                .hasSize(group == PruneGroup.NONE ? 1 : 2);
    }
}
