package org.yellowfit.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.JavascriptExecutor;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.interactions.Actions;

/** A place drawn in a real browser: from nothing to a patch that the shortlist is for. */
class DrawingJourneyTest extends BrowserTest {

    private void newDrawing() {
        signIn("tamsin");
        click("a[href='/visits/new']");
        untilScreen("site");
        type("#place", "Drawn in a minute");
        type("#zone", "6b");
        click(".bar .go");
        untilScreen("shortlist");
        browser.get(browser.getCurrentUrl().replaceAll("/shortlist.*", "/place"));
        until("#starts .start");
    }

    private int things() {
        return browser.findElements(By.cssSelector("#plan .thing")).size();
    }

    private void untilThings(int count) {
        patiently().until(driver -> things() == count);
    }

    /**
     * The cards are drawn anew when the study of the redone drawing arrives, maybe just between finding and clicking.
     */
    private void clickThoughRedrawn(String css) {
        patiently().until(b -> {
            click(css);
            return true;
        });
    }

    @Test
    void fromAReadyMadeStartToTheShortlistOfAPatch() {
        newDrawing();
        click("[data-start='0']");
        until(".patch-card .patch-light");
        untilText("#saved", "Saved");
        untilText(".patch-card", "h of sun a day");
        untilText(".patch-card", "Nothing above 90 cm");
        assertThat(browser.findElements(By.cssSelector("#plan .hours"))).isNotEmpty();
        isSound("drawing");
        click("#undo");
        untilThings(0);
        click("#redo");
        untilThings(4);
        String before = text("#hour-out");
        focus("#hour", Keys.ARROW_RIGHT.toString());
        assertThat(text("#hour-out")).isNotEqualTo(before).contains("sun");
        focus("#month", Keys.ARROW_RIGHT.toString());
        untilText("#month-out", "January");
        clickThoughRedrawn(".patch-card form button");
        untilScreen("shortlist");
        assertThat(text(".told")).contains("patch A");
        assertThat(text(".line-head")).contains("under 90 cm");
    }

    @Test
    void byKeyboardAloneWithTypedLengths() {
        newDrawing();
        focus("[data-add='bed']", Keys.ENTER.toString());
        untilThings(1);
        clear("#panel-side0");
        type("#panel-side0", "4.2 m", Keys.TAB);
        untilText("#plan .length", "4.2 m");
        focus("#panel-side0", Keys.chord(Keys.CONTROL, "a"));
        // The panel is drawn anew when the drawing is saved; what is selected stays so, and is typed over.
        untilText("#saved", "Saved");
        type("#panel-side0", "wide", Keys.TAB);
        untilText("#panel-side0 + .problem", "length");
        assertThat(attribute("#panel-side0", "value")).isEqualTo("wide");
        ((JavascriptExecutor) browser).executeScript("document.querySelector('#plan .thing').focus()");
        String before = attribute("#panel-east", "value");
        press(Keys.ARROW_RIGHT);
        patiently().until(driver -> !attribute("#panel-east", "value").equals(before));
        focus("[data-add='tree']", Keys.ENTER.toString());
        untilThings(2);
        press(Keys.DELETE);
        untilThings(1);
        until(".patch-card");
    }

    @Test
    void drawnByDraggingAndAskedWhy() {
        newDrawing();
        WebElement plan = find("#plan");
        drag("bed", plan, -60, -10, 120, 60);
        untilThings(1);
        drag("fence", plan, -90, 90, 200, 0);
        untilThings(2);
        untilText("#saved", "Saved");
        until(".patch-card");
        click("[data-add='why']");
        new Actions(browser).moveToElement(plan, 0, 20).click().perform();
        untilText("#why-title", "h of sun here");
    }

    private void drag(String tool, WebElement plan, int x, int y, int dx, int dy) {
        click("[data-add='" + tool + "']");
        new Actions(browser)
                .moveToElement(plan, x, y)
                .clickAndHold()
                .moveByOffset(dx / 2, dy / 2)
                .moveByOffset(dx - dx / 2, dy - dy / 2)
                .release()
                .perform();
    }
}
