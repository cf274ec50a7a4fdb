package org.yellowfit.core.fit;

import java.time.LocalDate;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.yellowfit.core.climate.HardinessZone;
import org.yellowfit.core.climate.SpringFrosts;
import org.yellowfit.core.measure.Field;
import org.yellowfit.core.measure.FieldValues;
import org.yellowfit.core.measure.InputReader;
import org.yellowfit.core.measure.Numbers;
import org.yellowfit.core.measure.Refused;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.plant.Stress;
import org.yellowfit.core.soil.Drainage;
import org.yellowfit.core.soil.TextureClass;

/** What may be told of a place, by the names of the API, in SI units; and the conditions these values make. */
public final class SiteFields {

    private static final double LONGEST_M = 10_000;
    private static final double HIGHEST_M = 200;
    /** More degree days than a hot desert gathers in a spring. */
    private static final double MOST_DEGREE_DAYS = 6000;

    public static final Field<HardinessZone> ZONE = Field.text("zone", HardinessZone::parse, HardinessZone::label);
    /** Mean of the yearly lowest temperatures. */
    public static final Field<Double> MIN_TEMP = Field.number("minTempC", -70, 40, "°C");

    public static final Field<Boolean> SHELTERED = Field.yesNo("sheltered");
    public static final Field<Boolean> FROST_POCKET = Field.yesNo("frostPocket");
    public static final Field<List<Double>> SPRING_FROSTS =
            Field.list("springFrosts", SiteFields::degreeDays, value -> value);

    public static final Field<Double> SUN_HOURS = Field.number("sunHours", 0, 24, "hours");
    public static final Field<Double> HOT_HOURS = Field.number("hotHours", 0, 24, "hours");
    public static final Field<Boolean> REFLECTED_HEAT = Field.yesNo("reflectedHeat");
    public static final Field<Boolean> HOT_SUMMER = Field.yesNo("hotSummer");

    public static final Field<TextureClass> TEXTURE = Field.text("texture", TextureClass::parse, TextureClass::words);
    public static final Field<Drainage> DRAINAGE = Field.word("drainage", Drainage.class);
    public static final Field<Double> PH = Field.number("ph", 3, 10, "");
    public static final Field<Double> MOISTURE = Field.number("moisture", 1, 5, "");
    /** The wet end of ground that swings; the moisture is the dry one. */
    public static final Field<Double> MOISTURE_TO = Field.number("moistureTo", 1, 5, "");
    /** Tree roots in the ground. */
    public static final Field<Boolean> ROOTS = Field.yesNo("roots");

    public static final Field<Boolean> CONTAINER = Field.yesNo("container");

    public static final Field<Double> DEPTH = Field.number("depthM", 0.01, LONGEST_M, "m");
    public static final Field<Double> LENGTH = Field.number("lengthM", 0.01, LONGEST_M, "m");
    public static final Field<Double> MAX_HEIGHT = Field.number("maxHeightM", 0.01, HIGHEST_M, "m");
    public static final Field<Double> WALL_CLEARANCE = Field.number("wallClearanceM", 0, LONGEST_M, "m");
    public static final Field<Double> PATH_CLEARANCE = Field.number("pathClearanceM", 0, LONGEST_M, "m");
    public static final Field<Double> HORIZON = Field.number("horizonYears", 1, 100, "years");
    public static final Field<Double> SUPPORT_HEIGHT = Field.number("supportHeightM", 0, HIGHEST_M, "m");

    public static final Field<Double> SLOPE = Field.number("slopePercent", 0, 200, "%");
    public static final Field<Double> CONTAINER_L = Field.number("containerL", 0.2, 100_000, "l");

    public static final Field<List<Exposure>> EXPOSURE = Field.list("exposure", Exposure::parse, Words::of);
    public static final Field<Pressure> DEER = Field.word("deer", Pressure.class);
    public static final Field<Pressure> RABBITS = Field.word("rabbits", Pressure.class);
    public static final Field<Boolean> CHILDREN = Field.yesNo("children");
    public static final Field<Boolean> PETS = Field.yesNo("pets");
    public static final Field<Boolean> STRICTLY_NO_HAZARDS = Field.yesNo("strictlyNoHazards");

    public static final Field<LocalDate> PLANTING_DATE = Field.date("plantingDate");
    public static final Field<LocalDate> FIRST_FROST = Field.date("firstFrost");
    public static final Field<Double> LATITUDE = Field.number("latitude", -90, 90, "°");

    public static final Field<List<String>> PARTNERS = Field.list("partners", text -> text, group -> group);
    public static final Field<List<Upkeep.Task>> UPKEEP =
            Field.list("practice", text -> Words.parse(Upkeep.Task.class, text), Words::of);
    public static final Field<Uncertainty> UNCERTAINTY =
            Field.of("uncertainty", SiteFields::uncertainty, Uncertainty::asMap);

    public static final List<Field<?>> ALL = List.of(
            ZONE,
            MIN_TEMP,
            SHELTERED,
            FROST_POCKET,
            SPRING_FROSTS,
            SUN_HOURS,
            HOT_HOURS,
            REFLECTED_HEAT,
            HOT_SUMMER,
            TEXTURE,
            DRAINAGE,
            PH,
            MOISTURE,
            MOISTURE_TO,
            ROOTS,
            CONTAINER,
            DEPTH,
            LENGTH,
            MAX_HEIGHT,
            WALL_CLEARANCE,
            PATH_CLEARANCE,
            HORIZON,
            SUPPORT_HEIGHT,
            SLOPE,
            CONTAINER_L,
            EXPOSURE,
            DEER,
            RABBITS,
            CHILDREN,
            PETS,
            STRICTLY_NO_HAZARDS,
            PLANTING_DATE,
            FIRST_FROST,
            LATITUDE,
            PARTNERS,
            UPKEEP,
            UNCERTAINTY);

    private SiteFields() {}

    /** The place these values make. */
    public static SiteConditions conditions(FieldValues told) {
        return new SiteConditions(
                new WinterConditions(
                        zone(told), told.get(SHELTERED), told.get(FROST_POCKET), springFrosts(told.get(SPRING_FROSTS))),
                new LightConditions(
                        told.get(SUN_HOURS), told.get(HOT_HOURS), told.get(REFLECTED_HEAT), told.get(HOT_SUMMER)),
                new SoilConditions(
                        told.get(TEXTURE),
                        told.get(DRAINAGE),
                        told.get(PH),
                        told.get(MOISTURE),
                        told.get(MOISTURE_TO),
                        told.get(ROOTS),
                        told.get(CONTAINER)),
                room(told),
                surroundings(told),
                new PlantingSeason(told.get(PLANTING_DATE), told.get(FIRST_FROST), told.get(LATITUDE)),
                upkeep(told),
                told.get(UNCERTAINTY, Uncertainty.TYPED));
    }

    /** Notes values that cannot stand together. */
    public static void checkTogether(FieldValues told, InputReader in) {
        Double dry = told.get(MOISTURE);
        Double wet = told.get(MOISTURE_TO);
        if (wet != null && (dry == null || wet < dry)) {
            in.problem(MOISTURE_TO.name(), "Ground that swings has its dry end first, then its wet one.");
        }
        Room room = room(told);
        if (room.depthM() != null && room.wallClearanceM() + room.pathClearanceM() >= room.depthM()) {
            in.problem(
                    DEPTH.name(),
                    "The clearances from wall and path take up the whole depth; nothing is left to plant.");
        }
    }

    private static HardinessZone zone(FieldValues told) {
        Double lowest = told.get(MIN_TEMP);
        return told.has(ZONE) || lowest == null ? told.get(ZONE) : HardinessZone.ofMeanLow(lowest);
    }

    private static SpringFrosts springFrosts(List<Double> springs) {
        return springs == null || springs.isEmpty()
                ? null
                : new SpringFrosts(springs.stream().mapToDouble(sum -> sum).toArray());
    }

    private static Room room(FieldValues told) {
        return new Room(
                told.get(DEPTH),
                told.get(LENGTH),
                told.get(MAX_HEIGHT),
                told.get(WALL_CLEARANCE, 0.0),
                told.get(PATH_CLEARANCE, 0.0),
                told.get(HORIZON, Room.USUAL_HORIZON_YEARS),
                told.get(SUPPORT_HEIGHT),
                told.get(SLOPE),
                told.get(CONTAINER_L));
    }

    private static Surroundings surroundings(FieldValues told) {
        List<Exposure> exposure = told.get(EXPOSURE);
        return new Surroundings(
                exposure == null ? null : stresses(exposure),
                told.get(DEER),
                told.get(RABBITS),
                told.get(CHILDREN),
                told.get(PETS),
                told.get(STRICTLY_NO_HAZARDS),
                exposure != null && exposure.contains(Exposure.ROAD_SALT));
    }

    private static Set<Stress> stresses(List<Exposure> exposure) {
        Set<Stress> stresses = EnumSet.noneOf(Stress.class);
        exposure.forEach(each -> stresses.add(each.stress));
        return stresses;
    }

    private static Upkeep upkeep(FieldValues told) {
        Upkeep upkeep = Upkeep.NONE;
        for (String group : told.get(PARTNERS, List.of())) {
            upkeep = upkeep.withPartner(group);
        }
        for (Upkeep.Task task : told.get(UPKEEP, List.of())) {
            upkeep = upkeep.with(task);
        }
        return upkeep;
    }

    private static double degreeDays(String text) {
        double degreeDays = Numbers.parse(text);
        if (!(degreeDays >= 0 && degreeDays <= MOST_DEGREE_DAYS)) {
            throw new Refused("Degree days at the last damaging frost of a spring lie between 0 and 6000.");
        }
        return degreeDays;
    }

    private static Uncertainty uncertainty(InputReader in, String name) {
        InputReader of = in.nested(name, "An object is expected here, like {\"sunHours\": 0.3}.");
        return of == null
                ? null
                : new Uncertainty(
                        orElse(of.number("sunHours", 0, 12, "hours"), Uncertainty.TYPED.sunH()),
                        orElse(of.number("ph", 0, 3, ""), Uncertainty.TYPED.ph()),
                        orElse(of.number("lengths", 0, 0.5, ""), Uncertainty.TYPED.lengthShare()));
    }

    private static double orElse(Double value, double other) {
        return value == null ? other : value;
    }
}
