package org.yellowfit.app.records;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.yellowfit.app.Screens.text;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import org.yellowfit.app.RunningApp;
import org.yellowfit.app.Screens;
import org.yellowfit.app.catalogue.CatalogueStore;
import org.yellowfit.app.visit.Edit;
import org.yellowfit.app.visit.Visit;
import org.yellowfit.app.visit.VisitFields;
import org.yellowfit.app.visit.Visits;
import org.yellowfit.core.fit.SiteFields;
import org.yellowfit.core.measure.Numbers;
import org.yellowfit.core.plant.Policy;
import org.yellowfit.core.plant.Traits;
import tools.jackson.databind.JsonNode;

/** Records: noted, brought in, learnt from, forgotten with the customer and kept without. */
@ExtendWith(RunningApp.class)
class RecordsTest {

    private static final String IMPORT = RecordFileTest.IMPORT;
    private static final String HEAD = RecordFileTest.HEAD;

    private static Map<String, String> form(String... fields) {
        Map<String, String> form =
                new HashMap<>(Map.of("place", "Test row", "date", "2026-09-10", "alive", "yes", "age_years", "3"));
        for (int i = 0; i < fields.length; i += 2) {
            form.put(fields[i], fields[i + 1]);
        }
        return form;
    }

    /** What is measured moves what the program reckons with, the label stays beside, and can be had alone. */
    @Test
    void whatIsMeasuredCountsAtOnceAndTheLabelCanBeHadAlone(RunningApp app) {
        String plant = "cordyline-signal-mast";
        double labelled = height(app, plant);
        Screens buyer = Screens.of(app).as(Screens.MANAGER);
        for (int year = 3; year <= 6; year++) {
            double predicted = app.post("/api/v1/growth", "{\"id\":\"" + plant + "\",\"years\":[" + year + "]}")
                    .json()
                    .get("years")
                    .get(0)
                    .get("height")
                    .get("mid")
                    .asDouble();
            assertThat(buyer.post(
                            "/records/plants/" + plant,
                            form(
                                    "age_years",
                                    String.valueOf(year),
                                    "date",
                                    "202" + year + "-09-01",
                                    "height_m",
                                    String.valueOf(Math.round(predicted * 140) / 100.0),
                                    "sure",
                                    "true")))
                    .hasStatus3xxRedirection();
        }
        double learnt = height(app, plant);
        assertThat(learnt).isGreaterThan(labelled * 1.15);
        assertThat(app.bean(CatalogueStore.class)
                        .label(plant)
                        .orElseThrow()
                        .height10()
                        .mid())
                .isEqualTo(labelled);
        assertThat(text(buyer.get("/catalogue/" + plant))).contains("Our own records", "the label");
        assertThat(text(buyer.get("/records/plants/" + plant))).contains("growth-picture", "Test row");
        buyer.post("/records/used", Map.of("used", "false"));
        double alone = height(app, plant);
        buyer.post("/records/used", Map.of("used", "true"));
        assertThat(alone).isLessThan(learnt);
        assertThat(height(app, plant)).isEqualTo(learnt);
    }

    /**
     * J3: one place grows everything larger; that is the place's and not the plants', as soon as another is seen
     * there.
     */
    @Test
    void aPlaceThatGrowsAllLargerIsToldFromAPlantThatDoes(RunningApp app) {
        String one = "escallonia-signal-coat";
        String other = "griselinia-apple-rail";
        double labelled = height(app, one);
        assertThat(app.post(IMPORT, "text/csv", HEAD + large(app, one, "Rich row"))
                        .status())
                .isEqualTo(200);
        double alone = height(app, one);
        assertThat(alone).isGreaterThan(labelled);
        assertThat(app.post(IMPORT, "text/csv", HEAD + large(app, other, "Rich row"))
                        .status())
                .isEqualTo(200);
        assertThat(height(app, one)).isLessThan(alone).isGreaterThan(labelled);
        assertThat(app.get("/api/v1/catalogue/claims.csv").body()).doesNotContain("calibrated");
    }

    /** Three years old and half as high again as the label says. */
    private static String large(RunningApp app, String plant, String place) {
        double predicted = app.post("/api/v1/growth", "{\"id\":\"" + plant + "\",\"years\":[3]}")
                .json()
                .get("years")
                .get(0)
                .get("height")
                .get("mid")
                .asDouble();
        return plant + "," + place + ",2026-08-01,3," + Math.round(predicted * 150) / 100.0 + ",,,,,yes,,,,,\n";
    }

    /** J7: three seasons of our own outweigh the label's warmth; two do not. */
    @Test
    void threeSeasonsOfFirstFlowersMoveTheBloom(RunningApp app) {
        String plant = "deutzia-salt-bin";
        String before = bloom(app, plant);
        String two = HEAD + plant + ",Bloom row,2023-09-01,2,,,,2023-06-25,,yes,,,,,\n" + plant
                + ",Bloom row,2024-09-01,3,,,,2024-06-27,,yes,,,,,\n";
        assertThat(app.post(IMPORT, "text/csv", two).status()).isEqualTo(200);
        assertThat(bloom(app, plant)).isEqualTo(before);
        String third = HEAD + plant + ",Bloom row,2025-09-01,4,,,,2025-06-26,,yes,,,,,\n";
        assertThat(app.post(IMPORT, "text/csv", third).status()).isEqualTo(200);
        assertThat(Double.parseDouble(bloom(app, plant))).isBetween(440.0, 500.0);
        Screens screens = Screens.of(app);
        assertThat(text(screens.get("/records/plants/" + plant)))
                .contains("later than the label says here", "by 3 seasons of our own", "first bloom");
        app.bean(Records.class).of(plant).stream()
                .filter(kept -> kept.row().place().equals("Bloom row"))
                .forEach(kept -> app.bean(Records.class).remove(kept.id()));
        assertThat(bloom(app, plant)).isEqualTo(before);
    }

    private static String bloom(RunningApp app, String plant) {
        return app.bean(CatalogueStore.class)
                .catalogue(Policy.STANDARD)
                .find(plant)
                .orElseThrow()
                .get(Traits.BLOOM_GDD)
                .map(Numbers::write)
                .orElse("");
    }

    /** J8: a bed of our own is a place with its sun and station; it is no visit at the counter, and is not erased. */
    @Test
    void aBedOfOurOwnIsAPlace(RunningApp app) {
        Screens screens = Screens.of(app);
        MvcTestResult begun = screens.post("/records/beds", Map.of("name", "Behind the shed, our own"));
        String address = begun.getResponse().getRedirectedUrl();
        assertThat(address).matches("/visits/[0-9a-f-]{36}/site");
        UUID id = UUID.fromString(address.split("/")[2]);
        assertThat(text(screens.get(address))).contains("Behind the shed, our own");
        app.bean(Visits.class).put(id, new Edit().set(VisitFields.site(SiteFields.SUN_HOURS), 3.5), "test");
        assertThat(text(screens.get("/"))).doesNotContain("Behind the shed");
        assertThat(text(screens.get("/records"))).contains("Behind the shed, our own", "Drawing and sun");
        screens.post(
                "/records/plants/hosta-mixing-bowl",
                form("place", "Behind the shed, our own", "height_m", "0.5", "sure", "true"));
        assertThat(app.get("/api/v1/records.csv").body())
                .containsPattern("hosta-mixing-bowl,\"Behind the shed, our own\",.*,3\\.5,");
        app.bean(JdbcTemplate.class)
                .update("update visit set changed_at = now() - interval '90 months' where id = ?", id);
        assertThat(app.bean(Visits.class).ownBeds()).contains(id);
        assertThat(screens.post("/records/beds", Map.of("name", "Behind the shed, our own"))
                        .getResponse()
                        .getRedirectedUrl())
                .isEqualTo(address);
        screens.post("/records/beds", Map.of("name", " "));
    }

    /** Two customers whose gardens have one name are two places. */
    @Test
    void gardensOfOneNameStayApart(RunningApp app) {
        Screens screens = Screens.of(app);
        Map<String, String> garden =
                Map.of("place", "The garden", "site.zone", "6b", "site.plantingDate", "2024-05-01");
        for (int i = 0; i < 2; i++) {
            String address = "/visits/" + screens.visit(garden).id();
            screens.post(address + "/list", Map.of("plant", "deutzia-salt-bin"));
            screens.post(
                    address + "/afterwards",
                    Map.of(
                            "deutzia-salt-bin.height_m",
                            "0.43",
                            "deutzia-salt-bin.alive",
                            "yes",
                            "date",
                            "2026-08-0" + (i + 1)));
            assertThat(text(screens.get(address + "/afterwards"))).containsOnlyOnce("43 cm high");
        }
        assertThat(app.get("/api/v1/records.csv").body()).contains("The garden (2),2026-08-02");
    }

    /** What comes back is counted, says why, and warns where the plant is offered. */
    @Test
    void whatIsBroughtBackIsSaidWhereItIsOffered(RunningApp app) {
        Screens screens = Screens.of(app).as(Screens.MANAGER);
        String address = "/records/plants/alchemilla-dew-ladle";
        MvcTestResult wrong =
                screens.post(address + "/back", Map.of("back_plants", "some", "back_instead", "no such plant at all"));
        assertThat(wrong).hasStatus(422);
        assertThat(text(wrong)).contains("is not one plant of the catalogue", "value=\"some\"");
        screens.post(
                address + "/back",
                Map.of(
                        "back_plants",
                        "3",
                        "back_on",
                        LocalDate.now().toString(),
                        "back_cause",
                        "drought",
                        "back_instead",
                        "geranium-keelson"));
        assertThat(text(screens.get(address))).contains("3 plants", "drought", "Keelson", "was taken instead");
        Visit visit = screens.visit(Map.of("place", "Chosen", "site.zone", "6b", "site.sunHours", "4"));
        String shown = "/visits/" + visit.id() + "/shortlist/plants/alchemilla-dew-ladle";
        assertThat(text(screens.get(shown))).contains("3 plants came back, mostly lost to drought");
        assertThat(text(screens.get("/season?year=" + LocalDate.now().getYear())))
                .contains("What was brought back");
        Long id = app.bean(JdbcTemplate.class)
                .queryForObject("select max(id) from taken_back where plant = 'alchemilla-dew-ladle'", Long.class);
        screens.post("/records/back/" + id + "/away", Map.of("plant", "alchemilla-dew-ladle"));
        assertThat(text(screens.get(shown))).doesNotContain("came back");
    }

    private static double height(RunningApp app, String plant) {
        return app.bean(CatalogueStore.class)
                .catalogue(Policy.STANDARD)
                .find(plant)
                .orElseThrow()
                .get(Traits.HEIGHT10)
                .orElseThrow()
                .mid();
    }

    @Test
    void nothingTypedIsLostWhenADayCannotBe(RunningApp app) {
        MvcTestResult refused = Screens.of(app)
                .as(Screens.MANAGER)
                .post(
                        "/records/plants/spiraea-oarlock",
                        form("first_bloom", "2026-07-01", "last_bloom", "2026-06-01", "height_m", "0.5"));
        assertThat(refused).hasStatus(422);
        assertThat(text(refused))
                .containsPattern("id=\"first_bloom\"[^>]*value=\"2026-07-01\"")
                .containsPattern("id=\"last_bloom\"[^>]*value=\"2026-06-01\"[^>]*aria-invalid=\"true\"")
                .containsPattern("id=\"height_m\"[^>]*value=\"0.5\"");
    }

    @Test
    void aSlipOfThePenIsAskedAboutOnceAndThenTaken(RunningApp app) {
        Screens screens = Screens.of(app);
        String address = "/records/plants/callistemon-tube-scrubber";
        MvcTestResult asked = screens.post(address, form("height_m", "4.5", "place", "Slip row"));
        assertThat(asked).hasStatus(422);
        assertThat(text(asked)).contains("Is a comma in the wrong place", "value=\"4.5\"");
        assertThat(screens.post(address, form("height_m", "4.5", "place", "Slip row", "sure", "true")))
                .hasStatus3xxRedirection();
        MvcTestResult shrunk =
                screens.post(address, form("height_m", "0.4", "place", "Slip row", "date", "2026-10-10"));
        assertThat(shrunk).hasStatus(422);
        assertThat(text(shrunk)).contains("Was it cut, or is it another plant");
    }

    /** J6: lost more often than chance would have it, and said where plants are chosen. */
    @Test
    void lossesAreSaidWhereItIsChosen(RunningApp app) {
        StringBuilder csv = new StringBuilder(HEAD);
        for (int i = 0; i < 4; i++) {
            csv.append("alchemilla-dew-ladle,Wet row ")
                    .append(i)
                    .append(",2025-09-1")
                    .append(i)
                    .append(",1.4,,,,,,no,wet,,,,\n");
        }
        assertThat(app.post(IMPORT, "text/csv", csv.toString()).status()).isEqualTo(200);
        Screens screens = Screens.of(app);
        assertThat(text(screens.get("/catalogue/alchemilla-dew-ladle"))).contains("We lost 4 of 4 to wet ground");
        Visit visit = screens.visit(Map.of("place", "Chosen", "site.zone", "6b", "site.sunHours", "4"));
        assertThat(text(screens.get("/visits/" + visit.id() + "/shortlist/plants/alchemilla-dew-ladle")))
                .contains("We lost 4 of 4 to wet ground");
    }

    /** A finished planting comes up when it is due, and goes when it was looked at. */
    @Test
    void aFinishedPlantingIsLookedAtAgain(RunningApp app) {
        Screens screens = Screens.of(app);
        Visit visit = screens.visit(Map.of(
                "place",
                "Followed up",
                "site.zone",
                "6b",
                "site.plantingDate",
                LocalDate.now().minusDays(60).toString()));
        String address = "/visits/" + visit.id();
        screens.post(address + "/list", Map.of("plant", "deutzia-salt-bin"));
        screens.post(address + "/finished", Map.of("done", "true"));
        assertThat(text(screens.get("/"))).contains("To look at again", "Followed up", "Six weeks in");
        MvcTestResult wrong = screens.post(
                address + "/afterwards",
                Map.of("deutzia-salt-bin.height_m", "4 hands", "deutzia-salt-bin.alive", "yes"));
        assertThat(wrong).hasStatus(422);
        assertThat(text(wrong)).contains("write it in metres", "value=\"4 hands\"");
        screens.post(
                address + "/afterwards", Map.of("deutzia-salt-bin.height_m", "16 in", "deutzia-salt-bin.alive", "yes"));
        assertThat(text(screens.get("/"))).doesNotContain("Six weeks in");
        assertThat(text(screens.get(address + "/afterwards"))).contains("41 cm high");
    }

    /** What there is to look for is one tap each, and whatever was filled in is noted. */
    @Test
    void aSignAloneIsNoted(RunningApp app) {
        Screens screens = Screens.of(app);
        Visit visit = screens.visit(Map.of("place", "Signs", "site.zone", "6b", "site.plantingDate", "2025-05-01"));
        String address = "/visits/" + visit.id();
        screens.post(address + "/list", Map.of("plant", "deutzia-salt-bin"));
        screens.post(
                address + "/afterwards",
                Map.of(
                        "deutzia-salt-bin.leans",
                        "yes",
                        "deutzia-salt-bin.no-flower",
                        "yes",
                        "deutzia-salt-bin.note",
                        "in the gale",
                        "date",
                        "2026-06-01"));
        screens.post(
                address + "/afterwards", Map.of("deutzia-salt-bin.last_bloom", "2026-06-09", "date", "2026-06-12"));
        assertThat(app.get("/api/v1/records.csv").body())
                .contains("Signs,2026-06-01", "leans; no flower; in the gale", "Signs,2026-06-12", "2026-06-09");
    }

    /** The measurement stays, the person does not. */
    @Test
    void whoIsErasedLeavesTheMeasurementBehind(RunningApp app) {
        Screens screens = Screens.of(app);
        Visit visit = screens.visit(
                Map.of("place", "Fenwarren’s garden", "site.zone", "6b", "site.plantingDate", "2025-05-01"));
        String address = "/visits/" + visit.id();
        screens.post(address + "/list", Map.of("plant", "deutzia-salt-bin"));
        screens.post(
                address + "/afterwards",
                Map.of("deutzia-salt-bin.height_m", "0.33", "deutzia-salt-bin.alive", "yes", "date", "2026-08-01"));
        assertThat(app.get("/api/v1/records.csv").body()).contains("Fenwarren’s garden,2026-08-01");
        screens.post(address + "/erase", Map.of());
        assertThat(app.get("/api/v1/records.csv").body())
                .doesNotContain("Fenwarren")
                .containsPattern("A garden, \\d+\",2026-08-01");
    }

    @Test
    void aSeasonIsToldToAManager(RunningApp app) {
        String page = text(Screens.of(app).as(Screens.MANAGER).get("/season"));
        assertThat(page).contains("What was lost", "What was predicted wrongly", "What to say now");
    }

    /** J3 by hand: r = ln 2, variances (ln 1.25)² and twice (ln 1.15)². */
    @Test
    void calibrationIsCalledByOtherPrograms(RunningApp app) {
        JsonNode answer = app.post(
                        "/api/v1/records/calibrate",
                        "{\"observations\":[{\"plant\":\"a\",\"place\":\"x\",\"predictedM\":1,\"measuredM\":2}],"
                                + "\"predict\":[{\"plant\":\"a\",\"place\":\"x\"},{\"plant\":\"b\",\"place\":\"y\"}],"
                                + "\"winters\":[{\"plant\":\"a\",\"marginHalfZones\":0,\"died\":true}]}")
                .json();
        assertThat(answer.get("plants").get("a").get("factor").asDouble()).isEqualTo(1.4749, within(1e-3));
        assertThat(answer.get("places").get("x").get("factor").asDouble()).isEqualTo(1.1647, within(1e-3));
        assertThat(answer.get("predict").get(0).get("factor").asDouble()).isEqualTo(1.4749 * 1.1647, within(3e-3));
        assertThat(answer.get("predict").get(1).get("factor").asDouble()).isEqualTo(1);
        assertThat(answer.get("hardiness").get("a").get("shiftHalfZones").asDouble())
                .isLessThan(-0.5);
        for (String bad : List.of(
                "{\"observations\":[{\"plant\":\"a\",\"place\":\"x\",\"predictedM\":0,\"measuredM\":2}]}",
                "{\"observations\":[{\"plant\":\"a\",\"predictedM\":1,\"measuredM\":2}]}",
                "{\"observations\":7}",
                "{\"winters\":[{\"plant\":\"a\",\"marginHalfZones\":0}]}",
                "{\"predict\":[7]}")) {
            assertThat(app.post("/api/v1/records/calibrate", bad).status())
                    .as(bad)
                    .isEqualTo(422);
        }
    }
}
