package org.yellowfit.core.season;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.yellowfit.core.plant.Bloom;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Merit;
import org.yellowfit.core.plant.MeritGrade;
import org.yellowfit.core.plant.Persistence;
import org.yellowfit.core.plant.Traits;

/**
 * How much a plant gives to look at, by its merits and the months they show (rule L3), in the northern year and as the
 * catalogue has
 * its bloom: the same at every place, so that it is worked out once.
 */
public final class Show {

    private static final int MONTHS = 12;
    /** Months of leaf, of autumn colour and of bare stems, usual in temperate gardens. */
    private static final Set<Integer> IN_LEAF = months(4, 10);

    private static final Set<Integer> AUTUMN = months(9, 11);
    private static final Set<Integer> BARE = Set.of(11, 12, 1, 2, 3);
    /** Half of the worth is the merit itself, half how long it shows: our judgement. */
    private static final double SHARE_OF_TIME = 0.5;

    private Show() {}

    /** @return 0 for a plant without a merit to 1 for an outstanding one that shows all year */
    public static double of(Cultivar plant) {
        Merits merits = Merits.of(plant);
        double best = 0;
        for (Merit merit : merits.grades().keySet()) {
            double time = (double) monthsOf(merit, plant).size() / MONTHS;
            double grade = (double) merits.grade(merit) / MeritGrade.MOST;
            best = Math.max(best, grade * (1 - SHARE_OF_TIME + SHARE_OF_TIME * time));
        }
        return best;
    }

    private static Set<Integer> monthsOf(Merit merit, Cultivar plant) {
        return switch (merit) {
            case FLOWER, SCENT -> bloom(plant);
            case FRUIT -> Set.copyOf(plant.get(Traits.FRUIT_MONTHS).orElse(List.of()));
            case AUTUMN -> AUTUMN;
            case STEM -> BARE;
            case FORM -> months(1, MONTHS);
            case LEAF, COVER -> plant.persistence() == Persistence.EVERGREEN ? months(1, MONTHS) : IN_LEAF;
        };
    }

    private static Set<Integer> bloom(Cultivar plant) {
        Bloom bloom = plant.get(Traits.BLOOM).orElse(null);
        return bloom == null
                ? Set.of(6)
                : IntStream.rangeClosed(1, MONTHS)
                        .filter(bloom::isOpenIn)
                        .boxed()
                        .collect(Collectors.toUnmodifiableSet());
    }

    private static Set<Integer> months(int first, int last) {
        return IntStream.rangeClosed(first, last).boxed().collect(Collectors.toUnmodifiableSet());
    }
}
