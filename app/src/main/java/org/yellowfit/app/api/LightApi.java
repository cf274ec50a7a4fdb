package org.yellowfit.app.api;

import io.swagger.v3.oas.annotations.Operation;
import java.time.Year;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.light.CellGrid;
import org.yellowfit.core.light.LightCutoffs;
import org.yellowfit.core.light.LightField;
import org.yellowfit.core.light.LightStudy;
import org.yellowfit.core.light.Location;
import org.yellowfit.core.light.Patch;
import org.yellowfit.core.light.Patches;
import org.yellowfit.core.measure.InputReader;
import org.yellowfit.core.measure.Months;
import org.yellowfit.core.measure.Problem;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.site.Outlines;

/** Sun over a bed that another program describes. */
@RestController
@RequestMapping(value = "/api/v1/light", produces = MediaType.APPLICATION_JSON_VALUE)
class LightApi {

    /** About five seconds of one core. */
    private static final double MOST_WORK = 3e9;

    record StudyJson(
            List<CellJson> cells, Map<String, List<Double>> byMonth, List<PatchJson> patches, List<String> warnings) {}

    record CellJson(double x, double y, double hours, double morning, double afternoon, double hot) {}

    record PatchJson(
            @com.fasterxml.jackson.annotation.JsonProperty("class")
            String lightClass,

            String bias,
            double areaM2,
            double hours,
            double hot,
            double[][] outline) {}

    private static final List<Integer> SUMMER = List.of(4, 5, 6, 7, 8, 9);
    private static final List<Integer> SOUTHERN_SUMMER = List.of(10, 11, 12, 1, 2, 3);

    private final Json json;

    LightApi(Json json) {
        this.json = json;
    }

    @Operation(
            summary = "Hours of direct sun over a bed, and its patches of one light class",
            description =
                    "latitude, longitude, utcOffsetHours, northDegrees, months or season (growing, year), year, stepMinutes, cellM, atHeightM, bed, obstacles; metres east and north.")
    @PostMapping(value = "/study", consumes = MediaType.ALL_VALUE)
    StudyJson study(@RequestBody(required = false) String body) {
        Map<String, Object> request = json.object(body);
        List<Problem> problems = new ArrayList<>();
        InputReader in = new InputReader(request, "", problems);
        Double latitude = needed(in, "latitude", 90);
        Double longitude = needed(in, "longitude", 180);
        Double offset = in.number("utcOffsetHours", -14, 14, "hours");
        double north = orElse(in.number("northDegrees", -360, 360, "degrees"), 0);
        int step = (int) Math.round(orElse(in.number("stepMinutes", 1, 60, "minutes"), LightStudy.USUAL_STEP_MINUTES));
        double cell = orElse(in.number("cellM", 0.02, 50, "m"), 0.5);
        double height = orElse(in.number("atHeightM", 0, 100, "m"), 0);
        int year = (int)
                Math.round(orElse(in.number("year", 1900, 2200, ""), Year.now().getValue()));
        boolean south = latitude != null && latitude < 0;
        List<Integer> months = months(in, request, south);
        double[][] bed = Outlines.area(request.get("bed"), "bed", problems);
        ObstacleReader obstacles = new ObstacleReader(problems, south);
        var read = obstacles.read(request.get("obstacles"));
        Json.refuse(problems);
        return run(
                new LightStudy(
                        new Location(latitude, longitude, orElse(offset, Math.rint(longitude / 15))),
                        north,
                        year,
                        step,
                        height,
                        read),
                bed,
                cell,
                months,
                problems);
    }

    private static StudyJson run(
            LightStudy study, double[][] bed, double cell, List<Integer> months, List<Problem> problems) {
        CellGrid ground;
        try {
            ground = CellGrid.of(bed, cell);
        } catch (IllegalArgumentException e) {
            problems.add(Problem.of("cellM", e));
            Json.refuse(problems);
            throw e;
        }
        if (study.work(ground, months) > MOST_WORK) {
            problems.add(new Problem(
                    "cellM",
                    "%s cells, every %s minutes, against %s obstacles: that takes too long. Take larger cells, longer steps or fewer obstacles.",
                    ground.size(),
                    study.stepMinutes(),
                    study.obstacles().size()));
            Json.refuse(problems);
        }
        LightField field = study.over(ground, months);
        List<CellJson> cells = new ArrayList<>();
        Map<String, List<Double>> byMonth = new LinkedHashMap<>();
        field.months().forEach(month -> byMonth.put(String.valueOf(month), new ArrayList<>()));
        for (int i = 0; i < ground.size(); i++) {
            if (ground.isInside(i)) {
                cells.add(new CellJson(
                        rounded(ground.x(i)),
                        rounded(ground.y(i)),
                        rounded(field.hours(i)),
                        rounded(field.morning(i)),
                        rounded(field.afternoon(i)),
                        rounded(field.hot(i))));
                for (int month : field.months()) {
                    byMonth.get(String.valueOf(month)).add(rounded(field.hours(month, i)));
                }
            }
        }
        List<String> warnings = field.months().stream()
                .filter(month -> study.day(month).hours() == 0)
                .map(month -> Sentences.say("api.no-sun-in-month", month))
                .toList();
        return new StudyJson(
                cells,
                byMonth,
                Patches.of(field, bed, LightCutoffs.USUAL).stream()
                        .map(LightApi::patch)
                        .toList(),
                warnings);
    }

    private static PatchJson patch(Patch patch) {
        return new PatchJson(
                Words.of(patch.lightClass()),
                Words.of(patch.bias()),
                rounded(patch.areaM2()),
                rounded(patch.hours()),
                rounded(patch.hot()),
                patch.outline());
    }

    private static List<Integer> months(InputReader in, Map<String, Object> request, boolean south) {
        List<Integer> months = in.list("months", Months::parse);
        Integer month = months == null && request.get("month") != null
                ? (Integer) Math.toIntExact(Math.round(orElse(in.number("month", 1, 12, ""), 6)))
                : null;
        String season = in.text("season", text -> {
            if (!Set.of("growing", "year").contains(text)) {
                throw Words.unknown(text, List.of("growing", "year"));
            }
            return text;
        });
        if (months != null && !months.isEmpty()) {
            return List.copyOf(new TreeSet<>(months));
        }
        if (month != null) {
            return List.of(month);
        }
        return "year".equals(season)
                ? List.of(1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12)
                : south ? SOUTHERN_SUMMER : SUMMER;
    }

    private static Double needed(InputReader in, String field, double most) {
        Double value = in.number(field, -most, most, "degrees");
        if (value == null) {
            in.problem(field, "The %s is needed, in degrees.", field);
        }
        return value;
    }

    private static double orElse(Double value, double other) {
        return value == null ? other : value;
    }

    private static double rounded(double value) {
        return FitApi.rounded(value);
    }
}
