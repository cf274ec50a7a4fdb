package org.yellowfit.app.api;

import io.swagger.v3.oas.annotations.Operation;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.Authentication;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.yellowfit.app.catalogue.ImportReport;
import org.yellowfit.app.records.RecordFile;
import org.yellowfit.app.web.Download;
import org.yellowfit.core.measure.InputReader;
import org.yellowfit.core.measure.Problem;
import org.yellowfit.core.records.Estimate;
import org.yellowfit.core.records.HardinessCalibration;
import org.yellowfit.core.records.SizeCalibration;

/** Records, and what is learnt from them (rules J3 and J5). */
@RestController
@RequestMapping("/api/v1")
class RecordsApi {

    private static final int MOST_OBSERVATIONS = 100_000;
    private static final int MOST_TOLD = 200;
    private static final double LARGEST_M = 200;
    private static final double SMALLEST_M = 0.001;

    record FactorJson(double factor, double low, double high, int n) {

        static FactorJson of(Estimate estimate) {
            return new FactorJson(estimate.value(), estimate.low(), estimate.high(), estimate.n());
        }
    }

    record PredictedJson(String plant, String place, double factor, double low, double high) {}

    record ShiftJson(double shiftHalfZones, double low, double high, int n) {}

    /** @param hardiness null where no winters were sent */
    record CalibratedJson(
            Map<String, FactorJson> plants,
            Map<String, FactorJson> places,
            List<PredictedJson> predict,
            Map<String, ShiftJson> hardiness) {}

    private final Json json;
    private final RecordFile file;

    RecordsApi(Json json, RecordFile file) {
        this.json = json;
        this.file = file;
    }

    @Operation(
            summary = "What measurements say of plants and places",
            description =
                    "observations (plant, place, predictedM, measuredM; at most 100,000), predict (plant, place), winters (plant, marginHalfZones, died)")
    @PostMapping(
            value = "/records/calibrate",
            consumes = MediaType.ALL_VALUE,
            produces = MediaType.APPLICATION_JSON_VALUE)
    CalibratedJson calibrate(@RequestBody(required = false) String body) {
        Map<String, Object> request = json.object(body);
        List<Problem> problems = new ArrayList<>();
        List<SizeCalibration.Observation> observations = rows(request, "observations", problems, in -> {
            String plant = name(in, "plant");
            String place = name(in, "place");
            Double predicted = metres(in, "predictedM");
            Double measured = metres(in, "measuredM");
            return plant == null || place == null || predicted == null || measured == null
                    ? null
                    : new SizeCalibration.Observation(plant, place, predicted, measured);
        });
        List<String[]> asked = rows(request, "predict", problems, in -> {
            String plant = name(in, "plant");
            String place = name(in, "place");
            return plant == null || place == null ? null : new String[] {plant, place};
        });
        Map<String, List<HardinessCalibration.Winter>> winters = new LinkedHashMap<>();
        rows(request, "winters", problems, in -> {
            String plant = name(in, "plant");
            Double margin = in.number("marginHalfZones", -30, 30, "half-zones");
            Boolean died = in.yesNo("died");
            if (margin == null && in.plain("marginHalfZones") == null) {
                in.problem("marginHalfZones", "Say how many half-zones it had to spare.");
            }
            if (died == null && in.plain("died") == null) {
                in.problem("died", "Say whether it died.");
            }
            if (plant != null && margin != null && died != null) {
                winters.computeIfAbsent(plant, any -> new ArrayList<>())
                        .add(new HardinessCalibration.Winter(margin, died));
            }
            return plant;
        });
        Json.refuse(problems);
        SizeCalibration calibration = SizeCalibration.of(observations);
        return new CalibratedJson(
                factors(calibration.plants()),
                factors(calibration.places()),
                asked.stream()
                        .map(each -> predicted(calibration, each[0], each[1]))
                        .toList(),
                request.get("winters") == null ? null : shifts(winters));
    }

    private static PredictedJson predicted(SizeCalibration calibration, String plant, String place) {
        Estimate told = calibration.predict(plant, place);
        return new PredictedJson(plant, place, told.value(), told.low(), told.high());
    }

    private static Map<String, FactorJson> factors(Map<String, Estimate> estimates) {
        Map<String, FactorJson> factors = new LinkedHashMap<>();
        estimates.forEach((name, each) -> factors.put(name, FactorJson.of(each)));
        return factors;
    }

    private static Map<String, ShiftJson> shifts(Map<String, List<HardinessCalibration.Winter>> winters) {
        Map<String, ShiftJson> shifts = new LinkedHashMap<>();
        winters.forEach((plant, of) -> {
            Estimate shift = HardinessCalibration.shift(of);
            shifts.put(plant, new ShiftJson(shift.value(), shift.low(), shift.high(), shift.n()));
        });
        return shifts;
    }

    private static String name(InputReader in, String field) {
        String name = in.text(field, text -> text);
        if (name == null && in.plain(field) == null) {
            in.problem(field, "A name is needed here.");
        }
        return name;
    }

    private static Double metres(InputReader in, String field) {
        Double metres = in.number(field, SMALLEST_M, LARGEST_M, "m");
        if (metres == null && in.plain(field) == null) {
            in.problem(field, "A size in metres is needed here.");
        }
        return metres;
    }

    /** The rows of a list of objects; those that are wrong are noted and left out. */
    private static <T> List<T> rows(
            Map<String, Object> request, String field, List<Problem> problems, Function<InputReader, T> read) {
        Object value = request.get(field);
        if (value == null) {
            return List.of();
        }
        if (!(value instanceof List<?> list)) {
            problems.add(new Problem(field, "A list is expected here."));
            return List.of();
        }
        if (list.size() > MOST_OBSERVATIONS) {
            problems.add(
                    new Problem(field, "At most %s are taken at once; here are %s.", MOST_OBSERVATIONS, list.size()));
            return List.of();
        }
        List<T> rows = new ArrayList<>(list.size());
        for (int i = 0; i < list.size() && problems.size() < MOST_TOLD; i++) {
            if (!(list.get(i) instanceof Map<?, ?> given)) {
                problems.add(new Problem(field + "[" + i + "]", "An object is expected here."));
                continue;
            }
            @SuppressWarnings("unchecked") // the keys of an object are text
            Map<String, Object> one = (Map<String, Object>) given;
            T row = read.apply(new InputReader(one, field + "[" + i + "].", problems));
            if (row != null) {
                rows.add(row);
            }
        }
        return rows;
    }

    @Operation(summary = "All records as CSV")
    @GetMapping(value = "/records.csv", produces = "text/csv;charset=UTF-8")
    ResponseEntity<String> csv() {
        return Download.csv("records.csv", file.csv());
    }

    @Operation(
            summary = "Bring in records.csv",
            description = "All or nothing, unless keepGood; dryRun tells what would change.")
    @PostMapping(value = "/records/import", consumes = MediaType.ALL_VALUE, produces = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<ImportReport> read(
            @RequestParam(defaultValue = "false") boolean dryRun,
            @RequestParam(defaultValue = "false") boolean keepGood,
            @RequestBody(required = false) String csv,
            Authentication caller) {
        ImportReport report = file.read(csv == null ? "" : csv, dryRun, keepGood, caller.getName());
        return ResponseEntity.status(report.isRefused() ? HttpStatus.UNPROCESSABLE_CONTENT : HttpStatus.OK)
                .body(report);
    }
}
