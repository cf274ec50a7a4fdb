package org.yellowfit.app.api;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import org.yellowfit.app.catalogue.CatalogueStore;
import org.yellowfit.core.bed.BedAims;
import org.yellowfit.core.bed.BedGround;
import org.yellowfit.core.bed.BedLimit;
import org.yellowfit.core.bed.BedPart;
import org.yellowfit.core.bed.BedPath;
import org.yellowfit.core.bed.Existing;
import org.yellowfit.core.bed.Grouping;
import org.yellowfit.core.bed.PlantedAt;
import org.yellowfit.core.bed.ToPlace;
import org.yellowfit.core.fit.Catalogue;
import org.yellowfit.core.fit.Fit;
import org.yellowfit.core.fit.Live;
import org.yellowfit.core.fit.Question;
import org.yellowfit.core.fit.SiteConditions;
import org.yellowfit.core.fit.SiteReader;
import org.yellowfit.core.light.CrownFoliage;
import org.yellowfit.core.light.Location;
import org.yellowfit.core.measure.InputReader;
import org.yellowfit.core.measure.Problem;
import org.yellowfit.core.palette.Weaving;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Policy;
import org.yellowfit.core.serve.Wants;
import org.yellowfit.core.site.Outlines;
import org.yellowfit.core.takeoff.School;

/** Reads a bed, what is round it and its plants from a request; every problem is told at its field. */
final class BedReader {

    static final int MOST_PLANTS = 2000;
    private static final int MOST_KINDS = 200;
    private static final int MOST_THINGS = 200;
    private static final double TALLEST_M = 200;
    private static final double LARGEST_M2 = 10_000;
    private static final double TALLEST_POT_M = 20;
    private static final double DEGREES_AN_HOUR = 15;

    private final Map<String, Object> body;
    private final List<Problem> problems;
    private final InputReader in;
    private final Catalogue catalogue;
    private final Policy policy;

    BedReader(Map<String, Object> body, CatalogueStore store, List<Problem> problems) {
        this.body = body;
        this.problems = problems;
        in = new InputReader(body, "", problems);
        policy = SiteReader.policy(body.get("policy"), problems);
        catalogue = store.catalogue(policy);
    }

    BedAims aims() {
        School school = in.word("school", School.class);
        Weaving layers = in.word("layers", Weaving.class);
        Double closeBy = in.number("closeByYear", 1, 50, "years");
        Double horizon = in.number("horizonYears", 1, 50, "years");
        Double seed = in.number("seed", -1e15, 1e15, "");
        return new BedAims(
                school == null ? School.MATURE : school,
                closeBy == null ? 3 : (int) Math.round(closeBy),
                layers == null ? Weaving.STEPPED : layers,
                horizon == null ? BedAims.USUAL_HORIZON : horizon,
                seed == null ? 1 : Math.round(seed));
    }

    /** Null where the outline is wrong. */
    BedGround ground() {
        int before = problems.size();
        double[][] outline = Outlines.area(body.get("bed"), "bed", problems);
        double[][] seenFrom = seenFrom();
        List<BedPart> parts = items("patches", this::part);
        List<double[][]> walls = lines("walls");
        List<BedPath> paths =
                lines("paths").stream().map(line -> new BedPath(line, 0)).toList();
        List<BedLimit> limits = new ArrayList<>(items("keepLow", this::keepLow));
        limits.addAll(items("windows", this::window));
        lines("views").forEach(line -> limits.add(BedLimit.view("", line, BedLimit.VIEW_M)));
        List<Existing> existing = items("standing", this::standing);
        Location where = where();
        Double north = in.number("northDegrees", -360, 360, "degrees");
        if (problems.size() > before) {
            return null;
        }
        BedGround ground = new BedGround(
                outline, seenFrom, parts, walls, paths, limits, existing, where, north == null ? 0 : north);
        if (ground.areaM2() > LARGEST_M2) {
            in.problem("bed", "A bed has at most %s m²; this one has %s.", LARGEST_M2, Math.round(ground.areaM2()));
        }
        return ground;
    }

    private double[][] seenFrom() {
        Object value = body.get("seenFrom");
        if (value == null || "around".equals(value)) {
            return null;
        }
        double[][] line = Outlines.line(value, "seenFrom", problems);
        return line.length < 2 ? null : new double[][] {line[0], line[line.length - 1]};
    }

    private Location where() {
        Double latitude = in.number("latitude", -90, 90, "degrees");
        Double longitude = in.number("longitude", -180, 180, "degrees");
        Double offset = in.number("utcOffsetHours", -14, 14, "hours");
        if (latitude == null) {
            return null;
        }
        double east = longitude == null ? 0 : longitude;
        return new Location(latitude, east, offset == null ? Math.rint(east / DEGREES_AN_HOUR) : offset);
    }

    private List<double[][]> lines(String field) {
        Object value = body.get(field);
        if (value == null) {
            return List.of();
        }
        if (!(value instanceof List<?> list) || list.size() > MOST_THINGS) {
            in.problem(field, "A list of lines is expected here, at most %s.", MOST_THINGS);
            return List.of();
        }
        List<double[][]> lines = new ArrayList<>();
        for (int i = 0; i < list.size(); i++) {
            lines.add(Outlines.line(list.get(i), field + "[" + i + "]", problems));
        }
        return lines;
    }

    /** Reads one object of a list. */
    private interface Reading<T> {
        T read(Map<String, Object> values, InputReader in, String at);
    }

    private <T> List<T> items(String field, Reading<T> reading) {
        return items(field, MOST_THINGS, reading);
    }

    private <T> List<T> items(String field, int most, Reading<T> reading) {
        List<T> items = in.items(field, most, (given, from, at) -> {
            if (!(given instanceof Map<?, ?>)) {
                from.problem(at, "An object is expected here.");
                return null;
            }
            @SuppressWarnings("unchecked") // the keys of an object are text
            Map<String, Object> values = (Map<String, Object>) given;
            int before = problems.size();
            T item = reading.read(values, from.within(at, values), at);
            return problems.size() > before ? null : item;
        });
        return items == null ? List.of() : items;
    }

    private BedPart part(Map<String, Object> values, InputReader within, String at) {
        double[][] outline =
                values.get("outline") == null ? null : Outlines.area(values.get("outline"), at + ".outline", problems);
        String name = within.text("name", text -> text);
        SiteConditions site = SiteReader.site(Json.member(values, "site", problems), at + ".site.", problems);
        return new BedPart(
                name == null ? "" : name,
                outline,
                lives(site),
                site.light().sunHours(),
                site.surroundings().hasChildren(),
                site.surroundings().hasPets());
    }

    /** Where nothing is said of the place, everything lives. */
    private Predicate<Cultivar> lives(SiteConditions site) {
        Question question = new Question(site, Wants.NOTHING, policy);
        Fit fit = new Fit(catalogue);
        return plant -> fit.these(question, List.of(plant.id())).get(0).live() != Live.NO;
    }

    private BedLimit keepLow(Map<String, Object> values, InputReader within, String at) {
        double[][] outline = Outlines.area(values.get("outline"), at + ".outline", problems);
        Double height = within.number("maxHeightM", 0, TALLEST_M, "m");
        return BedLimit.keepLow(name(within), outline, height == null ? 0.75 : height);
    }

    private BedLimit window(Map<String, Object> values, InputReader within, String at) {
        double[][] line = Outlines.line(values.get("line"), at + ".line", problems);
        Double sill = within.number("sillM", 0, TALLEST_M, "m");
        return BedLimit.window(name(within), line, sill == null ? 0.9 : sill);
    }

    private Existing standing(Map<String, Object> values, InputReader within, String at) {
        double[] point = Outlines.point(values.get("at"), at + ".at", problems);
        Double height = within.number("heightM", 0.01, TALLEST_M, "m");
        Double spread = within.number("spreadM", 0.01, TALLEST_M, "m");
        if (height == null || spread == null) {
            within.problem(height == null ? "heightM" : "spreadM", "Say how large it is, in m.");
            return null;
        }
        CrownFoliage foliage = within.word("foliage", CrownFoliage.class);
        return new Existing(
                name(within),
                point[0],
                point[1],
                height,
                spread,
                foliage == null ? CrownFoliage.DECIDUOUS : foliage,
                within.number("ageYears", 0, 1000, "years"),
                within.number("matureHeightM", 0.01, TALLEST_M, "m"));
    }

    private static String name(InputReader within) {
        String name = within.text("name", text -> text);
        return name == null ? "" : name;
    }

    /** Of all kinds, at most as many plants as a bed takes. */
    List<ToPlace> plants() {
        List<ToPlace> plants = items("plants", MOST_KINDS, (values, within, at) -> {
            Cultivar plant = plant(within);
            Double count = within.number("count", 0, ToPlace.MOST, "plants");
            if (count != null && count != Math.rint(count)) {
                within.problem("count", "The count must be a whole number.");
                return null;
            }
            Grouping grouping = within.word("grouping", Grouping.class);
            String patch = within.text("patch", text -> text);
            return plant == null
                    ? null
                    : new ToPlace(
                            plant,
                            count == null ? null : count.intValue(),
                            grouping == null ? Grouping.GROUP : grouping,
                            pot(within),
                            patch == null ? "" : patch);
        });
        int all = plants.stream()
                .mapToInt(each -> each.count() == null ? 0 : each.count())
                .sum();
        if (all > MOST_PLANTS) {
            in.problem("plants", "A bed takes at most %s plants; here are %s.", MOST_PLANTS, all);
        }
        return plants;
    }

    List<PlantedAt> placed() {
        Map<String, Double> pots = new java.util.HashMap<>();
        items("plants", MOST_KINDS, (values, within, at) -> {
            String id = within.text("id", text -> text);
            if (id != null && within.plain("potHeightM") != null) {
                pots.put(id, pot(within));
            }
            return id;
        });
        return items("placed", MOST_PLANTS, (values, within, at) -> {
            Cultivar plant = plant(within);
            Double x = within.number("x", -5000, 5000, "m");
            Double y = within.number("y", -5000, 5000, "m");
            Double group = within.number("group", 0, 1e6, "");
            Double after = within.number("afterYears", 0, 50, "years");
            if (plant != null && (x == null || y == null)) {
                within.problem(x == null ? "x" : "y", "Say where it stands, in m.");
            }
            Double own = pot(within);
            return plant == null || x == null || y == null
                    ? null
                    : new PlantedAt(
                            plant,
                            x,
                            y,
                            group == null ? 0 : group.intValue(),
                            own == null ? pots.get(plant.id()) : own,
                            after == null ? 0 : after);
        });
    }

    List<Integer> years(List<Integer> usual) {
        List<Integer> years = in.list("years", text -> {
            double year = org.yellowfit.core.measure.Numbers.parse(text);
            if (!(year >= 0 && year <= 100 && year == Math.rint(year))) {
                throw new org.yellowfit.core.measure.Refused("A year is a whole number from 0 to 100.");
            }
            return (int) year;
        });
        return years == null || years.isEmpty() ? usual : years;
    }

    private static Double pot(InputReader within) {
        return within.number("potHeightM", 0.01, TALLEST_POT_M, "m");
    }

    private Cultivar plant(InputReader within) {
        int before = problems.size();
        String id = within.text("id", text -> text);
        if (id == null) {
            if (problems.size() == before) {
                within.problem("id", "Name the plant by its id.");
            }
            return null;
        }
        return catalogue.find(id).orElseGet(() -> {
            within.problem("id", "The catalogue has no cultivar with the id “%s”.", id);
            return null;
        });
    }
}
