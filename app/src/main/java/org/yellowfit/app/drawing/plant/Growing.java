package org.yellowfit.app.drawing.plant;

import java.util.List;
import org.yellowfit.core.plant.Anatomy;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.season.BloomStage;

/**
 * What a structure is grown from.
 *
 * @param years    since planting
 * @param maturity 0 as planted to 1 as large as it ever is
 * @param vigour   0–1: less than 1 where it has less sun than it wants
 * @param leaves   share of its leaves on the plant, 0–1
 * @param leafSize of a full-grown leaf’s length: those that unfold are small, and those that are left in autumn are not
 * @param bloom    how far its flowers have come
 */
record Growing(
        Cultivar plant,
        Anatomy anatomy,
        LeafForm leaf,
        Space space,
        double years,
        double maturity,
        double vigour,
        double leaves,
        double leafSize,
        BloomStage bloom) {

    boolean isBare() {
        return leaves <= 0.02;
    }

    /** What grew: the figure, and where on it flowers and fruit may sit. */
    record Grown(Figure figure, List<Shoot> shoots) {}
}
