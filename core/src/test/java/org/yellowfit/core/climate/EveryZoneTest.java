package org.yellowfit.core.climate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * All 26 half-zones with their limits as the US Department of Agriculture prints them beside its map (2023): 5 °F each.
 */
class EveryZoneTest {

    @ParameterizedTest(name = "{0}: {1} to {2} °F, {3} to {4} °C")
    @CsvSource({
        "1a,  -60, -55, -51.1, -48.3", "1b,  -55, -50, -48.3, -45.6", "2a,  -50, -45, -45.6, -42.8",
                "2b,  -45, -40, -42.8, -40.0",
        "3a,  -40, -35, -40.0, -37.2", "3b,  -35, -30, -37.2, -34.4", "4a,  -30, -25, -34.4, -31.7",
                "4b,  -25, -20, -31.7, -28.9",
        "5a,  -20, -15, -28.9, -26.1", "5b,  -15, -10, -26.1, -23.3", "6a,  -10, -5,  -23.3, -20.6",
                "6b,  -5,  0,   -20.6, -17.8",
        "7a,  0,   5,   -17.8, -15.0", "7b,  5,   10,  -15.0, -12.2", "8a,  10,  15,  -12.2, -9.4",
                "8b,  15,  20,  -9.4,  -6.7",
        "9a,  20,  25,  -6.7,  -3.9", "9b,  25,  30,  -3.9,  -1.1", "10a, 30,  35,  -1.1,  1.7",
                "10b, 35,  40,  1.7,   4.4",
        "11a, 40,  45,  4.4,   7.2", "11b, 45,  50,  7.2,   10.0", "12a, 50,  55,  10.0,  12.8",
                "12b, 55,  60,  12.8,  15.6",
        "13a, 60,  65,  15.6,  18.3", "13b, 65,  70,  18.3,  21.1",
    })
    void limits(String zone, double lowF, double highF, double lowC, double highC) {
        HardinessZone half = HardinessZone.parse(zone);
        assertThat(half.lowestCelsius()).isCloseTo(lowC, within(0.051));
        assertThat(half.highestCelsius()).isCloseTo(highC, within(0.051));
        assertThat(HardinessZone.ofMeanLow((lowF - 32) * 5 / 9 + 0.01)).isEqualTo(half);
        assertThat(HardinessZone.ofMeanLow((highF - 32) * 5 / 9 - 0.01)).isEqualTo(half);
        assertThat(half.label()).isEqualTo(zone);
    }

    @Test
    void halvesFollowOneAnotherAndStopAtTheEnds() {
        HardinessZone zone = HardinessZone.parse("1a");
        for (int i = 0; i < 25; i++) {
            HardinessZone next = zone.plus(1);
            assertThat(next.half()).isEqualTo(zone.half() + 1);
            assertThat(next.compareTo(zone)).isPositive();
            assertThat(next.plus(-1)).isEqualTo(zone);
            assertThat(next.lowestCelsius()).isCloseTo(zone.highestCelsius(), within(1e-9));
            zone = next;
        }
        assertThat(zone.label()).isEqualTo("13b");
        assertThat(zone.plus(1)).isEqualTo(zone);
        assertThat(HardinessZone.parse("1a").plus(-1)).isEqualTo(HardinessZone.parse("1a"));
    }

    /**
     * D1 of spring: our estimate moves it 3.5 days for each half-zone; colder is later, autumn earlier, the season
     * shorter.
     */
    @Test
    void seasonsGrowLongerWithEveryHalfZone() {
        Seasons before = null;
        for (int half = HardinessZone.parse("3a").half();
                half <= HardinessZone.parse("10b").half();
                half++) {
            Seasons seasons = Seasons.usualFor(java.util.Optional.of(HardinessZone.parse(HardinessZone.label(half))));
            if (before != null) {
                assertThat(seasons.lastFrostDay()).isLessThanOrEqualTo(before.lastFrostDay());
                assertThat(seasons.firstFrostDay()).isGreaterThanOrEqualTo(before.firstFrostDay());
                assertThat(before.springShiftDays() - seasons.springShiftDays())
                        .isCloseTo(Seasons.DAYS_PER_HALF_ZONE, within(1e-9));
                assertThat(seasons.degreeDaysBy(365)).isGreaterThan(before.degreeDaysBy(365));
            }
            before = seasons;
        }
    }

    @ParameterizedTest(name = "day {0} south of the equator is day {1} of the northern year")
    @CsvSource({"1, 183", "183, 365", "184, 1", "365, 182"})
    void theSouthernYearIsTurnedByHalf(int day, int northern) {
        assertThat(Seasons.usualFor(java.util.Optional.empty()).southern().northernDay(day))
                .isEqualTo(northern);
        assertThat(Seasons.usualFor(java.util.Optional.empty()).northernDay(day))
                .isEqualTo(day);
    }

    @Test
    void degreeDaysGrowThroughTheYearAndTheirDayIsFoundAgain() {
        Seasons seasons = Seasons.usualFor(java.util.Optional.of(HardinessZone.parse("6b")));
        double before = -1;
        for (int day = 1; day <= 365; day += 7) {
            double sum = seasons.degreeDaysBy(day);
            assertThat(sum).isGreaterThanOrEqualTo(before);
            before = sum;
        }
        for (double wanted : new double[] {30, 120, 400, 900, 1500}) {
            double day = seasons.dayOfDegreeDays(wanted).orElseThrow();
            assertThat(seasons.degreeDaysBy(day)).isCloseTo(wanted, within(0.5));
        }
        assertThat(seasons.dayOfDegreeDays(1e6)).isEmpty();
    }
}
