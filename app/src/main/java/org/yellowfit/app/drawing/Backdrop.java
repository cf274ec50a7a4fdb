package org.yellowfit.app.drawing;

import org.yellowfit.app.drawing.pen.Pen;

/**
 * What stands behind the plants at a place, in its colour: a dark leaf disappears before a dark hedge and reads before
 * pale brick (G3).
 *
 * @param heightM its top, m; {@code sillM} of a window in it, m, or null
 */
public record Backdrop(Material kind, double heightM, Double sillM) {

    /** What it is made of. */
    public enum Material {
        NONE(""),
        FENCE("#b9a584"),
        BRICK("#c4937a"),
        PALE("#e9e2d2"),
        HEDGE("#4d6244");

        private final String colour;

        Material(String colour) {
            this.colour = colour;
        }
    }

    public static final Backdrop NONE = new Backdrop(Material.NONE, 0, null);
    private static final double BOARD_M = 0.14;
    private static final double COURSE_M = 0.085;
    private static final double PANE_M = 0.42;

    String svg(double half, double units, double thin) {
        if (kind == Material.NONE) {
            return "";
        }
        double top = heightM * units;
        StringBuilder out = new StringBuilder("<rect x=\"")
                .append(Pen.text(-half))
                .append("\" y=\"")
                .append(Pen.text(-top))
                .append("\" width=\"")
                .append(Pen.text(2 * half))
                .append("\" height=\"")
                .append(Pen.text(top))
                .append("\" fill=\"")
                .append(kind.colour)
                .append("\"/>");
        Pen marks = new Pen();
        if (kind == Material.FENCE) {
            for (double x = -6; x < 6; x += BOARD_M) {
                marks.move(x * units, -top).line(0, top);
            }
        } else if (kind == Material.BRICK) {
            for (double y = COURSE_M; y < heightM; y += COURSE_M) {
                marks.move(-half, -y * units).line(2 * half, 0);
            }
        }
        out.append(marks.stroked("#2c2a24", thin * 0.5, 0.22))
                .append(new Pen().move(-half, -top).line(2 * half, 0).stroked("#2c2a24", thin, 0.5));
        if (sillM != null && sillM < heightM) {
            out.append("<rect x=\"")
                    .append(Pen.text(-PANE_M * units))
                    .append("\" y=\"")
                    .append(Pen.text(-Math.min(heightM - 0.1, sillM + 1.2) * units))
                    .append("\" width=\"")
                    .append(Pen.text(2 * PANE_M * units))
                    .append("\" height=\"")
                    .append(Pen.text((Math.min(heightM - 0.1, sillM + 1.2) - sillM) * units))
                    .append("\" fill=\"#dbe5e8\" stroke=\"#2c2a24\" stroke-width=\"")
                    .append(Pen.text(thin))
                    .append("\"/>");
        }
        return out.toString();
    }
}
