package org.yellowfit.app.drawing.plant;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.DoubleStream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yellowfit.app.drawing.DemoPlants;
import org.yellowfit.app.drawing.pen.Detail;
import org.yellowfit.core.measure.Interval;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Habit;
import org.yellowfit.core.plant.Kind;
import org.yellowfit.core.season.GrowingPlace;
import org.yellowfit.core.season.PlantState;
import org.yellowfit.core.season.Standing;

/** What a habit's word says of a plant's outline is what is drawn, in the middle of all plants of that habit. */
class HabitTest {

    private static final int SUMMER = 7;
    private static final int WINTER = 1;
    private static final double YEARS = 10;

    private static List<Cultivar> plants;

    @BeforeAll
    static void read() throws IOException {
        plants = DemoPlants.all();
    }

    /** How wide the leaves stand in a part of the height, of half the plant's width. */
    private record Outline(double foot, double middle, double top) {}

    private static List<Figure> drawn(Kind kind, Habit habit, int month, Standing standing) {
        List<Figure> drawn = new ArrayList<>();
        for (Cultivar plant : plants) {
            PlantState state = PlantState.inMonth(plant, YEARS, month, GrowingPlace.ANYWHERE);
            if (plant.kind() == kind && plant.habit() == habit && state.look().standing() == standing) {
                drawn.add(Drawn.figure(plant, state, Detail.CARD));
            }
        }
        return drawn;
    }

    private static double median(DoubleStream values) {
        double[] sorted = values.sorted().toArray();
        assertThat(sorted).isNotEmpty();
        return sorted[sorted.length / 2];
    }

    private static double widest(List<Vec> at, double from, double to) {
        double high = at.stream().mapToDouble(Vec::y).max().orElse(1);
        double wide = at.stream().mapToDouble(each -> Math.abs(each.x())).max().orElse(1);
        return at.stream()
                        .filter(each -> each.y() >= from * high && each.y() < to * high)
                        .mapToDouble(each -> Math.abs(each.x()))
                        .max()
                        .orElse(0)
                / wide;
    }

    private static Outline outline(Figure figure) {
        List<Vec> leaves = figure.leaves.stream().map(Figure.Leaf::at).toList();
        return new Outline(widest(leaves, 0, 0.15), widest(leaves, 0.4, 0.6), widest(leaves, 0.88, 1));
    }

    /**
     * At its foot (the lowest seventh), in the middle and at its top (the highest eighth), the widest leaf, of the
     * widest of all. No leaf at the foot: a trunk, bare canes or stalks are seen there.
     */
    @ParameterizedTest(name = "{0} {1}: foot {2}, middle {3}, top {4}")
    @CsvSource({
        "SHRUB,     GLOBE,     0.2..0.6,  0.9..1,    0.4..0.8",
        "SHRUB,     MOUND,     0.8..1,    0.85..1,   0.4..0.75",
        "SHRUB,     VASE,      0..0.2,    0.6..0.9,  0.8..1",
        "SHRUB,     SPREADING, 0.4..0.8,  0.85..1,   0.6..1",
        "SHRUB,     UPRIGHT,   0.5..0.95, 0.85..1,   0.55..0.9",
        "SHRUB,     COLUMNAR,  0.7..1,    0.85..1,   0.4..0.8",
        "SHRUB,     PYRAMIDAL, 0.9..1,    0.6..0.85, 0.1..0.45",
        "SHRUB,     ARCHING,   0..0.2,    0.85..1,   0.6..0.95",
        "TREE,      VASE,      0..0,      0.5..0.85, 0.85..1",
        "TREE,      GLOBE,     0..0,      0.85..1,   0.5..0.85",
        "TREE,      PYRAMIDAL, 0.8..1,    0.6..0.85, 0.1..0.4",
        "TREE,      UPRIGHT,   0..0,      0.85..1,   0.4..0.7",
        "CONIFER,   PYRAMIDAL, 0.9..1,    0.5..0.75, 0..0.3",
        "CONIFER,   GLOBE,     0.5..0.85, 0.9..1,    0.4..0.8",
        "SHRUB,     PROSTRATE, 0.9..1,    0.85..1,   0.3..0.6",
        "ANNUAL,    PROSTRATE, 0.9..1,    0.85..1,   0.3..0.6",
        "ANNUAL,    SPREADING, 0.9..1,    0.9..1,    0.65..1",
        "FERN,      SPREADING, 0.6..1,    0.6..1,    0.6..1",
        "PERENNIAL, MOUND,     0..0.2,    0.85..1,   0.5..0.8",
        "PERENNIAL, UPRIGHT,   0.4..0.8,  0.75..1,   0.5..0.8",
        "FERN,      VASE,      0..0.15,   0.3..0.7,  0.7..1",
        "FERN,      ARCHING,   0..0.15,   0.6..1,    0.3..0.9",
    })
    void outlinesFollowTheWord(Kind kind, Habit habit, String foot, String middle, String top) {
        List<Outline> outlines = drawn(kind, habit, SUMMER, Standing.IN_LEAF).stream()
                .filter(figure -> !figure.leaves.isEmpty())
                .map(HabitTest::outline)
                .toList();
        within(foot, median(outlines.stream().mapToDouble(Outline::foot)), "foot");
        within(middle, median(outlines.stream().mapToDouble(Outline::middle)), "middle");
        within(top, median(outlines.stream().mapToDouble(Outline::top)), "top");
    }

    private static void within(String range, double value, String where) {
        Interval wanted = Interval.parse(range);
        assertThat(value).as(where).isBetween(wanted.low(), wanted.high());
    }

    /** What bows is seen to bow, bare too: the ends of the outermost canes hang lower than the canes reach. */
    @ParameterizedTest(name = "{0}: ends at {1} of its own top")
    @CsvSource({"ARCHING, 0.3..0.85", "FOUNTAIN, 0.05..0.7", "SPREADING, 0.95..1", "UPRIGHT, 0.95..1"})
    void canesBowByTheirHabit(Habit habit, String wanted) {
        List<Double> ends = new ArrayList<>();
        for (Figure figure : drawn(Kind.SHRUB, habit, WINTER, Standing.BARE_STEMS)) {
            figure.stems.stream()
                    .filter(stem -> stem.along().get(0).y() <= 0.5)
                    .max(Comparator.comparingDouble(HabitTest::reach))
                    .ifPresent(stem -> ends.add(end(stem).y()
                            / stem.along().stream().mapToDouble(Vec::y).max().orElseThrow()));
        }
        within(wanted, median(ends.stream().mapToDouble(Double::doubleValue)), "end");
    }

    private static Vec end(Figure.Stem stem) {
        return stem.along().get(stem.along().size() - 1);
    }

    private static double reach(Figure.Stem stem) {
        return Math.hypot(end(stem).x(), end(stem).z());
    }

    /** In spring all leaves come small and at once; in autumn those that are left are full grown. */
    @Test
    void leavesUnfoldSmallAndFallFullGrown() {
        double summer = leafLength(15 + 6 * 30);
        assertThat(leafLength(112) / summer).isBetween(0.3, 0.8);
        assertThat(leafLength(310) / summer).isBetween(0.9, 1.1);
    }

    /** Of maples and shadbushes on a day of the year, in the middle. */
    private static double leafLength(int day) {
        return median(plants.stream()
                .filter(plant -> plant.kind() == Kind.TREE && plant.botanical().matches("(Acer|Amelanchier) .*"))
                .map(plant -> Drawn.figure(plant, PlantState.at(plant, YEARS, day, GrowingPlace.ANYWHERE), Detail.CARD))
                .flatMap(figure -> figure.leaves.stream())
                .mapToDouble(Figure.Leaf::length));
    }

    /** A weeping tree's twigs end below the fork they hang from, and carry leaves to their ends. */
    @Test
    void whatWeepsIsLeafyToItsEnds() {
        List<Figure> weeping = drawn(Kind.TREE, Habit.WEEPING, SUMMER, Standing.IN_LEAF);
        assertThat(weeping).hasSizeGreaterThan(2);
        for (Figure figure : weeping) {
            double high = figure.leaves.stream()
                    .mapToDouble(leaf -> leaf.at().y())
                    .max()
                    .orElseThrow();
            long low = figure.leaves.stream()
                    .filter(leaf -> leaf.at().y() < 0.4 * high)
                    .count();
            assertThat((double) low / figure.leaves.size()).isBetween(0.2, 0.7);
        }
    }

    /** Blades of fescues, pinks and yuccas stand out on all sides, straight and from one place. */
    @Test
    void whatBristlesStandsOutOnAllSides() {
        int bristling = 0;
        for (Cultivar plant : plants) {
            PlantState state = PlantState.inMonth(plant, YEARS, SUMMER, GrowingPlace.ANYWHERE);
            Figure figure = Drawn.figure(plant, state, Detail.CARD);
            boolean bristles = plant.habit() == Habit.GLOBE && plant.kind() == Kind.GRASS
                    || plant.botanical().startsWith("Yucca")
                    || plant.botanical().startsWith("Dianthus");
            if (!bristles || figure.blades.size() < 5) {
                continue;
            }
            bristling++;
            double high = figure.blades.stream()
                    .mapToDouble(blade -> blade.tip().y())
                    .max()
                    .orElseThrow();
            double low = figure.blades.stream()
                    .mapToDouble(blade -> blade.tip().y())
                    .min()
                    .orElseThrow();
            assertThat(low).as(plant.id()).isLessThan(high * 0.45);
            assertThat(figure.blades)
                    .as(plant.id())
                    .allSatisfy(blade -> assertThat(
                                    Math.hypot(blade.foot().x(), blade.foot().z()))
                            .isLessThan(1));
        }
        assertThat(bristling).isGreaterThan(3);
    }
}
