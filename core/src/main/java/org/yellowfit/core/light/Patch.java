package org.yellowfit.core.light;

import static org.yellowfit.core.measure.Checks.between;

import java.util.List;

/**
 * A part of a bed with one class of light (rule B5).
 *
 * @param cells     the grid's cells in it
 * @param hours     mean direct sun a day, h; likewise {@code morning}, {@code afternoon} and {@code hot}
 * @param areaM2    m²
 * @param outline   its outer edge, m, the first corner not repeated
 */
public record Patch(
        LightClass lightClass,
        SunBias bias,
        List<Integer> cells,
        double hours,
        double morning,
        double afternoon,
        double hot,
        double areaM2,
        double[][] outline) {
    public Patch {
        between("The hours of sun", hours, 0, 24, "h");
        between("The morning’s sun", morning, 0, 24, "h");
        between("The afternoon’s sun", afternoon, 0, 24, "h");
    }
}
