package org.yellowfit.core.soil;

import java.util.Optional;
import org.yellowfit.core.measure.Refused;

/**
 * Texture by feel (rule C1): a moist crumb is squeezed to a ball, pressed to a ribbon, and a pinch rubbed very wet.
 *
 * <p>Source: S. J. Thien, “A flow diagram for teaching texture-by-feel analysis”, Journal of Agronomic Education 8
 * (1979). Check
 * values: no ball is sand; a ribbon of 3 cm that feels neither gritty nor smooth is clay loam.
 */
public final class FeelTest {

    /** Longest ribbon of the loams, and of the clay loams, cm. */
    public static final double LOAM_TO_CM = 2.5;

    public static final double CLAY_LOAM_TO_CM = 5;

    /** How a pinch feels rubbed very wet. */
    public enum Rubbed {
        GRITTY,
        SMOOTH,
        NEITHER
    }

    private FeelTest() {}

    /**
     * @param ball     it holds together when squeezed
     * @param ribbonCm longest ribbon before it breaks, cm; 0 when it makes none
     * @param rubbed   needed once there is a ribbon
     * @return empty while a needed answer is missing
     */
    public static Optional<TextureClass> texture(Boolean ball, Double ribbonCm, Rubbed rubbed) {
        if (ball == null) {
            return Optional.empty();
        }
        if (!ball) {
            return Optional.of(TextureClass.SAND_CLASS);
        }
        if (ribbonCm == null) {
            return Optional.empty();
        }
        if (!(ribbonCm >= 0 && ribbonCm <= 30)) {
            throw new Refused("The ribbon must be 0 to 30 cm long.");
        }
        if (ribbonCm == 0) {
            return Optional.of(TextureClass.LOAMY_SAND);
        }
        return Optional.ofNullable(rubbed).map(feel -> byFeel(ribbonCm, feel));
    }

    private static TextureClass byFeel(double ribbonCm, Rubbed feel) {
        if (ribbonCm < LOAM_TO_CM) {
            return pick(feel, TextureClass.SANDY_LOAM, TextureClass.SILT_LOAM, TextureClass.LOAM_CLASS);
        }
        return ribbonCm <= CLAY_LOAM_TO_CM
                ? pick(feel, TextureClass.SANDY_CLAY_LOAM, TextureClass.SILTY_CLAY_LOAM, TextureClass.CLAY_LOAM)
                : pick(feel, TextureClass.SANDY_CLAY, TextureClass.SILTY_CLAY, TextureClass.CLAY_CLASS);
    }

    private static TextureClass pick(Rubbed feel, TextureClass gritty, TextureClass smooth, TextureClass neither) {
        return switch (feel) {
            case GRITTY -> gritty;
            case SMOOTH -> smooth;
            case NEITHER -> neither;
        };
    }
}
