package org.yellowfit.core.records;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yellowfit.core.climate.DailyRecord;
import org.yellowfit.core.climate.MadeUpStation;
import org.yellowfit.core.climate.StationFile;

/** J7: the warmth at which a plant opens, by its own seasons. */
class OpeningTest {

    private static List<Opening.Seen> seen(String text) {
        List<Opening.Seen> seen = new ArrayList<>();
        for (String each : text.split(" ")) {
            String[] parts = each.split(":");
            seen.add(new Opening.Seen("a", Integer.parseInt(parts[0]), Double.parseDouble(parts[1])));
        }
        return seen;
    }

    @ParameterizedTest(name = "{0}: {1} degree days, {2} to {3}, {4} seasons, outweighs the label: {5}")
    @CsvSource({
        "2024:300,                                  300, 300, 300, 1, false",
        "2024:300 2025:340,                         320, 300, 340, 2, false",
        // two beds of one season share its weather: they are one season, not two
        "2024:300 2024:320 2025:350 2026:390,       350, 310, 390, 3, true",
        "2024:300 2024:300 2024:300 2025:390,       345, 300, 390, 2, false",
        "2023:200 2024:300 2025:400 2026:300,       300, 200, 400, 4, true",
    })
    void aSeasonCountsOnce(String text, double mean, double least, double most, int seasons, boolean enough) {
        Opening opening = Opening.of(seen(text)).get("a");
        assertThat(opening.degreeDays()).isEqualTo(mean, within(1e-9));
        assertThat(opening.least()).isEqualTo(least, within(1e-9));
        assertThat(opening.most()).isEqualTo(most, within(1e-9));
        assertThat(opening.seasons()).isEqualTo(seasons);
        assertThat(opening.isEnough()).isEqualTo(enough);
    }

    @Test
    void warmthIsNoNegativeNumber() {
        assertThatThrownBy(() -> new Opening.Seen("a", 2024, -1)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Opening.Seen("a", 2024, Double.NaN)).isInstanceOf(IllegalArgumentException.class);
    }

    /** Ten days of 10 to 20 °C give ten degree days each (base 5 °C, A9). */
    private static String tenDays(LocalDate from, int missing) {
        StringBuilder csv = new StringBuilder("date,tmin,tmax,rain\n");
        for (int day = 0; day < 10; day++) {
            csv.append(from.plusDays(day))
                    .append(day < missing ? ",," : ",10,20")
                    .append(",0\n");
        }
        return csv.toString();
    }

    @ParameterizedTest(name = "from {0}, {1} missing, by {2}: {3}")
    @CsvSource({
        "2025-01-01, 0, 2025-01-10, false, 100",
        "2025-01-01, 0, 2025-01-03, false, 30",
        "2025-07-01, 0, 2025-07-10, true, 100",
        // one of ten may be missing and takes the mean of the others
        "2025-01-01, 1, 2025-01-10, false, 100",
        "2025-01-01, 2, 2025-01-10, false, NaN",
        // most of the year before is not on record
        "2025-06-01, 0, 2025-06-10, false, NaN",
    })
    void warmthIsGatheredFromTheBeginningOfTheGrowingYear(
            LocalDate from, int missing, LocalDate by, boolean south, double wanted) {
        DailyRecord days = StationFile.read(tenDays(from, missing), false);
        assertThat(days.degreeDaysBy(by, south).orElse(Double.NaN)).isEqualTo(wanted, within(1e-3));
    }

    @Test
    void theDayOfAWarmthIsTheDayOnWhichItWasReached() {
        DailyRecord days = StationFile.read(MadeUpStation.HARBOUR.csv(2020, 2023), false);
        for (int year = 2020; year <= 2023; year++) {
            LocalDate may = LocalDate.of(year, 5, 1);
            for (double warmth : new double[] {50, 200, 500}) {
                LocalDate day = days.dayOfDegreeDays(warmth, may, false).orElseThrow();
                assertThat(day.getYear()).isEqualTo(year);
                assertThat(days.degreeDaysBy(day, false).orElseThrow()).isGreaterThanOrEqualTo(warmth);
                assertThat(days.degreeDaysBy(day.minusDays(1), false).orElseThrow())
                        .isLessThan(warmth);
            }
            assertThat(days.dayOfDegreeDays(1e6, may, false)).isEmpty();
        }
        assertThat(DailyRecord.yearOf(LocalDate.of(2025, 3, 1), true)).isEqualTo(LocalDate.of(2024, 7, 1));
        assertThat(DailyRecord.yearOf(LocalDate.of(2025, 8, 1), true)).isEqualTo(LocalDate.of(2025, 7, 1));
    }
}
