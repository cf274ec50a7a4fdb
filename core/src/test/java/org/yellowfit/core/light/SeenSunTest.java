package org.yellowfit.core.light;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Sun remembered by the clock at four times of the year. */
class SeenSunTest {

    private static final Location PLACE = new Location(46, -60, -4);
    private static final List<Integer> SEASON = List.of(5, 6, 7, 8, 9);

    private static Set<Integer> hours(int from, int to) {
        Set<Integer> hours = new TreeSet<>();
        for (int hour = from; hour < to; hour++) {
            hours.add(hour);
        }
        return hours;
    }

    @ParameterizedTest(name = "ticked from {0} to {1} o’clock: {2} h before noon, {3} after, {4} hot")
    @CsvSource({
        "9,  12, 3, 0, 0",
        "12, 15, 0, 3, 2",
        "10, 14, 2, 2, 1",
        "13, 17, 0, 4, 4",
        "13, 19, 0, 5.9, 4",
        "9,  9,  0, 0, 0",
    })
    void tickedHoursAreSharedOutRoundSolarNoon(int from, int to, double morning, double afternoon, double hot) {
        SeenSun seen = SeenSun.of(Map.of(6, hours(from, to)), PLACE, List.of(6));
        // The clock is a few minutes off the sun.
        assertThat(seen.morning()).isCloseTo(morning, within(0.1));
        assertThat(seen.afternoon()).isCloseTo(afternoon, within(0.15));
        assertThat(seen.hot()).isCloseTo(hot, within(0.15));
    }

    @Test
    void monthsBetweenAreMixedFromTheTimesAroundThem() {
        double[] months = SeenSun.of(
                        Map.of(3, hours(10, 13), 6, hours(9, 15), 9, hours(10, 13), 12, Set.of()), PLACE, SEASON)
                .byMonth();
        assertThat(months[2]).isCloseTo(3, within(0.01));
        assertThat(months[3]).isCloseTo(4, within(0.01));
        assertThat(months[4]).isCloseTo(5, within(0.01));
        assertThat(months[5]).isCloseTo(6, within(0.01));
        assertThat(months[9]).isCloseTo(2, within(0.01));
        assertThat(months[11]).isZero();
        assertThat(months[0]).isCloseTo(1, within(0.01));
    }

    @Test
    void theMeanIsOverTheMonthsAskedFor() {
        Map<Integer, Set<Integer>> ticked = Map.of(3, hours(10, 12), 6, hours(10, 14), 9, hours(10, 12));
        assertThat(SeenSun.of(ticked, PLACE, List.of(6)).hours()).isCloseTo(4, within(0.01));
        assertThat(SeenSun.of(ticked, PLACE, List.of(3, 6)).hours()).isCloseTo(3, within(0.01));
    }

    @Test
    void hoursInWhichTheSunStandsTooLowDoNotCount() {
        SeenSun night = SeenSun.of(Map.of(12, hours(0, 24)), PLACE, List.of(12));
        assertThat(night.hours())
                .isCloseTo(
                        SunDay.of(PLACE, java.time.LocalDate.of(2025, 12, 15)).hours(), within(1e-6));
    }

    /**
     * By hand: cos H = (sin 5° − sin φ sin δ) / (cos φ cos δ) with δ of the 15th; June 4.8 to 19.2, December 8.3 to
     * 15.5, March 6.8 to 17.5.
     */
    @ParameterizedTest(name = "month {0}: from {1} to {2} o’clock")
    @CsvSource({"6, 4, 19", "12, 8, 15", "3, 6, 17"})
    void onlyHoursOfHighEnoughSunAreAskedFor(int month, int first, int last) {
        List<Integer> hours = SeenSun.hoursOf(PLACE, month);
        assertThat(hours.get(0)).isEqualTo(first);
        assertThat(hours.get(hours.size() - 1)).isEqualTo(last);
    }

    @Test
    void southOfTheEquatorDecemberHasTheLongDay() {
        Location south = new Location(-38, 145, 10);
        assertThat(SeenSun.hoursOf(south, 12).size())
                .isGreaterThan(SeenSun.hoursOf(south, 6).size() + 3);
    }

    @Test
    void anHourThatIsNoneIsRefused() {
        assertThatThrownBy(() -> SeenSun.of(Map.of(6, Set.of(24)), PLACE, SEASON))
                .hasMessageContaining("0 to 23");
    }
}
