package org.yellowfit.app.bed;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.UUID;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import org.yellowfit.app.people.SignedIn;
import org.yellowfit.app.web.Download;
import org.yellowfit.app.web.JsonBody;
import org.yellowfit.app.words.Refusals;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.measure.InvalidInput;
import tools.jackson.databind.json.JsonMapper;

/** A visit saved as a file, and begun from one. */
@Controller
class VisitFileController {

    private static final int TOLD = 8;

    private final VisitExchange exchange;
    private final JsonMapper json;

    VisitFileController(VisitExchange exchange, JsonMapper json) {
        this.exchange = exchange;
        this.json = json;
    }

    @GetMapping("/visits/{id}/visit.json")
    ResponseEntity<String> save(@PathVariable UUID id) {
        return Download.json("visit.json", json.writerWithDefaultPrettyPrinter().writeValueAsString(exchange.out(id)));
    }

    @PostMapping("/visits/from-file")
    String begin(
            @RequestParam(required = false) MultipartFile file,
            @AuthenticationPrincipal SignedIn me,
            RedirectAttributes flash)
            throws IOException {
        if (file == null || file.isEmpty()) {
            flash.addFlashAttribute("told", List.of(Sentences.say("visit-file.none")));
            return "redirect:/";
        }
        try {
            UUID id = exchange.in(
                    JsonBody.of(
                            json,
                            new String(file.getBytes(), StandardCharsets.UTF_8),
                            "The file could not be read as a visit."),
                    me.displayName());
            return "redirect:/visits/" + id + "/list";
        } catch (InvalidInput e) {
            flash.addFlashAttribute(
                    "told",
                    e.problems().stream()
                            .limit(TOLD)
                            .map(problem -> problem.field() + ": " + Refusals.say(problem))
                            .toList());
            return "redirect:/";
        }
    }
}
