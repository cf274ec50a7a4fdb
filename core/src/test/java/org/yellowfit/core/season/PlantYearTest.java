package org.yellowfit.core.season;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yellowfit.core.Plants;
import org.yellowfit.core.climate.HardinessZone;
import org.yellowfit.core.climate.Seasons;
import org.yellowfit.core.colour.Colour;
import org.yellowfit.core.plant.Bloom;
import org.yellowfit.core.plant.Cultivar;

/** Rule E1, and the move of bloom to the place (E2). */
class PlantYearTest {

    private static PlantYear year(String cells) {
        return PlantYear.of(Plants.plant(cells), Optional.empty());
    }

    @Test
    void aDeciduousShrubIsBareInWinterAndShowsItsStems() {
        PlantYear year = year("stem_winter=red#b5262e");
        assertThat(year.month(1).standing()).isEqualTo(Standing.BARE_STEMS);
        assertThat(year.month(1).stem()).map(Colour::name).contains("red");
        assertThat(year.month(7).standing()).isEqualTo(Standing.IN_LEAF);
        assertThat(year.month(7).leafShare()).isEqualTo(1);
    }

    @Test
    void aPerennialStandsAsStrawOnlyWhenItStandsWinter() {
        assertThat(year("kind=perennial persistence=herbaceous stands_winter=yes")
                        .month(1)
                        .standing())
                .isEqualTo(Standing.STRAW);
        assertThat(year("kind=perennial persistence=herbaceous stands_winter=no")
                        .month(1)
                        .standing())
                .isEqualTo(Standing.BELOW_GROUND);
        assertThat(year("kind=perennial persistence=herbaceous late_riser=yes")
                        .month(4)
                        .heightShare())
                .isLessThan(
                        year("kind=perennial persistence=herbaceous").month(4).heightShare());
    }

    @Test
    void leavesChangeWithTheSeasonAndFlowersWithAge() {
        PlantYear year = year(
                "leaf_spring=copper#a8683f leaf_summer=gold#d9b43a leaf_autumn=orange#e2802f flower_colours=white#ffffff|pink#e39bb5 bloom=7.1..8.3");
        assertThat(year.month(4).leaves()).extracting(Colour::name).containsExactly("copper");
        assertThat(year.month(7).leaves()).extracting(Colour::name).containsExactly("gold");
        assertThat(year.month(10).leaves()).extracting(Colour::name).containsExactly("orange");
        assertThat(year.month(7).flower()).map(Colour::name).contains("white");
        assertThat(year.month(8).flower()).map(Colour::name).contains("pink");
        assertThat(year.month(10).flower()).isEmpty();
    }

    @Test
    void aSecondFlushComesWeakerAndConstantBloomLastsToFrost() {
        PlantYear flush = year("flower_colours=blue#5b75c4 bloom=6.1..6.2 rebloom=flush");
        assertThat(flush.month(7).flowerShare() + flush.month(8).flowerShare()).isPositive();
        assertThat(flush.month(8).flowerShare()).isLessThan(flush.month(6).flowerShare());
        assertThat(year("flower_colours=blue#5b75c4 bloom=6.1..6.2 rebloom=continuous")
                        .month(9)
                        .flowerShare())
                .isPositive();
        assertThat(year("flower_colours=blue#5b75c4 bloom=6.1..6.2 rebloom=none")
                        .month(9)
                        .flowerShare())
                .isZero();
    }

    /** Seed heads stand five weeks, all winter where the catalogue says so, and none after the cut in March. */
    @ParameterizedTest(name = "{0}, day {1}: {2}")
    @CsvSource({
        "stands_winter=yes, 200, none",
        "stands_winter=yes, 240, all",
        "stands_winter=yes, 330, all",
        "stands_winter=yes, 40,  all",
        "stands_winter=yes, 90,  none",
        "stands_winter=no,  225, most",
        "stands_winter=no,  290, none",
        "stands_winter=no,  40,  none",
    })
    void headsInSeedStandAsLongAsTheyDo(String stands, int day, String share) {
        PlantYear year = year("kind=perennial persistence=evergreen inflorescence=daisy flower_colours=pink#e39bb5"
                + " bloom=7.1..7.3 " + stands);
        double seeds = year.stage(day, year.day(day)).seeds();
        switch (share) {
            case "none" -> assertThat(seeds).isZero();
            case "most" -> assertThat(seeds).isBetween(0.3, 1.0);
            default -> assertThat(seeds).isCloseTo(1, within(0.01));
        }
    }

    @Test
    void aZoneColderIsAWeekLater() {
        Cultivar plant = Plants.plant("bloom=6.1..6.2 bloom_zone=6b");
        Bloom here = BloomSpell.inThirds(plant, Optional.of(HardinessZone.parse("6b")))
                .orElseThrow();
        Bloom colder = BloomSpell.inThirds(plant, Optional.of(HardinessZone.parse("3b")))
                .orElseThrow();
        assertThat(here.text()).isEqualTo("6.1..6.2");
        // Six half-zones at 3.5 days are 21 days: two thirds of a month.
        assertThat(colder.text()).isEqualTo("6.3..7.1");
    }

    /**
     * Degree days of a record that warms half a month later than zone 6b: 100 by the end of April, 300 by the end of
     * May, 700 by the end of June; by hand, 200 are reached in the middle of May, day 1 + 4.5 × 365 ÷ 12 = 137.9.
     */
    @ParameterizedTest(name = "{0} {1}")
    @CsvSource({
        "bloom=5.1..5.2 bloom_zone=6b bloom_gdd=200,  true,  137.9",
        "bloom=5.1..5.2 bloom_zone=6b bloom_gdd=200,  false, 122.7",
        "bloom=5.1..5.2 bloom_zone=6b,                true,  122.7",
        "bloom=7.1..7.2 bloom_zone=6b bloom_gdd=200,  true,  183.5",
        "bloom=5.1..5.2 bloom_zone=6b bloom_gdd=5000, true,  122.7"
    })
    void springOpensByTheWarmthOnRecord(String traits, boolean ofRecord, double day) {
        double[] sums = {0, 0, 10, 100, 300, 700, 1100, 1500, 1800, 1900, 1950, 1950};
        Seasons seasons = new Seasons(7, 125, 280, sums, false, ofRecord);
        assertThat(BloomSpell.of(Plants.plant(traits), Optional.of(HardinessZone.parse("6b")), seasons)
                        .orElseThrow()
                        .startDay())
                .isCloseTo(day, within(0.05));
    }

    @Test
    void bloomRunsOverTheTurnOfTheYear() {
        Bloom winter = Bloom.parse("12.2..2.1");
        assertThat(winter.lengthThirds()).isEqualTo(6);
        assertThat(winter.movedByDays(10.2).text()).isEqualTo("12.3..2.2");
        assertThat(winter.movedByDays(-400 + 365.25).lengthThirds()).isEqualTo(6);
    }

    @Test
    void everyShareOfEveryPlantLiesBetweenNoneAndAll() {
        Plants.random(300, 9)
                .forEach(plant -> PlantYear.of(plant, Optional.of(new HardinessZone(4)))
                        .months()
                        .forEach(look -> {
                            assertThat(look.leafShare()).isBetween(0.0, 1.0);
                            assertThat(look.heightShare()).isBetween(0.0, 1.0);
                            assertThat(look.flowerShare()).isBetween(0.0, 1.0);
                            if (look.standing() == Standing.BELOW_GROUND) {
                                assertThat(look.heightShare()).isZero();
                            }
                        }));
    }
}
