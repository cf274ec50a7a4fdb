package org.yellowfit.core.takeoff;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.yellowfit.core.Plants;
import org.yellowfit.core.plant.Cultivar;

/** Rules D1, H1 and H2 at their edges. */
class SpacingEdgesTest {

    private static final Cultivar SHRUB = Plants.plant("spread10_m=1 spread_max_m=1.4");

    @ParameterizedTest
    @ValueSource(ints = {1, 60})
    void aYearToCloseByMayBeTheFirstOrTheLast(int year) {
        assertThatCode(() -> Spacing.onCentre(SHRUB, School.QUICK_COVER, year)).doesNotThrowAnyException();
    }

    @ParameterizedTest
    @ValueSource(ints = {0, 61})
    void beyondThemItIsRefused(int year) {
        assertThatThrownBy(() -> Spacing.onCentre(SHRUB, School.QUICK_COVER, year))
                .hasMessageContaining("1 and 60");
    }

    /** 6 m with half of 0.8 m clear at each end leave 5.2 m: 6 spaces, 7 plants; the whole length takes 8. */
    @Test
    void clearEndsTakeASpacingAway() {
        assertThat(Spacing.plants(new PlantingSpace.Row(6, true), 0.8)).isEqualTo(7);
        assertThat(Spacing.plants(new PlantingSpace.Row(6, false), 0.8)).isEqualTo(8);
    }

    @Test
    void aNumberAskedForIsThatNumber() {
        assertThat(Spacing.plants(new PlantingSpace.Number(17), 0.8)).isEqualTo(17);
    }

    @ParameterizedTest
    @CsvSource({"1, true", "100000, true", "0, false", "100001, false"})
    void numbersFromOneToAHundredThousand(int plants, boolean fine) {
        if (fine) {
            assertThatCode(() -> new PlantingSpace.Number(plants)).doesNotThrowAnyException();
        } else {
            assertThatThrownBy(() -> new PlantingSpace.Number(plants)).hasMessageContaining("whole number");
        }
    }

    @Test
    void theLargestGroundIsAMillion() {
        assertThatCode(() -> new PlantingSpace.Area(1_000_000)).doesNotThrowAnyException();
        assertThatThrownBy(() -> new PlantingSpace.Area(1_000_001)).hasMessageContaining("1000000");
    }

    /** D1: a clump is at 95 % in three years, and that counts as closed; an annual closes in its one. */
    @ParameterizedTest
    @CsvSource({"kind=perennial persistence=herbaceous, 3", "kind=annual persistence=annual, 1"})
    void herbaceousGroundClosesInAboutThreeYears(String kind, int year) {
        Cultivar plant = Plants.plant(kind + " spread10_m=0.5");
        assertThat(Spacing.count(plant, new PlantingSpace.Area(10), School.MATURE, 3)
                        .yearClosed())
                .hasValue(year);
    }
}
