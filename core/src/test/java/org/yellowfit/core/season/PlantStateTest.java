package org.yellowfit.core.season;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.offset;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yellowfit.core.Plants;
import org.yellowfit.core.climate.HardinessZone;
import org.yellowfit.core.climate.Seasons;
import org.yellowfit.core.colour.Colour;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Persistence;

/** The year and age engine: one plant at one age on one day (D1, E1, E2, B2, B7). */
class PlantStateTest {

    private static final String LILAC =
            "leaf_spring=green#4f7a3a leaf_summer=green#4f7a3a leaf_autumn=yellow#e8c82e flower_colours=lilac#a78bc0 bloom=5.2..5.3 height10_m=2 height_max_m=3 spread10_m=1.5";

    private static PlantState state(Cultivar plant, double age, int day) {
        return PlantState.at(plant, age, day, GrowingPlace.ANYWHERE);
    }

    @ParameterizedTest(name = "day {0}: {1}, leaf {2}, flowers {3}")
    @CsvSource({
        "15,  BARE_STEMS, 0,    0",
        "118, IN_LEAF,    0.51, 0",
        "140, IN_LEAF,    1,    1",
        "200, IN_LEAF,    1,    0",
        "298, IN_LEAF,    0.5,  0",
        "330, BARE_STEMS, 0,    0"
    })
    void aShrubThroughItsYear(int day, Standing standing, double leaf, double flowers) {
        DayLook look = state(Plants.plant(LILAC), 10, day).look();
        assertThat(look.standing()).isEqualTo(standing);
        assertThat(look.leafShare()).isCloseTo(leaf, offset(0.02));
        assertThat(look.flowerShare()).isCloseTo(flowers, offset(0.02));
    }

    @Test
    void itIsTheLabelsSizeAtTenYearsAndNeverShrinksWithAge() {
        assertThat(state(Plants.plant(LILAC), 10, 200).heightM()).isCloseTo(2, offset(0.001));
        for (Cultivar plant : Plants.random(200, 4)) {
            double before = 0;
            for (double age = 0; age <= 30; age += 0.5) {
                double now = state(plant, age, 200).fullHeightM();
                assertThat(now).as("%s at %s years", plant, age).isGreaterThanOrEqualTo(before - 1e-12);
                before = now;
            }
        }
    }

    @Test
    void fromDayToDayNothingJumpsButWhatIsCutDown() {
        List<HardinessZone> zones = List.of(new HardinessZone(4), new HardinessZone(11), new HardinessZone(19));
        for (Cultivar plant : Plants.random(250, 11)) {
            for (HardinessZone zone : zones) {
                PlantYear year = PlantYear.of(plant, GrowingPlace.of(Optional.of(zone)));
                for (int day = 1; day < 365; day++) {
                    nothingJumps(plant, zone, day, year.day(day), year.day(day + 1));
                }
            }
        }
    }

    private static void nothingJumps(Cultivar plant, HardinessZone zone, int day, DayLook today, DayLook tomorrow) {
        String told = "%s in %s from day %d".formatted(plant, zone.label(), day);
        boolean cutDown = plant.persistence() == Persistence.HERBACEOUS
                && today.standing() == Standing.STRAW
                && tomorrow.heightShare() < 0.2;
        if (!cutDown) {
            assertThat(Math.abs(tomorrow.heightShare() - today.heightShare()))
                    .as(told + ": height")
                    .isLessThan(0.1);
        }
        assertThat(Math.abs(tomorrow.leafShare() - today.leafShare()))
                .as(told + ": leaves")
                .isLessThan(plant.persistence().isWoody() ? 0.1 : 1.01);
        assertThat(Math.abs(tomorrow.flowerShare() - today.flowerShare()))
                .as(told + ": flowers")
                .isLessThan(0.35);
        if (!today.leaves().isEmpty() && !tomorrow.leaves().isEmpty()) {
            assertThat(main(today).lab().distanceTo(main(tomorrow).lab()))
                    .as(told + ": leaf colour")
                    .isLessThan(0.05);
        }
    }

    private static Colour main(DayLook look) {
        return look.leaves().get(0);
    }

    @Test
    void shadeGreensGoldAndSlowsGrowth() {
        Cultivar gold = Plants.plant("leaf_summer=gold#d9b43a sun_colour_h=5 sun_flower_h=6");
        PlantState sun = PlantState.at(gold, 5, 200, GrowingPlace.ANYWHERE.withSun(6.0));
        PlantState shade = PlantState.at(gold, 5, 200, GrowingPlace.ANYWHERE.withSun(2.0));
        assertThat(main(sun.look()).rgb()).isEqualTo(0xd9b43a);
        assertThat(main(shade.look()).lab().hueDegrees())
                .isGreaterThan(main(sun.look()).lab().hueDegrees() + 10);
        assertThat(shade.heightM()).isLessThan(sun.heightM());
    }

    @Test
    void southOfTheEquatorTheYearIsTurnedByHalf() {
        Cultivar shrub = Plants.plant(LILAC);
        GrowingPlace south = GrowingPlace.ANYWHERE.southern();
        DayLook july = PlantState.at(shrub, 10, 196, south).look();
        DayLook november = PlantState.at(shrub, 10, 140 + 183, south).look();
        assertThat(july.standing()).isEqualTo(Standing.BARE_STEMS);
        assertThat(november.flowerShare()).isPositive();
    }

    @Test
    void aBloomGivenInDegreeDaysComesEarlierWhereItIsWarmer() {
        Cultivar plant = Plants.plant("bloom_gdd=200 bloom_days=20 flower_colours=pink#e79ab8");
        double cool = BloomSpell.of(plant, Optional.empty(), Seasons.usualFor(Optional.of(HardinessZone.parse("4a"))))
                .orElseThrow()
                .startDay();
        double mild = BloomSpell.of(plant, Optional.empty(), Seasons.usualFor(Optional.of(HardinessZone.parse("8a"))))
                .orElseThrow()
                .startDay();
        assertThat(mild).isLessThan(cool - 10);
        assertThat(BloomSpell.of(Plants.plant("bloom_gdd=6000"), Optional.empty(), Seasons.usualFor(Optional.empty())))
                .isEmpty();
    }

    @Test
    void aSecondFlushDoesNotComeAfterTheFrost() {
        Cultivar late = Plants.plant("flower_colours=blue#5b75c4 bloom=9.1..9.3 rebloom=flush");
        PlantYear year = PlantYear.of(late, Optional.empty());
        for (int day = 290; day <= 365; day++) {
            assertThat(year.day(day).flowerShare()).as("day " + day).isZero();
        }
    }
}
