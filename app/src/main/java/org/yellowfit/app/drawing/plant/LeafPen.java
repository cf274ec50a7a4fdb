package org.yellowfit.app.drawing.plant;

import org.yellowfit.app.drawing.pen.Pen;

/** Draws leaves as paths that start where their stalk is and end there, so that they can be set anywhere. */
final class LeafPen {

    /** Below this length a leaf is two curves, and below the next a speck. */
    private static final double PLAIN_BELOW = 5.5;

    private static final double SPECK_BELOW = 2.4;
    private static final double CUT_AGAIN_FROM = 17;

    private LeafPen() {}

    /**
     * @param angle  radians, 0 to the right, clockwise on the screen
     * @param width  how broad it looks, 1 when seen flat
     * @param needed how many leaflets a spray shows; 1 for the leaf itself
     */
    static void draw(Pen pen, LeafForm form, double angle, double length, double width, int needed) {
        if (length < SPECK_BELOW) {
            speck(pen, angle, length, form);
        } else if (form.isNeedled()) {
            needled(pen, form, angle, length);
        } else if (needed > 1) {
            spray(pen, form, angle, length, needed);
        } else {
            leaf(pen, form, angle, length, width);
        }
    }

    private static void leaf(Pen pen, LeafForm form, double angle, double length, double width) {
        switch (form) {
            case PALMATE -> fingers(pen, angle, length, 5, 1.15, LeafForm.OVAL, 0.5);
            case STAR -> fingers(pen, angle, length, 5, 1.35, LeafForm.LANCE, 1.15);
            case DISSECTED -> feather(pen, angle, length, 5, LeafForm.STRAP, 0.8);
            case FROND -> frond(pen, angle, length);
            case COMPOUND -> compound(pen, angle, length);
            case PINNATE -> feather(pen, angle, length, 4, LeafForm.OVAL, 0.85);
            case BLADE -> simple(pen, LeafForm.STRAP, angle, length, 0.5);
            default -> simple(pen, form, angle, length, width);
        }
    }

    private static void speck(Pen pen, double angle, double length, LeafForm form) {
        double along = Math.cos(angle) * length;
        double up = Math.sin(angle) * length;
        double wide = form.isNeedled() ? 0.22 : 0.34;
        pen.line(along * 0.5 - up * wide, up * 0.5 + along * wide)
                .line(along * 0.5 + up * wide, up * 0.5 - along * wide)
                .line(-along * 0.5 + up * wide, -up * 0.5 - along * wide)
                .close();
    }

    /** The outline mirrored about the midrib. */
    static void simple(Pen pen, LeafForm form, double angle, double length, double width) {
        double cos = Math.cos(angle) * length;
        double sin = Math.sin(angle) * length;
        double[][] half = length < PLAIN_BELOW ? plain(form) : form.outline();
        double[] at = {0, 0};
        for (double[] curve : half) {
            curve(pen, at, curve[0], curve[1] * width, curve[2], curve[3] * width, cos, sin);
        }
        for (int i = half.length - 1; i >= 0; i--) {
            double toAlong = i == 0 ? 0 : half[i - 1][2];
            double toAcross = i == 0 ? 0 : -half[i - 1][3] * width;
            curve(pen, at, half[i][0], -half[i][1] * width, toAlong, toAcross, cos, sin);
        }
        pen.close();
    }

    private static int needlePairs(double length) {
        if (length > 12) {
            return 6;
        }
        return length > 6 ? 4 : 3;
    }

    private static double[][] plain(LeafForm form) {
        double wide = switch (form) {
            case LANCE, STRAP -> 0.22;
            case OVAL -> 0.46;
            default -> 0.7;
        };
        return new double[][] {{0.4, wide, 1, 0}};
    }

    private static void curve(
            Pen pen, double[] at, double ca, double cw, double ea, double ew, double cos, double sin) {
        double da = ca - at[0];
        double dw = cw - at[1];
        double ta = ea - at[0];
        double tw = ew - at[1];
        pen.curve(da * cos - dw * sin, da * sin + dw * cos, ta * cos - tw * sin, ta * sin + tw * cos);
        at[0] = ea;
        at[1] = ew;
    }

    private static void fingers(
            Pen pen, double angle, double length, int count, double spread, LeafForm finger, double width) {
        int half = count / 2;
        for (int i = -half; i <= half; i++) {
            double off = Math.abs(i) / (double) half;
            simple(pen, finger, angle + i * spread / half, length * (1 - 0.34 * off), width * 1.3);
        }
    }

    /** One of a fern's side feathers: whole while it is small, cut again where it can be seen. */
    private static void frond(Pen pen, double angle, double length) {
        if (length < CUT_AGAIN_FROM) {
            simple(pen, LeafForm.LANCE, angle, length, 0.9);
        } else {
            feather(pen, angle, length, 7, LeafForm.LANCE, 1.1);
        }
    }

    /** Of leaflets in threes, the lowest the largest, as of astilbes: a triangle with air in it. */
    private static void compound(Pen pen, double angle, double length) {
        double cos = Math.cos(angle);
        double sin = Math.sin(angle);
        simple(pen, LeafForm.STRAP, angle, length * 0.8, 0.4);
        for (int i = 0; i < 3; i++) {
            double along = length * (0.2 + 0.22 * i);
            double each = length * (0.46 - 0.1 * i);
            pen.step(cos * along, sin * along);
            for (int side = -1; side <= 1; side += 2) {
                simple(pen, LeafForm.LANCE, angle + side * 0.75, each, 1.7);
                if (i == 0) {
                    simple(pen, LeafForm.LANCE, angle + side * 1.3, each * 0.66, 1.7);
                }
            }
            pen.step(-cos * along, -sin * along);
        }
        pen.step(cos * length * 0.62, sin * length * 0.62);
        simple(pen, LeafForm.LANCE, angle, length * 0.38, 1.8);
        pen.step(-cos * length * 0.62, -sin * length * 0.62);
    }

    private static void feather(Pen pen, double angle, double length, int pairs, LeafForm leaflet, double rise) {
        double cos = Math.cos(angle);
        double sin = Math.sin(angle);
        simple(pen, LeafForm.STRAP, angle, length * 0.9, 0.5);
        for (int i = 0; i < pairs; i++) {
            double along = length * (0.16 + 0.66 * i / pairs);
            double each = length * 0.4 * (1 - 0.5 * i / pairs);
            pen.step(cos * along, sin * along);
            simple(pen, leaflet, angle - rise, each, 1);
            simple(pen, leaflet, angle + rise, each, 1);
            pen.step(-cos * along, -sin * along);
        }
        pen.step(cos * length * 0.7, sin * length * 0.7);
        simple(pen, leaflet, angle, length * 0.34, 1);
        pen.step(-cos * length * 0.7, -sin * length * 0.7);
    }

    /** A shoot with leaves on both sides and one at its end. */
    private static void spray(Pen pen, LeafForm form, double angle, double length, int leaves) {
        double cos = Math.cos(angle);
        double sin = Math.sin(angle);
        double each = length * (leaves > 4 ? 0.5 : 0.58);
        int pairs = (leaves - 1) / 2;
        for (int i = 0; i < pairs; i++) {
            double along = length * 0.6 * i / pairs;
            pen.step(cos * along, sin * along);
            leaf(pen, form, angle - 0.85 + 0.12 * i, each, 1);
            leaf(pen, form, angle + 0.75 - 0.12 * i, each * 0.92, 1);
            pen.step(-cos * along, -sin * along);
        }
        pen.step(cos * length * 0.48, sin * length * 0.48);
        leaf(pen, form, angle, each, 1);
        pen.step(-cos * length * 0.48, -sin * length * 0.48);
    }

    private static void needled(Pen pen, LeafForm form, double angle, double length) {
        switch (form) {
            case TUFT -> {
                int needles = length > 9 ? 11 : 7;
                for (int i = 0; i < needles; i++) {
                    double off = 2.0 * i / (needles - 1) - 1;
                    sliver(pen, angle + off * 0.8, length * (1 - 0.18 * off * off), 0.05);
                }
            }
            case SCALE -> {
                int fingers = fingers(length);
                for (int i = 0; i < fingers; i++) {
                    double off = 2.0 * i / (fingers - 1) - 1;
                    sliver(pen, angle + off * 0.72, length * (1 - 0.34 * Math.abs(off)), fingers > 5 ? 0.075 : 0.11);
                }
            }
            default -> {
                double cos = Math.cos(angle);
                double sin = Math.sin(angle);
                int pairs = needlePairs(length);
                sliver(pen, angle, length, 0.06);
                for (int i = 0; i < pairs; i++) {
                    double along = length * (0.05 + 0.75 * i / pairs);
                    pen.step(cos * along, sin * along);
                    sliver(pen, angle - 0.8, length * 0.34, 0.13);
                    sliver(pen, angle + 0.8, length * 0.34, 0.13);
                    pen.step(-cos * along, -sin * along);
                }
            }
        }
    }

    /** Of a spray of scales: more where they can be seen. */
    private static int fingers(double length) {
        if (length > 9) {
            return 7;
        }
        return length > 6 ? 5 : 3;
    }

    private static void sliver(Pen pen, double angle, double length, double width) {
        double cos = Math.cos(angle) * length;
        double sin = Math.sin(angle) * length;
        pen.line(cos * 0.5 - sin * width, sin * 0.5 + cos * width)
                .line(cos * 0.5 + sin * width, sin * 0.5 - cos * width)
                .line(-cos * 0.5 + sin * width, -sin * 0.5 - cos * width)
                .close();
    }
}
