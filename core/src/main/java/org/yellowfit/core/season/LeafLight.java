package org.yellowfit.core.season;

import java.util.List;
import org.yellowfit.core.colour.Colour;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Traits;

/**
 * Leaf colour by the sun it gets (rule B2): its own from the hours it needs to colour, green at the hours it needs to
 * live, and evenly from one to the other between.
 */
public final class LeafLight {

    /** What coloured leaves turn to. */
    public static final Colour GREEN = new Colour("green", 0x5f8146);

    private LeafLight() {}

    /**
     * How far a plant's leaves have gone from their own colour to green.
     *
     * @param sunHours direct sun a day; null where it is not known
     * @return 0 its own colour to 1 green; 0 where its colour needs no sun, as far as is known
     */
    public static double greened(Cultivar plant, Double sunHours) {
        double colours = plant.get(Traits.SUN_COLOUR).orElse(0.0);
        double lives = Math.min(colours, plant.get(Traits.SUN_LIVE).orElse(0.0));
        if (sunHours == null || sunHours >= colours) {
            return 0;
        }
        return sunHours <= lives ? 1 : (colours - sunHours) / (colours - lives);
    }

    /** Whether a plant's leaves are nearer to green than to their own colour. */
    public static boolean readsGreen(Cultivar plant, Double sunHours) {
        return greened(plant, sunHours) >= SeasonNumber.READS_GREEN.value();
    }

    /** The colour of a leaf gone so far to green. */
    static Colour lit(Colour leaf, double greened) {
        return Tint.between(leaf, GREEN, greened);
    }

    static List<Colour> lit(List<Colour> leaves, double greened) {
        return leaves.stream().map(leaf -> lit(leaf, greened)).toList();
    }

    /** One leaf colour of a plant as it is in so much sun. */
    public static Colour lit(Cultivar plant, Colour leaf, Double sunHours) {
        return lit(leaf, greened(plant, sunHours));
    }
}
