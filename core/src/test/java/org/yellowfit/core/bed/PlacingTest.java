package org.yellowfit.core.bed;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yellowfit.core.growth.Layer;
import org.yellowfit.core.palette.Weaving;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.takeoff.School;

/** Rules H3, H8 and G4, by hand and over random beds. */
class PlacingTest {

    private static final List<RandomBeds.Case> CASES = RandomBeds.some(100, 5);
    private static final List<Placement> PLACED =
            CASES.stream().map(RandomBeds.Case::place).toList();
    private static final BedAims MATURE = new BedAims(School.MATURE, 3, Weaving.STEPPED, 10, 1);
    private static final double[][] FRONT = {{0, -1}, {10, -1}};

    private static ToPlace wanted(Cultivar plant, Integer count, Grouping grouping) {
        return new ToPlace(plant, count, grouping, null, "");
    }

    @Test
    void whereThereIsRoomPlantsStandWithinTheEdge() {
        Cultivar plant = RandomBeds.plant("mound", false, 0.4, 0.6);
        BedGround ground = BedGround.open(RandomBeds.rectangle(6, 2), FRONT);
        Placement placement = Placing.place(ground, List.of(wanted(plant, 12, Grouping.GROUP)), MATURE);
        assertThat(placement.placed())
                .hasSize(12)
                .allSatisfy(
                        each -> assertThat(ground.toEdge(each.x(), each.y())).isGreaterThanOrEqualTo(0.2));
    }

    /** The fuller the bed, the nearer to its edge they stand; on the edge only where nothing else helps. */
    @ParameterizedTest(name = "{0} plants: at least {1} m from the edge")
    @CsvSource({
        // half their spread is 30 cm: seven tenths of it, four tenths, and at last the edge itself
        "20, 0.21",
        "28, 0.21",
        "32, 0.12",
        "37, 0",
    })
    void aFullerBedIsFilledNearerToItsEdge(int count, double nearest) {
        Cultivar plant = RandomBeds.plant("mound", false, 0.4, 0.6);
        BedGround ground = BedGround.open(RandomBeds.rectangle(6, 2), FRONT);
        Placement placement = Placing.place(ground, List.of(wanted(plant, count, Grouping.GROUP)), MATURE);
        assertThat(placement.placed())
                .hasSize(count)
                .allSatisfy(
                        each -> assertThat(ground.toEdge(each.x(), each.y())).isGreaterThanOrEqualTo(nearest));
    }

    /** G7: the tall one in the middle of the pot, the three that mound round it, not all on one side. */
    @Test
    void aPotHasItsTallPlantInTheMiddle() {
        double radius = 0.19;
        double[][] rim = new double[36][];
        for (int k = 0; k < rim.length; k++) {
            double turn = 2 * Math.PI * k / rim.length;
            rim[k] = new double[] {radius * Math.cos(turn), radius * Math.sin(turn)};
        }
        Cultivar tall = RandomBeds.plant("tall", false, 0.6, 0.5);
        Cultivar mound = RandomBeds.plant("mound", false, 0.2, 0.25);
        Placement placement = Placing.place(
                BedGround.open(rim, FRONT),
                List.of(wanted(tall, 1, Grouping.SPRINKLED), wanted(mound, 3, Grouping.MASSED)),
                MATURE.inPot());
        assertThat(placement.unplaced()).isEmpty();
        double sumX = 0;
        double sumY = 0;
        for (PlantedAt each : placement.placed()) {
            double out = Math.hypot(each.x(), each.y());
            if (each.plant() == tall) {
                assertThat(out).isLessThan(0.04);
            } else {
                assertThat(out).isBetween(0.1, radius);
                sumX += each.x() / 3;
                sumY += each.y() / 3;
            }
        }
        assertThat(Math.hypot(sumX, sumY)).as("the middle of the three").isLessThan(0.08);
    }

    @Test
    void whatHasNoRoomIsTold() {
        Cultivar plant = RandomBeds.plant("wide", true, 2, 3);
        BedGround ground = new BedGround(
                RandomBeds.rectangle(4, 1),
                FRONT,
                List.of(),
                List.<double[][]>of(new double[][] {{0, 1}, {4, 1}}),
                List.of(),
                List.of(),
                List.of(),
                null,
                0);
        Placement placement = Placing.place(ground, List.of(wanted(plant, 3, Grouping.GROUP)), MATURE);
        assertThat(placement.placed()).isEmpty();
        assertThat(placement.unplaced()).singleElement().satisfies(left -> {
            assertThat(left.count()).isEqualTo(3);
            assertThat(left.why().key()).isEqualTo("bed.left.wall");
        });
    }

    @Test
    void aSingleOneOfAPairIsTold() {
        Cultivar plant = RandomBeds.plant("pair", true, 1, 0.8);
        Placement placement = Placing.place(
                BedGround.open(RandomBeds.rectangle(6, 2), FRONT), List.of(wanted(plant, 3, Grouping.PAIRED)), MATURE);
        assertThat(placement.placed()).hasSize(2);
        assertThat(placement.unplaced().get(0).why().key()).isEqualTo("bed.left.single");
    }

    @Test
    void thornsKeepAMetreFromWherePeopleWalk() {
        Cultivar thorny = RandomBeds.plant("thorny", true, 0.6, 0.5)
                .with(org.yellowfit.core.plant.Traits.HAZARDS, List.of(org.yellowfit.core.plant.Hazard.THORNS));
        BedGround ground = new BedGround(
                RandomBeds.rectangle(6, 3),
                FRONT,
                List.of(new BedPart("", null, plant -> true, null, true, false)),
                List.of(),
                List.of(new BedPath(new double[][] {{0, 0}, {6, 0}}, 0)),
                List.of(),
                List.of(),
                null,
                0);
        Placement placement = Placing.place(ground, List.of(wanted(thorny, 7, Grouping.SPRINKLED)), MATURE);
        assertThat(placement.placed())
                .hasSize(7)
                .allSatisfy(each -> assertThat(each.y()).isGreaterThan(1 - 1e-4));
    }

    @Test
    void eachStandsWhereItLives() {
        Cultivar sun = RandomBeds.plant("sun", false, 0.5, 0.4);
        Cultivar shade = RandomBeds.plant("shade", false, 0.5, 0.4);
        BedGround ground = new BedGround(
                RandomBeds.rectangle(8, 2),
                FRONT,
                List.of(
                        new BedPart("A", RandomBeds.rectangle(4, 2), plant -> plant == sun, 8.0, false, false),
                        new BedPart(
                                "B",
                                new double[][] {{4, 0}, {8, 0}, {8, 2}, {4, 2}},
                                plant -> plant == shade,
                                2.0,
                                false,
                                false)),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                null,
                0);
        Placement placement = Placing.place(
                ground, List.of(wanted(sun, 9, Grouping.GROUP), wanted(shade, 9, Grouping.GROUP)), MATURE);
        assertThat(placement.placed())
                .hasSize(18)
                .allSatisfy(each -> assertThat(each.x() < 4).isEqualTo(each.plant() == sun));
    }

    @Test
    void groupsAreOdd() {
        for (int count = 1; count < 200; count++) {
            assertThat(Groups.of(count)).allSatisfy(size -> assertThat(size % 2).isEqualTo(1));
            assertThat(Groups.of(count).stream().mapToInt(Integer::intValue).sum())
                    .isEqualTo(count);
        }
    }

    @Test
    void everyPlantStandsInTheBedClearAndApart() {
        int placed = 0;
        for (RandomBeds.Case each : CASES) {
            List<PlantedAt> plants = placed(each);
            placed += plants.size();
            for (int i = 0; i < plants.size(); i++) {
                PlantedAt plant = plants.get(i);
                double spread = plant.plant().spread10().mid();
                assertThat(each.ground().holds(plant.x(), plant.y())
                                || each.ground().toEdge(plant.x(), plant.y()) < 1e-3)
                        .isTrue();
                for (double[][] wall : each.ground().walls()) {
                    assertThat(Flat.toLine(wall, plant.x(), plant.y())).isGreaterThan(spread / 2 + 0.3 - 1e-3);
                }
                for (BedPath path : each.ground().paths()) {
                    assertThat(path.toEdge(plant.x(), plant.y())).isGreaterThan(spread / 2 - 1e-3);
                }
                for (int j = 0; j < i; j++) {
                    double other = plants.get(j).plant().spread10().mid();
                    assertThat(plant.distanceTo(plants.get(j))).isGreaterThan((spread + other) / 2 - 1e-3);
                }
            }
        }
        assertThat(placed).isGreaterThan(1500);
    }

    @Test
    void nothingIsLostBetweenPlacedAndTold() {
        for (RandomBeds.Case each : CASES) {
            Placement placement = PLACED.get(CASES.indexOf(each));
            Map<String, Integer> counts = new HashMap<>();
            placement.placed().forEach(plant -> counts.merge(plant.plant().id(), 1, Integer::sum));
            placement.unplaced().forEach(left -> counts.merge(left.id(), left.count(), Integer::sum));
            for (ToPlace asked : each.plants()) {
                if (asked.count() != null) {
                    assertThat(counts.get(asked.plant().id())).isEqualTo(asked.count());
                }
            }
        }
    }

    @Test
    void theSameSeedGivesTheSameBed() {
        for (RandomBeds.Case each : CASES.subList(0, 40)) {
            assertThat(each.place()).isEqualTo(each.place());
        }
    }

    @Test
    void aCheckOfWhatWasJustPlacedFindsNothingAtTheHorizon() {
        for (RandomBeds.Case each : CASES) {
            int horizon = (int) each.aims().horizonYears();
            BedYear year = BedCheck.over(each.ground(), placed(each), List.of(horizon), true)
                    .get(0);
            assertThat(year.isFine()).as("%s", year).isTrue();
        }
    }

    @Test
    void pairsMirrorTheAxis() {
        for (RandomBeds.Case each : CASES) {
            double axis = each.ground().seenFrom() == null
                    ? Double.NaN
                    : each.ground().seenFrom()[1][0] / 2;
            Map<Integer, List<PlantedAt>> groups = new HashMap<>();
            placed(each).stream()
                    .filter(plant -> groupingOf(each, plant) == Grouping.PAIRED)
                    .forEach(plant -> groups.computeIfAbsent(plant.group(), k -> new java.util.ArrayList<>())
                            .add(plant));
            groups.values().forEach(pair -> {
                assertThat(pair).hasSize(2);
                if (!Double.isNaN(axis)) {
                    assertThat(pair.get(0).x() + pair.get(1).x()).isEqualTo(2 * axis, within(1e-3));
                    assertThat(pair.get(0).y()).isEqualTo(pair.get(1).y(), within(1e-3));
                }
            });
        }
    }

    @Test
    void groupsStayTogetherAndAreOdd() {
        for (RandomBeds.Case each : CASES) {
            Map<Integer, List<PlantedAt>> groups = new HashMap<>();
            placed(each).stream()
                    .filter(plant -> groupingOf(each, plant) == Grouping.GROUP)
                    .forEach(plant -> groups.computeIfAbsent(plant.group(), k -> new java.util.ArrayList<>())
                            .add(plant));
            groups.values().forEach(group -> {
                assertThat(group.size() % 2).isEqualTo(1);
                double most = 2.2 * group.get(0).plant().spread10().mid();
                for (PlantedAt plant : group) {
                    assertThat(group.size() == 1
                                    || group.stream()
                                            .anyMatch(other -> other != plant && other.distanceTo(plant) < most))
                            .isTrue();
                }
            });
        }
    }

    @Test
    void nothingTallStandsRightBeforeWhatIsShort() {
        for (RandomBeds.Case each : CASES) {
            if (each.aims().layers() == Weaving.WOVEN || each.ground().seenFrom() == null) {
                continue;
            }
            List<PlantedAt> plants = placed(each);
            for (PlantedAt tall : plants) {
                for (PlantedAt low : plants) {
                    Layer one = layerOf(tall, each.aims());
                    Layer other = layerOf(low, each.aims());
                    boolean rowOrPair = isExact(groupingOf(each, tall)) && isExact(groupingOf(each, low));
                    if (one.ordinal() < other.ordinal() && other != Layer.GROUND_COVER && !rowOrPair) {
                        boolean before = tall.y() < low.y() - 0.051
                                && Math.abs(tall.x() - low.x())
                                        < PlantedAt.growth(tall.plant(), null)
                                                                .spread(each.aims()
                                                                        .horizonYears())
                                                                .mid()
                                                        / 2
                                                - 1e-3;
                        assertThat(before).isFalse();
                    }
                }
            }
        }
    }

    @Test
    void lowPlantsStandInFrontOfTallOnes() {
        Cultivar tall = RandomBeds.plant("tall", true, 1.8, 1);
        Cultivar middle = RandomBeds.plant("middle", false, 0.9, 0.5);
        Cultivar low = RandomBeds.plant("low", false, 0.3, 0.4);
        Placement placement = Placing.place(
                BedGround.open(RandomBeds.rectangle(10, 3), FRONT),
                List.of(
                        wanted(tall, 7, Grouping.GROUP),
                        wanted(middle, 25, Grouping.GROUP),
                        wanted(low, 35, Grouping.GROUP)),
                MATURE);
        assertThat(mean(placement, tall)).isGreaterThan(mean(placement, middle) + 0.5);
        assertThat(mean(placement, middle)).isGreaterThan(mean(placement, low) + 0.3);
    }

    @Test
    void twoHundredPlantsFindRoomInSixtySquareMetres() {
        // 200 at 0.5 m ask for 43 m² of 60.
        Cultivar one = RandomBeds.plant("one", false, 0.4, 0.5);
        Cultivar two = RandomBeds.plant("two", false, 0.8, 0.5);
        Placement placement = Placing.place(
                BedGround.open(RandomBeds.rectangle(20, 3), new double[][] {{0, -1}, {20, -1}}),
                List.of(wanted(one, 100, Grouping.GROUP), wanted(two, 100, Grouping.GROUP)),
                MATURE);
        assertThat(placement.placed()).hasSize(200);
    }

    private static List<PlantedAt> placed(RandomBeds.Case each) {
        return PLACED.get(CASES.indexOf(each)).placed();
    }

    private static double mean(Placement placement, Cultivar plant) {
        return placement.placed().stream()
                .filter(each -> each.plant() == plant)
                .mapToDouble(PlantedAt::y)
                .average()
                .orElseThrow();
    }

    private static boolean isExact(Grouping grouping) {
        return grouping == Grouping.ROW || grouping == Grouping.PAIRED;
    }

    private static Layer layerOf(PlantedAt plant, BedAims aims) {
        return Layer.of(PlantedAt.growth(plant.plant(), null)
                .height(aims.horizonYears())
                .mid());
    }

    private static Grouping groupingOf(RandomBeds.Case each, PlantedAt plant) {
        return each.plants().stream()
                .filter(asked -> asked.plant() == plant.plant())
                .findFirst()
                .orElseThrow()
                .grouping();
    }
}
