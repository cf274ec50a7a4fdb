package org.yellowfit.core.light;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Rules B1, B3 and B4 in small: each figure by hand. */
class LightEdgesTest {

    private static final double[][] OUTLINE = {{0, 0}, {1, 0}, {1, 1}};

    /**
     * B4: a deciduous crown passes 20 % in leaf and 60 % bare, an evergreen 10 %; what is built passes nothing unless
     * it says so.
     */
    @Test
    void whatEachObstacleLetsThrough() {
        Set<Integer> summer = Set.of(5, 6, 7, 8, 9, 10);
        Obstacle.Tree tree = new Obstacle.Tree("tree", 0, 0, 9, 3, 2, CrownFoliage.DECIDUOUS, summer);
        assertThat(tree.passes(7)).isEqualTo(0.2);
        assertThat(tree.passes(1)).isEqualTo(0.6);
        assertThat(new Obstacle.Wall("hedge", OUTLINE, 2, null, CrownFoliage.EVERGREEN, summer).passes(7))
                .isEqualTo(0.1);
        assertThat(new Obstacle.Wall("fence", OUTLINE, 2, 0.3, null, Set.of()).passes(7))
                .isEqualTo(0.3);
        assertThat(new Obstacle.Wall("wall", OUTLINE, 2, null, null, Set.of()).passes(7))
                .isZero();
        assertThat(new Obstacle.Block("house", OUTLINE, 5).passes(7)).isZero();
        assertThat(new Obstacle.Roof("awning", OUTLINE, 2.6, 0.25).passes(7)).isEqualTo(0.25);
    }

    @Test
    void aCrownReachesFromItsBaseToItsTop() {
        Obstacle.Tree tree = new Obstacle.Tree("tree", 0, 0, 9, 3, 2, CrownFoliage.DECIDUOUS, Set.of());
        assertThat(tree.crownCentreM()).isEqualTo(5.5);
        assertThat(tree.crownHalfHeightM()).isEqualTo(3.5);
    }

    /** A bed of 4 m by 2 m from (10, 20) in cells of half a metre: eight columns, four rows. */
    @ParameterizedTest(name = "({0}, {1}): cell {2}")
    @CsvSource({
        "10, 20, 0",
        "10.49, 20.49, 0",
        "10.5, 20, 1",
        "13.99, 20, 7",
        "10, 20.5, 8",
        "13.99, 21.99, 31",
        "14, 21, -1",
        "9.99, 21, -1",
        "12, 19.99, -1",
        "12, 22, -1"
    })
    void cellOfAPoint(double x, double y, int cell) {
        CellGrid ground = CellGrid.of(new double[][] {{10, 20}, {14, 20}, {14, 22}, {10, 22}}, 0.5);
        assertThat(ground.columns()).isEqualTo(8);
        assertThat(ground.rows()).isEqualTo(4);
        assertThat(ground.count()).isEqualTo(32);
        assertThat(ground.cellAt(x, y)).isEqualTo(cell);
        if (cell >= 0) {
            assertThat(ground.cellAt(ground.x(cell), ground.y(cell))).isEqualTo(cell);
            assertThat(ground.isInside(cell)).isTrue();
        }
    }

    @Test
    void outsideAnOutlineIsOutside() {
        CellGrid ground = CellGrid.of(new double[][] {{0, 0}, {4, 0}, {0, 4}}, 0.5);
        assertThat(ground.isInside(ground.cellAt(0.25, 0.25))).isTrue();
        assertThat(ground.isInside(ground.cellAt(3.75, 3.75))).isFalse();
    }

    /** Walking from a to b the warm side is to the right: west–east walls warm the south, north–south ones the west. */
    @ParameterizedTest(name = "({0}, {1}) to ({2}, {3}), north at {4}, south {5}: {6}")
    @CsvSource({
        // faces due south
        "0, 0, 4, 0, 0, false, true",
        // faces due north
        "4, 0, 0, 0, 0, false, false",
        // faces due west
        "0, 4, 0, 0, 0, false, true",
        // faces due east
        "0, 0, 0, 4, 0, false, false",
        // the same wall in the southern hemisphere: north to west is hot
        "0, 0, 4, 0, 0, true, false",
        "4, 0, 0, 0, 0, true, true",
        "0, 4, 0, 0, 0, true, true",
    })
    void facesTheHotSide(double ax, double ay, double bx, double by, double north, boolean south, boolean hot) {
        assertThat(new WarmWall(ax, ay, bx, by).facesHotSide(north, south)).isEqualTo(hot);
    }

    /** A wall from (0, 0) to (4, 0) warms what lies within 1.5 m to its south, and round its ends. */
    @ParameterizedTest(name = "({0}, {1}): {2}")
    @CsvSource({
        "2, -1.4, true",
        "2, -1.5, true",
        "2, -1.6, false",
        "2, 0.1, false",
        "2, 0, true",
        "-1.4, 0, true",
        "-1.6, 0, false",
        "5.4, 0, true",
        "5.6, 0, false",
        "5, -1.4, false",
        "5, -1, true",
    })
    void reaches(double x, double y, boolean warm) {
        assertThat(new WarmWall(0, 0, 4, 0).reaches(x, y)).isEqualTo(warm);
        // The same wall moved and turned: east–west made north–south, its warm side to the west.
        assertThat(new WarmWall(10, 24, 10, 20).reaches(10 + y, 24 - x)).isEqualTo(warm);
    }

    @Test
    void shareOfTheCellsThatAWallWarms() {
        CellGrid ground = CellGrid.of(new double[][] {{0, -4}, {4, -4}, {4, 0}, {0, 0}}, 1);
        List<Integer> cells = List.of(0, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15);
        assertThat(WarmWall.share(ground, cells, List.of(new WarmWall(0, 0, 4, 0))))
                .isEqualTo(0.5);
        assertThat(WarmWall.share(ground, List.of(), List.of(new WarmWall(0, 0, 4, 0))))
                .isZero();
    }

    /**
     * At 60° W by a clock four hours behind, solar noon stands near 12 h; the equation of time moves it by under 17
     * minutes.
     */
    @Test
    void theClockAndTheSun() {
        SunDay day = SunDay.of(new Location(46, -60, -4), LocalDate.of(2026, 6, 21));
        assertThat(day.clockHour(0)).isCloseTo(12, within(0.3));
        assertThat(day.clockHour(3)).isCloseTo(day.clockHour(0) + 3, within(1e-9));
        assertThat(day.fromNoon(day.clockHour(-5))).isCloseTo(-5, within(1e-9));
        assertThat(day.fromNoon(day.clockHour(7))).isCloseTo(7, within(1e-9));
        assertThat(day.clockHour(13)).isCloseTo(day.clockHour(0) + 13 - 24, within(1e-9));
        assertThat(day.upH()).isCloseTo(day.downH(), within(0.05));
        assertThat(day.moments(60).stream().mapToDouble(SunMoment::hours).sum()).isCloseTo(day.hours(), within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({
        "90, 180, 14, true",
        "-90, -180, -14, true",
        "90.1, 0, 0, false",
        "0, -180.1, 0, false",
        "0, 0, 14.1, false"
    })
    void placesOnEarth(double latitude, double longitude, double offset, boolean fine) {
        if (fine) {
            assertThatCode(() -> new Location(latitude, longitude, offset)).doesNotThrowAnyException();
        } else {
            assertThatThrownBy(() -> new Location(latitude, longitude, offset))
                    .isInstanceOf(IllegalArgumentException.class);
        }
    }

    @Test
    void theEquatorIsNotSouth() {
        assertThat(new Location(0, 0, 0).isSouth()).isFalse();
        assertThat(new Location(-0.1, 0, 0).isSouth()).isTrue();
    }

    @ParameterizedTest
    @CsvSource({"6, FULL_SUN", "5.99, PART", "4, PART", "3.99, SHADE", "2, SHADE", "1.99, DEEP_SHADE", "0, DEEP_SHADE"})
    void classes(double hours, LightClass light) {
        assertThat(LightClass.ofHours(hours)).isEqualTo(light);
    }
}
