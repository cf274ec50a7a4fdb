package org.yellowfit.core.plant;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.yellowfit.core.climate.HardinessZone;
import org.yellowfit.core.colour.Colour;
import org.yellowfit.core.measure.Interval;
import org.yellowfit.core.soil.Drainage;
import org.yellowfit.core.soil.TextureGroup;

/**
 * Every trait of the open catalogue, in the order of its columns. Lengths in metres, light in hours of direct sun a
 * day,
 * moisture on 1–5, prices in the store's currency. A blank cell is unknown.
 */
public final class Traits {

    private static final List<Trait<?>> LIST = new ArrayList<>();
    private static final double TALLEST_M = 120;
    private static final double WIDEST_M = 100;
    private static final String METRES = "m";
    private static final String CENTIMETRES = "cm";
    private static final String HOURS = "hours";

    public static final Trait<String> ID = required("id", CellType.slug());
    public static final Trait<String> BOTANICAL = required("botanical", CellType.text());
    public static final Trait<String> CULTIVAR = known("cultivar", CellType.text());
    public static final Trait<String> COMMON = known("common", CellType.text());
    public static final Trait<Kind> KIND = required("kind", CellType.word(Kind.class));
    public static final Trait<Habit> HABIT = required("habit", CellType.word(Habit.class));
    public static final Trait<Persistence> PERSISTENCE = required("persistence", CellType.word(Persistence.class));

    public static final Trait<Interval> HEIGHT10 = required("height10_m", CellType.range(0.01, TALLEST_M, METRES));
    public static final Trait<Interval> SPREAD10 = required("spread10_m", CellType.range(0.01, WIDEST_M, METRES));
    public static final Trait<Interval> HEIGHT_MAX = known("height_max_m", CellType.range(0.01, TALLEST_M, METRES));
    public static final Trait<Interval> SPREAD_MAX = known("spread_max_m", CellType.range(0.01, WIDEST_M, METRES));
    public static final Trait<Interval> FLOWER_HEIGHT =
            known("flower_height_m", CellType.range(0.01, TALLEST_M, METRES));
    public static final Trait<Growth> GROWTH = known("growth", CellType.word(Growth.class));
    public static final Trait<SpreadMode> SPREAD_MODE = known("spread_mode", CellType.word(SpreadMode.class));

    public static final Trait<HardinessZone> ZONE_MIN = required("zone_min", CellType.coldestZone());
    public static final Trait<HardinessZone> ZONE_MAX = known("zone_max", CellType.warmestZone());

    public static final Trait<Double> SUN_LIVE = known("sun_live_h", CellType.number(0, 24, HOURS));
    public static final Trait<Double> SUN_FLOWER = known("sun_flower_h", CellType.number(0, 24, HOURS));
    public static final Trait<Double> SUN_COLOUR = known("sun_colour_h", CellType.number(0, 24, HOURS));
    public static final Trait<Double> SUN_MAX = known("sun_max_h", CellType.number(0, 24, HOURS));
    public static final Trait<Double> HOT_SUN_MAX = known("hot_sun_max_h", CellType.number(0, 24, HOURS));

    public static final Trait<List<TextureGroup>> TEXTURE =
            known("texture", CellType.listOf(CellType.word(TextureGroup.class)));
    public static final Trait<List<Drainage>> DRAINAGE =
            known("drainage", CellType.listOf(CellType.word(Drainage.class)));
    public static final Trait<Interval> MOISTURE = known("moisture", CellType.range(1, 5, "on the scale of moisture"));
    public static final Trait<YesNo> DROUGHT = known("drought", CellType.word(YesNo.class));
    public static final Trait<Double> LOOKS_GOOD_FROM =
            known("looks_good_from", CellType.number(1, 5, "on the scale of moisture"));
    public static final Trait<Interval> PH = known("ph", CellType.range(3, 10, "pH"));

    public static final Trait<LeafTexture> LEAF_TEXTURE = known("leaf_texture", CellType.word(LeafTexture.class));
    public static final Trait<String> LEAF_SHAPE = known("leaf_shape", CellType.text());
    public static final Trait<LeafSurface> LEAF_SURFACE = known("leaf_surface", CellType.word(LeafSurface.class));
    public static final Trait<List<Colour>> LEAF_SPRING = known("leaf_spring", CellType.listOf(CellType.colour()));
    public static final Trait<List<Colour>> LEAF_SUMMER = known("leaf_summer", CellType.listOf(CellType.colour()));
    public static final Trait<List<Colour>> LEAF_AUTUMN = known("leaf_autumn", CellType.listOf(CellType.colour()));
    public static final Trait<List<Colour>> LEAF_WINTER = known("leaf_winter", CellType.listOf(CellType.colour()));

    public static final Trait<List<Colour>> FLOWER_COLOURS =
            known("flower_colours", CellType.listOf(CellType.colour()));
    public static final Trait<Bloom> BLOOM = known("bloom", CellType.bloom());
    public static final Trait<HardinessZone> BLOOM_ZONE = known("bloom_zone", CellType.coldestZone());
    public static final Trait<Double> BLOOM_GDD = known("bloom_gdd", CellType.number(0, 6000, "degree days"));
    public static final Trait<Double> BLOOM_DAYS = known("bloom_days", CellType.number(1, 365, "days"));
    public static final Trait<Rebloom> REBLOOM = known("rebloom", CellType.word(Rebloom.class));
    public static final Trait<FlowerWood> FLOWER_WOOD = known("flower_wood", CellType.word(FlowerWood.class));
    public static final Trait<YesNo> FIRST_SEASON = known("first_season", CellType.word(YesNo.class));
    public static final Trait<List<Fragrance>> FRAGRANCE =
            known("fragrance", CellType.wordsOrNone(Fragrance.class, Fragrance.NONE));
    public static final Trait<Colour> FRUIT = known("fruit", CellType.colour());
    public static final Trait<List<Integer>> FRUIT_MONTHS = known("fruit_months", CellType.months());
    public static final Trait<Colour> STEM_WINTER = known("stem_winter", CellType.colour());
    public static final Trait<YesNo> STANDS_WINTER = known("stands_winter", CellType.word(YesNo.class));

    public static final Trait<String> PARTNER_GROUP = known("partner_group", CellType.text());
    public static final Trait<Sex> SEX = known("sex", CellType.word(Sex.class));
    public static final Trait<List<Wildlife>> WILDLIFE =
            known("wildlife", CellType.listOf(CellType.word(Wildlife.class)));
    public static final Trait<String> NATIVE_REGION = known("native_region", CellType.text());
    public static final Trait<Browsing> DEER = known("deer", CellType.word(Browsing.class));
    public static final Trait<Browsing> RABBIT = known("rabbit", CellType.word(Browsing.class));
    public static final Trait<List<Hazard>> HAZARDS = known("hazards", CellType.wordsOrNone(Hazard.class, Hazard.NONE));
    public static final Trait<HardinessZone> SPREADS_AT_ZONE = known("spreads_at_zone", CellType.coldestZone());
    public static final Trait<List<Stress>> STANDS = known("stands", CellType.listOf(CellType.word(Stress.class)));
    public static final Trait<List<Stress>> DISLIKES = known("dislikes", CellType.listOf(CellType.word(Stress.class)));
    public static final Trait<String> TROUBLES = known("troubles", CellType.text());

    public static final Trait<PruneGroup> PRUNE_GROUP = known("prune_group", CellType.word(PruneGroup.class));
    public static final Trait<YesNo> HARD_PRUNE = known("hard_prune", CellType.word(YesNo.class));
    public static final Trait<Double> CARE_MIN_YEAR = known("care_min_year", CellType.number(0, 6000, "minutes"));
    public static final Trait<Double> DEADHEAD_MIN = known("deadhead_min", CellType.number(0, 6000, "minutes"));
    public static final Trait<Double> DIVIDE_YEARS = known("divide_years", CellType.number(1, 100, "years"));
    public static final Trait<Feed> FEED = known("feed", CellType.word(Feed.class));
    public static final Trait<YesNo> POT_OK = known("pot_ok", CellType.word(YesNo.class));
    public static final Trait<PotRole> POT_ROLE = known("pot_role", CellType.word(PotRole.class));
    public static final Trait<List<Use>> USES = known("uses", CellType.listOf(CellType.word(Use.class)));
    public static final Trait<Propagation> PROPAGATION = known("propagation", CellType.word(Propagation.class));
    public static final Trait<Double> SLOW_START_YEARS = known("slow_start_years", CellType.number(0, 20, "years"));
    public static final Trait<YesNo> LATE_RISER = known("late_riser", CellType.word(YesNo.class));
    public static final Trait<String> TELL_APART = known("tell_apart", CellType.text());
    public static final Trait<List<String>> LIKE = known("like", CellType.listOf(CellType.slug()));
    public static final Trait<List<MeritGrade>> MERITS = known("merits", CellType.listOf(CellType.merit()));
    public static final Trait<List<CutStem>> CUT = known("cut", CellType.wordsOrNone(CutStem.class, CutStem.NONE));
    public static final Trait<Inflorescence> INFLORESCENCE = known("inflorescence", CellType.word(Inflorescence.class));
    public static final Trait<Double> FLOWER_CM = known("flower_cm", CellType.number(0.1, 120, CENTIMETRES));
    public static final Trait<Double> LEAF_CM = known("leaf_cm", CellType.number(0.1, 600, CENTIMETRES));
    public static final Trait<LeafArrangement> LEAF_ARRANGEMENT =
            known("leaf_arrangement", CellType.word(LeafArrangement.class));
    public static final Trait<Variegation> VARIEGATION = known("variegation", CellType.word(Variegation.class));
    public static final Trait<List<PotPrice>> SIZES_SOLD =
            known("sizes_sold", CellType.listOf(new CellType<>(PotPrice::parse, PotPrice::text)));
    /** Other botanical names that it is looked for under, older or newer, as a list. */
    public static final Trait<String> SYNONYMS = known("synonyms", CellType.text());

    /** All traits in the order of the columns. */
    public static final List<Trait<?>> ALL = Collections.unmodifiableList(LIST);

    private static final Map<String, Trait<?>> BY_NAME =
            ALL.stream().collect(Collectors.toUnmodifiableMap(Trait::name, Function.identity()));

    private Traits() {}

    public static Optional<Trait<?>> named(String name) {
        return Optional.ofNullable(BY_NAME.get(name));
    }

    private static <T> Trait<T> required(String name, CellType<T> type) {
        return add(name, true, type);
    }

    private static <T> Trait<T> known(String name, CellType<T> type) {
        return add(name, false, type);
    }

    private static <T> Trait<T> add(String name, boolean required, CellType<T> type) {
        Trait<T> trait = new Trait<>(name, LIST.size(), required, type);
        LIST.add(trait);
        return trait;
    }
}
