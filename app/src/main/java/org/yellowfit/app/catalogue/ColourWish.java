package org.yellowfit.app.catalogue;

import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import org.yellowfit.core.colour.Colour;
import org.yellowfit.core.colour.OkLab;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Trait;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.season.DayLook;
import org.yellowfit.core.season.PlantYear;

/**
 * A colour looked for in leaf or flower, in a month or in any.
 *
 * @param hex   {@code #rrggbb}
 * @param month 1–12, 0 for any
 */
record ColourWish(String hex, boolean leaf, int month) {

    /** Colours nearer than this in OKLab read as the one asked for; farther than {@link #ALIKE} they are left out. */
    static final double NEAR = 0.06;

    static final double ALIKE = 0.13;
    private static final List<Trait<List<Colour>>> LEAVES =
            List.of(Traits.LEAF_SPRING, Traits.LEAF_SUMMER, Traits.LEAF_AUTUMN, Traits.LEAF_WINTER);

    static Optional<ColourWish> of(String hex, String part, String month) {
        if (!hex.matches("#[0-9a-fA-F]{6}")) {
            return Optional.empty();
        }
        return Optional.of(new ColourWish(
                hex.toLowerCase(java.util.Locale.ROOT),
                part.equals("leaf"),
                month.matches("[1-9]|1[0-2]") ? Integer.parseInt(month) : 0));
    }

    /** For a plant the least distance in OKLab of what it shows; infinite when it shows nothing of the kind. */
    ToDoubleFunction<Cultivar> distance() {
        OkLab wanted = OkLab.ofRgb(Integer.parseInt(hex.substring(1), 16));
        return plant -> distance(plant, wanted);
    }

    private double distance(Cultivar plant, OkLab wanted) {
        double ever = leaf
                ? LEAVES.stream()
                        .mapToDouble(trait -> nearest(plant.colours(trait), wanted))
                        .min()
                        .orElseThrow()
                : nearest(plant.colours(Traits.FLOWER_COLOURS), wanted);
        // Between two of its colours a plant may come nearer than at either, but not by more than this.
        if (month == 0 || ever > 2 * ALIKE) {
            return ever;
        }
        DayLook look = PlantYear.of(plant, Optional.empty()).month(month);
        return leaf
                ? nearest(look.leaves(), wanted)
                : nearest(look.flower().map(List::of).orElse(List.of()), wanted);
    }

    private static double nearest(List<Colour> colours, OkLab wanted) {
        double nearest = Double.POSITIVE_INFINITY;
        for (Colour colour : colours) {
            nearest = Math.min(nearest, colour.lab().distanceTo(wanted));
        }
        return nearest;
    }
}
