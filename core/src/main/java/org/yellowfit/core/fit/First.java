package org.yellowfit.core.fit;

import org.yellowfit.core.measure.Fact;

/**
 * One of the first five (rule L6).
 *
 * @param why why it stands there, and what it gives up against the first
 */
public record First(Ranked ranked, As as, Fact why) {

    /** What it is among the first for. */
    public enum As {
        BEST,
        LEAST_WORK,
        LONGEST_SHOW,
        CHEAPEST,
        UNLIKE
    }
}
