package org.yellowfit.core.serve;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.yellowfit.core.measure.InputReader;
import org.yellowfit.core.measure.Words;

/**
 * How much one wish counts.
 *
 * @param wish its field's or its job's name
 */
public record Weighing(String wish, Importance importance) {

    /** {@code evergreen=must}. */
    public String text() {
        return wish + "=" + Words.of(importance);
    }

    /** Reads {@code {"evergreen": "must"}}, or a list of texts; null where nothing is weighed. */
    static List<Weighing> read(InputReader in, String field) {
        Object given = in.plain(field);
        if (given == null || given instanceof String text && text.isBlank()) {
            return null;
        }
        Map<String, Object> values = values(given);
        InputReader of = in.within(field, values);
        List<Weighing> all = new ArrayList<>();
        for (String wish : values.keySet()) {
            Importance importance = of.word(wish, Importance.class);
            if (!WishFields.WEIGHED.contains(wish)) {
                of.problem(Words.shorten(wish), "This is no wish and no job.");
            } else if (importance != null) {
                all.add(new Weighing(wish, importance));
            }
        }
        return all;
    }

    private static Map<String, Object> values(Object given) {
        Map<String, Object> values = new TreeMap<>();
        if (given instanceof Map<?, ?> map) {
            map.forEach((wish, importance) -> values.put(String.valueOf(wish), importance));
            return values;
        }
        Iterable<?> texts = given instanceof Iterable<?> many ? many : List.of(given);
        for (Object each : texts) {
            String[] pair = String.valueOf(each).split("=", 2);
            values.put(pair[0].strip(), pair.length == 2 ? pair[1].strip() : Words.of(Importance.MUST));
        }
        return values;
    }
}
