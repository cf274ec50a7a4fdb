package org.yellowfit.core.fit;

import static org.yellowfit.core.measure.Checks.share;

import org.yellowfit.core.plant.Cultivar;

/**
 * A plant in its place among the best, before anything is said of it.
 *
 * @param index   its place in the catalogue
 * @param verdict fits or fits-if, as the score's band says
 * @param score   0–1
 */
public record Ranked(int index, Cultivar plant, Verdict verdict, double score) {
    public Ranked {
        share("The score", score);
    }
}
