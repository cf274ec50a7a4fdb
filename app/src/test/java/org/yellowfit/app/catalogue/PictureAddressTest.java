package org.yellowfit.app.catalogue;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yellowfit.app.RunningApp;
import org.yellowfit.app.Screens;
import org.yellowfit.core.climate.HardinessZone;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.season.GrowingPlace;

/** What of a place stands in the address of a picture, and that it shows. */
@ExtendWith(RunningApp.class)
class PictureAddressTest {

    private static final GrowingPlace ZONE_7A = GrowingPlace.of(Optional.of(HardinessZone.parse("7a")));

    @Test
    void thePlaceStandsInTheAddressRounded() {
        assertThat(PictureAddress.query(GrowingPlace.ANYWHERE)).isEmpty();
        assertThat(PictureAddress.query(ZONE_7A.withSun(3.87))).isEqualTo("&zone=7a&sun=4");
        assertThat(PictureAddress.query(ZONE_7A.withPh(5.6))).isEqualTo("&zone=7a&ph=5.5");
        assertThat(PictureAddress.query(ZONE_7A.southern())).isEqualTo("&zone=7a&south=true");
    }

    @ParameterizedTest(name = "zone {0}, sun {1}")
    @CsvSource({"'', ''", "99z, 4", "7a, 77", "7a, -1", "' ', many", "7a, 1e9", "7a, 4&ph=2", "7a, 4&ph=many"})
    void oddAddressesAreDrawnAsFarAsTheyAreRead(String zone, String sun, RunningApp app) {
        assertThat(Screens.of(app)
                        .get("/drawings/spiraea-oarlock/portrait.svg?month=6&zone=%s&sun=%s"
                                .formatted(zone.strip(), sun)))
                .hasStatusOk();
    }

    @Test
    void whatIsReadIsThePlaceThatWasWritten() {
        assertThat(PictureAddress.place("7a", "4", "5.5", true))
                .isEqualTo(ZONE_7A.withSun(4.0).withPh(5.5).southern());
        assertThat(PictureAddress.place("", "", "", false)).isEqualTo(GrowingPlace.ANYWHERE);
    }

    /** Under the name of its content a picture is kept for good; under an old one, or none, it is asked for anew. */
    @Test
    void aPictureIsKeptUnderTheNameOfItsContent(RunningApp app) {
        Cultivar plant = app.bean(CatalogueStore.class).find("spiraea-oarlock").orElseThrow();
        String named = PictureAddress.portrait(plant, GrowingPlace.ANYWHERE);
        assertThat(kept(app, named)).contains("immutable").contains("max-age=31536000");
        assertThat(kept(app, named + "0")).contains("no-cache");
        assertThat(PictureName.of(plant)).isEqualTo(PictureName.of(plant));
        assertThat(PictureName.of(plant.with(Traits.COMMON, "another name"))).isNotEqualTo(PictureName.of(plant));
    }

    private static String kept(RunningApp app, String address) {
        return Screens.of(app).get(address).getResponse().getHeader("Cache-Control");
    }

    /** B2 and B7: in fewer hours gold reads green, and a plant in flower carries fewer flowers. */
    @Test
    void fewerHoursShow(RunningApp app) {
        String sunny = picture(app, "&sun=7");
        String shady = picture(app, "&sun=2");
        assertThat(shady).isNotEqualTo(sunny);
        assertThat(picture(app, "")).isEqualTo(sunny);
    }

    /** A10: July south of the equator is the middle of winter, January full of leaves. */
    @Test
    void theYearIsTurnedInTheSouth(RunningApp app) {
        assertThat(picture(app, "&south=true")).isNotEqualTo(picture(app, ""));
        assertThat(at(app, 1, "&south=true").length())
                .isGreaterThan(at(app, 1, "").length());
    }

    private static String picture(RunningApp app, String query) {
        return at(app, 7, query);
    }

    private static String at(RunningApp app, int month, String query) {
        return Screens.text(Screens.of(app).get("/drawings/spiraea-oarlock/portrait.svg?month=" + month + query));
    }
}
