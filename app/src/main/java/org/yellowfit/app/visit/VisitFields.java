package org.yellowfit.app.visit;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.regex.Pattern;
import org.yellowfit.core.fit.SiteFields;
import org.yellowfit.core.light.SeenSun;
import org.yellowfit.core.light.SunBias;
import org.yellowfit.core.measure.Field;
import org.yellowfit.core.measure.InputReader;
import org.yellowfit.core.measure.Numbers;
import org.yellowfit.core.measure.Refused;
import org.yellowfit.core.measure.UnitSystem;
import org.yellowfit.core.palette.PlantingFields;
import org.yellowfit.core.plant.Policy;
import org.yellowfit.core.serve.WishFields;
import org.yellowfit.core.site.Feature;
import org.yellowfit.core.site.FeatureKind;
import org.yellowfit.core.site.FeatureReader;
import org.yellowfit.core.site.FeatureWriter;
import org.yellowfit.core.soil.SoilTestFields;
import org.yellowfit.core.takeoff.LeftOver;

/** Every field a visit may hold. What is not in here is kept by no visit. */
public final class VisitFields {

    static final int LONGEST_NAME = 160;
    static final int LONGEST_NOTE = 4000;
    private static final Pattern FEATURE_ID = Pattern.compile("[A-Za-z0-9_-]{1,40}");

    public static final VisitField<String> PLACE = about(words("place"));
    public static final VisitField<String> CUSTOMER = about(words("customer"));
    public static final VisitField<String> NOTE = about(words("note"));
    public static final VisitField<UnitSystem> UNITS = about(Field.word("units", UnitSystem.class));
    public static final VisitField<Policy> POLICY = about(Field.word("policy", Policy.class));
    /** Ids of the plants put aside. */
    public static final VisitField<List<String>> PASSED = about(Field.list("passed", id -> id, id -> id));

    /** What the customer still has of materials. */
    public static final VisitField<List<LeftOver>> LEFT_OVER =
            about(Field.list("leftOver", LeftOver::parse, LeftOver::text));
    /** The shop's people plant it. */
    public static final VisitField<Boolean> PLANTED_BY_SHOP = about(Field.yesNo("plantedByShop"));

    /** On which side of noon the sun comes: the hot hours are estimated from it where they are not known. */
    public static final VisitField<SunBias> SUN_BIAS =
            new VisitField<>(Section.SITE, Field.word("sunBias", SunBias.class));

    public static final VisitField<Double> LATITUDE = at(Field.number("latitude", -90, 90, "degrees"));
    public static final VisitField<Double> LONGITUDE = at(Field.number("longitude", -180, 180, "degrees"));
    public static final VisitField<Double> UTC_OFFSET = at(Field.number("utcOffset", -14, 14, "hours"));
    /** Clockwise from the drawing's +y to true north, degrees. */
    public static final VisitField<Double> NORTH = at(Field.number("north", -360, 360, "degrees"));
    /** The year the drawing shows. */
    public static final VisitField<Double> DRAWN_IN = at(Field.number("drawnIn", 1900, 2200, ""));

    public static final VisitField<UUID> STATION = at(Field.text("station", UUID::fromString, UUID::toString));
    /** The patch the site's light and room are those of. */
    public static final VisitField<String> PATCH = at(words("patch"));

    public static final VisitField<Double> PATCH_AREA = at(Field.number("areaM2", 0, 1e8, "m²"));
    public static final VisitField<Boolean> UNDER_ROOF = at(Field.yesNo("underRoof"));
    public static final VisitField<Double> SLOPE = at(Field.number("slopePercent", 0, 100, "%"));
    /** What sets the height limit. */
    public static final VisitField<FeatureKind> LIMITED_BY = at(Field.word("limitedBy", FeatureKind.class));

    private static final Map<String, VisitField<?>> BY_KEY = byKey();

    private VisitFields() {}

    public static <T> VisitField<T> site(Field<T> field) {
        return new VisitField<>(Section.SITE, field);
    }

    public static <T> VisitField<T> wish(Field<T> field) {
        return new VisitField<>(Section.WISHES, field);
    }

    public static <T> VisitField<T> never(Field<T> field) {
        return new VisitField<>(Section.NEVER, field);
    }

    public static <T> VisitField<T> soil(Field<T> field) {
        return new VisitField<>(Section.SOIL, field);
    }

    public static <T> VisitField<T> planting(Field<T> field) {
        return new VisitField<>(Section.PLANTING, field);
    }

    /** @param month one of {@link SeenSun#TIMES} */
    public static VisitField<List<Integer>> seenSun(int month) {
        return new VisitField<>(
                Section.SEEN_SUN, Field.list(String.valueOf(month), VisitFields::clockHour, hour -> hour));
    }

    /** The thing drawn that has this id. */
    public static VisitField<Feature> drawn(String id) {
        return new VisitField<>(Section.DRAWING, Field.of(id, VisitFields::feature, FeatureWriter::write));
    }

    /** The field a form means; empty for what no visit holds. */
    public static Optional<VisitField<?>> named(String key) {
        String drawing = Section.DRAWING.prefix;
        if (key.startsWith(drawing)) {
            String id = key.substring(drawing.length());
            return FEATURE_ID.matcher(id).matches() ? Optional.of(drawn(id)) : Optional.empty();
        }
        return Optional.ofNullable(BY_KEY.get(key));
    }

    /** The keys of all fields but those of what is drawn, which are as many as there are things. */
    public static Set<String> keys() {
        return BY_KEY.keySet();
    }

    private static Map<String, VisitField<?>> byKey() {
        List<VisitField<?>> all = new ArrayList<>(List.of(PLACE, CUSTOMER, NOTE, UNITS, POLICY, PASSED, SUN_BIAS));
        all.addAll(List.of(LEFT_OVER, PLANTED_BY_SHOP));
        SiteFields.ALL.forEach(field -> all.add(site(field)));
        WishFields.ALL.forEach(field -> all.add(wish(field)));
        WishFields.OF_A_PLANT.forEach(field -> all.add(never(field)));
        all.addAll(List.of(LATITUDE, LONGITUDE, UTC_OFFSET, NORTH, DRAWN_IN, STATION));
        all.addAll(List.of(PATCH, PATCH_AREA, UNDER_ROOF, SLOPE, LIMITED_BY));
        PlantingFields.ALL.forEach(field -> all.add(planting(field)));
        SoilTestFields.ALL.forEach(field -> all.add(soil(field)));
        SeenSun.TIMES.forEach(month -> all.add(seenSun(month)));
        Map<String, VisitField<?>> byKey = new LinkedHashMap<>();
        all.forEach(field -> byKey.put(field.key(), field));
        return byKey;
    }

    private static <T> VisitField<T> about(Field<T> field) {
        return new VisitField<>(Section.ABOUT, field);
    }

    private static <T> VisitField<T> at(Field<T> field) {
        return new VisitField<>(Section.POSITION, field);
    }

    private static Field<String> words(String name) {
        return Field.text(name, text -> text, text -> text);
    }

    private static Feature feature(InputReader in, String id) {
        Object given = in.plain(id);
        List<Feature> read = given == null ? List.of() : FeatureReader.read(List.of(given), in.problems());
        return read.isEmpty() ? null : read.get(0);
    }

    private static int clockHour(String text) {
        double hour = Numbers.parse(text);
        if (!(hour >= 0 && hour <= 23 && hour == Math.rint(hour))) {
            throw new Refused("A clock hour is a whole number from 0 to 23.");
        }
        return (int) hour;
    }
}
