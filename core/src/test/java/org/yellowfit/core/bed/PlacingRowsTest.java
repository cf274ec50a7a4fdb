package org.yellowfit.core.bed;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.yellowfit.core.palette.Weaving;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.takeoff.School;

/** Rows of a bed (H2, H3), by hand. */
class PlacingRowsTest {

    private static final BedAims MATURE = new BedAims(School.MATURE, 3, Weaving.STEPPED, 10, 1);
    private static final double[][] FRONT = {{0, -1}, {10, -1}};

    private static ToPlace wanted(Cultivar plant, Integer count, Grouping grouping) {
        return new ToPlace(plant, count, grouping, null, "");
    }

    private static Placement row(double length, double depth, Cultivar plant, int count) {
        BedGround ground = BedGround.open(RandomBeds.rectangle(length, depth), FRONT);
        return Placing.place(ground, List.of(wanted(plant, count, Grouping.ROW)), MATURE);
    }

    @Test
    void aRowIsEvenAndTakesWhatItsLengthAllows() {
        // 6.2 m of bed at 0.5 m on centre: ⌊6.2 / 0.5⌋ + 1 = 13 (H2).
        Cultivar plant = RandomBeds.plant("row", false, 0.4, 0.5);
        BedGround ground = BedGround.open(RandomBeds.rectangle(6.2, 1), FRONT);
        Placement placement = Placing.place(ground, List.of(wanted(plant, 20, Grouping.ROW)), MATURE);
        assertThat(placement.placed()).hasSize(13);
        assertThat(placement.unplaced())
                .singleElement()
                .satisfies(left -> assertThat(left.count()).isEqualTo(7));
        for (int i = 1; i < 13; i++) {
            PlantedAt before = placement.placed().get(i - 1);
            PlantedAt each = placement.placed().get(i);
            assertThat(each.x() - before.x()).isEqualTo(0.5, within(2e-4));
            assertThat(each.y()).isEqualTo(before.y(), within(1e-4));
        }
    }

    /** A hedge by itself runs down the middle of its strip. */
    @Test
    void aRowByItselfStandsInTheMiddle() {
        Cultivar plant = RandomBeds.plant("hedge", true, 2, 1);
        BedGround ground = BedGround.open(RandomBeds.rectangle(10, 1.8), FRONT);
        Placement placement = Placing.place(ground, List.of(wanted(plant, 8, Grouping.ROW)), MATURE);
        assertThat(placement.placed())
                .hasSize(8)
                .allSatisfy(each -> assertThat(each.y()).isEqualTo(0.9, within(0.05)));
    }

    /** By hand: 1.5 and 0.9 m wide stand 1.2 m apart, which a strip of 1.8 m has room for, the taller one behind. */
    @Test
    void twoRowsMakeRoomForEachOther() {
        Cultivar tall = RandomBeds.plant("tall", true, 3, 1.5);
        Cultivar low = RandomBeds.plant("low", true, 1.8, 0.9);
        BedGround ground = BedGround.open(RandomBeds.rectangle(12, 1.8), FRONT);
        Placement placement =
                Placing.place(ground, List.of(wanted(low, 6, Grouping.ROW), wanted(tall, 6, Grouping.ROW)), MATURE);
        assertThat(placement.unplaced()).isEmpty();
        double behind = placement.placed().stream()
                .filter(each -> each.plant() == tall)
                .mapToDouble(PlantedAt::y)
                .min()
                .orElseThrow();
        double before = placement.placed().stream()
                .filter(each -> each.plant() == low)
                .mapToDouble(PlantedAt::y)
                .max()
                .orElseThrow();
        assertThat(behind - before).isGreaterThanOrEqualTo(1.2 - 1e-6);
    }

    @Test
    void aRowAlongAWallStandsHalfItsSpreadAndAThirdOfAMetreOff() {
        Cultivar plant = RandomBeds.plant("hedge", true, 1.2, 0.8);
        BedGround ground = new BedGround(
                RandomBeds.rectangle(8, 1.5),
                FRONT,
                List.of(),
                List.<double[][]>of(new double[][] {{0, 1.5}, {8, 1.5}}),
                List.of(new BedPath(new double[][] {{0, 0}, {8, 0}}, 0)),
                List.of(),
                List.of(),
                null,
                0);
        Placement placement = Placing.place(ground, List.of(wanted(plant, 5, Grouping.ROW)), MATURE);
        assertThat(placement.placed())
                .hasSize(5)
                .allSatisfy(each -> assertThat(each.y()).isBetween(0.4 - 1e-4, 1.5 - 0.7 + 1e-4));
    }

    /** By hand: ⌊length ÷ distance⌋ + 1, and never more than are asked for. */
    @ParameterizedTest(name = "{2} at {1} m in {0} m: {3}")
    @CsvSource({
        "6.2, 0.5, 20, 13",
        "6.0, 0.5, 20, 13",
        "5.9, 0.5, 20, 12",
        "6.2, 0.5, 4, 4",
        "0.4, 0.5, 3, 1",
        "3, 1, 9, 4"
    })
    void aLengthTakesSoMany(double length, double apart, int asked, int stand) {
        Placement placement = row(length, 1.2, RandomBeds.plant("row", false, 0.4, apart), asked);
        assertThat(placement.placed()).hasSize(stand);
        assertThat(placement.unplaced().stream().mapToInt(Placement.Left::count).sum())
                .isEqualTo(asked - stand);
    }

    /** What is left of the line is left at both ends alike. */
    @ParameterizedTest
    @ValueSource(doubles = {4.1, 6.3, 9.9})
    void aRowStandsInTheMiddleOfItsLength(double length) {
        Placement placement = row(length, 1.2, RandomBeds.plant("row", false, 0.4, 0.5), 5);
        double first =
                placement.placed().stream().mapToDouble(PlantedAt::x).min().orElseThrow();
        double last =
                placement.placed().stream().mapToDouble(PlantedAt::x).max().orElseThrow();
        assertThat(first).isEqualTo(length - last, within(0.03));
    }
}
