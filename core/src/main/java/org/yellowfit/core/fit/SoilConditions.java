package org.yellowfit.core.fit;

import static org.yellowfit.core.measure.Checks.betweenOrUnknown;

import org.yellowfit.core.soil.Drainage;
import org.yellowfit.core.soil.TextureClass;

/**
 * What the roots stand in (rules C1 to C8). Null is unknown.
 *
 * @param ph         3–10
 * @param moisture   1 dry to 5 wet
 * @param moistureTo the wet end where the ground swings between {@code moisture} and it
 * @param roots      tree roots in the ground, which drink a step of its moisture in summer
 * @param container  a pot, whose mix is chosen for the plant
 */
public record SoilConditions(
        TextureClass texture,
        Drainage drainage,
        Double ph,
        Double moisture,
        Double moistureTo,
        Boolean roots,
        Boolean container) {

    public static final SoilConditions UNKNOWN = new SoilConditions(null, null, null, null, null, null, null);
    private static final double ROOTS_DRINK = 1;
    private static final double DRIEST = 1;

    public SoilConditions {
        betweenOrUnknown("The soil pH", ph, 3, 10, "");
        betweenOrUnknown("The moisture", moisture, 1, 5, "");
        betweenOrUnknown("The moisture", moistureTo, 1, 5, "");
    }

    public boolean isContainer() {
        return Boolean.TRUE.equals(container);
    }

    /** The driest a plant has to stand; null when the moisture is unknown. */
    public Double driest() {
        return moisture == null || !Boolean.TRUE.equals(roots)
                ? moisture
                : (Double) Math.max(DRIEST, moisture - ROOTS_DRINK);
    }

    /** The wettest a plant has to stand; null when the moisture is unknown. */
    public Double wettest() {
        return moisture == null || moistureTo == null ? moisture : (Double) Math.max(moisture, moistureTo);
    }

    public SoilConditions withTexture(TextureClass to) {
        return new SoilConditions(to, drainage, ph, moisture, moistureTo, roots, container);
    }

    public SoilConditions withDrainage(Drainage to) {
        return new SoilConditions(texture, to, ph, moisture, moistureTo, roots, container);
    }

    public SoilConditions withPh(double to) {
        return new SoilConditions(texture, drainage, to, moisture, moistureTo, roots, container);
    }

    /** Watered through every dry spell, so that it is never drier. */
    public SoilConditions watered(double driest) {
        Double wettest = wettest() == null ? null : (Double) Math.max(driest, wettest());
        return new SoilConditions(texture, drainage, ph, driest, wettest, false, container);
    }

    /** Drained, so that it is never wetter. */
    public SoilConditions drained(double wettest) {
        Double driest = moisture == null ? (Double) wettest : (Double) Math.min(moisture, wettest);
        return new SoilConditions(texture, drainage, ph, driest, wettest, roots, container);
    }

    public SoilConditions inContainer() {
        return new SoilConditions(texture, drainage, ph, moisture, moistureTo, roots, true);
    }
}
