package org.yellowfit.app.drawing.pen;

import org.yellowfit.core.colour.OkLab;

/** One colour in five tones from shade to light, the light falling from the upper left on soft paper. */
public final class Tones {

    public static final int COUNT = 5;
    private static final double[] LIGHTER = {-0.19, -0.1, 0, 0.06, 0.125};
    private static final double[] WARMER = {-0.022, -0.012, 0, 0.012, 0.024};
    private static final double PALE_FROM = 0.84;
    private static final double PALE_DEPTH = 0.6;
    private static final double DARKEST = 0.17;
    private static final double LIGHTEST = 0.985;

    private final String[] hex = new String[COUNT];

    public Tones(OkLab colour) {
        // Pale petals keep their paleness in the shade.
        double depth = colour.lightness() > PALE_FROM ? PALE_DEPTH : 1;
        for (int tone = 0; tone < COUNT; tone++) {
            double lightness =
                    Math.max(DARKEST + tone * 0.03, Math.min(LIGHTEST, colour.lightness() + LIGHTER[tone] * depth));
            hex[tone] = "#%06x".formatted(new OkLab(lightness, colour.a(), colour.b() + WARMER[tone]).toRgb());
        }
    }

    public String hex(int tone) {
        return hex[Math.max(0, Math.min(COUNT - 1, tone))];
    }
}
