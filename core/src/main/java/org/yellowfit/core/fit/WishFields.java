package org.yellowfit.core.fit;

import java.util.List;
import java.util.TreeSet;
import org.yellowfit.core.measure.Field;
import org.yellowfit.core.measure.FieldValues;
import org.yellowfit.core.measure.InputReader;
import org.yellowfit.core.measure.Months;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.plant.Kind;
import org.yellowfit.core.plant.Use;

/** What may be wished for, by the names of the API, in SI units; and the wants these values make. */
public final class WishFields {

    private static final double DEAREST = 100_000;

    public static final Field<List<Kind>> KINDS = Field.list("kinds", text -> Words.parse(Kind.class, text), Words::of);
    public static final Field<Boolean> EVERGREEN = Field.yesNo("evergreen");
    public static final Field<List<WantedColour>> COLOURS =
            Field.list("colours", WantedColour::new, WantedColour::text);
    public static final Field<Wants.ColourOf> COLOUR_OF = Field.word("colourOf", Wants.ColourOf.class);
    public static final Field<List<Integer>> COLOUR_MONTHS = months("colourMonths");
    public static final Field<List<Integer>> BLOOM_MONTHS = months("bloomMonths");
    public static final Field<Boolean> FRAGRANCE = Field.yesNo("fragrance");
    public static final Field<Boolean> POLLINATORS = Field.yesNo("pollinators");
    public static final Field<Boolean> BIRDS = Field.yesNo("birds");
    public static final Field<Boolean> BERRIES = Field.yesNo("berries");
    public static final Field<Boolean> WINTER_INTEREST = Field.yesNo("winterInterest");
    public static final Field<String> NATIVE_REGION = Field.text("nativeRegion", text -> text, text -> text);
    public static final Field<Double> MAX_CARE = Field.number("maxCareMinutes", 0, 6000, "minutes");
    public static final Field<Double> MAX_PRICE = Field.number("maxPrice", 0, DEAREST, "");
    public static final Field<List<Use>> USES = Field.list("uses", text -> Words.parse(Use.class, text), Words::of);
    public static final Field<Double> SCREEN_HEIGHT = Field.number("screenHeightM", 0.1, 30, "m");
    public static final Field<Double> SCREEN_BY = Field.number("screenByYear", 1, 60, "years");
    /** Names of fields that are insisted on. */
    public static final Field<List<String>> MUST = Field.list("must", WishFields::wish, name -> name);

    /** All that a plant may be wished for, or be never wanted for. */
    public static final List<Field<?>> OF_A_PLANT = List.of(
            KINDS,
            EVERGREEN,
            COLOURS,
            COLOUR_OF,
            COLOUR_MONTHS,
            BLOOM_MONTHS,
            FRAGRANCE,
            POLLINATORS,
            BIRDS,
            BERRIES,
            WINTER_INTEREST,
            NATIVE_REGION,
            MAX_CARE,
            MAX_PRICE,
            USES,
            SCREEN_HEIGHT,
            SCREEN_BY);

    /** Fields that can be insisted on. */
    private static final List<String> INSISTED = List.of(
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

    private WishFields() {}

    /** @param never values of what must not be; null for nothing */
    public static Wants wants(FieldValues wished, FieldValues never) {
        return new Wants(
                new TreeSet<>(wished.get(KINDS, List.of())),
                wished.get(EVERGREEN, false),
                wished.get(COLOURS, List.of()),
                wished.get(COLOUR_OF, Wants.ColourOf.ANY),
                sorted(wished.get(COLOUR_MONTHS, List.of())),
                sorted(wished.get(BLOOM_MONTHS, List.of())),
                wished.get(FRAGRANCE, false),
                wished.get(POLLINATORS, false),
                wished.get(BIRDS, false),
                wished.get(BERRIES, false),
                wished.get(WINTER_INTEREST, false),
                wished.get(NATIVE_REGION),
                wished.get(MAX_CARE),
                wished.get(MAX_PRICE),
                new TreeSet<>(wished.get(USES, List.of())),
                wished.get(SCREEN_HEIGHT),
                (int) Math.round(wished.get(SCREEN_BY, (double) Wants.USUAL_SCREEN_YEARS)),
                new TreeSet<>(wished.get(MUST, List.of())),
                never == null ? null : wants(never, null));
    }

    /** Reads wishes with their {@code must} and {@code never}. */
    static Wants read(InputReader in) {
        FieldValues wished = FieldValues.read(OF_A_PLANT, in).with(MUST, MUST.read(in));
        InputReader never = in.nested("never", "An object is expected here, with the same fields as wants.");
        return wants(wished, never == null ? null : FieldValues.read(OF_A_PLANT, never));
    }

    private static Field<List<Integer>> months(String name) {
        return Field.list(name, Months::parse, month -> month);
    }

    private static List<Integer> sorted(List<Integer> months) {
        return months.stream().distinct().sorted().toList();
    }

    private static String wish(String text) {
        if (!INSISTED.contains(text)) {
            throw Words.unknown(text, INSISTED);
        }
        return text;
    }
}
