package org.yellowfit.app;

import java.io.IOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** Somebody at a browser of their own: keeps cookies, and sends forms with the token of the page they are on. */
public final class Guest {

    private static final Pattern TOKEN = Pattern.compile("name=\"_csrf\" value=\"([^\"]+)\"");

    private final String url;
    private final CookieManager cookies = new CookieManager();
    private final HttpClient http = HttpClient.newBuilder()
            .cookieHandler(cookies)
            .followRedirects(HttpClient.Redirect.NEVER)
            .build();

    public record Page(int status, String location, String text) {}

    public Guest(RunningApp app) {
        url = app.url();
    }

    public Page get(String path) {
        return send(HttpRequest.newBuilder(URI.create(url + path)).GET());
    }

    /** Sends the form of a page. */
    public Page post(String page, String path, Map<String, String> fields) {
        Matcher token = TOKEN.matcher(get(page).text());
        Map<String, String> all = new LinkedHashMap<>(fields);
        all.put("_csrf", token.find() ? token.group(1) : "");
        String body = all.entrySet().stream()
                .map(field -> field.getKey() + "=" + URLEncoder.encode(field.getValue(), StandardCharsets.UTF_8))
                .collect(Collectors.joining("&"));
        return send(HttpRequest.newBuilder(URI.create(url + path))
                .header("Content-Type", "application/x-www-form-urlencoded")
                .POST(HttpRequest.BodyPublishers.ofString(body)));
    }

    public Page signIn(String username, String password, String code) {
        return post("/sign-in", "/sign-in", Map.of("username", username, "password", password, "code", code));
    }

    public boolean isIn() {
        return get("/").status() == 200;
    }

    public List<HttpCookie> cookies() {
        return cookies.getCookieStore().getCookies();
    }

    private Page send(HttpRequest.Builder request) {
        try {
            HttpResponse<String> answer = http.send(request.build(), HttpResponse.BodyHandlers.ofString());
            return new Page(
                    answer.statusCode(), answer.headers().firstValue("Location").orElse(""), answer.body());
        } catch (IOException e) {
            throw new IllegalStateException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }
}
