package org.yellowfit.core.climate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.function.Function;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.measure.LineProblem;
import org.yellowfit.core.measure.UnusableFile;

/** A station's record, by hand-made records whose answers are plain. */
class StationTest {

    /** Each day's lowest by a rule; the highest is eight degrees above it. */
    private static String file(int firstYear, int lastYear, Function<LocalDate, Double> lowest) {
        StringBuilder out = new StringBuilder("date,tmin,tmax\n");
        for (LocalDate day = LocalDate.of(firstYear, 1, 1); day.getYear() <= lastYear; day = day.plusDays(1)) {
            Double low = lowest.apply(day);
            if (low != null) {
                out.append(String.format(Locale.ROOT, "%s,%.1f,%.1f\n", day, low, low + 8));
            }
        }
        return out.toString();
    }

    /**
     * Frost from 11 October + (year − 2001) to 20 April + (year − 2001), one cold night of −(15 + year − 2001) each 10
     * January.
     */
    private static double harsh(LocalDate day) {
        int turn = day.getYear() - 2001;
        if (day.getMonthValue() == 1 && day.getDayOfMonth() == 10) {
            return -15 - turn;
        }
        boolean frost = day.isBefore(LocalDate.of(day.getYear(), 4, 21).plusDays(turn))
                || !day.isBefore(LocalDate.of(day.getYear(), 10, 11).plusDays(turn));
        return frost ? -1 : 12;
    }

    private static ClimateSummary summary(String file, double latitude) {
        return ClimateSummary.of(StationFile.read(file, false), latitude);
    }

    @Test
    void theZoneIsTheMeanOfTheWinters() {
        ClimateSummary climate = summary(file(2001, 2010, StationTest::harsh), 45);
        // Winters ending 2002 … 2010 are complete; that of 2001 lacks its November and December.
        assertThat(climate.wintersUsed()).isEqualTo(9);
        assertThat(climate.meanWinterLowC()).isCloseTo(-20, within(1e-9));
        assertThat(climate.zone()).contains(HardinessZone.parse("6b"));
        assertThat(climate.isShort()).isTrue();
        assertThat(climate.warnings())
                .anySatisfy(warning -> assertThat(warning).isEqualTo(Fact.of("climate.few-winters", 9)));
        assertThat(climate.coldestC()).isEqualTo(-24);
        assertThat(climate.coldestDate()).isEqualTo("2010-01-10");
        // Lows −16 … −24 spread by 2.74 °C, so the mean of nine is good to 0.91 °C: 6a is within it.
        assertThat(climate.standardErrorC()).isCloseTo(2.7386 / 3, within(1e-3));
        assertThat(climate.likelyZones()).extracting(HardinessZone::label).containsExactly("6a", "6b");
    }

    @Test
    void frostDatesAreThoseByWhichSoManyYearsHaveHadThem() {
        ClimateSummary climate = summary(file(2001, 2010, StationTest::harsh), 45);
        // Last frosts on 20, 21 … 29 April, first ones on 11 … 20 October: the year 2001 has the earliest of both.
        assertThat(date(climate.lastSpringFrost().p10())).isEqualTo("04-20");
        assertThat(date(climate.lastSpringFrost().p50())).isEqualTo("04-24");
        assertThat(date(climate.lastSpringFrost().p90())).isEqualTo("04-28");
        assertThat(date(climate.firstAutumnFrost().p10())).isEqualTo("10-11");
        assertThat(date(climate.firstAutumnFrost().p90())).isEqualTo("10-19");
        // From 21 April to 10 October: 173 whole days, in every year.
        assertThat(climate.frostFreeDays().p10()).hasValue(173);
        assertThat(climate.frostFreeDays().p90()).hasValue(173);
        assertThat(climate.frostFreeMonths()).containsExactly(5, 6, 7, 8, 9);
    }

    private static String date(java.util.OptionalDouble day) {
        return LocalDate.ofYearDay(2001, (int) day.orElseThrow()).toString().substring(5);
    }

    /** Every day 12…20 °C in the half year without frost is 11 degree days; −1…7 °C gives 0.297 by the sine. */
    @Test
    void degreeDaysOfAMonthAreItsOwn() {
        ClimateSummary climate = summary(file(2001, 2010, StationTest::harsh), 45);
        assertThat(climate.degreeDaysByMonth()[6]).isCloseTo(31 * 11, within(1e-6));
        assertThat(climate.degreeDaysByMonth()[1]).isCloseTo(28.25 * DegreeDays.ofDay(-1, 7), within(1e-6));
        assertThat(climate.hottestMonthMeanMaxC()).isCloseTo(20, within(1e-6));
        assertThat(climate.hotSummer()).isFalse();
    }

    @ParameterizedTest
    @CsvSource({"10,20,10", "-5,5,0", "5,5,0", "5,9,2", "0,10,1.5915", "-20,-10,0", "4,6,0.3183"})
    void degreeDaysOfADay(double low, double high, double expected) {
        assertThat(DegreeDays.ofDay(low, high)).isCloseTo(expected, within(1e-4));
    }

    @ParameterizedTest
    @CsvSource({"31.9,false", "32,true", "35,true"})
    void summersAreHotFromThirtyTwoDegrees(double high, boolean hot) {
        assertThat(summary(file(2001, 2002, day -> day.getMonthValue() == 7 ? high - 8 : 5), 45)
                        .hotSummer())
                .isEqualTo(hot);
        assertThat(summary(file(2001, 2002, day -> day.getMonthValue() == 1 ? high - 8 : 5), -45)
                        .hotSummer())
                .isEqualTo(hot);
    }

    /** South of the equator the cold comes in July; the same record turned by half a year gives the same zone. */
    @Test
    void southOfTheEquator() {
        ClimateSummary climate = summary(file(2001, 2010, day -> harsh(day.minusMonths(6))), -45);
        assertThat(climate.zone()).isPresent();
        assertThat(climate.coldestDate().getMonthValue()).isEqualTo(7);
        assertThat(climate.frostFreeMonths()).contains(11, 12, 1, 2, 3).doesNotContain(6, 7, 8);
        assertThat(climate.frostFreeDays().p50().orElseThrow()).isBetween(165.0, 180.0);
        assertThat(climate.seasons().south()).isTrue();
    }

    /** A10: a record without frost has a whole year of growing days on either half of the earth. */
    @ParameterizedTest
    @CsvSource({"45", "-45"})
    void whereNoFrostEverComesTheWholeYearIsFree(double latitude) {
        ClimateSummary mild = summary(file(2001, 2010, day -> 8.0), latitude);
        assertThat(mild.frostFreeDays().p50().orElseThrow()).isEqualTo(365);
        assertThat(mild.seasons().firstFrostDay()).isEqualTo(365);
    }

    @Test
    void aWinterWithElevenDaysMissingDoesNotCount() {
        Function<LocalDate, Double> gap = day ->
                day.isAfter(LocalDate.of(2004, 1, 31)) && day.isBefore(LocalDate.of(2004, 2, 12)) ? null : harsh(day);
        Function<LocalDate, Double> smaller = day ->
                day.isAfter(LocalDate.of(2004, 1, 31)) && day.isBefore(LocalDate.of(2004, 2, 11)) ? null : harsh(day);
        assertThat(summary(file(2001, 2010, gap), 45).wintersUsed()).isEqualTo(8);
        assertThat(summary(file(2001, 2010, smaller), 45).wintersUsed()).isEqualTo(9);
        assertThat(summary(file(2001, 2010, gap), 45).warnings())
                .anySatisfy(warning -> assertThat(warning).isEqualTo(Fact.of("climate.gaps", 11)));
    }

    /**
     * Late frosts of −3 °C on 5 May in two springs of ten, when 12…20 °C since 21 April have given 154 and more degree
     * days.
     */
    @Test
    void budsAreLostInTheSpringsWithAFrostAfterTheyBroke() {
        String file = file(
                2001,
                2010,
                day -> day.getMonthValue() == 5 && day.getDayOfMonth() == 5 && day.getYear() % 5 == 1
                        ? -3
                        : day.getMonthValue() < 4 || day.getMonthValue() > 10 ? -3 : 12.0);
        SpringFrosts frosts = summary(file, 45).springFrosts();
        assertThat(frosts.springs()).isEqualTo(10);
        assertThat(frosts.lossChance(120)).isCloseTo(0.2, within(1e-9));
        assertThat(frosts.lossChance(2000)).isZero();
        assertThat(frosts.lossChance(0.01)).isLessThanOrEqualTo(1);
    }

    @Test
    void aPlaceWithoutFrostHasNoFrostDates() {
        ClimateSummary climate = summary(file(2001, 2003, day -> 8.0), 20);
        assertThat(climate.lastSpringFrost().p50()).isEmpty();
        assertThat(climate.firstAutumnFrost().p50()).isEmpty();
        assertThat(climate.frostFreeMonths()).hasSize(12);
        assertThat(climate.frostFreeDays().p50()).hasValue(365);
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            value = {
                "date,tmin,tmax;2001-01-01,1,2;2001-01-01,1,2 | 3 | date | stands twice, first in line 2",
                "date,tmin,tmax;2001-01-01,5,2                | 2 | tmin | above the highest",
                "date,tmin,tmax;01/02/2001,5,7                | 2 | date | write it like 2004-01-16",
                "date,tmin,tmax;2001-01-01,x,7                | 2 | tmin | not a number",
                "date,tmin,tmax;2001-01-01,-99,7              | 2 | tmin | out of range",
                "date,tmin                                    | 1 | tmax | is missing",
                "date,tmin,tmax                               | 2 |      | no days",
                "date,tmin,tmax,precip;2001-01-01,1,2,-4      | 2 | precip | out of range",
                "date,tmin,tmax;1801-01-01,1,2;2101-01-01,1,2 | 2 | date | a year mistyped",
                "date,tmin,tmax;2001-01-01,\"1,2              | 2 | tmin | not a number"
            })
    void problemsAreToldWithLineAndColumn(String file, long line, String column, String message) {
        assertThatThrownBy(() -> StationFile.read(file.replace(';', '\n'), false))
                .isInstanceOfSatisfying(UnusableFile.class, refused -> {
                    LineProblem problem = refused.problems().get(0);
                    assertThat(problem.line()).isEqualTo(line);
                    assertThat(problem.column()).isEqualTo(column == null ? "" : column);
                    assertThat(problem.message()).contains(message);
                });
    }

    @Test
    void fahrenheitTakenForCelsiusIsSeenAndConverted() {
        StringBuilder out = new StringBuilder("date,tmin,tmax\n");
        IntStream.range(0, 365)
                .forEach(i -> out.append(LocalDate.of(2001, 1, 1).plusDays(i))
                        .append(",32,")
                        .append(i > 150 && i < 250 ? 86 : 50)
                        .append('\n'));
        assertThatThrownBy(() -> StationFile.read(out.toString(), false)).hasMessageContaining("looks like Fahrenheit");
        DailyRecord record = StationFile.read(out.toString(), true);
        assertThat(record.lowest(LocalDate.of(2001, 1, 1))).isZero();
        assertThat(record.highest(LocalDate.of(2001, 7, 1))).isEqualTo(30);
    }

    @Test
    void semicolonsABomAndAnyOrderAreRead() {
        DailyRecord record = StationFile.read("\uFEFFtmax;date;tmin\r\n9;2001-01-02;1\r\n8;2001-01-01;\r\n", false);
        assertThat(record.first()).isEqualTo("2001-01-01");
        assertThat(record.lowest(LocalDate.of(2001, 1, 1))).isNaN();
        assertThat(record.highest(LocalDate.of(2001, 1, 2))).isEqualTo(9);
    }

    @Test
    void theMadeUpStationsAreWhatTheySayAndTheSameEachTime() {
        String harbour = MadeUpStation.HARBOUR.csv(1994, 2024);
        assertThat(harbour).isEqualTo(MadeUpStation.HARBOUR.csv(1994, 2024));
        ClimateSummary sea = summary(harbour, 45.6);
        ClimateSummary upland = summary(MadeUpStation.UPLAND.csv(1994, 2024), 45.9);
        assertThat(sea.wintersUsed()).isEqualTo(30);
        assertThat(sea.zone()).contains(HardinessZone.parse("6b"));
        assertThat(upland.zone()).contains(HardinessZone.parse("5a"));
        assertThat(upland.frostFreeDays().p50().orElseThrow())
                .isLessThan(sea.frostFreeDays().p50().orElseThrow() - 20);
        assertThat(sea.springFrosts().lossChance(120))
                .isLessThan(upland.springFrosts().lossChance(120));
    }

    @Test
    void seasonsFollowTheRecord() {
        Seasons sea = summary(MadeUpStation.HARBOUR.csv(1994, 2024), 45.6).seasons();
        Seasons upland = summary(MadeUpStation.UPLAND.csv(1994, 2024), 45.9).seasons();
        assertThat(upland.lastFrostDay()).isGreaterThan(sea.lastFrostDay());
        assertThat(sea.dayOfDegreeDays(500).orElseThrow())
                .isLessThan(upland.dayOfDegreeDays(500).orElseThrow());
    }

    @Test
    void quantilesOfOneToTen() {
        Quantiles quantiles =
                Quantiles.of(IntStream.rangeClosed(1, 10).asDoubleStream().toArray());
        assertThat(List.of(
                        quantiles.p10().orElseThrow(),
                        quantiles.p50().orElseThrow(),
                        quantiles.p90().orElseThrow()))
                .containsExactly(1.0, 5.0, 9.0);
    }
}
