package org.yellowfit.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.List;
import java.util.logging.Level;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.openqa.selenium.By;
import org.openqa.selenium.Dimension;
import org.openqa.selenium.JavascriptExecutor;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.chrome.ChromeDriver;
import org.openqa.selenium.chrome.ChromeDriverService;
import org.openqa.selenium.chrome.ChromeOptions;
import org.openqa.selenium.interactions.Actions;
import org.openqa.selenium.logging.LogEntry;
import org.openqa.selenium.logging.LogType;
import org.openqa.selenium.logging.LoggingPreferences;
import org.openqa.selenium.support.ui.ExpectedConditions;
import org.openqa.selenium.support.ui.WebDriverWait;
import org.yellowfit.app.RunningApp;

/** The way of a visit in a real browser: by mouse, by keyboard, on a phone; each page is checked by axe and for console errors. */
@ExtendWith(RunningApp.class)
class JourneyTest {

    private static final Duration PATIENCE = Duration.ofSeconds(120);

    private ChromeDriver browser;
    private String url;

    @BeforeEach
    void open(RunningApp app) {
        url = app.url();
        ChromeOptions options = new ChromeOptions();
        options.setBinary("/usr/bin/chromium");
        options.addArguments("--headless=new", "--no-sandbox", "--disable-gpu", "--disable-quic", "--no-first-run", "--disable-background-networking",
                "--disable-component-update", "--disable-sync", "--disable-dev-shm-usage", "--window-size=1280,900");
        LoggingPreferences logs = new LoggingPreferences();
        logs.enable(LogType.BROWSER, Level.ALL);
        options.setCapability("goog:loggingPrefs", logs);
        ChromeDriverService service = new ChromeDriverService.Builder().usingDriverExecutable(new java.io.File("/usr/bin/chromedriver")).build();
        browser = new ChromeDriver(service, options);
        browser.manage().timeouts().pageLoadTimeout(Duration.ofSeconds(120)).scriptTimeout(Duration.ofSeconds(120));
    }

    @AfterEach
    void close() {
        if (browser != null) {
            browser.quit();
        }
    }

    private void signIn(String name) {
        browser.get(url + "/sign-in");
        find("#username").sendKeys(name);
        find("#password").sendKeys(RunningApp.PASSWORD);
        find("button.go").click();
        until("h1");
    }

    private WebElement find(String css) {
        return browser.findElement(By.cssSelector(css));
    }

    private WebElement until(String css) {
        return new WebDriverWait(browser, PATIENCE).until(ExpectedConditions.elementToBeClickable(By.cssSelector(css)));
    }

    private void untilScreen(String name) {
        until("body[data-screen='" + name + "'] h1");
    }

    private void tap(String field, String value) {
        find("input[name='" + field + "'][value='" + value + "']").click();
    }

    private void isSound(String page) {
        assertThat(Accessibility.seriousIn(browser)).as("axe on " + page).isEmpty();
        List<LogEntry> errors = browser.manage().logs().get(LogType.BROWSER).getAll().stream()
                .filter(entry -> entry.getLevel().intValue() >= Level.WARNING.intValue()).filter(entry -> !entry.getMessage().contains("status of 422")).toList();
        assertThat(errors).as("console on " + page).isEmpty();
        Number overflow = (Number) ((JavascriptExecutor) browser).executeScript("return document.documentElement.scrollWidth - document.documentElement.clientWidth");
        assertThat(overflow.intValue()).as("nothing sticks out sideways on " + page).isLessThanOrEqualTo(0);
    }

    @Test
    void aVisitFromThePlaceToThePrintedListByMouse() {
        signIn("tamsin");
        isSound("counter");
        find("a[href='/visits/new']").click();
        untilScreen("site");
        find("#place").sendKeys("Under the kitchen window");
        find("#zone").sendKeys("6b");
        find("#sunHours").sendKeys("4.5");
        tap("site.sunBias", "morning");
        find("#texture").sendKeys("clay loam");
        tap("site.drainage", "slow");
        find("#ph").sendKeys("77");
        find("#depthM").sendKeys("90 cm");
        find("#lengthM").sendKeys("5.5");
        find("#maxHeightM").sendKeys("0.9");
        tap("site.children", "yes");
        isSound("site");
        find(".bar .go").click();
        until(".problem.summary");
        assertThat(find("#ph").getAttribute("value")).isEqualTo("77");
        assertThat(find("#depthM").getAttribute("value")).isEqualTo("90 cm");
        isSound("site with a problem");
        find("#ph").clear();
        find("#ph").sendKeys("6.4");
        find(".bar .go").click();
        untilScreen("shortlist");
        assertThat(browser.findElements(By.cssSelector(".fit-card"))).hasSizeGreaterThan(5);
        find(".fit-card details summary").click();
        assertThat(find(".fit-card .reasons").getText()).contains("Hardy from zone");
        isSound("shortlist");
        find("#why").sendKeys("hidrangea bilge");
        find(".why button").click();
        new WebDriverWait(browser, PATIENCE).until(ExpectedConditions.urlContains("why="));
        until(".threaded");
        assertThat(find(".threaded .fit-card").getText()).contains("Bilge Pump", "over the limit");
        isSound("why not");
        List<String> fitting = browser.findElements(By.cssSelector("#fits .fit-card")).stream().limit(2).map(card -> card.getAttribute("id")).toList();
        for (String plant : fitting) {
            find("#fits [id='" + plant + "'] .acts button").click();
            until("#fits [id='" + plant + "'] .picked");
        }
        find(".steps a[data-key='3']").click();
        untilScreen("bench");
        assertThat(browser.findElements(By.cssSelector(".bench-column"))).hasSize(2);
        String ten = find(".bench-column .size").getText();
        find(".dial a").click();
        until(".dial a.here");
        assertThat(find(".bench-column .size").getText()).isNotEqualTo(ten);
        isSound("side by side");
        find(".dials .all .go").click();
        untilScreen("list");
        assertThat(browser.findElements(By.cssSelector(".list-lines > li"))).hasSize(2);
        String before = find(".line-total .count").getText();
        WebElement line = find(".list-lines");
        find("input[name='school'][value='QUICK_COVER']").click();
        new WebDriverWait(browser, PATIENCE).until(ExpectedConditions.stalenessOf(line));
        untilScreen("list");
        assertThat(Integer.parseInt(find(".line-total .count").getText())).isGreaterThan(Integer.parseInt(before));
        isSound("list");
        find(".sum .go").click();
        untilScreen("handout");
        assertThat(find(".paper").getText()).contains("Before you dig", "Under the kitchen window", "on centre");
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
        WebElement pick = find(".fit-card .acts button");
        ((JavascriptExecutor) browser).executeScript("arguments[0].focus()", pick);
        new Actions(browser).sendKeys(Keys.ENTER).perform();
        until(".picked");
        alt("3");
        untilScreen("bench");
        alt("l");
        untilScreen("list");
        assertThat(browser.findElements(By.cssSelector(".list-lines > li"))).hasSize(1);
        alt("h");
        untilScreen("handout");
        assertThat(find(".paper").getText()).contains("By keyboard");
    }

    @Test
    void everyScreenFitsAPhoneAndATablet(RunningApp app) {
        signIn("marrow");
        String visit = browser.findElements(By.cssSelector("a.visit-card")).stream().map(a -> a.getAttribute("href")).filter(href -> href.contains("/visits/")).reduce((a, b) -> b).orElseThrow();
        for (Dimension size : List.of(new Dimension(390, 844), new Dimension(820, 1180))) {
            browser.manage().window().setSize(size);
            for (String page : List.of(url + "/", visit.replace("shortlist", "site"), visit, visit.replace("shortlist", "side-by-side"), visit.replace("shortlist", "list"),
                    visit.replace("shortlist", "handout"), url + "/catalogue", url + "/catalogue/hydrangea-tide-table", url + "/settings")) {
                browser.get(page);
                until("h1");
                isSound(page + " at " + size.width);
            }
        }
    }

    private void focus(String css, String text) {
        WebElement element = find(css);
        ((JavascriptExecutor) browser).executeScript("arguments[0].focus()", element);
        element.sendKeys(text);
    }

    private void alt(String letter) {
        new Actions(browser).keyDown(Keys.ALT).sendKeys(letter).keyUp(Keys.ALT).perform();
    }
}
