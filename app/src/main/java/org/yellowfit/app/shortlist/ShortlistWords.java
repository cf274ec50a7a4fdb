package org.yellowfit.app.shortlist;

import org.yellowfit.core.fit.CriterionName;
import org.yellowfit.core.fit.Verdict;

/** The words of the shortlist for what the core names. */
final class ShortlistWords {

    private ShortlistWords() {
    }

    static String criterion(CriterionName name) {
        return switch (name) {
            case HARDINESS -> "Zone";
            case HEAT -> "Warm end";
            case SUN_LIVE -> "Sun";
            case SUN_FLOWER -> "Sun to flower";
            case SUN_COLOUR -> "Sun for leaf colour";
            case HOT_SUN -> "Hot sun";
            case TEXTURE -> "Soil";
            case DRAINAGE -> "Drainage";
            case MOISTURE -> "Moisture";
            case PH -> "pH";
            case HEIGHT -> "Height";
            case SPREAD -> "Width";
            case DEER -> "Deer";
            case RABBITS -> "Rabbits";
            case HAZARDS -> "Hazards";
            case EXPOSURE -> "Exposure";
            case PARTNER -> "Partner";
            case WANTS -> "Wishes";
        };
    }

    static String verdict(Verdict verdict) {
        return switch (verdict) {
            case FITS -> "fits";
            case FITS_IF -> "fits, if";
            case NO -> "does not fit";
            case UNKNOWN -> "not known";
        };
    }

    /** Verdicts are told by shape, never by colour alone. */
    static String dot(Verdict verdict) {
        return switch (verdict) {
            case FITS -> "full";
            case FITS_IF -> "half";
            case NO -> "open";
            case UNKNOWN -> "asked";
        };
    }
}
