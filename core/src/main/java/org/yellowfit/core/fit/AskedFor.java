package org.yellowfit.core.fit;

import java.util.Set;
import org.yellowfit.core.plant.Merit;
import org.yellowfit.core.serve.Job;
import org.yellowfit.core.serve.JobFields;
import org.yellowfit.core.serve.JobKind;
import org.yellowfit.core.serve.Wants;

/**
 * What a plant is looked at for: what nobody asked for does not count against it. With nothing asked, or where it is to
 * be looked at, it is what the plant is chiefly grown for (rule L1).
 */
final class AskedFor {

    private final boolean chiefly;
    private final boolean flowers;
    private final boolean leaves;
    private final boolean fruit;

    AskedFor(Wants wants) {
        boolean colours = !wants.colours().isEmpty();
        boolean anyColour = colours && wants.colourOf() == Wants.ColourOf.ANY;
        Set<Merit> show = wants.show();
        chiefly = wants.wishesNothing() || wants.jobs().stream().map(Job::kind).anyMatch(JobKind::isForShow);
        flowers = !wants.bloomMonths().isEmpty()
                || wants.fragrance()
                || wants.pollinators()
                || anyColour
                || colours && wants.colourOf() == Wants.ColourOf.FLOWER
                || show.contains(Merit.FLOWER)
                || show.contains(Merit.SCENT)
                || wants.jobs().stream().anyMatch(AskedFor::isOfFlowers);
        leaves = anyColour || colours && wants.colourOf() == Wants.ColourOf.LEAF || show.contains(Merit.LEAF);
        fruit = wants.birds()
                || wants.berries()
                || colours && wants.colourOf() == Wants.ColourOf.FRUIT
                || show.contains(Merit.FRUIT);
    }

    private static boolean isOfFlowers(Job job) {
        return switch (job.kind()) {
            case CUT, WILDLIFE -> true;
            case SCENT -> job.get(JobFields.SCENT_OF, JobFields.ScentOf.FLOWER) != JobFields.ScentOf.LEAF;
            default -> false;
        };
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

    private boolean[] asked(boolean asked, Catalogue plants, boolean[] chief) {
        if (asked) {
            return plants.every;
        }
        return chiefly ? chief : plants.none;
    }
}
