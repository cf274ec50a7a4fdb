package org.yellowfit.core.growth;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yellowfit.core.Plants;
import org.yellowfit.core.plant.Cultivar;

/** Rules D1, D7 and B7: what is bought, what stands still, what has too little light. */
class GrowthEdgesTest {

    private static final Cultivar OAK = Plants.plant(
            "kind=tree height10_m=6 spread10_m=4 height_max_m=18 spread_max_m=14 sun_flower_h= sun_live_h=6");

    /** Bought at 2 m: that high, and as wide as its habit at that height, 2 × 4 / 6 m. */
    @Test
    void aWhipIsAsWideAsItsHabitAtThatHeight() {
        PlantGrowth whip = PlantGrowth.of(OAK).fromPot(2);
        assertThat(whip.height(0).mid()).isCloseTo(2, within(1e-9));
        assertThat(whip.spread(0).mid()).isCloseTo(4.0 / 3, within(1e-9));
        assertThat(whip.height(10).mid()).isCloseTo(6, within(1e-6));
    }

    /** D1: nobody sells a plant taller than it will be. */
    @Test
    void aHeightBoughtStopsAtWhatItIsSoldAt() {
        Cultivar shrub = Plants.plant("height10_m=1 spread10_m=0.5 kind=tree height_max_m=1.4");
        PlantGrowth tall = PlantGrowth.of(shrub).fromPot(1.5);
        assertThat(tall.boughtAtM()).isEqualTo(1);
        assertThat(tall.height(0).mid()).isEqualTo(1);
        assertThat(tall.height(3).mid()).isEqualTo(1);
        assertThat(tall.height(20).mid()).isGreaterThan(1.1).isLessThan(1.4);
        assertThat(tall.spread(0).mid()).isCloseTo(0.5, within(1e-9));
        assertThat(tall.yearsToHeight(0.9)).isZero();
    }

    /** D7: three years of little, and the ten-year size all the same. */
    @Test
    void aSlowStarterStandsStillAndIsThereByTen() {
        Cultivar slow = Plants.plant("kind=tree height10_m=2 height_max_m=3 slow_start_years=3");
        PlantGrowth growth = PlantGrowth.of(slow);
        assertThat(growth.height(3).mid()).isCloseTo(growth.height(0).mid(), within(1e-9));
        assertThat(growth.height(4).mid()).isGreaterThan(growth.height(3).mid());
        assertThat(growth.height(10).mid()).isCloseTo(2, within(1e-6));
        assertThat(growth.yearsToHeight(growth.height(6).mid())).isCloseTo(6, within(1e-6));
    }

    /** B7: at half the best hours 0.7 of the rate, at three quarters 0.85, with none 0.4, above the best all of it. */
    @ParameterizedTest(name = "{0} of 6 h: {1} of the rate")
    @CsvSource({"6, 1", "9, 1", "4.5, 0.85", "3, 0.7", "0, 0.4"})
    void lightSlowsByItsShare(double hours, double rate) {
        double expected = GrowthCurve.woody(GrowthNumber.WOODY_START.value(), 6, 18)
                .atRate(rate)
                .at(10);
        assertThat(PlantGrowth.of(OAK).inSun(hours).height(10).mid()).isCloseTo(expected, within(1e-9));
    }

    @Test
    void aPlantThatAsksForNoSunIsNotSlowed() {
        Cultivar fern = Plants.plant("kind=fern sun_live_h=0 sun_flower_h=");
        assertThat(PlantGrowth.of(fern).inSun(0).height(5).mid())
                .isEqualTo(PlantGrowth.of(fern).height(5).mid());
    }

    @ParameterizedTest
    @CsvSource({"0.01, true", "20, true", "0, false", "20.1, false"})
    void potsFromNothingToTwentyMetres(double heightM, boolean fine) {
        if (fine) {
            assertThatCode(() -> PlantGrowth.of(OAK).fromPot(heightM)).doesNotThrowAnyException();
        } else {
            assertThatThrownBy(() -> PlantGrowth.of(OAK).fromPot(heightM)).hasMessageContaining("20 m");
        }
    }

    @ParameterizedTest
    @CsvSource({"0, true", "24, true", "-0.1, false", "24.1, false"})
    void hoursOfADay(double hours, boolean fine) {
        if (fine) {
            assertThatCode(() -> PlantGrowth.of(OAK).inSun(hours)).doesNotThrowAnyException();
        } else {
            assertThatThrownBy(() -> PlantGrowth.of(OAK).inSun(hours)).hasMessageContaining("24");
        }
    }

    @Test
    void anAnnualPassesALimitAtOnceOrNever() {
        Cultivar annual = Plants.plant("kind=annual persistence=annual height10_m=0.5 spread10_m=0.3");
        assertThat(PlantGrowth.of(annual).yearsToHeight(0.5)).isInfinite();
        assertThat(PlantGrowth.of(annual).yearsToHeight(0.49)).isZero();
    }

    /** D2: flowers twice as high as the leaves pass a limit at half the height in leaf. */
    @Test
    void theLimitIsPassedByTheFlowers() {
        Cultivar grass = Plants.plant("height10_m=1 height_max_m=1.4 flower_height_m=2");
        PlantGrowth growth = PlantGrowth.of(grass);
        assertThat(growth.yearsToHeight(1))
                .isCloseTo(
                        PlantGrowth.of(Plants.plant("height10_m=1 height_max_m=1.4"))
                                .yearsToHeight(0.5),
                        within(1e-9));
        assertThat(growth.heightInFlower(10).mid()).isCloseTo(2, within(1e-6));
    }

    @ParameterizedTest
    @CsvSource({"1, true", "0.01, true", "0, false", "1.01, false"})
    void aShareOfTheRate(double share, boolean fine) {
        GrowthCurve curve = GrowthCurve.woody(0.3, 2, 3);
        if (fine) {
            assertThatCode(() -> curve.atRate(share)).doesNotThrowAnyException();
        } else {
            assertThatThrownBy(() -> curve.atRate(share)).hasMessageContaining("between 0 and 1");
        }
    }

    @Test
    void aCurveThroughAKnownSizeAtAKnownAge() {
        GrowthCurve curve = GrowthCurve.woodyThrough(0.3, 6, 1.5, 1.5);
        assertThat(curve.at(6)).isCloseTo(1.5, within(1e-9));
        assertThat(curve.at(60)).isCloseTo(1.5 / 0.98, within(1e-3));
        assertThatThrownBy(() -> GrowthCurve.clump(-0.1, 1)).isInstanceOf(IllegalArgumentException.class);
        assertThatCode(() -> GrowthCurve.clump(0, 1)).doesNotThrowAnyException();
        assertThatThrownBy(() -> GrowthCurve.clump(0.1, 0)).isInstanceOf(IllegalArgumentException.class);
    }
}
