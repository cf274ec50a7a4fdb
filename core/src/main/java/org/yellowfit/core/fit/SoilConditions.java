package org.yellowfit.core.fit;

import static org.yellowfit.core.measure.Checks.betweenOrUnknown;

import org.yellowfit.core.soil.Drainage;
import org.yellowfit.core.soil.TextureClass;

/**
 * What the roots stand in (rules C1 to C8). Null is unknown.
 *
 * @param ph        3–10
 * @param moisture  1 dry to 5 wet
 * @param container a pot, whose mix is chosen for the plant
 */
public record SoilConditions(TextureClass texture, Drainage drainage, Double ph, Double moisture, Boolean container) {

    public static final SoilConditions UNKNOWN = new SoilConditions(null, null, null, null, null);

    public SoilConditions {
        betweenOrUnknown("The soil pH", ph, 3, 10, "");
        betweenOrUnknown("The moisture", moisture, 1, 5, "");
    }

    public boolean isContainer() {
        return Boolean.TRUE.equals(container);
    }

    public SoilConditions withTexture(TextureClass to) {
        return new SoilConditions(to, drainage, ph, moisture, container);
    }

    public SoilConditions withDrainage(Drainage to) {
        return new SoilConditions(texture, to, ph, moisture, container);
    }

    public SoilConditions withPh(double to) {
        return new SoilConditions(texture, drainage, to, moisture, container);
    }

    public SoilConditions withMoisture(double to) {
        return new SoilConditions(texture, drainage, ph, to, container);
    }

    public SoilConditions inContainer() {
        return new SoilConditions(texture, drainage, ph, moisture, true);
    }
}
