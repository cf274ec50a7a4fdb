package org.yellowfit.app.people;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.security.authentication.AnonymousAuthenticationToken;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.authority.AuthorityUtils;
import org.springframework.security.web.access.WebInvocationPrivilegeEvaluator;
import org.springframework.web.bind.annotation.RequestMethod;
import org.yellowfit.app.RunningApp;

/**
 * Who reaches which form and call: made from the mappings there are and held against {@code docs/access.md}, so that
 * a new one is looked at by whoever adds it. What it should be is written to {@code target/access.md}.
 */
@ExtendWith(RunningApp.class)
class AccessTableTest {

    private static final Path DOCUMENT = Path.of("../docs/access.md");
    private static final String HEAD = "| Form or call | nobody | advisor | buyer | manager |\n|---|---|---|---|---|\n";

    @Test
    void theDocumentTellsWhoReachesWhat(RunningApp app) throws IOException {
        Map<String, String> rows = new TreeMap<>();
        WebInvocationPrivilegeEvaluator gate = app.bean("privilegeEvaluator", WebInvocationPrivilegeEvaluator.class);
        app.handlers()
                .getHandlerMethods()
                .keySet()
                .forEach(mapping -> mapping.getPatternValues().forEach(pattern -> {
                    for (String method : methods(mapping.getMethodsCondition().getMethods().stream())) {
                        rows.put(pattern + " " + method, row(gate, method, pattern));
                    }
                }));
        String wanted = HEAD + String.join("", rows.values());
        Files.writeString(Path.of("target/access.md"), wanted);
        assertThat(rows).hasSizeGreaterThan(100);
        assertThat(Files.readString(DOCUMENT)).contains(wanted);
    }

    private static List<String> methods(Stream<RequestMethod> methods) {
        List<String> named = methods.map(RequestMethod::name).sorted().toList();
        return named.isEmpty() ? List.of("GET", "POST") : named;
    }

    private static String row(WebInvocationPrivilegeEvaluator gate, String method, String pattern) {
        String address = pattern.replaceAll("\\{[^}]*}", "x");
        return Stream.concat(
                        Stream.of("`" + method + " " + pattern + "`"),
                        Stream.of(nobody(), as(Role.ADVISOR), as(Role.BUYER), as(Role.MANAGER))
                                .map(who -> gate.isAllowed("", address, method, who) ? "yes" : "–"))
                .collect(Collectors.joining(" | ", "| ", " |\n"));
    }

    private static Authentication nobody() {
        return new AnonymousAuthenticationToken("x", "nobody", AuthorityUtils.createAuthorityList("ROLE_ANONYMOUS"));
    }

    private static Authentication as(Role role) {
        return UsernamePasswordAuthenticationToken.authenticated(
                "x", null, AuthorityUtils.createAuthorityList("ROLE_" + role.name()));
    }
}
