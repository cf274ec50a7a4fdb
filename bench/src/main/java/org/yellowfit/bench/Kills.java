package org.yellowfit.bench;

import java.io.IOException;
import java.net.CookieManager;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Queue;
import java.util.Random;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * Kills one process after the other, an instance or the database, without warning, while advisors write; then looks
 * whether anything that was acknowledged is lost, anything stands by half, or anybody was signed out.
 *
 * <p>{@code Kills YELLOWFIT DATA PORT KILLS}: the demo runs there on two instances already.
 */
public final class Kills {

    private static final int ADVISORS = 6;
    private static final int PLANTS = 5;
    private static final long SEED = 20261126;
    private static final Pattern TOKEN = Pattern.compile("name=\"_csrf\" value=\"([^\"]+)\"");
    private static final Pattern LINE = Pattern.compile("/list/(\\d+)\"");
    private static final Pattern VISIT = Pattern.compile(".*/visits/([0-9a-f-]{36})/.*");

    /** @param listed whether the five plants were acknowledged; they may be there all the same */
    private record Written(String visit, String place, boolean listed) {}

    private final String yellowfit;
    private final Path data;
    private final String url;
    private final int kills;
    private final List<String> plants;
    private final Queue<Written> written = new ConcurrentLinkedQueue<>();
    private final AtomicInteger broken = new AtomicInteger();
    private final AtomicInteger signedOut = new AtomicInteger();
    private volatile boolean over;

    private Kills(String yellowfit, Path data, int port, int kills) throws IOException, InterruptedException {
        this.yellowfit = yellowfit;
        this.data = data;
        this.url = "http://127.0.0.1:" + port;
        this.kills = kills;
        Advisor one = new Advisor();
        one.signIn();
        Matcher ids = Pattern.compile("href=\"/catalogue/([a-z0-9-]+)\"").matcher(one.get("/catalogue"));
        plants = ids.results()
                .map(each -> each.group(1))
                .distinct()
                .limit(PLANTS)
                .toList();
    }

    public static void main(String[] args) throws Exception {
        new Kills(args[0], Path.of(args[1]), Integer.parseInt(args[2]), Integer.parseInt(args[3])).run();
    }

    private void run() throws Exception {
        List<Thread> advisors = new ArrayList<>();
        for (int i = 0; i < ADVISORS; i++) {
            int number = i;
            Thread advisor = new Thread(() -> write(number));
            advisor.start();
            advisors.add(advisor);
        }
        kill();
        over = true;
        for (Thread advisor : advisors) {
            advisor.join();
        }
        look();
    }

    private void kill() throws Exception {
        Random random = new Random(SEED);
        for (int i = 1; i <= kills; i++) {
            TimeUnit.MILLISECONDS.sleep(500 + random.nextInt(2500));
            int victim = random.nextInt(3);
            Path pid = victim == 2
                    ? data.resolve("postgres/postmaster.pid")
                    : data.resolve("app-" + (victim + 1) + ".pid");
            ProcessHandle.of(Long.parseLong(Files.readAllLines(pid).get(0).strip()))
                    .ifPresent(ProcessHandle::destroyForcibly);
            TimeUnit.MILLISECONDS.sleep(random.nextInt(1500));
            Process start = new ProcessBuilder(yellowfit, "start")
                    .redirectErrorStream(true)
                    .start();
            String said = new String(start.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
            if (start.waitFor() != 0 || !said.contains("Ready")) {
                System.out.println("Kill " + i + ": start alone did not bring it back: " + said);
                System.exit(1);
            }
            if (i % 10 == 0) {
                System.out.printf(
                        "%d kills, %d visits acknowledged, %d requests broken off%n", i, written.size(), broken.get());
            }
        }
    }

    private void write(int number) {
        Advisor advisor = new Advisor();
        advisor.patientlySignIn();
        for (int i = 0; !over; i++) {
            String place = "Place " + number + "-" + i;
            try {
                HttpResponse<String> made = advisor.post("/visits/new", "/visits/new", "place=" + encoded(place));
                Matcher visit =
                        VISIT.matcher(made.headers().firstValue("Location").orElse(""));
                if (made.statusCode() == 302 && visit.matches()) {
                    written.add(new Written(visit.group(1), place, advisor.listed(visit.group(1))));
                } else if (count(made)) {
                    advisor.patientlySignIn();
                }
            } catch (IOException | InterruptedException e) {
                broken.incrementAndGet();
            }
        }
    }

    /** @return whether whoever asked was signed out */
    private boolean count(HttpResponse<String> answer) {
        boolean toSignIn = answer.headers().firstValue("Location").orElse("").contains("/sign-in");
        (toSignIn ? signedOut : broken).incrementAndGet();
        return toSignIn;
    }

    private void look() throws IOException, InterruptedException {
        Advisor advisor = new Advisor();
        advisor.patientlySignIn();
        int lost = 0;
        int half = 0;
        for (Written each : written) {
            String list = advisor.get("/visits/" + each.visit() + "/list");
            long there = LINE.matcher(list)
                    .results()
                    .map(line -> line.group(1))
                    .distinct()
                    .count();
            lost += !list.contains(each.place()) || each.listed() && there < plants.size() ? 1 : 0;
            half += there > 0 && there < plants.size() ? 1 : 0;
        }
        System.out.printf(
                "%d kills: %d visits acknowledged, %d lost, %d by half, %d requests broken off, %d signed out%n",
                kills, written.size(), lost, half, broken.get(), signedOut.get());
        System.exit(lost + half + signedOut.get() == 0 ? 0 : 1);
    }

    private static String encoded(String text) {
        return URLEncoder.encode(text, StandardCharsets.UTF_8);
    }

    /** Somebody at a browser of their own. */
    private final class Advisor {

        private final HttpClient http = HttpClient.newBuilder()
                .cookieHandler(new CookieManager())
                .connectTimeout(Duration.ofSeconds(5))
                .build();

        void patientlySignIn() {
            for (int i = 0; i < 60; i++) {
                try {
                    signIn();
                    return;
                } catch (IOException | IllegalStateException e) {
                    pause();
                } catch (InterruptedException e) {
                    Thread.currentThread().interrupt();
                    return;
                }
            }
            throw new IllegalStateException("Nobody could sign in for a minute.");
        }

        private void pause() {
            try {
                TimeUnit.SECONDS.sleep(1);
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
            }
        }

        void signIn() throws IOException, InterruptedException {
            HttpResponse<String> in =
                    post("/sign-in", "/sign-in", "username=tamsin&password=" + encoded("skerry-lane-demo"));
            if (in.statusCode() != 302
                    || in.headers().firstValue("Location").orElse("?").contains("?")) {
                throw new IllegalStateException("Not let in: " + in.statusCode());
            }
        }

        String get(String path) throws IOException, InterruptedException {
            return send(HttpRequest.newBuilder(URI.create(url + path)).GET()).body();
        }

        HttpResponse<String> post(String page, String path, String fields) throws IOException, InterruptedException {
            HttpResponse<String> form =
                    send(HttpRequest.newBuilder(URI.create(url + page)).GET());
            Matcher token = TOKEN.matcher(form.body());
            if (!token.find()) {
                return form;
            }
            return send(HttpRequest.newBuilder(URI.create(url + path))
                    .header("Content-Type", "application/x-www-form-urlencoded")
                    .POST(HttpRequest.BodyPublishers.ofString(fields + "&_csrf=" + encoded(token.group(1)))));
        }

        /** Puts five plants on a list at once. */
        boolean listed(String visit) throws InterruptedException {
            String fields = plants.stream().map(plant -> "plant=" + plant).collect(Collectors.joining("&"));
            try {
                HttpResponse<String> answer = post("/visits/" + visit + "/list", "/visits/" + visit + "/list", fields);
                if (answer.statusCode() != 302) {
                    count(answer);
                }
                return answer.statusCode() == 302
                        && !answer.headers().firstValue("Location").orElse("").contains("sign-in");
            } catch (IOException e) {
                broken.incrementAndGet();
                return false;
            }
        }

        private HttpResponse<String> send(HttpRequest.Builder request) throws IOException, InterruptedException {
            return http.send(request.timeout(Duration.ofSeconds(30)).build(), HttpResponse.BodyHandlers.ofString());
        }
    }
}
