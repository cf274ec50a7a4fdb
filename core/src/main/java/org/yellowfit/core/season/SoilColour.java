package org.yellowfit.core.season;

import java.util.List;
import java.util.Set;
import org.yellowfit.core.colour.Colour;
import org.yellowfit.core.colour.ColourNumber;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Traits;

/** What the soil makes of flowers that follow it (rule C4): blue in acid soil, pink in alkaline, between the two both. */
public enum SoilColour {
    BLUE(new Colour("blue", 0x6f8fd0)),
    MIXED(new Colour("mauve", 0x9a86c4)),
    PINK(new Colour("pink", 0xe79ab8));

    /** Bigleaf and mountain hydrangeas. */
    private static final Set<String> FOLLOW = Set.of("Hydrangea macrophylla", "Hydrangea serrata");

    private final Colour colour;

    SoilColour(Colour colour) {
        this.colour = colour;
    }

    public Colour colour() {
        return colour;
    }

    /** Whether a plant's flowers follow the soil; white ones stay white. */
    public static boolean follows(Cultivar plant) {
        return FOLLOW.stream().anyMatch(plant::isOf)
                && plant.colours(Traits.FLOWER_COLOURS).stream()
                        .anyMatch(colour -> colour.lab().chroma() > ColourNumber.COLOURED_FROM_CHROMA.value());
    }

    /** @param ph of the ground */
    public static SoilColour at(double ph) {
        if (ph < SeasonNumber.BLUE_TO.value()) {
            return BLUE;
        }
        return ph > SeasonNumber.PINK_FROM.value() ? PINK : MIXED;
    }

    /** The flower colours of a plant in ground of this pH, in the order they age; null where it is not known. */
    public static List<Colour> flowers(Cultivar plant, Double ph) {
        return ph != null && follows(plant) ? List.of(at(ph).colour) : plant.colours(Traits.FLOWER_COLOURS);
    }
}
