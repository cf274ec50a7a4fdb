package org.yellowfit.app.drawing.plant;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.stream.DoubleStream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.yellowfit.app.drawing.DemoPlants;
import org.yellowfit.app.drawing.pen.Detail;
import org.yellowfit.core.measure.Interval;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Habit;
import org.yellowfit.core.plant.Kind;
import org.yellowfit.core.season.GrowingPlace;
import org.yellowfit.core.season.PlantState;
import org.yellowfit.core.season.Standing;

/** How leaves stand on a plant: down to the ground or on stalks, from one foot or from many, as feathers or as fans. */
class LeavesStandTest {

    /** A frond is drawn of so many points; the coil at the end of one that unfolds of one more. */
    private static final int COIL = 10;

    private static List<Cultivar> plants;

    @BeforeAll
    static void read() throws IOException {
        plants = DemoPlants.all();
    }

    private static Figure figure(Cultivar plant, int years, int month) {
        return Drawn.figure(plant, years, month, Detail.CARD);
    }

    private static Figure figure(String id, int years, int month) throws IOException {
        return Drawn.figure(id, years, month, Detail.CARD);
    }

    private static double lowestTip(Figure figure) {
        return figure.leaves.stream()
                .mapToDouble(leaf ->
                        Math.min(leaf.at().y(), leaf.at().y() + leaf.to().y() * leaf.length()))
                .min()
                .orElseThrow();
    }

    private static double highest(Figure figure) {
        return figure.leaves.stream().mapToDouble(leaf -> leaf.at().y()).max().orElseThrow();
    }

    /** Nobody sees under the skirt of a hosta: a mound on bare stalks would be a mushroom. */
    @ParameterizedTest(name = "{0}")
    @ValueSource(ints = {2, 10})
    void moundsAndRosettesAreLeafyToTheGround(int years) {
        List<Double> bare = new ArrayList<>();
        for (Cultivar plant : plants) {
            boolean mound = plant.habit() == Habit.MOUND || plant.habit() == Habit.ROSETTE;
            if (plant.kind() != Kind.PERENNIAL || !mound) {
                continue;
            }
            Figure figure = figure(plant, years, 7);
            if (!figure.leaves.isEmpty()) {
                double share = lowestTip(figure) / highest(figure);
                bare.add(share);
                // Hellebores show their stalks.
                assertThat(share).as(plant.id()).isLessThan(0.35);
            }
        }
        Collections.sort(bare);
        assertThat(bare.get(bare.size() / 2)).as("the middle one").isLessThan(0.15);
    }

    /** How far apart the stalks of leaves leave the ground, of half the width: a carpet is many plants, a mound is one. */
    @ParameterizedTest(name = "{0}: stalks as far out as {1} of half its width")
    @CsvSource({
        "tiarella-foam-cap,     0.55..1",
        "epimedium-whetstone-hour, 0.55..1",
        "geranium-ink-blot-row, 0.55..1",
        "heuchera-night-kettle, 0.1..0.45",
        "alchemilla-dew-ladle, 0.1..0.45",
        "bergenia-boot-sole,    0..0.15",
    })
    void carpetsHaveManyFeet(String id, String wanted) throws IOException {
        Figure figure = figure(id, 5, 7);
        double half = figure.leaves.stream()
                .mapToDouble(leaf -> Math.abs(leaf.at().x()))
                .max()
                .orElseThrow();
        double farthest = figure.stems.stream()
                .map(stem -> stem.along().get(0))
                .filter(foot -> foot.y() < 1)
                .mapToDouble(foot -> Math.abs(foot.x()))
                .max()
                .orElseThrow();
        Interval range = Interval.parse(wanted);
        assertThat(farthest / half).isBetween(range.low(), range.high());
    }

    private static long coils(Figure figure) {
        return figure.stems.stream().filter(stem -> stem.along().size() == COIL).count();
    }

    @Test
    void frondsAreCoiledInSpringAlone() {
        int seen = 0;
        for (Cultivar plant : plants) {
            if (plant.kind() != Kind.FERN) {
                continue;
            }
            for (int month = 1; month <= 12; month++) {
                PlantState state = PlantState.inMonth(plant, 5, month, GrowingPlace.ANYWHERE);
                if (state.look().standing() == Standing.BELOW_GROUND) {
                    continue;
                }
                long coils = coils(figure(plant, 5, month));
                seen += coils > 0 ? 1 : 0;
                if (month >= 7 || month <= 2) {
                    assertThat(coils).as(plant.id() + " in month " + month).isZero();
                }
            }
        }
        assertThat(seen).as("coils of the ferns that die down, in April").isPositive();
    }

    /** Widest about a third of the way along, and pointed: one feather, not a plume of grass. */
    @ParameterizedTest(name = "{0}")
    @ValueSource(strings = {"matteuccia-shuttlecock-row", "polystichum-woodshed-fan", "athyrium-lace-shuttle"})
    void aFrondIsWidestBelowItsMiddle(String id) throws IOException {
        Figure figure = figure(id, 5, 7);
        int pairs = 15;
        List<Figure.Leaf> first = figure.leaves.subList(0, 2 * pairs);
        double[] lengths = first.stream().mapToDouble(Figure.Leaf::length).toArray();
        int widest = 0;
        for (int i = 0; i < lengths.length; i++) {
            widest = lengths[i] > lengths[widest] ? i : widest;
        }
        assertThat(widest / 2.0 / pairs).isBetween(0.15, 0.5);
        double longest = DoubleStream.of(lengths).max().orElseThrow();
        assertThat(lengths[lengths.length - 1] / longest).as("its tip").isLessThan(0.4);
        assertThat(lengths[0] / longest).as("its foot").isLessThan(0.7);
    }

    /** Date palms and queen palms carry feathers, windmill and cabbage palms fans. */
    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource({
        "phoenix-fender-palm,     feathers",
        "syagrus-plume-mast,      feathers",
        "trachycarpus-mop-stick,  fans",
        "sabal-hurricane-mast,    fans",
        "bismarckia-silver-oar-row, fans",
    })
    void palmsHaveTheirOwnLeaves(String id, String leaves) throws IOException {
        Figure figure = figure(id, 10, 7);
        boolean feathers = figure.leaves.size() > figure.blades.size();
        assertThat(feathers ? "feathers" : "fans").isEqualTo(leaves);
    }

    /** The shoots of perennials that have just risen are held up about their stems. */
    @Test
    void whatRisesHoldsItsLeavesUp() throws IOException {
        for (String id : List.of("echinacea-kettle-drum-row", "phlox-white-sunday", "helenium-copper-rivet-row")) {
            assertThat(meanRise(figure(id, 5, 4))).as(id).isGreaterThan(meanRise(figure(id, 5, 7)) + 0.15);
        }
    }

    private static double meanRise(Figure figure) {
        return figure.leaves.stream()
                .mapToDouble(leaf -> leaf.to().y())
                .average()
                .orElseThrow();
    }
}
