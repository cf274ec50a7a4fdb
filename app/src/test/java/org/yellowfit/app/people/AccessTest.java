package org.yellowfit.app.people;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.yellowfit.app.Screens.csrf;

import java.net.URI;
import java.net.http.HttpRequest;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import org.yellowfit.app.RunningApp;
import org.yellowfit.app.Screens;

/** Who may do what, as a table: advisor, buyer, manager, and somebody not signed in. */
@ExtendWith(RunningApp.class)
class AccessTest {

    private static final String NOWHERE = "00000000-0000-0000-0000-000000000000";

    /**
     * 200 seen, 302 sent on, 400 not understood, 403 not allowed, 404 allowed but not there, 422 allowed but refused
     * for what was sent.
     */
    @ParameterizedTest(name = "{0} {1}: advisor {2}, buyer {3}, manager {4}, nobody {5}")
    @CsvSource({
        "GET,  /,                                    200, 200, 200, 302",
        "GET,  /catalogue,                           200, 200, 200, 302",
        "GET,  /catalogue/hosta-mixing-bowl,         200, 200, 200, 302",
        "GET,  /catalogue/catalogue.csv,             200, 200, 200, 302",
        "GET,  /catalogue/claims.csv,                200, 200, 200, 302",
        "GET,  /drawings/hosta-mixing-bowl/portrait.svg, 200, 200, 200, 200",
        "GET,  /stations,                            200, 200, 200, 302",
        "GET,  /settings,                            403, 403, 200, 302",
        "GET,  /settings/watch-list,                 403, 403, 200, 302",
        "GET,  /settings/watch-list.csv,             403, 403, 200, 302",
        "GET,  /visits/new,                          200, 200, 200, 302",
        "GET,  /visits/{none}/site,                  404, 404, 404, 302",
        "GET,  /visits/{none}/kept.json,             404, 404, 404, 302",
        "POST, /catalogue/import,                    403, 400, 400, 302",
        "POST, /catalogue/hosta-mixing-bowl/undo,    403, 302, 302, 302",
        "POST, /catalogue/hosta-mixing-bowl/value,   403, 422, 422, 302",
        "POST, /stations,                            403, 422, 422, 302",
        "POST, /stations/{none}/away,                403, 404, 404, 302",
        "POST, /settings/tokens,                     403, 403, 422, 302",
        "POST, /settings/people,                     403, 403, 422, 302",
        "POST, /settings/watch-list/away,            403, 403, 302, 302",
        "POST, /visits/{none}/erase,                 404, 404, 404, 302",
        "GET,  /sign-in,                             200, 200, 200, 200",
        "GET,  /actuator/health/readiness,           200, 200, 200, 200",
        "GET,  /actuator/env,                        404, 404, 404, 302",
    })
    void eachRoleDoesWhatIsItsOwn(
            String method, String path, int advisor, int buyer, int manager, int nobody, RunningApp app) {
        assertThat(status(app, Screens.ADVISOR, method, path)).as("advisor").isEqualTo(advisor);
        assertThat(status(app, Screens.BUYER, method, path)).as("buyer").isEqualTo(buyer);
        assertThat(status(app, Screens.MANAGER, method, path)).as("manager").isEqualTo(manager);
        assertThat(status(app, null, method, path)).as("nobody").isEqualTo(nobody);
    }

    private static int status(RunningApp app, SignedIn who, String method, String path) {
        String address = path.replace("{none}", NOWHERE);
        var request = method.equals("GET")
                ? app.mvc().get().uri(address)
                : app.mvc()
                        .post()
                        .uri(address)
                        .with(csrf())
                        .param("label", "")
                        .param("username", "")
                        .param("displayName", "")
                        .param("password", "")
                        .param("role", "ADVISOR")
                        .param("column", "ph")
                        .param("value", "no number")
                        .param("why", "");
        return (who == null ? request : request.with(user(who)))
                .exchange()
                .getResponse()
                .getStatus();
    }

    @ParameterizedTest(name = "{0} with a token of {1}: {2}")
    @CsvSource({
        "/api/v1/fit,              ADVISOR, 200",
        "/api/v1/growth,           ADVISOR, 422",
        "/api/v1/catalogue/import, ADVISOR, 403",
        "/api/v1/catalogue/import, BUYER,   422",
        "/api/v1/catalogue/claims/import, ADVISOR, 403",
        "/api/v1/catalogue/import, MANAGER, 422",
    })
    void aTokenDoesWhatItsRoleMay(String path, Role role, int status, RunningApp app) {
        String token = app.bean(Tokens.class).make("For the table", role, 30, "a test");
        HttpRequest.Builder call = HttpRequest.newBuilder(URI.create(app.url() + path))
                .header("Authorization", "Bearer " + token)
                .header("Content-Type", path.endsWith("import") ? "text/csv" : "application/json")
                .POST(HttpRequest.BodyPublishers.ofString(path.endsWith("import") ? "nothing" : "{}"));
        assertThat(app.send(call).status()).isEqualTo(status);
    }

    @Test
    void aRevokedTokenAndAStrangersAreNoTokens(RunningApp app) {
        Tokens tokens = app.bean(Tokens.class);
        String token = tokens.make("Short-lived", Role.MANAGER, 30, "a test");
        long id = tokens.all().stream()
                .filter(entry -> entry.label().equals("Short-lived"))
                .findFirst()
                .orElseThrow()
                .id();
        assertThat(withToken(app, token)).isEqualTo(200);
        tokens.revoke(id);
        assertThat(withToken(app, token)).isEqualTo(401);
        for (String stranger : new String[] {"", "yf_", token + "x", "' or 1=1 --", "x".repeat(5000)}) {
            assertThat(withToken(app, stranger)).as("“%s”", stranger).isEqualTo(401);
        }
    }

    private static int withToken(RunningApp app, String token) {
        return app.send(HttpRequest.newBuilder(URI.create(app.url() + "/api/v1/cultivars/hosta-mixing-bowl"))
                        .header("Authorization", "Bearer " + token)
                        .GET())
                .status();
    }

    @Test
    void aTokenIsKeptAsADigestOnly(RunningApp app) {
        String token = app.bean(Tokens.class).make("Digest", Role.ADVISOR, 30, "a test");
        var rows = app.bean(org.springframework.jdbc.core.JdbcTemplate.class)
                .queryForList("select * from api_token where label = 'Digest'");
        assertThat(rows).hasSize(1);
        assertThat(rows.toString()).doesNotContain(token).doesNotContain(token.substring(3));
    }

    @ParameterizedTest(name = "{0}, {1}: {2}")
    @CsvSource({
        "x,            Xenia,  username",
        "has space,    Xenia,  username",
        "<b>,          Xenia,  username",
        "marrow,       Xenia,  username",
        "MARROW,       Xenia,  username",
        "xenia,        '',     displayName",
    })
    void aPersonThatCannotBeIsToldAtTheField(String username, String name, String field, RunningApp app) {
        int before = app.bean(People.class).all().size();
        Screens manager = Screens.of(app).as(Screens.MANAGER);
        MvcTestResult refused =
                manager.post("/settings/people", Map.of("username", username, "displayName", name, "role", "BUYER"));
        assertThat(refused).hasStatus(422);
        assertThat(Screens.text(refused)).contains("id=\"" + field + "\"", "class=\"problem\"");
        assertThat(app.bean(People.class).all()).hasSize(before);
    }

    @Test
    void aManagerCannotShutThemselvesOut(RunningApp app) {
        People people = app.bean(People.class);
        People.Entry marrow = people.all().stream()
                .filter(entry -> entry.username().equals("marrow"))
                .findFirst()
                .orElseThrow();
        Screens.of(app)
                .as(Screens.MANAGER)
                .post("/settings/people/" + marrow.id() + "/active", Map.of("active", "false"));
        assertThat(people.all().stream()
                        .filter(entry -> entry.username().equals("marrow"))
                        .findFirst()
                        .orElseThrow()
                        .active())
                .isTrue();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"/visits/new", "/settings/tokens", "/catalogue/import", "/sign-in", "/sign-out", "/stations"})
    void withoutTheFormsOwnSecretNothingIsTaken(String path, RunningApp app) {
        assertThat(app.mvc()
                        .post()
                        .uri(path)
                        .with(user(Screens.MANAGER))
                        .param("label", "forged")
                        .exchange())
                .hasStatus(403);
    }

    @ParameterizedTest
    @ValueSource(strings = {"/", "/catalogue", "/sign-in", "/no/such/page", "/api/v1/cultivars/none"})
    void everyAnswerCarriesTheHeadersThatKeepItSafe(String path, RunningApp app) {
        var headers = app.send(app.request(path).GET()).headers();
        assertThat(headers).containsEntry("X-Content-Type-Options", "nosniff").containsKey("X-Frame-Options");
        assertThat(headers.getOrDefault("Server", "")).doesNotContain("Tomcat");
    }
}
