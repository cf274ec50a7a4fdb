package org.yellowfit.app.api;

import io.swagger.v3.oas.annotations.Operation;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.measure.InputReader;
import org.yellowfit.core.measure.Problem;
import org.yellowfit.core.measure.Refused;
import org.yellowfit.core.measure.UnitSystem;
import org.yellowfit.core.soil.Amendment;
import org.yellowfit.core.soil.TextureClass;

@RestController
@RequestMapping(value = "/api/v1/soil", consumes = MediaType.ALL_VALUE, produces = MediaType.APPLICATION_JSON_VALUE)
class SoilApi {

    record TextureJson(String texture, double sand, double silt, double clay) {}

    private final Json json;

    SoilApi(Json json) {
        this.json = json;
    }

    @Operation(
            summary = "The texture class of a soil",
            description = "sand, silt, clay in %, or layersMm of a jar test in that order")
    @PostMapping("/texture")
    TextureJson texture(@RequestBody(required = false) String body) {
        Map<String, Object> request = json.object(body);
        List<Problem> problems = new ArrayList<>();
        InputReader in = new InputReader(request, "", problems);
        double[] shares = request.get("layersMm") == null ? percents(in, problems) : layers(in, problems);
        Json.refuse(problems);
        double total = shares[0] + shares[1] + shares[2];
        double sand = shares[0] / total * 100;
        double silt = shares[1] / total * 100;
        double clay = shares[2] / total * 100;
        return new TextureJson(
                TextureClass.of(sand, silt, clay).words(),
                FitApi.rounded(sand),
                FitApi.rounded(silt),
                FitApi.rounded(clay));
    }

    /** @param organicM3 to work in; {@code mulchM3} on top; kg in all over {@code applications} goes */
    record AmendJson(
            String texture,
            double organicM3,
            double gritM3,
            double mulchM3,
            double sulfurKg,
            double limeKg,
            double sulfurGramsPerM2,
            double limeGramsPerM2,
            int applications,
            double raiseCm,
            List<String> advice) {}

    @Operation(
            summary = "What to work into a bed: volumes and rates, as an estimate for a laboratory to confirm",
            description = "texture, ph, targetPh, area (or areaM2) in m², depth (or depthM) in m, 0.2 unless said")
    @PostMapping("/amend")
    AmendJson amend(@RequestBody(required = false) String body) {
        Map<String, Object> request = json.object(body);
        List<Problem> problems = new ArrayList<>();
        InputReader in = new InputReader(request, "", problems);
        TextureClass texture = in.text("texture", TextureClass::parse);
        Double ph = in.number("ph", 3, 10, "");
        Double target = in.number("targetPh", 3, 10, "");
        String areaField = request.get("areaM2") == null ? "area" : "areaM2";
        Double area = in.number(areaField, 0.01, 100_000, "m²");
        Double depth = in.number(request.get("depthM") == null ? "depth" : "depthM", 0.05, 0.6, "m");
        if (area == null
                && problems.stream().noneMatch(problem -> problem.field().equals(areaField))) {
            in.problem(areaField, "The area of the bed is needed, in m².");
        }
        if (texture == null && target == null && problems.isEmpty()) {
            in.problem("texture", "The texture is needed, or a targetPh.");
        }
        if (target != null && ph == null && problems.isEmpty()) {
            in.problem("ph", "To come to another pH, that of the soil now is needed.");
        }
        Json.refuse(problems);
        Amendment amendment = Amendment.of(texture, ph, target, area, depth == null ? Amendment.USUAL_DEPTH_M : depth);
        return new AmendJson(
                texture == null ? null : texture.words(),
                FitApi.rounded(amendment.organicM3()),
                FitApi.rounded(amendment.gritM3()),
                FitApi.rounded(amendment.mulchM3()),
                FitApi.rounded(amendment.sulfurKg()),
                FitApi.rounded(amendment.limeKg()),
                FitApi.rounded(amendment.sulfurKg() * 1000 / area),
                FitApi.rounded(amendment.limeKg() * 1000 / area),
                amendment.applications(),
                amendment.raiseCm(),
                Sentences.each(amendment.advice(), UnitSystem.METRIC));
    }

    private static double[] percents(InputReader in, List<Problem> problems) {
        double[] shares = new double[3];
        String[] names = {"sand", "silt", "clay"};
        for (int i = 0; i < names.length; i++) {
            Double share = in.number(names[i], 0, 100, "%");
            if (share == null && problems.stream().map(Problem::field).noneMatch(names[i]::equals)) {
                in.problem(names[i], "The share in % is needed, or layersMm instead.");
            }
            shares[i] = share == null ? 0 : share;
        }
        if (problems.isEmpty() && Math.abs(shares[0] + shares[1] + shares[2] - 100) > 1) {
            in.problem("clay", "Sand, silt and clay must add up to 100 %.");
        }
        return shares;
    }

    private static double[] layers(InputReader in, List<Problem> problems) {
        List<Double> layers = in.list("layersMm", text -> {
            double mm = org.yellowfit.core.measure.Numbers.parse(text);
            if (!(mm >= 0 && mm <= 1000)) {
                throw new Refused("A layer must measure 0 to 1000 mm.");
            }
            return mm;
        });
        if (problems.isEmpty()
                && (layers == null
                        || layers.size() != 3
                        || layers.stream().mapToDouble(d -> d).sum() <= 0)) {
            in.problem("layersMm", "Three layers are needed, sand, silt and clay, not all 0.");
        }
        return problems.isEmpty() ? layers.stream().mapToDouble(d -> d).toArray() : new double[3];
    }
}
