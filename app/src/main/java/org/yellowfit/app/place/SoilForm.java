package org.yellowfit.app.place;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import org.yellowfit.app.visit.Answers;
import org.yellowfit.app.visit.VisitFields;
import org.yellowfit.app.words.Refusals;
import org.yellowfit.core.measure.Field;
import org.yellowfit.core.soil.Amendment;
import org.yellowfit.core.soil.Drainage;
import org.yellowfit.core.soil.FeelTest;
import org.yellowfit.core.soil.JarTest;
import org.yellowfit.core.soil.MoistureEstimate;
import org.yellowfit.core.soil.SoilTestFields;
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

    /** @param known texture, drainage and pH the visit has already, for what is not tested here */
    record Known(TextureClass texture, Drainage drainage, Double ph) {}

    /**
     * @param read     the readings that could be read
     * @param problems what is wrong with the others, by field
     */
    static SoilForm of(Answers read, Map<String, String> problems, Known known) {
        Readings in = new Readings(read);
        Map<String, String> found = new HashMap<>(problems);
        Optional<JarTest> jar = jar(in, found);
        Optional<TextureClass> feel = part(
                SoilTestFields.RIBBON,
                found,
                () -> FeelTest.texture(
                        in.get(SoilTestFields.BALL), in.get(SoilTestFields.RIBBON), in.get(SoilTestFields.RUBBED)));
        Double fall = fall(in);
        Optional<Double> ph =
                Optional.ofNullable(in.get(SoilTestFields.PH_READINGS)).map(SoilForm::median);
        TextureClass texture = jar.map(JarTest::texture).or(() -> feel).orElse(known.texture());
        Optional<Drainage> drainage = Optional.ofNullable(fall).map(Drainage::ofFall);
        MoistureEstimate moisture = MoistureEstimate.of(new MoistureEstimate.Water(
                texture,
                drainage.orElse(known.drainage()),
                in.get(SoilTestFields.RAIN),
                in.get(SoilTestFields.SLOPE),
                in.get(SoilTestFields.FOOT_OF_SLOPE),
                in.get(SoilTestFields.UNDER_ROOF),
                in.get(SoilTestFields.IRRIGATION)));
        Double area = in.get(SoilTestFields.AREA);
        Double depth = problems.containsKey(SoilTestFields.DEPTH.name())
                ? null
                : read.get(VisitFields.soil(SoilTestFields.DEPTH), Amendment.USUAL_DEPTH_M);
        Double target = in.get(SoilTestFields.TARGET_PH);
        Double knownPh = ph.orElse(known.ph());
        Optional<Amendment> amendment = area == null || depth == null || texture == null && target == null
                ? Optional.empty()
                : part(
                        SoilTestFields.TARGET_PH,
                        found,
                        () -> Optional.of(Amendment.of(texture, knownPh, target, area, depth)));
        return new SoilForm(
                found,
                jar,
                feel,
                drainage,
                fall,
                ph,
                read.get(VisitFields.soil(SoilTestFields.PH_READINGS), List.of())
                        .size(),
                texture,
                knownPh,
                moisture,
                amendment,
                area);
    }

    /** Null for what was not read. */
    private record Readings(Answers answers) {

        <T> T get(Field<T> field) {
            return answers.get(VisitFields.soil(field)).orElse(null);
        }
    }

    private static Optional<JarTest> jar(Readings in, Map<String, String> problems) {
        Double sand = in.get(SoilTestFields.SAND);
        Double silt = in.get(SoilTestFields.SILT);
        Double clay = in.get(SoilTestFields.CLAY);
        return sand == null || silt == null || clay == null
                ? Optional.empty()
                : part(SoilTestFields.SAND, problems, () -> Optional.of(JarTest.ofLayers(sand, silt, clay)));
    }

    /** cm per hour from how far the water fell in how many minutes. */
    private static Double fall(Readings in) {
        Double cm = in.get(SoilTestFields.FALL);
        Double minutes = in.get(SoilTestFields.FALL_MINUTES);
        return cm == null || minutes == null ? null : Double.valueOf(cm / minutes * 60);
    }

    private static Double median(List<Double> readings) {
        List<Double> sorted = readings.stream().sorted().toList();
        int n = sorted.size();
        return n == 0 ? null : Double.valueOf((sorted.get((n - 1) / 2) + sorted.get(n / 2)) / 2);
    }

    private static <T> Optional<T> part(Field<?> field, Map<String, String> problems, Supplier<Optional<T>> work) {
        try {
            return work.get();
        } catch (IllegalArgumentException e) {
            problems.put(field.name(), Refusals.say(e));
            return Optional.empty();
        }
    }
}
