package org.yellowfit.core.fit;

import java.util.List;
import org.yellowfit.core.colour.Colour;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.FlowerWood;
import org.yellowfit.core.plant.Kind;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.plant.YesNo;

/** Which needs a plant's looks can give it at all. */
final class Appearance {

    /** Moisture of the five steps up to which a bulb that lives with it is taken to rest dry. */
    private static final double DRY_REST_TO = 2;

    /** Thirds of months from January, the first third of June and of October. */
    private static final int FIRST_OF_JUNE = 15;

    private static final int FIRST_OF_OCTOBER = 27;

    /** Open early, and their buds are lost to frost all the same. */
    private static final List<String> EARLY_BUDS = List.of("Magnolia");

    private Appearance() {}

    static boolean mayFlower(Cultivar plant) {
        boolean neverShows = plant.kind() == Kind.FERN || plant.kind() == Kind.CONIFER;
        return !neverShows || plant.get(Traits.FLOWER_COLOURS).isPresent();
    }

    /** True as well where the summer colour is unknown. */
    static boolean mayLoseColour(Cultivar plant) {
        List<Colour> summer = plant.colours(Traits.LEAF_SUMMER);
        return summer.size() != 1 || !summer.get(0).lab().isLeafGreen();
    }

    /**
     * Shrubs that open in June or later on old wood: their buds break in spring and are lost to late frosts. Those that
     * flower before
     * their leaves carry hardier buds and are not counted, but for magnolias.
     */
    static boolean hasWinterBuds(Cultivar plant) {
        boolean summer = plant.get(Traits.BLOOM)
                .map(bloom -> bloom.startThird() >= FIRST_OF_JUNE && bloom.startThird() < FIRST_OF_OCTOBER)
                .orElse(false);
        boolean early = EARLY_BUDS.stream().anyMatch(plant::isOf);
        return (summer || early) && plant.isWoody() && plant.is(Traits.FLOWER_WOOD, FlowerWood.OLD);
    }

    /** Bulbs and the like that rest through summer: watering them then rots them. */
    static boolean wantsDrySummer(Cultivar plant) {
        return plant.kind() == Kind.BULB
                && plant.get(Traits.MOISTURE)
                        .map(range -> range.low() <= DRY_REST_TO)
                        .orElse(false);
    }

    /** A clump that can be lifted and parted: no annual, no shrub, nothing with a taproot. */
    static boolean mayDivide(Cultivar plant) {
        return !plant.isWoody()
                && !plant.isAnnual()
                && plant.get(Traits.DIVIDE_YEARS).isPresent();
    }

    /** D3: woody plants that take hard pruning and do not lose their flowers by it. */
    static boolean takesCutting(Cultivar plant) {
        boolean flowersSafe =
                !plant.is(Traits.FLOWER_WOOD, FlowerWood.OLD) && !plant.is(Traits.FLOWER_WOOD, FlowerWood.BOTH);
        return plant.isWoody() && plant.is(Traits.HARD_PRUNE, YesNo.YES) && flowersSafe;
    }
}
