package org.yellowfit.core.fit;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.yellowfit.core.climate.HardinessZone;
import org.yellowfit.core.climate.SpringFrosts;
import org.yellowfit.core.measure.InputReader;
import org.yellowfit.core.measure.Problem;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.plant.Policy;
import org.yellowfit.core.plant.Stress;
import org.yellowfit.core.soil.Drainage;
import org.yellowfit.core.soil.TextureClass;

/** Reads a place and its wants by the field names of the API; SI units. One reader for files, forms and other programs. */
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
            "partners");

    public static final Set<String> WANTS_FIELDS = WantsReader.FIELDS;

    private static final Set<Stress> EXPOSURES = EnumSet.of(Stress.WIND, Stress.SALT, Stress.JUGLONE, Stress.POLLUTION);
    private static final double LONGEST_M = 10_000;
    private static final double HIGHEST_M = 200;

    private SiteReader() {}

    public static SiteConditions site(Map<String, ?> values, String prefix, List<Problem> problems) {
        InputReader in = new InputReader(values, prefix, problems);
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
                        orElse(in.number("horizonYears", 1, 100, "years"), Room.USUAL_HORIZON_YEARS)),
                new Surroundings(
                        exposure(in),
                        in.word("deer", Pressure.class),
                        in.word("rabbits", Pressure.class),
                        in.yesNo("children"),
                        in.yesNo("pets"),
                        in.yesNo("strictlyNoHazards")),
                new PlantingSeason(in.date("plantingDate"), in.date("firstFrost")),
                partners(in));
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

    private static Set<Stress> exposure(InputReader in) {
        List<Stress> list = in.list("exposure", text -> {
            Stress stress = Words.parse(Stress.class, text);
            if (!EXPOSURES.contains(stress)) {
                throw Words.unknown(text, EXPOSURES.stream().map(Words::of).toList());
            }
            return stress;
        });
        return list == null ? null : list.isEmpty() ? EnumSet.noneOf(Stress.class) : EnumSet.copyOf(list);
    }

    private static Practice partners(InputReader in) {
        List<String> groups = in.list("partners", text -> text);
        return groups == null
                ? Practice.NONE
                : groups.stream().reduce(Practice.NONE, Practice::withPartner, (one, other) -> other);
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
        PlantingSeason season = site.season();
        if (season.plantingDate() != null
                && season.firstFrost() != null
                && season.firstFrost().isBefore(season.plantingDate())) {
            in.problem("firstFrost", "The first frost lies before the planting date.");
        }
    }

    private static double orElse(Double value, double other) {
        return value == null ? other : value;
    }
}
