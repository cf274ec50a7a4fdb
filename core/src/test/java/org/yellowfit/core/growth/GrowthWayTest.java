package org.yellowfit.core.growth;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yellowfit.core.Plants;
import org.yellowfit.core.plant.Cultivar;

/** Rule D1: the five ways of growing. Sizes worked by hand from S(t) = S∞ · (1 − (1 − S₀/S∞) · e^(−k·t)). */
class GrowthWayTest {

    private static final double CM = 0.006;

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource(
            delimiter = ';',
            value = {
                "kind=tree flower_wood=new hard_prune=yes; SLOW_WOOD",
                "kind=conifer persistence=evergreen flower_wood=none hard_prune=yes; SLOW_WOOD",
                "kind=shrub flower_wood=old hard_prune=yes; SLOW_WOOD",
                "kind=shrub flower_wood=new hard_prune=no; SLOW_WOOD",
                "kind=shrub persistence=evergreen flower_wood=new hard_prune=yes prune_group=light-evergreen; SLOW_WOOD",
                "kind=shrub flower_wood=new hard_prune=yes; RENEWING_WOOD",
                "kind=shrub persistence=evergreen flower_wood=new hard_prune=yes prune_group=new-wood; RENEWING_WOOD",
                "kind=shrub persistence=evergreen botanical=Salvia+officinalis hard_prune=no; RENEWING_WOOD",
                "kind=shrub botanical=Caryopteris+incana flower_wood=new hard_prune=no; RENEWING_WOOD",
                "kind=perennial persistence=herbaceous; CLUMP",
                "kind=perennial persistence=evergreen botanical=Lavandula+angustifolia; CLUMP",
                "kind=grass persistence=herbaceous; CLUMP",
                "kind=fern persistence=evergreen; CLUMP",
                "kind=climber persistence=herbaceous; CLUMP",
                "kind=climber persistence=deciduous; CLIMBER",
                "kind=bulb persistence=herbaceous; ONE_SEASON",
                "kind=annual persistence=annual; ONE_SEASON",
                "kind=climber persistence=annual; ONE_SEASON"
            })
    void eachPlantGrowsInOneOfFiveWays(String cells, GrowthWay way) {
        assertThat(GrowthWay.of(Plants.plant(cells))).isEqualTo(way);
    }

    /** A butterfly bush of 2 m, bought at 0.3 m: 1.34 m after a year, 86 % in the second summer, 95 % in the third. */
    @ParameterizedTest(name = "year {0}: {1} m")
    @CsvSource({"0, 0.30", "1, 1.339", "2, 1.743", "3, 1.90", "10, 2.0"})
    void woodThatRenewsItselfIsThereInThreeYears(double years, double metres) {
        Cultivar bush = Plants.plant("kind=shrub flower_wood=new hard_prune=yes height10_m=2 height_max_m=2.5");
        assertThat(PlantGrowth.of(bush).height(years).mid()).isCloseTo(metres, within(CM));
    }

    @Test
    void cutBackItKeepsToItsLabelAndUncutItGrowsOn() {
        Cultivar bush = Plants.plant("kind=shrub flower_wood=new hard_prune=yes height10_m=2 height_max_m=3");
        PlantGrowth cut = PlantGrowth.of(bush).cutBackYearly();
        assertThat(cut.isCutBack()).isTrue();
        assertThat(cut.height(25).mid()).isCloseTo(2, within(CM));
        assertThat(PlantGrowth.of(bush).height(25).mid()).isGreaterThan(2.7);
        Cultivar oak = Plants.plant("kind=tree height10_m=6 height_max_m=18");
        assertThat(PlantGrowth.of(oak).cutBackYearly().isCutBack()).isFalse();
        assertThat(PlantGrowth.of(oak).cutBackYearly().height(25))
                .isEqualTo(PlantGrowth.of(oak).height(25));
    }

    /** 95 % of a clump's height in the second year, of its spread in the third; a slow one two years later. */
    @Test
    void clumpsAreHighInTwoYearsAndWideInThree() {
        String clump = "kind=perennial persistence=herbaceous height10_m=0.8 spread10_m=1 ";
        PlantGrowth usual = PlantGrowth.of(Plants.plant(clump));
        assertThat(usual.height(2).mid()).isCloseTo(0.76, within(1e-9));
        assertThat(usual.spread(3).mid()).isCloseTo(0.95, within(1e-9));
        PlantGrowth slow = PlantGrowth.of(Plants.plant(clump + "slow_start_years=2"));
        assertThat(slow.height(2).mid()).isCloseTo(0.15, within(1e-9));
        assertThat(slow.spread(5).mid()).isCloseTo(0.95, within(1e-9));
    }

    /** 3 m of climber bought at 0.3 m: S∞ 3 / 0.98, k = ln((1 − 0.098) / 0.02) / 10 = 0.3809. */
    @ParameterizedTest(name = "year {0}: {1} m")
    @CsvSource({"0, 0.30", "1, 1.174", "3, 2.181", "5, 2.650", "10, 3.0"})
    void aClimberIsAtFullReachByTheTenthYear(double years, double metres) {
        Cultivar climber = Plants.plant("kind=climber habit=scrambling height10_m=3 height_max_m=3");
        assertThat(PlantGrowth.of(climber).height(years).mid()).isCloseTo(metres, within(CM));
    }

    @Test
    void aSlowClimberStandsStillFirstAndIsThereByTheTenthAllTheSame() {
        PlantGrowth slow = PlantGrowth.of(
                Plants.plant("kind=climber habit=scrambling height10_m=2.5 height_max_m=8 slow_start_years=3"));
        assertThat(slow.height(3).mid()).isCloseTo(0.3, within(1e-9));
        assertThat(slow.height(10).mid()).isCloseTo(2.5, within(1e-6));
        assertThat(slow.height(25).mid()).isBetween(4.5, 8.0);
    }

    /** Bought at 0.3 m of wood and 0.15 m of others; what is lower than that at a tenth of its height. */
    @ParameterizedTest(name = "{0}: {1} m")
    @CsvSource({
        "kind=tree height10_m=6, 0.3",
        "kind=shrub height10_m=0.25, 0.025",
        "kind=perennial persistence=herbaceous height10_m=0.6, 0.15",
        "kind=perennial persistence=herbaceous height10_m=0.1, 0.01"
    })
    void asItLeavesTheShop(String cells, double metres) {
        assertThat(PlantGrowth.of(Plants.plant(cells)).boughtAtM()).isCloseTo(metres, within(1e-9));
    }

    /** Grafted on a stem: only the head grows. */
    @Test
    void aStandardIsSoldAtItsHeight() {
        PlantGrowth standard = PlantGrowth.of(Plants.plant("kind=shrub habit=standard height10_m=1.2 spread10_m=0.8"));
        assertThat(standard.fromPot(0.4).boughtAtM()).isEqualTo(1.2);
        for (double year : new double[] {0, 3, 10, 25}) {
            assertThat(standard.height(year).mid()).isEqualTo(1.2);
        }
        assertThat(standard.spread(1).mid())
                .isLessThanOrEqualTo(standard.spread(10).mid());
        assertThat(standard.yearsToHeight(1)).isZero();
        assertThat(standard.yearsToHeight(1.2)).isInfinite();
    }

    /** D1: without an ultimate size a slow plant gains most on its ten-year one. */
    @ParameterizedTest(name = "{0}: {1} m")
    @CsvSource({"slow, 3.2", "medium, 2.8", "fast, 2.5"})
    void whereNoUltimateSizeIsKnown(String growth, double metres) {
        Cultivar tree = Plants.plant("kind=tree height10_m=2 growth=" + growth);
        assertThat(PlantGrowth.of(tree).height(400).mid()).isCloseTo(metres, within(CM));
    }

    /** D7: nothing stands still for longer than eight years, so that its ten-year size is there at ten. */
    @Test
    void aStandstillHasItsEnd() {
        PlantGrowth slow = PlantGrowth.of(Plants.plant("kind=tree height10_m=2 slow_start_years=15"));
        assertThat(slow.height(8).mid()).isCloseTo(0.3, within(1e-9));
        assertThat(slow.height(9).mid()).isGreaterThan(0.5);
        assertThat(slow.height(10).mid()).isCloseTo(2, within(1e-6));
    }

    /** Over many plants: size rises with the years, never with shade, and what passes a limit passes it when it says. */
    @Test
    void sizeRisesWithTheYearsAndNeverWithShade() {
        Plants.random(300, 11).forEach(plant -> {
            PlantGrowth open = PlantGrowth.of(plant);
            PlantGrowth shade = open.inSun(2);
            PlantGrowth deeper = open.inSun(1);
            for (double year : new double[] {0, 1, 2, 3, 5, 10, 20}) {
                assertThat(shade.height(year).mid())
                        .as("%s in year %s", plant, year)
                        .isLessThanOrEqualTo(open.height(year).mid() + 1e-9);
                assertThat(deeper.spread(year).mid())
                        .isLessThanOrEqualTo(shade.spread(year).mid() + 1e-9);
                assertThat(open.spread(year).mid())
                        .isLessThanOrEqualTo(open.spread(year + 0.5).mid() + 1e-9);
            }
            double limit = open.height(10).mid() * 0.9;
            double passed = open.yearsToSpread(limit);
            if (Double.isFinite(passed) && passed > 0) {
                assertThat(open.spread(passed).mid()).isCloseTo(limit, within(1e-6));
            }
        });
    }
}
