package org.yellowfit.app.api;

import io.swagger.v3.oas.annotations.Operation;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.yellowfit.app.catalogue.CatalogueStore;
import org.yellowfit.core.measure.InputReader;
import org.yellowfit.core.measure.Problem;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.soil.TextureClass;
import org.yellowfit.core.takeoff.Material;
import org.yellowfit.core.takeoff.MaterialKind;
import org.yellowfit.core.takeoff.Materials;

/** Materials that go with a planting (rule H5). */
@RestController
@RequestMapping(value = "/api/v1/takeoff", consumes = MediaType.ALL_VALUE, produces = MediaType.APPLICATION_JSON_VALUE)
class TakeoffApi {

    private static final int MOST_PLANTS = 500;
    private static final double MOST_LITRES = 1_000_000;

    /** @param m3 null for what is counted; {@code count} null for what is poured */
    record MaterialJson(String material, Double m3, Integer count, List<Material.Bags> bags, String rule) {

        static MaterialJson of(Material material) {
            boolean counted = material.count() > 0;
            return new MaterialJson(
                    Words.of(material.kind()).replace('-', ' '),
                    counted ? null : material.m3(),
                    counted ? material.count() : null,
                    material.bags(),
                    "H5");
        }
    }

    private final CatalogueStore store;
    private final Json json;

    TakeoffApi(CatalogueStore store, Json json) {
        this.store = store;
        this.json = json;
    }

    @Operation(
            summary = "Mulch, compost, grit, mixes, stakes and ties for a planting",
            description =
                    "areaM2, mulchCm (7 unless said), texture, ph, plants (id, count, pot), containersL (all pots together), leftOver (litres by material)")
    @PostMapping("/materials")
    List<MaterialJson> materials(@RequestBody(required = false) String body) {
        Map<String, Object> request = json.object(body);
        List<Problem> problems = new ArrayList<>();
        InputReader in = new InputReader(request, "", problems);
        Double area = in.number("areaM2", 0, 100_000, "m²");
        Double mulch = in.number("mulchCm", 0, 30, "cm");
        TextureClass texture = in.text("texture", TextureClass::parse);
        Double ph = in.number("ph", 3, 10, "");
        Double containers = in.number("containersL", 0, MOST_LITRES, "l");
        List<Materials.Planted> plants = PlantsRead.of(request, store, problems, MOST_PLANTS).stream()
                .map(each -> new Materials.Planted(each.plant(), each.count(), each.pot()))
                .toList();
        Map<MaterialKind, Double> leftOver = leftOver(request, problems);
        if (area == null && containers == null && plants.isEmpty() && problems.isEmpty()) {
            in.problem("areaM2", "The area in m² is needed, or containersL, or plants.");
        }
        Json.refuse(problems);
        Materials.Ground ground = new Materials.Ground(
                area == null ? 0 : area,
                mulch == null ? Materials.MULCH_CM : mulch,
                texture,
                ph,
                containers == null ? 0 : containers);
        return Materials.of(ground, plants, leftOver).stream()
                .map(MaterialJson::of)
                .toList();
    }

    private static Map<MaterialKind, Double> leftOver(Map<String, Object> request, List<Problem> problems) {
        Map<String, Object> given = Json.member(request, "leftOver", problems);
        InputReader in = new InputReader(given, "leftOver.", problems);
        Map<MaterialKind, Double> leftOver = new EnumMap<>(MaterialKind.class);
        for (String name : given.keySet()) {
            Double litres = in.number(name, 0, MOST_LITRES, "l");
            try {
                MaterialKind kind = Words.parse(MaterialKind.class, name.replace(' ', '-'));
                if (litres != null) {
                    leftOver.put(kind, litres);
                }
            } catch (IllegalArgumentException e) {
                in.refuse(name, e);
            }
        }
        return leftOver;
    }
}
