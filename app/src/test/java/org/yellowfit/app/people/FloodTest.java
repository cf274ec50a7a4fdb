package org.yellowfit.app.people;

import static org.assertj.core.api.Assertions.assertThat;

import com.zaxxer.hikari.HikariDataSource;
import java.io.IOException;
import java.io.OutputStream;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpRequest;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.function.BooleanSupplier;
import javax.sql.DataSource;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.jdbc.core.JdbcTemplate;
import org.yellowfit.app.RunningApp;

/** Floods: what many, slow, large or costly requests do to the others. By sockets, as a stranger would send them. */
@ExtendWith(RunningApp.class)
class FloodTest {

    private static final String FORM = "POST %s HTTP/1.1\r\nHost: shop\r\n"
            + "Content-Type: application/x-www-form-urlencoded\r\nContent-Length: %d\r\n%s\r\n";

    @Test
    void slowStrangersKeepNobodyFromTheShopAndNoPlaceForLong(RunningApp app) throws Exception {
        List<Socket> slow = new ArrayList<>();
        try {
            for (int i = 0; i < 3 * Strangers.AT_ONCE; i++) {
                slow.add(begun(app, FORM.formatted("/sign-in", 900, ""), "username=x"));
            }
            waitFor(() -> slow.stream().filter(FloodTest::hasAnswer).count() >= Strangers.AT_ONCE);
            Socket late = slow.remove(slow.size() - 1);
            assertThat(firstLine(late))
                    .as("who comes on top of it is sent away at once")
                    .contains("503");
            late.close();
            assertThat(get(app, "/sign-in").status()).isEqualTo(200);
            assertThat(app.post("/api/v1/fit", "{}").status()).isEqualTo(200);
            waitFor(() -> slow.stream().allMatch(each -> drip(each) || hasAnswer(each)));
            assertThat(slow).extracting(FloodTest::firstLine).allMatch(line -> line.matches("(?s).*(400|408|503).*"));
            assertThat(app.send(HttpRequest.newBuilder(URI.create(app.url() + "/sign-in"))
                                    .header("Content-Type", "application/x-www-form-urlencoded")
                                    .POST(HttpRequest.BodyPublishers.ofString("username=x&password=y")))
                            .status())
                    .as("no token of a form, but a place to be heard")
                    .isEqualTo(403);
        } finally {
            for (Socket each : slow) {
                each.close();
            }
        }
    }

    @ParameterizedTest
    @CsvSource({
        "/sign-in, 9000, '', 413",
        "/sign-in, 300000000, '', 413",
        "/api/v1/fit, 300000000, token-of-the-tests, 413",
        "/api/v1/fit, 300000000, not-a-token, 413",
        "/api/v1/fit, 3000, not-a-token, 401",
        "/api/v1/catalogue/import, 300000000, token-of-the-tests, 413",
        "/visits/new, 300, '', 403"
    })
    void whatIsTooLargeOrNotAllowedIsNotWaitedFor(String path, int length, String token, int status, RunningApp app)
            throws Exception {
        String authorization = token.isEmpty() ? "" : "Authorization: Bearer " + token + "\r\n";
        String body = length < 1000 ? "a=".repeat(length / 2) : "{";
        try (Socket socket = begun(app, FORM.formatted(path, length, authorization), body)) {
            waitFor(() -> hasAnswer(socket));
            assertThat(firstLine(socket)).contains(String.valueOf(status));
        }
    }

    @Test
    void aBodyThatDoesNotSayItsLengthIsCounted(RunningApp app) {
        HttpRequest.Builder endless = app.request("/api/v1/fit")
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofInputStream(
                        () -> new java.io.ByteArrayInputStream(new byte[(int) BodyLimits.FORM + 100_000])));
        assertThat(app.send(endless).status()).isEqualTo(413);
    }

    @Test
    void filesThatArriveSlowlyTakeNoConnection(RunningApp app) throws Exception {
        HikariDataSource pool = (HikariDataSource) app.bean(DataSource.class);
        List<Socket> slow = new ArrayList<>();
        try {
            for (int i = 0; i < 2 * pool.getMaximumPoolSize(); i++) {
                slow.add(begun(
                        app,
                        "POST /api/v1/catalogue/import HTTP/1.1\r\nHost: shop\r\nContent-Type: text/csv\r\n"
                                + "Content-Length: 90000\r\nAuthorization: Bearer " + RunningApp.TOKEN + "\r\n\r\n",
                        "id,botanical"));
            }
            waitFor(() -> pool.getHikariPoolMXBean().getActiveConnections() == 0);
            assertThat(app.post("/api/v1/fit", "{}").status()).isEqualTo(200);
            assertThat(app.get("/api/v1/catalogue/claims.csv").status()).isEqualTo(200);
        } finally {
            for (Socket each : slow) {
                each.close();
            }
        }
    }

    @Test
    void whoeverOnlyLooksLeavesNoSession(RunningApp app) {
        JdbcTemplate jdbc = new JdbcTemplate(app.bean(DataSource.class));
        for (String path : List.of("/sign-in", "/", "/visits/new", "/settings", "/no/such/page", "/drawings/x.svg")) {
            RunningApp.Answer answer = get(app, path);
            assertThat(String.valueOf(answer.headers().get("Set-Cookie")))
                    .as(path)
                    .doesNotContain("SESSION");
        }
        assertThat(jdbc.queryForObject("select count(*) from spring_session where principal_name is null", Long.class))
                .as("sessions of nobody")
                .isZero();
    }

    @Test
    void aStudyThatWouldTakeMinutesIsRefusedWithWhatToDo(RunningApp app) {
        String tree = "{\"kind\":\"tree\",\"at\":[%d,%d],\"heightM\":12,\"crownRadiusM\":3}";
        String trees = java.util.stream.IntStream.range(0, 400)
                .mapToObj(i -> tree.formatted(i % 20, i / 20))
                .collect(java.util.stream.Collectors.joining(","));
        RunningApp.Answer answer = app.post(
                "/api/v1/light/study",
                "{\"latitude\":52,\"longitude\":0,\"cellM\":0.5,\"stepMinutes\":1,"
                        + "\"bed\":[[0,0],[120,0],[120,120],[0,120]],\"obstacles\":[" + trees + "]}");
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.body()).contains("larger cells");
    }

    @Test
    void aListIsRefusedBeforeItIsReadThrough(RunningApp app) {
        String years = java.util.stream.IntStream.range(0, 5000)
                .mapToObj(i -> "1")
                .collect(java.util.stream.Collectors.joining(","));
        RunningApp.Answer answer = app.post("/api/v1/compare", "{\"ids\":[\"a\"],\"years\":[" + years + "]}");
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.body()).contains("At most 1000 values");
    }

    private static RunningApp.Answer get(RunningApp app, String path) {
        return app.send(HttpRequest.newBuilder(URI.create(app.url() + path)).timeout(Duration.ofSeconds(4)));
    }

    /** A request whose head and first bytes are sent. */
    private static Socket begun(RunningApp app, String head, String body) throws IOException {
        Socket socket = new Socket("127.0.0.1", URI.create(app.url()).getPort());
        OutputStream out = socket.getOutputStream();
        out.write((head + body).getBytes(StandardCharsets.ISO_8859_1));
        out.flush();
        return socket;
    }

    /** @return whether the other side has hung up */
    private static boolean drip(Socket socket) {
        try {
            socket.getOutputStream().write('x');
            return false;
        } catch (IOException e) {
            return true;
        }
    }

    private static boolean hasAnswer(Socket socket) {
        try {
            return socket.getInputStream().available() > 0;
        } catch (IOException e) {
            return true;
        }
    }

    private static String firstLine(Socket socket) {
        try {
            byte[] line = new byte[40];
            int read = socket.getInputStream().read(line);
            return new String(line, 0, Math.max(0, read), StandardCharsets.ISO_8859_1);
        } catch (IOException e) {
            return "hung up: 408";
        }
    }

    private static void waitFor(BooleanSupplier so) throws InterruptedException {
        long deadline = System.nanoTime() + Duration.ofSeconds(30).toNanos();
        while (!so.getAsBoolean()) {
            assertThat(System.nanoTime()).as("waited long enough").isLessThan(deadline);
            Thread.sleep(200);
        }
    }
}
