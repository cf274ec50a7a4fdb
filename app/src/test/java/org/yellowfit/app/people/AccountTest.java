package org.yellowfit.app.people;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.dao.DataAccessException;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import org.yellowfit.app.Guest;
import org.yellowfit.app.RunningApp;
import org.yellowfit.app.Screens;
import org.yellowfit.core.measure.InvalidInput;

/** Accounts from the invitation to the last session, at browsers of their own. */
@ExtendWith(RunningApp.class)
class AccountTest {

    private static final String WORDS = "otter lantern gravel noon";

    private static String someone(RunningApp app) {
        String name = "p" + UUID.randomUUID().toString().substring(0, 8);
        app.bean(People.class).add(name, "Nell Pursewarden", WORDS, Role.ADVISOR);
        return name;
    }

    private static Guest in(RunningApp app, String name) {
        Guest guest = new Guest(app);
        guest.signIn(name, WORDS, "");
        assertThat(guest.isIn()).isTrue();
        return guest;
    }

    private static People.Entry entry(RunningApp app, String name) {
        return app.bean(People.class).all().stream()
                .filter(person -> person.username().equals(name))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void anInvitationLetsInOnceAndWithAPasswordOfOnesOwn(RunningApp app) {
        Screens manager = Screens.of(app).as(Screens.MANAGER);
        MvcTestResult made = manager.post(
                "/settings/people", Map.of("username", "invitee", "displayName", "Ivo Tarn", "role", "ADVISOR"));
        String address = String.valueOf(made.getMvcResult().getFlashMap().get("invitation"));
        String path = address.substring(address.indexOf("/welcome/"));
        assertThat(address).startsWith("http://127.0.0.1:8080/welcome/");
        assertThat(new Guest(app).signIn("invitee", "", "").location()).contains("error");
        Guest guest = new Guest(app);
        assertThat(guest.get(path).text()).contains("Ivo Tarn", "invitee");
        assertThat(guest.post(path, path, Map.of("password", "short")).text()).contains("10 to 72");
        assertThat(guest.post(path, path, Map.of("password", "password1234")).text())
                .contains("common passwords");
        assertThat(guest.post(path, path, Map.of("password", WORDS)).location()).contains("/sign-in?ready");
        assertThat(guest.get(path).status()).as("used").isEqualTo(404);
        assertThat(main(guest.get("/welcome/" + "x".repeat(43)).text()))
                .as("a wrong one looks like a used one")
                .isEqualTo(main(guest.get(path).text()));
        assertThat(in(app, "invitee").isIn()).isTrue();
        assertThat(new JdbcTemplate(app.bean(javax.sql.DataSource.class))
                        .queryForList("select * from person where username = 'invitee'")
                        .toString())
                .doesNotContain(path.substring(9))
                .doesNotContain(WORDS);
    }

    private static String main(String page) {
        return page.substring(page.indexOf("<main"));
    }

    @Test
    void anInvitationThatIsTooOldDoesNotHold(RunningApp app) {
        String token = app.bean(People.class).invite("latecomer", "Late", Role.ADVISOR);
        assertThat(app.bean(People.class).invited(token)).isPresent();
        new JdbcTemplate(app.bean(javax.sql.DataSource.class))
                .update("update person set invited_until = now() - interval '1 minute' where username = 'latecomer'");
        assertThat(app.bean(People.class).invited(token)).isEmpty();
        assertThat(app.bean(People.class).accept(token, WORDS)).isEmpty();
    }

    @Test
    void aChangedPasswordEndsTheOtherSessions(RunningApp app) {
        String name = someone(app);
        Guest here = in(app, name);
        Guest there = in(app, name);
        Map<String, String> wrong = Map.of("current", "not this one", "password", "quarry teapot violet");
        assertThat(here.post("/account", "/account/password", wrong).text()).contains("This is not your password");
        Map<String, String> right = Map.of("current", WORDS, "password", "quarry teapot violet");
        assertThat(here.post("/account", "/account/password", right).status()).isEqualTo(302);
        assertThat(here.isIn()).as("where it was changed").isTrue();
        assertThat(there.isIn()).as("elsewhere").isFalse();
        assertThat(new Guest(app).signIn(name, WORDS, "").location()).contains("error");
    }

    @Test
    void whoeverIsShutOutIsOutAtOnce(RunningApp app) {
        String name = someone(app);
        Guest guest = in(app, name);
        Screens manager = Screens.of(app).as(Screens.MANAGER);
        manager.post("/settings/people/" + entry(app, name).id() + "/active", Map.of("active", "false"));
        assertThat(guest.isIn()).isFalse();
        assertThat(new Guest(app).signIn(name, WORDS, "").location()).contains("error");
        manager.post("/settings/people/" + entry(app, name).id() + "/active", Map.of("active", "true"));
        assertThat(in(app, name).isIn()).isTrue();
    }

    @Test
    void sessionsAreSeenAndEndedByTheirOwner(RunningApp app) {
        String name = someone(app);
        Guest here = in(app, name);
        Guest there = in(app, name);
        String page = here.get("/account").text();
        assertThat(page).contains("127.0.0.1", "End all others");
        String key = first(page, "/account/sessions/([0-9a-f]{16})/end");
        here.post("/account", "/account/sessions/" + key + "/end", Map.of());
        assertThat(List.of(here.isIn(), there.isIn())).containsExactly(true, false);
        Guest third = in(app, name);
        here.post("/account", "/account/sessions/end-others", Map.of());
        assertThat(List.of(here.isIn(), third.isIn())).containsExactly(true, false);
    }

    @Test
    void aSessionEndsAfterADay(RunningApp app) {
        Instant begun = Instant.parse("2026-05-01T08:00:00Z");
        assertThat(SessionLimit.isOver(begun, begun.plus(Duration.ofHours(24)))).isFalse();
        assertThat(SessionLimit.isOver(begun, begun.plus(Duration.ofHours(24)).plusMillis(1)))
                .isTrue();
        String name = someone(app);
        Guest guest = in(app, name);
        JdbcTemplate jdbc = new JdbcTemplate(app.bean(javax.sql.DataSource.class));
        jdbc.update(
                "update spring_session set creation_time = creation_time - 86500000 where principal_name = ?", name);
        assertThat(guest.isIn()).isFalse();
    }

    @Test
    void whatAnotherVersionKeptInASessionIsDroppedNotToldAsAFault(RunningApp app) {
        String name = someone(app);
        Guest guest = in(app, name);
        new JdbcTemplate(app.bean(javax.sql.DataSource.class))
                .update(
                        "update spring_session_attributes set attribute_bytes = '\\x00ff' where session_primary_id in "
                                + "(select primary_id from spring_session where principal_name = ?)",
                        name);
        assertThat(guest.get("/").status()).isEqualTo(302);
        assertThat(guest.signIn(name, WORDS, "").location()).doesNotContain("error");
    }

    @Test
    void theSessionKeepsNoPassword(RunningApp app) {
        String name = someone(app);
        in(app, name);
        byte[] kept = new JdbcTemplate(app.bean(javax.sql.DataSource.class))
                .queryForObject(
                        "select attribute_bytes from spring_session_attributes join spring_session on primary_id = "
                                + "session_primary_id where principal_name = ? and attribute_name like 'SPRING_SEC%'",
                        byte[].class, name);
        assertThat(new String(kept, java.nio.charset.StandardCharsets.ISO_8859_1))
                .contains(name)
                .doesNotContain("bcrypt")
                .doesNotContain(WORDS);
    }

    @Test
    void aSecondFactorIsSetUpAskedForUsedOnceAndTakenAway(RunningApp app) {
        String name = someone(app);
        Guest guest = in(app, name);
        SecondFactor factor = app.bean(SecondFactor.class);
        guest.post("/account", "/account/second-factor/new", Map.of());
        String page = guest.get("/account").text();
        assertThat(page).contains("<svg class=\"qr\"");
        String secret = first(page, "<code>([A-Z2-7 ]+)</code>").replace(" ", "");
        Map<String, String> wrong = Map.of("code", "000000", "current", WORDS);
        assertThat(guest.post("/account", "/account/second-factor", wrong).text())
                .contains("not the one of just now");
        String first = factor.code(secret, Instant.now());
        guest.post("/account", "/account/second-factor", Map.of("code", first, "current", WORDS));
        assertThat(guest.get("/account").text()).contains("A code of the moment");
        assertThat(new Guest(app).signIn(name, WORDS, "").location())
                .as("no code")
                .contains("error");
        assertThat(new Guest(app).signIn(name, WORDS, first).location())
                .as("used")
                .contains("error");
        String next = factor.code(secret, Instant.now().plusSeconds(30));
        assertThat(new Guest(app).signIn(name, WORDS, next).location()).isEqualTo("/");
        assertThat(new JdbcTemplate(app.bean(javax.sql.DataSource.class))
                        .queryForObject("select second_factor from person where username = ?", String.class, name))
                .as("at rest")
                .doesNotContain(secret);
        Screens.of(app)
                .as(Screens.MANAGER)
                .post("/settings/people/" + entry(app, name).id() + "/second-factor/away", Map.of());
        assertThat(in(app, name).isIn()).isTrue();
    }

    /** RFC 6238, appendix B: the key is “12345678901234567890”; the last six of the eight digits printed there. */
    @ParameterizedTest
    @CsvSource({
        "59, 287082",
        "1111111109, 081804",
        "1111111111, 050471",
        "1234567890, 005924",
        "2000000000, 279037",
        "20000000000, 353130"
    })
    void codesAreThoseOfTheStandard(long seconds, String code, RunningApp app) {
        assertThat(app.bean(SecondFactor.class)
                        .code("GEZDGNBVGY3TQOJQGEZDGNBVGY3TQOJQ", Instant.ofEpochSecond(seconds)))
                .isEqualTo(code);
    }

    @Test
    void whereTheShopWantsASecondFactorItIsSetUpFirst(RunningApp app) {
        String name = someone(app);
        Guest guest = in(app, name);
        var shop = app.bean(org.yellowfit.app.shop.ShopSettings.class);
        try {
            shop.needSecondFactor(true);
            assertThat(guest.get("/catalogue").location()).isEqualTo("/account?second");
            assertThat(guest.get("/account").text()).contains("The shop wants a second factor");
        } finally {
            shop.needSecondFactor(false);
        }
        assertThat(guest.get("/catalogue").status()).isEqualTo(200);
    }

    @Test
    void whoeverGuessesWaits(RunningApp app) {
        String name = someone(app);
        Guest guesser = new Guest(app);
        for (int i = 0; i < 5; i++) {
            assertThat(guesser.signIn(name, "guess number " + i, "").location()).contains("error");
        }
        assertThat(guesser.signIn(name, WORDS, "").location())
                .as("also with the right one")
                .isEqualTo("/sign-in?wait=1");
        assertThat(guesser.get("/sign-in?wait=1").text()).contains("Wait 1 min");
        new JdbcTemplate(app.bean(javax.sql.DataSource.class)).update("delete from sign_in_failure");
        assertThat(in(app, name).isIn()).isTrue();
    }

    /** Seconds to wait after so many failures beyond those that are free. */
    @ParameterizedTest
    @CsvSource({"-1, 0", "0, 1", "1, 2", "5, 32", "9, 512", "10, 900", "40, 900"})
    void eachFailureDoublesTheWait(int beyond, int seconds) {
        Instant now = Instant.parse("2026-05-01T08:00:00Z");
        assertThat(Attempts.wait(beyond, now, now)).isEqualTo(Duration.ofSeconds(seconds));
        assertThat(Attempts.wait(beyond, now, now.plusSeconds(seconds))).isEqualTo(Duration.ZERO);
    }

    @ParameterizedTest(name = "“{0}” of {1}")
    @CsvSource({
        "password1234, ada, common",
        "qwertyuiop, ada, common",
        "1234567890, ada, common",
        "iloveyou123, ada, common",
        "tamsinorrel1, tamsinorrel, common",
        "short, ada, 10 to 72",
        "otter lantern gravel noon, ada, ''",
        "skerry-lane-demo, tamsin, ''",
        "Kx9#mQ2$vL, ada, ''",
    })
    void commonPasswordsAreNotTaken(String password, String username, String problem, RunningApp app) {
        Passwords passwords = app.bean(Passwords.class);
        if (problem.isEmpty()) {
            passwords.check(password, username);
        } else {
            assertThatThrownBy(() -> passwords.check(password, username))
                    .isInstanceOf(InvalidInput.class)
                    .hasMessageContaining(problem);
        }
    }

    @Test
    void passwordsAreCountedInBytesUpToSeventyTwo(RunningApp app) {
        Passwords passwords = app.bean(Passwords.class);
        passwords.check("é".repeat(4) + "quarry teapot violet" + "ö".repeat(22), "ada");
        assertThatThrownBy(() -> passwords.check("quarry teapot violet" + "ö".repeat(27), "ada"))
                .isInstanceOf(InvalidInput.class);
    }

    @Test
    void aTokenHoldsForItsDaysAndSaysWhenItWasUsed(RunningApp app) {
        Tokens tokens = app.bean(Tokens.class);
        String token = tokens.make("For thirty days", Role.ADVISOR, 30, "a test");
        assertThat(tokens.find(token)).isPresent();
        assertThat(tokens.all())
                .filteredOn(each -> each.label().equals("For thirty days"))
                .singleElement()
                .satisfies(each -> assertThat(each.usedAt()).isPresent());
        new JdbcTemplate(app.bean(javax.sql.DataSource.class))
                .update("update api_token set expires_at = now() - interval '1 s' where label = 'For thirty days'");
        assertThat(tokens.find(token)).isEmpty();
        assertThatThrownBy(() -> tokens.make("For ever", Role.ADVISOR, 100_000, "a test"))
                .isInstanceOf(InvalidInput.class);
    }

    @Test
    void aRevokedDemoTokenIsNotBroughtBackByTheNextStart(RunningApp app) {
        Tokens tokens = app.bean(Tokens.class);
        tokens.accept("told-by-the-start", "Demo token of a test", Role.MANAGER);
        long id = tokens.all().stream()
                .filter(each -> each.label().equals("Demo token of a test"))
                .findFirst()
                .orElseThrow()
                .id();
        tokens.revoke(id);
        tokens.accept("told-by-the-start", "Demo token of a test", Role.MANAGER);
        assertThat(tokens.find("told-by-the-start")).isEmpty();
    }

    @Test
    void theTrailTellsWhoDidWhatAndNobodyChangesIt(RunningApp app) {
        String name = someone(app);
        Guest guest = in(app, name);
        guest.get("/settings");
        new Guest(app).signIn(name, "not this one", "");
        guest.post("/", "/sign-out", Map.of());
        String trail = Screens.text(Screens.of(app).as(Screens.MANAGER).get("/settings/trail"));
        assertThat(trail).contains(name, "came in", "was refused", "GET /settings", "was not let in", "went out");
        JdbcTemplate jdbc = new JdbcTemplate(app.bean(javax.sql.DataSource.class));
        for (String change : List.of("update trail set who = 'x'", "delete from trail", "truncate trail")) {
            assertThatThrownBy(() -> jdbc.update(change))
                    .isInstanceOf(DataAccessException.class)
                    .hasMessageContaining("only added to");
        }
    }

    @Test
    void whereItGoesOnIsNotAskedOfTheRequestsHost(RunningApp app) throws Exception {
        try (java.net.Socket socket =
                new java.net.Socket("127.0.0.1", java.net.URI.create(app.url()).getPort())) {
            socket.getOutputStream()
                    .write("GET /settings HTTP/1.1\r\nHost: evil.example\r\nX-Forwarded-Host: evil.example\r\n"
                            .concat("Connection: close\r\n\r\n")
                            .getBytes(java.nio.charset.StandardCharsets.ISO_8859_1));
            String answer = new String(socket.getInputStream().readAllBytes());
            assertThat(answer).contains("Location: /sign-in").doesNotContain("evil");
        }
    }

    private static String first(String text, String pattern) {
        var match = Pattern.compile(pattern).matcher(text);
        assertThat(match.find()).as("%s in %s", pattern, text).isTrue();
        return match.group(1);
    }
}
