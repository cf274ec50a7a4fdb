package org.yellowfit.app.web;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import org.yellowfit.core.measure.Problem;

/** What no text may hold that is kept: the database takes no NUL, and half a character is none. */
public final class KeptText {

    private KeptText() {}

    public static boolean isFine(String text) {
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            if (c == 0 || Character.isLowSurrogate(c)) {
                return false;
            }
            if (Character.isHighSurrogate(c)) {
                i++;
                if (i == text.length() || !Character.isLowSurrogate(text.charAt(i))) {
                    return false;
                }
            }
        }
        return true;
    }

    /** The text with a mark of replacement for each character that cannot be kept. */
    public static String mended(String text) {
        if (isFine(text)) {
            return text;
        }
        byte[] marked = text.replace('\0', '\uFFFD').getBytes(StandardCharsets.UTF_16LE);
        return new String(marked, StandardCharsets.UTF_16LE);
    }

    public static void check(String field, String text, List<Problem> problems) {
        if (!isFine(text)) {
            problems.add(new Problem(
                    isFine(field) ? field : "",
                    "This holds a character that is none (NUL, or half of one); type it anew."));
        }
    }

    /** Every name and text within a value as JSON has it. */
    public static void checkAll(String at, Object value, List<Problem> problems) {
        if (value instanceof String text) {
            check(at, text, problems);
        } else if (value instanceof Map<?, ?> map) {
            map.forEach((name, each) -> {
                check(at, String.valueOf(name), problems);
                checkAll(at.isEmpty() ? String.valueOf(name) : at + "." + name, each, problems);
            });
        } else if (value instanceof List<?> list) {
            list.forEach(each -> checkAll(at, each, problems));
        }
    }
}
