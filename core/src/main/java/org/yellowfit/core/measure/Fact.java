package org.yellowfit.core.measure;

import java.util.List;
import java.util.stream.Collectors;

/**
 * Something the rules have found, to be put into words elsewhere: what it is about, and the values in it.
 *
 * @param key    names the sentence, like {@code sun-live.short}
 * @param values in the sentence's order: an {@link Amount}, a word of a closed list (an enum), a name or label (a string), a whole
 *               number, another fact, or a list of these
 */
public record Fact(String key, List<Object> values) {

    public Fact {
        values = List.copyOf(values);
    }

    public static Fact of(String key, Object... values) {
        return new Fact(key, List.of(values));
    }

    /** For test reports and logs: {@code sun-live.short(3.2 hours, 4 hours)}. */
    @Override
    public String toString() {
        return values.isEmpty()
                ? key
                : values.stream().map(Object::toString).collect(Collectors.joining(", ", key + "(", ")"));
    }
}
