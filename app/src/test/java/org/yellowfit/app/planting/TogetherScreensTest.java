package org.yellowfit.app.planting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.yellowfit.app.Screens.text;

import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.yellowfit.app.RunningApp;
import org.yellowfit.app.Screens;
import org.yellowfit.app.visit.Visit;
import org.yellowfit.app.visit.VisitFields;
import org.yellowfit.app.visit.Visits;
import org.yellowfit.core.palette.PlantingFields;

/** The planting of a visit: begun, completed, changed, undone and handed on to the list. */
@ExtendWith(RunningApp.class)
class TogetherScreensTest {

    private static Visit visit(Screens screens) {
        return screens.visit(Map.of(
                "place", "By the gate",
                "site.zone", "6b",
                "site.sunHours", "6",
                "site.depthM", "2",
                "site.lengthM", "6"));
    }

    private static String page(Screens screens, Visit visit) {
        return text(screens.get("/visits/" + visit.id() + "/together"));
    }

    private static void act(Screens screens, Visit visit, String act, Map<String, String> fields) {
        assertThat(screens.post("/visits/" + visit.id() + "/together/" + act, fields))
                .hasStatus3xxRedirection();
    }

    private static String plants(RunningApp app, Visit visit) {
        return app.bean(Visits.class)
                .open(visit.id())
                .answers()
                .get(VisitFields.planting(PlantingFields.PLANTS))
                .map(chosen -> chosen.stream()
                        .map(PlantingFields.Chosen::text)
                        .toList()
                        .toString())
                .orElse("");
    }

    @Test
    void anEmptyPlantingSaysHowToBegin(RunningApp app) {
        Screens screens = Screens.of(app);
        Visit visit = visit(screens);
        assertThat(page(screens, visit)).contains("Nothing is planted yet", "Suggest a planting");
        assertThat(text(screens.get("/visits/" + visit.id() + "/together/scene.svg")))
                .startsWith("<svg");
    }

    @Test
    void whatIsOfferedIsTakenAndJudged(RunningApp app) {
        Screens screens = Screens.of(app);
        Visit visit = visit(screens);
        String offers = text(screens.get("/visits/" + visit.id() + "/together/offers?seconds=0.3"));
        assertThat(offers).contains("Take this one").containsPattern("best there is|Nothing better");
        String plants = offers.replaceFirst("(?s).*?name=\"plants\"\\s+value=\"([^\"]*)\".*", "$1");
        act(screens, visit, "take", Map.of("plants", plants));
        String page = page(screens, visit);
        assertThat(page).contains("of 100", "Season", "Onto the list", "Complete it");
        for (String plant : plants.split("\\|")) {
            assertThat(page).contains("plant-" + plant.split(":")[0]);
        }
    }

    @Test
    void plantsAreAddedCountedLockedSwappedAndTakenOut(RunningApp app) {
        Screens screens = Screens.of(app);
        Visit visit = visit(screens);
        act(screens, visit, "add", Map.of("plant", "spiraea-oarlock"));
        act(screens, visit, "count", Map.of("plant", "spiraea-oarlock", "count", "5"));
        act(screens, visit, "lock", Map.of("plant", "spiraea-oarlock", "locked", "false"));
        assertThat(plants(app, visit)).isEqualTo("[spiraea-oarlock:5]");
        assertThat(page(screens, visit)).contains("value=\"5\"", "as many as fit");
        act(screens, visit, "swap", Map.of("plant", "spiraea-oarlock", "with", "geranium-keelson"));
        assertThat(plants(app, visit)).isEqualTo("[geranium-keelson:0]");
        act(screens, visit, "away", Map.of("plant", "geranium-keelson"));
        assertThat(plants(app, visit)).isEmpty();
        // Undo brings back what there was, counts and all.
        act(screens, visit, "take", Map.of("plants", "spiraea-oarlock:5:locked", "counted", "true"));
        assertThat(plants(app, visit)).isEqualTo("[spiraea-oarlock:5:locked]");
    }

    @Test
    void aThirstyOneIsNamedWhereItStands(RunningApp app) {
        Screens screens = Screens.of(app);
        Visit visit = visit(screens);
        act(screens, visit, "add", Map.of("plant", "lavandula-linen-press"));
        assertThat(page(screens, visit)).doesNotContainPattern("wants more water than|wants it drier than");
        // Moisture 1 to 2.5 beside 4 to 5: more than a step apart (C6).
        act(screens, visit, "add", Map.of("plant", "juncus-corkscrew"));
        assertThat(page(screens, visit)).containsPattern("wants more water than|wants it drier than");
    }

    @Test
    void aStandInIsOfferedForThisCompany(RunningApp app) {
        Screens screens = Screens.of(app);
        Visit visit = visit(screens);
        String offers = text(screens.get("/visits/" + visit.id() + "/together/offers?seconds=0.3"));
        String plants = offers.replaceFirst("(?s).*?name=\"plants\"\\s+value=\"([^\"]*)\".*", "$1");
        act(screens, visit, "take", Map.of("plants", plants));
        String first = plants.split(":")[0];
        assertThat(text(screens.get("/visits/" + visit.id() + "/together/instead/" + first)))
                .containsPattern("Put in|Nothing else does here");
        assertThat(screens.get("/visits/" + visit.id() + "/together/instead/no-such"))
                .hasStatus(404);
    }

    @Test
    void theCountsGoOntoTheList(RunningApp app) {
        Screens screens = Screens.of(app);
        Visit visit = visit(screens);
        act(screens, visit, "take", Map.of("plants", "spiraea-oarlock:3|geranium-keelson:7", "counted", "true"));
        act(screens, visit, "list", Map.of());
        assertThat(text(screens.get("/visits/" + visit.id() + "/list")))
                .contains("Oarlock", "Keelson", "value=\"3\"", "value=\"7\"");
    }

    @Test
    void whatItShallBeIsKeptAndWrongWordsAreToldAtTheField(RunningApp app) {
        Screens screens = Screens.of(app);
        Visit visit = visit(screens);
        String path = "/visits/" + visit.id() + "/together";
        assertThat(screens.post(path, Map.of("planting.colours", "white|blue", "planting.budget", "300")))
                .hasStatus3xxRedirection();
        assertThat(page(screens, visit)).contains("white|blue", "value=\"300\"");
        var refused = screens.post(path, Map.of("planting.background", "fog", "planting.budget", "many"));
        assertThat(refused).hasStatus(422);
        assertThat(text(refused)).contains("is not a background known here", "value=\"fog\"", "value=\"many\"");
    }

    @Test
    void aRecipeIsLaidOverAnotherPlaceAndWhatDoesNotLiveIsReplaced(RunningApp app) {
        Screens screens = Screens.of(app);
        Visit sunny = visit(screens);
        act(screens, sunny, "take", Map.of("plants", "lavandula-linen-press:6|geranium-keelson:4", "counted", "true"));
        act(screens, sunny, "keep", Map.of("name", "By the gate, blue"));
        Visit shady = screens.visit(Map.of(
                "place", "Behind the barn",
                "site.zone", "6b",
                "site.sunHours", "1",
                "site.depthM", "2",
                "site.lengthM", "3"));
        String page = page(screens, shady);
        assertThat(page).contains("By the gate, blue", "2 kinds, kept by");
        String recipe = page.replaceFirst("(?s).*?name=\"recipe\"\\s+value=\"(\\d+)\".*", "$1");
        act(screens, shady, "recipe", Map.of("recipe", recipe));
        // Half the ground, half the plants; the lavender does not live in an hour of sun.
        assertThat(plants(app, shady)).doesNotContain("lavandula-linen-press").contains(":3");
        assertThat(screens.post("/visits/" + sunny.id() + "/together/keep", Map.of("name", " ")))
                .hasStatus(422);
        act(screens, shady, "recipe/away", Map.of("recipe", recipe));
        assertThat(page(screens, shady)).contains("No recipe is kept yet");
    }

    /** North and south of a house: two patches of light, each with plants of its own, on one picture. */
    @Test
    void eachPatchOfADrawingIsPlantedByItsOwnLight(RunningApp app) {
        Screens screens = Screens.of(app);
        Visit visit = screens.visit(Map.of("place", "Round the house", "site.zone", "6b"));
        String features = feature("f1", "block", "[[[0,0],[8,0],[8,8],[0,8],[0,0]]]", ",\"heightM\":6")
                + "," + feature("f2", "bed", "[[[0,8],[8,8],[8,10],[0,10],[0,8]]]", "")
                + "," + feature("f3", "bed", "[[[0,-2],[8,-2],[8,0],[0,0],[0,-2]]]", "");
        assertThat(screens.send(
                        "/visits/" + visit.id() + "/place",
                        "{\"version\":%d,\"at\":{\"latitude\":45.6,\"longitude\":-61.4,\"utcOffset\":-4,\"north\":0},\"features\":[%s]}"
                                .formatted(visit.version(), features)))
                .hasStatusOk();
        String offers = text(screens.get("/visits/" + visit.id() + "/together/offers?seconds=0.8"));
        String plants = offers.replaceFirst("(?s).*?name=\"plants\"\\s+value=\"([^\"]*)\".*", "$1");
        assertThat(plants).contains("@A:", "@B:");
        act(screens, visit, "take", Map.of("plants", plants));
        assertThat(page(screens, visit)).contains("Patch A", "Patch B");
        assertThat(text(screens.get("/visits/" + visit.id() + "/together/scene.svg")))
                .contains(">A</text>", ">B</text>");
    }

    private static String feature(String id, String kind, String coordinates, String more) {
        return "{\"type\":\"Feature\",\"id\":\"%s\",\"properties\":{\"kind\":\"%s\"%s},\"geometry\":{\"type\":\"Polygon\",\"coordinates\":%s}}"
                .formatted(id, kind, more, coordinates);
    }
}
