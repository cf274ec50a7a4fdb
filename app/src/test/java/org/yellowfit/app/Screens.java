package org.yellowfit.app;

import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;

import jakarta.servlet.http.Cookie;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Base64;
import java.util.Map;
import java.util.UUID;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import org.springframework.test.web.servlet.request.RequestPostProcessor;
import org.yellowfit.app.people.Role;
import org.yellowfit.app.people.SignedIn;
import org.yellowfit.app.visit.Answers;
import org.yellowfit.app.visit.Visit;
import org.yellowfit.app.visit.VisitFields;
import org.yellowfit.app.visit.VisitForm;
import org.yellowfit.app.visit.Visits;
import org.yellowfit.core.measure.UnitSystem;

/** The screens as a signed-in person calls them, without a browser. */
public record Screens(RunningApp app, SignedIn who) {

    public static final SignedIn ADVISOR = new SignedIn("ada", "Ada Quillfeather", "x", Role.ADVISOR, true);
    public static final SignedIn OTHER = new SignedIn("ben", "Ben Ottershaw", "x", Role.ADVISOR, true);
    public static final SignedIn BUYER = new SignedIn("bo", "Bo Lindqvale", "x", Role.BUYER, true);
    public static final SignedIn MANAGER = new SignedIn("marrow", "Wren Abbotsley", "x", Role.MANAGER, true);

    public static Screens of(RunningApp app) {
        return new Screens(app, ADVISOR);
    }

    public Screens as(SignedIn other) {
        return new Screens(app, other);
    }

    public MvcTestResult get(String path) {
        return app.mvc().get().uri(path).with(user(who)).exchange();
    }

    public MvcTestResult post(String path, Map<String, String> fields) {
        var request = app.mvc().post().uri(path).with(user(who)).with(csrf());
        fields.forEach((field, value) -> request.param(field, value.split("\\|")));
        return request.exchange();
    }

    public MvcTestResult send(String path, String json) {
        return app.mvc()
                .post()
                .uri(path)
                .with(user(who))
                .with(csrf())
                .contentType(MediaType.APPLICATION_JSON)
                .content(json)
                .exchange();
    }

    public MvcTestResult upload(String path, String name, byte[] content, Map<String, String> fields) {
        var request = app.mvc()
                .post()
                .uri(path)
                .multipart()
                .file(new MockMultipartFile("file", name, "text/csv", content))
                .with(user(who))
                .with(csrf());
        fields.forEach(request::param);
        return request.exchange();
    }

    /**
     * The token of a form as a browser would send it, beside the cookie it was made from. Spring’s own stand-in would
     * put another filter into the running application, for all tests after it.
     */
    public static RequestPostProcessor csrf() {
        byte[] token = "of-the-tests".getBytes(StandardCharsets.UTF_8);
        byte[] masked = Arrays.copyOfRange(new byte[token.length], 0, 2 * token.length);
        System.arraycopy(token, 0, masked, token.length, token.length);
        return request -> {
            request.setCookies(new Cookie("form", "of-the-tests"));
            request.setParameter("_csrf", Base64.getUrlEncoder().encodeToString(masked));
            return request;
        };
    }

    public static String text(MvcTestResult result) {
        try {
            return result.getResponse().getContentAsString();
        } catch (java.io.UnsupportedEncodingException e) {
            throw new IllegalStateException(e);
        }
    }

    public static String told(MvcTestResult result) {
        return String.valueOf(result.getMvcResult().getFlashMap().get("told"));
    }

    public Visit visit(Map<String, String> answers) {
        VisitForm.Checked checked = VisitForm.check(answers, Answers.NONE);
        if (!checked.isFine()) {
            throw new IllegalArgumentException("The test’s visit is wrong: " + checked.problems());
        }
        return app.bean(Visits.class).create(checked.edit(), who.displayName());
    }

    /** An answer as it is kept, in SI units without their names; lists joined by a bar. */
    public static String kept(Visit visit, String key) {
        return VisitForm.shown(VisitFields.named(key).orElseThrow(), visit.answers(), UnitSystem.METRIC)
                .replaceAll(" m$", "");
    }

    public Visit again(UUID id) {
        return app.bean(Visits.class).find(id).orElseThrow();
    }
}
