package org.yellowfit.core.serve;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.yellowfit.core.measure.Field;
import org.yellowfit.core.measure.Months;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.plant.Wildlife;

/** What may be said of a job, by the names of the API, in SI units. */
public final class JobFields {

    /** Which scent is asked for. */
    public enum ScentOf {
        FLOWER,
        LEAF,
        EITHER
    }

    /** What a plant grows beneath. */
    public enum Crown {
        DECIDUOUS,
        EVERGREEN
    }

    private static final double TALLEST_M = 30;
    private static final int LONGEST_PLACE = 40;

    public static final Field<Boolean> CLIPPED = Field.yesNo("clipped");
    public static final Field<Double> HEIGHT = Field.number("heightM", 0.05, TALLEST_M, "m");
    public static final Field<Double> BY_YEAR = Field.number("byYear", 1, 60, "years");
    public static final Field<Boolean> EVERGREEN = Field.yesNo("evergreen");
    public static final Field<Boolean> ALL_YEAR = Field.yesNo("allYear");
    public static final Field<Double> WIDTH = Field.number("widthM", 0.05, TALLEST_M, "m");
    public static final Field<Double> SLOPE = Field.number("slopePercent", 0, 200, "%");
    public static final Field<Double> SUPPORT_HEIGHT = Field.number("supportHeightM", 0, TALLEST_M, "m");
    public static final Field<Double> SUPPORT_WIDTH = Field.number("supportWidthM", 0, 200, "m");
    public static final Field<Double> LITRES = Field.number("litres", 0.2, 5000, "l");
    public static final Field<List<Integer>> MONTHS = Field.list("months", Months::parse, month -> month);
    public static final Field<Double> POT_HEIGHT = Field.number("potHeightM", 0.01, 20, "m");
    public static final Field<ScentOf> SCENT_OF = Field.word("of", ScentOf.class);
    public static final Field<Crown> OF_CROWN = Field.word("crown", Crown.class);
    public static final Field<List<Wildlife>> FEEDS =
            Field.list("kinds", text -> Words.parse(Wildlife.class, text), Words::of);
    /** The patch, or the spot drawn, that it is asked of; the whole place unless said. */
    public static final Field<String> AT = Field.text("at", JobFields::place, Function.identity());

    static final List<Field<?>> ALL = List.of(
            CLIPPED,
            HEIGHT,
            BY_YEAR,
            EVERGREEN,
            ALL_YEAR,
            WIDTH,
            SLOPE,
            SUPPORT_HEIGHT,
            SUPPORT_WIDTH,
            LITRES,
            MONTHS,
            POT_HEIGHT,
            SCENT_OF,
            OF_CROWN,
            FEEDS,
            AT);

    static final Map<String, Field<?>> BY_NAME =
            ALL.stream().collect(Collectors.toUnmodifiableMap(Field::name, Function.identity()));

    private JobFields() {}

    /** In the order in which they are said. */
    public static List<Field<?>> all() {
        return ALL;
    }

    /** @throws IllegalArgumentException when there is none of this name */
    public static Field<?> named(String name) {
        Field<?> field = BY_NAME.get(name);
        if (field == null) {
            throw Words.unknown(name, ALL.stream().map(Field::name).toList());
        }
        return field;
    }

    private static String place(String text) {
        String plain = text.strip().replaceAll("[\\s=|]+", "_");
        return plain.length() <= LONGEST_PLACE
                ? plain
                : plain.substring(0, LONGEST_PLACE).toLowerCase(Locale.ROOT);
    }
}
