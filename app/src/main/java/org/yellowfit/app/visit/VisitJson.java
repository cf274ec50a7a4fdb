package org.yellowfit.app.visit;

import java.time.LocalDate;
import java.time.Year;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import org.yellowfit.core.fit.SiteFields;
import org.yellowfit.core.light.Location;
import org.yellowfit.core.light.SeenSun;
import org.yellowfit.core.measure.Field;
import org.yellowfit.core.measure.InputReader;
import org.yellowfit.core.measure.InvalidInput;
import org.yellowfit.core.measure.Problem;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.palette.PlantingFields;
import org.yellowfit.core.palette.PlantingFields.Chosen;
import org.yellowfit.core.serve.WishFields;
import org.yellowfit.core.site.Drawing;
import org.yellowfit.core.site.Feature;
import org.yellowfit.core.site.FeatureReader;
import org.yellowfit.core.site.FeatureWriter;
import org.yellowfit.core.soil.SoilTestFields;

/**
 * The answers of a visit as a file that other programs read and write: what is written reads back as the same answers. The
 * site has the names of the fit.
 */
public final class VisitJson {

    private static final String SITE = "site";
    private static final String WANTS = "wants";
    private static final String NEVER = "never";
    private static final String FROM = "siteFrom";
    private static final String AT = "at";
    private static final String SOIL = "soil";
    private static final String SEEN = "seenSun";
    private static final String DRAWING = "drawing";
    private static final String FEATURES = "features";
    private static final String PALETTE = "palette";
    private static final String PLANTS = "plants";
    private static final String PLANTING_DATE = "plantingDate";

    private static final List<VisitField<?>> ABOUT = List.of(
            VisitFields.PLACE,
            VisitFields.CUSTOMER,
            VisitFields.NOTE,
            VisitFields.UNITS,
            VisitFields.POLICY,
            VisitFields.PASSED,
            VisitFields.LEFT_OVER,
            VisitFields.PLANTED_BY_SHOP);

    private static final List<VisitField<?>> POSITION = List.of(
            VisitFields.LATITUDE,
            VisitFields.LONGITUDE,
            VisitFields.UTC_OFFSET,
            VisitFields.NORTH,
            VisitFields.DRAWN_IN,
            VisitFields.STATION,
            VisitFields.PATCH,
            VisitFields.PATCH_AREA,
            VisitFields.UNDER_ROOF,
            VisitFields.SLOPE,
            VisitFields.LIMITED_BY);

    private VisitJson() {}

    /** Without what hangs on a visit beside its answers: the plants side by side, the list, the bed. */
    public static Map<String, Object> write(Answers answers) {
        Map<String, Object> written = new LinkedHashMap<>();
        put(written, answers, ABOUT);
        Map<String, Object> site = new LinkedHashMap<>();
        put(site, answers, each(SiteFields.ALL, VisitFields::site));
        put(site, answers, List.of(VisitFields.SUN_BIAS));
        written.put(SITE, site);
        written.put(FROM, origins(answers));
        Map<String, Object> wants = new LinkedHashMap<>();
        put(wants, answers, each(WishFields.ALL, VisitFields::wish));
        Map<String, Object> never = new LinkedHashMap<>();
        put(never, answers, each(WishFields.OF_A_PLANT, VisitFields::never));
        if (!never.isEmpty()) {
            wants.put(NEVER, never);
        }
        written.put(WANTS, wants);
        written.put(AT, written(answers, POSITION));
        written.put(DRAWING, drawing(answers));
        written.put(SOIL, written(answers, each(SoilTestFields.ALL, VisitFields::soil)));
        written.put(SEEN, written(answers, seenSun()));
        written.put(PALETTE, palette(answers));
        written.put(PLANTING_DATE, answers.written(VisitFields.site(SiteFields.PLANTING_DATE)));
        return written;
    }

    private static List<VisitField<?>> seenSun() {
        List<VisitField<?>> fields = new ArrayList<>();
        SeenSun.TIMES.forEach(month -> fields.add(VisitFields.seenSun(month)));
        return fields;
    }

    private static List<VisitField<?>> each(List<? extends Field<?>> fields, Function<Field<?>, VisitField<?>> in) {
        List<VisitField<?>> all = new ArrayList<>();
        fields.forEach(field -> all.add(in.apply(field)));
        return all;
    }

    private static Map<String, Object> written(Answers answers, List<VisitField<?>> fields) {
        Map<String, Object> into = new LinkedHashMap<>();
        put(into, answers, fields);
        return into;
    }

    private static void put(Map<String, Object> into, Answers answers, List<VisitField<?>> fields) {
        for (VisitField<?> field : fields) {
            Object value = answers.written(field);
            if (value != null) {
                into.put(field.name(), value);
            }
        }
    }

    /** Where values of the site come from that were not typed. */
    private static Map<String, Object> origins(Answers answers) {
        Map<String, Object> origins = new LinkedHashMap<>();
        answers.forEach((field, known) -> {
            if (field.section() == Section.SITE && known.from().kind() != Provenance.Kind.TYPED) {
                origins.put(
                        field.name(),
                        Map.of(
                                "from",
                                Words.of(known.from().kind()),
                                "by",
                                known.from().by()));
            }
        });
        return origins;
    }

    private static Map<String, Object> drawing(Answers answers) {
        List<Object> features = answers.fields().stream()
                .filter(field -> field.section() == Section.DRAWING)
                .map(field -> answers.get(VisitFields.drawn(field.name())))
                .flatMap(Optional::stream)
                .sorted(Comparator.comparing(Feature::id))
                .<Object>map(FeatureWriter::write)
                .toList();
        if (features.isEmpty()) {
            return null;
        }
        Map<String, Object> drawing = new LinkedHashMap<>();
        drawing.put("type", "FeatureCollection");
        drawing.put(FEATURES, features);
        return drawing;
    }

    private static Map<String, Object> palette(Answers answers) {
        Map<String, Object> palette = written(answers, each(PlantingFields.ALL, VisitFields::planting));
        answers.get(VisitFields.planting(PlantingFields.PLANTS)).ifPresent(plants -> {
            List<Object> told = new ArrayList<>();
            for (Chosen each : plants) {
                Map<String, Object> one = new LinkedHashMap<>();
                one.put("id", each.id());
                one.put("patch", each.patch());
                one.put("count", each.count());
                one.put("locked", each.locked());
                told.add(one);
            }
            palette.put(PLANTS, told);
        });
        return palette.isEmpty() ? null : palette;
    }

    /** Reads the answers; what is wrong is noted by field. */
    public static Edit read(Map<String, Object> given, List<Problem> problems) {
        Edit edit = new Edit();
        InputReader in = new InputReader(given, "", problems);
        ABOUT.forEach(field -> read(field, in, edit));
        checkLengths(given, in);
        InputReader site = in.nested(SITE, "An object is expected here, as the fit takes it.");
        if (site != null) {
            SiteFields.ALL.forEach(field -> read(VisitFields.site(field), site, edit));
            read(VisitFields.SUN_BIAS, site, edit);
            readOrigins(given, edit, problems);
        }
        readWants(in, edit);
        readAll(in.nested(AT, "An object is expected here."), POSITION, edit);
        readAll(in.nested(SOIL, "An object is expected here."), each(SoilTestFields.ALL, VisitFields::soil), edit);
        readAll(in.nested(SEEN, "An object is expected here."), seenSun(), edit);
        readDrawing(in, edit, problems);
        readPalette(in, edit);
        LocalDate planting = in.date(PLANTING_DATE);
        if (planting != null && !edit.touches(VisitFields.site(SiteFields.PLANTING_DATE))) {
            edit.set(VisitFields.site(SiteFields.PLANTING_DATE), planting);
        }
        return edit;
    }

    private static void checkLengths(Map<String, Object> given, InputReader in) {
        for (String name : List.of("place", "customer", "note")) {
            int most = name.equals("note") ? VisitFields.LONGEST_NOTE : VisitFields.LONGEST_NAME;
            if (given.get(name) instanceof String text && text.length() > most) {
                in.problem(name, "This is %d characters long; at most %d are kept.", text.length(), most);
            }
        }
    }

    private static void readWants(InputReader in, Edit edit) {
        InputReader wants = in.nested(WANTS, "An object is expected here, as the fit takes it.");
        if (wants == null) {
            return;
        }
        WishFields.ALL.forEach(field -> read(VisitFields.wish(field), wants, edit));
        InputReader never = wants.nested(NEVER, "An object is expected here, with the same fields as wants.");
        if (never != null) {
            WishFields.OF_A_PLANT.forEach(field -> read(VisitFields.never(field), never, edit));
        }
    }

    private static void readAll(InputReader in, List<VisitField<?>> fields, Edit edit) {
        if (in != null) {
            fields.forEach(field -> read(field, in, edit));
        }
    }

    private static <T> void read(VisitField<T> field, InputReader in, Edit edit) {
        T value = field.field().read(in);
        if (value != null) {
            edit.set(field, value);
        }
    }

    private static void readOrigins(Map<String, Object> given, Edit edit, List<Problem> problems) {
        if (!(given.get(FROM) instanceof Map<?, ?> origins)) {
            return;
        }
        InputReader none = new InputReader(Map.of(), "", problems);
        List<VisitField<?>> site = new ArrayList<>(each(SiteFields.ALL, VisitFields::site));
        site.add(VisitFields.SUN_BIAS);
        for (VisitField<?> field : site) {
            if (origins.get(field.name()) instanceof Map<?, ?> origin && edit.touches(field)) {
                originate(field, origin, edit, none);
            }
        }
    }

    private static <T> void originate(VisitField<T> field, Map<?, ?> origin, Edit edit, InputReader in) {
        String kind = String.valueOf(origin.get("from"));
        for (Provenance.Kind each : Provenance.Kind.values()) {
            if (Words.of(each).equals(kind)) {
                T value = Answers.NONE.with(edit).get(field).orElse(null);
                edit.set(field, value, new Provenance(each, String.valueOf(origin.get("by"))));
                return;
            }
        }
        in.problem(FROM + "." + field.name(), "“%s” is no source of a value.", kind);
    }

    private static void readDrawing(InputReader in, Edit edit, List<Problem> problems) {
        InputReader drawing = in.nested(DRAWING, "A collection of features is expected here, or null.");
        if (drawing == null) {
            return;
        }
        if (!(drawing.plain(FEATURES) instanceof List<?> features)) {
            drawing.problem(FEATURES, "A list of features is expected here.");
            return;
        }
        List<Feature> read = FeatureReader.read(features, problems);
        try {
            Drawing.checked(read, new Location(45, 0, 0), 0, Year.now().getValue());
            read.forEach(feature -> edit.set(VisitFields.drawn(feature.id()), feature));
        } catch (InvalidInput e) {
            problems.addAll(e.problems());
        }
    }

    private static void readPalette(InputReader in, Edit edit) {
        InputReader palette = in.nested(PALETTE, "An object is expected here, or null.");
        if (palette == null) {
            return;
        }
        PlantingFields.ALL.stream()
                .filter(field -> field != PlantingFields.PLANTS)
                .forEach(field -> read(VisitFields.planting(field), palette, edit));
        List<Chosen> plants = palette.items(PLANTS, 200, (each, reader, at) -> {
            if (!(each instanceof Map<?, ?> one)) {
                reader.problem(at, "An object is expected here, like {\"id\": \"…\", \"count\": 5}.");
                return null;
            }
            @SuppressWarnings("unchecked") // the keys of an object are text
            InputReader of = reader.within(at, (Map<String, ?>) one);
            String id = of.text("id", text -> text);
            String patch = of.text("patch", text -> text);
            Double count = of.number("count", 0, 10_000, "plants");
            Boolean locked = of.yesNo("locked");
            if (id == null || !id.matches("[a-z0-9-]{1,80}") || patch != null && patch.matches(".*[:@|].*")) {
                of.problem("id", "A plant is named by its id, and its patch without a colon.");
                return null;
            }
            return new Chosen(
                    id,
                    patch == null ? "" : patch,
                    count == null ? 0 : (int) Math.round(count),
                    Boolean.TRUE.equals(locked));
        });
        if (plants != null) {
            edit.set(VisitFields.planting(PlantingFields.PLANTS), plants);
        }
    }
}
