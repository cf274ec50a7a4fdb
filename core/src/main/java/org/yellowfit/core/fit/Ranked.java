package org.yellowfit.core.fit;

import static org.yellowfit.core.measure.Checks.share;

import org.yellowfit.core.plant.Cultivar;

/**
 * A plant in its place in merit order (rules L4 and L5), before anything is said of it.
 *
 * @param index its place in the catalogue
 * @param score how it lives here, 0–1
 * @param serve how it serves, 0–1
 * @param step  1 for the best; plants of one step are as good as each other
 */
public record Ranked(int index, Cultivar plant, double score, double serve, Live live, int step) {
    public Ranked {
        share("The score", score);
        share("How it serves", serve);
    }

    /** Live × serve, 0–1. */
    public double utility() {
        return live.share() * serve;
    }

    public Verdict verdict() {
        return switch (live) {
            case FITS, CLOSE -> Verdict.FITS;
            case FITS_IF -> Verdict.FITS_IF;
            case NO -> Verdict.NO;
        };
    }
}
