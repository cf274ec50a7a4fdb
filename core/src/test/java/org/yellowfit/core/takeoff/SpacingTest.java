package org.yellowfit.core.takeoff;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yellowfit.core.Plants;
import org.yellowfit.core.plant.Cultivar;

/** Rules H1 and H2, worked by hand: n = A / (0.866 s²), and ⌊L / s⌋ + 1. */
class SpacingTest {

    @ParameterizedTest
    @CsvSource({"10, 0.5, 47", "4.2, 0.7, 10", "1, 0.3, 13", "0.1, 1, 1", "100, 1, 116"})
    void anAreaIsPlantedInTriangles(double squareMetres, double onCentre, int plants) {
        assertThat(Spacing.plants(new PlantingSpace.Area(squareMetres), onCentre))
                .isEqualTo(plants);
    }

    @ParameterizedTest
    @CsvSource({
        "28, 0.8, false, 36",
        "28, 0.8, true, 35",
        "2.4, 0.8, false, 4",
        "0.5, 0.8, false, 1",
        "0.5, 0.8, true, 1",
        "6, 0.6, false, 11"
    })
    void aRowHasOneMoreThanItsSpaces(double metres, double onCentre, boolean endsClear, int plants) {
        assertThat(Spacing.plants(new PlantingSpace.Row(metres, endsClear), onCentre))
                .isEqualTo(plants);
    }

    @Test
    void quickCoverTakesMorePlantsCloserTogetherAndClosesByTheYearAsked() {
        Cultivar shrub = Plants.plant("spread10_m=1 spread_max_m=1.4");
        PlantingSpace ground = new PlantingSpace.Area(10);
        Count mature = Spacing.count(shrub, ground, School.MATURE, 3);
        Count quick = Spacing.count(shrub, ground, School.QUICK_COVER, 3);
        assertThat(quick.onCentreM()).isLessThan(mature.onCentreM());
        assertThat(quick.plants()).isGreaterThan(mature.plants());
        assertThat(quick.yearClosed()).hasValue(3);
        assertThat(mature.yearClosed()).hasValue(9);
    }

    @Test
    void impossibleGroundIsRefused() {
        assertThatThrownBy(() -> new PlantingSpace.Area(0)).hasMessageContaining("area");
        assertThatThrownBy(() -> new PlantingSpace.Row(Double.NaN, false)).hasMessageContaining("length");
        assertThatThrownBy(() -> new PlantingSpace.Number(0)).hasMessageContaining("whole number");
        assertThatThrownBy(() -> Spacing.plants(new PlantingSpace.Area(1), 0)).hasMessageContaining("spacing");
    }
}
