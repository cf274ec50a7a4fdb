package org.yellowfit.core.fit;

import static org.yellowfit.core.fit.Verdict.FITS;
import static org.yellowfit.core.fit.Verdict.FITS_IF;
import static org.yellowfit.core.fit.Verdict.NO;

/**
 * What a rule can find of a plant at a place, and what each finding is worth: the one table of the fit's scores,
 * printed in
 * docs/rules.md. Each verdict has its own band, so that the lowest score and the worst verdict always name the same
 * criterion:
 * {@code fits} 0.75–1, {@code fits-if} 0.3–0.6, {@code no} 0–0.1. Within its band an outcome stands at {@code
 * at0} (0 the lower
 * end, 1 the upper) for a margin of 0 and moves by {@code perUnit} for each unit of margin, never above {@code
 * most}. The slopes
 * are our judgement.
 */
enum Outcome {
    /** Nothing is to be said: the criterion is not about this plant here. */
    NOT_ABOUT_IT(null, Verdict.UNKNOWN, 0, 0, ""),
    /** The place does not say what this plant would be judged by. */
    SITE_UNKNOWN(null, Verdict.UNKNOWN, 0, 0, ""),
    /** Unknown plant data is neutral. */
    UNKNOWN(null, Verdict.UNKNOWN, 0, 0, ""),
    /** Unknown hardiness or light is to be found out before the plant is sold. */
    FIND_OUT_FIRST(null, Verdict.UNKNOWN, 0, 0, ""),

    HARDY("A2", FITS, 1, 0, "half-zones to spare"),
    HARDY_BARELY("A2", FITS, 0.6, 0, "half-zones to spare"),
    HARDY_SHELTERED("A4", FITS_IF, 1, -1 / 3.0, "half-zones short"),
    TOO_COLD("A4", NO, 1.25, -0.25, "half-zones short"),
    POT_WRAPPED("A3", FITS_IF, 0.6, 0, ""),
    POT_FROST_FREE("A3", FITS, 0.4, 0, ""),
    SOLD_FOR_A_SEASON_AS_ASKED("A5", FITS, 1, 0, ""),
    BUDS_LOST("A8", FITS_IF, 1, -0.65, "share of springs that take the buds"),
    SOLD_FOR_ONE_SEASON("A5", FITS_IF, 1, 0, ""),
    AS_ANNUAL("A5", FITS_IF, 0.3, 0, ""),
    PLANTED_ANEW("A5", FITS, 1, 0, ""),
    SEASON_TOO_SHORT("A5", NO, 0.5, 0, ""),

    COOL_ENOUGH("A6", FITS, 1, 0, ""),
    COOL_ENOUGH_BARELY("A6", FITS, 0.6, 0, ""),
    SHADED_FROM_HEAT("A6", FITS, 0.3, 0, ""),
    WARM_BY_HALF_A_ZONE("A6", FITS_IF, 0.5, 0, ""),
    TOO_WARM("A6", NO, 1.25, -0.25, "half-zones too warm"),

    SUN_ENOUGH("B2", FITS, 1, 0, ""),
    SUN_AT_THE_EDGE("B2", FITS_IF, 0.5, 0.5, "h above the need"),
    TOO_DARK_TO_LIVE("B2", NO, 1, 0.5, "h above the need"),
    SUN_CLOSE("B2", FITS, 0.8, 0.8, "h above the need"),
    TOO_DARK_FOR_FLOWERS("B2", FITS_IF, 1, 1 / 3.0, "h above the need"),
    TOO_DARK_FOR_COLOUR("B2", FITS_IF, 1, 1 / 3.0, "h above the need"),

    SUN_STOOD("B3", FITS, 0.4, 6, "share of the limit to spare"),
    SCORCHED_A_LITTLE("B3", FITS_IF, 1, 1, "h below the limit"),
    SCORCHED("B3", NO, 4 / 3.0, 1 / 3.0, "h below the limit"),

    TEXTURE_SUITS("C1", FITS, 1, 0, ""),
    TEXTURE_BESIDE("C5", FITS_IF, 0.5, 0, ""),
    TEXTURE_FAR("C5", NO, 0.5, 0, ""),

    DRAINS_AS_IT_LIKES("C2", FITS, 1, 0, ""),
    DRAINAGE_MADE_UP_FOR("C5", FITS, 0.3, 0, ""),
    DRAINS_ONE_CLASS_OFF("C5", FITS_IF, 0.5, 0, ""),
    DRAINS_FAR_OFF("C5", NO, 1.5, -0.5, "classes off"),

    MOISTURE_SUITS("C3", FITS, 1, 0, ""),
    MOISTURE_NEAR("C3", FITS_IF, 1, 1, "steps inside the range"),
    MOISTURE_SURVIVED("C7", FITS_IF, 0, 0, ""),
    MOISTURE_FAR("C3", NO, 2, 1, "steps inside the range"),

    PH_SUITS("C4", FITS, 1, 0, ""),
    PH_CLOSE("C4", FITS, 0.8, 1, "pH inside the range"),
    PH_NEAR("C5", FITS_IF, 1, 2, "pH inside the range"),
    PH_FAR("C5", NO, 1.5, 1, "pH inside the range"),

    ROOM_ENOUGH("D4", FITS, 0.4, 6, "share of the room left over"),
    STRIP_NARROW("D5", FITS, 0.24, 3.6, 0.6, "share of the room left over"),
    ROOM_CLOSE("D4", FITS, 0.3, 5, "share of the room left over"),
    ON_ITS_SUPPORT("F9", FITS, 1, 0, ""),
    OVERTOPS_ITS_SUPPORT("F9", FITS_IF, 0.7, -0.5, "share of the support the size goes beyond it"),
    TRAILS("F9", FITS, 0.4, 0, ""),
    KEPT_SMALL("D3", FITS, 0.1, 0, ""),
    TO_BE_CUT("D3", FITS_IF, 1, -2, "share of the room the usual size goes beyond it"),
    MAY_STAY_WITHIN("D4", FITS_IF, 0, 1, "room above the usual size, of the way to the largest"),
    TOO_LARGE("D4", NO, 1, -1, "share of the room the size goes beyond it"),

    LEFT_ALONE("F3", FITS, 1, 0, ""),
    SELDOM_EATEN("F3", FITS, 0.4, 0, ""),
    EATEN("F3", FITS_IF, 0.5, 0, ""),
    EATEN_UP("F3", NO, 0.3, 0, ""),

    HARMLESS_HERE("F1", FITS, 1, 0, ""),
    SAP_IN_REACH("F1", FITS_IF, 0.7, 0, ""),
    HAZARD_IN_REACH("F1", FITS_IF, 0.4, 0, ""),
    HAZARD_RULED_OUT("F1", NO, 0.3, 0, ""),
    SPREADS_HERE("F2", FITS, 0.2, 0, ""),
    WATCHED("F2", FITS_IF, 0.5, 0, ""),
    NOT_TO_BE_PLANTED("F2", NO, 0, 0, ""),

    EXPOSURE_STOOD("F4", FITS, 1, 0, ""),
    EXPOSURE_UNTOLD("F4", FITS_IF, 0.7, 0, ""),
    EXPOSURE_DISLIKED("F4", FITS_IF, 0.3, 0, ""),
    EXPOSURE_KILLS("F4", NO, 0.4, 0, ""),

    FRUITS("F6", FITS, 1, 0, ""),
    NO_PARTNER_NEAR("F6", FITS_IF, 1, 0, ""),

    /** Wishes lower how it serves, never the verdict. */
    WISHES_WEIGHED("L3", FITS, 1, 0, ""),
    MUST_UNKNOWN("L3", FITS_IF, 0.5, 0, ""),
    MUST_MISSED("L3", NO, 0.6, 0, ""),
    POT_UNKNOWN("C8", FITS_IF, 0.5, 0, ""),
    TAKES_NO_POT("C8", NO, 0.4, 0, ""),
    NEVER_WANTED("G5", NO, 0.3, 0, ""),
    OTHER_KIND("G5", NO, 0, 0, "");

    private final String rule;
    private final Verdict verdict;
    private final double at0;
    private final double perUnit;
    private final double most;
    private final String unit;
    private final double low;
    private final double width;

    Outcome(String rule, Verdict verdict, double at0, double perUnit, String unit) {
        this(rule, verdict, at0, perUnit, 1, unit);
    }

    Outcome(String rule, Verdict verdict, double at0, double perUnit, double most, String unit) {
        this.rule = rule;
        this.verdict = verdict;
        this.at0 = at0;
        this.perUnit = perUnit;
        this.most = most;
        this.unit = unit;
        this.low = Band.low(verdict);
        this.width = Band.width(verdict);
    }

    /** The rule of docs/rules.md; null for what is not known. */
    String rule() {
        return rule;
    }

    Verdict verdict() {
        return verdict;
    }

    /** Short of a need by no more than the place is known to. */
    boolean isClose() {
        return switch (this) {
            case SUN_CLOSE, SUN_AT_THE_EDGE, PH_CLOSE, ROOM_CLOSE -> true;
            default -> false;
        };
    }

    /** What the margin counts; empty where it plays no part. */
    String unit() {
        return unit;
    }

    double at0() {
        return at0;
    }

    double perUnit() {
        return perUnit;
    }

    double most() {
        return most;
    }

    /** @return 0–1, within the verdict's band; what is unknown counts as a bare fit, or as the best of fits-if */
    double score(double margin) {
        if (verdict == Verdict.UNKNOWN) {
            return this == FIND_OUT_FIRST ? Band.FITS_IF_TO : Band.NEUTRAL;
        }
        double place = at0 + perUnit * margin;
        return low + width * Math.max(0, Math.min(most, place));
    }
}
