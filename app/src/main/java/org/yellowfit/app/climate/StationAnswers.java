package org.yellowfit.app.climate;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.stream.Collectors;
import org.yellowfit.app.visit.Answers;
import org.yellowfit.app.visit.Provenance;
import org.yellowfit.core.climate.ClimateSummary;
import org.yellowfit.core.climate.HardinessZone;
import org.yellowfit.core.measure.Numbers;

/** What a visit keeps of a station: the site's zone, its summers, its frosts, and where the sun is reckoned from. */
public final class StationAnswers {

    private StationAnswers() {}

    public static Map<String, String> of(Station station) {
        ClimateSummary climate = station.climate();
        Map<String, String> answers = new LinkedHashMap<>();
        String record = Provenance.computed("from the record of " + station.name());
        climate.zone()
                .map(HardinessZone::label)
                .ifPresent(zone -> put(
                        answers,
                        "zone",
                        zone,
                        Provenance.computed("from %d winters at %s".formatted(climate.wintersUsed(), station.name()))));
        answers.put(Answers.SITE + "minTempC", "");
        put(answers, "hotSummer", climate.hotSummer() ? "yes" : "no", record);
        climate.firstAutumnFrost()
                .p50()
                .ifPresent(day -> put(answers, "firstFrost", next((int) day).toString(), record));
        put(
                answers,
                "springFrosts",
                Arrays.stream(climate.springFrosts().degreeDays())
                        .mapToObj(sum -> Numbers.rounded(sum, 1))
                        .collect(Collectors.joining("|")),
                record);
        answers.put(Answers.AT + "station", station.id().toString());
        answers.put(Answers.AT + "latitude", Numbers.write(station.where().latitude()));
        answers.put(Answers.AT + "longitude", Numbers.write(station.where().longitude()));
        answers.put(Answers.AT + "utcOffset", Numbers.write(station.where().utcOffsetHours()));
        return answers;
    }

    private static void put(Map<String, String> answers, String field, String value, String from) {
        answers.put(Answers.SITE + field, value);
        answers.put(Answers.FROM + field, value.isEmpty() ? "" : from);
    }

    /** The next date with this day of the year. */
    private static LocalDate next(int dayOfYear) {
        LocalDate today = LocalDate.now();
        LocalDate date = LocalDate.ofYearDay(today.getYear(), 1).plusDays((dayOfYear - 1) % 365);
        return date.isAfter(today) ? date : date.plusYears(1);
    }
}
