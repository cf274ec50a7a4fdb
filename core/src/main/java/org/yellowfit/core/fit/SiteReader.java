package org.yellowfit.core.fit;

import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.yellowfit.core.climate.HardinessZone;
import org.yellowfit.core.climate.SpringFrosts;
import org.yellowfit.core.measure.InputReader;
import org.yellowfit.core.measure.Problem;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.plant.Policy;
import org.yellowfit.core.plant.Stress;
import org.yellowfit.core.soil.Drainage;
import org.yellowfit.core.soil.TextureClass;

/**
 * Reads a place and its wants by the field names of the API; SI units. One reader for files, forms and other programs.
 */
public final class SiteReader {

    /** The fields of a place, in the order they are read. */
    public static final Set<String> SITE_FIELDS = Set.of(
            "zone",
            "minTempC",
            "sunHours",
            "hotHours",
            "reflectedHeat",
            "hotSummer",
            "texture",
            "drainage",
            "ph",
            "moisture",
            "sheltered",
            "frostPocket",
            "exposure",
            "deer",
            "rabbits",
            "children",
            "pets",
            "strictlyNoHazards",
            "container",
            "depthM",
            "lengthM",
            "maxHeightM",
            "wallClearanceM",
            "pathClearanceM",
            "horizonYears",
            "plantingDate",
            "firstFrost",
            "springFrosts",
            "partners",
            "practice",
            "latitude",
            "supportHeightM",
            "uncertainty");

    public static final Set<String> WANTS_FIELDS = WantsReader.FIELDS;

    private static final Set<Stress> EXPOSURES =
            EnumSet.of(Stress.WIND, Stress.SALT, Stress.JUGLONE, Stress.POLLUTION, Stress.HEAT, Stress.HUMIDITY);
    private static final String ROAD_SALT = "road-salt";
    private static final double LONGEST_M = 10_000;
    private static final double HIGHEST_M = 200;

    private SiteReader() {}

    public static SiteConditions site(Map<String, ?> values, String prefix, List<Problem> problems) {
        InputReader in = new InputReader(values, prefix, problems);
        Exposures exposures = exposures(in);
        Double wallClearance = in.number("wallClearanceM", 0, LONGEST_M, "m");
        Double pathClearance = in.number("pathClearanceM", 0, LONGEST_M, "m");
        SiteConditions site = new SiteConditions(
                new WinterConditions(zone(in), in.yesNo("sheltered"), in.yesNo("frostPocket"), springFrosts(in)),
                new LightConditions(
                        in.number("sunHours", 0, 24, "hours"),
                        in.number("hotHours", 0, 24, "hours"),
                        in.yesNo("reflectedHeat"),
                        in.yesNo("hotSummer")),
                new SoilConditions(
                        in.text("texture", TextureClass::parse),
                        in.word("drainage", Drainage.class),
                        in.number("ph", 3, 10, ""),
                        in.number("moisture", 1, 5, ""),
                        in.yesNo("container")),
                new Room(
                        in.number("depthM", 0.01, LONGEST_M, "m"),
                        in.number("lengthM", 0.01, LONGEST_M, "m"),
                        in.number("maxHeightM", 0.01, HIGHEST_M, "m"),
                        orElse(wallClearance, 0),
                        orElse(pathClearance, 0),
                        orElse(in.number("horizonYears", 1, 100, "years"), Room.USUAL_HORIZON_YEARS),
                        in.number("supportHeightM", 0, HIGHEST_M, "m")),
                new Surroundings(
                        exposures == null ? null : exposures.stresses(),
                        in.word("deer", Pressure.class),
                        in.word("rabbits", Pressure.class),
                        in.yesNo("children"),
                        in.yesNo("pets"),
                        in.yesNo("strictlyNoHazards"),
                        exposures != null && exposures.fromRoad()),
                new PlantingSeason(in.date("plantingDate"), in.date("firstFrost"), in.number("latitude", -90, 90, "°")),
                practice(in),
                uncertainty(values, prefix, in, problems));
        checkTogether(site, in);
        return site;
    }

    public static Wants wants(Map<String, ?> values, String prefix, List<Problem> problems) {
        return WantsReader.read(values, prefix, problems);
    }

    public static Policy policy(Object value, List<Problem> problems) {
        Policy policy = new InputReader(value == null ? Map.of() : Map.of("policy", value), "", problems)
                .word("policy", Policy.class);
        return policy == null ? Policy.STANDARD : policy;
    }

    private static HardinessZone zone(InputReader in) {
        HardinessZone zone = in.text("zone", HardinessZone::parse);
        Double lowest = in.number("minTempC", -70, 40, "°C");
        return zone != null || lowest == null ? zone : HardinessZone.ofMeanLow(lowest);
    }

    /** @param fromRoad the salt is a road’s */
    private record Exposures(Set<Stress> stresses, boolean fromRoad) {}

    private static Exposures exposures(InputReader in) {
        List<String> words = in.list("exposure", SiteReader::exposure);
        if (words == null) {
            return null;
        }
        Set<Stress> stresses = EnumSet.noneOf(Stress.class);
        words.forEach(word -> stresses.add(word.equals(ROAD_SALT) ? Stress.SALT : Words.parse(Stress.class, word)));
        return new Exposures(stresses, words.contains(ROAD_SALT));
    }

    private static String exposure(String text) {
        String word = text.strip().toLowerCase(Locale.ROOT);
        List<String> allowed = Stream.concat(EXPOSURES.stream().map(Words::of), Stream.of(ROAD_SALT))
                .toList();
        if (!allowed.contains(word)) {
            throw Words.unknown(text, allowed);
        }
        return word;
    }

    private static Practice practice(InputReader in) {
        Practice practice = Practice.NONE;
        List<String> groups = in.list("partners", text -> text);
        for (String group : groups == null ? List.<String>of() : groups) {
            practice = practice.withPartner(group);
        }
        List<Practice.Measure> measures = in.list("practice", text -> Words.parse(Practice.Measure.class, text));
        for (Practice.Measure measure : measures == null ? List.<Practice.Measure>of() : measures) {
            practice = practice.with(measure);
        }
        return practice;
    }

    private static Uncertainty uncertainty(
            Map<String, ?> values, String prefix, InputReader in, List<Problem> problems) {
        Object given = values.get("uncertainty");
        if (given == null) {
            return Uncertainty.TYPED;
        }
        if (!(given instanceof Map<?, ?> map)) {
            in.problem("uncertainty", "An object is expected here, like {\"sunHours\": 0.3}.");
            return Uncertainty.TYPED;
        }
        @SuppressWarnings("unchecked")
        InputReader of = new InputReader((Map<String, ?>) map, prefix + "uncertainty.", problems);
        return new Uncertainty(
                orElse(of.number("sunHours", 0, 12, "hours"), Uncertainty.TYPED.sunH()),
                orElse(of.number("ph", 0, 3, ""), Uncertainty.TYPED.ph()),
                orElse(of.number("lengths", 0, 0.5, ""), Uncertainty.TYPED.lengthShare()));
    }

    private static SpringFrosts springFrosts(InputReader in) {
        List<Double> springs = in.list("springFrosts", text -> {
            double degreeDays = org.yellowfit.core.measure.Numbers.parse(text);
            if (!(degreeDays >= 0 && degreeDays <= 6000)) {
                throw new IllegalArgumentException(
                        "Degree days at the last damaging frost of a spring lie between 0 and 6000.");
            }
            return degreeDays;
        });
        return springs == null || springs.isEmpty()
                ? null
                : new SpringFrosts(springs.stream().mapToDouble(d -> d).toArray());
    }

    private static void checkTogether(SiteConditions site, InputReader in) {
        Room room = site.room();
        if (room.depthM() != null && room.wallClearanceM() + room.pathClearanceM() >= room.depthM()) {
            in.problem(
                    "depthM", "The clearances from wall and path take up the whole depth; nothing is left to plant.");
        }
    }

    private static double orElse(Double value, double other) {
        return value == null ? other : value;
    }
}
