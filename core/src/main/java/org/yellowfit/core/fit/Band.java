package org.yellowfit.core.fit;

/** The bands of the scores, one for each verdict (docs/decisions/0002-score-bands.md). */
final class Band {

    static final double FITS_FROM = 0.75;
    static final double FITS_IF_FROM = 0.3;
    static final double FITS_IF_TO = 0.6;
    static final double NO_TO = 0.1;
    /** Unknown plant data: worth no more than a bare fit, and no worse. */
    static final double NEUTRAL = FITS_FROM;

    private Band() {}

    static double low(Verdict verdict) {
        return switch (verdict) {
            case FITS -> FITS_FROM;
            case FITS_IF -> FITS_IF_FROM;
            default -> 0;
        };
    }

    static double width(Verdict verdict) {
        return switch (verdict) {
            case FITS -> 1 - FITS_FROM;
            case FITS_IF -> FITS_IF_TO - FITS_IF_FROM;
            default -> NO_TO;
        };
    }

    /** The verdict in whose band a score lies. */
    static Verdict verdict(double score) {
        if (score >= FITS_FROM) {
            return Verdict.FITS;
        }
        return score >= FITS_IF_FROM ? Verdict.FITS_IF : Verdict.NO;
    }
}
