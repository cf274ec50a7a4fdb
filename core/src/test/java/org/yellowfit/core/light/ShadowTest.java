package org.yellowfit.core.light;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Shadows against closed forms, and against a plain look up to the sun from every cell. */
class ShadowTest {

    private static final Location HARBOUR = new Location(45.6, -61.4, -4);
    private static final Set<Integer> LEAF = Set.of(5, 6, 7, 8, 9, 10);
    private static final double[][] COURT = {{0, 0}, {6, 0}, {6, 6}, {0, 6}};

    private static Obstacle.Wall wall(double height, double[]... line) {
        return new Obstacle.Wall("the wall", line, height, 0.0, null, Set.of());
    }

    private static LightStudy study(Location where, Obstacle... obstacles) {
        return new LightStudy(where, 0, 2026, 10, 0, List.of(obstacles));
    }

    /** The shadow of a wall is h / tan(altitude) long, to the centimetre. */
    @ParameterizedTest
    @CsvSource({"1.8, 30", "1.8, 62.3", "2.4, 5.5", "0.9, 45"})
    void theShadowOfAWall(double height, double altitude) {
        ShadowPicture picture = ShadowPicture.of(
                List.of(wall(height, new double[] {0, 0}, new double[] {10, 0})), new SunPosition(180, altitude), 0, 6);
        double reach = picture.solid().stream()
                .flatMap(java.util.Arrays::stream)
                .mapToDouble(p -> p[1])
                .max()
                .orElseThrow();
        assertThat(reach).isCloseTo(height / Math.tan(Math.toRadians(altitude)), within(0.001));
        CellGrid ground = CellGrid.of(new double[][] {{4, 0}, {6, 0}, {6, 30}, {4, 30}}, 0.1);
        float[] light = new Shadows(ground, List.of(wall(height, new double[] {0, 0}, new double[] {10, 0})), 0)
                .cast(Ray.towards(new SunPosition(180, altitude), 0), 6);
        for (int cell = 0; cell < ground.size(); cell++) {
            assertThat(light[cell])
                    .as("at %s m", ground.y(cell))
                    .isEqualTo(ground.y(cell) < height / Math.tan(Math.toRadians(altitude)) ? 0f : 1f);
        }
    }

    @Test
    void northTurnsTheShadow() {
        ShadowPicture picture = ShadowPicture.of(
                List.of(wall(2, new double[] {0, 0}, new double[] {0, 10})), new SunPosition(180, 45), 90, 6);
        // With true north along the drawing's +x the midday shadow falls towards +x.
        assertThat(List.of(picture.solid().get(0)))
                .anySatisfy(corner -> assertThat(corner[0]).isCloseTo(2, within(1e-9)));
    }

    @ParameterizedTest
    @ValueSource(doubles = {25, 45.6, 65, -30, -50})
    void anOpenFieldEqualsTheDay(double latitude) {
        Location where = new Location(latitude, 10, 1);
        LightField field = study(where).over(CellGrid.of(COURT, 0.5), List.of(3, 6));
        double days = (SunDay.of(where, LocalDate.of(2026, 3, 15)).hours()
                        + SunDay.of(where, LocalDate.of(2026, 6, 15)).hours())
                / 2;
        assertThat(field.meanHours()).isCloseTo(days, within(1e-6));
    }

    /**
     * In the middle of a round court of walls the sun is seen from the altitude atan(h / r) up, whatever its bearing.
     */
    @ParameterizedTest
    @ValueSource(doubles = {25, 45.6, 60, -38})
    void aCourtyardSeesTheSunAboveItsWalls(double latitude) {
        double[][] round = new double[181][];
        for (int i = 0; i < round.length; i++) {
            round[i] = new double[] {5 * Math.cos(Math.toRadians(i * 2)), 5 * Math.sin(Math.toRadians(i * 2))};
        }
        Location where = new Location(latitude, 10, 1);
        LightStudy study = new LightStudy(where, 0, 2026, 1, 0, List.of(wall(3, round)));
        LightField field = study.over(
                CellGrid.of(new double[][] {{-0.01, -0.01}, {0.01, -0.01}, {0.01, 0.01}, {-0.01, 0.01}}, 0.02),
                List.of(6));
        double above = study.day(6).moments(1).stream()
                .filter(m -> m.sun().altitudeDegrees() > Math.toDegrees(Math.atan(3 / 5.0)))
                .mapToDouble(SunMoment::hours)
                .sum();
        assertThat(field.meanHours()).isCloseTo(above, within(0.05));
    }

    /**
     * Under the middle of a wide roof the sun comes in below it: while its altitude is less than atan(h / half the
     * width).
     */
    @Test
    void aRoofLetsInTheLowSun() {
        double[][] roof = {{-40, -3}, {40, -3}, {40, 3}, {-40, 3}};
        LightStudy study = new LightStudy(HARBOUR, 0, 2026, 1, 0, List.of(new Obstacle.Roof("the roof", roof, 2.5, 0)));
        LightField field = study.over(
                CellGrid.of(new double[][] {{-0.01, -0.01}, {0.01, -0.01}, {0.01, 0.01}, {-0.01, 0.01}}, 0.02),
                List.of(12));
        double expected = study.day(12).moments(1).stream()
                .filter(m -> {
                    double north = Math.cos(Math.toRadians(m.sun().azimuthDegrees()))
                            * 2.5
                            / Math.tan(Math.toRadians(m.sun().altitudeDegrees()));
                    double east = Math.sin(Math.toRadians(m.sun().azimuthDegrees()))
                            * 2.5
                            / Math.tan(Math.toRadians(m.sun().altitudeDegrees()));
                    return Math.abs(north) > 3 || Math.abs(east) > 40;
                })
                .mapToDouble(SunMoment::hours)
                .sum();
        assertThat(field.meanHours()).isCloseTo(expected, within(1e-6)).isGreaterThan(1);
    }

    @Test
    void aTreePassesMoreLightOutOfLeaf() {
        Obstacle tree = new Obstacle.Tree("the maple", 0, 0, 9, 5, 0.5, CrownFoliage.DECIDUOUS, LEAF);
        LightField field = new LightStudy(HARBOUR, 0, 2026, 10, 3, List.of(tree))
                .over(CellGrid.of(new double[][] {{-1, -1}, {1, -1}, {1, 1}, {-1, 1}}, 0.5), List.of(4, 6));
        // Within the crown all of the sun comes through it.
        assertThat(mean(field, 4))
                .isCloseTo(0.6 * SunDay.of(HARBOUR, LocalDate.of(2026, 4, 15)).hours(), within(1e-4));
        assertThat(mean(field, 6))
                .isCloseTo(0.2 * SunDay.of(HARBOUR, LocalDate.of(2026, 6, 15)).hours(), within(1e-4));
        assertThat(tree.passes(7)).isEqualTo(0.2);
        assertThat(tree.passes(2)).isEqualTo(0.6);
    }

    private static double mean(LightField field, int month) {
        double sum = 0;
        for (int cell = 0; cell < field.ground().size(); cell++) {
            sum += field.hours(month, cell);
        }
        return sum / field.ground().size();
    }

    /** North of a wall is shade, south of it sun; on the other half of the earth it is the other way round. */
    @Test
    void whichSideOfAWallIsDark() {
        Obstacle wall = wall(2, new double[] {-10, 0}, new double[] {10, 0});
        double[][] north = {{-1, 0.1}, {1, 0.1}, {1, 1}, {-1, 1}};
        double[][] south = {{-1, -1}, {1, -1}, {1, -0.1}, {-1, -0.1}};
        assertThat(hours(HARBOUR, wall, north, 4)).isLessThan(hours(HARBOUR, wall, south, 4) - 4);
        Location southern = new Location(-45.6, 170, 12);
        assertThat(hours(southern, wall, south, 10)).isLessThan(hours(southern, wall, north, 10) - 4);
    }

    private static double hours(Location where, Obstacle obstacle, double[][] bed, int month) {
        return study(where, obstacle)
                .over(CellGrid.of(bed, 0.2), List.of(month))
                .meanHours();
    }

    @Test
    void aStripEastOfAHouseHasMorningSunAndOneWestOfItTheHotSun() {
        Obstacle house = new Obstacle.Block("the house", new double[][] {{0, 0}, {8, 0}, {8, 8}, {0, 8}}, 5);
        LightField east = study(HARBOUR, house)
                .over(CellGrid.of(new double[][] {{8, 2}, {8.7, 2}, {8.7, 6}, {8, 6}}, 0.2), List.of(6));
        LightField west = study(HARBOUR, house)
                .over(CellGrid.of(new double[][] {{-0.7, 2}, {0, 2}, {0, 6}, {-0.7, 6}}, 0.2), List.of(6));
        assertThat(east.bias(0)).isEqualTo(SunBias.MORNING);
        assertThat(west.bias(0)).isEqualTo(SunBias.AFTERNOON);
        assertThat(west.hot(0)).isGreaterThan(east.hot(0) + 2);
    }

    /** Random places, each cell's light also found by following its own ray. */
    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12})
    void castShadowsAgreeWithALookFromEachCell(int seed) {
        Random chance = new Random(seed);
        List<Obstacle> obstacles = new ArrayList<>();
        for (int i = 0; i < 6; i++) {
            obstacles.add(randomObstacle(chance, i));
        }
        CellGrid ground = CellGrid.of(new double[][] {{0, 0}, {9, 1}, {8, 7}, {-1, 6}}, 0.37);
        double at = chance.nextInt(3) * 0.4;
        Shadows shadows = new Shadows(ground, obstacles, at);
        for (int turn = 0; turn < 12; turn++) {
            SunPosition sun = new SunPosition(chance.nextDouble() * 360, 6 + chance.nextDouble() * 70);
            Ray ray = Ray.towards(sun, 20);
            float[] light = shadows.cast(ray, 7);
            for (int cell = 0; cell < ground.size(); cell++) {
                double expected = 1;
                for (Obstacle obstacle : obstacles) {
                    expected *= LookUp.light(obstacle, ground.x(cell), ground.y(cell), at, ray, 7);
                }
                assertThat((double) light[cell])
                        .as("seed %s turn %s cell %s", seed, turn, cell)
                        .isCloseTo(expected, within(1e-5));
            }
        }
    }

    private static Obstacle randomObstacle(Random chance, int kind) {
        double x = chance.nextDouble() * 12 - 2;
        double y = chance.nextDouble() * 10 - 2;
        double h = 0.5 + chance.nextDouble() * 5;
        double[][] outline = {
            {x, y}, {x + 1 + chance.nextDouble() * 2, y + 0.3}, {x + 1.2, y + 0.9}, {x + 1.5, y + 2}, {x - 0.5, y + 1.5}
        };
        return switch (kind % 5) {
            case 0 -> new Obstacle.Block("b", outline, h);
            case 1 ->
                new Obstacle.Wall(
                        "w", new double[][] {{x, y}, {x + 3, y + 1}, {x + 3.5, y + 3}}, h, 0.0, null, Set.of());
            case 2 ->
                new Obstacle.Wall(
                        "h",
                        new double[][] {{x, y}, {x + 2, y - 1}, {x + 3, y + 2}},
                        h,
                        null,
                        CrownFoliage.EVERGREEN,
                        Set.of());
            case 3 ->
                new Obstacle.Tree(
                        "t",
                        x,
                        y,
                        h + 1,
                        0.5 + chance.nextDouble() * 2,
                        chance.nextDouble() * h,
                        CrownFoliage.DECIDUOUS,
                        LEAF);
            default -> new Obstacle.Roof("r", outline, h, 0.3);
        };
    }

    @Test
    void moreObstaclesNeverMeanMoreSun() {
        Random chance = new Random(99);
        CellGrid ground = CellGrid.of(COURT, 0.5);
        List<Obstacle> obstacles = new ArrayList<>();
        double before = study(HARBOUR).over(ground, List.of(5)).meanHours();
        for (int i = 0; i < 10; i++) {
            obstacles.add(randomObstacle(chance, i));
            double now = new LightStudy(HARBOUR, 0, 2026, 20, 0, obstacles)
                    .over(ground, List.of(5))
                    .meanHours();
            assertThat(now).isLessThanOrEqualTo(before + 0.02);
            before = now;
        }
    }

    @Test
    void tooManyObstaclesAreRefusedWithTheLimit() {
        List<Obstacle> many = Collections.nCopies(10_000, wall(1, new double[] {0, 0}, new double[] {1, 0}));
        assertThatThrownBy(() -> new LightStudy(HARBOUR, 0, 2026, 10, 0, many))
                .hasMessage("A study takes at most 500 obstacles; here are 10000.");
        assertThatThrownBy(() -> CellGrid.of(new double[][] {{0, 0}, {900, 0}, {900, 900}, {0, 900}}, 0.5))
                .hasMessageContaining("more than 60000 cells");
    }

    @Test
    void aNarrowBedGetsFinerCells() {
        CellGrid ground = CellGrid.of(new double[][] {{0, 0}, {0.3, 0}, {0.3, 0.4}, {0, 0.4}}, 0.5);
        assertThat(ground.cellM()).isLessThan(0.2);
        assertThat(ground.count()).isGreaterThanOrEqualTo(4);
    }

    @Test
    void whatTakesWhichHours() {
        Obstacle fence = new Obstacle.Wall("the fence", new double[][] {{1, -8}, {1, 8}}, 1.8, 0.0, null, Set.of());
        Obstacle maple = new Obstacle.Tree("the maple", -5, -2, 8, 3, 1.5, CrownFoliage.DECIDUOUS, LEAF);
        List<CellStory.Spell> spells = CellStory.of(study(HARBOUR, fence, maple), 0, 0, 6);
        assertThat(spells.get(0).obstacle()).isEqualTo(fence);
        assertThat(spells.get(1).isSun()).isTrue();
        assertThat(spells).anySatisfy(spell -> {
            assertThat(spell.obstacle()).isEqualTo(maple);
            assertThat(spell.fromClockH()).isGreaterThan(13);
        });
        // The fence is passed when the sun's bearing and height let it: tan(altitude) > 1.8 · sin(azimuth) / 1.
        double until = spells.get(0).toClockH();
        SunDay day = study(HARBOUR).day(6);
        SunPosition then = SunPosition.at(day.at(day.fromNoon(until)), HARBOUR);
        assertThat(Math.tan(Math.toRadians(then.altitudeDegrees())))
                .isCloseTo(1.8 * Math.sin(Math.toRadians(then.azimuthDegrees())), within(0.06));
    }
}
