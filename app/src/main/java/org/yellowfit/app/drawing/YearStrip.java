package org.yellowfit.app.drawing;

import java.time.Month;
import java.time.format.TextStyle;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.yellowfit.core.climate.HardinessZone;
import org.yellowfit.core.colour.Colour;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.season.MonthLook;
import org.yellowfit.core.season.Standing;
import org.yellowfit.core.season.YearLook;

/** Twelve months of a plant as a strip: leaf colour below, flowers above it by their share, berries, bare stems and straw. */
public final class YearStrip {

    private static final double CELL = 20;
    private static final double LEAF_TOP = 15;
    private static final double LEAF_HEIGHT = 14;
    private static final double LETTER_LINE = 40;

    private YearStrip() {
    }

    /** @param marked month to underline, 0 for none */
    public static String svg(Cultivar plant, Optional<HardinessZone> zone, int marked) {
        List<MonthLook> months = YearLook.of(plant, zone).months();
        StringBuilder out = new StringBuilder("<svg class=\"year-strip\" viewBox=\"0 0 240 46\" role=\"img\" aria-label=\"")
                .append(PlantDrawing.escaped(spoken(months))).append("\">");
        for (MonthLook look : months) {
            month(out, look, look.month() == marked);
        }
        return out.append("</svg>").toString();
    }

    private static void month(StringBuilder out, MonthLook look, boolean marked) {
        double x = (look.month() - 1) * CELL;
        leaf(out, look, x);
        look.flower().ifPresent(flower -> {
            double height = 2.5 + 9.5 * look.flowerShare();
            rect(out, x + 1, LEAF_TOP - height, CELL - 2, height, flower.hex(), "rx=\"3\" stroke=\"#2c2a24\" stroke-opacity=\".45\" stroke-width=\".5\"");
        });
        look.fruit().ifPresent(fruit -> {
            for (int i = 0; i < 3; i++) {
                out.append("<circle cx=\"").append(Pen.text(x + 5 + i * 5)).append("\" cy=\"22\" r=\"2\" fill=\"").append(fruit.hex())
                        .append("\" stroke=\"#fff\" stroke-width=\".6\"/>");
            }
        });
        out.append("<text x=\"").append(Pen.text(x + CELL / 2)).append("\" y=\"").append(Pen.text(LETTER_LINE))
                .append("\" text-anchor=\"middle\" class=\"month").append(marked ? " marked" : "").append("\">")
                .append(Month.of(look.month()).getDisplayName(TextStyle.NARROW, Locale.ENGLISH)).append("</text>");
    }

    private static void leaf(StringBuilder out, MonthLook look, double x) {
        switch (look.standing()) {
            case BELOW_GROUND -> rect(out, x, LEAF_TOP + LEAF_HEIGHT - 1.5, CELL, 1.5, "#b5a88f", "");
            case BARE_STEMS -> {
                String stem = look.stem().map(Colour::hex).orElse("#7d6a58");
                for (int i = 0; i < 5; i++) {
                    rect(out, x + 2 + i * 4, LEAF_TOP, 1.1, LEAF_HEIGHT, stem, "");
                }
            }
            default -> {
                double height = LEAF_HEIGHT * Math.max(0.25, look.standing() == Standing.STRAW ? 0.8 : look.leafShare() * look.heightShare());
                double top = LEAF_TOP + LEAF_HEIGHT - height;
                rect(out, x, top, CELL, height, first(look.leaves()), "");
                if (look.leaves().size() > 1) {
                    rect(out, x, top, CELL, height * 0.36, look.leaves().get(1).hex(), "");
                }
            }
        }
    }

    private static String first(List<Colour> leaves) {
        return leaves.isEmpty() ? "#9aa58a" : leaves.get(0).hex();
    }

    private static void rect(StringBuilder out, double x, double y, double width, double height, String fill, String more) {
        out.append("<rect x=\"").append(Pen.text(x)).append("\" y=\"").append(Pen.text(y)).append("\" width=\"").append(Pen.text(width))
                .append("\" height=\"").append(Pen.text(height)).append("\" fill=\"").append(fill).append("\" ").append(more).append("/>");
    }

    /** The strip in words, for those who do not see it. */
    static String spoken(List<MonthLook> months) {
        StringBuilder out = new StringBuilder();
        for (MonthLook look : months) {
            out.append(out.isEmpty() ? "" : "; ").append(Month.of(look.month()).getDisplayName(TextStyle.FULL, Locale.ENGLISH)).append(": ")
                    .append(switch (look.standing()) {
                        case IN_LEAF -> look.leaves().isEmpty() ? "in leaf" : "leaf " + look.leaves().get(0).name();
                        case BARE_STEMS -> "bare stems";
                        case STRAW -> "standing straw";
                        case BELOW_GROUND -> "below ground";
                    });
            look.flower().ifPresent(flower -> out.append(", flower ").append(flower.name()));
            look.fruit().ifPresent(fruit -> out.append(", fruit ").append(fruit.name()));
        }
        return out.toString();
    }
}
