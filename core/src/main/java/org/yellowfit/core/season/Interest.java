package org.yellowfit.core.season;

import java.util.List;
import java.util.Optional;
import org.yellowfit.core.climate.HardinessZone;
import org.yellowfit.core.plant.Bloom;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Persistence;
import org.yellowfit.core.plant.Rebloom;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.plant.YesNo;

/**
 * The one meaning of “in flower in a month” and of “something to see in winter”, for the fit, the search and the facets
 * alike.
 */
public final class Interest {

    /** The dark months, when little else is to be seen (rule E5). */
    public static final List<Integer> WINTER = List.of(11, 12, 1, 2, 3);

    private Interest() {}

    /**
     * Whether a plant is in flower in a month, in its main bloom or when it flowers again.
     *
     * @param zone of the place; empty: as the catalogue has it
     * @return empty when its bloom is not known
     */
    public static Optional<Boolean> flowersIn(Cultivar plant, int month, Optional<HardinessZone> zone) {
        return BloomSpell.inThirds(plant, zone).map(bloom -> bloom.isOpenIn(month) || flowersAgain(plant, month, zone));
    }

    private static boolean flowersAgain(Cultivar plant, int month, Optional<HardinessZone> zone) {
        return plant.get(Traits.REBLOOM).orElse(Rebloom.NONE) != Rebloom.NONE
                && PlantYear.of(plant, zone).month(month).flowerShare() > 0;
    }

    /** Leaves, coloured stems, fruit, flowers or standing straw between November and March. */
    public static boolean showsInWinter(Cultivar plant, Optional<HardinessZone> zone) {
        return plant.persistence() == Persistence.EVERGREEN
                || plant.get(Traits.STEM_WINTER).isPresent()
                || plant.is(Traits.STANDS_WINTER, YesNo.YES)
                || hasWinterFruit(plant)
                || flowersInWinter(plant, zone);
    }

    private static boolean hasWinterFruit(Cultivar plant) {
        return plant.get(Traits.FRUIT).isPresent()
                && plant.get(Traits.FRUIT_MONTHS)
                        .filter(months -> months.stream().anyMatch(WINTER::contains))
                        .isPresent();
    }

    private static boolean flowersInWinter(Cultivar plant, Optional<HardinessZone> zone) {
        Optional<Bloom> bloom = BloomSpell.inThirds(plant, zone);
        return plant.get(Traits.FLOWER_COLOURS).isPresent()
                && bloom.isPresent()
                && WINTER.stream().anyMatch(bloom.get()::isOpenIn);
    }
}
