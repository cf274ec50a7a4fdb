package org.yellowfit.core.fit;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import org.yellowfit.core.measure.InputReader;
import org.yellowfit.core.measure.Months;
import org.yellowfit.core.measure.Problem;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.plant.Kind;
import org.yellowfit.core.plant.Use;

/** Reads what is wanted by the field names of the API. */
final class WantsReader {

    static final Set<String> FIELDS = Set.of(
            "kinds",
            "evergreen",
            "colours",
            "colourOf",
            "colourMonths",
            "bloomMonths",
            "fragrance",
            "pollinators",
            "birds",
            "berries",
            "winterInterest",
            "nativeRegion",
            "maxCareMinutes",
            "maxPrice",
            "uses",
            "screenHeightM",
            "screenByYear",
            "must",
            "never");
    /** Fields that can be insisted on. */
    private static final List<String> WISHES = List.of(
            "evergreen",
            "colours",
            "bloomMonths",
            "fragrance",
            "pollinators",
            "birds",
            "berries",
            "winterInterest",
            "nativeRegion",
            "maxCareMinutes",
            "maxPrice",
            "uses",
            "screenHeightM");

    private static final double DEAREST = 100_000;

    private WantsReader() {}

    static Wants read(Map<String, ?> values, String prefix, List<Problem> problems) {
        return read(values, prefix, problems, true);
    }

    private static Wants read(Map<String, ?> values, String prefix, List<Problem> problems, boolean outer) {
        InputReader in = new InputReader(values, prefix, problems);
        Wants.ColourOf colourOf = in.word("colourOf", Wants.ColourOf.class);
        Double byYear = in.number("screenByYear", 1, 60, "years");
        return new Wants(
                new TreeSet<>(list(in, "kinds", text -> Words.parse(Kind.class, text))),
                yes(in, "evergreen"),
                list(in, "colours", WantedColour::new),
                colourOf == null ? Wants.ColourOf.ANY : colourOf,
                months(in, "colourMonths"),
                months(in, "bloomMonths"),
                yes(in, "fragrance"),
                yes(in, "pollinators"),
                yes(in, "birds"),
                yes(in, "berries"),
                yes(in, "winterInterest"),
                in.text("nativeRegion", text -> text),
                in.number("maxCareMinutes", 0, 6000, "minutes"),
                in.number("maxPrice", 0, DEAREST, ""),
                new TreeSet<>(list(in, "uses", text -> Words.parse(Use.class, text))),
                in.number("screenHeightM", 0.1, 30, "m"),
                byYear == null ? Wants.USUAL_SCREEN_YEARS : (int) Math.round(byYear),
                outer ? new TreeSet<>(list(in, "must", WantsReader::wish)) : Set.of(),
                outer ? never(values, prefix, in, problems) : null);
    }

    private static Wants never(Map<String, ?> values, String prefix, InputReader in, List<Problem> problems) {
        Object never = values.get("never");
        if (never == null) {
            return null;
        }
        if (!(never instanceof Map<?, ?> map)) {
            in.problem("never", "An object is expected here, with the same fields as wants.");
            return null;
        }
        @SuppressWarnings("unchecked")
        Map<String, ?> fields = (Map<String, ?>) map;
        return read(fields, prefix + "never.", problems, false);
    }

    private static String wish(String text) {
        if (!WISHES.contains(text)) {
            throw Words.unknown(text, WISHES);
        }
        return text;
    }

    private static List<Integer> months(InputReader in, String field) {
        return list(in, field, Months::parse).stream().distinct().sorted().toList();
    }

    private static boolean yes(InputReader in, String field) {
        return Boolean.TRUE.equals(in.yesNo(field));
    }

    private static <T> List<T> list(InputReader in, String field, Function<String, T> parse) {
        return Objects.requireNonNullElse(in.list(field, parse), List.of());
    }
}
