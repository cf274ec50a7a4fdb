package org.yellowfit.app.bed;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.yellowfit.app.bed.BedGrounds.OneBed;
import org.yellowfit.app.bed.BedGrounds.Site;
import org.yellowfit.app.drawing.DemoPlants;
import org.yellowfit.core.bed.BedFront;
import org.yellowfit.core.bed.BedGround;
import org.yellowfit.core.measure.UnitSystem;
import org.yellowfit.core.plant.Cultivar;

/** The plan to set out by (H10): whoever holds the two tapes finds the place, near the line between them too. */
class SetOutTest {

    private static final String LARGE = "hydrangea-slipway-light";
    private static final String SMALL = "nepeta-thimble-tide";

    /** Half of the last figure a tape is read to, and the eye: m. */
    private static final double READ_TO = 0.005;

    private static final double INCH_M = 0.0254;

    private static Cultivar find(String id) {
        try {
            return DemoPlants.named(id);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static BedPlant at(int number, String id, double x, double y) {
        return new BedPlant("p" + number, id, x, y, 0, false, 0, 0);
    }

    private static SetOut setOut(double[][] outline, List<BedPlant> planted, UnitSystem units) {
        BedGround ground = BedGround.open(outline, BedFront.of(outline, List.of(), List.of()));
        OneBed bed = new OneBed("bed", ground, List.of());
        return new SetOut(new Site(List.of(bed), List.of(), false, false), bed, planted, SetOutTest::find, units);
    }

    private static double[][] rectangle(double long_, double deep) {
        return new double[][] {{0, 0}, {long_, 0}, {long_, deep}, {0, deep}};
    }

    private static double metres(String tape, UnitSystem units) {
        if (units == UnitSystem.METRIC) {
            return Double.parseDouble(tape.replaceAll("[^0-9.]", ""));
        }
        double inches = 0;
        String[] words = tape.replace('\u00a0', ' ').trim().split(" ");
        for (int i = 0; i + 1 < words.length; i += 2) {
            inches += Double.parseDouble(words[i]) * (words[i + 1].startsWith("ft") ? 12 : 1);
        }
        return inches * INCH_M;
    }

    /** By hand: the bed is 6 m by 2 m, seen from the south; A is its corner at 0, 0, B the one at 6, 0. */
    @ParameterizedTest(name = "at {0}, {1}: A {2}, B {3}, off the line {4}")
    @CsvSource({
        // 3-4-5
        "0.3, 0.4, 0.50 m, 5.71 m, 0.40 m",
        "3.0, 1.6, 3.40 m, 3.40 m, 1.60 m",
        "5.4, 0.8, 5.46 m, 1.00 m, 0.80 m",
        // on the line itself the tapes pull against each other: what is read is how far off it
        "2.0, 0.0, 2.00 m, 4.00 m, 0.00 m",
    })
    void tapesAreReadAsMeasuredByHand(double x, double y, String a, String b, String off) {
        SetOut.Row row = setOut(rectangle(6, 2), List.of(at(1, SMALL, x, y)), UnitSystem.METRIC)
                .sheet()
                .rows()
                .get(0);
        assertThat(List.of(row.fromA(), row.fromB(), row.offLine()))
                .extracting(said -> said.replace('\u00a0', ' '))
                .containsExactly(a, b, off);
    }

    /** From A along the line and square off it, every plant of 300 random beds is found within what a tape can be read to. */
    @ParameterizedTest(name = "in {0}")
    @EnumSource(UnitSystem.class)
    void everyPlantIsFoundByItsFigures(UnitSystem units) {
        Random chance = new Random(180);
        double step = units == UnitSystem.METRIC ? READ_TO : INCH_M / 2 + 1e-6;
        for (int bed = 0; bed < 300; bed++) {
            double wide = 2 + 8 * chance.nextDouble();
            double deep = 0.6 + 3 * chance.nextDouble();
            List<BedPlant> planted = new ArrayList<>();
            for (int i = 0; i < 6; i++) {
                planted.add(at(i, SMALL, wide * chance.nextDouble(), deep * chance.nextDouble()));
            }
            SetOut out = setOut(rectangle(wide, deep), planted, units);
            List<SetOut.Row> rows = out.sheet().rows();
            for (int i = 0; i < rows.size(); i++) {
                SetOut.Row row = rows.get(i);
                BedPlant plant = out.plants().get(i).at();
                double off = metres(row.offLine(), units);
                assertThat(off).isCloseTo(plant.y(), within(step + 1e-9));
                double a = metres(row.fromA(), units);
                double b = metres(row.fromB(), units);
                // Where both tapes meet along the line, by the law of cosines.
                double along = (a * a - b * b + wide * wide) / (2 * wide);
                double worst = step * (a + b) / wide + step;
                assertThat(along).as("bed %d, plant %d", bed, i).isCloseTo(plant.x(), within(worst));
            }
        }
    }

    @Test
    void plantsOnBothSidesOfTheLineAreToldApart() {
        // A bed that bulges beyond the line through its two front corners.
        double[][] outline = {{0, 0}, {3, -0.8}, {6, 0}, {6, 2}, {0, 2}};
        SetOut.Sheet sheet = setOut(outline, List.of(at(1, SMALL, 3, -0.5), at(2, SMALL, 3, 1.5)), UnitSystem.METRIC)
                .sheet();
        List<String> said = sheet.rows().stream().map(SetOut.Row::offLine).toList();
        assertThat(said).anyMatch(each -> each.endsWith("behind")).anyMatch(each -> each.endsWith("before"));
    }

    /** What is on the line but for the last digit of a number is on neither side, and makes no sides of the others. */
    @Test
    void nothingIsSaidOfSidesWhereAllIsOnOne() {
        List<BedPlant> planted = List.of(at(1, SMALL, 1, -1e-9), at(2, SMALL, 3, 1.5), at(3, SMALL, 4, 1e-9));
        assertThat(setOut(rectangle(6, 2), planted, UnitSystem.METRIC).sheet().rows())
                .extracting(SetOut.Row::offLine)
                .noneMatch(said -> said.contains("behind") || said.contains("before"));
    }

    /** A narrow bed that comes to a point in front has but one front corner: two tapes from there would tell nothing. */
    @Test
    void theFixedPointsAreApart() {
        double[][] wedge = {{0, 2}, {0.5, 0}, {1, 2}};
        double[][] seenFrom = {{0, -1}, {1, -1}};
        BedGround ground = BedGround.open(wedge, seenFrom);
        OneBed bed = new OneBed("wedge", ground, List.of());
        SetOut out = new SetOut(
                new Site(List.of(bed), List.of(), false, false),
                bed,
                List.of(at(1, SMALL, 0.5, 1.4)),
                SetOutTest::find,
                UnitSystem.METRIC);
        SetOut.Row row = out.sheet().rows().get(0);
        // by hand: A at 0, 2 and B at 1, 2, each 0.78 m from 0.5, 1.4, which is 0.6 m before the line
        assertThat(List.of(row.fromA(), row.fromB(), row.offLine()))
                .extracting(said -> said.replace('\u00a0', ' '))
                .containsExactly("0.78 m", "0.78 m", "0.60 m");
    }

    /** Whoever plants never steps over what is planted: from the back, and the largest of a band first. */
    @Test
    void thePlantsAreNumberedBackToFrontTheLargestFirst() {
        List<BedPlant> planted =
                List.of(at(1, SMALL, 1, 0.3), at(2, SMALL, 1, 1.8), at(3, LARGE, 3, 1.7), at(4, LARGE, 4, 0.4));
        List<String> order = setOut(rectangle(6, 2), planted, UnitSystem.METRIC).plants().stream()
                .map(each -> each.at().uid())
                .toList();
        assertThat(order).containsExactly("p3", "p2", "p4", "p1");
    }

    @Test
    void everyPlantHasANumberOfItsOwnInThePicture() {
        List<BedPlant> planted = new ArrayList<>();
        for (int i = 0; i < 12; i++) {
            planted.add(at(i, i % 3 == 0 ? LARGE : SMALL, 0.4 + 0.45 * i, 0.4 + 0.1 * i));
        }
        SetOut out = setOut(rectangle(6, 2), planted, UnitSystem.METRIC);
        Function<SetOut.Numbered, Integer> number = SetOut.Numbered::number;
        assertThat(out.plants().stream().map(number).collect(Collectors.toSet()))
                .hasSize(12);
        for (SetOut.Numbered each : out.plants()) {
            assertThat(out.svg()).contains(">" + each.number() + "</text>");
        }
        assertThat(out.svg()).contains(">A</text>", ">B</text>");
    }
}
