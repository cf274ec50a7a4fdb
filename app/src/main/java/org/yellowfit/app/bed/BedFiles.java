package org.yellowfit.app.bed;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import org.yellowfit.app.bed.BedGrounds.OneBed;
import org.yellowfit.app.bed.BedGrounds.Site;
import org.yellowfit.app.web.JsonBody;
import org.yellowfit.core.measure.InputReader;
import org.yellowfit.core.measure.InvalidInput;
import org.yellowfit.core.measure.Problem;
import org.yellowfit.core.plant.Cultivar;

/** A bed as GeoJSON, metres in the drawing's own frame, so that it opens in a general drawing or map program. */
final class BedFiles {

    private BedFiles() {}

    static Map<String, Object> write(Site site, List<SetOut> sheets) {
        List<Object> features = new ArrayList<>();
        for (OneBed bed : site.beds()) {
            List<double[]> ring = new ArrayList<>(List.of(bed.ground().outline()));
            ring.add(ring.get(0));
            features.add(feature("Polygon", List.of(ring), Map.of("kind", "bed", "name", bed.name())));
        }
        for (SetOut sheet : sheets) {
            for (SetOut.Numbered each : sheet.plants()) {
                features.add(feature("Point", List.of(each.at().x(), each.at().y()), properties(each)));
            }
        }
        Map<String, Object> collection = new LinkedHashMap<>();
        collection.put("type", "FeatureCollection");
        collection.put("features", features);
        return collection;
    }

    private static Map<String, Object> properties(SetOut.Numbered each) {
        Cultivar plant = each.plant();
        Map<String, Object> said = new LinkedHashMap<>();
        said.put("kind", "plant");
        said.put("plant", plant.id());
        said.put("name", plant.name());
        said.put("number", each.number());
        said.put("group", each.at().group());
        said.put("spreadM", plant.spread10().mid());
        said.put("afterYears", each.at().afterYears());
        said.put("potHeightM", each.at().potHeightM());
        said.put("locked", each.at().locked());
        return said;
    }

    private static Map<String, Object> feature(String type, Object coordinates, Map<String, Object> properties) {
        Map<String, Object> geometry = new LinkedHashMap<>();
        geometry.put("type", type);
        geometry.put("coordinates", coordinates);
        Map<String, Object> feature = new LinkedHashMap<>();
        feature.put("type", "Feature");
        feature.put("geometry", geometry);
        feature.put("properties", properties);
        return feature;
    }

    /**
     * The plants of such a file; what is no plant is left out.
     *
     * @throws InvalidInput with every plant that cannot be read, by its place in the file
     */
    static List<BedPlant> read(Map<String, Object> collection, Predicate<String> isKnown) {
        List<Problem> problems = new ArrayList<>();
        List<BedPlant> plants = new ArrayList<>();
        List<?> features = collection.get("features") instanceof List<?> list ? list : List.of();
        String stamp = Long.toString(System.nanoTime(), 36);
        for (int i = 0; i < features.size(); i++) {
            Map<String, Object> feature = JsonBody.object(features.get(i));
            Map<String, Object> said = JsonBody.object(feature.get("properties"));
            Map<String, Object> geometry = JsonBody.object(feature.get("geometry"));
            if (!"Point".equals(geometry.get("type")) || said.get("plant") == null) {
                continue;
            }
            String at = "features[" + i + "]";
            InputReader in = new InputReader(said, at + ".", problems);
            String id = in.text("plant", text -> text);
            if (id == null || !isKnown.test(id)) {
                in.problem("plant", "The catalogue has no cultivar with the id “%s”.", said.get("plant"));
                continue;
            }
            if (!(geometry.get("coordinates") instanceof List<?> point
                    && point.size() >= 2
                    && point.get(0) instanceof Number x
                    && point.get(1) instanceof Number y)) {
                problems.add(new Problem(at, "A point is two numbers, [east, north] in metres."));
                continue;
            }
            Double group = in.number("group", 0, 1e6, "");
            Double after = in.number("afterYears", 0, 30, "years");
            Double pot = in.number("potHeightM", 0, 20, "m");
            Boolean locked = in.yesNo("locked");
            try {
                plants.add(new BedPlant(
                        "f" + stamp + "-" + i,
                        id,
                        x.doubleValue(),
                        y.doubleValue(),
                        group == null ? 0 : group.intValue(),
                        Boolean.TRUE.equals(locked),
                        after == null ? 0 : after,
                        pot == null ? 0 : pot));
            } catch (IllegalArgumentException e) {
                problems.add(Problem.of(at, e));
            }
        }
        if (plants.isEmpty() && problems.isEmpty()) {
            problems.add(new Problem("file", "The file holds no plants: points with a property “plant”."));
        }
        if (!problems.isEmpty()) {
            throw new InvalidInput(problems);
        }
        return plants;
    }
}
