package org.yellowfit.core.bed;

import java.util.List;

/**
 * What is wrong in a bed in one year after planting (rule H4). Indexes are into the plants as they were given.
 *
 * @param coverage share of the ground under crowns, 0–1
 * @param existing crowns that meet what stood there already
 * @param edges    crowns over a path or in a wall
 */
public record BedYear(
        int year,
        double coverage,
        List<Overlap> overlaps,
        List<TooTall> tooTall,
        List<Outside> outside,
        List<Shaded> shaded,
        List<IntoExisting> existing,
        List<OverEdge> edges) {

    /** @param byM half the sum of the spreads less the distance, m */
    public record Overlap(int a, int b, double byM) {}

    public record TooTall(int index, BedLimit limit, double byM) {}

    /** A centre outside the bed, so far from its edge, m. */
    public record Outside(int index, double byM) {}

    /** Shaded out by its neighbours: hours of sun left, and hours it needs to live. */
    public record Shaded(int index, double hours, double needs) {}

    /** @param which place in the list of what stands already */
    public record IntoExisting(int index, int which, double byM) {}

    public record OverEdge(int index, Edge edge, double byM) {}

    public enum Edge {
        INTO_WALL,
        OVER_PATH
    }

    public boolean isFine() {
        return overlaps.isEmpty()
                && tooTall.isEmpty()
                && outside.isEmpty()
                && shaded.isEmpty()
                && existing.isEmpty()
                && edges.isEmpty();
    }
}
