package org.yellowfit.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.openqa.selenium.Keys;
import org.openqa.selenium.interactions.Actions;

/** A planting placed, dragged about and moved by keys in a real browser. */
class BedJourneyTest extends BrowserTest {

    /** Every answer comes late, and is counted. */
    private static final String SLOW = """
            const real = window.fetch;
            window.answered = 0;
            window.fetch = async (...asked) => {
              await new Promise((go) => setTimeout(go, 700));
              const answer = await real(...asked);
              window.answered += asked[1]?.method === 'POST' ? 1 : 0;
              return answer;
            };""";

    @Test
    void anUndoNeverOvertakesTheStepItTakesBack() {
        String all = placed();
        browser.executeScript(SLOW);
        focus("#plan", "n");
        until("#selection:not([hidden])");
        // The move is on its way, the taking out waits for it, and the undo is for the taking out.
        focus("#plan", Keys.ARROW_RIGHT.toString());
        click("#away");
        click("#undo");
        patiently().until(driver -> ((Number) browser.executeScript("return window.answered")).intValue() >= 3);
        untilText("#bed-sum", all);
        browser.navigate().refresh();
        untilText("#bed-sum", all);
        click("#redo");
        patiently().until(driver -> !text("#bed-sum").equals(all));
    }

    /** A bed of its own with all its plants placed, and how many these are. */
    private String placed() {
        signIn("tamsin");
        click("a[href='/visits/new']");
        untilScreen("site");
        type("#place", "A bed in a minute");
        type("#zone", "6b");
        type("#depthM", "2");
        type("#lengthM", "6");
        click(".bar .go");
        untilScreen("shortlist");
        browser.get(browser.getCurrentUrl().replaceAll("/shortlist.*", "/together"));
        click("button.go");
        click(".offers form button.go");
        until(".stands .stand");
        browser.get(browser.getCurrentUrl().replaceAll("/together.*", "/bed"));
        untilScreen("bed");
        click("#place-all");
        patiently().until(driver -> !text("#bed-sum").startsWith("0 "));
        String all = text("#bed-sum");
        assertThat(all).contains("plant");
        return all;
    }

    @Test
    void placedDraggedMovedByKeysAndTakenBack() {
        String all = placed();
        isSound("bed");
        // N goes to the first plant; an arrow moves it by 5 cm along the front.
        focus("#plan", "n");
        until("#selection:not([hidden])");
        double before = metres(property("#at-u"));
        focus("#plan", Keys.ARROW_RIGHT.toString());
        patiently().until(driver -> Math.abs(metres(property("#at-u")) - before - 0.05) < 0.011);
        click("#away");
        patiently().until(driver -> !text("#bed-sum").equals(all));
        click("#undo");
        untilText("#bed-sum", all);
        // One more is set down in the middle of the plan, picked up there and dragged to the right.
        click("#kinds li button");
        new Actions(browser).moveToElement(find("#plan")).click().perform();
        patiently().until(driver -> !text("#bed-sum").equals(all));
        focus("#plan", Keys.ESCAPE.toString());
        new Actions(browser).moveToElement(find("#plan")).click().perform();
        until("#selection:not([hidden])");
        double stood = metres(property("#at-u"));
        new Actions(browser)
                .moveToElement(find("#plan"))
                .clickAndHold()
                .moveByOffset(20, 0)
                .moveByOffset(60, 0)
                .release()
                .perform();
        patiently().until(driver -> metres(property("#at-u")) > stood + 0.2);
        click("#undo");
        patiently().until(driver -> Math.abs(metres(property("#at-u")) - stood) < 0.011);
        click("#undo");
        untilText("#bed-sum", all);
        String year = text("#year-out");
        focus("#year", Keys.PAGE_UP.toString());
        patiently().until(driver -> !text("#year-out").equals(year));
        browser.navigate().refresh();
        untilText("#bed-sum", all);
    }

    private String property(String css) {
        return find(css).getDomProperty("value");
    }

    /** “1.2 m” or “40 cm”. */
    private static double metres(String text) {
        String[] parts = text.split(" ");
        double number = Double.parseDouble(parts[0]);
        return parts.length > 1 && parts[1].equals("cm") ? number / 100 : number;
    }
}
