package org.yellowfit.app.visit;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;

/**
 * The answers of a visit by field name, and how two people's edits of them come together. A missing or blank answer is
 * unknown.
 */
public final class Answers {

    public static final String PLACE = "place";
    public static final String CUSTOMER = "customer";
    public static final String NOTE = "note";
    public static final String UNITS = "units";
    public static final String POLICY = "policy";
    public static final String SITE = "site.";
    public static final String WANTS = "wants.";
    /** Where the place lies and what stands for it: latitude, longitude, utcOffset, north, drawnIn, station. */
    public static final String AT = "at.";
    /** One thing of the drawing each, by its id, as GeoJSON. */
    public static final String DRAW = "draw.";
    /** Where an answer about the site comes from, see {@link Provenance}. */
    public static final String FROM = "from.";

    /** One field that somebody changed in the meantime: before, as they left it, and as it was typed here. */
    public record Change(String field, String before, String theirs, String mine) {}

    /**
     * @param merged    theirs with what was changed here; in a conflict as typed here
     * @param theirs    what the other changed
     * @param conflicts what both changed, differently
     */
    public record Merge(Map<String, String> merged, List<Change> theirs, List<Change> conflicts) {}

    private Answers() {}

    /** @param base what both started from */
    static Merge merge(Map<String, String> base, Map<String, String> theirs, Map<String, String> mine) {
        Map<String, String> merged = new LinkedHashMap<>();
        List<Change> changed = new ArrayList<>();
        List<Change> conflicts = new ArrayList<>();
        for (String field : fields(base, theirs, mine)) {
            String before = base.getOrDefault(field, "");
            String their = theirs.getOrDefault(field, "");
            String my = mine.getOrDefault(field, "");
            boolean theyChanged = !their.equals(before);
            boolean iChanged = !my.equals(before);
            if (theyChanged && !Objects.equals(their, my)) {
                (iChanged ? conflicts : changed).add(new Change(field, before, their, my));
            }
            put(merged, field, iChanged ? my : their);
        }
        return new Merge(merged, changed, conflicts);
    }

    /** {@code base} with the given fields replaced; blank ones are taken out. */
    static Map<String, String> with(Map<String, String> base, Map<String, String> given) {
        Map<String, String> all = new LinkedHashMap<>(base);
        all.putAll(given);
        all.values().removeIf(String::isBlank);
        return all;
    }

    private static void put(Map<String, String> answers, String field, String value) {
        if (!value.isBlank()) {
            answers.put(field, value);
        }
    }

    private static Set<String> fields(Map<String, String> one, Map<String, String> two, Map<String, String> three) {
        Set<String> fields = new TreeSet<>(one.keySet());
        fields.addAll(two.keySet());
        fields.addAll(three.keySet());
        return fields;
    }
}
