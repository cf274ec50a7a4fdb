package org.yellowfit.app;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Map;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.ParameterContext;
import org.junit.jupiter.api.extension.ParameterResolver;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.WebApplicationType;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.security.test.web.servlet.setup.SecurityMockMvcConfigurers;
import org.springframework.test.web.servlet.assertj.MockMvcTester;
import org.springframework.web.context.WebApplicationContext;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * The real application in demo mode, started once for a whole test run on a random port against a database of its own.
 * A JUnit
 * extension: a test asks for it as a parameter. The database cluster is the one {@code ./yellowfit test} starts.
 */
public final class RunningApp implements ParameterResolver {

    public static final String TOKEN = "token-of-the-tests";
    public static final String PASSWORD = "skerry-lane-demo";

    private static RunningApp running;

    private ConfigurableApplicationContext context;
    private String url;
    private MockMvcTester mvc;
    private final HttpClient http =
            HttpClient.newBuilder().followRedirects(HttpClient.Redirect.NEVER).build();
    private final JsonMapper json = new JsonMapper();

    /** What a call over HTTP gave. */
    public record Answer(int status, String body, JsonNode json, Map<String, String> headers) {}

    @Override
    public boolean supportsParameter(ParameterContext parameter, ExtensionContext extension) {
        return parameter.getParameter().getType() == RunningApp.class;
    }

    @Override
    public Object resolveParameter(ParameterContext parameter, ExtensionContext extension) {
        return started();
    }

    private static synchronized RunningApp started() {
        if (running == null) {
            RunningApp app = new RunningApp();
            app.start();
            running = app;
        }
        return running;
    }

    private void start() {
        String server = System.getenv("YF_TEST_DB_URL");
        if (server == null) {
            throw new IllegalStateException(
                    "No test database is there: run the tests with ./yellowfit test, which starts one.");
        }
        String password = System.getenv("YF_TEST_DB_PASSWORD");
        String database = "yf_" + System.nanoTime();
        try (Connection connection = DriverManager.getConnection(server + "postgres", "yellowfit", password);
                Statement statement = connection.createStatement()) {
            statement.execute("create database " + database);
        } catch (SQLException e) {
            throw new IllegalStateException("The test database could not be made.", e);
        }
        SpringApplication application = new SpringApplication(YellowFit.class);
        application.setWebApplicationType(WebApplicationType.SERVLET);
        context = application.run(
                "--server.port=0",
                "--spring.datasource.url=" + server + database,
                "--spring.datasource.username=yellowfit",
                "--spring.datasource.password=" + password,
                "--yellowfit.demo=true",
                "--yellowfit.api-token=" + TOKEN,
                "--yellowfit.secret=secret-of-the-tests-only",
                "--spring.main.banner-mode=off",
                "--spring.jpa.hibernate.ddl-auto=validate");
        url = "http://127.0.0.1:"
                + ((WebServerApplicationContext) context).getWebServer().getPort();
        mvc = MockMvcTester.from(
                (WebApplicationContext) context,
                builder -> builder.apply(SecurityMockMvcConfigurers.springSecurity())
                        .build());
    }

    public String url() {
        return url;
    }

    public MockMvcTester mvc() {
        return mvc;
    }

    /** Every form and call there is. */
    public RequestMappingHandlerMapping handlers() {
        return context.getBean("requestMappingHandlerMapping", RequestMappingHandlerMapping.class);
    }

    public <T> T bean(String name, Class<T> type) {
        return context.getBean(name, type);
    }

    public <T> T bean(Class<T> type) {
        return context.getBean(type);
    }

    public Answer post(String path, String contentType, byte[] body) {
        return send(
                request(path).header("Content-Type", contentType).POST(HttpRequest.BodyPublishers.ofByteArray(body)));
    }

    public Answer post(String path, String contentType, String body) {
        return post(path, contentType, body.getBytes(java.nio.charset.StandardCharsets.UTF_8));
    }

    public Answer post(String path, String jsonBody) {
        return post(path, "application/json", jsonBody.getBytes(StandardCharsets.UTF_8));
    }

    public Answer get(String path) {
        return send(request(path).GET());
    }

    public Answer send(HttpRequest.Builder request) {
        try {
            HttpResponse<String> response =
                    http.send(request.build(), HttpResponse.BodyHandlers.ofString(StandardCharsets.UTF_8));
            boolean isJson =
                    response.headers().firstValue("Content-Type").orElse("").contains("json");
            Map<String, String> headers = new java.util.TreeMap<>(String.CASE_INSENSITIVE_ORDER);
            response.headers().map().forEach((name, values) -> headers.put(name, String.join(", ", values)));
            return new Answer(
                    response.statusCode(), response.body(), isJson ? json.readTree(response.body()) : null, headers);
        } catch (IOException e) {
            throw new IllegalStateException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    public HttpRequest.Builder request(String path) {
        return HttpRequest.newBuilder(URI.create(url + path)).header("Authorization", "Bearer " + TOKEN);
    }
}
