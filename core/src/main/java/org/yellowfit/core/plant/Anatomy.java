package org.yellowfit.core.plant;

import java.util.Optional;

/**
 * How a plant is built where the eye looks: its flowers and its leaves. As the catalogue says; where it is
 * silent, as is
 * usual for the species or genus; and for a genus nobody knows, as is usual for its kind and the texture of its leaves.
 *
 * @param inflorescence how it carries its flowers
 * @param petals        of one flower
 * @param flowerCm      width of one flower, or of the head where the flowers are tiny, cm
 * @param leafCm        length of one leaf or leaflet, cm
 * @param arrangement   of the leaves
 * @param variegation   where a second leaf colour sits
 */
public record Anatomy(
        Inflorescence inflorescence,
        Petals petals,
        double flowerCm,
        double leafCm,
        LeafArrangement arrangement,
        Variegation variegation,
        double fruitCm) {

    private static final double USUAL_FLOWER_CM = 4;

    public static Anatomy of(Cultivar plant) {
        Optional<Genera.Genus> genus = Genera.of(plant.botanical());
        return new Anatomy(
                plant.get(Traits.INFLORESCENCE)
                        .or(() -> genus.map(Genera.Genus::inflorescence))
                        .orElseGet(() -> usualFlower(plant.kind())),
                genus.map(Genera.Genus::petals).orElse(Petals.FIVE),
                plant.get(Traits.FLOWER_CM)
                        .or(() -> genus.map(Genera.Genus::flowerCm).filter(cm -> !cm.isNaN()))
                        .orElse(USUAL_FLOWER_CM),
                plant.get(Traits.LEAF_CM)
                        .or(() -> genus.map(Genera.Genus::leafCm))
                        .orElseGet(() -> usualLeafCm(plant)),
                plant.get(Traits.LEAF_ARRANGEMENT)
                        .or(() -> genus.map(Genera.Genus::arrangement))
                        .orElseGet(() -> usualArrangement(plant.kind())),
                plant.get(Traits.VARIEGATION).orElseGet(() -> usualVariegation(plant)),
                genus.map(Genera.Genus::fruitCm).orElse(Genera.USUAL_BERRY_CM));
    }

    private static Inflorescence usualFlower(Kind kind) {
        return switch (kind) {
            case GRASS -> Inflorescence.PLUME;
            case BULB -> Inflorescence.TRUMPET;
            case PERENNIAL, ANNUAL, CLIMBER -> Inflorescence.SOLITARY;
            case CONIFER, FERN -> Inflorescence.CATKIN;
            case TREE, SHRUB -> Inflorescence.CORYMB;
        };
    }

    /** Fine, medium and bold leaves are about 3, 7 and 17 cm long; blades are as long as the clump is high. */
    private static double usualLeafCm(Cultivar plant) {
        if (plant.kind() == Kind.GRASS || plant.kind() == Kind.FERN) {
            return plant.height10().mid() * 100;
        }
        return switch (plant.get(Traits.LEAF_TEXTURE).orElse(LeafTexture.MEDIUM)) {
            case FINE -> 3;
            case MEDIUM -> 7;
            case BOLD -> 17;
        };
    }

    private static LeafArrangement usualArrangement(Kind kind) {
        return switch (kind) {
            case GRASS, FERN -> LeafArrangement.TUFTED;
            case BULB -> LeafArrangement.BASAL;
            default -> LeafArrangement.ALTERNATE;
        };
    }

    private static Variegation usualVariegation(Cultivar plant) {
        return plant.colours(Traits.LEAF_SUMMER).size() > 1 ? Variegation.MARGIN : Variegation.NONE;
    }
}
