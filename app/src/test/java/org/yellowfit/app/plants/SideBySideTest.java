package org.yellowfit.app.plants;

import static org.assertj.core.api.Assertions.assertThat;
import static org.yellowfit.app.Screens.text;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.yellowfit.app.RunningApp;
import org.yellowfit.app.Screens;
import org.yellowfit.app.visit.Visit;

/**
 * Plants side by side: chosen and taken away, at an age and in a month, before a wall, by an address that opens it
 * again.
 */
@ExtendWith(RunningApp.class)
class SideBySideTest {

    private static final String THREE = "hydrangea-ferry-bell,spiraea-oarlock,geranium-keelson";

    private static Visit strip(Screens screens) {
        return screens.visit(Map.of(
                "place",
                "Strip",
                "site.zone",
                "6b",
                "site.sunHours",
                "5",
                "site.maxHeightM",
                "0.9",
                "site.depthM",
                "1.2"));
    }

    private static List<String> found(String html, String pattern) {
        return Pattern.compile(pattern)
                .matcher(html)
                .results()
                .map((MatchResult each) -> each.group(1))
                .toList();
    }

    @Test
    void plantsAreChosenOnceTheFirstMakesRoomForTheSeventhAndAnyIsTakenAway(RunningApp app) {
        Screens screens = Screens.of(app);
        Visit visit = strip(screens);
        List<String> six = List.of(
                "spiraea-oarlock",
                "geranium-keelson",
                "hosta-mixing-bowl",
                "nepeta-sail-needle",
                "rudbeckia-brass-winch",
                "hydrangea-ferry-bell");
        six.forEach(id -> assertThat(
                        Screens.told(screens.post("/visits/" + visit.id() + "/side-by-side/" + id, Map.of())))
                .isEqualTo("null"));
        screens.post("/visits/" + visit.id() + "/side-by-side/geranium-keelson", Map.of());
        assertThat(screens.again(visit.id()).chosen()).isEqualTo(six);
        assertThat(Screens.told(screens.post("/visits/" + visit.id() + "/side-by-side/armeria-buoy-line", Map.of())))
                .contains("6 plants", "Oarlock", "made room");
        assertThat(screens.again(visit.id()).chosen())
                .hasSize(6)
                .startsWith("geranium-keelson")
                .endsWith("armeria-buoy-line");
        screens.post("/visits/" + visit.id() + "/side-by-side/geranium-keelson/away", Map.of());
        assertThat(screens.again(visit.id()).chosen()).hasSize(5).doesNotContain("geranium-keelson");
        assertThat(screens.post("/visits/" + visit.id() + "/side-by-side/not-there", Map.of()))
                .hasStatus(404);
        assertThat(screens.get("/visits/" + visit.id() + "/side-by-side")).hasStatusOk();
    }

    @Test
    void nothingChosenSaysHowToChoose(RunningApp app) {
        Screens screens = Screens.of(app);
        assertThat(text(screens.get("/visits/" + strip(screens).id() + "/side-by-side")))
                .contains("class=\"empty\"");
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 3, 5, 10, 20})
    void atEveryAgeAllAreDrawnToOneScaleBesideAPerson(int age, RunningApp app) {
        Screens screens = Screens.of(app);
        String page =
                text(screens.get("/visits/" + strip(screens).id() + "/side-by-side?ids=" + THREE + "&age=" + age));
        assertThat(page).contains("Ferry Bell", "Oarlock", "Keelson", "<svg").doesNotContain("NaN", "Infinity");
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12})
    void inEveryMonthThePageIsDrawnWhole(int month, RunningApp app) {
        Screens screens = Screens.of(app);
        String page =
                text(screens.get("/visits/" + strip(screens).id() + "/side-by-side?ids=" + THREE + "&month=" + month));
        assertThat(found(page, "<svg[^>]*class=\"([^\"]*)\"")).hasSizeGreaterThanOrEqualTo(4);
        assertThat(page).doesNotContain("NaN", "Infinity", "null");
    }

    @ParameterizedTest(name = "behind={0}, age={1}, month={2}")
    @CsvSource({"brick, 10, 7", "nonsense, 10, 7", "'', 99, 7", "'', 10, 13", "'', ten, July", "'', -1, 0"})
    void anAddressTypedByHandOpensWithWhatItCanRead(String behind, String age, String month, RunningApp app) {
        Screens screens = Screens.of(app);
        assertThat(text(screens.get("/visits/" + strip(screens).id() + "/side-by-side?ids=" + THREE + "&behind="
                        + behind + "&age=" + age + "&month=" + month)))
                .contains("Ferry Bell");
    }

    @Test
    void plantsThatAreNotThereAreLeftOutAndSixAreTheMost(RunningApp app) {
        Screens screens = Screens.of(app);
        String eight = "acer-poker,acer-furnace-door,hosta-mixing-bowl,nepeta-sail-needle," + THREE
                + ",armeria-buoy-line,not-there";
        String page = text(screens.get("/visits/" + strip(screens).id() + "/side-by-side?ids=not-there," + eight));
        List<String> names = new ArrayList<>(List.of(
                "Poker",
                "Furnace Door",
                "Mixing Bowl",
                "Sail Needle",
                "Ferry Bell",
                "Oarlock",
                "Keelson",
                "Buoy Line"));
        assertThat(names.stream().filter(page::contains).count()).isBetween(5L, 6L);
    }

    @Test
    void lookAlikesAreToldApartAndTheirBloomIsPutInOrder(RunningApp app) {
        Screens screens = Screens.of(app);
        String page = text(screens.get(
                "/visits/" + strip(screens).id() + "/side-by-side?ids=hydrangea-slipway-light,hydrangea-ferry-bell"));
        assertThat(page).contains("Slipway Light", "Ferry Bell");
        assertThat(page.toLowerCase(java.util.Locale.ROOT)).contains("in flower", "first by");
    }
}
