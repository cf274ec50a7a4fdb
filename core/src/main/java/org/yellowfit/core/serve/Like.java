package org.yellowfit.core.serve;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.yellowfit.core.measure.InputReader;
import org.yellowfit.core.measure.Words;

/**
 * A plant like another, but (rule L2).
 *
 * @param id  of the other
 * @param but what shall differ, without doubles
 */
public record Like(String id, List<But> but) {

    /** What shall differ. */
    public enum But {
        SMALLER,
        HARDIER,
        EARLIER,
        REPEATS,
        LESS_WORK
    }

    private static final String ID = "id";
    private static final String BUT = "but";

    public Like {
        but = but.stream().distinct().sorted().toList();
    }

    /** {@code spiraea-oarlock smaller hardier}. */
    public String text() {
        List<String> words = new ArrayList<>(List.of(id));
        but.forEach(each -> words.add(Words.of(each)));
        return String.join(" ", words);
    }

    /** Reads an object or its text; null where none is given, or where it is refused. */
    static Like read(InputReader in, String field) {
        Object given = in.plain(field);
        if (given == null || given instanceof String text && text.isBlank()) {
            return null;
        }
        Map<String, Object> values = new LinkedHashMap<>();
        if (given instanceof Map<?, ?> map) {
            map.forEach((name, value) -> values.put(String.valueOf(name), value));
        } else {
            List<String> words = List.of(String.valueOf(given).strip().split("\\s+"));
            values.put(ID, words.get(0));
            values.put(BUT, words.subList(1, words.size()));
        }
        InputReader of = in.within(field, values);
        int before = in.problems().size();
        String id = of.text(ID, text -> text);
        List<But> but = of.list(BUT, text -> Words.parse(But.class, text));
        if (id == null && in.problems().size() == before) {
            of.problem(ID, "Like which plant? Its id is missing.");
        }
        return in.problems().size() > before ? null : new Like(id, but == null ? List.of() : but);
    }
}
