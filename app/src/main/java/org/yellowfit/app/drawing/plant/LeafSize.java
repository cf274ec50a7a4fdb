package org.yellowfit.app.drawing.plant;

/** How large a leaf is drawn: as it is, or, where that would be dust, as a spray of several. */
final class LeafSize {

    /** The shortest leaf that reads as one, in units. */
    private static final double LEAST = 4.2;

    private LeafSize() {}

    /**
     * @param area  to be covered
     * @param cover how many times over
     * @return length of one leaf or spray so that the drawing's leaves suffice
     */
    static double unit(Growing growth, double area, double cover) {
        Space space = growth.space();
        double real = space.cm(growth.anatomy().leafCm()) * growth.leaf().lengthsShown();
        double share = growth.leaf().area(1);
        double needed = Math.sqrt(cover * area / (space.detail().leaves() * 0.92 * share));
        double longest = space.size() * 0.3;
        return Math.min(longest, Math.max(Math.max(real, LEAST), needed));
    }
}
