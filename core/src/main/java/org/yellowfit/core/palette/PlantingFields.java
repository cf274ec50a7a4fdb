package org.yellowfit.core.palette;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.yellowfit.core.measure.Field;
import org.yellowfit.core.measure.InputReader;
import org.yellowfit.core.measure.Months;
import org.yellowfit.core.measure.Numbers;
import org.yellowfit.core.measure.Refused;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.serve.WantedColour;

/** What a visit keeps of its planting: the plants chosen together, the ground, and what the planting shall be. */
public final class PlantingFields {

    private static final double LARGEST_M2 = 10_000;
    private static final int MOST_OF_A_KIND = 10_000;

    /** Each as {@code id:count}, {@code id@patch:count} or {@code id@patch:count:locked}; a count of 0 is left open. */
    public static final Field<List<Chosen>> PLANTS = Field.list("plants", Chosen::parse, Chosen::text);

    public static final Field<Double> AREA = Field.number("areaM2", 0.01, LARGEST_M2, "m²");
    public static final Field<List<Integer>> MONTHS = Field.list("months", Months::parse, month -> month);
    public static final Field<Boolean> WINTER = Field.yesNo("winter");
    public static final Field<Double> EVERGREEN = Field.number("evergreenPercent", 0, 100, "%");
    public static final Field<List<WantedColour>> COLOURS =
            Field.list("colours", WantedColour::new, WantedColour::text);
    public static final Field<Boolean> ONLY_THESE = Field.yesNo("onlyThese");
    public static final Field<Scheme> SCHEME = Field.word("scheme", Scheme.class);
    public static final Field<Background> BACKGROUND = Field.text("background", Background::parse, Background::text);
    public static final Field<Weaving> WEAVING = Field.word("school", Weaving.class);
    public static final Field<Double> LEAST_KINDS = Field.number("leastKinds", 1, 30, "");
    public static final Field<Double> MOST_KINDS = Field.number("mostKinds", 1, 30, "");
    public static final Field<Double> BUDGET = Field.number("budget", 0, 10_000_000, "");
    public static final Field<Double> CARE = Field.number("careMinutesYear", 0, 1_000_000, "minutes");

    public static final List<Field<?>> ALL = List.of(
            PLANTS,
            AREA,
            MONTHS,
            WINTER,
            EVERGREEN,
            COLOURS,
            ONLY_THESE,
            SCHEME,
            BACKGROUND,
            WEAVING,
            LEAST_KINDS,
            MOST_KINDS,
            BUDGET,
            CARE);

    private PlantingFields() {}

    /**
     * A plant chosen.
     *
     * @param patch  where it stands; empty: where it serves best
     * @param count  0 where it is left open
     * @param locked whether it stays when the rest is suggested anew
     */
    public record Chosen(String id, String patch, int count, boolean locked) {

        private static final String LOCKED = "locked";

        public static Chosen parse(String text) {
            String[] parts = text.strip().split(":");
            double count = parts.length > 1 ? Numbers.parse(parts[1]) : 0;
            boolean known = parts.length <= 2 || parts.length == 3 && parts[2].equals(LOCKED);
            if (parts[0].isBlank() || !known || count != Math.rint(count) || count < 0 || count > MOST_OF_A_KIND) {
                throw new Refused("“%s” is not a plant and its count; write id:5.", Words.shorten(text));
            }
            String[] where = parts[0].split("@", 2);
            return new Chosen(where[0], where.length == 2 ? where[1] : "", (int) count, parts.length == 3);
        }

        public String text() {
            return id + (patch.isEmpty() ? "" : "@" + patch) + ":" + count + (locked ? ":" + LOCKED : "");
        }

        public Chosen counted(int other) {
            return new Chosen(id, patch, Math.max(0, Math.min(MOST_OF_A_KIND, other)), locked);
        }

        public Chosen locked(boolean now) {
            return new Chosen(id, patch, count, now);
        }

        public boolean is(String other, String there) {
            return id.equals(other) && (patch.isEmpty() || there.isEmpty() || patch.equals(there));
        }
    }

    /** @param said by the names of the fields */
    public static Aims aims(Map<String, ?> said) {
        Map<String, Object> values = new HashMap<>(said);
        values.put("kinds", List.of(said.get(LEAST_KINDS.name()), said.get(MOST_KINDS.name())));
        if (said.get(EVERGREEN.name()) instanceof Double percent) {
            values.put("evergreenShare", percent / 100);
        }
        return Aims.read(new InputReader(values, "", new ArrayList<>()));
    }
}
