package org.yellowfit.app.screens;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.yellowfit.app.Screens.csrf;

import java.lang.reflect.Method;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
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
import org.yellowfit.app.climate.Stations;
import org.yellowfit.app.shop.ShopSettings;
import org.yellowfit.app.visit.Visit;
import org.yellowfit.app.visit.VisitFields;
import org.yellowfit.core.light.Location;

/**
 * Some thousand requests of every form and call, made up from the mappings, so that a new one is in by itself: none is
 * answered by a fault of the server, none shows its insides, and afterwards every page still opens.
 */
@ExtendWith(RunningApp.class)
class FuzzTest {

    private static final long SEED = 20261126;
    private static final int EACH = 30;

    private record Call(HttpMethod method, String path, Method handler) {

        @Override
        public String toString() {
            return method + " " + path;
        }
    }

    private final Map<String, String> known = new TreeMap<>();
    private String line;
    private final OddValues odd = new OddValues(SEED);
    private List<String> ids;

    @Test
    void nothingIsAnsweredByAFaultOfTheServer(RunningApp app) {
        Screens manager = new Screens(app, Screens.MANAGER);
        Visit visit = manager.visit(Map.of("place", "Fuzz", "site.zone", "6b", "site.sunHours", "5"));
        ids = List.of(visit.id().toString(), "00000000-0000-0000-0000-000000000000", OddValues.PLANT, "-1", "x");
        itsOwn(app, manager, visit);
        Stations stations = app.bean(Stations.class);
        UUID usual = stations.usual().orElseThrow().id();
        ShopSettings shop = app.bean(ShopSettings.class);
        String watched = Screens.text(manager.get("/settings/watch-list.csv"));
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
            // By chance the shop may have decided that everybody needs a second factor: nothing would be reached any
            // more.
            shop.needSecondFactor(false);
        }
        stations.makeUsual(usual);
        manager.post("/settings/watch-list/back", Map.of("csv", watched));
        assertThat(faults.keySet()).isEmpty();
        everyPageOpens(app, manager);
    }

    /** A plant, a line, a station, a person and a token of its own, so that nobody else’s are taken away. */
    private void itsOwn(RunningApp app, Screens manager, Visit visit) {
        app.post(
                "/api/v1/catalogue/import",
                "text/csv",
                "id,botanical,kind,habit,persistence,height10_m,spread10_m,zone_min\n" + OddValues.PLANT
                        + ",Testa fuzzii,shrub,mound,deciduous,1,1,5\n");
        manager.post("/visits/" + visit.id() + "/list", Map.of("plant", OddValues.PLANT));
        manager.post("/settings/people", Map.of("username", "fuzzed", "displayName", "Fuzzed", "role", "ADVISOR"));
        manager.post("/settings/tokens", Map.of("label", "Fuzzed", "role", "ADVISOR"));
        String station = app.bean(Stations.class)
                .add(
                        "Fuzz rock",
                        new Location(45, -70, -5),
                        null,
                        false,
                        "date,tmin,tmax\n2020-01-01,-5,2\n",
                        false,
                        "test")
                .id()
                .toString();
        line = last(manager, "/visits/" + visit.id() + "/list", "/list/(\\d+)\"");
        known.put("/visits", visit.id().toString());
        known.put("/stations", station);
        known.put("/settings/people", last(manager, "/settings", "/settings/people/(\\d+)/invitation"));
        known.put("/settings/tokens", last(manager, "/settings", "/settings/tokens/(\\d+)/revoked"));
        known.put("/catalogue/import", ids.get(1));
    }

    /** The highest of the numbers that a page names so. */
    private static String last(Screens screens, String page, String pattern) {
        return Pattern.compile(pattern)
                .matcher(Screens.text(screens.get(page)))
                .results()
                .map(found -> found.group(1))
                .max(Comparator.comparingInt(Integer::parseInt))
                .orElseThrow();
    }

    private static List<Call> calls(RunningApp app) {
        List<Call> calls = new ArrayList<>();
        RequestMappingHandlerMapping mapping = app.handlers();
        mapping.getHandlerMethods().forEach((info, handler) -> {
            if (handler.getBeanType().getName().startsWith("org.yellowfit")) {
                paths(info)
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
                .map(parameter -> !odd.oneIn(6) ? known(path, parameter.getName()) : odd.one(ids))
                .toArray();
        typed.addAll(Arrays.stream(values).map(String::valueOf).toList());
        String address = UriComponentsBuilder.fromPath(path).build(values).toString();
        boolean file = Arrays.stream(call.handler().getParameterTypes()).anyMatch(MultipartFile.class::equals);
        boolean body = Arrays.stream(call.handler().getParameters())
                .anyMatch(parameter -> parameter.isAnnotationPresent(RequestBody.class));
        var request = app.mvc().method(call.method()).uri(java.net.URI.create(address));
        if (file) {
            String content = odd.one(OddValues.FILES);
            typed.add("file " + shortened(content));
            var multipart = app.mvc()
                    .post()
                    .uri(java.net.URI.create(address))
                    .multipart()
                    .file(new MockMultipartFile(
                            "file", odd.one(OddValues.ODD), "text/csv", content.getBytes(StandardCharsets.UTF_8)))
                    .with(user(Screens.MANAGER))
                    .with(csrf());
            fields(call).forEach(field -> multipart.param(field, said(typed, field)));
            return multipart.exchange();
        }
        if (body) {
            String content = odd.json();
            typed.add(shortened(content));
            request.contentType(odd.oneIn(8) ? MediaType.ALL : MediaType.APPLICATION_JSON)
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
            case "plant" -> OddValues.PLANT;
            case "line" -> line;
            case "claim" -> "1";
            default ->
                known.keySet().stream()
                        .filter(path::startsWith)
                        .findFirst()
                        .map(known::get)
                        .orElse(OddValues.PLANT);
        };
    }

    private String said(List<String> typed, String field) {
        String value = odd.of(field);
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
                                        : OddValues.FORM_FIELDS);
                        for (int i = 0; i < 8; i++) {
                            fields.add(odd.one(names));
                        }
                        fields.addAll(OddValues.OF_A_FORM.entrySet().stream()
                                .filter(form -> call.path().contains(form.getKey()))
                                .findFirst()
                                .map(Map.Entry::getValue)
                                .orElse(List.of()));
                    } else if (!odd.oneIn(6) && !MultipartFile.class.equals(parameter.getType())) {
                        fields.add(parameter.getName());
                    }
                });
        return fields;
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
