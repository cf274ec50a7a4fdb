package org.yellowfit.app.records;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.yellowfit.core.measure.Length;
import org.yellowfit.core.measure.Numbers;
import org.yellowfit.core.measure.UnitSystem;

/**
 * Sizes typed at a form: bare they are metres, as the form says; with their unit (“3 ft”, “90 cm”) they are put into
 * metres.
 */
final class TypedSizes {

    private static final List<String> SIZES = List.of("height_m", "flower_height_m", "spread_m");

    private TypedSizes() {}

    /** What cannot be read as a length stays as it is, for the reader of records to refuse at its field. */
    static Map<String, String> inMetres(Map<String, String> typed) {
        Map<String, String> cells = new LinkedHashMap<>(typed);
        SIZES.forEach(field -> cells.computeIfPresent(field, (any, text) -> metres(text)));
        return cells;
    }

    private static String metres(String text) {
        if (text.isBlank()) {
            return text;
        }
        try {
            return Numbers.write(Length.parse(text, UnitSystem.METRIC));
        } catch (IllegalArgumentException e) {
            return text;
        }
    }
}
