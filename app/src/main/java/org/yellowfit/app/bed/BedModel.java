package org.yellowfit.app.bed;

import java.util.List;

/** A bed as the browser draws it and works on it: metres, y to the north. */
record BedModel(
        String units,
        boolean pot,
        boolean drawn,
        boolean south,
        double northDegrees,
        double latitude,
        List<BedView> beds,
        List<ThingView> things,
        List<KindView> kinds,
        Beds.State state,
        List<YearView> years) {

    /** @param front two points of the line people stand on */
    record BedView(String name, double[][] outline, double[][] front, double areaM2) {}

    /**
     * Something drawn round the beds. Of its numbers those it has not are 0.
     *
     * @param foliage of trees and hedges
     * @param growth  of a tree: how much larger than drawn, by year; empty for what stays as it is
     */
    record ThingView(
            String kind,
            String name,
            double[][] points,
            double heightM,
            double widthM,
            double radiusM,
            String foliage,
            double[] growth) {}

    /**
     * A kind that is planted or to be planted.
     *
     * @param wanted   how many the planting has of it
     * @param spacingM on centre at maturity
     * @param heights  in leaf by year, m; likewise in flower, and spreads
     * @param query    what its pictures hang on
     */
    record KindView(
            String id,
            String botanical,
            String cultivar,
            String common,
            String picture,
            int wanted,
            String grouping,
            String layer,
            double spacingM,
            double[] heights,
            double[] flowers,
            double[] spreads,
            String query) {}

    /** @param troubles the gravest first */
    record YearView(int year, double coverage, List<TroubleView> troubles) {}

    /**
     * @param kind of trouble, as a word
     * @param uids of the plants it is about
     */
    record TroubleView(String kind, String text, String advice, List<String> uids) {}

    /** What came of placing: what found no room, and why. */
    record LeftView(String name, int count, String why) {}
}
