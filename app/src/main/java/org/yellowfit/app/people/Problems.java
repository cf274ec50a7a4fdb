package org.yellowfit.app.people;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.yellowfit.app.words.Refusals;
import org.yellowfit.core.measure.Refusal;

/** Refusals of the API before anything of it is reached, as problem documents (RFC 9457). */
final class Problems {

    private Problems() {}

    static void write(HttpServletResponse response, HttpStatus status, String sentence, Object... values)
            throws IOException {
        response.setStatus(status.value());
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        response.setCharacterEncoding(StandardCharsets.UTF_8.name());
        response.getWriter()
                .write("{\"type\":\"about:blank\",\"title\":\"%s\",\"status\":%d,\"detail\":\"%s\",\"errors\":[]}"
                        .formatted(
                                status.getReasonPhrase(),
                                status.value(),
                                Refusals.say(Refusal.of(sentence, values)).replace("\"", "\\\"")));
    }
}
