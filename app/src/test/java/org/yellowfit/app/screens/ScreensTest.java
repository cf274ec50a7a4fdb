package org.yellowfit.app.screens;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.yellowfit.app.Screens.csrf;

import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import org.yellowfit.app.RunningApp;
import org.yellowfit.app.Screens;
import org.yellowfit.app.people.Role;
import org.yellowfit.app.people.SignedIn;
import org.yellowfit.app.visit.Visit;
import org.yellowfit.app.visit.Visits;

/** The screens over HTTP, without a browser: what is kept, refused, merged and escaped. */
@ExtendWith(RunningApp.class)
class ScreensTest {

    private static final SignedIn ADA = new SignedIn("ada", "Ada Quillfeather", "x", Role.ADVISOR, true);
    private static final SignedIn BEN = new SignedIn("ben", "Ben Ottershaw", "x", Role.ADVISOR, true);
    private static final SignedIn MEG = new SignedIn("meg", "Meg Larkspurson", "x", Role.MANAGER, true);

    private static MvcTestResult get(RunningApp app, SignedIn who, String path) {
        return app.mvc().get().uri(path).with(user(who)).exchange();
    }

    private static MvcTestResult post(RunningApp app, SignedIn who, String path, Map<String, String> fields) {
        var request = app.mvc().post().uri(path).with(user(who)).with(csrf());
        fields.forEach(request::param);
        return request.exchange();
    }

    private static String text(MvcTestResult result) {
        try {
            return result.getResponse().getContentAsString();
        } catch (java.io.UnsupportedEncodingException e) {
            throw new IllegalStateException(e);
        }
    }

    private static Visit visit(RunningApp app, Map<String, String> answers) {
        return Screens.of(app).visit(answers);
    }

    @Test
    void aNewVisitGoesToItsShortlist(RunningApp app) {
        MvcTestResult made = post(
                app,
                ADA,
                "/visits/new",
                Map.of("place", "By the pump", "units", "METRIC", "site.zone", "6b", "site.sunHours", "5"));
        assertThat(made).hasStatus3xxRedirection();
        assertThat(made.getResponse().getRedirectedUrl()).endsWith("/shortlist");
        assertThat(get(app, ADA, made.getResponse().getRedirectedUrl())).hasStatusOk();
    }

    @Test
    void aWrongAnswerIsMarkedAndNothingTypedIsLost(RunningApp app) {
        MvcTestResult refused = post(
                app,
                ADA,
                "/visits/new",
                Map.of("place", "By the pump", "site.ph", "77", "site.depthM", "rather wide", "note", "keep <me>"));
        assertThat(refused).hasStatus(422);
        assertThat(text(refused))
                .contains(
                        "value=\"77\"",
                        "value=\"rather wide\"",
                        "keep &lt;me&gt;",
                        "77 is out of range",
                        "not a length")
                .doesNotContain("keep <me>");
    }

    @Test
    void ofTwoAdvisorsTheSecondIsToldAndBothAreKept(RunningApp app) {
        Visit start = visit(app, Map.of("place", "Two hands", "site.zone", "6a", "site.ph", "6"));
        String version = String.valueOf(start.version());
        assertThat(post(
                        app,
                        ADA,
                        "/visits/" + start.id() + "/site",
                        Map.of("version", version, "place", "Two hands", "site.zone", "6a", "site.ph", "7")))
                .hasStatus3xxRedirection();
        MvcTestResult second = post(
                app,
                BEN,
                "/visits/" + start.id() + "/site",
                Map.of("version", version, "place", "Two hands", "site.zone", "6b", "site.ph", "6"));
        assertThat(second).hasStatus3xxRedirection();
        assertThat(String.valueOf(second.getMvcResult().getFlashMap().get("told")))
                .contains("Ada Quillfeather", "ph");
        Visit both = app.bean(Visits.class).find(start.id()).orElseThrow();
        assertThat(Screens.kept(both, "site.zone")).isEqualTo("6b");
        assertThat(Screens.kept(both, "site.ph")).isEqualTo("7");
    }

    @Test
    void ofTwoAdvisorsOnOneFieldTheSecondIsAskedAndLosesNothing(RunningApp app) {
        Visit start = visit(app, Map.of("place", "One field", "site.zone", "6a"));
        String version = String.valueOf(start.version());
        post(
                app,
                ADA,
                "/visits/" + start.id() + "/site",
                Map.of("version", version, "place", "One field", "site.zone", "6b"));
        MvcTestResult asked = post(
                app,
                BEN,
                "/visits/" + start.id() + "/site",
                Map.of("version", version, "place", "One field", "site.zone", "7a", "note", "typed by Ben"));
        assertThat(asked).hasStatus(409);
        assertThat(text(asked)).contains("Ada Quillfeather meanwhile set", "typed by Ben");
        assertThat(Screens.kept(app.bean(Visits.class).find(start.id()).orElseThrow(), "site.zone"))
                .isEqualTo("6b");
        String now = String.valueOf(
                app.bean(Visits.class).find(start.id()).orElseThrow().version());
        assertThat(post(
                        app,
                        BEN,
                        "/visits/" + start.id() + "/site",
                        Map.of("version", now, "place", "One field", "site.zone", "7a", "note", "typed by Ben")))
                .hasStatus3xxRedirection();
        assertThat(Screens.kept(app.bean(Visits.class).find(start.id()).orElseThrow(), "site.zone"))
                .isEqualTo("7a");
    }

    @Test
    void nothingTheUserWroteIsRenderedAsHtml(RunningApp app) {
        String evil = "<script>alert(1)</script>";
        Visit visit = visit(app, Map.of("place", evil, "customer", evil, "note", evil, "site.zone", "6b"));
        app.bean(Visits.class).choose(visit.id(), "spiraea-oarlock");
        app.post(
                "/api/v1/catalogue/import",
                "text/csv",
                ("id,botanical,cultivar,common,kind,habit,persistence,height10_m,spread10_m,zone_min,tell_apart\nevil-plant,\""
                                + evil + "\",\"" + evil + "\",x,shrub,mound,deciduous,1,1,3,\"" + evil + "\"\n")
                        .getBytes(java.nio.charset.StandardCharsets.UTF_8));
        app.bean(Visits.class).choose(visit.id(), "evil-plant");
        post(app, ADA, "/visits/" + visit.id() + "/list", Map.of("plant", "evil-plant"));
        for (String page : new String[] {
            "/",
            "/visits/" + visit.id() + "/site",
            "/visits/" + visit.id() + "/shortlist?why=evil-plant",
            "/visits/" + visit.id() + "/side-by-side",
            "/visits/" + visit.id() + "/list",
            "/visits/" + visit.id() + "/handout",
            "/catalogue/evil-plant",
            "/catalogue?name=%3Cscript%3E"
        }) {
            assertThat(get(app, ADA, page)).hasStatusOk();
            assertThat(text(get(app, ADA, page))).as(page).doesNotContain(evil);
        }
    }

    @Test
    void aLineIsCountedBothWaysRefusedInWordsAndPutBack(RunningApp app) {
        Visit visit =
                visit(app, Map.of("place", "Counting", "site.zone", "6b", "site.lengthM", "6", "site.depthM", "0.7"));
        post(app, ADA, "/visits/" + visit.id() + "/list", Map.of("plant", "spiraea-oarlock"));
        String page = text(get(app, ADA, "/visits/" + visit.id() + "/list"));
        assertThat(page).contains("10 plants, 70 cm on centre", "closes in year 3", "$125.00", "Quick cover");
        String action = page.replaceAll("(?s).*action=\"(/visits/[^\"]+/list/\\d+)\".*", "$1");
        String version = page.replaceAll("(?s).*name=\"version\" value=\"(\\d+)\".*", "$1");
        MvcTestResult refused = post(
                app,
                ADA,
                action,
                Map.of(
                        "version", version, "fill", "ROW", "amount", "endless", "school", "MATURE", "closeBy", "3",
                        "pot", "2 l"));
        assertThat(refused).hasStatus(422);
        assertThat(text(refused)).contains("value=\"endless\"", "is not a length");
        post(
                app,
                ADA,
                action,
                Map.of(
                        "version",
                        version,
                        "fill",
                        "ROW",
                        "amount",
                        "6 m",
                        "school",
                        "QUICK_COVER",
                        "closeBy",
                        "3",
                        "pot",
                        "5 l"));
        assertThat(text(get(app, ADA, "/visits/" + visit.id() + "/list"))).contains("× $24.00");
        MvcTestResult late = post(
                app,
                BEN,
                action,
                Map.of(
                        "version", version, "fill", "NUMBER", "amount", "5", "school", "MATURE", "closeBy", "3", "pot",
                        "2 l"));
        assertThat(String.valueOf(late.getMvcResult().getFlashMap().get("told")))
                .contains("Somebody else changed this line");
        MvcTestResult gone = post(app, ADA, action + "/away", Map.of());
        assertThat(text(get(app, ADA, "/visits/" + visit.id() + "/list"))).contains("The list is empty");
        @SuppressWarnings("unchecked")
        Map<String, String> undo =
                (Map<String, String>) gone.getMvcResult().getFlashMap().get("removed");
        post(app, ADA, "/visits/" + visit.id() + "/list/back", undo);
        assertThat(text(get(app, ADA, "/visits/" + visit.id() + "/list"))).contains("× $24.00");
    }

    @Test
    void aVisitIsTakenOutAndErased(RunningApp app) {
        Visit visit = visit(app, Map.of("place", "To be forgotten", "customer", "Somebody"));
        assertThat(text(get(app, ADA, "/visits/" + visit.id() + "/kept.json"))).contains("To be forgotten", "Somebody");
        assertThat(post(app, ADA, "/visits/" + visit.id() + "/erase", Map.of())).hasStatus3xxRedirection();
        assertThat(get(app, ADA, "/visits/" + visit.id() + "/site")).hasStatus(404);
    }

    @ParameterizedTest
    @CsvSource({
        "/visits/not-an-id/site",
        "/visits/00000000-0000-0000-0000-000000000000/list",
        "/catalogue/nothing",
        "/no/such/page"
    })
    void whatIsNotThereIsToldInWords(String path, RunningApp app) {
        assertThat(get(app, ADA, path)).hasStatus(404);
    }

    @Test
    void rolesAndForgeryAreChecked(RunningApp app) {
        assertThat(get(app, ADA, "/settings")).hasStatus(403);
        assertThat(get(app, MEG, "/settings")).hasStatusOk();
        assertThat(app.mvc()
                        .post()
                        .uri("/visits/new")
                        .with(user(ADA))
                        .param("place", "x")
                        .exchange())
                .hasStatus(403);
        assertThat(app.mvc().get().uri("/").exchange()).hasStatus3xxRedirection();
    }

    @Test
    void aTokenIsShownOnceAndCanBeRevoked(RunningApp app) {
        MvcTestResult made = post(app, MEG, "/settings/tokens", Map.of("label", "Till", "role", "ADVISOR"));
        String token = String.valueOf(made.getMvcResult().getFlashMap().get("newToken"));
        assertThat(token).startsWith("yf_");
        assertThat(text(get(app, MEG, "/settings"))).contains("Till").doesNotContain(token);
        var call = java.net.http.HttpRequest.newBuilder(java.net.URI.create(app.url() + "/api/v1/catalogue/import"))
                .header("Authorization", "Bearer " + token)
                .POST(java.net.http.HttpRequest.BodyPublishers.ofString("id"));
        assertThat(app.send(call).status())
                .as("an advisor's token may not change the catalogue")
                .isEqualTo(403);
        assertThat(post(app, MEG, "/settings/people", Map.of("username", "x", "displayName", "", "role", "ADVISOR")))
                .hasStatus(422);
    }

    @Test
    void everyPageHasAStrictPolicy(RunningApp app) {
        String policy = get(app, ADA, "/").getResponse().getHeader("Content-Security-Policy");
        assertThat(policy).contains("default-src 'none'", "script-src 'self'").doesNotContain("unsafe");
        assertThat(text(get(app, ADA, "/"))).doesNotContain(" style=\"", "onclick", "<script>");
    }
}
