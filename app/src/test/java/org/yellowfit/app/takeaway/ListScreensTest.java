package org.yellowfit.app.takeaway;

import static org.assertj.core.api.Assertions.assertThat;
import static org.yellowfit.app.Screens.text;

import java.util.HashMap;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import org.yellowfit.app.RunningApp;
import org.yellowfit.app.Screens;
import org.yellowfit.app.visit.Visit;

/** The list: how many at which spacing, what it costs, and what is refused (rules H1, H2). */
@ExtendWith(RunningApp.class)
class ListScreensTest {

    /** 60 cm high and 70 cm wide at ten years; 2 l at 12.50 and 5 l at 24.00. */
    private static final String PLANT = "spiraea-oarlock";

    private record Line(Screens screens, Visit visit, String action, String version) {

        static Line of(RunningApp app, Map<String, String> answers) {
            Screens screens = Screens.of(app);
            Map<String, String> all = new HashMap<>(Map.of("place", "Counting", "site.zone", "6b"));
            all.putAll(answers);
            Visit visit = screens.visit(all);
            screens.post("/visits/" + visit.id() + "/list", Map.of("plant", PLANT));
            String page = text(screens.get("/visits/" + visit.id() + "/list"));
            return new Line(
                    screens,
                    visit,
                    page.replaceAll("(?s).*action=\"(/visits/[^\"]+/list/\\d+)\".*", "$1"),
                    page.replaceAll("(?s).*name=\"version\" value=\"(\\d+)\".*", "$1"));
        }

        MvcTestResult change(String fill, String amount, String school, String closeBy, String pot, boolean endsClear) {
            return screens.post(
                    action,
                    Map.of(
                            "version",
                            version,
                            "fill",
                            fill,
                            "amount",
                            amount,
                            "school",
                            school,
                            "closeBy",
                            closeBy,
                            "pot",
                            pot,
                            "endsClear",
                            String.valueOf(endsClear)));
        }

        String page() {
            return text(screens.get("/visits/" + visit.id() + "/list"));
        }
    }

    /**
     * Worked by hand: rows ⌊L / s⌋ + 1, with ends clear ⌊(L − s) / s⌋ + 1; areas A / (0.866 s²) rounded up; s = 0.7 m.
     */
    @ParameterizedTest(name = "{0} {1}, ends clear {2}: {3}, {4}")
    @CsvSource({
        "ROW,    6 m,     false, 9 plants,  $112.50",
        "ROW,    6 m,     true,  8 plants,  $100.00",
        "ROW,    6.3 m,   false, 10 plants, $125.00",
        "ROW,    70 cm,   false, 2 plants,  $25.00",
        "ROW,    20 ft,   false, 9 plants,  $112.50",
        "ROW,    19' 9\", false, 9 plants,  $112.50",
        "AREA,   4.2,     false, 10 plants, $125.00",
        "AREA,   4.2 m²,  false, 10 plants, $125.00",
        "AREA,   1,       false, 3 plants,  $37.50",
        "NUMBER, 7,       false, 7 plants,  $87.50",
        "NUMBER, 1,       false, 1 plant,   $12.50",
    })
    void countsAreThoseWorkedByHand(
            String fill, String amount, boolean endsClear, String plants, String cost, RunningApp app) {
        Line line = Line.of(app, Map.of());
        assertThat(line.change(fill, amount, "MATURE", "3", "2 l", endsClear)).hasStatus3xxRedirection();
        assertThat(line.page()).contains(plants, cost);
    }

    @ParameterizedTest(name = "{0} {1}, by year {2}: {3}")
    @CsvSource({
        "ROW,     endless,  3,   is not a length",
        "ROW,     '',       3,   is not a length",
        "ROW,     -3 m,     3,   is not a length",
        "AREA,    four,     3,   is not a number",
        "AREA,    0,        3,   ''",
        "AREA,    -2,       3,   ''",
        "NUMBER,  many,     3,   is not a number",
        "NUMBER,  0,        3,   ''",
        "NUMBER,  1000000000, 3, ''",
        "ROW,     6 m,      0,   must lie between 1 and",
        "ROW,     6 m,      999, must lie between 1 and",
        "ROW,     6 m,      soon, is not a number",
        "SPIRAL,  6 m,      3,   ''",
    })
    void whatCannotBeCountedIsRefusedInWordsAndKept(
            String fill, String amount, String closeBy, String part, RunningApp app) {
        Line line = Line.of(app, Map.of());
        String before = kept(app, line);
        MvcTestResult refused = line.change(fill, amount, "MATURE", closeBy, "2 l", false);
        assertThat(refused).hasStatus(422);
        assertThat(text(refused)).contains("class=\"problem\"", part);
        if (!amount.isEmpty()) {
            assertThat(text(refused)).contains("value=\"" + amount + "\"");
        }
        assertThat(kept(app, line)).as("nothing is stored").isEqualTo(before);
    }

    @Test
    void inFeetTheListSpeaksOfFeet(RunningApp app) {
        Line line = Line.of(app, Map.of("units", "US", "site.lengthM", "6", "site.depthM", "0.7"));
        assertThat(line.page()).contains("2 ft 4 in on centre");
        assertThat(line.change("ROW", "20", "MATURE", "3", "2 l", false)).hasStatus3xxRedirection();
        assertThat(line.page()).contains("9 plants");
    }

    @Test
    void quickCoverTakesMorePlantsSetCloser(RunningApp app) {
        Line line = Line.of(app, Map.of());
        line.change("AREA", "10", "MATURE", "3", "2 l", false);
        Line quick = Line.of(app, Map.of());
        quick.change("AREA", "10", "QUICK_COVER", "3", "2 l", false);
        assertThat(plants(app, quick)).isGreaterThan(plants(app, line));
    }

    private static String kept(RunningApp app, Line line) {
        return app.bean(PlantList.class).of(line.visit().id()).toString();
    }

    private static int plants(RunningApp app, Line line) {
        return app.bean(PlantList.class).of(line.visit().id()).get(0).count().plants();
    }

    @Test
    void severalPlantsAddUpAndAPotWithoutAPriceIsSaid(RunningApp app) {
        Line line = Line.of(app, Map.of());
        line.change("NUMBER", "2", "MATURE", "3", "5 l", false);
        line.screens().post("/visits/" + line.visit().id() + "/list", Map.of("plant", "geranium-keelson"));
        assertThat(line.page()).contains("$48.00", "Geranium");
        assertThat(text(line.screens().get("/visits/" + line.visit().id() + "/handout")))
                .contains("Spiraea", "Geranium");
    }

    @ParameterizedTest
    @CsvSource({"no-such-plant", "''", "<script>"})
    void aPlantThatIsNotThereIsNotPutOnTheList(String plant, RunningApp app) {
        Screens screens = Screens.of(app);
        Visit visit = screens.visit(Map.of("place", "Empty"));
        screens.post("/visits/" + visit.id() + "/list", Map.of("plant", plant));
        assertThat(text(screens.get("/visits/" + visit.id() + "/list")))
                .contains("The list is empty")
                .doesNotContain("<script>");
    }
}
