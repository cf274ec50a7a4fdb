package org.yellowfit.core.light;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The outlines that are drawn are the shadows that are counted. */
class ShadowPictureTest {

    private static final double[][] HOUSE = {{0, 0}, {4, 0}, {4, 3}, {0, 3}};

    private static Obstacle wall(String name, double heightM, double[][] line) {
        return new Obstacle.Wall(name, line, heightM, 0.0, null, Set.of());
    }

    private static double area(double[][] outline) {
        double sum = 0;
        for (int i = 0; i < outline.length; i++) {
            double[] a = outline[i];
            double[] b = outline[(i + 1) % outline.length];
            sum += a[0] * b[1] - b[0] * a[1];
        }
        return sum / 2;
    }

    private static boolean inside(double[][] outline, double x, double y) {
        boolean in = false;
        for (int i = 0, j = outline.length - 1; i < outline.length; j = i++) {
            if (outline[i][1] > y != outline[j][1] > y
                    && x
                            < (outline[j][0] - outline[i][0]) * (y - outline[i][1]) / (outline[j][1] - outline[i][1])
                                    + outline[i][0]) {
                in = !in;
            }
        }
        return in;
    }

    /** At noon in the south, 45° high, a wall of 2 m throws 2 m of shadow to the north; at 30° it is 3.46 m. */
    @ParameterizedTest(name = "sun {0}° high: {1} m")
    @CsvSource({"45, 2", "30, 3.4641", "60, 1.1547", "20, 5.4950"})
    void aWallsShadowIsAsLongAsByHand(double altitude, double metres) {
        Obstacle wall = wall("wall", 2, new double[][] {{0, 0}, {5, 0}});
        ShadowPicture picture = ShadowPicture.of(List.of(wall), new SunPosition(180, altitude), 0, 7);
        assertThat(picture.veiled()).isEmpty();
        assertThat(picture.solid()).singleElement().satisfies(outline -> {
            assertThat(area(outline)).isCloseTo(5 * metres, within(0.01));
            assertThat(inside(outline, 2.5, metres - 0.05)).isTrue();
            assertThat(inside(outline, 2.5, metres + 0.05)).isFalse();
            assertThat(inside(outline, 2.5, -0.05)).as("on the sunny side").isFalse();
        });
    }

    @Test
    void everyOutlineRunsAnticlockwise() {
        List<Obstacle> all = List.of(
                new Obstacle.Block("house", HOUSE, 5),
                wall("wall", 1.8, new double[][] {{6, 0}, {9, 1}, {9, 4}}),
                new Obstacle.Roof("awning", HOUSE, 2.5, 0));
        for (double azimuth = 0; azimuth < 360; azimuth += 15) {
            ShadowPicture picture = ShadowPicture.of(all, new SunPosition(azimuth, 35), 20, 7);
            assertThat(picture.solid())
                    .allSatisfy(outline -> assertThat(area(outline)).isGreaterThanOrEqualTo(-1e-6));
        }
    }

    @Test
    void underALowSunNothingIsDrawn() {
        ShadowPicture picture =
                ShadowPicture.of(List.of(new Obstacle.Block("house", HOUSE, 5)), new SunPosition(180, 4.9), 0, 7);
        assertThat(picture.solid()).isEmpty();
    }

    /**
     * Round the whole sky, each cell of a field is in the drawn shadow just when the count has it in shade, but for
     * cells the border crosses.
     */
    @Test
    void whatIsDrawnIsWhatIsCounted() {
        List<Obstacle> obstacles =
                List.of(new Obstacle.Block("house", HOUSE, 3), wall("wall", 1.5, new double[][] {{6, -1}, {8, 2}}));
        CellGrid field = CellGrid.of(new double[][] {{-8, -8}, {14, -8}, {14, 12}, {-8, 12}}, 0.5);
        Shadows shadows = new Shadows(field, obstacles, 0);
        int differ = 0;
        int compared = 0;
        for (double azimuth = 5; azimuth < 360; azimuth += 30) {
            for (double altitude : new double[] {15, 40, 65}) {
                SunPosition sun = new SunPosition(azimuth, altitude);
                ShadowPicture picture = ShadowPicture.of(obstacles, sun, 0, 7);
                float[] counted = shadows.cast(Ray.towards(sun, 0), 7);
                for (double x = -7.75; x < 14; x += 0.5) {
                    for (double y = -7.75; y < 12; y += 0.5) {
                        int cell = field.cellAt(x, y);
                        if (cell < 0) {
                            continue;
                        }
                        double px = x;
                        double py = y;
                        boolean drawn = picture.solid().stream().anyMatch(outline -> inside(outline, px, py));
                        compared++;
                        differ += drawn == counted[cell] < 0.5 ? 0 : 1;
                    }
                }
            }
        }
        assertThat(compared).isGreaterThan(50_000);
        assertThat(differ / (double) compared)
                .as("%d of %d cells", differ, compared)
                .isLessThan(0.03);
    }

    @Test
    void aCrownLetsLightThroughByTheMonth() {
        Obstacle tree = new Obstacle.Tree("maple", 0, 0, 8, 3, 2, CrownFoliage.DECIDUOUS, Set.of(5, 6, 7, 8, 9, 10));
        assertThat(ShadowPicture.of(List.of(tree), new SunPosition(180, 45), 0, 7)
                        .veiled())
                .hasSize(1);
        assertThat(tree.passes(7)).isEqualTo(0.2);
        assertThat(tree.passes(1)).isEqualTo(0.6);
        double[][] crown = ShadowPicture.of(List.of(tree), new SunPosition(180, 90), 0, 7)
                .veiled()
                .get(0);
        assertThat(area(crown)).as("under an upright sun a circle of 3 m").isCloseTo(Math.PI * 9, within(0.6));
    }
}
