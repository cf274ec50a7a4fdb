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
import org.yellowfit.core.measure.InputReader;
import org.yellowfit.core.measure.Problem;
import org.yellowfit.core.soil.TextureClass;

@RestController
@RequestMapping(value = "/api/v1/soil", consumes = MediaType.ALL_VALUE, produces = MediaType.APPLICATION_JSON_VALUE)
class SoilApi {

    record TextureJson(String texture, double sand, double silt, double clay) {
    }

    private final Json json;

    SoilApi(Json json) {
        this.json = json;
    }

    @Operation(summary = "The texture class of a soil", description = "sand, silt, clay in %, or layersMm of a jar test in that order")
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
        return new TextureJson(TextureClass.of(sand, silt, clay).words(), FitApi.rounded(sand), FitApi.rounded(silt), FitApi.rounded(clay));
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
                throw new IllegalArgumentException("A layer must measure 0 to 1000 mm.");
            }
            return mm;
        });
        if (problems.isEmpty() && (layers == null || layers.size() != 3 || layers.stream().mapToDouble(d -> d).sum() <= 0)) {
            in.problem("layersMm", "Three layers are needed, sand, silt and clay, not all 0.");
        }
        return problems.isEmpty() ? layers.stream().mapToDouble(d -> d).toArray() : new double[3];
    }
}
