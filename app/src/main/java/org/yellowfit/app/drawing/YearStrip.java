package org.yellowfit.app.drawing;

import java.time.Month;
import java.util.List;
import org.yellowfit.app.drawing.pen.Pen;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.climate.Seasons;
import org.yellowfit.core.colour.Colour;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.season.DayLook;
import org.yellowfit.core.season.GrowingPlace;
import org.yellowfit.core.season.PlantYear;
import org.yellowfit.core.season.Standing;

/**
 * The year of a plant as a strip: leaf colour below, flowers above it by their share, berries, bare stems and straw.
 */
public final class YearStrip {

    private static final double WIDTH = 240;
    private static final double CELL = 20;
    /** Steps in a month. */
    private static final int STEPS = 4;

    private static final double STEP = CELL / STEPS;
    private static final double LEAF_TOP = 15;
    private static final double LEAF_HEIGHT = 14;
    private static final double FOOT = LEAF_TOP + LEAF_HEIGHT;
    private static final double LETTER_LINE = 40;
    private static final double FLOWER_HEIGHT = 12;

    private YearStrip() {}

    /** @param marked month to underline, 0 for none */
    public static String svg(Cultivar plant, GrowingPlace place, int marked) {
        PlantYear year = PlantYear.of(plant, place);
        StringBuilder out = new StringBuilder(
                        "<svg class=\"year-strip\" viewBox=\"0 0 240 46\" role=\"img\" aria-label=\"")
                .append(PlantDrawing.escaped(spoken(year.months())))
                .append("\">");
        for (int step = 0; step < 12 * STEPS; step++) {
            step(out, year.day((int) Math.round((step + 0.5) * Seasons.DAYS / (12 * STEPS))), step * STEP, step);
        }
        flowers(out, year);
        for (int month = 1; month <= 12; month++) {
            letter(out, month, month == marked);
        }
        return out.append("</svg>").toString();
    }

    private static void letter(StringBuilder out, int month, boolean marked) {
        out.append("<text x=\"")
                .append(Pen.text((month - 0.5) * CELL))
                .append("\" y=\"")
                .append(Pen.text(LETTER_LINE))
                .append("\" text-anchor=\"middle\" class=\"month")
                .append(marked ? " marked" : "")
                .append("\">")
                .append(Sentences.letter(Month.of(month)))
                .append("</text>");
    }

    private static void step(StringBuilder out, DayLook look, double x, int step) {
        switch (look.standing()) {
            case BELOW_GROUND -> rect(out, x, FOOT - 1.5, STEP, 1.5, "#b5a88f");
            case BARE_STEMS ->
                rect(
                        out,
                        x + STEP / 2 - 0.6,
                        LEAF_TOP,
                        1.2,
                        LEAF_HEIGHT,
                        look.stem().map(Colour::hex).orElse("#7d6a58"));
            default -> {
                double share = look.standing() == Standing.STRAW
                        ? look.heightShare() * 0.85
                        : look.leafShare() * look.heightShare();
                double height = LEAF_HEIGHT * Math.max(0.12, share);
                rect(out, x, FOOT - height, STEP + 0.15, height, first(look.leaves()));
                if (look.leaves().size() > 1) {
                    rect(
                            out,
                            x,
                            FOOT - height,
                            STEP + 0.15,
                            height * 0.36,
                            look.leaves().get(1).hex());
                }
            }
        }
        if (look.fruit().isPresent() && step % 2 == 1) {
            out.append("<circle cx=\"")
                    .append(Pen.text(x + STEP / 2))
                    .append("\" cy=\"22\" r=\"2\" fill=\"")
                    .append(look.fruit().get().hex())
                    .append("\" stroke=\"#fff\" stroke-width=\".6\"/>");
        }
    }

    /** The bloom as hills on top of the leaves, each stretch of it in the colour the flowers have by then. */
    private static void flowers(StringBuilder out, PlantYear year) {
        int parts = 12 * STEPS * 2;
        for (int part = 0; part < parts; part++) {
            DayLook from = year.day(1 + part * (Seasons.DAYS - 1) / parts);
            DayLook to = year.day(1 + (part + 1) * (Seasons.DAYS - 1) / parts);
            double x = part * WIDTH / parts;
            double right = x + WIDTH / parts + 0.1;
            from.flower()
                    .or(to::flower)
                    .ifPresent(flower -> out.append("<path d=\"M")
                            .append(Pen.text(x))
                            .append(' ')
                            .append(Pen.text(LEAF_TOP))
                            .append('L')
                            .append(Pen.text(x))
                            .append(' ')
                            .append(Pen.text(top(from)))
                            .append('L')
                            .append(Pen.text(right))
                            .append(' ')
                            .append(Pen.text(top(to)))
                            .append('V')
                            .append(Pen.text(LEAF_TOP))
                            .append("Z\" fill=\"")
                            .append(flower.hex())
                            .append("\"/><path d=\"M")
                            .append(Pen.text(x))
                            .append(' ')
                            .append(Pen.text(top(from)))
                            .append('L')
                            .append(Pen.text(right))
                            .append(' ')
                            .append(Pen.text(top(to)))
                            .append("\" stroke=\"#2c2a24\" stroke-opacity=\".5\" stroke-width=\".6\"/>"));
        }
    }

    private static double top(DayLook look) {
        return LEAF_TOP - FLOWER_HEIGHT * look.flowerShare();
    }

    private static String first(List<Colour> leaves) {
        return leaves.isEmpty() ? "#9aa58a" : leaves.get(0).hex();
    }

    private static void rect(StringBuilder out, double x, double y, double width, double height, String fill) {
        out.append("<rect x=\"")
                .append(Pen.text(x))
                .append("\" y=\"")
                .append(Pen.text(y))
                .append("\" width=\"")
                .append(Pen.text(width))
                .append("\" height=\"")
                .append(Pen.text(height))
                .append("\" fill=\"")
                .append(fill)
                .append("\"/>");
    }

    /** The strip in words, for those who do not see it. */
    static String spoken(List<DayLook> months) {
        StringBuilder out = new StringBuilder();
        for (int i = 0; i < months.size(); i++) {
            DayLook look = months.get(i);
            out.append(out.isEmpty() ? "" : "; ")
                    .append(Sentences.label(Month.of(i + 1)))
                    .append(": ")
                    .append(
                            switch (look.standing()) {
                                case IN_LEAF -> leaf(look.leaves());
                                case BARE_STEMS -> Sentences.say("look.bare-stems");
                                case STRAW -> Sentences.say("look.straw");
                                case BELOW_GROUND -> Sentences.say("look.below-ground");
                            });
            look.flower().ifPresent(flower -> out.append(", ").append(Sentences.say("look.flower", flower.name())));
            look.fruit().ifPresent(fruit -> out.append(", ").append(Sentences.say("look.fruit", fruit.name())));
        }
        return out.toString();
    }

    private static String leaf(List<Colour> leaves) {
        List<String> names =
                leaves.stream().map(Colour::name).distinct().limit(2).toList();
        return switch (names.size()) {
            case 0 -> Sentences.say("look.in-leaf");
            case 1 -> Sentences.say("look.leaf", names.get(0));
            default -> Sentences.say("look.leaf-two", names.get(0), names.get(1));
        };
    }
}
