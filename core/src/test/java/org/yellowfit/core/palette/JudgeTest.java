package org.yellowfit.core.palette;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.yellowfit.core.fit.Catalogue;
import org.yellowfit.core.growth.Layer;
import org.yellowfit.core.plant.Cultivar;

/** Plantings made by hand, each part worked out on paper from rule G8. */
class JudgeTest {

    /** 1.6 m high, evergreen: the back; shows from November to March only. */
    private static final Cultivar TALL = Beds.plant(
            "tall",
            "kind=shrub persistence=evergreen height10_m=1.6 spread10_m=1 habit=upright leaf_texture=bold leaf_shape=ovate leaf_surface=glossy");
    /** 0.8 m, white flowers in June and July: the middle. */
    private static final Cultivar WHITE = Beds.plant(
            "white",
            "moisture=2..3 height10_m=0.8 spread10_m=0.5 leaf_texture=fine leaf_shape=lance leaf_surface=glossy bloom=6.1..7.3 flower_colours=white#ffffff");
    /** 0.4 m, red flowers in July and August: the front. */
    private static final Cultivar RED = Beds.plant(
            "red",
            "moisture=2..3 height10_m=0.4 spread10_m=0.4 leaf_texture=fine leaf_shape=lance leaf_surface=glossy bloom=7.1..8.3 flower_colours=red#c0282d");
    /** As the red one, but it wants its feet wet, where the others want moisture 2 to 3: two steps. */
    private static final Cultivar BOG =
            Beds.plant("bog", "height10_m=0.4 spread10_m=0.4 moisture=5..5 bloom=7.1..8.3 flower_colours=red#c0282d");

    private static final Catalogue PLANTS = Catalogue.of(List.of(TALL, WHITE, RED, BOG));
    private static final Plot BED = Beds.ground("A", 6);

    private static Judged judge(Aims aims, Planted... planted) {
        return new Palettes(PLANTS).judge(List.of(BED), List.of(planted), aims);
    }

    /** In triangles a plant of spread s takes 0.866 s²: 0.866, 0.2165 and 0.1386 m². */
    @Test
    void groundIsSharedByWhatEachTakes() {
        Judged judged = judge(Aims.none(), Beds.planted("tall", 1), Beds.planted("white", 7), Beds.planted("red", 9));
        double tall = 0.8660254;
        double white = 7 * 0.2165064;
        double red = 9 * 0.1385641;
        double all = tall + white + red;
        assertThat(area(judged, "tall")).isEqualTo(6 * tall / all, within(1e-6));
        assertThat(area(judged, "white")).isEqualTo(6 * white / all, within(1e-6));
        assertThat(judged.plants().stream().mapToDouble(Judged.Stand::areaM2).sum())
                .isEqualTo(6, within(1e-9));
    }

    /** One shrub of 6 m² in 5 m² of ground each; what is left, 5.134 m², is for the two others alike. */
    @Test
    void countsThatAreLeftOpenShareTheGround() {
        Judged judged = judge(Aims.none(), Beds.planted("tall", 0), Beds.planted("white", 0), Beds.planted("red", 0));
        assertThat(count(judged, "tall")).isEqualTo(1);
        assertThat(area(judged, "white")).isEqualTo((6 - 0.8660254) / 2, within(1e-6));
        assertThat(count(judged, "white")).as("2.567 / 0.2165 = 11.9").isEqualTo(11);
        assertThat(count(judged, "red")).as("2.567 / 0.1386 = 18.5").isEqualTo(18);
    }

    /** 1 m² each: 4.6 and 7.2 would fit; small groups are odd, so three and seven. */
    @Test
    void smallGroupsAreOdd() {
        Judged judged = new Palettes(PLANTS)
                .judge(
                        List.of(Beds.ground("A", 2)),
                        List.of(Beds.planted("white", 0), Beds.planted("red", 0)),
                        Aims.none());
        assertThat(count(judged, "white")).isEqualTo(3);
        assertThat(count(judged, "red")).isEqualTo(7);
    }

    @Test
    void layersAreThoseWantedThatAreFilled() {
        Aims aims = Beds.aims("layers", List.of("back", "middle", "front", "ground-cover"));
        Judged judged = judge(aims, Beds.planted("tall", 1), Beds.planted("white", 5), Beds.planted("red", 5));
        assertThat(judged.parts().get(Quality.LAYERS)).isEqualTo(0.75);
        assertThat(judged.layers().get(Layer.BACK)).containsExactly("tall");
        assertThat(judged.layers().get(Layer.FRONT)).containsExactly("red");
    }

    /** June: white in flower, 0.7 + 0.2. July: two in flower, 1. August: red, 0.9. May and September: nothing. */
    @Test
    void aSeasonIsTheMonthsInWhichSomethingShows() {
        Aims aims = Beds.aims("months", List.of(5, 6, 7, 8, 9), "kinds", List.of(1, 7));
        Judged judged = judge(aims, Beds.planted("tall", 1), Beds.planted("white", 5), Beds.planted("red", 5));
        assertThat(judged.parts().get(Quality.SEASON)).isEqualTo((0.9 + 1 + 0.9) / 5, within(1e-9));
        assertThat(judged.emptyMonths()).containsExactly(5, 9);
        assertThat(judged.months().get(6)).containsExactly("red", "white");
        assertThat(judged.months().get(0)).as("evergreen in January").containsExactly("tall");
    }

    /** Both flower for two months: as many weeks are white as red, and in some the leaves turn. */
    @Test
    void aColourIsKeptForAShareOfTheWeeks() {
        Judged white = judge(Beds.aims("colours", List.of("white")), Beds.planted("white", 5), Beds.planted("red", 5));
        Judged red = judge(Beds.aims("colours", List.of("red")), Beds.planted("white", 5), Beds.planted("red", 5));
        assertThat(white.parts().get(Quality.COLOUR)).isBetween(0.35, 0.5);
        assertThat(red.parts().get(Quality.COLOUR)).isEqualTo(white.parts().get(Quality.COLOUR), within(0.06));
        // White before a pale wall is lost; before a dark hedge it reads.
        assertThat(judge(Beds.aims("background", "#fdfdf8"), Beds.planted("white", 5))
                        .parts()
                        .get(Quality.COLOUR))
                .as("its leaves as they turn only")
                .isLessThan(0.25);
        assertThat(judge(Beds.aims("background", "dark-hedge"), Beds.planted("white", 5))
                        .parts()
                        .get(Quality.COLOUR))
                .isEqualTo(1);
    }

    /**
     * White and red differ in nothing but their layer's height: no pass. Tall and white differ in leaf size,
     * shape and habit
     * and share surface and colour: a pass. Back and front are no neighbours.
     */
    @Test
    void neighboursDifferInTwoThingsAndShareOne() {
        Judged judged = judge(Aims.none(), Beds.planted("tall", 1), Beds.planted("white", 5), Beds.planted("red", 5));
        assertThat(judged.pairs()).hasSize(2);
        assertThat(judged.parts().get(Quality.CONTRAST)).isEqualTo(0.5);
        assertThat(judged.pairs().stream().filter(Judged.Pair::passes))
                .singleElement()
                .satisfies(pair -> {
                    assertThat(pair.differ()).containsExactly("leaf-size", "leaf-shape", "habit");
                    assertThat(pair.share()).containsExactly("surface", "colour");
                });
    }

    @Test
    void theEvergreenShareIsOfTheGround() {
        Judged judged = judge(Beds.aims("evergreenShare", 0.5), Beds.planted("tall", 1), Beds.planted("white", 4));
        assertThat(judged.evergreenShare()).isEqualTo(0.5, within(1e-6));
        assertThat(judged.parts().get(Quality.EVERGREEN)).isEqualTo(1, within(1e-6));
    }

    /** Nine of a kind repeat; groups of 4 and 5: half are odd; two kinds of the four that 6 m² carry: 0.6 + 0.4 / 2. */
    @Test
    void rhythmIsRepetitionOddGroupsAndNotTooManyKinds() {
        Judged judged = judge(Beds.aims("kinds", List.of(1, 7)), Beds.planted("white", 4), Beds.planted("red", 5));
        assertThat(judged.parts().get(Quality.RHYTHM)).isEqualTo((1 + 0.5 + 0.8) / 3, within(1e-9));
    }

    @Test
    void theScoreIsTheWeightedMeanOfWhatIsAsked() {
        Judged judged = judge(
                Beds.aims("months", List.of(6, 7), "evergreenShare", 0.3),
                Beds.planted("tall", 1),
                Beds.planted("white", 5),
                Beds.planted("red", 5));
        Map<Quality, Double> parts = judged.parts();
        assertThat(parts).doesNotContainKeys(Quality.LAYERS, Quality.COLOUR);
        double weights = 3 + 3 + 1.5 + 2 + 1;
        double sum = 3 * parts.get(Quality.SERVE)
                + 3 * parts.get(Quality.SEASON)
                + 1.5 * parts.get(Quality.CONTRAST)
                + 2 * parts.get(Quality.EVERGREEN)
                + parts.get(Quality.RHYTHM);
        assertThat(judged.score()).isEqualTo(sum / weights, within(1e-12));
    }

    @Test
    void theOddOneOutIsNamedAndTakingItOutHeals() {
        Judged judged = judge(
                Beds.aims("kinds", List.of(1, 7)),
                Beds.planted("white", 5),
                Beds.planted("red", 5),
                Beds.planted("bog", 5));
        assertThat(judged.breaks()).extracting(Judged.Break::rule).contains("water");
        assertThat(breakOf(judged, "water").ids()).containsExactly("bog");
        assertThat(judge(Beds.aims("kinds", List.of(1, 7)), Beds.planted("white", 5), Beds.planted("red", 5))
                        .breaks())
                .isEmpty();
    }

    /** 5 × 5 and 10 minutes a plant. */
    @Test
    void budgetCareAndKindsBreak() {
        Aims aims = Beds.aims("budget", 40, "careMinutesYear", 60, "kinds", List.of(3, 4));
        Judged judged = judge(aims, Beds.planted("white", 5), Beds.planted("red", 5));
        assertThat(judged.cost()).isEqualTo(50);
        assertThat(judged.careMinutesYear()).isEqualTo(100);
        assertThat(judged.breaks()).extracting(Judged.Break::rule).containsExactly("kinds", "budget", "care");
    }

    @Test
    void moreThanTheGroundTakesBreaks() {
        assertThat(breakOf(judge(Beds.aims("kinds", List.of(1, 7)), Beds.planted("white", 33)), "ground")
                        .ids())
                .containsExactly("white");
    }

    @Test
    void whatDoesNotLiveThereBreaks() {
        Plot cold = Beds.ground("A", 6, Map.of("zone", "2a"));
        Judged judged = new Palettes(PLANTS)
                .judge(List.of(cold), List.of(Beds.planted("white", 5)), Beds.aims("kinds", List.of(1, 7)));
        assertThat(judged.breaks()).singleElement().satisfies(broken -> {
            assertThat(broken.rule()).isEqualTo("hardiness");
            assertThat(broken.ids()).containsExactly("white");
        });
    }

    @Test
    void whatIsLostWithoutAPlantIsTold() {
        Aims aims = Beds.aims("months", List.of(8), "kinds", List.of(1, 7));
        Judged judged = judge(aims, Beds.planted("white", 5), Beds.planted("red", 5));
        Judged without = judge(aims, Beds.planted("white", 5));
        assertThat(stand(judged, "red").without()).isEqualTo(without.score() - judged.score(), within(1e-12));
        assertThat(stand(judged, "red").without()).isNegative();
    }

    /** The evergreen shows from November to March: asked for June, no months are named for it. */
    @Test
    void nothingIsSaidOfMonthsNobodyAskedFor() {
        Judged judged = judge(Beds.aims("months", List.of(6)), Beds.planted("tall", 1), Beds.planted("white", 7));
        assertThat(stand(judged, "tall").reason())
                .allSatisfy(why -> assertThat(why.values()).doesNotContain(List.of()));
        assertThat(stand(judged, "tall").reason()).extracting("key").doesNotContain("palette.shows");
    }

    private static Judged.Break breakOf(Judged judged, String rule) {
        return judged.breaks().stream()
                .filter(each -> each.rule().equals(rule))
                .findFirst()
                .orElseThrow();
    }

    private static Judged.Stand stand(Judged judged, String id) {
        return judged.plants().stream()
                .filter(each -> each.plant().id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private static double area(Judged judged, String id) {
        return stand(judged, id).areaM2();
    }

    private static int count(Judged judged, String id) {
        return stand(judged, id).count();
    }
}
