package org.yellowfit.core.fit;

/**
 * What a plant is looked at for: what nobody asked for does not count against it. With nothing asked, it is what the
 * plant is
 * chiefly grown for (rule L1).
 */
final class AskedFor {

    private final boolean nothing;
    private final boolean flowers;
    private final boolean leaves;
    private final boolean fruit;

    AskedFor(Wants wants) {
        boolean anyColour = !wants.colours().isEmpty() && wants.colourOf() == Wants.ColourOf.ANY;
        nothing = wants.wishesNothing();
        flowers = !wants.bloomMonths().isEmpty()
                || wants.fragrance()
                || wants.pollinators()
                || anyColour
                || !wants.colours().isEmpty() && wants.colourOf() == Wants.ColourOf.FLOWER;
        leaves = anyColour || !wants.colours().isEmpty() && wants.colourOf() == Wants.ColourOf.LEAF;
        fruit = wants.birds() || wants.berries();
    }

    boolean[] flowers(Catalogue plants) {
        return asked(flowers, plants, plants.chieflyFlower);
    }

    boolean[] leafColour(Catalogue plants) {
        return asked(leaves, plants, plants.chieflyLeaf);
    }

    boolean[] fruit(Catalogue plants) {
        return asked(fruit, plants, plants.chieflyFruit);
    }

    private boolean[] asked(boolean asked, Catalogue plants, boolean[] chiefly) {
        if (asked) {
            return plants.every;
        }
        return nothing ? chiefly : plants.none;
    }
}
