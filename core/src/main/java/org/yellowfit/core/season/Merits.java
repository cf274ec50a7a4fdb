package org.yellowfit.core.season;

import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.yellowfit.core.colour.Colour;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Fragrance;
import org.yellowfit.core.plant.Habit;
import org.yellowfit.core.plant.Kind;
import org.yellowfit.core.plant.Merit;
import org.yellowfit.core.plant.MeritGrade;
import org.yellowfit.core.plant.Persistence;
import org.yellowfit.core.plant.Rebloom;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.plant.Use;

/**
 * What a plant is grown for and how strongly (rule L1): as the catalogue says, or estimated from its traits where it
 * does not.
 *
 * @param grades    1–3 for each merit it has
 * @param estimated whether the catalogue is silent
 */
public record Merits(Map<Merit, Integer> grades, boolean estimated) {

    /** The grade of what a plant has few equals in. */
    public static final int OUTSTANDING = 3;

    /** Thirds of a month in flower from which a bloom is a good one, and an outstanding one; our estimate. */
    private static final int GOOD_BLOOM_THIRDS = 4;

    private static final int LONG_BLOOM_THIRDS = 7;
    /** OKLab chroma from which autumn leaves and winter stems are a sight; our estimate. */
    private static final double GLOWING = 0.09;

    private static final double TURNED = 0.1;
    private static final int LONG_FRUIT_MONTHS = 3;
    private static final Set<Habit> DISTINCT = EnumSet.of(
            Habit.COLUMNAR, Habit.WEEPING, Habit.FOUNTAIN, Habit.STANDARD, Habit.PYRAMIDAL, Habit.BAMBOO_LIKE);

    public Merits {
        grades = Map.copyOf(grades);
    }

    public static Merits of(Cultivar plant) {
        Optional<List<MeritGrade>> said = plant.get(Traits.MERITS);
        if (said.isEmpty()) {
            return new Merits(estimate(plant), true);
        }
        Map<Merit, Integer> grades = new EnumMap<>(Merit.class);
        said.get().forEach(each -> grades.put(each.merit(), each.grade()));
        return new Merits(grades, false);
    }

    /** The grade of what it is chiefly grown for; 0 when it has no merit. */
    public int most() {
        return grades.values().stream().mapToInt(grade -> grade).max().orElse(0);
    }

    /** The merits it has most of; ties together, empty when it has none. */
    public Set<Merit> chief() {
        int most = most();
        Set<Merit> chief = EnumSet.noneOf(Merit.class);
        grades.forEach((merit, grade) -> {
            if (grade == most) {
                chief.add(merit);
            }
        });
        return chief;
    }

    public int grade(Merit merit) {
        return grades.getOrDefault(merit, 0);
    }

    private static Map<Merit, Integer> estimate(Cultivar plant) {
        Map<Merit, Integer> grades = new EnumMap<>(Merit.class);
        put(grades, Merit.FLOWER, flower(plant));
        put(grades, Merit.LEAF, leaf(plant));
        put(grades, Merit.AUTUMN, autumn(plant));
        put(grades, Merit.FRUIT, fruit(plant));
        put(grades, Merit.STEM, stem(plant));
        put(grades, Merit.FORM, DISTINCT.contains(plant.habit()) ? 2 : 0);
        put(grades, Merit.SCENT, scent(plant));
        put(grades, Merit.COVER, plant.has(Traits.USES, Use.GROUND_COVER) ? 2 : 0);
        return grades;
    }

    private static void put(Map<Merit, Integer> grades, Merit merit, int grade) {
        if (grade > 0) {
            grades.put(merit, grade);
        }
    }

    /** Green tufts and the spikes of sedges are no flowers to a customer. */
    private static int flower(Cultivar plant) {
        List<Colour> colours = plant.colours(Traits.FLOWER_COLOURS);
        boolean none = plant.kind() == Kind.FERN
                || plant.kind() == Kind.CONIFER
                || colours.isEmpty()
                || colours.stream().allMatch(colour -> colour.lab().isLeafGreen());
        if (none) {
            return 0;
        }
        if (plant.kind() == Kind.GRASS) {
            return 1;
        }
        int thirds = plant.get(Traits.BLOOM).map(bloom -> bloom.lengthThirds()).orElse(GOOD_BLOOM_THIRDS);
        boolean again = plant.get(Traits.REBLOOM).orElse(Rebloom.NONE) != Rebloom.NONE;
        if (thirds >= LONG_BLOOM_THIRDS || again) {
            return MeritGrade.MOST;
        }
        return 2;
    }

    private static int leaf(Cultivar plant) {
        List<Colour> summer = plant.colours(Traits.LEAF_SUMMER);
        if (summer.size() > 1 || summer.size() == 1 && !summer.get(0).lab().isLeafGreen()) {
            return 2;
        }
        boolean forItsLeaves = plant.kind() == Kind.FERN || plant.kind() == Kind.GRASS || plant.kind() == Kind.CONIFER;
        if (forItsLeaves) {
            return 2;
        }
        return plant.persistence() == Persistence.EVERGREEN ? 1 : 0;
    }

    private static int autumn(Cultivar plant) {
        List<Colour> summer = plant.colours(Traits.LEAF_SUMMER);
        List<Colour> autumn = plant.colours(Traits.LEAF_AUTUMN);
        boolean turns = !summer.isEmpty()
                && !autumn.isEmpty()
                && autumn.get(0).lab().chroma() >= GLOWING
                && autumn.get(0).lab().distanceTo(summer.get(0).lab()) > TURNED;
        return turns ? 2 : 0;
    }

    private static int fruit(Cultivar plant) {
        if (plant.get(Traits.FRUIT).isEmpty()) {
            return 0;
        }
        int months = plant.get(Traits.FRUIT_MONTHS).map(List::size).orElse(1);
        return months >= LONG_FRUIT_MONTHS ? 2 : 1;
    }

    private static int stem(Cultivar plant) {
        return plant.get(Traits.STEM_WINTER)
                .filter(colour -> colour.lab().chroma() >= GLOWING)
                .map(colour -> MeritGrade.MOST)
                .orElse(0);
    }

    private static int scent(Cultivar plant) {
        if (plant.has(Traits.FRAGRANCE, Fragrance.FLOWER)) {
            return 2;
        }
        return plant.has(Traits.FRAGRANCE, Fragrance.LEAF) ? 1 : 0;
    }
}
