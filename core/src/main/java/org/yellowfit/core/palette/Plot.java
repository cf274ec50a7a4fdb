package org.yellowfit.core.palette;

import static org.yellowfit.core.measure.Checks.between;

import org.yellowfit.core.fit.Question;
import org.yellowfit.core.fit.SiteConditions;
import org.yellowfit.core.season.GrowingPlace;

/**
 * A patch of ground, or a pot, that is planted as one.
 *
 * @param areaM2 above 0, at most 10,000
 * @param depthM from front to back as it is seen; null where it is not known
 */
public record Plot(String name, double areaM2, Double depthM, Question question, GrowingPlace place) {

    /** Depth of bed for which the heights of the layers hold as they are: half as deep, half as high (G1). */
    private static final double USUAL_DEPTH_M = 2.5;

    private static final double SHALLOWEST = 0.5;
    private static final double DEEPEST = 1.6;

    public Plot {
        between("The area", areaM2, 0.01, 10_000, "m²");
    }

    public boolean isPot() {
        return question.site().soil().isContainer();
    }

    boolean isSouth() {
        SiteConditions site = question.site();
        return site.season().isSouth();
    }

    /** By which the heights of the layers are multiplied for the depth of the bed. */
    double layerScale() {
        return depthM == null || isPot() ? 1 : Math.max(SHALLOWEST, Math.min(DEEPEST, depthM / USUAL_DEPTH_M));
    }
}
