package org.yellowfit.core.growth;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yellowfit.core.Plants;
import org.yellowfit.core.plant.Cultivar;

/** Rules D1, D2 and B7. Check values worked by hand from the Chapman–Richards equation. */
class GrowthTest {

    private static final double CM = 0.005;

    @ParameterizedTest
    @CsvSource({"0, 0.30", "5, 1.287", "10, 2.00", "20, 2.684"})
    void aWoodyPlantOfTwoMetresAtTenAndThreeAtLastGrowsSo(double years, double metres) {
        assertThat(GrowthCurve.woody(0.3, 2, 3).at(years)).isCloseTo(metres, within(CM));
    }

    @Test
    void yearsToASizeUndoTheSizeAtAnAge() {
        GrowthCurve curve = GrowthCurve.woody(0.3, 2, 3);
        assertThat(curve.yearsTo(curve.at(7))).isCloseTo(7, within(1e-6));
        assertThat(curve.yearsTo(3)).isInfinite();
    }

    @Test
    void aClumpIsNearlyFullInThreeYears() {
        assertThat(GrowthCurve.clump(0.15, 0.6).at(3)).isCloseTo(0.57, within(0.001));
    }

    @Test
    void growthNeverTurnsBackAndNeverPassesTheUltimateSize() {
        Plants.random(400, 3).forEach(plant -> {
            PlantGrowth growth = PlantGrowth.of(plant);
            for (int year = 0; year < 40; year++) {
                Grown now = growth.height(year);
                Grown next = growth.height(year + 1.0);
                assertThat(next.mid()).as("%s in year %d", plant, year).isGreaterThanOrEqualTo(now.mid() - 1e-9);
                assertThat(now.low()).isLessThanOrEqualTo(now.mid());
                assertThat(now.high()).isGreaterThanOrEqualTo(now.mid());
            }
        });
    }

    @Test
    void atTenYearsAWoodyPlantHasTheSizeOfItsLabel() {
        Cultivar shrub =
                Plants.plant("kind=shrub persistence=deciduous height10_m=1.2..1.6 height_max_m=2.5 spread10_m=1");
        Grown ten = PlantGrowth.of(shrub).height(10);
        assertThat(ten.low()).isCloseTo(1.2, within(1e-6));
        assertThat(ten.mid()).isCloseTo(1.4, within(1e-6));
        assertThat(ten.high()).isCloseTo(1.6, within(1e-6));
    }

    @Test
    void flowersStandAboveTheLeavesOfAGrass() {
        Cultivar grass =
                Plants.plant("kind=grass persistence=herbaceous height10_m=0.5 flower_height_m=1.5 spread10_m=0.6");
        assertThat(PlantGrowth.of(grass).heightInFlower(10).mid()).isCloseTo(1.5, within(0.01));
        assertThat(PlantGrowth.of(grass).height(10).mid()).isCloseTo(0.5, within(0.01));
    }

    @Test
    void anAnnualDoesItAllInOneSeason() {
        Cultivar annual = Plants.plant("kind=annual persistence=annual height10_m=0.4 spread10_m=0.3");
        assertThat(PlantGrowth.of(annual).height(1).mid()).isEqualTo(0.4);
    }

    @Test
    void lessSunGrowsSlowerAndALargerPotIsAhead() {
        Cultivar shrub = Plants.plant(
                "kind=shrub persistence=deciduous height10_m=2 height_max_m=3 spread10_m=1 sun_flower_h=6");
        PlantGrowth growth = PlantGrowth.of(shrub);
        assertThat(growth.inSun(3).height(5).mid()).isLessThan(growth.height(5).mid());
        assertThat(growth.inSun(9).height(5).mid()).isEqualTo(growth.height(5).mid());
        assertThat(growth.fromPot(0.8).height(2).mid())
                .isGreaterThan(growth.height(2).mid());
    }

    @Test
    void impossibleAgesAreRefused() {
        assertThatThrownBy(() -> GrowthCurve.woody(0.3, 2, 3).at(Double.NaN))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> GrowthCurve.woody(0.3, 2, 3).at(-1)).isInstanceOf(IllegalArgumentException.class);
    }

    /** A clump that keeps its leaves is a clump: as large at thirty years as at ten, and divided rather than pruned. */
    @ParameterizedTest(name = "{0} {1}: woody {2}")
    @CsvSource({
        "perennial, evergreen, false",
        "fern, evergreen, false",
        "grass, evergreen, false",
        "perennial, herbaceous, false",
        "bulb, herbaceous, false",
        "shrub, evergreen, true",
        "shrub, deciduous, true",
        "conifer, evergreen, true",
        "tree, deciduous, true",
        "climber, deciduous, true",
        "annual, annual, false"
    })
    void whatGrowsOnForAsLongAsItLives(String kind, String persistence, boolean woody) {
        Cultivar plant = Plants.plant("height10_m=0.3 spread10_m=0.5 kind=" + kind + " persistence=" + persistence);
        assertThat(plant.isWoody()).isEqualTo(woody);
        double gain = PlantGrowth.of(plant).spread(30).mid()
                / PlantGrowth.of(plant).spread(10).mid();
        if (woody) {
            assertThat(gain).isGreaterThan(1.1);
        } else {
            assertThat(gain).isCloseTo(1, within(0.005));
        }
    }
}
