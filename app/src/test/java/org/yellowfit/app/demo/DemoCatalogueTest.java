package org.yellowfit.app.demo;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.yellowfit.app.drawing.DemoPlants;
import org.yellowfit.core.climate.Seasons;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.FlowerWood;
import org.yellowfit.core.plant.Fragrance;
import org.yellowfit.core.plant.Hazard;
import org.yellowfit.core.plant.Kind;
import org.yellowfit.core.plant.Merit;
import org.yellowfit.core.plant.PruneGroup;
import org.yellowfit.core.plant.Rebloom;
import org.yellowfit.core.plant.Sex;
import org.yellowfit.core.plant.Stress;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.plant.Use;
import org.yellowfit.core.season.Merits;

/**
 * The demo's catalogue read whole, as the one who gets the angry call would read it: what two columns say must go
 * together.
 */
class DemoCatalogueTest {

    private static final List<Cultivar> PLANTS = new ArrayList<>();

    @BeforeAll
    static void read() throws IOException {
        PLANTS.addAll(DemoPlants.all());
    }

    private static void none(Predicate<Cultivar> contradicts) {
        assertThat(PLANTS.stream().filter(contradicts).map(Cultivar::id)).isEmpty();
    }

    @Test
    void nothingStandsWhatItDislikes() {
        none(plant -> !Collections.disjoint(
                plant.get(Traits.STANDS).orElse(List.of()),
                plant.get(Traits.DISLIKES).orElse(List.of())));
    }

    @Test
    void theNeedsOfSunLieInTheirOrder() {
        none(plant -> plant.get(Traits.SUN_LIVE).orElse(0.0)
                > plant.get(Traits.SUN_FLOWER).orElse(24.0));
        none(plant -> plant.get(Traits.SUN_FLOWER).orElse(0.0)
                > plant.get(Traits.SUN_MAX).orElse(24.0));
        none(plant -> plant.get(Traits.HOT_SUN_MAX).orElse(0.0)
                > plant.get(Traits.SUN_MAX).orElse(24.0));
    }

    /** C7: a plant looks good somewhere within the range it takes. */
    @Test
    void whatLooksGoodLooksSoWithinItsRange() {
        none(plant -> plant.get(Traits.LOOKS_GOOD_FROM)
                .flatMap(from -> plant.get(Traits.MOISTURE).filter(range -> !range.contains(from)))
                .isPresent());
    }

    @Test
    void onlyPinesHaveCandles() {
        none(plant -> plant.is(Traits.PRUNE_GROUP, PruneGroup.CONIFER_CANDLES)
                && !plant.botanical().startsWith("Pinus"));
    }

    /**
     * Cut hard in winter, a shrub on old wood does not flower; those grown for their stems or leaves are cut so all the
     * same.
     */
    @Test
    void whatFlowersOnOldWoodIsNotCutInWinter() {
        Set<String> forTheirStems = Set.of("Cornus", "Salix");
        none(plant -> plant.is(Traits.PRUNE_GROUP, PruneGroup.NEW_WOOD)
                && plant.is(Traits.FLOWER_WOOD, FlowerWood.OLD)
                && !forTheirStems.contains(genus(plant)));
    }

    @Test
    void berriesAreNotCutOffAndHydrangeasOnOldWoodDoNotRepeat() {
        Set<String> fruitCountsLittle = Set.of("Physocarpus", "Lonicera");
        none(plant -> plant.get(Traits.FRUIT).isPresent()
                && plant.is(Traits.PRUNE_GROUP, PruneGroup.AFTER_FLOWER)
                && !fruitCountsLittle.contains(genus(plant)));
        none(plant -> plant.botanical().startsWith("Hydrangea")
                && plant.is(Traits.FLOWER_WOOD, FlowerWood.OLD)
                && plant.get(Traits.REBLOOM).orElse(Rebloom.NONE) != Rebloom.NONE);
    }

    /** What eats it, what it does to people, and what walnut roots do to it are the species’, not the cultivar’s. */
    @Test
    void oneSpeciesHasOneAnswer() {
        Map<String, Function<Cultivar, Object>> ofTheSpecies = Map.of(
                "hazards", DemoCatalogueTest::hazardsOfTheSpecies,
                "deer", plant -> plant.get(Traits.DEER),
                "rabbits", plant -> plant.get(Traits.RABBIT),
                "kind", Cultivar::kind,
                "walnut",
                        plant -> plant.has(Traits.STANDS, Stress.JUGLONE) + " "
                                + plant.has(Traits.DISLIKES, Stress.JUGLONE));
        ofTheSpecies.forEach((about, answer) -> {
            Map<String, Set<Object>> answers = new HashMap<>();
            PLANTS.stream()
                    // Garden roses are shrubs and climbers.
                    .filter(plant -> !plant.botanical().equals("Rosa × hybrida"))
                    .forEach(plant -> answers.computeIfAbsent(plant.botanical(), any -> new HashSet<>())
                            .add(answer.apply(plant)));
            answers.values().removeIf(given -> given.size() == 1);
            assertThat(answers).as(about).isEmpty();
        });
    }

    /** Pollen is the males’, and no other hazard has a sex. */
    private static Set<Hazard> hazardsOfTheSpecies(Cultivar plant) {
        Set<Hazard> hazards = new HashSet<>(plant.get(Traits.HAZARDS).orElse(List.of()));
        if (plant.is(Traits.SEX, Sex.MALE)) {
            hazards.remove(Hazard.POLLEN);
        }
        return hazards;
    }

    @Test
    void aPlantStandsUnderOneName() {
        Set<String> names = new HashSet<>();
        PLANTS.forEach(plant -> names.add(plant.botanical()));
        none(plant -> Arrays.stream(plant.get(Traits.SYNONYMS).orElse("").split("\\|"))
                .anyMatch(names::contains));
    }

    /** A list that a customer can choose from, not a sentence for each plant. */
    @Test
    void nativeRegionsAreOfOneList() {
        Set<String> regions = PLANTS.stream()
                .map(plant -> plant.get(Traits.NATIVE_REGION).orElse(""))
                .collect(Collectors.toSet());
        assertThat(regions).doesNotContain("").hasSizeLessThan(30);
    }

    @Test
    void scentIsKnownOfAllAndDegreeDaysOfThoseThatOpenInSpring() {
        none(plant -> plant.get(Traits.FRAGRANCE).isEmpty());
        assertThat(PLANTS.stream().filter(plant -> plant.get(Traits.BLOOM_GDD).isPresent()))
                .hasSizeGreaterThan(60);
    }

    /** Degree days say the same as the dates beside them, in the zone that those are noted at. */
    @Test
    void degreeDaysComeOnTheNotedDay() {
        none(plant -> plant.get(Traits.BLOOM_GDD)
                .flatMap(sum -> Seasons.usualFor(plant.get(Traits.BLOOM_ZONE)).dayOfDegreeDays(sum))
                .filter(day ->
                        Math.abs(day - 1 - plant.get(Traits.BLOOM).orElseThrow().startThird() * 365 / 36.0) > 4)
                .isPresent());
    }

    private static String genus(Cultivar plant) {
        return plant.botanical().split(" ")[0];
    }

    @Test
    void whatItIsGrownForIsSaidOfEveryPlantAndGoesWithTheRest() {
        none(plant ->
                plant.get(Traits.MERITS).isEmpty() || plant.get(Traits.CUT).isEmpty());
        none(plant -> merit(plant, Merit.SCENT) > 0 && plant.has(Traits.FRAGRANCE, Fragrance.NONE));
        none(plant -> plant.has(Traits.FRAGRANCE, Fragrance.FLOWER) && merit(plant, Merit.SCENT) == 0);
        none(plant -> merit(plant, Merit.FRUIT) > 0 && plant.get(Traits.FRUIT).isEmpty());
        none(plant -> merit(plant, Merit.FLOWER) >= 2 && plant.get(Traits.BLOOM).isEmpty());
        none(plant ->
                merit(plant, Merit.AUTUMN) > 0 && plant.get(Traits.LEAF_AUTUMN).isEmpty());
        none(plant ->
                merit(plant, Merit.STEM) >= 2 && plant.get(Traits.STEM_WINTER).isEmpty());
        none(plant -> plant.has(Traits.USES, Use.GROUND_COVER) && merit(plant, Merit.COVER) == 0);
    }

    private static int merit(Cultivar plant, Merit merit) {
        return Merits.of(plant).grade(merit);
    }

    @Test
    void noAnnualAndNoShrubIsDivided() {
        none(plant -> (plant.isAnnual() || plant.isWoody())
                && plant.get(Traits.DIVIDE_YEARS).orElse(0.0) > 0);
    }

    /** Bloom is noted where the plant can stand outside. */
    @Test
    void bloomIsNotedWhereThePlantLives() {
        none(plant -> !plant.isAnnual()
                && plant.get(Traits.BLOOM_ZONE)
                        .filter(noted -> noted.half()
                                < plant.get(Traits.ZONE_MIN).orElseThrow().half())
                        .isPresent());
    }

    @Test
    void everyFemaleFindsAMaleOfItsGroup() {
        Set<String> males = new HashSet<>();
        PLANTS.stream()
                .filter(plant -> !plant.is(Traits.SEX, Sex.FEMALE))
                .forEach(plant -> plant.get(Traits.PARTNER_GROUP).ifPresent(males::add));
        none(plant -> plant.get(Traits.SEX).isPresent()
                && plant.get(Traits.PARTNER_GROUP).isEmpty());
        none(plant -> plant.is(Traits.SEX, Sex.FEMALE)
                && !males.contains(plant.get(Traits.PARTNER_GROUP).orElse("")));
    }

    /**
     * As the poison lists for animals and for people have them, genus by genus; who would add one adds it here first.
     */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "Taxus",
                "Rhododendron",
                "Kalmia",
                "Pieris",
                "Nerium",
                "Lantana",
                "Narcissus",
                "Galanthus",
                "Helleborus",
                "Hydrangea",
                "Hosta",
                "Hibiscus",
                "Lavandula",
                "Malus",
                "Ipomoea",
                "Parthenocissus",
                "Lonicera",
                "Wisteria",
                "Prunus",
                "Ilex",
                "Iris",
                "Clematis",
                "Aconitum",
                "Eranthis",
                "Caladium",
                "Pelargonium",
                "Scilla",
                "Anemone",
                "Helenium",
                "Calycanthus",
                "Aesculus",
                "Hedera",
                "Buxus",
                "Euonymus",
                "Tulipa",
                "Allium",
                "Paeonia",
                "Sambucus",
                "Symphoricarpos",
                "Begonia",
                "Yucca"
            })
    void whatIsPoisonousToPetsSaysSo(String genus) {
        none(plant -> plant.botanical().startsWith(genus + " ") && !plant.has(Traits.HAZARDS, Hazard.TOXIC_PETS));
    }

    /** What extension services name as killed by walnut roots. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "Paeonia",
                "Pinus",
                "Kalmia",
                "Rhododendron",
                "Pieris",
                "Syringa",
                "Baptisia",
                "Malus",
                "Tilia",
                "Picea"
            })
    void whatWalnutRootsKillDislikesThem(String genus) {
        none(plant -> plant.botanical().startsWith(genus + " ") && !plant.has(Traits.DISLIKES, Stress.JUGLONE));
    }

    /** Needles or scales: a broad leaf in the catalogue of conifers is a slip of the pen. */
    @Test
    void conifersHaveNeedlesOrScales() {
        none(plant -> plant.kind() == Kind.CONIFER
                && plant.get(Traits.LEAF_SHAPE)
                        .filter(shape -> shape.equals("needle") || shape.equals("scale"))
                        .isEmpty());
    }
}
