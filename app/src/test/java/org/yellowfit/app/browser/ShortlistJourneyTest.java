package org.yellowfit.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;

/** The dense shortlist in a real browser: twenty at once, dials that re-rank, passing and bringing back. */
class ShortlistJourneyTest extends BrowserTest {

    private String openStrip() {
        signIn("tamsin");
        String visit = browser.findElements(By.cssSelector("a.visit-card")).stream()
                .filter(card -> card.getText().contains("chandler"))
                .findFirst()
                .orElseThrow()
                .getAttribute("href");
        browser.get(visit);
        untilScreen("shortlist");
        return visit;
    }

    @Test
    void twentyThreadsAreSeenWithoutScrolling() {
        browser.manage().window().setSize(new org.openqa.selenium.Dimension(1280, 800 + browserChrome()));
        openStrip();
        List<WebElement> rows = browser.findElements(By.cssSelector(".thread"));
        assertThat(rows).hasSize(20);
        Number bottom = (Number)
                browser.executeScript("return document.querySelectorAll('.thread')[19].getBoundingClientRect().bottom");
        assertThat(bottom.doubleValue()).isLessThanOrEqualTo(800);
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
