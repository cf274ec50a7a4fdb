package org.yellowfit.app.site;

import java.util.List;
import org.yellowfit.app.visit.Answers.Change;

/** What another person changed, in sentences. */
final class Told {

    private Told() {}

    static List<String> changes(List<Change> changes, String by) {
        return changes.stream()
                .map(change -> "%s meanwhile changed %s from %s to %s; that is kept."
                        .formatted(by, name(change.field()), quoted(change.before()), quoted(change.theirs())))
                .toList();
    }

    static List<String> conflicts(List<Change> changes, String by) {
        return changes.stream()
                .map(change ->
                        "%s meanwhile set %s to %s; here stands %s. Nothing is saved yet: keep or change it, and save again."
                                .formatted(by, name(change.field()), quoted(change.theirs()), quoted(change.mine())))
                .toList();
    }

    static String theirs(Change change, String by) {
        return "%s meanwhile set this to %s.".formatted(by, quoted(change.theirs()));
    }

    /** {@code site.maxHeightM} is told as “max height”. */
    static String name(String field) {
        if (field.startsWith("draw.")) {
            return "a thing in the drawing (" + field.substring(5) + ")";
        }
        String name = field.substring(field.indexOf('.') + 1).replaceAll("(M|C)$", "");
        return name.replaceAll("([A-Z])", " $1").toLowerCase(java.util.Locale.ROOT);
    }

    private static String quoted(String value) {
        return value.isBlank()
                ? "nothing"
                : value.startsWith("{") ? "another shape" : "“" + value.replace("|", ", ") + "”";
    }
}
