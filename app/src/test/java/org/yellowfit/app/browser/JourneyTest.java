package org.yellowfit.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.openqa.selenium.By;
import org.openqa.selenium.Dimension;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.support.ui.ExpectedConditions;
import org.yellowfit.app.RunningApp;
import org.yellowfit.app.Screens;
import org.yellowfit.app.visit.Visit;

/**
 * The way of a visit in a real browser: by mouse, by keyboard, on a phone; each page is checked by axe and for console
 * errors.
 */
class JourneyTest extends BrowserTest {

    @Test
    void aVisitFromThePlaceToThePrintedListByMouse() {
        signIn("tamsin");
        isSound("counter");
        click("a[href='/visits/new']");
        untilScreen("site");
        type("#place", "Under the kitchen window");
        type("#zone", "6b");
        type("#sunHours", "4.5");
        tap("site.sunBias", "morning");
        type("#texture", "clay loam");
        tap("site.drainage", "slow");
        type("#ph", "77");
        type("#depthM", "90 cm");
        type("#lengthM", "5.5");
        type("#maxHeightM", "0.9");
        tap("site.children", "yes");
        isSound("site");
        click(".bar .go");
        until(".problem.summary");
        assertThat(attribute("#ph", "value")).isEqualTo("77");
        assertThat(attribute("#depthM", "value")).isEqualTo("90 cm");
        isSound("site with a problem");
        clear("#ph");
        type("#ph", "6.4");
        click(".bar .go");
        untilScreen("shortlist");
        assertThat(browser.findElements(By.cssSelector(".thread"))).hasSizeGreaterThan(5);
        click("#chosen .all-reasons summary");
        assertThat(text("#chosen .reasons")).contains("Hardy from zone");
        isSound("shortlist");
        type("#why", "hidrangea bilge");
        click(".why button");
        patiently().until(ExpectedConditions.urlContains("why="));
        until(".threaded");
        assertThat(text(".threaded .fit-card")).contains("Bilge Pump", "over the limit");
        isSound("why not");
        browser.navigate().back();
        untilScreen("shortlist");
        List<String> fitting = browser.findElements(By.cssSelector(".thread")).stream()
                .limit(2)
                .map(row -> row.getAttribute("data-id"))
                .toList();
        for (String plant : fitting) {
            click(".thread[data-id='" + plant + "']");
            click("#chosen[data-id='" + plant + "'] [data-act='b']");
            untilText(".thread[data-id='" + plant + "'] .ticked", "✓");
        }
        click(".parts a[data-key='3']");
        untilScreen("bench");
        assertThat(browser.findElements(By.cssSelector(".bench-column"))).hasSize(2);
        String ten = text(".bench-column .size");
        click(".dial a");
        until(".dial a.here");
        assertThat(text(".bench-column .size")).isNotEqualTo(ten);
        isSound("side by side");
        click(".dials .all .go");
        untilScreen("list");
        assertThat(browser.findElements(By.cssSelector(".list-lines > li"))).hasSize(2);
        String before = text(".line-total .count");
        WebElement line = find(".list-lines");
        click("input[name='school'][value='QUICK_COVER']");
        patiently().until(ExpectedConditions.stalenessOf(line));
        untilScreen("list");
        assertThat(Integer.parseInt(text(".line-total .count"))).isGreaterThan(Integer.parseInt(before));
        isSound("list");
        click(".sum .go");
        untilScreen("handout");
        assertThat(text(".paper")).contains("Before you dig", "Under the kitchen window", "on centre");
        isSound("handout");
        for (String page : List.of("/catalogue", "/catalogue/spiraea-oarlock")) {
            browser.get(url + page);
            until("h1");
            isSound(page);
        }
    }

    @Test
    void aVisitByKeyboardAlone() {
        signIn("tamsin");
        alt("n");
        untilScreen("site");
        focus("#place", "By keyboard");
        focus("#zone", "6b");
        focus("#sunHours", "6");
        alt("s");
        untilScreen("shortlist");
        String second = browser.findElements(By.cssSelector(".thread")).get(1).getAttribute("data-id");
        press("n");
        until("#chosen[data-id='" + second + "']");
        press("w");
        until("#chosen .reasons");
        press("b");
        untilText(".thread[data-id='" + second + "'] .ticked", "✓");
        alt("3");
        untilScreen("bench");
        alt("l");
        untilScreen("list");
        assertThat(browser.findElements(By.cssSelector(".list-lines > li"))).hasSize(1);
        alt("h");
        untilScreen("handout");
        assertThat(text(".paper")).contains("By keyboard");
    }

    @ParameterizedTest(name = "{0} by {1} px")
    @CsvSource({"390, 844", "820, 1180"})
    void everyScreenFitsAPhoneAndATablet(int width, int height, RunningApp app) {
        String longWord = "wallflowerbed".repeat(12);
        Visit longest = Screens.of(app)
                .visit(Map.of("place", longWord, "customer", longWord, "note", "n".repeat(4000), "site.zone", "6b"));
        Screens.of(app).post("/visits/" + longest.id() + "/list", Map.of("plant", "spiraea-ember-shovel"));
        Screens.of(app).post("/visits/" + longest.id() + "/handout/link", Map.of("months", "3"));
        signIn("marrow");
        String visit = url + "/visits/" + longest.id() + "/shortlist";
        browser.get(visit.replace("shortlist", "handout"));
        String link = url
                + browser.findElement(By.cssSelector("#link a"))
                        .getAttribute("href")
                        .replaceAll("^https?://[^/]+", "");
        browser.manage().window().setSize(new Dimension(width, height));
        for (String page : List.of(
                url + "/",
                visit.replace("shortlist", "site"),
                visit,
                visit.replace("shortlist", "side-by-side"),
                visit.replace("shortlist", "list"),
                visit.replace("shortlist", "handout"),
                visit.replace("shortlist", "calendar"),
                visit.replace("shortlist", "afterwards"),
                url + "/yard",
                url + "/orders",
                url + "/records",
                url + "/records/plants/spiraea-ember-shovel",
                url + "/season",
                url + "/outbox",
                link,
                url + "/catalogue",
                url + "/catalogue/hydrangea-tide-table",
                url + "/settings",
                url + "/settings/watch-list",
                url + "/stations",
                url + "/visits/new",
                url + "/catalogue/labels?ids=hosta-mixing-bowl",
                visit.replace("shortlist", "place"),
                visit.replace("shortlist", "soil"),
                visit.replace("shortlist", "climate"),
                visit.replace("shortlist", "card"),
                visit.replace("shortlist", "sun"),
                visit.replace("shortlist", "instead/hydrangea-tide-table"))) {
            browser.get(page);
            until("h1");
            isSound(page + " at " + width);
        }
    }
}
