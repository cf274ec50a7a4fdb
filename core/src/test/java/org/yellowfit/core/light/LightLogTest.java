package org.yellowfit.core.light;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;
import static org.assertj.core.api.Assertions.tuple;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yellowfit.core.measure.LineProblem;
import org.yellowfit.core.measure.UnusableFile;

/** A light logger's file turned into hours of direct sun (rule B4). */
class LightLogTest {

    /** On the meridian of its clock, so that solar noon is near twelve. */
    private static final Location PLACE = new Location(46, -60, -4);

    private static final LocalDate JUNE = LocalDate.of(2026, 6, 15);

    /** IESNA 1984: 127.5 · e^(−0.21 / sin h) · sin h klx, worked by hand. */
    @ParameterizedTest(name = "{0}°: {1} lux on level ground")
    @CsvSource({"90, 103349", "60, 86641", "30, 41887", "10, 6607", "5, 999"})
    void aClearSkysDirectSun(double altitude, double lux) {
        assertThat(LightLog.sunLux(altitude)).isCloseTo(lux, within(lux * 0.005));
    }

    /**
     * The same authority: 0.8 + 15.5 · √sin h klx. In open shade a reading is at most this, so it has to stay below
     * what counts.
     */
    @ParameterizedTest(name = "{0}°: {1} lux from the sky alone")
    @CsvSource({"90, 16300", "60, 15224", "30, 11760", "10, 7259", "5, 5376"})
    void aClearSkyWithoutItsSun(double altitude, double lux) {
        assertThat(LightLog.skyLux(altitude)).isCloseTo(lux, within(lux * 0.005));
        LocalDateTime noon = LocalDateTime.of(JUNE, java.time.LocalTime.NOON);
        assertThat(LightLog.read(
                                "time,lux\n%s,%d\n%s,0\n"
                                        .formatted(noon, (int) LightLog.skyLux(67), noon.plusHours(12)),
                                PLACE)
                        .hours())
                .isZero();
    }

    @Test
    void openShadeUnderALowSunIsNoSun() {
        StringBuilder shade = new StringBuilder("time,lux\n");
        StringBuilder sun = new StringBuilder("time,lux\n");
        for (int minute = 5 * 60; minute < 8 * 60; minute += 10) {
            LocalDateTime time = JUNE.atStartOfDay().plusMinutes(minute);
            double altitude = SunPosition.at(time.atZone(java.time.ZoneOffset.ofHours(-4)), PLACE)
                    .altitudeDegrees();
            double sky = LightLog.skyLux(Math.max(1, altitude));
            shade.append(time).append(',').append(Math.round(sky)).append('\n');
            sun.append(time)
                    .append(',')
                    .append(Math.round(0.6 * sky + LightLog.sunLux(Math.max(1, altitude))))
                    .append('\n');
        }
        assertThat(LightLog.read(shade.toString(), PLACE).hours()).isZero();
        assertThat(LightLog.read(sun.toString(), PLACE).hours())
                .as("in sun, with a wall behind it")
                .isGreaterThan(2);
    }

    /** A day of readings every ten minutes: bright between the clock hours given, dim otherwise. */
    private static String day(LocalDate date, double fromHour, double toHour, double brightLux, double dimLux) {
        StringBuilder out = new StringBuilder();
        for (int minute = 0; minute < 24 * 60; minute += 10) {
            boolean bright = minute >= fromHour * 60 && minute < toHour * 60;
            out.append(LocalDateTime.of(date, java.time.LocalTime.of(minute / 60, minute % 60)))
                    .append(',')
                    .append(bright ? brightLux : dimLux)
                    .append('\n');
        }
        return out.toString();
    }

    @ParameterizedTest(name = "bright from {0} to {1}: {2} h in all, {3} before noon, {4} hot")
    @CsvSource({
        "9,  12, 3, 3, 0",
        "12, 15, 3, 0, 2",
        "10, 14, 4, 2, 1",
        "13, 17, 4, 0, 4",
        "8,  9,  1, 1, 0",
    })
    void brightHoursAreCountedOnTheirSideOfNoon(double from, double to, double all, double morning, double hot) {
        LightLog log = LightLog.read("time,lux\n" + day(JUNE, from, to, 100_000, 2_000), PLACE);
        assertThat(log.hours()).isCloseTo(all, within(0.01));
        // Solar noon lies a minute off the clock's, so a reading may fall on the other side.
        assertThat(log.morning()).isCloseTo(morning, within(0.18));
        assertThat(log.hot()).isCloseTo(hot, within(0.18));
        assertThat(log.days()).containsOnlyKeys(JUNE);
    }

    @Test
    void openShadeIsNoSun() {
        LightLog log = LightLog.read("time,lux\n" + day(JUNE, 9, 15, 20_000, 4_000), PLACE);
        assertThat(log.hours()).isZero();
        assertThat(log.overcast()).containsExactly(JUNE);
    }

    @Test
    void overcastDaysAreLeftOutOfTheMean() {
        LightLog log = LightLog.read(
                "time,lux\n" + day(JUNE, 9, 12, 100_000, 2_000) + day(JUNE.plusDays(1), 0, 0, 0, 2_500)
                        + day(JUNE.plusDays(2), 9, 14, 100_000, 2_000),
                PLACE);
        assertThat(log.overcast()).containsExactly(JUNE.plusDays(1));
        assertThat(log.hours()).isCloseTo(4, within(0.01));
        assertThat(log.days().values())
                .satisfiesExactly(
                        h -> assertThat(h).isCloseTo(3, within(0.01)),
                        h -> assertThat(h).isCloseTo(5, within(0.01)));
    }

    @Test
    void aReadingStandsForNoMoreThanAnHourAcrossAGap() {
        String sparse = "time,lux\n2026-06-15T08:00,60000\n2026-06-15T12:00,95000\n2026-06-15T16:00,60000\n";
        assertThat(LightLog.read(sparse, PLACE).hours()).isCloseTo(3 * 65 / 60.0, within(0.01));
    }

    @Test
    void readingsMayStandInAnyOrderWithABlankForTheT() {
        String shuffled = "time;lux\n2026-06-15 12:30;95000\n2026-06-15 12:00;95000\n2026-06-15 13:00;95000\n";
        assertThat(LightLog.read(shuffled, PLACE).hours()).isCloseTo(1.5, within(0.01));
    }

    @ParameterizedTest(name = "{0}: line {1}, {2}")
    @CsvSource(
            delimiter = '|',
            value = {
                "2026-06-15T09:00,bright    | 2 | lux  | not a number",
                "2026-06-15T09:00,-1        | 2 | lux  | out of range",
                "2026-06-15T09:00,300000    | 2 | lux  | out of range",
                "15/06/2026 09:00,100       | 2 | time | not a time",
                "2026-02-30T09:00,100       | 2 | time | not a time",
                ",100                       | 2 | time | not a time",
                "2026-06-15T09:00,100       | 2 |      | fewer than two",
            })
    void whatIsWrongIsToldByLineAndColumn(String row, long line, String column, String part) {
        UnusableFile refused =
                catchThrowableOfType(UnusableFile.class, () -> LightLog.read("time,lux\n" + row + "\n", PLACE));
        assertThat(refused.problems())
                .extracting(LineProblem::line, LineProblem::column)
                .containsExactly(tuple(line, column == null ? "" : column));
        assertThat(refused.getMessage()).contains(part);
    }

    @Test
    void aTimeThatStandsTwiceIsTold() {
        UnusableFile refused = catchThrowableOfType(
                UnusableFile.class, () -> LightLog.read("time,lux\n2026-06-15T09:00,1\n2026-06-15T09:00,2\n", PLACE));
        assertThat(refused.problems()).extracting(LineProblem::line).containsExactly(3L);
        assertThat(refused.getMessage()).contains("stands twice");
    }

    /** The stand-in logger's file, read back, gives the hours the study has for the spot, but for the cloudy days. */
    @Test
    void theMadeUpLoggerAgreesWithTheStudyOfAnOpenField() {
        LightStudy study = new LightStudy(PLACE, 0, 2026, 10, 0.1, List.of());
        LightLog log = LightLog.read(LightLog.madeUp(study, 1, 1, LocalDate.of(2026, 6, 10), 12, 4), PLACE);
        assertThat(log.overcast()).isNotEmpty();
        assertThat(log.hours()).isCloseTo(SunDay.of(PLACE, JUNE).hours(), within(0.35));
    }
}
