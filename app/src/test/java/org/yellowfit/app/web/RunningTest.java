package org.yellowfit.app.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.sql.Timestamp;
import java.time.Instant;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.core.io.ClassPathResource;
import org.springframework.jdbc.core.JdbcTemplate;
import org.yellowfit.app.Guest;
import org.yellowfit.app.RunningApp;
import org.yellowfit.app.Screens;
import org.yellowfit.app.people.Role;
import org.yellowfit.app.people.Tokens;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What whoever runs a shop looks at: health, numbers, the names of requests, backups, what it is made of. */
@ExtendWith(RunningApp.class)
class RunningTest {

    private static final String LOOK = "/actuator/health/readiness";

    @Test
    void healthTellsOfTheDatabaseTheDiskAndTheTables(RunningApp app) {
        assertThat(app.get(LOOK).json().get("status").asString()).isEqualTo("UP");
        JdbcTemplate jdbc = app.bean(JdbcTemplate.class);
        jdbc.update("update flyway_schema_history set success = false where version = '3'");
        try {
            assertThat(app.get(LOOK).status())
                    .as("a migration that did not work")
                    .isEqualTo(503);
        } finally {
            jdbc.update("update flyway_schema_history set success = true where version = '3'");
        }
        assertThat(app.get(LOOK).status()).isEqualTo(200);
    }

    @Test
    void numbersAreForManagersOnly(RunningApp app) {
        app.post("/api/v1/fit", "{}");
        Screens.of(app).get("/catalogue");
        String numbers = app.get("/actuator/prometheus").body();
        assertThat(numbers)
                .contains("yellowfit_fits_total", "yellowfit_sessions", "hikaricp_connections_active")
                .contains("yellowfit_signins_refused_total", "page=\"GET /catalogue\"");
        String token = app.bean(Tokens.class).make("Numbers", Role.BUYER, 30, "a test");
        var asked = java.net.http.HttpRequest.newBuilder(java.net.URI.create(app.url() + "/actuator/prometheus"));
        assertThat(app.send(asked.copy().header("Authorization", "Bearer " + token))
                        .status())
                .isEqualTo(403);
        assertThat(app.send(asked).status()).isEqualTo(401);
    }

    @Test
    void aRequestIsNamedInTheAnswerAndOnTheErrorPage(RunningApp app) {
        var answer = app.send(app.request("/no/such/page").header("Accept", "text/html"));
        String name = answer.headers().get("X-Request-Id");
        assertThat(name).matches("[0-9a-f]{12}");
        var given = app.send(app.request(LOOK).header("X-Request-Id", "0123456789abcdef"));
        assertThat(given.headers()).containsEntry("X-Request-Id", "0123456789abcdef");
        var odd = app.send(app.request(LOOK).header("X-Request-Id", "<script>alert(1)</script>"));
        assertThat(odd.headers().get("X-Request-Id")).matches("[0-9a-f]{12}");
        Guest guest = new Guest(app);
        guest.signIn("tamsin", RunningApp.PASSWORD, "");
        assertThat(guest.get("/visits/00000000-0000-0000-0000-000000000000/site")
                        .text())
                .containsPattern("Name of this request[^<]*: [0-9a-f]{12}");
    }

    @Test
    void anImportWhoseInstanceHasDiedIsToldAtOnce(RunningApp app) {
        JdbcTemplate jdbc = app.bean(JdbcTemplate.class);
        UUID dead = UUID.randomUUID();
        UUID job = UUID.randomUUID();
        Timestamp now = Timestamp.from(Instant.now());
        jdbc.update(
                "insert into import_job (id, file_name, path, kind, dry_run, keep_good, started_by, started_at, touched_at, instance, state, bytes_all) "
                        + "values (?, 'big.csv', '/none', 'CATALOGUE_CSV', true, false, 'x', ?, ?, ?, 'RUNNING', 1)",
                job,
                now,
                now,
                dead);
        Screens buyer = Screens.of(app).as(Screens.BUYER);
        jdbc.update("insert into instance values (?, now(), now() - interval '9 seconds')", dead);
        assertThat(Screens.text(buyer.get("/catalogue/import/" + job))).contains("broke off");
        jdbc.update("update instance set beat_at = now() where id = ?", dead);
        assertThat(Screens.text(buyer.get("/catalogue/import/" + job))).doesNotContain("broke off");
        jdbc.update("delete from instance where id = ?", dead);
        jdbc.update("delete from import_job where id = ?", job);
    }

    @Test
    void theSettingsTellOfBackupsAndOfTheNightThatHasNone(RunningApp app) {
        JdbcTemplate jdbc = app.bean(JdbcTemplate.class);
        Screens manager = Screens.of(app).as(Screens.MANAGER);
        jdbc.update("delete from backup_made");
        assertThat(Screens.text(manager.get("/settings"))).contains("no backup of the last night");
        jdbc.update("insert into backup_made (file, bytes) values ('2026-11-26.yellowfit', 2345678)");
        assertThat(Screens.text(manager.get("/settings")))
                .contains("2026-11-26.yellowfit", "2.3 MB")
                .doesNotContain("no backup of the last night");
        jdbc.update("update backup_made set at = now() - interval '37 hours'");
        assertThat(Screens.text(manager.get("/settings"))).contains("no backup of the last night");
        jdbc.update("delete from backup_made");
    }

    @Test
    void itSaysWhatItIsMadeOf() throws Exception {
        JsonNode parts = new JsonMapper()
                .readTree(new ClassPathResource("META-INF/sbom/application.cdx.json")
                        .getContentAsString(StandardCharsets.UTF_8));
        assertThat(parts.get("bomFormat").asString()).isEqualTo("CycloneDX");
        assertThat(parts.get("components").toString()).contains("java-otp", "nbvcxz", "postgresql");
    }
}
