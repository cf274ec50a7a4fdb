package org.yellowfit.core.season;

import java.util.List;
import org.yellowfit.core.plant.Bloom;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Kind;
import org.yellowfit.core.plant.Merit;
import org.yellowfit.core.plant.MeritGrade;
import org.yellowfit.core.plant.Persistence;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.plant.YesNo;

/**
 * How much a plant gives to look at, by its merits and the months they show (rule L3), in the northern year and as the
 * catalogue has its bloom: the same at every place, so that it is worked out once. A month is a bit of a mask,
 * bit 0 for
 * January.
 */
public final class Show {

    public static final int ALL_YEAR = 0xfff;
    /** Months of leaf, of autumn colour and of bare stems, usual in temperate gardens. */
    private static final int IN_LEAF = months(4, 10);

    private static final int AUTUMN = months(9, 11);
    private static final int BARE = months(11, 12) | months(1, 3);
    private static final int SEASON_OF_ANNUALS = months(6, 10);
    private static final int JUNE = months(6, 6);
    /** Half of the worth is the merit itself, half how long it shows: our judgement. */
    private static final double SHARE_OF_TIME = 0.5;

    private Show() {}

    /** @return 0 for a plant without a merit to 1 for an outstanding one that shows all year */
    public static double of(Cultivar plant) {
        Merits merits = Merits.of(plant);
        double best = 0;
        for (Merit merit : merits.grades().keySet()) {
            best = Math.max(best, of(merits.grade(merit), monthsOf(merit, plant), ALL_YEAR));
        }
        return best;
    }

    /**
     * What a merit of a grade is worth in the months looked at.
     *
     * @param shows   the months in which it is to be seen
     * @param wanted the months looked at, at least one
     * @return 0–1; 0 when it is never to be seen in them
     */
    public static double of(int grade, int shows, int wanted) {
        int seen = Integer.bitCount(shows & wanted);
        if (seen == 0) {
            return 0;
        }
        double time = (double) seen / Integer.bitCount(wanted);
        return (double) grade / MeritGrade.MOST * (1 - SHARE_OF_TIME + SHARE_OF_TIME * time);
    }

    /** The months in which a merit is to be seen. */
    public static int monthsOf(Merit merit, Cultivar plant) {
        return switch (merit) {
            case FLOWER, SCENT -> bloom(plant);
            case FRUIT -> mask(plant.get(Traits.FRUIT_MONTHS).orElse(List.of()));
            case AUTUMN -> AUTUMN;
            case STEM -> BARE;
            case FORM -> plant.isWoody() || evergreen(plant) ? ALL_YEAR : aboveGround(plant);
            case LEAF, COVER -> evergreen(plant) ? ALL_YEAR : aboveGround(plant) & IN_LEAF;
        };
    }

    private static boolean evergreen(Cultivar plant) {
        return plant.persistence() == Persistence.EVERGREEN;
    }

    /** Months in which what dies down is there to be seen; a bulb about its bloom only. */
    private static int aboveGround(Cultivar plant) {
        if (plant.kind() == Kind.BULB) {
            int bloom = bloom(plant);
            return bloom | bloom >> 1 | bloom << 1 & ALL_YEAR;
        }
        if (plant.isAnnual()) {
            return SEASON_OF_ANNUALS;
        }
        return plant.is(Traits.STANDS_WINTER, YesNo.YES) ? ALL_YEAR : IN_LEAF;
    }

    /** @param months 1–12 */
    public static int mask(List<Integer> months) {
        return months.stream().mapToInt(month -> 1 << (month - 1)).reduce(0, (a, b) -> a | b);
    }

    private static int bloom(Cultivar plant) {
        Bloom bloom = plant.get(Traits.BLOOM).orElse(null);
        if (bloom == null) {
            return JUNE;
        }
        int mask = 0;
        for (int month = 1; month <= 12; month++) {
            mask |= bloom.isOpenIn(month) ? 1 << (month - 1) : 0;
        }
        return mask;
    }

    private static int months(int first, int last) {
        return (1 << last) - (1 << (first - 1));
    }
}
