package org.yellowfit.core.soil;

import java.util.ArrayList;
import java.util.List;

/**
 * Moisture on the scale 1 dry … 5 wet from what holds and brings water (rule C3), with the reasons. The steps are our estimates,
 * told in docs/rules.md; half a step each way is as exact as it gets, and the advisor may say otherwise.
 *
 * @param moisture 1 to 5, in half steps
 * @param reasons  one for each thing that moved it, in words
 */
public record MoistureEstimate(double moisture, List<String> reasons) {

    private static final double MIDDLE = 3;
    private static final double DRY_YEAR_MM = 450;
    private static final double MODEST_YEAR_MM = 700;
    private static final double WET_YEAR_MM = 1200;
    private static final double STEEP_PERCENT = 12;

    /** How much is watered beyond what falls. */
    public enum Irrigation {
        NONE,
        SOMETIMES,
        REGULAR
    }

    /**
     * What is known; null is unknown and moves nothing.
     *
     * @param rainMm       in a year, mm
     * @param slopePercent rise over run, %
     * @param footOfSlope  water gathers here from above
     * @param underRoof    eaves, an awning or dense crowns keep rain off
     */
    public record Water(
            TextureClass texture,
            Drainage drainage,
            Double rainMm,
            Double slopePercent,
            Boolean footOfSlope,
            Boolean underRoof,
            Irrigation irrigation) {}

    public static MoistureEstimate of(Water water) {
        List<String> reasons = new ArrayList<>();
        double sum = MIDDLE;
        sum += texture(water.texture(), reasons);
        sum += drainage(water.drainage(), reasons);
        sum += rain(water.rainMm(), reasons);
        sum += slope(water, reasons);
        if (Boolean.TRUE.equals(water.underRoof())) {
            sum -= 1;
            reasons.add("rain is kept off");
        }
        if (water.irrigation() == Irrigation.REGULAR) {
            sum += 1;
            reasons.add("it is watered regularly");
        } else if (water.irrigation() == Irrigation.SOMETIMES) {
            sum += 0.5;
            reasons.add("it is watered now and then");
        }
        return new MoistureEstimate(
                Math.rint(Math.max(Moisture.DRY, Math.min(Moisture.WET, sum)) * 2) / 2, List.copyOf(reasons));
    }

    private static double texture(TextureClass texture, List<String> reasons) {
        if (texture == null) {
            return 0;
        }
        double by = switch (texture) {
            case SAND_CLASS -> -1.5;
            case LOAMY_SAND -> -1;
            case SANDY_LOAM -> -0.5;
            case CLAY_CLASS, SILTY_CLAY, SANDY_CLAY -> 0.5;
            default -> 0;
        };
        reasons.add(texture.words()
                + (by < 0 ? " lets water go" : by > 0 ? " holds water" : " holds some water and lets some go"));
        return by;
    }

    private static double drainage(Drainage drainage, List<String> reasons) {
        if (drainage == null) {
            return 0;
        }
        double by = switch (drainage) {
            case POOR -> 1;
            case SLOW -> 0.5;
            case GOOD -> 0;
            case FAST -> -0.5;
        };
        if (by != 0) {
            reasons.add("it drains " + (by > 0 ? drainage == Drainage.POOR ? "poorly" : "slowly" : "fast"));
        }
        return by;
    }

    private static double rain(Double rainMm, List<String> reasons) {
        if (rainMm == null) {
            return 0;
        }
        double by = rainMm < DRY_YEAR_MM ? -1 : rainMm < MODEST_YEAR_MM ? -0.5 : rainMm > WET_YEAR_MM ? 0.5 : 0;
        reasons.add("about %d mm of rain a year".formatted(Math.round(rainMm / 10) * 10));
        return by;
    }

    private static double slope(Water water, List<String> reasons) {
        if (Boolean.TRUE.equals(water.footOfSlope())) {
            reasons.add("water gathers at the foot of the slope");
            return 0.5;
        }
        if (water.slopePercent() != null && water.slopePercent() >= STEEP_PERCENT) {
            reasons.add("water runs off the slope");
            return -0.5;
        }
        return 0;
    }
}
