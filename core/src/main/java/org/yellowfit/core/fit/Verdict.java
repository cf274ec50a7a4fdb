package org.yellowfit.core.fit;

import org.yellowfit.core.measure.Words;

/** What is said of a plant, or of one criterion of it; from best to worst. {@code UNKNOWN} is said of criteria only. */
public enum Verdict {
    FITS,
    FITS_IF,
    NO,
    UNKNOWN;

    public String word() {
        return Words.of(this);
    }
}
