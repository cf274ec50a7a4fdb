package org.yellowfit.app.drawing;

import java.util.List;
import java.util.Map;
import org.yellowfit.app.drawing.pen.Pen;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.soil.TextureClass;

/**
 * The texture triangle: sand to the left below, silt to the right below, clay above, with the twelve classes and marks
 * for the soils
 * that were tested. Corners of the classes after the written limits in {@link TextureClass}.
 */
public final class TextureTriangle {

    private static final double SIDE = 300;
    private static final double HEIGHT = SIDE * Math.sqrt(3) / 2;
    private static final double MARGIN = 26;

    /** A soil to mark: its shares in %, and a letter for it. */
    public record Mark(String letter, double sand, double clay) {}

    /** Corners as sand and clay, %. */
    private static final Map<TextureClass, double[][]> CLASSES = Map.ofEntries(
            Map.entry(TextureClass.CLAY_CLASS, new double[][] {{0, 100}, {45, 55}, {45, 40}, {20, 40}, {0, 60}}),
            Map.entry(TextureClass.SILTY_CLAY, new double[][] {{0, 60}, {20, 40}, {0, 40}}),
            Map.entry(TextureClass.SANDY_CLAY, new double[][] {{45, 55}, {65, 35}, {45, 35}}),
            Map.entry(TextureClass.CLAY_LOAM, new double[][] {{20, 40}, {45, 40}, {45, 27}, {20, 27}}),
            Map.entry(TextureClass.SILTY_CLAY_LOAM, new double[][] {{0, 40}, {20, 40}, {20, 27}, {0, 27}}),
            Map.entry(TextureClass.SANDY_CLAY_LOAM, new double[][] {{45, 35}, {65, 35}, {80, 20}, {52, 20}, {45, 27}}),
            Map.entry(TextureClass.LOAM_CLASS, new double[][] {{45, 27}, {23, 27}, {43, 7}, {52, 7}, {52, 20}}),
            Map.entry(TextureClass.SILT_LOAM, new double[][] {{23, 27}, {0, 27}, {0, 12}, {8, 12}, {20, 0}, {50, 0}}),
            Map.entry(TextureClass.SILT, new double[][] {{8, 12}, {0, 12}, {0, 0}, {20, 0}}),
            Map.entry(
                    TextureClass.SANDY_LOAM,
                    new double[][] {{80, 20}, {52, 20}, {52, 7}, {43, 7}, {50, 0}, {70, 0}, {85, 15}}),
            Map.entry(TextureClass.LOAMY_SAND, new double[][] {{70, 0}, {85, 15}, {90, 10}, {85, 0}}),
            Map.entry(TextureClass.SAND_CLASS, new double[][] {{85, 0}, {90, 10}, {100, 0}}));

    private TextureTriangle() {}

    /** @param chosen the class to bring out; null for none */
    public static String svg(TextureClass chosen, List<Mark> marks) {
        StringBuilder out = new StringBuilder(
                        "<svg xmlns=\"http://www.w3.org/2000/svg\" class=\"texture-triangle\" viewBox=\"")
                .append(Pen.text(-MARGIN))
                .append(' ')
                .append(Pen.text(-MARGIN + 6))
                .append(' ')
                .append(Pen.text(SIDE + 2 * MARGIN))
                .append(' ')
                .append(Pen.text(HEIGHT + 2 * MARGIN - 4))
                .append("\" role=\"img\" aria-label=\"")
                .append(
                        chosen == null
                                ? Sentences.say("picture.triangle")
                                : Sentences.say("picture.triangle-of", chosen))
                .append("\">");
        for (TextureClass each : TextureClass.values()) {
            area(out, each, false);
        }
        if (chosen != null) {
            area(out, chosen, true);
        }
        for (TextureClass each : TextureClass.values()) {
            label(out, each, each == chosen);
        }
        corner(out, Sentences.label(TextureClass.SAND_CLASS), 0, HEIGHT + 18, "start");
        corner(out, Sentences.label(TextureClass.SILT), SIDE, HEIGHT + 18, "end");
        corner(out, Sentences.label(TextureClass.CLAY_CLASS), SIDE / 2, -8, "middle");
        for (Mark mark : marks) {
            out.append("<circle class=\"soil-mark\" cx=\"")
                    .append(Pen.text(x(mark.sand(), mark.clay())))
                    .append("\" cy=\"")
                    .append(Pen.text(y(mark.clay())))
                    .append("\" r=\"8\"/><text class=\"soil-letter\" text-anchor=\"middle\" x=\"")
                    .append(Pen.text(x(mark.sand(), mark.clay())))
                    .append("\" y=\"")
                    .append(Pen.text(y(mark.clay()) + 4))
                    .append("\">")
                    .append(PlantDrawing.escaped(mark.letter()))
                    .append("</text>");
        }
        return out.append("</svg>").toString();
    }

    private static void area(StringBuilder out, TextureClass each, boolean chosen) {
        Pen pen = new Pen();
        double[][] corners = CLASSES.get(each);
        pen.move(x(corners[0][0], corners[0][1]), y(corners[0][1]));
        for (int i = 1; i < corners.length; i++) {
            pen.line(
                    x(corners[i][0], corners[i][1]) - x(corners[i - 1][0], corners[i - 1][1]),
                    y(corners[i][1]) - y(corners[i - 1][1]));
        }
        out.append("<path class=\"soil-class")
                .append(chosen ? " here" : "")
                .append("\" d=\"")
                .append(pen.close().data())
                .append("\"/>");
    }

    private static void label(StringBuilder out, TextureClass each, boolean chosen) {
        double x = 0;
        double y = 0;
        double[][] corners = CLASSES.get(each);
        for (double[] corner : corners) {
            x += x(corner[0], corner[1]) / corners.length;
            y += y(corner[1]) / corners.length;
        }
        String[] words = Sentences.label(each).split(" ");
        double first = y - (words.length - 1) * 4.5 + 3;
        for (int i = 0; i < words.length; i++) {
            out.append("<text class=\"soil-name")
                    .append(chosen ? " here" : "")
                    .append("\" text-anchor=\"middle\" x=\"")
                    .append(Pen.text(x))
                    .append("\" y=\"")
                    .append(Pen.text(first + i * 9))
                    .append("\">")
                    .append(words[i])
                    .append("</text>");
        }
    }

    private static void corner(StringBuilder out, String text, double x, double y, String anchor) {
        out.append("<text class=\"soil-corner\" text-anchor=\"")
                .append(anchor)
                .append("\" x=\"")
                .append(Pen.text(x))
                .append("\" y=\"")
                .append(Pen.text(y))
                .append("\">")
                .append(text)
                .append("</text>");
    }

    private static double x(double sand, double clay) {
        double silt = 100 - sand - clay;
        return SIDE * (silt + clay / 2) / 100;
    }

    private static double y(double clay) {
        return HEIGHT * (1 - clay / 100);
    }
}
