package org.yellowfit.app.drawing.plant;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.yellowfit.app.drawing.DemoPlants;
import org.yellowfit.app.drawing.pen.Detail;
import org.yellowfit.app.drawing.pen.Tones;
import org.yellowfit.core.colour.OkLab;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.season.GrowingPlace;
import org.yellowfit.core.season.PlantState;
import org.yellowfit.core.season.Standing;

/** What is true of every drawing, held against all plants of the made-up catalogue through the year. */
class PlantFigureTest {

    /** The topmost head of flowers stands a little higher or lower in each drawing. */
    private static final double HEADS_VARY = 0.9;

    private static final double OUTSIDE = 0.03;
    private static final double UNITS = 150;
    private static List<Cultivar> plants;

    @BeforeAll
    static void read() throws IOException {
        plants = DemoPlants.all();
    }

    private static PlantState state(Cultivar plant, double years, int month) {
        return PlantState.inMonth(plant, years, month, GrowingPlace.ANYWHERE);
    }

    private static PlantFigure figure(Cultivar plant, PlantState state, int which) {
        return Drawn.of(plant, state, Detail.CARD, which);
    }

    @Test
    void nothingIsBelowTheGroundNorOutsideHeightAndSpread() {
        List<String> outside = new ArrayList<>();
        for (Cultivar plant : plants) {
            for (int month : new int[] {1, 5, 7, 10}) {
                PlantState state = state(plant, 8, month);
                if (state.look().standing() == Standing.BELOW_GROUND) {
                    continue;
                }
                double largest =
                        Math.max(Math.max(state.fullHeightM(), state.fullFlowerHeightM()), state.fullSpreadM());
                double half = state.spreadM() / 2 * UNITS / largest;
                double high = Math.max(state.fullHeightM(), state.fullFlowerHeightM()) * UNITS / largest;
                SvgExtent drawn = SvgExtent.of(figure(plant, state, 0).front());
                double spare = OUTSIDE * UNITS;
                if (drawn.left < -half - spare
                        || drawn.right > half + spare
                        || -drawn.top > high + spare
                        || drawn.bottom > spare) {
                    outside.add("%s in month %d: %.0f…%.0f of ±%.0f, %.0f…%.0f of %.0f"
                            .formatted(
                                    plant.id(), month, drawn.left, drawn.right, half, -drawn.bottom, -drawn.top, high));
                }
            }
        }
        assertThat(outside).isEmpty();
    }

    @Test
    void aPlantFillsItsHeightAndSpread() {
        List<String> small = new ArrayList<>();
        for (Cultivar plant : plants) {
            PlantState state = state(plant, 10, 7);
            if (state.look().standing() != Standing.IN_LEAF || state.look().heightShare() < 1) {
                continue;
            }
            double largest = Math.max(Math.max(state.fullHeightM(), state.fullFlowerHeightM()), state.fullSpreadM());
            SvgExtent drawn = SvgExtent.of(figure(plant, state, 0).front());
            double wide = (drawn.right - drawn.left) * largest / UNITS;
            double high = -drawn.top * largest / UNITS;
            if (wide < 0.7 * state.spreadM() || high < 0.82 * state.fullHeightM()) {
                small.add("%s: %.2f of %.2f m wide, %.2f of %.2f m high"
                        .formatted(plant.id(), wide, state.spreadM(), high, state.fullHeightM()));
            }
        }
        assertThat(small).isEmpty();
    }

    @Test
    void openFlowersAreDrawnWhenAndOnlyWhenSomeAreOpen() {
        for (Cultivar plant : plants) {
            for (int day = 15; day <= 365; day += 50) {
                PlantState state = PlantState.at(plant, 8, day, GrowingPlace.ANYWHERE);
                boolean drawn =
                        figure(plant, state, 0).figure().heads.stream().anyMatch(h -> h.stage() == HeadStage.OPEN);
                if (state.look().flowerShare() <= 0) {
                    assertThat(drawn).as("%s on day %d", plant.id(), day).isFalse();
                } else if (state.look().flowerShare() > 0.3 && state.look().standing() != Standing.BELOW_GROUND) {
                    assertThat(drawn).as("%s on day %d", plant.id(), day).isTrue();
                }
            }
        }
    }

    @Test
    void mostOfTheLeafAreaHasTheLeafsOwnColour() {
        List<String> off = new ArrayList<>();
        for (Cultivar plant : plants) {
            PlantState state = state(plant, 8, 7);
            if (state.look().leaves().isEmpty()
                    || state.bloom().open()
                                    + state.bloom().seeds()
                                    + state.bloom().fading()
                            > 0) {
                continue;
            }
            int shown = SvgExtent.painted(figure(plant, state, 0).front()).mostSeen(leafTones(plant, state));
            OkLab drawn = OkLab.ofRgb(shown);
            double distance = state.look().leaves().stream()
                    .mapToDouble(leaf -> leaf.lab().distanceTo(drawn))
                    .min()
                    .orElseThrow();
            if (distance > 0.08) {
                off.add("%s: %06x, %.2f away".formatted(plant.id(), shown, distance));
            }
        }
        assertThat(off).isEmpty();
    }

    /** All tones that leaves are painted in, none of bark, stems and flowers. */
    private static Set<Integer> leafTones(Cultivar plant, PlantState state) {
        Set<Integer> tones = new HashSet<>();
        for (Painter.Palette.Blade blade : Colours.of(plant, state, 0).blades().values()) {
            for (int tone = 0; tone < Tones.COUNT; tone++) {
                tones.add(Integer.parseInt(blade.edge().hex(tone).substring(1), 16));
            }
        }
        return tones;
    }

    @Test
    void aPlantIsDrawnNoSmallerAsItGrows() {
        for (Cultivar plant : plants) {
            double last = 0;
            for (double years : new double[] {1, 3, 6, 10, 20}) {
                PlantState state = state(plant, years, 7);
                double largest =
                        Math.max(Math.max(state.fullHeightM(), state.fullFlowerHeightM()), state.fullSpreadM());
                double high = -SvgExtent.of(figure(plant, state, 0).front()).top * largest / UNITS;
                assertThat(high).as("%s at %s years", plant.id(), years).isGreaterThanOrEqualTo(last * HEADS_VARY);
                last = Math.max(last, high);
            }
        }
    }

    @Test
    void noTwoOfAGroupAreTheSameAndEachIsTheSameEveryTime() {
        for (Cultivar plant : plants.subList(0, 60)) {
            PlantState state = state(plant, 8, 7);
            if (state.look().standing() == Standing.BELOW_GROUND) {
                continue;
            }
            assertThat(figure(plant, state, 1).front())
                    .as(plant.id())
                    .isEqualTo(figure(plant, state, 1).front());
            assertThat(figure(plant, state, 1).front())
                    .as(plant.id())
                    .isNotEqualTo(figure(plant, state, 2).front());
        }
    }

    @Test
    void lessSunIsThinner() {
        for (Cultivar plant : plants.subList(0, 60)) {
            PlantState state = state(plant, 8, 7);
            if (state.look().leafShare() < 1 || state.look().standing() != Standing.IN_LEAF) {
                continue;
            }
            double unitsPerM = UNITS / Math.max(state.fullFlowerHeightM(), state.fullSpreadM());
            GrowingPlace dim = GrowingPlace.ANYWHERE.withSun(1.0);
            int shade = count(PlantFigure.of(plant, state, dim, unitsPerM, Detail.CARD, 0));
            int sun = count(PlantFigure.of(plant, state, GrowingPlace.ANYWHERE, unitsPerM, Detail.CARD, 0));
            assertThat(shade).as(plant.id()).isLessThanOrEqualTo(sun);
        }
    }

    private static int count(PlantFigure figure) {
        return figure.figure().leaves.size() + figure.figure().blades.size();
    }
}
