package org.yellowfit.app.plants;

import org.yellowfit.core.fit.Candidate;
import org.yellowfit.core.fit.CriterionName;
import org.yellowfit.core.fit.Verdict;

/** The words of the shortlist for what the core names. */
final class ShortlistWords {

    private ShortlistWords() {}

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

    /** The first remedy of what limits a plant, or what limits it, in few words. */
    static String remedied(Candidate candidate, CriterionName name) {
        return candidate
                .judgement(name)
                .flatMap(judgement -> judgement.remedies().stream().findFirst())
                .map(remedy -> switch (remedy.action()) {
                    case SHELTER -> "sheltered";
                    case ANNUAL -> "for one season";
                    case AMEND -> "soil amended";
                    case PLANT_HIGH -> "planted high";
                    case POT -> "in a pot";
                    case WATER -> "watered";
                    case DRAIN -> "drained";
                    case PRUNE_SIZE -> "cut to size";
                    case PLACE_APART -> "out of reach";
                    case PARTNER -> "with a male near";
                    case SHADE -> "shaded after noon";
                    case CONTAIN -> "kept in bounds";
                    case MOVE ->
                        switch (name) {
                            case SUN_FLOWER -> "for its leaves";
                            case SUN_COLOUR -> "reads green";
                            default -> "with more room or sun";
                        };
                })
                .orElse(
                        name == CriterionName.WANTS
                                ? "some wishes unmet"
                                : criterion(name).toLowerCase(java.util.Locale.ROOT) + " found out");
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
