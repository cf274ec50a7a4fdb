package org.yellowfit.app.drawing;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.yellowfit.core.growth.Layer;
import org.yellowfit.core.measure.UnitSystem;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.season.GrowingPlace;

/** The picture of a planting from the path: its frame, its scale, and what is told beside it. */
class BedSceneTest {

    private static final Pattern FRAME = Pattern.compile("viewBox=\"(\\S+) (\\S+) (\\S+) (\\S+)\"");
    private static List<Cultivar> plants;

    @BeforeAll
    static void read() throws IOException {
        plants = DemoPlants.all();
    }

    private static BedScene.Kind kind(String id, Layer layer, int count, double area) {
        Cultivar plant =
                plants.stream().filter(each -> each.id().equals(id)).findFirst().orElseThrow();
        return new BedScene.Kind(plant, layer, count, area);
    }

    private static BedScene.Stretch stretch(String name, double area, BedScene.Kind... kinds) {
        return new BedScene.Stretch(name, area, 1.0, GrowingPlace.ANYWHERE, List.of(kinds));
    }

    private static BedScene.Stretch low() {
        return stretch("", 6, kind("hosta-egg-cup-blue", Layer.FRONT, 7, 6));
    }

    private static BedScene.Stretch tall() {
        return stretch("", 6, kind("betula-lobster-crate", Layer.BACK, 1, 6));
    }

    /** Width over height of the frame. */
    private static double shape(String svg) {
        Matcher frame = FRAME.matcher(svg);
        assertThat(frame.find()).isTrue();
        return Double.parseDouble(frame.group(3)) / Double.parseDouble(frame.group(4));
    }

    private static String svg(BedScene.Stretch stretch, double years, int month) {
        return BedScene.svg(List.of(stretch), years, month, "", UnitSystem.METRIC);
    }

    @Test
    void aLowPlantingHasNoMoreSkyThanItNeeds() {
        assertThat(shape(svg(low(), 5, 6))).isBetween(3.0, 5.5);
        assertThat(shape(svg(tall(), 15, 6))).isLessThan(1.5);
    }

    @Test
    void theFrameOfALowPlantingStaysWhileTheYearsAreTurned() {
        double first = shape(svg(low(), 1, 6));
        for (double years : new double[] {0, 3, 8, 15}) {
            assertThat(shape(svg(low(), years, 6))).as("%s years", years).isEqualTo(first);
        }
    }

    @Test
    void aBandHasLessSkyStill() {
        String band = BedScene.band(List.of(low()), 5, 6, "", UnitSystem.METRIC);
        assertThat(shape(band)).isGreaterThan(shape(svg(low(), 5, 6)));
    }

    @ParameterizedTest(name = "{0} m² in {1}: {2}")
    @CsvSource({"2, METRIC, 50 cm", "6, METRIC, 1 m", "20, METRIC, 5 m", "6, US, 12 in"})
    void theBarIsTold(double area, UnitSystem units, String bar) {
        BedScene.Stretch stretch = stretch("", area, kind("hosta-egg-cup-blue", Layer.FRONT, 3, area));
        assertThat(BedScene.svg(List.of(stretch), 5, 6, "", units).contains(">" + bar + "</text>"))
                .isTrue();
    }

    @Test
    void patchesAreNamedWhereThereAreSeveralAndNamesAreEscaped() {
        BedScene.Kind kind = kind("hosta-egg-cup-blue", Layer.FRONT, 3, 3);
        String two = BedScene.svg(
                List.of(stretch("Under <b>oak</b>", 3, kind), stretch("B", 3, kind)), 5, 6, "", UnitSystem.METRIC);
        assertThat(two).contains("Under &lt;b&gt;oak&lt;/b&gt;").doesNotContain("<b>");
        assertThat(svg(stretch("Alone", 3, kind), 5, 6)).doesNotContain("Alone");
    }

    @Test
    void nothingPlantedIsAnEmptyBed() {
        assertThat(svg(stretch("", 6), 5, 6)).contains("<svg").doesNotContain("NaN");
    }

    @Test
    void aThousandPlantsAreDrawnAsFewer() {
        BedScene.Stretch many = stretch("", 60, kind("hosta-egg-cup-blue", Layer.FRONT, 1000, 60));
        assertThat(svg(many, 5, 7).split("<use href=\"#shosta")).hasSizeBetween(100, 172);
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 4, 7, 10})
    void theSameIsDrawnTheSame(int month) {
        assertThat(svg(low(), 5, month)).isEqualTo(svg(low(), 5, month));
        assertThat(svg(low(), 5, month)).isNotEqualTo(svg(low(), 5, month > 6 ? month - 3 : month + 3));
    }
}
