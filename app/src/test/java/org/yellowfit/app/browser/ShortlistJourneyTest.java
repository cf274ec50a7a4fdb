package org.yellowfit.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.support.ui.Select;

/** The dense shortlist in a real browser: twenty at once, dials that re-rank, passing and bringing back. */
class ShortlistJourneyTest extends BrowserTest {

    private String openStrip() {
        signIn("tamsin");
        String visit = demoVisit("chandler", "shortlist");
        browser.get(visit);
        untilScreen("shortlist");
        return visit;
    }

    @Test
    void theFirstFiveAndEightLinesAreSeenWithoutScrolling() {
        browser.manage().window().setSize(new org.openqa.selenium.Dimension(1280, 800 + browserChrome()));
        openStrip();
        List<WebElement> rows = browser.findElements(By.cssSelector(".thread"));
        assertThat(rows).hasSize(20);
        assertThat(browser.findElements(By.cssSelector(".first-five .first"))).hasSize(5);
        assertThat(bottomOf(".first", 4)).isLessThan(bottomOf(".thread", 0));
        assertThat(bottomOf(".thread", 7)).isLessThanOrEqualTo(800);
    }

    private double bottomOf(String css, int which) {
        Number bottom = (Number) browser.executeScript(
                "return document.querySelectorAll(arguments[0])[arguments[1]].getBoundingClientRect().bottom",
                css,
                which);
        return bottom.doubleValue();
    }

    /** A job is said by choosing it and typing what it needs; what is wished for opens from the sentence. */
    @Test
    void theSentenceIsFilledByTappingAndTyping() {
        openStrip();
        new Select(browser.findElement(By.id("job-1-kind"))).selectByValue("hedge");
        assertThat(browser.switchTo().activeElement().getAttribute("id")).isEqualTo("job-1-heightM");
        type("#job-1-heightM", "50 cm", Keys.TAB);
        patiently().until(driver -> !driver.findElements(By.id("job-2-kind")).isEmpty());
        assertThat(attribute("#job-1-heightM", "value")).isEqualTo("50 cm");
        isSound("shortlist with a hedge asked for");
        String before = attribute(".first button", "data-id");
        assertThat(before).isNotEmpty();
        click(".first:last-child button");
        untilText(
                ".threads-right",
                browser.findElement(By.cssSelector(".first:last-child b")).getText());
        click("#wish-also summary");
        tap("wants.evergreen", "yes");
        press(Keys.ESCAPE);
        untilText("#wish-also summary", "evergreen");
        // No evergreen hedge flowers all summer in that little sun: none is first, and it is said why (L6, L7).
        untilText(".conflict", "Nothing serves here");
        assertThat(browser.findElements(By.cssSelector(".first"))).isEmpty();
        isSound("shortlist with wishes");
    }

    private int browserChrome() {
        Number difference = (Number) browser.executeScript("return window.outerHeight - window.innerHeight");
        return difference.intValue();
    }

    @Test
    void aDialReRanksAndSaysWhoEntersAndWhoLeaves() {
        openStrip();
        click(".what-if summary");
        for (int i = 0; i < 6; i++) {
            type("#dial-sunHours", Keys.ARROW_RIGHT);
        }
        untilText(".dense-sum", "Enters:");
        untilText(".dense-sum", "Leaves:");
        assertThat(browser.findElements(By.cssSelector(".thread.new"))).isNotEmpty();
        isSound("shortlist with a dial moved");
    }

    @Test
    void aPlantPassedIsBroughtBack() {
        String visit = openStrip();
        String first = attribute(".thread", "data-id");
        press("x");
        until(".passed .name-chip");
        assertThat(attribute(".thread", "data-id")).isNotEqualTo(first);
        click(".passed .name-chip");
        patiently().until(driver -> attribute(".thread", "data-id").equals(first));
        browser.get(visit + "?group=kind");
        until(".group-title");
    }
}
