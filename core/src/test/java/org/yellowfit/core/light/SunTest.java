package org.yellowfit.core.light;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.time.ZonedDateTime;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** The sun's way over a place. */
class SunTest {

    private static final Location HARBOUR = new Location(45.6, -61.4, -4);

    /** The worked example of NREL/TP-560-34302, section A.5; its zenith angle without refraction is 50.1279°. */
    @Test
    void thePublishedExample() {
        SunPosition sun = SunPosition.at(
                ZonedDateTime.parse("2003-10-17T12:30:30-07:00"), new Location(39.742476, -105.1786, -7), 1830.14);
        assertThat(sun.azimuthDegrees()).isCloseTo(194.34024, within(0.001));
        assertThat(90 - sun.altitudeDegrees()).isCloseTo(50.12794, within(0.001));
    }

    /**
     * Hours above 5° by the spherical triangle, cos H = (sin 5° − sin φ sin δ) / (cos φ cos δ), with the sun's
     * declination of
     * Spencer (1971). That formula knows no leap years, so it is good to
     * ten minutes in the north; the sun's height at both ends is checked as well.
     */
    @ParameterizedTest
    @CsvSource({"25,6", "25,12", "35,3", "45.6,1", "45.6,6", "55,9", "65,3", "65,5", "-35,6", "-35,12", "-55,1"})
    void anOpenFieldGetsTheDayAboveFiveDegrees(double latitude, int month) {
        SunDay day = SunDay.of(new Location(latitude, 20, 1), LocalDate.of(2025, month, 15));
        double angle = 2 * Math.PI * (LocalDate.of(2025, month, 15).getDayOfYear() - 1) / 365;
        double declination = 0.006918
                - 0.399912 * Math.cos(angle)
                + 0.070257 * Math.sin(angle)
                - 0.006758 * Math.cos(2 * angle)
                + 0.000907 * Math.sin(2 * angle)
                - 0.002697 * Math.cos(3 * angle)
                + 0.00148 * Math.sin(3 * angle);
        double phi = Math.toRadians(latitude);
        double cosine = (Math.sin(Math.toRadians(5)) - Math.sin(phi) * Math.sin(declination))
                / (Math.cos(phi) * Math.cos(declination));
        assertThat(day.hours()).isCloseTo(2 * Math.toDegrees(Math.acos(cosine)) / 15, within(0.16));
        Location where = new Location(latitude, 20, 1);
        assertThat(SunPosition.at(day.at(-day.upH()), where).altitudeDegrees()).isCloseTo(5, within(0.01));
        assertThat(SunPosition.at(day.at(day.downH()), where).altitudeDegrees()).isCloseTo(5, within(0.01));
        assertThat(day.moments(10).stream().mapToDouble(SunMoment::hours).sum()).isCloseTo(day.hours(), within(1e-9));
    }

    @Test
    void theSunStandsInTheSouthAtNoonAndInTheNorthBelowTheEquator() {
        SunDay north = SunDay.of(HARBOUR, LocalDate.of(2026, 6, 15));
        assertThat(SunPosition.at(north.noon(), HARBOUR).azimuthDegrees()).isCloseTo(180, within(0.1));
        Location southern = new Location(-36, 147, 10);
        SunDay south = SunDay.of(southern, LocalDate.of(2026, 12, 15));
        double azimuth = SunPosition.at(south.noon(), southern).azimuthDegrees();
        assertThat(Math.min(azimuth, 360 - azimuth)).isCloseTo(0, within(0.1));
    }

    /** Noon at altitude 90° − φ + δ; on the June solstice δ = 23.44°. */
    @Test
    void theNoonSunOfTheSolstice() {
        SunDay day = SunDay.of(HARBOUR, LocalDate.of(2026, 6, 21));
        assertThat(SunPosition.at(day.noon(), HARBOUR).altitudeDegrees()).isCloseTo(90 - 45.6 + 23.44, within(0.02));
    }

    @Test
    void aPolarNightHasNoSunAndAPolarDayHasItAllRound() {
        Location polar = new Location(75, 20, 1);
        assertThat(SunDay.of(polar, LocalDate.of(2026, 12, 15)).hours()).isZero();
        assertThat(SunDay.of(polar, LocalDate.of(2026, 12, 15)).moments(10)).isEmpty();
        assertThat(SunDay.of(polar, LocalDate.of(2026, 6, 15)).hours()).isEqualTo(24);
    }

    /**
     * 61.4° W lies 1.4° west of the meridian of its clock (UTC−4): solar noon comes 5.6 minutes late, less the equation
     * of time.
     */
    @Test
    void theClockOnTheWall() {
        SunDay day = SunDay.of(HARBOUR, LocalDate.of(2026, 6, 15));
        assertThat(day.clockHour(0)).isCloseTo(12 + 5.6 / 60 + 0.5 / 60, within(0.02));
        assertThat(day.fromNoon(day.clockHour(3))).isCloseTo(3, within(1e-9));
        assertThat(day.fromNoon(day.clockHour(-5))).isCloseTo(-5, within(1e-9));
    }

    @Test
    void spansEndAtNoonAndHotHoursLieOneToFiveAfterIt() {
        SunDay day = SunDay.of(HARBOUR, LocalDate.of(2026, 6, 15));
        for (int step : new int[] {1, 7, 10, 45, 60}) {
            assertThat(day.moments(step).stream()
                            .filter(SunMoment::isMorning)
                            .mapToDouble(SunMoment::hours)
                            .sum())
                    .isCloseTo(day.upH(), within(1e-9));
            assertThat(day.moments(step).stream()
                            .mapToDouble(SunMoment::hotHours)
                            .sum())
                    .isCloseTo(4, within(1e-9));
        }
    }

    @ParameterizedTest
    @ValueSource(doubles = {91, -90.5, Double.NaN})
    void noSuchLatitude(double latitude) {
        assertThatThrownBy(() -> new Location(latitude, 0, 0)).hasMessageContaining("latitude");
    }

    @ParameterizedTest
    @CsvSource({"4,1,MORNING", "1,4,AFTERNOON", "3,3,EVEN", "0,0,EVEN", "6.2,3.8,MORNING"})
    void whichSideOfNoon(double morning, double afternoon, SunBias bias) {
        assertThat(SunBias.of(morning, afternoon)).isEqualTo(bias);
    }
}
