package org.yellowfit.core.site;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yellowfit.core.light.LightClass;
import org.yellowfit.core.light.LightCutoffs;
import org.yellowfit.core.light.Location;
import org.yellowfit.core.light.Obstacle;
import org.yellowfit.core.light.SunBias;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.measure.InvalidInput;
import org.yellowfit.core.measure.Problem;

/** Places drawn from above, read and studied. */
class SiteStudyTest {

    private static final Location HARBOUR = new Location(45.6, -61.4, -4);
    private static final List<Integer> SEASON = List.of(5, 6, 7, 8, 9);

    /** A feature in the plain form of GeoJSON: “bed 0 0, 6 0, 6 1.5, 0 1.5 name=The strip”. */
    static Map<String, Object> feature(String text) {
        String[] words = text.split(" ", 2);
        Map<String, Object> properties = new HashMap<>(Map.of("kind", words[0]));
        List<List<Double>> points = new ArrayList<>();
        for (String part : words[1].split(", ?")) {
            if (part.contains("=")) {
                properties.put(part.split("=")[0], part.split("=")[1]);
            } else {
                points.add(Arrays.stream(part.split(" ")).map(Double::valueOf).toList());
            }
        }
        FeatureKind.Shape shape =
                FeatureKind.valueOf(words[0].toUpperCase(java.util.Locale.ROOT)).shape();
        Object coordinates = switch (shape) {
            case POINT -> points.get(0);
            case LINE -> points;
            case AREA -> List.of(points);
        };
        String type = Map.of(
                        FeatureKind.Shape.POINT,
                        "Point",
                        FeatureKind.Shape.LINE,
                        "LineString",
                        FeatureKind.Shape.AREA,
                        "Polygon")
                .get(shape);
        return Map.of(
                "type",
                "Feature",
                "properties",
                properties,
                "geometry",
                Map.of("type", type, "coordinates", coordinates));
    }

    static Drawing drawing(String... features) {
        List<Problem> problems = new ArrayList<>();
        List<Feature> read = FeatureReader.read(
                Arrays.stream(features).map(SiteStudyTest::feature).toList(), problems);
        assertThat(problems).isEmpty();
        return Drawing.checked(read, HARBOUR, 0, 2026);
    }

    private static List<BedPatch> patches(String... features) {
        return SiteStudy.of(drawing(features), 2026, SEASON, LightCutoffs.USUAL).patches();
    }

    @Test
    void aStripBelowAnEastWallIsOnePatchOfMorningSunUnderTheSill() {
        List<BedPatch> patches = patches(
                "bed 8 1, 8.7 1, 8.7 7, 8 7, name=strip",
                "block 0 0, 8 0, 8 8, 0 8, heightM=5",
                "window 8 3, 8 4.5, sillM=0.9, name=kitchen window");
        assertThat(patches).hasSize(1);
        BedPatch strip = patches.get(0);
        assertThat(strip.light().bias()).isEqualTo(SunBias.MORNING);
        assertThat(strip.light().areaM2()).isCloseTo(4.2, within(1e-6));
        assertThat(strip.lengthM()).isCloseTo(6, within(1e-6));
        assertThat(strip.depthM()).isCloseTo(0.7, within(1e-6));
        assertThat(strip.lowestLimit())
                .contains(new SpotLimit(0.9, FeatureKind.WINDOW, Fact.of("drawn.sill", "kitchen window")));
        assertThat(strip.reflectedHeat()).isFalse();
    }

    @Test
    void aLongBedRunsFromSunToShadeInPatchesThatCoverIt() {
        List<BedPatch> patches = patches(
                "bed 0 0, 18 0, 18 2.5, 0 2.5",
                "tree 15.5 -1.5, heightM=13, crownRadiusM=5, crownBaseM=2.5",
                "tree 18.5 3, heightM=12, crownRadiusM=5, crownBaseM=2.5",
                "tree 18 -7, heightM=14, crownRadiusM=5, crownBaseM=2",
                "tree 11 -6, heightM=13, crownRadiusM=4.5, crownBaseM=2",
                "tree 22 -1, heightM=13, crownRadiusM=4.5, crownBaseM=2");
        assertThat(patches.stream().mapToDouble(patch -> patch.light().areaM2()).sum())
                .isCloseTo(45, within(1e-6));
        assertThat(patches.stream().map(patch -> patch.light().lightClass()).collect(Collectors.toSet()))
                .contains(LightClass.FULL_SUN)
                .hasSizeGreaterThan(1);
        assertThat(patches)
                .allSatisfy(patch -> assertThat(patch.light().areaM2()).isGreaterThan(1));
        assertThat(patches).extracting(BedPatch::name).startsWith("A", "B");
    }

    @Test
    void aBedBelowAWestWallOfMasonryHasItsHeatThrownBack() {
        String house = "block 0 0, 8 0, 8 8, 0 8, heightM=5";
        assertThat(patches("bed -1 1, 0 1, 0 7, -1 7", house).get(0).reflectedHeat())
                .isTrue();
        assertThat(patches("bed 1 -1, 7 -1, 7 0, 1 0", house).get(0).reflectedHeat())
                .isTrue();
        assertThat(patches("bed 8 1, 9 1, 9 7, 8 7", house).get(0).reflectedHeat())
                .isFalse();
        assertThat(patches("bed -3 1, -2 1, -2 7, -3 7", house).get(0).reflectedHeat())
                .isFalse();
        assertThat(patches("bed -1 1, 0 1, 0 7, -1 7", house + ", masonry=no")
                        .get(0)
                        .reflectedHeat())
                .isFalse();
    }

    @Test
    void anAwningFromAYearOnTakesTheSunAndKeepsTheRainOff() {
        String bed = "bed 0 0, 4 0, 4 2, 0 2";
        Drawing drawing = drawing(bed, "roof -3 -6, 7 -6, 7 4, -3 4, undersideM=2.4, fromYear=2028");
        double before = SiteStudy.of(drawing, 2026, SEASON, LightCutoffs.USUAL)
                .patches()
                .get(0)
                .light()
                .hours();
        double after = SiteStudy.of(drawing, 2030, SEASON, LightCutoffs.USUAL)
                .patches()
                .get(0)
                .light()
                .hours();
        assertThat(after).isLessThan(before - 4);
        assertThat(patches(bed, "roof -3 -6, 7 -6, 7 4, -3 4").get(0).underRoof())
                .isTrue();
    }

    @Test
    void treesGrowByTheirAgeAndTheirHeightWhenOld() {
        Drawing drawing = drawing(
                "bed 0 0, 4 0, 4 2, 0 2",
                "tree 2 -4, heightM=5, crownRadiusM=2, crownBaseM=1.5, ageYears=10, matureHeightM=12");
        Obstacle.Tree now = (Obstacle.Tree) drawing.obstacles(2026).get(0);
        Obstacle.Tree later = (Obstacle.Tree) drawing.obstacles(2046).get(0);
        assertThat(now.heightM()).isCloseTo(5, within(1e-9));
        assertThat(later.heightM()).isBetween(7.5, 12.0);
        assertThat(later.crownRadiusM() / now.crownRadiusM()).isCloseTo(later.heightM() / now.heightM(), within(1e-9));
        Obstacle.Tree unknown = (Obstacle.Tree)
                drawing("tree 2 -4, heightM=5, crownRadiusM=2").obstacles(2046).get(0);
        assertThat(unknown.heightM()).isEqualTo(5);
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            value = {
                "bed 0 0, 2 2, 2 0, 0 2                                     | crosses itself",
                "bed 1 1, 3 1, 3 3, 1 3 ; block 0 0, 8 0, 8 8, 0 8           | The bed lies inside the house.",
                "bed -1 1, 3 1, 3 3, -1 3 ; block 0 0, 8 0, 8 8, 0 8         | The bed reaches 6 m² into the house.",
                "bed 0 0, 0.05 0, 0.05 0.05, 0 0.05                          | expected 0.01 to 40000",
                "bed 0 0, 900 0, 900 900, 0 900                              | expected 0.01 to 40000",
                "fence 0 0, 0.001 0                                          | expected 0.02 to 1000"
            })
    void whatCannotBe(String features, String message) {
        List<Problem> problems = new ArrayList<>();
        List<Feature> read = FeatureReader.read(
                Arrays.stream(features.split(" ; ")).map(SiteStudyTest::feature).toList(), problems);
        assertThat(problems).isEmpty();
        assertThatThrownBy(() -> Drawing.checked(read, HARBOUR, 0, 2026))
                .isInstanceOfSatisfying(
                        InvalidInput.class,
                        refused -> assertThat(refused.problems())
                                .anySatisfy(
                                        problem -> assertThat(problem.message()).contains(message)));
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            value = {
                "tree 0 0, heightM=500                  | f1.heightM     | out of range",
                "tree 0 0, heightM=3, crownBaseM=3      | f1.crownBaseM  | at or above the top",
                "tree 0 0, foliage=evergren             | f1.foliage     | Did you mean “evergreen”?",
                "fence 0 0, 3 0, fromYear=2030, toYear=2020 | f1.toYear  | before it comes",
                "fence 0 0, 0 0                         | f1.geometry    | needs 2 different points",
                "bed 0 0, 1 0                           | f1.geometry    | needs 3 different points"
            })
    void whatCannotBeRead(String text, String field, String message) {
        List<Problem> problems = new ArrayList<>();
        FeatureReader.read(List.of(feature(text)), problems);
        assertThat(problems).anySatisfy(problem -> {
            assertThat(problem.field()).isEqualTo(field);
            assertThat(problem.message()).contains(message);
        });
    }

    @Test
    void shapesOfTheWrongKindAndTooManyAreRefused() {
        List<Problem> problems = new ArrayList<>();
        FeatureReader.read(
                List.of(
                        Map.of(
                                "properties",
                                Map.of("kind", "tree"),
                                "geometry",
                                Map.of("type", "Polygon", "coordinates", List.of())),
                        "nothing",
                        Map.of("properties", Map.of("kind", "pond")),
                        Map.of()),
                problems);
        assertThat(problems)
                .extracting(Problem::field)
                .containsExactly("f1.geometry", "features[1]", "f3.kind", "f4.kind");
        problems.clear();
        FeatureReader.read(java.util.Collections.nCopies(10_000, feature("tree 0 0")), problems);
        assertThat(problems)
                .extracting(Problem::message)
                .containsExactly("A drawing holds at most 300 things; here are 10000.");
    }

    @Test
    void viewLinesSightTrianglesWiresAndSlopesBoundThePatchTheyCross() {
        BedPatch patch = patches(
                        "bed 0 0, 4 0, 4 2, 0 2",
                        "view 2 -5, 2 8, limitM=1.1, name=view of the water",
                        "wire -5 1, 9 1, heightM=4.5",
                        "sight 10 10, 12 10, 10 12",
                        "slope 1 0, 1 2, slopePercent=14")
                .get(0);
        assertThat(patch.limits())
                .extracting(SpotLimit::because)
                .containsExactly(Fact.of("drawn.thing", "view of the water"), Fact.of("drawn.thing", "overhead wire"));
        assertThat(patch.slopePercent()).contains(14.0);
    }

    /** A single spot has its own light, and the room of the bed it lies in; jobs may be asked of it by its name. */
    @Test
    void aSpotIsAPatchOfItsOwn() {
        List<BedPatch> found = patches(
                "block 0 1.5, 12 1.5, 12 6, 0 6 heightM=6",
                "bed 0 0, 12 0, 12 -1.2, 0 -1.2",
                "spot 2 -0.6",
                "spot 20 -20");
        assertThat(found).extracting(BedPatch::name).endsWith("S1", "S2");
        BedPatch inBed = found.get(found.size() - 2);
        BedPatch free = found.get(found.size() - 1);
        assertThat(inBed.depthM()).isEqualTo(found.get(0).depthM());
        assertThat(free.depthM()).isEqualTo(2);
        assertThat(free.light().hours()).isGreaterThan(inBed.light().hours());
    }

    @Test
    void aPolarWinterHasNoSun() {
        Drawing drawing = new Drawing(drawing("bed 0 0, 4 0, 4 2, 0 2").features(), new Location(75, 20, 1), 0, 2026);
        SiteStudy study = SiteStudy.of(drawing, 2026, List.of(12), LightCutoffs.USUAL);
        assertThat(study.patches())
                .singleElement()
                .satisfies(patch -> assertThat(patch.light().lightClass()).isEqualTo(LightClass.DEEP_SHADE));
    }
}
