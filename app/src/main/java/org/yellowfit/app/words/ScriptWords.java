package org.yellowfit.app.words;

import java.util.Map;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** What the scripts of a screen say ({@code script.…} in the message file), as the page hands it to them. */
@Component("scriptWords")
class ScriptWords {

    private static final String PREFIX = "script.";

    private final JsonMapper json;

    ScriptWords(JsonMapper json) {
        this.json = json;
    }

    public boolean any(String screen) {
        return !sentences(screen).isEmpty();
    }

    /** JSON that is safe within a page: sentences by key, their values as {0}, {1} … */
    public String of(String screen) {
        return json.writeValueAsString(sentences(screen)).replace("<", "\\u003c");
    }

    private static Map<String, String> sentences(String screen) {
        return Sentences.under(PREFIX + screen + ".");
    }
}
