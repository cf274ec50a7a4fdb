package org.yellowfit.core.growth;

import java.util.Set;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.FlowerWood;
import org.yellowfit.core.plant.Kind;
import org.yellowfit.core.plant.Persistence;
import org.yellowfit.core.plant.PruneGroup;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.plant.YesNo;

/** The five ways of growing (rule D1). */
public enum GrowthWay {
    /** Trees, conifers, evergreen shrubs and shrubs on old wood: on for as long as they live. */
    SLOW_WOOD,
    /** Wood that is cut hard and stands again within the season: established in three years. */
    RENEWING_WOOD,
    /** Dies back and regrows, or keeps its leaves and widens: full in two or three years. */
    CLUMP,
    /** All in one season. */
    ONE_SEASON,
    /** Along its support. */
    CLIMBER;

    /** Woody at the base only, renewed from it, as the trade calls them subshrubs; common knowledge of the genera. */
    private static final Set<String> SUBSHRUBS = Set.of(
            "Artemisia",
            "Caryopteris",
            "Helianthemum",
            "Hyssopus",
            "Lavandula",
            "Perovskia",
            "Salvia",
            "Santolina",
            "Teucrium",
            "Thymus");

    public static GrowthWay of(Cultivar plant) {
        if (plant.isAnnual() || plant.kind() == Kind.BULB) {
            return ONE_SEASON;
        }
        if (!plant.isWoody()) {
            return CLUMP;
        }
        if (plant.kind() == Kind.CLIMBER) {
            return CLIMBER;
        }
        return plant.kind() == Kind.SHRUB && renews(plant) ? RENEWING_WOOD : SLOW_WOOD;
    }

    private static boolean renews(Cultivar plant) {
        if (SUBSHRUBS.contains(plant.genus())) {
            return true;
        }
        boolean onNewWood = plant.is(Traits.FLOWER_WOOD, FlowerWood.NEW) && plant.is(Traits.HARD_PRUNE, YesNo.YES);
        boolean cutEachSpring = plant.is(Traits.PRUNE_GROUP, PruneGroup.NEW_WOOD);
        return onNewWood && (plant.persistence() != Persistence.EVERGREEN || cutEachSpring);
    }
}
