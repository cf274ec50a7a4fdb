package org.yellowfit.core.light;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Classes of light, the side of noon, and the sun's day at places of every latitude (rules B1, B3, B4). */
class LightWordsTest {

    @ParameterizedTest(name = "{0} h are {1}")
    @CsvSource({
        "0, DEEP_SHADE",
        "1.99, DEEP_SHADE",
        "2, SHADE",
        "3.99, SHADE",
        "4, PART",
        "5.99, PART",
        "6, FULL_SUN",
        "14, FULL_SUN"
    })
    void classesBeginAtTheirHours(double hours, LightClass light) {
        assertThat(LightClass.ofHours(hours)).isEqualTo(light);
        assertThat(light.fromHours()).isLessThanOrEqualTo(hours);
    }

    /**
     * By hand from cos H = (sin 5° − sin φ sin δ) / (cos φ cos δ); at the solstice δ = 23.44°, at the equinox about 0.
     */
    @ParameterizedTest(name = "at {0}° on {1}: {2} h above 5°")
    @CsvSource({
        "0,   2026-03-20, 11.33",
        "46,  2026-06-21, 14.37",
        "46,  2026-12-21, 7.19",
        "46,  2026-03-20, 11.1",
        "-46, 2026-12-21, 14.37",
        "-46, 2026-06-21, 7.19",
        "60,  2026-06-21, 16.55",
        "70,  2026-06-21, 20.8",
        "80,  2026-06-21, 24",
        "70,  2026-12-21, 0",
        "-80, 2026-12-21, 24",
    })
    void theDayAboveFiveDegrees(double latitude, LocalDate day, double hours) {
        assertThat(SunDay.of(new Location(latitude, 0, 0), day).hours()).isCloseTo(hours, within(0.12));
    }

    @ParameterizedTest(name = "longitude {0}, clock {1} h ahead: noon at {2}")
    @CsvSource({"0, 0, 12.03", "15, 1, 12.03", "-60, -4, 12.03", "-75, -4, 13.03", "179, 12, 12.1", "-179, -12, 11.97"})
    void solarNoonByTheClock(double longitude, double offset, double clock) {
        SunDay day = SunDay.of(new Location(40, longitude, offset), LocalDate.of(2026, 6, 21));
        assertThat(day.clockHour(0)).isCloseTo(clock, within(0.08));
        assertThat(day.fromNoon(day.clockHour(3))).isCloseTo(3, within(1e-6));
        assertThat(day.fromNoon(day.clockHour(-5))).isCloseTo(-5, within(1e-6));
    }

    @ParameterizedTest
    @CsvSource({"1", "7", "10", "30", "60"})
    void spansAddUpToTheDay(int minutes) {
        SunDay day = SunDay.of(new Location(46, -62, -4), LocalDate.of(2026, 4, 15));
        List<SunMoment> moments = day.moments(minutes);
        assertThat(moments.stream().mapToDouble(SunMoment::hours).sum()).isCloseTo(day.hours(), within(1e-9));
        assertThat(moments.stream().mapToDouble(SunMoment::hotHours).sum())
                .as("from 1 to 5 h after noon")
                .isCloseTo(4, within(1e-9));
        assertThat(moments).allMatch(moment -> moment.hours() <= minutes / 60.0 + 1e-9);
    }

    @Test
    void stepsAndPlacesKeepTheirRange() {
        SunDay day = SunDay.of(new Location(46, -62, -4), LocalDate.of(2026, 4, 15));
        assertThatThrownBy(() -> day.moments(0)).hasMessageContaining("1 to 60");
        assertThatThrownBy(() -> day.moments(61)).hasMessageContaining("1 to 60");
        assertThatThrownBy(() -> new Location(91, 0, 0)).hasMessageContaining("latitude");
        assertThatThrownBy(() -> new Location(0, 181, 0)).hasMessageContaining("longitude");
        assertThatThrownBy(() -> new Location(0, 0, 15)).hasMessageContaining("UTC");
        assertThatThrownBy(() -> new Location(Double.NaN, 0, 0)).hasMessageContaining("latitude");
    }

    @ParameterizedTest(name = "{0} h before noon, {1} after: {2}")
    @CsvSource({
        "5, 0, MORNING",
        "0, 5, AFTERNOON",
        "2.5, 2.5, EVEN",
        "3.2, 1.8, MORNING",
        "3, 2, EVEN",
        "1.8, 3.2, AFTERNOON",
        "0, 0, EVEN"
    })
    void theSideOfNoon(double morning, double afternoon, SunBias bias) {
        assertThat(SunBias.of(morning, afternoon)).isEqualTo(bias);
    }
}
