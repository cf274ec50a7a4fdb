package org.yellowfit.core.fit;

/** How a plant lives at a place, and what that leaves of how it serves there (rule L4). */
public enum Live {
    FITS(1),
    /** Short of a need by no more than the place is known to. */
    CLOSE(RuleNumber.CLOSE_IN_WORTH.value),
    /** By work, or by a loss accepted. */
    FITS_IF(RuleNumber.FITS_IF_IN_WORTH.value),
    NO(0);

    private final double share;

    Live(double share) {
        this.share = share;
    }

    public double share() {
        return share;
    }

    /** @param close whether some need is met only as closely as the place is known */
    static Live of(double score, boolean close) {
        return switch (Band.verdict(score)) {
            case FITS -> close ? CLOSE : FITS;
            case FITS_IF -> FITS_IF;
            default -> NO;
        };
    }
}
