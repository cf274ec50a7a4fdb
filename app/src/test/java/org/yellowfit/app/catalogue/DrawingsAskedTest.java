package org.yellowfit.app.catalogue;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import org.yellowfit.app.RunningApp;
import org.yellowfit.app.Screens;

/** What an address may ask of a drawing: what is left out or cannot be is the usual, and nothing is an error. */
@ExtendWith(RunningApp.class)
class DrawingsAskedTest {

    private static final String PLANT = "/drawings/hosta-mixing-bowl/";

    @ParameterizedTest(name = "{0} is {1}")
    @CsvSource({
        "portrait.svg,                portrait.svg?month=7",
        "portrait.svg?month=0,        portrait.svg?month=1",
        "portrait.svg?month=99,       portrait.svg?month=12",
        "portrait.svg?age=3,          portrait.svg",
        "stage.svg,                   stage.svg?age=10&half=12&units=metric",
        "stage.svg?age=-1,            stage.svg?age=10",
        "stage.svg?age=61,            stage.svg?age=10",
        "stage.svg?age=NaN,           stage.svg?age=10",
        "stage.svg?half=-7,           stage.svg?half=0",
        "stage.svg?half=99,           stage.svg?half=23",
        "stage.svg?units=furlongs,    stage.svg?units=metric",
        "stage.svg?zone=zz&sun=much,  stage.svg",
        "group.svg?age=-1&half=99,    group.svg?age=10&half=23",
        "plan.svg?units=,             plan.svg",
        "look.svg?view=askance,       look.svg?view=front",
        "look.svg?which=-4,           look.svg?which=0",
        "look.svg?which=99,           look.svg?which=7",
    })
    void theUsualStandsForWhatCannotBe(String odd, String usual, RunningApp app) {
        Screens screens = Screens.of(app);
        assertThat(Screens.text(screens.get(PLANT + odd)).equals(Screens.text(screens.get(PLANT + usual))))
                .isTrue();
    }

    @ParameterizedTest(name = "{0} is not {1}")
    @CsvSource({
        "portrait.svg?month=4,  portrait.svg?month=7",
        "stage.svg?age=1,       stage.svg?age=10",
        "stage.svg?units=us,    stage.svg?units=metric",
        "stage.svg?sun=0.5,     stage.svg",
        "stage.svg?half=8,      stage.svg?half=8&south=true",
        "group.svg,             plan.svg",
        "look.svg?view=above,   look.svg?view=front",
        "look.svg?which=1,      look.svg?which=2",
    })
    void whatIsAskedIsShown(String one, String other, RunningApp app) {
        Screens screens = Screens.of(app);
        assertThat(Screens.text(screens.get(PLANT + one)).equals(Screens.text(screens.get(PLANT + other))))
                .isFalse();
    }

    /** Kept for good under its right name, and asked for again under any other. */
    @Test
    void aPictureIsKeptUnderItsNameAlone(RunningApp app) {
        String name = PictureName.of(
                app.bean(CatalogueStore.class).find("hosta-mixing-bowl").orElseThrow());
        assertThat(kept(app, "stage.svg?v=" + name)).contains("immutable", "private");
        assertThat(kept(app, "stage.svg?v=" + name + "x")).contains("no-cache");
        assertThat(kept(app, "stage.svg")).contains("no-cache");
    }

    private static String kept(RunningApp app, String address) {
        MvcTestResult answer = Screens.of(app).get(PLANT + address);
        assertThat(answer).hasStatusOk();
        return answer.getResponse().getHeader("Cache-Control");
    }

    @Test
    void aPlantThatIsNotThereIsSaidToBeMissing(RunningApp app) {
        assertThat(Screens.of(app).get("/drawings/nothing-at-all/stage.svg")).hasStatus(404);
    }
}
