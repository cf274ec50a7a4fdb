package org.yellowfit.app.drawing;

import java.util.List;
import java.util.Locale;
import java.util.function.DoubleFunction;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.growth.Grown;
import org.yellowfit.core.measure.UnitSystem;
import org.yellowfit.core.records.Estimate;

/**
 * What was promised against what was measured: the label's curve with its range, the curve by the shop's own records with its
 * interval, and each measurement.
 */
public final class GrowthPicture {

    /** One measurement. */
    public record Dot(double years, double metres, String told) {}

    private static final double WIDTH = 640;
    private static final double HEIGHT = 300;
    private static final double LEFT = 64;
    private static final double BOTTOM = 34;
    private static final double TOP = 14;
    private static final double RIGHT = 14;
    private static final int STEPS = 60;

    private final double years;
    private final double most;
    private final UnitSystem units;
    private final StringBuilder out = new StringBuilder();

    private GrowthPicture(double years, double most, UnitSystem units) {
        this.years = years;
        this.most = most;
        this.units = units;
    }

    /**
     * @param label  size by years, as the label has it
     * @param factor of the shop's records; null where there are none
     */
    public static String svg(
            DoubleFunction<Grown> label, Estimate factor, List<Dot> dots, String what, UnitSystem units) {
        double years = Math.max(10, dots.stream().mapToDouble(Dot::years).max().orElse(0) * 1.1);
        double high = label.apply(years).high() * Math.max(1, factor == null ? 1 : factor.high());
        double most = 1.08
                * Math.max(high, dots.stream().mapToDouble(Dot::metres).max().orElse(0));
        return new GrowthPicture(years, most, units).drawn(label, factor, dots, what);
    }

    private String drawn(DoubleFunction<Grown> label, Estimate factor, List<Dot> dots, String what) {
        axes();
        band("range", at -> label.apply(at).low(), at -> label.apply(at).high());
        line("label", at -> label.apply(at).mid());
        if (factor != null) {
            band(
                    "interval",
                    at -> label.apply(at).mid() * factor.low(),
                    at -> label.apply(at).mid() * factor.high());
            line("own", at -> label.apply(at).mid() * factor.value());
        }
        for (Dot dot : dots) {
            put(
                    "<circle class=\"dot\" cx=\"%.1f\" cy=\"%.1f\" r=\"5\"><title>%s</title></circle>",
                    x(dot.years()), y(dot.metres()), PlantDrawing.escaped(dot.told()));
        }
        return String.format(
                        Locale.ROOT,
                        "<svg class=\"growth-picture\" viewBox=\"0 0 %.0f %.0f\" role=\"img\" aria-label=\"%s\">",
                        WIDTH,
                        HEIGHT,
                        PlantDrawing.escaped(what))
                + out + "</svg>";
    }

    private double x(double atYears) {
        return LEFT + atYears / years * (WIDTH - LEFT - RIGHT);
    }

    private double y(double metres) {
        return HEIGHT - BOTTOM - metres / most * (HEIGHT - BOTTOM - TOP);
    }

    private void axes() {
        double step = units == UnitSystem.US ? 0.3048 : 0.1;
        while (most / step > 6) {
            step *= step * 5 > most ? 2 : 2.5;
        }
        for (double metres = 0; metres < most; metres += step) {
            put("<path class=\"grid\" d=\"M%.1f %.1fH%.1f\"/>", LEFT, y(metres), WIDTH - RIGHT);
            put(
                    "<text class=\"size\" x=\"%.1f\" y=\"%.1f\">%s</text>",
                    LEFT - 8, y(metres) + 4, metres == 0 ? "0" : units.length(metres));
        }
        double every = years > 14 ? 5 : 1;
        for (double at = 0; at <= years; at += every) {
            put(
                    "<text class=\"age\" x=\"%.1f\" y=\"%.1f\">%s</text>",
                    x(at), HEIGHT - BOTTOM + 18, String.valueOf((int) at));
        }
        put(
                "<text class=\"age\" x=\"%.1f\" y=\"%.1f\">%s</text>",
                (LEFT + WIDTH - RIGHT) / 2, HEIGHT - 2, PlantDrawing.escaped(Sentences.say("picture.years")));
    }

    private void line(String kind, DoubleFunction<Double> size) {
        StringBuilder path = new StringBuilder();
        for (int i = 0; i <= STEPS; i++) {
            double at = years * i / STEPS;
            path.append(String.format(Locale.ROOT, "%s%.1f %.1f", i == 0 ? "M" : "L", x(at), y(size.apply(at))));
        }
        put("<path class=\"%s\" d=\"%s\"/>", kind, path.toString());
    }

    private void band(String kind, DoubleFunction<Double> low, DoubleFunction<Double> high) {
        StringBuilder path = new StringBuilder();
        for (int i = 0; i <= STEPS; i++) {
            double at = years * i / STEPS;
            path.append(String.format(Locale.ROOT, "%s%.1f %.1f", i == 0 ? "M" : "L", x(at), y(high.apply(at))));
        }
        for (int i = STEPS; i >= 0; i--) {
            double at = years * i / STEPS;
            path.append(String.format(Locale.ROOT, "L%.1f %.1f", x(at), y(low.apply(at))));
        }
        put("<path class=\"%s\" d=\"%sZ\"/>", kind, path.toString());
    }

    private void put(String pattern, Object... values) {
        out.append(String.format(Locale.ROOT, pattern, values));
    }
}
