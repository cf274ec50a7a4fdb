package org.yellowfit.app.catalogue;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.yellowfit.app.Screens.csrf;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import org.yellowfit.app.RunningApp;
import org.yellowfit.app.Screens;
import org.yellowfit.app.people.Role;
import org.yellowfit.app.people.SignedIn;
import tools.jackson.databind.JsonNode;

/** Claims: as a file, on a plant's page, in the fit; changes by hand and their undoing. */
@ExtendWith(RunningApp.class)
class ClaimsTest {

    private static final String PLANT_HEADER =
            "id,botanical,kind,habit,persistence,height10_m,spread10_m,zone_min,ph\r\n";
    private static final String HEADER = "id,column,value,source,source_kind,at_age_years,place\r\n";
    private static final SignedIn BUYER = new SignedIn("bo", "Bo Lindqvale", "", Role.BUYER, true);
    private static final SignedIn ADVISOR = new SignedIn("tamsin", "Tamsin Orrel", "", Role.ADVISOR, true);

    private static void plant(RunningApp app, String id) {
        assertThat(app.post(
                                "/api/v1/catalogue/import",
                                "text/csv",
                                PLANT_HEADER + id + ",Testa plana,shrub,mound,deciduous,1,1,5,6..7\r\n")
                        .status())
                .isEqualTo(200);
    }

    private static RunningApp.Answer claims(RunningApp app, String rows) {
        return app.post("/api/v1/catalogue/claims/import", "text/csv", HEADER + rows);
    }

    private static String cell(RunningApp app, String id, String column) {
        JsonNode cell = app.get("/api/v1/cultivars/" + id).json().get("traits").get(column);
        return cell == null ? null : cell.asString();
    }

    @Test
    void theDemoKeepsConflictingClaimsAndAllThreePoliciesAreTold(RunningApp app) {
        JsonNode plant = app.get("/api/v1/cultivars/hydrangea-tide-table").json();
        assertThat(plant.get("claims").size()).isGreaterThanOrEqualTo(2);
        JsonNode zone = plant.get("used").get(0);
        assertThat(zone.get("column").asString()).isEqualTo("zone_min");
        assertThat(List.of(
                        zone.get("cautious").asString(),
                        zone.get("standard").asString(),
                        zone.get("bold").asString()))
                .containsExactly("6b", "6a", "5a");
    }

    @Test
    void thePolicyDecidesWhichClaimTheFitUses(RunningApp app) {
        plant(app, "claimed-zone");
        assertThat(claims(
                                app,
                                "claimed-zone,zone_min,4a,handbook,reference,,\r\nclaimed-zone,zone_min,6a,own bed,own-record,,Upland\r\n")
                        .status())
                .isEqualTo(200);
        assertThat(fitZone(app, "cautious")).startsWith("6a");
        assertThat(fitZone(app, "standard")).startsWith("5a");
        assertThat(fitZone(app, "bold")).startsWith("4a");
    }

    private static String fitZone(RunningApp app, String policy) {
        return app.post(
                        "/api/v1/fit",
                        "application/json",
                        "{\"site\":{\"zone\":\"6b\"},\"policy\":\"" + policy + "\",\"only\":[\"claimed-zone\"]}")
                .json()
                .get("candidates")
                .get(0)
                .get("criteria")
                .get(0)
                .get("plant")
                .asString();
    }

    @Test
    void theFileComesBackByteForByteAndASecondTimeChangesNothing(RunningApp app) {
        plant(app, "claimed-file");
        assertThat(claims(app, "claimed-file,ph,5..6,\"a handbook, old\",reference,,\r\n")
                        .json()
                        .get("changed")
                        .asInt())
                .isEqualTo(1);
        String first = app.get("/api/v1/catalogue/claims.csv").body();
        RunningApp.Answer again = app.post("/api/v1/catalogue/claims/import", "text/csv", first);
        assertThat(again.json().get("changed").asInt()).isZero();
        assertThat(app.get("/api/v1/catalogue/claims.csv").body())
                .isEqualTo(first)
                .contains("\"a handbook, old\"");
    }

    @Test
    void everyProblemOfAFileOfClaimsHasItsPlaceAndNothingIsStored(RunningApp app) {
        plant(app, "claimed-badly");
        RunningApp.Answer answer = claims(
                app,
                "claimed-badly,ph,6,x,reference,,\r\nnobody,ph,6,x,reference,,\r\nclaimed-badly,phh,6,x,referenc,,\r\nclaimed-badly,ph,6..5,,label,-1,\r\n");
        assertThat(answer.status()).isEqualTo(422);
        List<String> places = new ArrayList<>();
        answer.json()
                .get("problems")
                .forEach(p ->
                        places.add(p.get("line").asInt() + " " + p.get("column").asString()));
        assertThat(places)
                .containsExactlyInAnyOrder(
                        "3 id", "4 column", "4 source_kind", "5 source", "5 value", "5 at_age_years");
        assertThat(answer.body()).contains("\"nearest\":null");
        assertThat(app.get("/api/v1/cultivars/claimed-badly")
                        .json()
                        .get("claims")
                        .size())
                .isZero();
    }

    @Test
    void aBuyerChangesATraitWithAReasonAndUndoesIt(RunningApp app) {
        plant(app, "changed-by-hand");
        MvcTestResult changed = app.mvc()
                .post()
                .uri("/catalogue/changed-by-hand/value")
                .with(user(BUYER))
                .with(csrf())
                .param("column", "ph")
                .param("value", "5..6.5")
                .param("seen", "6..7")
                .param("why", "own soil test")
                .exchange();
        assertThat(changed).hasStatus3xxRedirection();
        assertThat(cell(app, "changed-by-hand", "ph")).isEqualTo("5..6.5");
        assertThat(app.mvc()
                        .get()
                        .uri("/catalogue/changed-by-hand")
                        .with(user(BUYER))
                        .exchange())
                .bodyText()
                .contains("6..7 → 5..6.5", "Bo Lindqvale", "own soil test", "Undo the last");
        assertThat(app.mvc()
                        .post()
                        .uri("/catalogue/changed-by-hand/undo")
                        .with(user(BUYER))
                        .with(csrf())
                        .exchange())
                .hasStatus3xxRedirection();
        assertThat(cell(app, "changed-by-hand", "ph")).isEqualTo("6..7");
    }

    @Test
    void undoingDoesNotTakeAwayWhatAnImportBroughtSince(RunningApp app) {
        plant(app, "changed-then-imported");
        Screens buyer = Screens.of(app).as(BUYER);
        Map<String, String> change = Map.of("column", "ph", "value", "5", "seen", "6..7", "why", "a fresh test");
        buyer.post("/catalogue/changed-then-imported/value", change);
        String row = "changed-then-imported,Testa plana,shrub,mound,deciduous,1,1,5,7..8\r\n";
        app.post("/api/v1/catalogue/import", "text/csv", PLANT_HEADER + row);
        assertThat(Screens.told(buyer.post("/catalogue/changed-then-imported/undo", Map.of())))
                .contains("An import has made “7..8” of ph");
        assertThat(cell(app, "changed-then-imported", "ph")).isEqualTo("7..8");
    }

    @Test
    void aClaimIsAddedTakenOutAndBroughtBack(RunningApp app) {
        plant(app, "claimed-by-hand");
        assertThat(app.mvc()
                        .post()
                        .uri("/catalogue/claimed-by-hand/claims")
                        .with(user(BUYER))
                        .with(csrf())
                        .param("column", "height10_m")
                        .param("value", "1.7")
                        .param("source", "yard row")
                        .param("source_kind", "own-record")
                        .param("at_age_years", "8")
                        .param("why", "measured today")
                        .exchange())
                .hasStatus3xxRedirection();
        MvcTestResult page = app.mvc()
                .get()
                .uri("/catalogue/claimed-by-hand")
                .with(user(BUYER))
                .exchange();
        assertThat(page).bodyText().contains("they disagree", "yard row (own record, at 8 years)");
        String html = page.getResponse().getContentType() == null ? "" : bodyOf(page);
        String away = html.substring(html.indexOf("/catalogue/claimed-by-hand/claims/"));
        away = away.substring(0, away.indexOf("/away") + 5);
        assertThat(app.mvc().post().uri(away).with(user(BUYER)).with(csrf()).exchange())
                .hasStatus3xxRedirection();
        assertThat(app.get("/api/v1/cultivars/claimed-by-hand")
                        .json()
                        .get("claims")
                        .size())
                .isZero();
        app.mvc()
                .post()
                .uri("/catalogue/claimed-by-hand/undo")
                .with(user(BUYER))
                .with(csrf())
                .exchange();
        assertThat(app.get("/api/v1/cultivars/claimed-by-hand")
                        .json()
                        .get("claims")
                        .size())
                .isEqualTo(1);
    }

    private static String bodyOf(MvcTestResult page) {
        try {
            return page.getResponse().getContentAsString();
        } catch (java.io.UnsupportedEncodingException e) {
            throw new IllegalStateException(e);
        }
    }

    @Test
    void whatCannotBeIsToldAtItsFieldAndNothingTypedIsLost(RunningApp app) {
        plant(app, "changed-badly");
        MvcTestResult answer = app.mvc()
                .post()
                .uri("/catalogue/changed-badly/value")
                .with(user(BUYER))
                .with(csrf())
                .param("column", "ph")
                .param("value", "7..6")
                .param("seen", "6..7")
                .param("why", "a typing slip")
                .exchange();
        assertThat(answer).hasStatus(422).bodyText().contains("reversed", "value=\"7..6\"", "a typing slip");
        assertThat(app.mvc()
                        .post()
                        .uri("/catalogue/changed-badly/value")
                        .with(user(BUYER))
                        .with(csrf())
                        .param("column", "ph")
                        .param("value", "5")
                        .param("seen", "4..5")
                        .param("why", "x")
                        .exchange())
                .hasStatus(422)
                .bodyText()
                .contains("meanwhile");
        assertThat(app.mvc()
                        .post()
                        .uri("/catalogue/changed-badly/value")
                        .with(user(BUYER))
                        .with(csrf())
                        .param("column", "ph")
                        .param("value", "5")
                        .param("seen", "6..7")
                        .param("why", "")
                        .exchange())
                .hasStatus(422)
                .bodyText()
                .contains("Say why");
        assertThat(cell(app, "changed-badly", "ph")).isEqualTo("6..7");
    }

    @Test
    void anAdvisorMayNotChangeTheCatalogue(RunningApp app) {
        assertThat(app.mvc()
                        .post()
                        .uri("/catalogue/hydrangea-tide-table/undo")
                        .with(user(ADVISOR))
                        .with(csrf())
                        .exchange())
                .hasStatus(403);
    }
}
