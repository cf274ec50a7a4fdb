package org.yellowfit.app.web;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.yellowfit.core.measure.InvalidInput;
import org.yellowfit.core.measure.Problem;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/** What a script of a page sends: an object, its texts looked at by the one gate. */
public final class JsonBody {

    private JsonBody() {}

    /**
     * @param unreadable what is said of a body that is no JSON
     * @throws InvalidInput when it cannot be read or holds text that is not kept
     */
    public static Map<String, Object> of(JsonMapper mapper, String body, String unreadable) {
        Object value;
        try {
            value = mapper.readValue(body, Object.class);
        } catch (JacksonException e) {
            throw InvalidInput.at("", unreadable);
        }
        List<Problem> problems = new ArrayList<>();
        KeptText.checkAll("", value, problems);
        if (!problems.isEmpty()) {
            throw new InvalidInput(problems);
        }
        return object(value);
    }

    /** Nothing where it is no object. */
    @SuppressWarnings("unchecked") // the keys of an object are text
    public static Map<String, Object> object(Object value) {
        return value instanceof Map<?, ?> map ? (Map<String, Object>) map : Map.of();
    }
}
