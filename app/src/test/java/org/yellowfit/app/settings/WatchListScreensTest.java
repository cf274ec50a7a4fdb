package org.yellowfit.app.settings;

import static org.assertj.core.api.Assertions.assertThat;
import static org.yellowfit.app.Screens.text;

import java.nio.charset.StandardCharsets;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import org.yellowfit.app.RunningApp;
import org.yellowfit.app.Screens;
import org.yellowfit.app.catalogue.CatalogueStore;
import org.yellowfit.app.catalogue.WatchLists;
import org.yellowfit.app.visit.Visit;
import org.yellowfit.core.plant.WatchList;

/** The shop's watch list: brought in, judged by at once, undone. */
@ExtendWith(RunningApp.class)
class WatchListScreensTest {

    private static MvcTestResult bringIn(Screens who, String csv) {
        return who.upload("/settings/watch-list", "list.csv", csv.getBytes(StandardCharsets.UTF_8), Map.of());
    }

    @AfterEach
    void nothingIsWatched(RunningApp app) {
        app.bean(WatchLists.class).replace(WatchList.EMPTY);
    }

    @Test
    void aListIsJudgedByFromTheNextRequestOn(RunningApp app) {
        Screens manager = Screens.of(app).as(Screens.MANAGER);
        Visit visit = manager.visit(Map.of("place", "By the burn", "site.zone", "6b", "site.sunHours", "7"));
        String why = "/visits/" + visit.id() + "/shortlist?why=phalaris";
        assertThat(text(manager.get(why))).doesNotContain("watch list");
        assertThat(
                        bringIn(
                                manager,
                                "plant,level,note\nPhalaris,avoid,runs into the burn\nMiscanthus sinensis,watch,\nReynoutria,avoid,\n"))
                .hasStatus3xxRedirection();
        assertThat(text(manager.get(why)))
                .contains(
                        "stands on the shop’s watch list as not to be planted here",
                        "The list says: runs into the burn");
        assertThat(text(manager.get("/settings/watch-list"))).contains("Phalaris", "1 plant", "none today");
        String miscanthus = app.bean(CatalogueStore.class).labels().stream()
                .filter(plant -> plant.botanical().equals("Miscanthus sinensis"))
                .findFirst()
                .orElseThrow()
                .id();
        manager.post("/visits/" + visit.id() + "/list", Map.of("plant", miscanthus));
        assertThat(text(manager.get("/visits/" + visit.id() + "/handout")))
                .contains("Watched here because it runs wild: Miscanthus sinensis", "local authority");
        assertThat(text(manager.get("/catalogue/" + miscanthus))).contains("Watched here because it runs wild");
    }

    @Test
    void theEarlierListCanBeTakenBack(RunningApp app) {
        Screens manager = Screens.of(app).as(Screens.MANAGER);
        bringIn(manager, "plant,level\nPhalaris,avoid\n");
        MvcTestResult away = manager.post("/settings/watch-list/away", Map.of());
        assertThat(app.bean(CatalogueStore.class).watchList().entries()).isEmpty();
        assertThat(away.getMvcResult().getFlashMap().get("changed").toString())
                .isEqualTo("The watch list has 0 rows now; before, it had 1.");
        manager.post(
                "/settings/watch-list/back",
                Map.of("csv", away.getMvcResult().getFlashMap().get("before").toString()));
        assertThat(app.bean(CatalogueStore.class).watchList().entries())
                .extracting(WatchList.Entry::plant)
                .containsExactly("Phalaris");
        assertThat(text(manager.get("/settings/watch-list.csv"))).isEqualTo("plant,level,note\r\nPhalaris,avoid,\r\n");
    }

    @Test
    void aWrongListIsToldByLineAndChangesNothing(RunningApp app) {
        Screens manager = Screens.of(app).as(Screens.MANAGER);
        bringIn(manager, "plant,level\nPhalaris,avoid\n");
        MvcTestResult refused = bringIn(manager, "plant,level\nSalvia,wacth\n,avoid\n");
        assertThat(refused).hasStatus(422);
        assertThat(text(refused)).contains("what is wrong stands below", "“watch”?", "Name a genus", "Phalaris");
        assertThat(app.bean(CatalogueStore.class).watchList().entries())
                .extracting(WatchList.Entry::plant)
                .containsExactly("Phalaris");
        assertThat(bringIn(manager, "")).hasStatus(422);
        assertThat(text(bringIn(manager, "plant,level\n" + "x".repeat(1_100_000))))
                .contains("larger than 1 MB");
        assertThat(text(bringIn(manager, "plant,level\nPha\0laris,avoid\n"))).contains("NUL character");
    }

    @Test
    void whatIsWrittenOnTheListIsNeverHtml(RunningApp app) {
        Screens manager = Screens.of(app).as(Screens.MANAGER);
        bringIn(manager, "plant,level,note\n<script>x</script>,watch,<b>bold</b>\nPhalaris,watch,<img src=x>\n");
        assertThat(text(manager.get("/settings/watch-list")))
                .contains("&lt;script&gt;", "&lt;b&gt;bold")
                .doesNotContain("<script>x", "<b>bold");
        Visit visit = manager.visit(Map.of("place", "Plain", "site.zone", "6b"));
        assertThat(text(manager.get("/visits/" + visit.id() + "/shortlist?why=phalaris")))
                .contains("&lt;img src=x")
                .doesNotContain("<img src=x");
    }

    @Test
    void onlyAManagerChangesIt(RunningApp app) {
        for (Screens who : new Screens[] {Screens.of(app), Screens.of(app).as(Screens.BUYER)}) {
            assertThat(who.get("/settings/watch-list")).hasStatus(403);
            assertThat(bringIn(who, "plant,level\nPhalaris,avoid\n")).hasStatus(403);
        }
        assertThat(app.bean(CatalogueStore.class).watchList().entries()).isEmpty();
    }
}
