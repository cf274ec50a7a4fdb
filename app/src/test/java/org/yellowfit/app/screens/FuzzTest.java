package org.yellowfit.app.screens;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;

import java.lang.reflect.Method;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.http.HttpMethod;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.method.RequestMappingInfo;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import org.springframework.web.util.UriComponentsBuilder;
import org.yellowfit.app.RunningApp;
import org.yellowfit.app.Screens;
import org.yellowfit.app.visit.Visit;
import org.yellowfit.app.visit.VisitFields;

/**
 * Some thousand requests of every form and call, made up from the mappings, so that a new one is in by itself: none is
 * answered by a fault of the server, none shows its insides, and afterwards every page still opens.
 */
@ExtendWith(RunningApp.class)
class FuzzTest {

    private static final long SEED = 20261126;
    private static final int EACH = 30;
    /** What would end the session of the test, or the application’s own. */
    private static final Set<String> LEFT_OUT = Set.of("/error");

    private static final List<String> ODD = List.of(
            "",
            " ",
            "0",
            "-1",
            "1",
            "4",
            "0.5",
            "1e308",
            "-1e308",
            "NaN",
            "Infinity",
            "999999999999999999999",
            "null",
            "true",
            "no",
            "none",
            "yes",
            "6b",
            "13b",
            "clay loam",
            "AREA",
            "MATURE",
            "us",
            "2 l",
            "2027-11-15",
            "0000-00-00",
            "2024-02-30",
            "9999-12-31",
            "\u0000",
            "a\u0000b",
            "\uD800",
            "\uFFFF",
            "🌿",
            "%",
            "%00",
            "{x}",
            "${x}",
            "' or 1=1 --",
            "<script>alert(1)</script>",
            "../../etc/passwd",
            "|",
            "a|b|c",
            "hosta-mixing-bowl",
            "hosta-mixing-bowl,hosta-tea-tray",
            "#a03060",
            "[]",
            "{}",
            "[[0,0],[1,1],[0,1]]",
            "x".repeat(100),
            "x".repeat(5000),
            "é".repeat(73),
            "é".repeat(40),
            "10..1",
            "4..2",
            "red#c22b2b",
            "1,5",
            "−3",
            "3 ft 6 in");

    private static final List<String> BODIES = List.of(
            "",
            "null",
            "[]",
            "0",
            "\"x\"",
            "{",
            "{\"\\u0000\":1}",
            "{\"site\":[]}",
            "{\"site\":{\"zone\":\"\\u0000\"}}",
            "{\"features\":[{\"geometry\":null}]}",
            "{\"features\":{},\"version\":1e99}",
            "{\"ids\":[null,{}]}");

    private static final List<String> FILES = List.of(
            "",
            "\u0000",
            "id\n",
            "id,botanical\nx",
            "date,tmin,tmax\n2020-01-01,1,0\n",
            "time,lux\nx,y\n",
            "plant,level\n\u0000,watch\n",
            "[{\"id\":{}}]",
            "\"",
            "x,".repeat(60_000) + "\n1",
            "﻿id,id\n1,2");

    /** What a form always sends. */
    private static final Map<String, List<String>> OF_A_FORM = Map.of(
            "/list/", List.of("version", "amount", "fill", "school", "closeBy", "pot", "plant", "position"),
            "/value", List.of("column", "value", "seen", "why"),
            "/claims", List.of("column", "value", "source", "source_kind", "why"),
            "/stations", List.of("name", "latitude", "longitude", "utcOffset"),
            "/people", List.of("username", "displayName", "password", "role"));

    /** Fields of forms whose handlers take what comes. */
    private static final List<String> FORM_FIELDS = List.of(
            "version",
            "amount",
            "fill",
            "pot",
            "school",
            "closeBy",
            "endsClear",
            "plant",
            "position",
            "column",
            "value",
            "source",
            "source_kind",
            "at_age_years",
            "place",
            "why",
            "seen",
            "name",
            "latitude",
            "longitude",
            "utcOffset",
            "elevation",
            "fahrenheit",
            "username",
            "displayName",
            "password",
            "role",
            "label",
            "m6",
            "ballHolds",
            "ribbonCm",
            "fallCm",
            "phReadings",
            "areaM2",
            "q",
            "near",
            "part",
            "month",
            "sunHours",
            "ph");

    /** Values of calls that are fine. */
    private static final Map<String, String> FINE_JSON = Map.ofEntries(
            Map.entry("site", "{\"zone\":\"6b\",\"sunHours\":5}"),
            Map.entry("id", "\"hosta-mixing-bowl\""),
            Map.entry("ids", "[\"hosta-mixing-bowl\",\"hosta-tea-tray\"]"),
            Map.entry("years", "[1,10]"),
            Map.entry("areaM2", "4"),
            Map.entry("latitude", "45"),
            Map.entry("longitude", "-70"),
            Map.entry("utcOffsetHours", "-5"),
            Map.entry("bed", "[[0,0],[3,0],[3,2],[0,2]]"),
            Map.entry("sand", "40"),
            Map.entry("silt", "40"),
            Map.entry("clay", "20"),
            Map.entry("area", "4"),
            Map.entry("ph", "6.5"),
            Map.entry("targetPh", "5.5"),
            Map.entry("texture", "\"loam\""),
            Map.entry("limit", "5"));

    private record Call(HttpMethod method, String path, Method handler) {

        @Override
        public String toString() {
            return method + " " + path;
        }
    }

    private static final String PLANT = "hosta-mixing-bowl";

    /** What a form may well say, so that the odd field beside it is reached. */
    private static final Map<String, List<String>> FINE = Map.ofEntries(
            Map.entry("version", List.of("0", "1", "2")),
            Map.entry("plant", List.of(PLANT)),
            Map.entry("fill", List.of("AREA", "ROW", "NUMBER")),
            Map.entry("amount", List.of("2", "3.5", "12")),
            Map.entry("school", List.of("MATURE", "QUICK_COVER")),
            Map.entry("closeBy", List.of("2", "3")),
            Map.entry("pot", List.of("2 l", "")),
            Map.entry("position", List.of("0", "1")),
            Map.entry("column", List.of("height10_m", "common", "leaf_summer", "zone_min")),
            Map.entry("value", List.of("0.4..0.6", "5a", "green#33aa44")),
            Map.entry("seen", List.of("")),
            Map.entry("source", List.of("a list")),
            Map.entry("source_kind", List.of("reference", "own-record")),
            Map.entry("why", List.of("measured")),
            Map.entry("role", List.of("ADVISOR", "BUYER")),
            Map.entry("active", List.of("true", "false")),
            Map.entry("done", List.of("true", "false")),
            Map.entry("finished", List.of("true", "false")),
            Map.entry("keepGood", List.of("true")),
            Map.entry("dryRun", List.of("true", "false")),
            Map.entry("neutral", List.of("true")),
            Map.entry("year", List.of("0", "2030")),
            Map.entry("month", List.of("1", "7", "12")),
            Map.entry("x", List.of("0", "1.5")),
            Map.entry("y", List.of("0", "1.5")),
            Map.entry("before", List.of("0", "3")),
            Map.entry("age", List.of("3", "10")),
            Map.entry("half", List.of("0", "13")),
            Map.entry("south", List.of("true")),
            Map.entry("use", List.of("true", "false")),
            Map.entry("page", List.of("0", "2")),
            Map.entry("name", List.of("Fog bank")),
            Map.entry("latitude", List.of("45", "-38")),
            Map.entry("longitude", List.of("-70")),
            Map.entry("utcOffset", List.of("-5")),
            Map.entry("username", List.of("fuzz")),
            Map.entry("displayName", List.of("Fuzz")),
            Map.entry("password", List.of("long-enough-for-all")),
            Map.entry("label", List.of("Till")),
            Map.entry("take", List.of("jar", "feel", "hole", "ph", "moisture")),
            Map.entry("patch", List.of("A")),
            Map.entry("csv", List.of("plant,level,note\nSalvia,watch,\n")),
            Map.entry("back", List.of("list", "shortlist")),
            Map.entry("site.zone", List.of("6b")),
            Map.entry("site.sunHours", List.of("5")),
            Map.entry("site.depthM", List.of("2", "0.5")));

    private final Map<String, String> known = new TreeMap<>();
    private String line;
    private final Random random = new Random(SEED);
    private List<String> ids;

    @Test
    void nothingIsAnsweredByAFaultOfTheServer(RunningApp app) {
        Screens manager = new Screens(app, Screens.MANAGER);
        Visit visit = manager.visit(Map.of("place", "Fuzz", "site.zone", "6b", "site.sunHours", "5"));
        ids = List.of(visit.id().toString(), "00000000-0000-0000-0000-000000000000", "hosta-mixing-bowl", "1", "x");
        manager.post("/visits/" + visit.id() + "/list", Map.of("plant", PLANT));
        line = first(manager, "/visits/" + visit.id() + "/list", "/list/(\\d+)\"");
        String station = first(manager, "/stations", "/stations/([0-9a-f-]{36})");
        known.putAll(
                Map.of("/visits", ids.get(0), "/stations", station, "/settings", "1", "/catalogue/import", ids.get(1)));
        List<Call> calls = calls(app);
        assertThat(calls).hasSizeGreaterThan(80);
        Map<String, String> faults = new TreeMap<>();
        for (Call call : calls) {
            for (int i = 0; i < EACH; i++) {
                String fault = fault(app, call);
                if (fault != null) {
                    faults.putIfAbsent(call + " " + fault.lines().findFirst().orElse(""), fault);
                }
            }
        }
        assertThat(faults.keySet()).isEmpty();
        everyPageOpens(app, manager);
    }

    private static String first(Screens screens, String page, String pattern) {
        Matcher found = Pattern.compile(pattern).matcher(Screens.text(screens.get(page)));
        assertThat(found.find()).as(page).isTrue();
        return found.group(1);
    }

    private static List<Call> calls(RunningApp app) {
        List<Call> calls = new ArrayList<>();
        RequestMappingHandlerMapping mapping = app.handlers();
        mapping.getHandlerMethods().forEach((info, handler) -> {
            if (handler.getBeanType().getName().startsWith("org.yellowfit")) {
                paths(info)
                        .filter(path -> !LEFT_OUT.contains(path))
                        .forEach(path -> info.getMethodsCondition()
                                .getMethods()
                                .forEach(method ->
                                        calls.add(new Call(method.asHttpMethod(), path, handler.getMethod()))));
            }
        });
        // Those that take things away come last.
        calls.sort(Comparator.comparing((Call call) -> call.path().matches(".*(away|erase|gone|users|people).*"))
                .thenComparing(Call::toString));
        return calls;
    }

    private static Stream<String> paths(RequestMappingInfo info) {
        return info.getPathPatternsCondition().getPatternValues().stream();
    }

    /** What is wrong with the answer to one made-up request; null when nothing is. */
    private String fault(RunningApp app, Call call) {
        String path = call.path();
        List<String> typed = new ArrayList<>();
        try {
            MvcTestResult result = sent(app, call, path, typed);
            int status = result.getResponse().getStatus();
            if (result.getUnresolvedException() != null) {
                return root(result.getUnresolvedException()) + " " + typed;
            }
            String body = Screens.text(result);
            String type = String.valueOf(result.getResponse().getContentType());
            if (status >= 500) {
                return status + " " + typed;
            }
            return (type.contains("html") || type.contains("json"))
                            && (body.contains("java.lang") || body.contains("org.yellowfit") || body.contains("\tat "))
                    ? "shows its insides " + typed
                    : null;
        } catch (RuntimeException e) {
            return root(e) + " " + typed;
        }
    }

    private MvcTestResult sent(RunningApp app, Call call, String path, List<String> typed) {
        Object[] values = Arrays.stream(call.handler().getParameters())
                .filter(parameter -> parameter.isAnnotationPresent(PathVariable.class))
                .map(parameter -> random.nextInt(6) > 0 ? known(path, parameter.getName()) : one(ids))
                .toArray();
        typed.addAll(Arrays.stream(values).map(String::valueOf).toList());
        String address = UriComponentsBuilder.fromPath(path).build(values).toString();
        boolean file = Arrays.stream(call.handler().getParameterTypes()).anyMatch(MultipartFile.class::equals);
        boolean body = Arrays.stream(call.handler().getParameters())
                .anyMatch(parameter -> parameter.isAnnotationPresent(RequestBody.class));
        var request = app.mvc().method(call.method()).uri(java.net.URI.create(address));
        if (file) {
            String content = one(FILES);
            typed.add("file " + shortened(content));
            var multipart = app.mvc()
                    .post()
                    .uri(java.net.URI.create(address))
                    .multipart()
                    .file(new MockMultipartFile("file", one(ODD), "text/csv", content.getBytes(StandardCharsets.UTF_8)))
                    .with(user(Screens.MANAGER))
                    .with(csrf());
            fields(call).forEach(field -> multipart.param(field, said(typed, field)));
            return multipart.exchange();
        }
        if (body) {
            String content = json();
            typed.add(shortened(content));
            request.contentType(random.nextInt(8) == 0 ? MediaType.ALL : MediaType.APPLICATION_JSON)
                    .content(content);
        }
        fields(call).forEach(field -> request.param(field, said(typed, field)));
        if (path.startsWith("/api/")) {
            return request.header("Authorization", "Bearer " + RunningApp.TOKEN).exchange();
        }
        return request.with(user(Screens.MANAGER)).with(csrf()).exchange();
    }

    /** What there is under such an address. */
    private String known(String path, String variable) {
        return switch (variable) {
            case "plant" -> PLANT;
            case "line" -> line;
            case "claim" -> "1";
            default ->
                known.keySet().stream()
                        .filter(path::startsWith)
                        .findFirst()
                        .map(known::get)
                        .orElse(PLANT);
        };
    }

    private String said(List<String> typed, String field) {
        List<String> fine = FINE.getOrDefault(field, List.of());
        String value = fine.isEmpty() || random.nextInt(3) == 0 ? one(ODD) : one(fine);
        typed.add(field + "=" + shortened(value));
        return value;
    }

    /** The parameters the handler names, some of them, and fields of a visit for those that take any. */
    private Set<String> fields(Call call) {
        Set<String> fields = new LinkedHashSet<>();
        Arrays.stream(call.handler().getParameters())
                .filter(parameter -> parameter.isAnnotationPresent(RequestParam.class))
                .forEach(parameter -> {
                    if (Map.class.isAssignableFrom(parameter.getType())) {
                        List<String> names = new ArrayList<>(
                                call.path().matches(".*(site|new|wishes|soil|what-if|try)")
                                        ? VisitFields.keys()
                                        : FORM_FIELDS);
                        for (int i = 0; i < 8; i++) {
                            fields.add(one(names));
                        }
                        fields.addAll(OF_A_FORM.entrySet().stream()
                                .filter(form -> call.path().contains(form.getKey()))
                                .findFirst()
                                .map(Map.Entry::getValue)
                                .orElse(List.of()));
                    } else if (random.nextInt(6) > 0 && !MultipartFile.class.equals(parameter.getType())) {
                        fields.add(parameter.getName());
                    }
                });
        return fields;
    }

    private String json() {
        if (random.nextInt(3) == 0) {
            return one(BODIES);
        }
        List<String> keys = List.of(
                "site",
                "wants",
                "policy",
                "limit",
                "only",
                "ids",
                "id",
                "years",
                "areaM2",
                "lengthM",
                "school",
                "latitude",
                "longitude",
                "utcOffsetHours",
                "bed",
                "obstacles",
                "season",
                "months",
                "stepMinutes",
                "cellM",
                "sand",
                "silt",
                "clay",
                "layersMm",
                "texture",
                "ph",
                "targetPh",
                "area",
                "depth",
                "features",
                "version",
                "at");
        StringBuilder out = new StringBuilder("{");
        for (int i = 0; i < 5; i++) {
            String key = one(keys);
            String value = random.nextInt(3) > 0 ? FINE_JSON.getOrDefault(key, value(2)) : value(2);
            out.append(i == 0 ? "" : ",").append('"').append(key).append("\":").append(value);
        }
        return out.append('}').toString();
    }

    private String value(int deep) {
        return switch (random.nextInt(deep > 0 ? 7 : 4)) {
            case 0 -> String.valueOf(random.nextInt(-2, 400));
            case 1 -> one(List.of("1e308", "-0.0", "1e-300", "12345678901234567890", "true", "null"));
            case 2, 3 ->
                '"'
                        + one(ODD).replace("\\", "")
                                .replace("\"", "")
                                .replace("\u0000", "\\u0000")
                                .replace("\n", "")
                        + '"';
            case 4 -> "[" + value(deep - 1) + "," + value(deep - 1) + "]";
            case 5 -> "[]";
            default ->
                "{\"" + one(List.of("zone", "sunHours", "depthM", "kind", "geometry", "uses", "ph", "never")) + "\":"
                        + value(deep - 1) + "}";
        };
    }

    private <T> T one(List<T> list) {
        return list.get(random.nextInt(list.size()));
    }

    private static String shortened(String text) {
        return text.length() > 60 ? text.substring(0, 60) + "…" + text.length() : text;
    }

    private static String root(Throwable e) {
        Throwable root = e;
        while (root.getCause() != null) {
            root = root.getCause();
        }
        String at = Arrays.stream(root.getStackTrace())
                .filter(frame -> frame.getClassName().startsWith("org.yellowfit"))
                .findFirst()
                .map(StackTraceElement::toString)
                .orElse("");
        return root.getClass().getSimpleName() + ": "
                + String.valueOf(root.getMessage()).lines().findFirst().orElse("") + " " + at;
    }

    private static void everyPageOpens(RunningApp app, Screens manager) {
        Visit visit = manager.visit(Map.of("place", "After the storm", "site.zone", "6b"));
        for (String page : List.of(
                "/",
                "/catalogue",
                "/stations",
                "/settings",
                "/settings/watch-list",
                "/catalogue/hosta-mixing-bowl",
                "/visits/" + visit.id() + "/shortlist",
                "/visits/" + visit.id() + "/handout")) {
            assertThat(manager.get(page)).as(page).hasStatusOk();
        }
    }
}
