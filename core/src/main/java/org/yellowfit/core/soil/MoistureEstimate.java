package org.yellowfit.core.soil;

import static org.yellowfit.core.measure.Checks.between;
import static org.yellowfit.core.measure.Checks.betweenOrUnknown;

import java.util.ArrayList;
import java.util.List;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.measure.Words;

/**
 * Moisture on the scale 1 dry … 5 wet from what holds and brings water (rule C3), with the reasons. The steps are our
 * estimates,
 * told in docs/rules.md; half a step each way is as exact as it gets, and the advisor may say otherwise.
 *
 * @param moisture 1 to 5, in half steps
 * @param reasons  one for each thing that moved it
 */
public record MoistureEstimate(double moisture, List<Fact> reasons) {
    public MoistureEstimate {
        between("The moisture", moisture, 1, 5, "");
    }

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
            Irrigation irrigation) {
        public Water {
            betweenOrUnknown("The rain", rainMm, 0, 20_000, "mm");
            betweenOrUnknown("The slope", slopePercent, 0, 1000, "%");
        }
    }

    public static MoistureEstimate of(Water water) {
        List<Fact> reasons = new ArrayList<>();
        double sum = MIDDLE;
        sum += texture(water.texture(), reasons);
        sum += drainage(water.drainage(), reasons);
        sum += rain(water.rainMm(), reasons);
        sum += slope(water, reasons);
        if (Boolean.TRUE.equals(water.underRoof())) {
            sum -= 1;
            reasons.add(Fact.of("moisture.because.roof"));
        }
        if (water.irrigation() == Irrigation.REGULAR) {
            sum += 1;
            reasons.add(Fact.of("moisture.because.watered"));
        } else if (water.irrigation() == Irrigation.SOMETIMES) {
            sum += 0.5;
            reasons.add(Fact.of("moisture.because.watered-sometimes"));
        }
        return new MoistureEstimate(Math.rint(Moisture.held(sum) * 2) / 2, List.copyOf(reasons));
    }

    private static double texture(TextureClass texture, List<Fact> reasons) {
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
        reasons.add(Fact.of("moisture.because.texture." + word(by), texture));
        return by;
    }

    private static String word(double by) {
        if (by == 0) {
            return "some";
        }
        return by < 0 ? "lets-go" : "holds";
    }

    private static double drainage(Drainage drainage, List<Fact> reasons) {
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
            reasons.add(Fact.of("moisture.because.drainage." + Words.of(drainage)));
        }
        return by;
    }

    private static double rain(Double rainMm, List<Fact> reasons) {
        if (rainMm == null) {
            return 0;
        }
        double by = rainMm < DRY_YEAR_MM ? -1 : rainMm < MODEST_YEAR_MM ? -0.5 : rainMm > WET_YEAR_MM ? 0.5 : 0;
        reasons.add(Fact.of("moisture.because.rain", Math.round(rainMm / 10) * 10));
        return by;
    }

    private static double slope(Water water, List<Fact> reasons) {
        if (Boolean.TRUE.equals(water.footOfSlope())) {
            reasons.add(Fact.of("moisture.because.foot"));
            return 0.5;
        }
        if (water.slopePercent() != null && water.slopePercent() >= STEEP_PERCENT) {
            reasons.add(Fact.of("moisture.because.slope"));
            return -0.5;
        }
        return 0;
    }
}
