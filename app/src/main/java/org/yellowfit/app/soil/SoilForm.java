package org.yellowfit.app.soil;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import org.yellowfit.core.measure.InputReader;
import org.yellowfit.core.measure.Length;
import org.yellowfit.core.measure.Numbers;
import org.yellowfit.core.measure.Problem;
import org.yellowfit.core.measure.UnitSystem;
import org.yellowfit.core.soil.Amendment;
import org.yellowfit.core.soil.Drainage;
import org.yellowfit.core.soil.FeelTest;
import org.yellowfit.core.soil.JarTest;
import org.yellowfit.core.soil.MoistureEstimate;
import org.yellowfit.core.soil.TextureClass;

/**
 * What was typed of the soil, and what it comes to. Every part stands for itself: a wrong number spoils only what hangs
 * on it.
 *
 * @param jar       empty until all three layers are typed
 * @param phReadings as typed; their median is the pH
 */
record SoilForm(
        Map<String, String> problems,
        Optional<JarTest> jar,
        Optional<TextureClass> feel,
        Optional<Drainage> drainage,
        Double fallCmPerHour,
        Optional<Double> ph,
        int phReadings,
        TextureClass texture,
        Double knownPh,
        MoistureEstimate moisture,
        Optional<Amendment> amendment,
        Double areaM2) {

    static final List<String> FIELDS = List.of(
            "sandMm",
            "siltMm",
            "clayMm",
            "ball",
            "ribbonCm",
            "rubbed",
            "fallCm",
            "fallMinutes",
            "phReadings",
            "rainMm",
            "slopePercent",
            "footOfSlope",
            "underRoof",
            "irrigation",
            "targetPh",
            "areaM2",
            "depthM");
    private static final double LONGEST_MINUTES = 48 * 60;

    /** @param known texture, drainage and pH the visit has already, for what is not tested here */
    record Known(TextureClass texture, Drainage drainage, Double ph) {}

    static SoilForm read(Map<String, String> typed, Known known, UnitSystem units) {
        List<Problem> found = new ArrayList<>();
        InputReader in = new InputReader(typed, "", found);
        Map<String, String> problems = new HashMap<>();
        Optional<JarTest> jar = jar(in, problems);
        Optional<TextureClass> feel = part(
                "ribbonCm",
                problems,
                () -> FeelTest.texture(
                        in.yesNo("ball"),
                        in.number("ribbonCm", 0, 30, "cm"),
                        in.word("rubbed", FeelTest.Rubbed.class)));
        Double fall = fall(in);
        Optional<Double> ph = ph(typed.getOrDefault("phReadings", ""), problems);
        TextureClass texture = jar.map(JarTest::texture).or(() -> feel).orElse(known.texture());
        Optional<Drainage> drainage = Optional.ofNullable(fall).map(Drainage::ofFall);
        MoistureEstimate moisture = MoistureEstimate.of(new MoistureEstimate.Water(
                texture,
                drainage.orElse(known.drainage()),
                in.number("rainMm", 0, 12_000, "mm"),
                in.number("slopePercent", 0, 100, "%"),
                in.yesNo("footOfSlope"),
                in.yesNo("underRoof"),
                in.word("irrigation", MoistureEstimate.Irrigation.class)));
        Double area = in.number("areaM2", 0.05, 100_000, "m²");
        Double depth = depth(typed.getOrDefault("depthM", ""), units, problems);
        Double target = in.number("targetPh", 3, 10, "");
        Double knownPh = ph.orElse(known.ph());
        Optional<Amendment> amendment = area == null || depth == null || texture == null && target == null
                ? Optional.empty()
                : part("targetPh", problems, () -> Optional.of(Amendment.of(texture, knownPh, target, area, depth)));
        found.forEach(problem -> problems.putIfAbsent(problem.field(), problem.message()));
        return new SoilForm(
                problems,
                jar,
                feel,
                drainage,
                fall,
                ph,
                readings(typed.getOrDefault("phReadings", "")).size(),
                texture,
                knownPh,
                moisture,
                amendment,
                area);
    }

    private static Optional<JarTest> jar(InputReader in, Map<String, String> problems) {
        Double sand = in.number("sandMm", 0, 1000, "mm");
        Double silt = in.number("siltMm", 0, 1000, "mm");
        Double clay = in.number("clayMm", 0, 1000, "mm");
        return sand == null || silt == null || clay == null
                ? Optional.empty()
                : part("sandMm", problems, () -> Optional.of(JarTest.ofLayers(sand, silt, clay)));
    }

    /** cm per hour from how far the water fell in how many minutes. */
    private static Double fall(InputReader in) {
        Double cm = in.number("fallCm", 0, 200, "cm");
        Double minutes = in.number("fallMinutes", 1, LONGEST_MINUTES, "minutes");
        return cm == null || minutes == null ? null : Double.valueOf(cm / minutes * 60);
    }

    private static Optional<Double> ph(String text, Map<String, String> problems) {
        List<Double> readings = new ArrayList<>();
        for (String each : readings(text)) {
            try {
                double ph = Numbers.parse(each);
                if (!(ph >= 3 && ph <= 10)) {
                    throw new IllegalArgumentException(
                            "%s is out of range; a soil's pH lies between 3 and 10.".formatted(Numbers.write(ph)));
                }
                readings.add(ph);
            } catch (IllegalArgumentException e) {
                problems.put("phReadings", e.getMessage());
                return Optional.empty();
            }
        }
        readings.sort(null);
        int n = readings.size();
        return n == 0 ? Optional.empty() : Optional.of((readings.get((n - 1) / 2) + readings.get(n / 2)) / 2);
    }

    private static List<String> readings(String text) {
        return Arrays.stream(text.strip().split("[\\s;]+"))
                .filter(each -> !each.isEmpty())
                .toList();
    }

    private static Double depth(String text, UnitSystem units, Map<String, String> problems) {
        if (text.isBlank()) {
            return Amendment.USUAL_DEPTH_M;
        }
        try {
            double depth = Length.parse(text, units);
            if (!(depth >= 0.05 && depth <= 0.6)) {
                throw new IllegalArgumentException(
                        "The depth must lie between %s and %s.".formatted(units.length(0.05), units.length(0.6)));
            }
            return depth;
        } catch (IllegalArgumentException e) {
            problems.put("depthM", e.getMessage());
            return null;
        }
    }

    private static <T> Optional<T> part(String field, Map<String, String> problems, Supplier<Optional<T>> work) {
        try {
            return work.get();
        } catch (IllegalArgumentException e) {
            problems.put(field, e.getMessage());
            return Optional.empty();
        }
    }
}
