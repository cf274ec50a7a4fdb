package org.yellowfit.app.demo;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.yellowfit.app.drawing.DemoPlants;
import org.yellowfit.core.measure.Interval;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Habit;
import org.yellowfit.core.plant.Kind;
import org.yellowfit.core.plant.Persistence;
import org.yellowfit.core.plant.PotRole;
import org.yellowfit.core.plant.Stress;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.plant.Use;
import org.yellowfit.core.season.Interest;
import org.yellowfit.core.soil.Drainage;
import org.yellowfit.core.soil.TextureGroup;

/** What the demo's catalogue offers an advisor: a choice in every niche, and filters that tell plants apart. */
class DemoNichesTest {

    private static final double MOST_SHARE = 0.7;
    private static final List<Cultivar> PLANTS = new ArrayList<>();

    @BeforeAll
    static void read() throws IOException {
        PLANTS.addAll(DemoPlants.all());
    }

    /** The niches an advisor is asked for every day hold a choice. */
    @ParameterizedTest(name = "{0}: at least {1}")
    @MethodSource("niches")
    void noDailyNicheIsThin(String niche, int least, Predicate<Cultivar> belongs) {
        assertThat(PLANTS.stream().filter(belongs).map(Cultivar::id)).as(niche).hasSizeGreaterThanOrEqualTo(least);
    }

    static Stream<Arguments> niches() {
        return Stream.of(
                niche("annuals for shade", 12, plant -> plant.isAnnual() && lives(plant, 2)),
                niche("trees mature under 3 m wide", 10, plant -> plant.kind() == Kind.TREE && widest(plant) <= 3),
                niche("climbers for shade", 8, plant -> plant.kind() == Kind.CLIMBER && lives(plant, 2)),
                niche("columns under 0.6 m", 10, plant -> plant.habit() == Habit.COLUMNAR && widest(plant) <= 0.6),
                niche(
                        "evergreen hedges to 2.5 m",
                        15,
                        plant -> isEvergreenHedge(plant) && plant.height10().mid() >= 0.8 && highest(plant) <= 2.5),
                niche("low evergreen hedges", 8, plant -> isEvergreenHedge(plant) && highest(plant) <= 1),
                niche(
                        "evergreens for wet clay",
                        6,
                        plant -> isEvergreen(plant)
                                && plant.isWoody()
                                && plant.has(Traits.TEXTURE, TextureGroup.CLAY)
                                && plant.has(Traits.DRAINAGE, Drainage.POOR)),
                niche(
                        "evergreens for salt",
                        12,
                        plant -> isEvergreen(plant) && plant.isWoody() && plant.has(Traits.STANDS, Stress.SALT)),
                niche("flowers in February", 10, plant -> opens(plant, 2)),
                niche(
                        "flowers in October that are no grasses",
                        15,
                        plant -> opens(plant, 10) && plant.kind() != Kind.GRASS && !plant.isAnnual()),
                niche("seasonal trailers", 10, plant -> plant.isAnnual() && plant.is(Traits.POT_ROLE, PotRole.TRAIL)),
                niche(
                        "trees for 9b and warmer",
                        8,
                        plant -> plant.kind() == Kind.TREE
                                && plant.get(Traits.ZONE_MAX)
                                        .filter(zone -> zone.half() >= 20)
                                        .isPresent()),
                niche(
                        "trees for zone 3",
                        10,
                        plant -> (plant.kind() == Kind.TREE || plant.kind() == Kind.CONIFER)
                                && highest(plant) >= 5
                                && plant.get(Traits.ZONE_MIN).orElseThrow().half() <= 5),
                niche(
                        "roses that climb",
                        4,
                        plant -> plant.botanical().startsWith("Rosa") && plant.kind() == Kind.CLIMBER),
                niche(
                        "native hedges",
                        8,
                        plant -> plant.has(Traits.USES, Use.HEDGE)
                                && plant.get(Traits.NATIVE_REGION)
                                        .filter(region -> region.contains("North America"))
                                        .isPresent()),
                niche(
                        "sold with bare roots",
                        8,
                        plant -> plant.get(Traits.SIZES_SOLD).orElse(List.of()).stream()
                                .anyMatch(pot -> pot.pot().startsWith("bare-root"))));
    }

    private static Arguments niche(String name, int least, Predicate<Cultivar> belongs) {
        return Arguments.of(name, least, belongs);
    }

    private static boolean lives(Cultivar plant, double hours) {
        return plant.get(Traits.SUN_LIVE).orElse(24.0) <= hours
                && plant.get(Traits.SUN_FLOWER).orElse(0.0) <= hours;
    }

    private static double widest(Cultivar plant) {
        return plant.get(Traits.SPREAD_MAX)
                .map(Interval::high)
                .orElse(plant.spread10().high());
    }

    private static double highest(Cultivar plant) {
        return plant.get(Traits.HEIGHT_MAX)
                .map(Interval::high)
                .orElse(plant.height10().high());
    }

    private static boolean isEvergreen(Cultivar plant) {
        return plant.persistence() == Persistence.EVERGREEN;
    }

    private static boolean isEvergreenHedge(Cultivar plant) {
        return isEvergreen(plant) && plant.has(Traits.USES, Use.HEDGE);
    }

    private static boolean opens(Cultivar plant, int month) {
        return Interest.flowersIn(plant, month, Optional.empty()).orElse(false);
    }

    /** A filter that nearly every plant passes tells nothing. */
    @Test
    void noWordIsTrueOfNearlyEveryPlant() {
        Map<String, Integer> counts = new HashMap<>();
        for (Cultivar plant : PLANTS) {
            plant.get(Traits.STANDS).orElse(List.of()).forEach(word -> count(counts, "stands " + Words.of(word)));
            plant.get(Traits.DISLIKES).orElse(List.of()).forEach(word -> count(counts, "dislikes " + Words.of(word)));
            plant.get(Traits.DEER).ifPresent(word -> count(counts, "deer " + Words.of(word)));
            plant.get(Traits.RABBIT).ifPresent(word -> count(counts, "rabbit " + Words.of(word)));
            plant.get(Traits.HAZARDS).orElse(List.of()).forEach(word -> count(counts, "hazard " + Words.of(word)));
            plant.get(Traits.WILDLIFE).orElse(List.of()).forEach(word -> count(counts, "wildlife " + Words.of(word)));
            plant.get(Traits.USES).orElse(List.of()).forEach(word -> count(counts, "use " + Words.of(word)));
        }
        assertThat(counts)
                .allSatisfy((word, plants) ->
                        assertThat(plants / (double) PLANTS.size()).as(word).isLessThanOrEqualTo(MOST_SHARE));
    }

    private static void count(Map<String, Integer> counts, String word) {
        counts.merge(word, 1, Integer::sum);
    }
}
