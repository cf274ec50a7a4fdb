package org.yellowfit.core.fit;

/**
 * Scores of one criterion. Each verdict has its own band, so that the lowest score and the worst verdict always name the same
 * criterion: {@code fits} 0.75–1 (1 in comfort, less towards the edge of the plant's range), {@code fits-if} 0.3–0.6,
 * {@code no} 0–0.1 (0 at and beyond the edge of what the plant survives).
 */
final class Scale {

    static final double FITS_FROM = 0.75;
    static final double FITS_IF_FROM = 0.3;
    static final double FITS_IF_TO = 0.6;
    static final double NO_TO = 0.1;
    /** Unknown plant data: worth no more than a bare fit, and no worse. */
    static final double NEUTRAL = FITS_FROM;

    /** Marks that are no scores. */
    static final double UNKNOWN = -1;

    static final double SITE_UNKNOWN = -2;
    static final double DOES_NOT_APPLY = -3;

    private Scale() {}

    /** @param comfort 0 at the edge of the range, 1 well inside */
    static double fits(double comfort) {
        return FITS_FROM + (1 - FITS_FROM) * unit(comfort);
    }

    /** @param ease 1 when the remedy is slight, 0 when it only just serves */
    static double fitsIf(double ease) {
        return FITS_IF_FROM + (FITS_IF_TO - FITS_IF_FROM) * unit(ease);
    }

    /** @param nearness 1 for a near miss, 0 at and beyond the edge of survival */
    static double no(double nearness) {
        return NO_TO * unit(nearness);
    }

    static boolean isScore(double mark) {
        return mark >= 0;
    }

    static Verdict verdict(double mark) {
        if (mark == UNKNOWN) {
            return Verdict.UNKNOWN;
        }
        if (mark >= FITS_FROM) {
            return Verdict.FITS;
        }
        return mark >= FITS_IF_FROM ? Verdict.FITS_IF : Verdict.NO;
    }

    /** Score of a value against a range: comfortable from {@code margin} inside, as remedied up to {@code reach} outside, then no. */
    static double against(double low, double high, double value, double margin, double reach) {
        double outside = Math.max(low - value, value - high);
        if (outside <= 0) {
            return fits(0.3 + 0.7 * -outside / margin);
        }
        return outside <= reach ? fitsIf(1 - outside / reach) : no(1 - (outside - reach) / (2 * margin));
    }

    private static double unit(double x) {
        return Math.max(0, Math.min(1, x));
    }
}
