package org.yellowfit.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.JavascriptExecutor;
import org.yellowfit.app.RunningApp;

/** Notes taken in the yard, where there is not always a network. */
class YardJourneyTest extends BrowserTest {

    private static final String PLANT = "/records/plants/weigela-inkstand";

    private void network(boolean there) {
        browser.executeCdpCommand("Network.enable", Map.of());
        browser.executeCdpCommand(
                "Network.emulateNetworkConditions",
                Map.of("offline", !there, "latency", 0, "downloadThroughput", -1, "uploadThroughput", -1));
    }

    private void openPlant() {
        signIn("tamsin");
        browser.get(url + PLANT);
        untilScreen("records");
    }

    private void note(String place, String height) {
        clear("#place");
        type("#place", place);
        type("#age_years", "3");
        type("#height_m", height);
        click(".record-form button.go");
    }

    private Object kept() {
        return ((JavascriptExecutor) browser)
                .executeScript("return JSON.parse(localStorage.getItem('yf-notes') || '[]').length");
    }

    @Test
    void aNoteTakenWithoutANetworkIsSentOnceItIsBack(RunningApp app) {
        openPlant();
        network(false);
        note("Beyond the wall", "0.5");
        untilText(".waits", "1");
        assertThat(kept()).isEqualTo(1L);
        network(true);
        patiently().until(driver -> kept().equals(0L));
        assertThat(app.get("/api/v1/records.csv").body()).containsOnlyOnce("weigela-inkstand,Beyond the wall");
        isSound("a plant's records");
    }

    /** Ten times too large: the question comes when the network does, and nothing typed is lost by then. */
    @Test
    void aNoteThatIsDoubtedLaterIsOpenedAgain(RunningApp app) {
        openPlant();
        network(false);
        note("Beyond the pond", "5.2");
        untilText(".waits", "1");
        network(true);
        click(".refused a");
        patiently().until(driver -> "5.2".equals(attribute("#height_m", "value")));
        assertThat(attribute("#place", "value")).isEqualTo("Beyond the pond");
        click(".record-form button.go");
        until(".doubt .tap");
        assertThat(kept()).isEqualTo(0L);
        assertThat(app.get("/api/v1/records.csv").body()).doesNotContain("Beyond the pond");
        clear("#height_m");
        type("#height_m", "0.52");
        click(".record-form button.go");
        patiently().until(driver -> app.get("/api/v1/records.csv").body().contains("Beyond the pond"));
    }
}
