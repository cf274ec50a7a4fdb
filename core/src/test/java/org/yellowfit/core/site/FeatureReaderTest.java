package org.yellowfit.core.site;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.yellowfit.core.light.CrownFoliage;
import org.yellowfit.core.measure.Problem;

/** The features of a drawing: read, given the usual numbers, refused at their field. */
class FeatureReaderTest {

    private static Map<String, Object> geometry(FeatureKind kind) {
        return switch (kind.shape()) {
            case POINT -> Map.of("type", "Point", "coordinates", List.of(1, 2));
            case LINE -> Map.of("type", "LineString", "coordinates", List.of(List.of(0, 0), List.of(4, 0)));
            case AREA ->
                Map.of(
                        "type",
                        "Polygon",
                        "coordinates",
                        List.of(List.of(List.of(0, 0), List.of(4, 0), List.of(4, 3), List.of(0, 0))));
        };
    }

    private static Map<String, Object> feature(FeatureKind kind, Map<String, Object> properties) {
        Map<String, Object> all = new HashMap<>(properties);
        all.putIfAbsent("kind", org.yellowfit.core.measure.Words.of(kind));
        return Map.of("type", "Feature", "id", "a", "geometry", geometry(kind), "properties", all);
    }

    private static List<Problem> problems(Object... features) {
        List<Problem> problems = new ArrayList<>();
        FeatureReader.read(List.of(features), problems);
        return problems;
    }

    @ParameterizedTest
    @EnumSource(FeatureKind.class)
    void everyKindIsReadWithItsUsualNumbers(FeatureKind kind) {
        List<Problem> problems = new ArrayList<>();
        List<Feature> read = FeatureReader.read(List.of(feature(kind, Map.of())), problems);
        assertThat(problems).isEmpty();
        assertThat(read).singleElement().satisfies(feature -> {
            assertThat(feature.kind()).isEqualTo(kind);
            kind.measures().stream()
                    .filter(measure -> kind.usual(measure) != null)
                    .forEach(measure -> {
                        assertThat(feature.measure(measure))
                                .as("%s of a %s", measure.name(), kind.words())
                                .isEqualTo(kind.usual(measure));
                        assertThat(kind.usual(measure)).isBetween(measure.least(), measure.most());
                    });
        });
    }

    @ParameterizedTest
    @EnumSource(FeatureKind.class)
    void everyNumberOfEveryKindKeepsItsRange(FeatureKind kind) {
        for (Measure measure : kind.measures()) {
            assertThat(problems(feature(kind, Map.of(measure.field(), measure.most()))))
                    .as("%s at its most", measure)
                    .noneMatch(problem -> problem.message().contains("out of range"));
            assertThat(problems(feature(kind, Map.of(measure.field(), measure.most() * 1.01 + 1))))
                    .extracting(Problem::field)
                    .contains("a." + measure.field());
            assertThat(problems(feature(kind, Map.of(measure.field(), measure.least() - 1))))
                    .extracting(Problem::field)
                    .contains("a." + measure.field());
            assertThat(problems(feature(kind, Map.of(measure.field(), "tall"))))
                    .extracting(Problem::field)
                    .contains("a." + measure.field());
        }
    }

    @ParameterizedTest
    @EnumSource(FeatureKind.class)
    void everyKindIsRefusedInAnotherShape(FeatureKind kind) {
        FeatureKind other = kind.shape() == FeatureKind.Shape.POINT ? FeatureKind.WALL : FeatureKind.TREE;
        Map<String, Object> wrong = Map.of(
                "id",
                "a",
                "geometry",
                geometry(other),
                "properties",
                Map.of("kind", org.yellowfit.core.measure.Words.of(kind)));
        assertThat(problems(wrong)).singleElement().satisfies(problem -> {
            assertThat(problem.field()).isEqualTo("a.geometry");
            assertThat(problem.message()).contains(kind.words());
        });
    }

    @ParameterizedTest(name = "{0} {1}: at {2}")
    @CsvSource(
            delimiter = '|',
            value = {
                "tree | heightM=3 crownBaseM=3           | a.crownBaseM",
                "tree | heightM=3 crownBaseM=4           | a.crownBaseM",
                "wall | fromYear=2030 toYear=2026        | a.toYear",
                "wall | fromYear=1700                    | a.fromYear",
                "tree | foliage=leafy                    | a.foliage",
                "tree | leafOnMonths=13                  | a.leafOnMonths[0]",
                "wall | masonry=perhaps                  | a.masonry",
                "shed |                                  | a.kind",
            })
    void whatCannotBeIsToldAtItsField(String kind, String fields, String at) {
        Map<String, Object> properties = new HashMap<>(Map.of("kind", kind));
        for (String field : fields == null ? new String[0] : fields.split(" ")) {
            String[] parts = field.split("=");
            properties.put(parts[0], parts[0].endsWith("Months") ? List.of(parts[1]) : parts[1]);
        }
        assertThat(problems(feature(kind.equals("wall") ? FeatureKind.WALL : FeatureKind.TREE, properties)))
                .extracting(Problem::field)
                .contains(at);
    }

    @Test
    void whatIsNoFeatureOrHasNoIdOfItsOwnIsTold() {
        assertThat(problems("a wall"))
                .singleElement()
                .satisfies(problem -> assertThat(problem.field()).isEqualTo("features[0]"));
        assertThat(problems(feature(FeatureKind.TAP, Map.of()), feature(FeatureKind.TAP, Map.of())))
                .singleElement()
                .satisfies(problem -> assertThat(problem.field()).isEqualTo("features[1].id"));
        assertThat(problems(Map.of("id", "a b", "properties", Map.of("kind", "tap"))))
                .extracting(Problem::field)
                .containsExactly("features[0].id");
        assertThat(problems(Map.of("id", "a", "properties", Map.of())))
                .extracting(Problem::field)
                .contains("a.kind");
        assertThat(problems(Map.of())).isNotEmpty();
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            value = {"[0]", "[\"x\", 1]", "[2001, 0]", "7", "null"})
    void aPointThatIsNoneIsTold(String point) {
        Object value = switch (point) {
            case "[0]" -> List.of(0);
            case "[2001, 0]" -> List.of(2001, 0);
            case "7" -> 7;
            case "null" -> Map.of();
            default -> List.of("x", 1);
        };
        Map<String, Object> tap = Map.of(
                "id",
                "a",
                "geometry",
                Map.of("type", "Point", "coordinates", value),
                "properties",
                Map.of("kind", "tap"));
        assertThat(problems(tap)).extracting(Problem::field).containsExactly("a.geometry");
    }

    @Test
    void tooManyThingsOrPointsAreTold() {
        List<Problem> problems = new ArrayList<>();
        assertThat(FeatureReader.read(Collections.nCopies(301, feature(FeatureKind.TAP, Map.of())), problems))
                .isEmpty();
        assertThat(problems)
                .singleElement()
                .satisfies(problem -> assertThat(problem.message()).contains("300", "301"));
        Map<String, Object> long_ = Map.of(
                "id",
                "a",
                "geometry",
                Map.of("type", "LineString", "coordinates", Collections.nCopies(201, List.of(0, 1))),
                "properties",
                Map.of("kind", "wall"));
        assertThat(problems(long_))
                .extracting(Problem::message)
                .singleElement()
                .asString()
                .contains("201", "200");
    }

    /** A shrub to keep is leafy from the ground up, and smaller than a tree where nobody has measured it. */
    @Test
    void aShrubToKeepStandsOnTheGround() {
        Feature shrub = FeatureReader.read(List.of(feature(FeatureKind.SHRUB, Map.of())), new ArrayList<>())
                .get(0);
        assertThat(shrub.measure(Measure.CROWN_BASE)).isZero();
        assertThat(shrub.measure(Measure.HEIGHT)).isEqualTo(1.5);
        assertThat(2 * shrub.measure(Measure.CROWN_RADIUS)).isEqualTo(1.5);
        assertThat(shrub.foliage()).isEqualTo(CrownFoliage.DECIDUOUS);
    }

    @Test
    void leavesAreOnInTheSummerOfTheHemisphere() {
        List<Problem> problems = new ArrayList<>();
        Feature tree = FeatureReader.read(List.of(feature(FeatureKind.TREE, Map.of())), problems)
                .get(0);
        assertThat(tree.leafOn(false)).contains(7).doesNotContain(1);
        assertThat(tree.leafOn(true)).contains(1).doesNotContain(7);
        Feature told = FeatureReader.read(
                        List.of(feature(FeatureKind.TREE, Map.of("leafOnMonths", List.of(4, 5)))), problems)
                .get(0);
        assertThat(told.leafOn(true)).containsExactlyInAnyOrder(4, 5);
        assertThat(problems).isEmpty();
    }

    @ParameterizedTest
    @EnumSource(FeatureKind.class)
    void whatIsWrittenReadsBackTheSame(FeatureKind kind) {
        Map<String, Object> all = new HashMap<>(Map.of("name", "the old one", "masonry", false));
        kind.measures().forEach(measure -> all.put(measure.field(), (measure.least() + measure.most()) / 2));
        all.computeIfPresent("crownBaseM", (field, base) -> 1.5);
        if (kind == FeatureKind.TREE || kind == FeatureKind.HEDGE) {
            all.putAll(Map.of("foliage", "evergreen", "leafOnMonths", List.of(3, 11)));
        }
        List<Problem> problems = new ArrayList<>();
        Feature read = FeatureReader.read(List.of(feature(kind, all)), problems).get(0);
        Feature again =
                FeatureReader.read(List.of(FeatureWriter.write(read)), problems).get(0);
        assertThat(problems).isEmpty();
        assertThat(again).usingRecursiveComparison().isEqualTo(read);
        assertThat(read.measures()).hasSameSizeAs(kind.measures());
    }
}
