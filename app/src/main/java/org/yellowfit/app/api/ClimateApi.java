package org.yellowfit.app.api;

import io.swagger.v3.oas.annotations.Operation;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.yellowfit.app.climate.ClimateWords;
import org.yellowfit.app.words.FieldMessage;
import org.yellowfit.app.words.LineMessage;
import org.yellowfit.app.words.Refusals;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.climate.ClimateSummary;
import org.yellowfit.core.climate.HardinessZone;
import org.yellowfit.core.climate.Quantiles;
import org.yellowfit.core.climate.StationFile;
import org.yellowfit.core.measure.InputReader;
import org.yellowfit.core.measure.Problem;
import org.yellowfit.core.measure.Refused;
import org.yellowfit.core.measure.UnitSystem;
import org.yellowfit.core.measure.UnusableFile;

/** What a station's daily record says. */
@RestController
@RequestMapping(value = "/api/v1/climate", produces = MediaType.APPLICATION_JSON_VALUE)
class ClimateApi {

    record Days(String p10, String p50, String p90) {

        /** By this day 10, 50, 90 % of the years have had it; null where a record has none. */
        static Days of(Quantiles quantiles) {
            return new Days(day(quantiles.p10()), day(quantiles.p50()), day(quantiles.p90()));
        }

        private static String day(OptionalDouble day) {
            return ClimateWords.date(day)
                    .map(date -> date.toString().substring(5))
                    .orElse(null);
        }
    }

    record Counts(Integer p10, Integer p50, Integer p90) {
        static Counts of(Quantiles quantiles) {
            return new Counts(count(quantiles.p10()), count(quantiles.p50()), count(quantiles.p90()));
        }

        private static Integer count(OptionalDouble days) {
            return days.isEmpty() ? null : (Integer) (int) days.getAsDouble();
        }
    }

    record ClimateJson(
            String zone,
            Double meanWinterLowC,
            Double standardErrorC,
            List<String> likelyZones,
            int wintersUsed,
            boolean shortRecord,
            Double coldestC,
            String coldestDate,
            Days lastSpringFrost,
            Days firstAutumnFrost,
            Counts frostFreeDays,
            List<Double> degreeDaysByMonth,
            Double hottestMonthMeanMaxC,
            boolean hotSummer,
            Double yearlyRainMm,
            List<Double> rainMmByMonth,
            List<Double> springFrosts,
            List<String> warnings) {

        static ClimateJson of(ClimateSummary climate) {
            return new ClimateJson(
                    climate.zone().map(HardinessZone::label).orElse(null),
                    known(climate.meanWinterLowC()),
                    known(climate.standardErrorC()),
                    climate.likelyZones().stream().map(HardinessZone::label).toList(),
                    climate.wintersUsed(),
                    climate.isShort(),
                    known(climate.coldestC()),
                    climate.coldestDate() == null ? null : climate.coldestDate().toString(),
                    Days.of(climate.lastSpringFrost()),
                    Days.of(climate.firstAutumnFrost()),
                    Counts.of(climate.frostFreeDays()),
                    Arrays.stream(climate.degreeDaysByMonth())
                            .mapToObj(ClimateJson::known)
                            .toList(),
                    known(climate.hottestMonthMeanMaxC()),
                    climate.hotSummer(),
                    known(climate.yearlyRainMm()),
                    Arrays.stream(climate.rainMmByMonth())
                            .mapToObj(ClimateJson::known)
                            .toList(),
                    Arrays.stream(climate.springFrosts().degreeDays())
                            .mapToObj(ClimateJson::known)
                            .toList(),
                    Sentences.each(climate.warnings(), UnitSystem.METRIC));
        }

        private static Double known(double value) {
            return Double.isNaN(value) ? null : (Double) (Math.rint(value * 100) / 100);
        }
    }

    @Operation(
            summary = "Zone, frosts and degree days from a daily record",
            description = "CSV date,tmin,tmax[,precip] in °C; unit=F when the file is in °F")
    @PostMapping(value = "/station", consumes = MediaType.ALL_VALUE)
    ClimateJson station(@RequestParam Map<String, String> params, @RequestBody(required = false) byte[] body) {
        List<Problem> problems = new ArrayList<>();
        InputReader in = new InputReader(params, "", problems);
        Double latitude = in.number("latitude", -90, 90, "degrees");
        if (latitude == null && problems.isEmpty()) {
            in.problem(
                    "latitude",
                    "The latitude is needed, as ?latitude=45.6: it decides which half of the year is winter.");
        }
        String unit = in.text("unit", text -> {
            if (!text.equalsIgnoreCase("C") && !text.equalsIgnoreCase("F")) {
                throw new Refused("The unit is C or F.");
            }
            return text;
        });
        Json.refuse(problems);
        String text = new String(body == null ? new byte[0] : body, java.nio.charset.StandardCharsets.UTF_8);
        return ClimateJson.of(ClimateSummary.of(StationFile.read(text, "F".equalsIgnoreCase(unit)), latitude));
    }

    /** The file's problems by line and column. */
    @ExceptionHandler(UnusableFile.class)
    ResponseEntity<ProblemDetail> unusable(UnusableFile e) {
        ProblemDetail detail =
                ProblemDetail.forStatusAndDetail(HttpStatus.UNPROCESSABLE_CONTENT, Sentences.say("api.record-refused"));
        detail.setProperty("problems", LineMessage.of(e.problems()));
        detail.setProperty(
                "errors",
                e.problems().stream()
                        .map(problem -> new FieldMessage(problem.column(), Refusals.say(problem), null))
                        .toList());
        return ResponseEntity.status(HttpStatus.UNPROCESSABLE_CONTENT)
                .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                .body(detail);
    }
}
