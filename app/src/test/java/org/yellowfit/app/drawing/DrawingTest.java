package org.yellowfit.app.drawing;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.StringReader;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import javax.xml.parsers.DocumentBuilderFactory;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.xml.sax.InputSource;
import org.yellowfit.app.drawing.pen.Detail;
import org.yellowfit.core.measure.UnitSystem;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Habit;
import org.yellowfit.core.season.GrowingPlace;

class DrawingTest {

    private static Cultivar plant(Habit habit, String... more) {
        Map<String, String> cells = new LinkedHashMap<>(Map.of(
                "id",
                "drawn",
                "botanical",
                "Testa plana",
                "kind",
                "shrub",
                "habit",
                Words.of(habit),
                "persistence",
                "deciduous",
                "height10_m",
                "1.2",
                "spread10_m",
                "1",
                "zone_min",
                "5",
                "leaf_summer",
                "green#557d3f"));
        for (String cell : more) {
            cells.put(cell.substring(0, cell.indexOf('=')), cell.substring(cell.indexOf('=') + 1));
        }
        return Cultivar.ofCells(cells);
    }

    private static String portrait(Cultivar plant, int month, Detail detail) {
        return PlantDrawing.portrait(plant, GrowingPlace.ANYWHERE, 10, month, detail);
    }

    @ParameterizedTest
    @EnumSource(Habit.class)
    void everyHabitIsDrawnWellFormedInEveryMonthAndDetail(Habit habit) throws Exception {
        for (Detail detail : Detail.values()) {
            for (int month = 1; month <= 12; month++) {
                String svg = portrait(
                        plant(
                                habit,
                                "flower_colours=pink#e39bb5",
                                "bloom=6.1..7.3",
                                "fruit=red#b5262e",
                                "fruit_months=9..12"),
                        month,
                        detail);
                DocumentBuilderFactory.newInstance().newDocumentBuilder().parse(new InputSource(new StringReader(svg)));
                assertThat(svg).doesNotContain("NaN", "Infinity", "E-");
            }
        }
    }

    @ParameterizedTest
    @EnumSource(Detail.class)
    void aPlantIsAlwaysDrawnTheSameAndNoTwoHabitsAlike(Detail detail) {
        Set<String> seen = new HashSet<>();
        for (Habit habit : Habit.values()) {
            String svg = portrait(plant(habit), 7, detail);
            assertThat(portrait(plant(habit), 7, detail)).isEqualTo(svg);
            assertThat(seen.add(svg)).as("%s looks like no other", habit).isTrue();
        }
    }

    @Test
    void theMonthsShowLeafFlowerFruitAndBareStems() {
        Cultivar plant = plant(
                Habit.MOUND,
                "flower_colours=pink#e39bb5",
                "bloom=6.1..6.3",
                "stem_winter=red#b5262e",
                "leaf_autumn=orange#e2802f");
        assertThat(Set.of(
                        portrait(plant, 1, Detail.SMALL),
                        portrait(plant, 5, Detail.SMALL),
                        portrait(plant, 6, Detail.SMALL),
                        portrait(plant, 10, Detail.SMALL)))
                .hasSize(4);
        assertThat(PlantDrawing.bestMonth(plant, GrowingPlace.ANYWHERE)).isEqualTo(6);
    }

    @Test
    void detailCostsBytesAndSmallStaysSmall() {
        Cultivar plant = plant(Habit.GLOBE);
        int small = portrait(plant, 7, Detail.SMALL).length();
        assertThat(small).isLessThan(portrait(plant, 7, Detail.LARGE).length()).isLessThan(60_000);
        assertThat(portrait(plant, 7, Detail.LARGE).length())
                .isLessThan(portrait(plant, 7, Detail.PAGE).length());
    }

    @ParameterizedTest(name = "{0} {1}: {2}")
    @CsvSource({
        "evergreen, leaf_spring=red#b5262e,                  'April: leaf green and red'",
        "evergreen, leaf_spring=red#b5262e,                  'July: leaf green'",
        "deciduous, leaf_spring=red#b5262e,                  'April: leaf red'",
        "evergreen, leaf_summer=green#557d3f|cream#efe6c4,   'July: leaf green and cream'",
        "evergreen, leaf_summer=green#557d3f|green#6f9a55,   'July: leaf green'",
    })
    void theYearStripSaysBothColoursOfALeaf(String persistence, String leaf, String said) {
        Cultivar plant = plant(Habit.MOUND, "persistence=" + persistence, leaf);
        assertThat(YearStrip.svg(plant, GrowingPlace.ANYWHERE, 0)).containsPattern(said + "[,;\"]");
    }

    @Test
    void theYearStripSpeaks() {
        String strip = YearStrip.svg(
                plant(Habit.MOUND, "flower_colours=pink#e39bb5", "bloom=6.1..6.3"), GrowingPlace.ANYWHERE, 6);
        assertThat(strip).contains("January: bare stems", "June: leaf green, flower pink", "class=\"month marked\"");
    }

    @Test
    void plantsSideBySideShareOneScale() {
        PlantSketch small = PlantDrawing.sketch(
                plant(Habit.GLOBE, "height10_m=0.5", "spread10_m=0.5"), GrowingPlace.ANYWHERE, 10, 7, Detail.SMALL);
        PlantSketch tall =
                PlantDrawing.sketch(plant(Habit.COLUMNAR, "height10_m=3"), GrowingPlace.ANYWHERE, 10, 7, Detail.SMALL);
        ScaleScene scene = new ScaleScene(List.of(small, tall), 0.8, UnitSystem.METRIC, 2.0);
        List<String> heights = scene.plants().stream()
                .map(svg -> svg.replaceAll("(?s).*?viewBox=\"\\S+ \\S+ \\S+ (\\S+)\".*", "$1"))
                .distinct()
                .toList();
        assertThat(heights).hasSize(1);
        assertThat(scene.person()).contains("1 m", "2 m", "viewBox");
    }

    @Test
    void namesAreEscapedInDrawings() {
        assertThat(portrait(plant(Habit.MOUND, "botanical=A \"<b>\" & c"), 7, Detail.SMALL))
                .doesNotContain("<b>")
                .contains("&lt;b&gt;");
    }
}
