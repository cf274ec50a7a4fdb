package org.yellowfit.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.List;
import java.util.function.Function;
import java.util.logging.Level;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.extension.ExtendWith;
import org.openqa.selenium.By;
import org.openqa.selenium.ElementNotInteractableException;
import org.openqa.selenium.JavascriptExecutor;
import org.openqa.selenium.Keys;
import org.openqa.selenium.NoSuchElementException;
import org.openqa.selenium.StaleElementReferenceException;
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
import org.yellowfit.app.visit.Visits;

/** A real browser on the running application: what every test of a screen needs. */
@ExtendWith(RunningApp.class)
abstract class BrowserTest {

    private static final int MOST_VISITS = 2000;
    static final Duration PATIENCE = Duration.ofSeconds(120);

    ChromeDriver browser;
    String url;
    private RunningApp app;

    /** The address of a visit that ships with the program, by its place: the counter shows the latest only. */
    String demoVisit(String part, String screen) {
        return app.bean(Visits.class).latest(MOST_VISITS).stream()
                .filter(visit -> visit.place().contains(part))
                .reduce((later, earlier) -> earlier)
                .map(visit -> url + "/visits/" + visit.id() + "/" + screen)
                .orElseThrow();
    }

    @BeforeEach
    void open(RunningApp running) {
        app = running;
        url = app.url();
        ChromeOptions options = new ChromeOptions();
        options.setBinary("/usr/bin/chromium");
        options.addArguments(
                "--headless=new",
                "--no-sandbox",
                "--disable-gpu",
                "--disable-quic",
                "--no-first-run",
                "--disable-background-networking",
                "--disable-component-update",
                "--disable-sync",
                "--disable-dev-shm-usage",
                "--window-size=1280,900");
        LoggingPreferences logs = new LoggingPreferences();
        logs.enable(LogType.BROWSER, Level.ALL);
        options.setCapability("goog:loggingPrefs", logs);
        ChromeDriverService service = new ChromeDriverService.Builder()
                .usingDriverExecutable(new java.io.File("/usr/bin/chromedriver"))
                .build();
        browser = new ChromeDriver(service, options);
        browser.manage().timeouts().pageLoadTimeout(Duration.ofSeconds(120)).scriptTimeout(Duration.ofSeconds(120));
    }

    @AfterEach
    void close() {
        if (browser != null) {
            browser.quit();
        }
    }

    void signIn(String name) {
        browser.get(url + "/sign-in");
        type("#username", name);
        type("#password", RunningApp.PASSWORD);
        click("button.go");
        until("h1");
    }

    WebElement find(String css) {
        return browser.findElement(By.cssSelector(css));
    }

    /** What ends right of the window, but for what is scrolled or hidden on purpose. */
    private static final int LOOKS_AGAIN = 3;

    private static final String STICKING_OUT = """
            const held = (e) => { for (let p = e.parentElement; p; p = p.parentElement) { if (['auto', 'scroll', 'hidden'].includes(getComputedStyle(p).overflowX)) { return true; } } return false; };
            return [...document.querySelectorAll('main *')].filter((e) => { const r = e.getBoundingClientRect(); return r.width > 1 && r.height > 1 && r.right > innerWidth + 1 && !e.closest('svg') && !e.closest('details:not([open])') && !held(e); })
              .slice(0, 5).map((e) => e.tagName + '.' + (e.className || e.id) + ' to ' + Math.round(e.getBoundingClientRect().right));""";

    /** Waits out a page that is redrawn between finding and looking. */
    WebDriverWait patiently() {
        WebDriverWait wait = new WebDriverWait(browser, PATIENCE);
        wait.ignoring(StaleElementReferenceException.class)
                .ignoring(ElementNotInteractableException.class)
                .ignoring(NoSuchElementException.class);
        return wait;
    }

    /** Looks at a thing in one go, and again where the page was redrawn between finding it and looking. */
    private <T> T onto(String css, Function<WebElement, T> look) {
        return patiently().until(driver -> look.apply(driver.findElement(By.cssSelector(css))));
    }

    String text(String css) {
        return onto(css, WebElement::getText);
    }

    String attribute(String css, String name) {
        return onto(css, element -> String.valueOf(element.getAttribute(name)));
    }

    /** Types once: what has been typed into a field that is then redrawn is typed into the new one by the test. */
    void type(String css, CharSequence... keys) {
        onto(css, element -> {
            element.sendKeys(keys);
            return true;
        });
    }

    void clear(String css) {
        onto(css, element -> {
            element.clear();
            return true;
        });
    }

    /** Finds and clicks in one go, and again where the page was redrawn between the two. */
    void click(String css) {
        patiently().until(driver -> {
            driver.findElement(By.cssSelector(css)).click();
            return true;
        });
    }

    WebElement until(String css) {
        return patiently().until(ExpectedConditions.elementToBeClickable(By.cssSelector(css)));
    }

    void untilScreen(String name) {
        until("body[data-screen='" + name + "'] h1");
    }

    void tap(String field, String value) {
        click("input[name='" + field + "'][value='" + value + "']");
    }

    void isSound(String page) {
        assertThat(seriousWhenStill()).as("axe on " + page).isEmpty();
        List<LogEntry> errors = browser.manage().logs().get(LogType.BROWSER).getAll().stream()
                .filter(entry -> entry.getLevel().intValue() >= Level.WARNING.intValue())
                .filter(entry -> !entry.getMessage().contains("status of 422"))
                .toList();
        assertThat(errors).as("console on " + page).isEmpty();
        Number overflow = (Number) ((JavascriptExecutor) browser)
                .executeScript("return document.documentElement.scrollWidth - document.documentElement.clientWidth");
        assertThat(overflow.intValue())
                .as("nothing sticks out sideways on " + page)
                .isLessThanOrEqualTo(0);
        assertThat((List<?>) ((JavascriptExecutor) browser).executeScript(STICKING_OUT))
                .as("nothing sticks out of what holds it on " + page)
                .isEmpty();
    }

    /** What a page has while it is being redrawn passes; what is wrong with it stays. */
    private List<String> seriousWhenStill() {
        List<String> serious = Accessibility.seriousIn(browser);
        for (int i = 0; i < LOOKS_AGAIN && !serious.isEmpty(); i++) {
            serious = Accessibility.seriousIn(browser);
        }
        return serious;
    }

    void press(CharSequence... keys) {
        new Actions(browser).sendKeys(keys).perform();
    }

    void untilText(String css, String part) {
        patiently().until(ExpectedConditions.textToBePresentInElementLocated(By.cssSelector(css), part));
    }

    void focus(String css, String text) {
        onto(css, element -> {
            ((JavascriptExecutor) browser).executeScript("arguments[0].focus()", element);
            element.sendKeys(text);
            return true;
        });
    }

    void alt(String letter) {
        new Actions(browser).keyDown(Keys.ALT).sendKeys(letter).keyUp(Keys.ALT).perform();
    }
}
