package org.yellowfit.core.serve;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.yellowfit.core.measure.Field;
import org.yellowfit.core.measure.FieldValues;
import org.yellowfit.core.measure.InputReader;
import org.yellowfit.core.measure.Interval;
import org.yellowfit.core.measure.Months;
import org.yellowfit.core.measure.Refused;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.plant.Habit;
import org.yellowfit.core.plant.Kind;
import org.yellowfit.core.plant.LeafTexture;
import org.yellowfit.core.plant.Merit;
import org.yellowfit.core.plant.Use;

/** What may be wished for, by the names of the API, in SI units; and the wants these values make. */
public final class WishFields {

    private static final double DEAREST = 100_000;
    private static final double TALLEST_M = 120;
    private static final int MOST_JOBS = 12;

    public static final Field<List<Kind>> KINDS = Field.list("kinds", text -> Words.parse(Kind.class, text), Words::of);
    public static final Field<Boolean> EVERGREEN = Field.yesNo("evergreen");
    public static final Field<List<WantedColour>> COLOURS =
            Field.list("colours", WantedColour::new, WantedColour::text);
    public static final Field<Wants.ColourOf> COLOUR_OF = Field.word("colourOf", Wants.ColourOf.class);
    public static final Field<List<Integer>> COLOUR_MONTHS = months("colourMonths");
    public static final Field<Boolean> ONLY_THESE = Field.yesNo("onlyThese");
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
    public static final Field<List<Job>> JOBS =
            Field.many("jobs", (in, field) -> in.items(field, MOST_JOBS, Job::read), Job::text);
    public static final Field<List<Habit>> HABITS =
            Field.list("habits", text -> Words.parse(Habit.class, text), Words::of);
    public static final Field<Interval> HEIGHT = Field.of("heightM", WishFields::range, Interval::text);
    public static final Field<Interval> SPREAD = Field.of("spreadM", WishFields::range, Interval::text);
    public static final Field<List<LeafTexture>> LEAF_TEXTURES =
            Field.list("leafTextures", text -> Words.parse(LeafTexture.class, text), Words::of);
    public static final Field<List<String>> NEVER_GENERA =
            Field.list("neverGenera", WishFields::genus, Function.identity());
    public static final Field<String> INSTEAD = Field.text("instead", text -> text, Function.identity());
    public static final Field<Like> LIKE = Field.of("like", Like::read, Like::text);
    public static final Field<List<Merit>> SHOW = Field.list("show", text -> Words.parse(Merit.class, text), Words::of);
    public static final Field<List<Weighing>> IMPORTANCE = Field.many("importance", Weighing::read, Weighing::text);
    /** Names of fields that are insisted on. */
    public static final Field<List<String>> MUST = Field.list("must", WishFields::wish, name -> name);

    /** What a plant may be or have: what it can be wished for, or never wanted for. */
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

    /** What can be asked of a plant, not of what it must not be. */
    public static final List<Field<?>> OF_A_PURPOSE = List.of(
            JOBS,
            HABITS,
            HEIGHT,
            SPREAD,
            LEAF_TEXTURES,
            ONLY_THESE,
            NEVER_GENERA,
            INSTEAD,
            LIKE,
            SHOW,
            IMPORTANCE,
            MUST);

    /** All of it. */
    public static final List<Field<?>> ALL =
            Stream.concat(OF_A_PLANT.stream(), OF_A_PURPOSE.stream()).toList();

    /** What can be weighed: wishes by their fields, jobs by their words. */
    public static final List<String> WEIGHED = weighed();

    private WishFields() {}

    /** @param never values of what must not be; null for nothing */
    public static Wants wants(FieldValues wished, FieldValues never) {
        return new Wants(wished, never == null ? null : new Wants(never, null));
    }

    /** Reads wishes with their {@code never}. */
    public static Wants read(InputReader in) {
        FieldValues wished = FieldValues.read(ALL, in);
        InputReader never = in.nested("never", "An object is expected here, with the same fields as wants.");
        return wants(wished, never == null ? null : FieldValues.read(OF_A_PLANT, never));
    }

    private static List<String> weighed() {
        Set<Field<?>> none =
                Set.of(COLOUR_OF, COLOUR_MONTHS, SCREEN_BY, ONLY_THESE, NEVER_GENERA, IMPORTANCE, MUST, JOBS);
        List<String> names = new ArrayList<>(ALL.stream()
                .filter(field -> !none.contains(field))
                .map(Field::name)
                .toList());
        Arrays.stream(JobKind.values()).map(JobKind::word).forEach(names::add);
        return List.copyOf(new TreeSet<>(names));
    }

    private static Field<List<Integer>> months(String name) {
        return Field.list(name, Months::parse, month -> month);
    }

    /** Two numbers, or a text like {@code 0.4..0.8}; m. */
    private static Interval range(InputReader in, String field) {
        Object given = in.plain(field);
        String text = given instanceof List<?> ends && ends.size() == 2
                ? ends.stream().map(String::valueOf).collect(Collectors.joining(".."))
                : String.valueOf(given);
        if (given == null || text.isBlank()) {
            return null;
        }
        return read(in, field, text);
    }

    private static Interval read(InputReader in, String field, String text) {
        try {
            Interval range = Interval.parse(text);
            if (!(range.low() >= 0 && range.high() <= TALLEST_M)) {
                throw new Refused("A wished size lies between 0 and %s m.", (int) TALLEST_M);
            }
            return range;
        } catch (IllegalArgumentException e) {
            in.refuse(field, e);
            return null;
        }
    }

    private static String genus(String text) {
        String plain = text.strip();
        if (!plain.matches("\\p{L}[\\p{L}-]{1,39}")) {
            throw new Refused("“%s” is not a genus; write one like Buxus.", Words.shorten(text));
        }
        return Character.toUpperCase(plain.charAt(0)) + plain.substring(1);
    }

    private static String wish(String text) {
        if (!WEIGHED.contains(text)) {
            throw Words.unknown(text, WEIGHED);
        }
        return text;
    }
}
