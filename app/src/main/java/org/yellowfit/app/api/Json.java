package org.yellowfit.app.api;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import org.yellowfit.app.web.KeptText;
import org.yellowfit.core.measure.InvalidInput;
import org.yellowfit.core.measure.Problem;
import org.yellowfit.core.measure.Refused;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/** Reads request bodies without a fixed shape, so that every problem of a request can be told at once. */
@Component
class Json {

    /** A body that is no JSON, or no object. */
    static class Unreadable extends Refused {

        Unreadable(String sentence) {
            super(sentence);
        }
    }

    private final JsonMapper mapper;

    Json(JsonMapper mapper) {
        this.mapper = mapper;
    }

    Map<String, Object> object(String body) {
        Object value;
        try {
            value = body == null || body.isBlank() ? null : mapper.readValue(body, Object.class);
        } catch (JacksonException e) {
            throw new Unreadable("The body is not readable as JSON.");
        }
        List<Problem> problems = new ArrayList<>();
        KeptText.checkAll("", value, problems);
        refuse(problems);
        return map(value).orElseThrow(() -> new Unreadable("The body must be a JSON object."));
    }

    /** A member that is an object itself; empty when it is missing or null. */
    static Map<String, Object> member(Map<String, Object> object, String name, List<Problem> problems) {
        Object value = object.get(name);
        if (value == null) {
            return Map.of();
        }
        return map(value).orElseGet(() -> {
            problems.add(new Problem(name, "An object is expected here."));
            return Map.of();
        });
    }

    static void refuse(List<Problem> problems) {
        if (!problems.isEmpty()) {
            throw new InvalidInput(problems);
        }
    }

    @SuppressWarnings("unchecked")
    private static java.util.Optional<Map<String, Object>> map(Object value) {
        return value instanceof Map<?, ?> map
                ? java.util.Optional.of((Map<String, Object>) map)
                : java.util.Optional.empty();
    }
}
