package org.yellowfit.core.bed;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.yellowfit.core.growth.PlantGrowth;
import org.yellowfit.core.light.CellGrid;
import org.yellowfit.core.light.CrownFoliage;
import org.yellowfit.core.light.LightStudy;
import org.yellowfit.core.light.Location;
import org.yellowfit.core.light.Obstacle;
import org.yellowfit.core.light.SpotSun;
import org.yellowfit.core.plant.Cultivar;

/** Rule H4 against closed forms and rule D1. */
class BedCheckTest {

    private static final Location HERE = new Location(45.6, -61.4, -4);
    private static final double[][] FRONT = {{0, -1}, {10, -1}};
    private static final BedGround BED = BedGround.open(RandomBeds.rectangle(10, 4), FRONT);
    private static final Cultivar SHRUB = RandomBeds.plant("shrub", true, 2, 2);
    private static final Cultivar LOW = RandomBeds.plant("low", false, 0.15, 0.6);

    private static PlantedAt at(Cultivar plant, double x, double y) {
        return new PlantedAt(plant, x, y, 1, null, 0);
    }

    private static BedYear check(BedGround ground, int year, PlantedAt... plants) {
        return BedCheck.over(ground, List.of(plants), List.of(year), true).get(0);
    }

    @Test
    void overlapIsHalfTheSumOfTheSpreadsLessTheDistance() {
        // Both 2 m wide at ten years; 1.5 m apart they lap by 0.5 m, more than a fifth of 2 m.
        BedYear ten = check(BED, 10, at(SHRUB, 3, 2), at(SHRUB, 4.5, 2));
        assertThat(ten.overlaps())
                .singleElement()
                .satisfies(each -> assertThat(each.byM()).isEqualTo(0.5, within(1e-9)));
        // By a fifth and no more it is none.
        assertThat(check(BED, 10, at(SHRUB, 3, 2), at(SHRUB, 4.6, 2)).overlaps())
                .isEmpty();
        assertThat(check(BED, 10, at(SHRUB, 3, 2), at(SHRUB, 4.59, 2)).overlaps())
                .hasSize(1);
    }

    @Test
    void sizesAreThoseOfTheGrowthCurve() {
        PlantGrowth growth = PlantGrowth.of(SHRUB);
        for (int year : new int[] {0, 1, 3, 5, 12, 20}) {
            double spread = growth.spread(year).mid();
            BedYear found = check(BED, year, at(SHRUB, 4, 2), at(SHRUB, 4 + spread / 2, 2));
            assertThat(found.overlaps().get(0).byM()).isEqualTo(spread / 2, within(1e-9));
            assertThat(found.coverage()).isGreaterThan(0);
        }
    }

    @Test
    void coverageIsTheUnionOfTheCrownsOnTheBed() {
        // A crown of 2 m over 40 m²: π / 40. Half of it over the edge counts half; one twice counts once.
        assertThat(check(BED, 10, at(SHRUB, 5, 2)).coverage()).isEqualTo(Math.PI / 40, within(0.001));
        assertThat(check(BED, 10, at(SHRUB, 0, 2)).coverage()).isEqualTo(Math.PI / 80, within(0.001));
        assertThat(check(BED, 10, at(SHRUB, 5, 2), at(SHRUB, 5, 2)).coverage()).isEqualTo(Math.PI / 40, within(0.001));
    }

    @Test
    void groundCoverUnderATallPlantIsNoOverlap() {
        assertThat(check(BED, 10, at(SHRUB, 5, 2), at(LOW, 5.4, 2)).overlaps()).isEmpty();
        assertThat(check(BED, 10, at(LOW, 5, 2), at(LOW, 5.2, 2)).overlaps()).hasSize(1);
    }

    @Test
    void aCentreOutsideIsTold() {
        BedYear year = check(BED, 1, at(SHRUB, 5, 4.25));
        assertThat(year.outside())
                .singleElement()
                .satisfies(each -> assertThat(each.byM()).isEqualTo(0.25, within(1e-9)));
        assertThat(year.isFine()).isFalse();
    }

    @Test
    void limitsAreOutgrownInTheYearTheCurveSays() {
        BedGround ground = new BedGround(
                RandomBeds.rectangle(10, 4),
                FRONT,
                List.of(),
                List.of(),
                List.of(new BedPath(new double[][] {{0, 0}, {10, 0}}, 0)),
                List.of(
                        BedLimit.window("kitchen", new double[][] {{4, 4}, {6, 4}}, 0.9),
                        BedLimit.keepLow("", new double[][] {{0, 0}, {1, 0}, {0, 1}}, 0.75),
                        BedLimit.view("", new double[][] {{8, -5}, {8, 9}}, BedLimit.VIEW_M)),
                List.of(),
                null,
                0);
        double passed = PlantGrowth.of(SHRUB).yearsToHeight(0.9);
        List<Integer> years = IntStream.rangeClosed(0, 20).boxed().toList();
        List<BedYear> found = BedCheck.over(ground, List.of(at(SHRUB, 5, 3)), years, false);
        BedYear first = BedCheck.firstTrouble(found).orElseThrow();
        assertThat(first.year()).isEqualTo((int) Math.ceil(passed));
        assertThat(first.tooTall().get(0).limit().kind()).isEqualTo(BedLimit.LimitKind.SILL);
        // At ten years 2 m tall and 2 m wide: 1.25 m over the triangle's 0.75 m, 0.4 m over a view's 1.6 m.
        assertThat(check(ground, 10, at(SHRUB, 1.4, 1)).tooTall().get(0).byM()).isEqualTo(1.25, within(1e-9));
        assertThat(check(ground, 10, at(SHRUB, 2.1, 1.8)).tooTall()).isEmpty();
        assertThat(check(ground, 10, at(SHRUB, 8.9, 2)).tooTall().get(0).byM()).isEqualTo(0.4, within(1e-9));
        // Its crown of 1 m about a centre 0.6 m from the path hangs 0.4 m over it.
        assertThat(check(ground, 10, at(SHRUB, 3, 0.6)).edges()).singleElement().satisfies(each -> {
            assertThat(each.edge()).isEqualTo(BedYear.Edge.OVER_PATH);
            assertThat(each.byM()).isEqualTo(0.4, within(1e-9));
        });
    }

    @Test
    void whatStandsAlreadyTakesRoomAndGrows() {
        Existing old = new Existing("", 5, 2, 3, 2, CrownFoliage.DECIDUOUS, 10.0, 6.0);
        BedGround ground = new BedGround(
                RandomBeds.rectangle(10, 4), FRONT, List.of(), List.of(), List.of(), List.of(), List.of(old), null, 0);
        assertThat(old.growth(0)).isEqualTo(1, within(1e-9));
        double spread = old.spread(10);
        assertThat(spread).isGreaterThan(2.3);
        assertThat(check(ground, 10, at(SHRUB, 6.2, 2)).existing())
                .singleElement()
                .satisfies(each -> assertThat(each.byM()).isEqualTo((spread + 2) / 2 - 1.2, within(1e-9)));
    }

    @Test
    void aPlantedLaterOneIsNotThereYet() {
        PlantedAt later = new PlantedAt(SHRUB, 4.5, 2, 1, null, 3);
        assertThat(check(BED, 2, later).coverage()).isZero();
        assertThat(check(BED, 13, later).coverage()).isEqualTo(Math.PI / 40, within(0.001));
    }

    @Test
    void theSunOfASpotIsThatOfTheLightStudy() {
        Obstacle.Tree tree =
                new Obstacle.Tree("tree", 2, -3, 6, 2, 1, CrownFoliage.DECIDUOUS, CrownFoliage.usualLeafMonths(false));
        LightStudy study = new LightStudy(HERE, 20, 2026, 10, 0, List.of(tree));
        CellGrid cells = CellGrid.of(RandomBeds.rectangle(4, 2), 0.5);
        List<Integer> months = List.of(4, 6, 9);
        var field = study.over(cells, months);
        SpotSun sun = new SpotSun(HERE, 20, 2026, months, 10);
        List<SpotSun.CrownAt> crowns = List.of(new SpotSun.CrownAt(2, -3, 6, 1, 2, CrownFoliage.DECIDUOUS));
        for (int cell = 0; cell < cells.size(); cell++) {
            assertThat(sun.hours(cells.x(cell), cells.y(cell), 0, crowns)).isEqualTo(field.hours(cell), within(0.02));
        }
    }

    @Test
    void neighboursThatGrowOverAPlantShadeItOut() {
        BedGround ground = new BedGround(
                RandomBeds.rectangle(10, 4), FRONT, List.of(), List.of(), List.of(), List.of(), List.of(), HERE, 0);
        Cultivar tall = RandomBeds.plant("tall", true, 4, 3);
        Cultivar sunny = RandomBeds.plant("sunny", false, 0.4, 0.4).with(org.yellowfit.core.plant.Traits.SUN_LIVE, 6.0);
        PlantedAt[] plants = {at(sunny, 5, 2), at(tall, 5, 0.4), at(tall, 3.4, 1.6), at(tall, 6.6, 1.6)};
        assertThat(check(ground, 0, plants).shaded()).isEmpty();
        assertThat(check(ground, 10, plants).shaded()).singleElement().satisfies(each -> {
            assertThat(each.index()).isZero();
            assertThat(each.hours()).isLessThan(6);
            assertThat(each.needs()).isEqualTo(6);
        });
        // What is in the shade already is not shaded out by its neighbours.
        assertThat(check(ground, 10, at(sunny, 5, 2)).shaded()).isEmpty();
    }
}
