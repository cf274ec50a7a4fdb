package org.yellowfit.core.season;

import static org.yellowfit.core.measure.Checks.share;

/**
 * How far a plant's heads of flowers have come on a day, each as a share of all it has in a year, 0–1.
 *
 * @param open   in flower
 * @param buds   still to open
 * @param fading over, and not yet dropped
 * @param seeds  gone to seed and still standing
 */
public record BloomStage(double open, double buds, double fading, double seeds) {

    public static final BloomStage NONE = new BloomStage(0, 0, 0, 0);

    public BloomStage {
        share("The open flowers", open);
        share("The buds", buds);
        share("The fading flowers", fading);
        share("The seed heads", seeds);
    }
}
