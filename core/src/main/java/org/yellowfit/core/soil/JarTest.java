package org.yellowfit.core.soil;

import static org.yellowfit.core.measure.Checks.between;

import org.yellowfit.core.measure.Refused;

/**
 * Shares of sand, silt and clay from the layers that settle in a jar (rule C1): sand within a minute, silt in some
 * hours, clay in
 * days. The layers' heights are taken for shares by mass; that is good to about 5 %, since clay settles looser than
 * sand.
 *
 * @param sand per cent, like {@code silt} and {@code clay}; together 100
 */
public record JarTest(double sand, double silt, double clay) {
    public JarTest {
        between("The sand", sand, 0, 100, "%");
        between("The silt", silt, 0, 100, "%");
        between("The clay", clay, 0, 100, "%");
    }

    private static final double TALLEST_MM = 1000;

    /** @param sandMm height of the lowest layer, mm, 0 to 1000; the others above it likewise; not all 0 */
    public static JarTest ofLayers(double sandMm, double siltMm, double clayMm) {
        for (double layer : new double[] {sandMm, siltMm, clayMm}) {
            if (!(layer >= 0 && layer <= TALLEST_MM)) {
                throw new Refused("A layer must measure 0 to 1000 mm.");
            }
        }
        double all = sandMm + siltMm + clayMm;
        if (!(all > 0)) {
            throw new Refused("At least one layer must be thicker than 0 mm.");
        }
        return new JarTest(sandMm / all * 100, siltMm / all * 100, clayMm / all * 100);
    }

    public TextureClass texture() {
        return TextureClass.of(sand, silt, clay);
    }
}
