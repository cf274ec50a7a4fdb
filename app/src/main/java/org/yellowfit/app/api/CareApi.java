package org.yellowfit.app.api;

import io.swagger.v3.oas.annotations.Operation;
import java.time.LocalDate;
import java.time.temporal.IsoFields;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.yellowfit.app.catalogue.CatalogueStore;
import org.yellowfit.app.takeaway.CalendarFile;
import org.yellowfit.app.web.Download;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.care.CareCalendar;
import org.yellowfit.core.care.CarePlace;
import org.yellowfit.core.care.CareTask;
import org.yellowfit.core.care.ToCareFor;
import org.yellowfit.core.measure.Problem;
import org.yellowfit.core.measure.UnitSystem;
import org.yellowfit.core.measure.Words;

/** The calendar of care (section I). */
@RestController
@RequestMapping(value = "/api/v1/care", consumes = MediaType.ALL_VALUE)
class CareApi {

    record TaskJson(
            LocalDate from,
            LocalDate to,
            String task,
            List<String> ids,
            int count,
            int minutes,
            String text,
            String rule) {

        static TaskJson of(CareTask task) {
            return new TaskJson(
                    task.from(),
                    task.to(),
                    Words.of(task.kind()),
                    task.ids(),
                    task.count(),
                    task.minutes(),
                    Sentences.say(task.text(), UnitSystem.METRIC),
                    String.join(" ", task.rules()));
        }
    }

    /** @param week by ISO 8601, like {@code 2027-W18} */
    record WeekJson(String week, double litres) {

        static WeekJson of(LocalDate monday, double litres) {
            String week = String.format(
                    Locale.ROOT,
                    "%d-W%02d",
                    monday.get(IsoFields.WEEK_BASED_YEAR),
                    monday.get(IsoFields.WEEK_OF_WEEK_BASED_YEAR));
            return new WeekJson(week, Math.rint(litres * 10) / 10);
        }
    }

    record CalendarJson(
            List<TaskJson> tasks,
            List<Integer> minutesByYear,
            List<WeekJson> waterLitresByWeek,
            Map<String, Double> minutesByPlant,
            List<String> notes) {

        static CalendarJson of(CareCalendar calendar) {
            return new CalendarJson(
                    calendar.tasks().stream().map(TaskJson::of).toList(),
                    calendar.minutesByYear(),
                    calendar.litresByWeek().entrySet().stream()
                            .map(week -> WeekJson.of(week.getKey(), week.getValue()))
                            .toList(),
                    calendar.minutesByPlant(),
                    Sentences.each(calendar.notes(), UnitSystem.METRIC));
        }
    }

    private final CatalogueStore store;
    private final Json json;

    CareApi(CatalogueStore store, Json json) {
        this.store = store;
        this.json = json;
    }

    @Operation(
            summary = "What is done when, for a planting at a place",
            description =
                    "site (as in /fit, with lastSpringFrost, firstAutumnFrost, degreeDaysByMonth, rainMmByMonth), plants (id, count, pot, clipped), plantingDate, years (2 unless said)")
    @PostMapping(value = "/calendar", produces = MediaType.APPLICATION_JSON_VALUE)
    CalendarJson calendar(@RequestBody(required = false) String body) {
        return CalendarJson.of(read(body));
    }

    @Operation(summary = "The same as an iCalendar file (RFC 5545)")
    @PostMapping(value = "/calendar.ics", produces = CalendarFile.MEDIA_TYPE)
    ResponseEntity<byte[]> file(@RequestBody(required = false) String body) {
        return Download.calendar("care.ics", CalendarFile.write(read(body), "", UnitSystem.METRIC));
    }

    private CareCalendar read(String body) {
        List<Problem> problems = new ArrayList<>();
        CareReader reader = new CareReader(json.object(body), store, problems);
        CarePlace place = reader.place();
        List<ToCareFor> plants = reader.plants();
        LocalDate planting = reader.plantingDate();
        int years = reader.years();
        Json.refuse(problems);
        return CareCalendar.of(place, plants, planting, years);
    }
}
