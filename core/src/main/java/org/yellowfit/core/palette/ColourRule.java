package org.yellowfit.core.palette;

import java.util.List;
import org.yellowfit.core.colour.Colour;
import org.yellowfit.core.colour.OkLab;
import org.yellowfit.core.serve.WantedColour;

/**
 * Whether what a plant shows in a week keeps the scheme (rule G3). A scheme of hues is kept about whichever hue
 * serves the
 * planting best; what has no hue keeps it. Before a background, something has to stand out from it.
 */
final class ColourRule {

    /** Hues about which a scheme may turn, evenly round the circle. */
    private static final int HUES = 24;

    /** Colours with less chroma have no hue worth speaking of. */
    private static final double HUELESS = 0.045;

    /** Half the arc of one hue, and of hues side by side, degrees. */
    private static final double ONE = 28;

    private static final double NEAR = 50;
    private static final double OPPOSITE = 32;
    private static final double DARK = 0.42;
    /** Nearer than this in OKLab, a colour is lost before what is behind it. */
    private static final double STANDS_OUT = 0.14;

    private final Aims aims;
    private final OkLab behind;

    ColourRule(Aims aims) {
        this.aims = aims;
        this.behind = aims.background() == null ? null : aims.background().lab();
    }

    /** How many ways there are to keep the scheme. */
    int ways() {
        return switch (aims.scheme()) {
            case ONE, NEAR -> HUES;
            case OPPOSITE -> HUES / 2;
            default -> 1;
        };
    }

    /** Weeks in which what shows keeps the scheme in one of the ways. */
    long keeps(Showing showing, int way) {
        long kept = 0;
        for (int week = 0; week < Showing.WEEKS; week++) {
            List<Colour> seen = showing.colours().get(week);
            kept |= !seen.isEmpty() && keeps(seen, way) ? 1L << week : 0;
        }
        return kept;
    }

    private boolean keeps(List<Colour> seen, int way) {
        boolean stands = behind == null;
        boolean wanted = aims.colours().isEmpty();
        for (Colour colour : seen) {
            OkLab lab = colour.lab();
            stands |= behind != null && lab.distanceTo(behind) >= STANDS_OUT;
            boolean answers = answers(colour);
            if (!answers && aims.onlyThese() && !aims.colours().isEmpty() || !keeps(lab, way)) {
                return false;
            }
            wanted |= answers;
        }
        return stands && wanted;
    }

    private boolean answers(Colour colour) {
        for (WantedColour each : aims.colours()) {
            if (each.answeredBy(colour)) {
                return true;
            }
        }
        return false;
    }

    private boolean keeps(OkLab lab, int way) {
        boolean hueless = lab.chroma() < HUELESS;
        double hue = lab.hueDegrees();
        double about = way * 360.0 / HUES;
        return switch (aims.scheme()) {
            case NONE -> true;
            case ONE -> hueless || apart(hue, about) <= ONE;
            case NEAR -> hueless || apart(hue, about) <= NEAR;
            case OPPOSITE -> hueless || apart(hue, about) <= OPPOSITE || apart(hue, about + 180) <= OPPOSITE;
            case DARK_GOLD -> lab.lightness() < DARK || hue >= 68 && hue <= 114 && !hueless && lab.lightness() > 0.6;
        };
    }

    private static double apart(double one, double other) {
        double apart = Math.abs(one - other) % 360;
        return Math.min(apart, 360 - apart);
    }
}
