package org.yellowfit.core.season;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.IntStream;
import org.yellowfit.core.climate.HardinessZone;
import org.yellowfit.core.climate.Seasons;
import org.yellowfit.core.colour.Colour;
import org.yellowfit.core.measure.Refused;
import org.yellowfit.core.plant.Anatomy;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Kind;
import org.yellowfit.core.plant.Persistence;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.plant.YesNo;

/**
 * The look of a plant on every day of the year at a place (rule E1). From day to day it changes little; only cutting
 * down is a jump.
 * The days at which things happen are those of zone 6b, general for the kind of plant, moved to the place by
 * {@link Seasons}.
 */
public final class PlantYear {

    /** Standing straw is cut on this day of zone 6b, before new growth. */
    static final double CUT_DAY = 75;
    /** Heads that do not stand the winter: general for perennials nobody deadheads. */
    private static final double FALLS_APART_DAYS = 35;

    private static final ShareOverYear LEAF = ShareOverYear.of(95, 0, 140, 1, 278, 1, 318, 0);
    private static final ShareOverYear LATE_LEAF = ShareOverYear.of(122, 0, 168, 1, 278, 1, 318, 0);
    private static final ShareOverYear SEMI_EVERGREEN_LEAF = ShareOverYear.of(80, 0.55, 115, 1, 330, 1, 360, 0.55);
    private static final ShareOverYear CLUMP =
            ShareOverYear.of(72, 0, 105, 0.25, 135, 0.6, 166, 0.9, 190, 1, 300, 1, 330, 0);
    private static final ShareOverYear LATE_CLUMP =
            ShareOverYear.of(102, 0, 135, 0.3, 166, 0.65, 200, 1, 300, 1, 330, 0);
    private static final ShareOverYear STANDING_CLUMP = ShareOverYear.of(300, 1, 330, 0.9);
    /** From planting after the last frost. */
    private static final ShareOverYear ANNUAL = ShareOverYear.of(0, 0, 12, 0.3, 45, 0.7, 75, 1);

    private static final double ANNUAL_FADES_DAYS = 12;
    private static final double WITHERED_FROM = 318;
    private static final Colour BARK = new Colour("bark", 0x7d6a58);
    private static final double BULB_BEFORE_BLOOM = 35;
    private static final double BULB_AFTER_BLOOM = 62;

    private final Cultivar plant;
    private final Seasons seasons;
    private final BloomSpell bloom;
    private final LeafYear leaves;
    private final boolean late;
    private final double flowering;

    /** Day of the northern year on which what lives one season begins to grow. */
    private final int begins;

    private PlantYear(Cultivar plant, GrowingPlace place) {
        this.plant = plant;
        seasons = place.seasons();
        bloom = BloomSpell.of(plant, place).orElse(null);
        leaves = new LeafYear(plant, place.sunHours());
        late = plant.is(Traits.LATE_RISER, YesNo.YES);
        flowering = flowering(plant, place.sunHours());
        int planted = place.planted().orElse(0);
        boolean thisSeason = planted < seasons.firstFrostDay();
        begins = thisSeason ? Math.max(seasons.lastFrostDay(), planted) : seasons.lastFrostDay();
    }

    /** @param zone of the place; without it the bloom stays where the catalogue has it */
    public static PlantYear of(Cultivar plant, Optional<HardinessZone> zone) {
        return of(plant, GrowingPlace.of(zone));
    }

    public static PlantYear of(Cultivar plant, GrowingPlace place) {
        return new PlantYear(plant, place);
    }

    public Optional<BloomSpell> bloom() {
        return Optional.ofNullable(bloom);
    }

    /** The twelve months, January first. */
    public List<DayLook> months() {
        return IntStream.rangeClosed(1, 12).mapToObj(this::month).toList();
    }

    /**
     * The look in the middle of a month, its flowers those of the month as a whole, so that a short bloom is not
     * missed.
     */
    public DayLook month(int month) {
        if (!(month >= 1 && month <= 12)) {
            throw new Refused("Months run from 1 to 12.");
        }
        DayLook middle = day(midMonth(month));
        double sum = 0;
        DayLook fullest = middle;
        for (int part = 0; part < 6; part++) {
            DayLook look = day(midMonth(month) - 13 + part * 5);
            sum += look.flowerShare();
            fullest = look.flowerShare() > fullest.flowerShare() + 0.2 ? look : fullest;
        }
        return new DayLook(
                middle.standing(),
                middle.leaves(),
                middle.leafShare(),
                middle.heightShare(),
                sum > 0 ? fullest.flower() : Optional.empty(),
                sum / 6,
                middle.fruit(),
                middle.stem());
    }

    /** The day of the year in the middle of a month. */
    public static int midMonth(int month) {
        return (int) Math.round((month - 0.5) * Seasons.DAYS / 12);
    }

    /** @param dayOfYear at the place, 1–366 */
    public DayLook day(int dayOfYear) {
        int northern = seasons.northernDay(dayOfYear);
        double reference = seasons.referenceDay(northern);
        double height = heightShare(northern, reference);
        Standing standing = standing(northern, reference, height);
        double open = open(northern, reference, height, standing);
        return new DayLook(
                standing,
                leavesOn(northern, reference, standing),
                leafShare(reference, standing),
                height,
                open > 0 ? bloom.colourOn(northern) : Optional.empty(),
                open,
                standing == Standing.BELOW_GROUND ? Optional.empty() : fruit(dayOfYear),
                standing == Standing.BARE_STEMS
                        ? Optional.of(plant.get(Traits.STEM_WINTER).orElse(BARK))
                        : Optional.empty());
    }

    /** Where young and old leaves differ in colour, those at the tips are so many days apart from the others. */
    private static final double TIPS_LEAD_DAYS = 10;
    /** The first leaves of a shoot are older than most by so many days when it has grown. */
    private static final double FIRST_LEAVES_DAYS = 25;

    private static final double MIDSUMMER = 190;

    /**
     * Leaf colours at the tips of the shoots: in spring they are the youngest, in autumn the first to turn.
     *
     * @param dayOfYear at the place, 1–366
     */
    public List<Colour> tipLeaves(int dayOfYear) {
        return leavesShifted(dayOfYear, 1);
    }

    /** Leaf colours inside the plant, where the seasons come last. */
    public List<Colour> innerLeaves(int dayOfYear) {
        return leavesShifted(dayOfYear, -1);
    }

    boolean isBeforeMidsummer(int dayOfYear) {
        return seasons.referenceDay(seasons.northernDay(dayOfYear)) < MIDSUMMER;
    }

    private List<Colour> leavesShifted(int dayOfYear, int direction) {
        double reference = seasons.referenceDay(seasons.northernDay(dayOfYear));
        DayLook look = day(dayOfYear);
        if (look.leaves().isEmpty() || isBulb()) {
            return look.leaves();
        }
        if (keepsLeaves() && leaves.flushes(reference)) {
            return List.of(look.leaves().get(direction > 0 ? 1 : 0));
        }
        double older = direction > 0 ? -TIPS_LEAD_DAYS : FIRST_LEAVES_DAYS;
        double lead = isBeforeMidsummer(dayOfYear) ? older : direction * TIPS_LEAD_DAYS;
        double day = Math.max(1, Math.min(Seasons.DAYS, reference + lead));
        List<Colour> shifted = leavesOfYear(day, look.standing());
        return shifted.isEmpty() ? look.leaves() : shifted;
    }

    /**
     * How far the heads of flowers have come.
     *
     * @param look of the day, or of the month it stands for: its share of open flowers counts
     */
    public BloomStage stage(int dayOfYear, DayLook look) {
        if (bloom == null || look.standing() == Standing.BELOW_GROUND) {
            return BloomStage.NONE;
        }
        double northern = seasons.northernDay(dayOfYear);
        double cutDay = northern - seasons.referenceDay(northern) + CUT_DAY;
        double seedDays = seedDays();
        BloomStage stage = bloom.stageOn(northern, look.flowerShare(), seedDays, cutDay);
        if (look.standing() != Standing.STRAW) {
            return stage;
        }
        return new BloomStage(0, 0, 0, seedDays >= Seasons.DAYS ? 1 : stage.seeds());
    }

    /** Heads of herbs that stand the winter stay as seed until they are cut; others fall to pieces before long. */
    private double seedDays() {
        if (!keepsHeads()) {
            return 0;
        }
        return plant.isWoody() || standsWinter() ? Seasons.DAYS : FALLS_APART_DAYS;
    }

    /** Forms that dry on the plant where nobody cuts them; of shrubs the large heads only. */
    private boolean keepsHeads() {
        return switch (Anatomy.of(plant).inflorescence()) {
            case MOPHEAD, LACECAP, PLUME -> true;
            case PANICLE, CORYMB -> plant.botanical().startsWith("Hydrangea") || !plant.isWoody();
            case DAISY, GLOBE, SPIKE, UMBEL -> !plant.isWoody() && plant.kind() != Kind.ANNUAL;
            default -> false;
        };
    }

    private double open(double northern, double reference, double height, Standing standing) {
        boolean alive = standing == Standing.IN_LEAF || standing == Standing.BARE_STEMS;
        return alive && bloom != null ? bloom.shareOn(northern) * flowering * vigour(reference, height) : 0;
    }

    /** The month with most of the flowers open; {@code otherwise} when none ever is. */
    public int fullestMonth(int otherwise) {
        int fullest = otherwise;
        double most = 0;
        for (int month = 1; month <= 12; month++) {
            double sum = 0;
            for (int part = 0; part < 6; part++) {
                int northern = seasons.northernDay(midMonth(month) - 13 + part * 5);
                double reference = seasons.referenceDay(northern);
                double height = heightShare(northern, reference);
                sum += open(northern, reference, height, standing(northern, reference, height));
            }
            if (sum > most + 1e-9) {
                most = sum;
                fullest = month;
            }
        }
        return fullest;
    }

    /** Less light than the flowers need gives fewer of them (B2). */
    private static double flowering(Cultivar plant, OptionalDouble sunHours) {
        double needed = plant.get(Traits.SUN_FLOWER).orElse(0.0);
        return sunHours.isEmpty() || needed <= 0
                ? 1
                : Math.max(SeasonNumber.LEAST_FLOWERS.value(), Math.min(1, sunHours.getAsDouble() / needed));
    }

    /** What dies down carries no more flowers than it has growth to carry them. */
    private double vigour(double reference, double height) {
        if (plant.persistence().isWoody()
                || plant.persistence() == Persistence.EVERGREEN
                || plant.persistence() == Persistence.SEMI_EVERGREEN) {
            return 1;
        }
        double withering = plant.persistence() == Persistence.HERBACEOUS && !isBulb()
                ? Math.max(0, Math.min(1, (WITHERED_FROM - reference) / 18))
                : 1;
        return Math.min(withering, Math.min(1, height * 4));
    }

    private boolean isBulb() {
        return plant.kind() == Kind.BULB && bloom != null && plant.persistence() == Persistence.HERBACEOUS;
    }

    private boolean standsWinter() {
        return plant.is(Traits.STANDS_WINTER, YesNo.YES);
    }

    private double heightShare(double northern, double reference) {
        return switch (plant.persistence()) {
            case EVERGREEN, SEMI_EVERGREEN, DECIDUOUS -> 1;
            case ANNUAL -> annualHeight(northern);
            case HERBACEOUS -> isBulb() ? bulbHeight(northern) : clumpHeight(reference);
        };
    }

    private double annualHeight(double northern) {
        double fading = 1 - (northern - seasons.firstFrostDay()) / ANNUAL_FADES_DAYS;
        return Math.max(0, Math.min(ANNUAL.on(northern - begins), Math.min(1, fading)));
    }

    private double clumpHeight(double reference) {
        if (standsWinter() && reference > 300) {
            return STANDING_CLUMP.on(reference);
        }
        if (standsWinter() && reference < CUT_DAY) {
            return 0.9;
        }
        return (late ? LATE_CLUMP : CLUMP).on(reference);
    }

    /** A bulb shows from a month before its bloom until its leaves have yellowed. */
    private double bulbHeight(double northern) {
        double since = sinceBulbRises(northern);
        double bloomEnds = BULB_BEFORE_BLOOM + bloom.lengthDays();
        return ShareOverYear.of(0, 0, 30, 1, bloomEnds + 25, 1, bloomEnds + BULB_AFTER_BLOOM, 0)
                .on(since);
    }

    private double sinceBulbRises(double northern) {
        double since = northern - (bloom.startDay() - BULB_BEFORE_BLOOM);
        return since - Seasons.DAYS * Math.floor(since / Seasons.DAYS);
    }

    private Standing standing(double northern, double reference, double height) {
        return switch (plant.persistence()) {
            case EVERGREEN, SEMI_EVERGREEN -> Standing.IN_LEAF;
            case DECIDUOUS -> leafCourse().on(reference) > 0 ? Standing.IN_LEAF : Standing.BARE_STEMS;
            case ANNUAL -> height > 0 ? Standing.IN_LEAF : Standing.BELOW_GROUND;
            case HERBACEOUS ->
                height <= 0
                        ? Standing.BELOW_GROUND
                        : isBulb()
                                ? Standing.IN_LEAF
                                : reference >= WITHERED_FROM || reference < CUT_DAY && standsWinter()
                                        ? Standing.STRAW
                                        : Standing.IN_LEAF;
        };
    }

    private double leafShare(double reference, Standing standing) {
        if (standing != Standing.IN_LEAF) {
            return 0;
        }
        return switch (plant.persistence()) {
            case DECIDUOUS -> leafCourse().on(reference);
            case SEMI_EVERGREEN -> SEMI_EVERGREEN_LEAF.on(reference);
            default -> 1;
        };
    }

    private ShareOverYear leafCourse() {
        return late ? LATE_LEAF : LEAF;
    }

    private List<Colour> leavesOn(double northern, double reference, Standing standing) {
        if (standing == Standing.BELOW_GROUND || standing == Standing.BARE_STEMS) {
            return List.of();
        }
        if (isBulb()) {
            double dying = (sinceBulbRises(northern) - BULB_BEFORE_BLOOM - bloom.lengthDays() - 25) / 30;
            return leaves.dying(Math.max(0, Math.min(1, dying)));
        }
        return leavesOfYear(reference, standing);
    }

    /** Leaves that come anew have their spring colour from the first; an evergreen has it on its new shoots alone. */
    private List<Colour> leavesOfYear(double reference, Standing standing) {
        if (keepsLeaves()) {
            return leaves.flushes(reference) ? leaves.keptAndNew(reference) : leaves.on(reference);
        }
        boolean anew = standing == Standing.IN_LEAF && reference < MIDSUMMER;
        return leaves.on(anew ? Math.max(reference, LeafYear.SPRING_DAY) : reference);
    }

    private boolean keepsLeaves() {
        return switch (plant.persistence()) {
            case EVERGREEN, SEMI_EVERGREEN -> true;
            case DECIDUOUS, HERBACEOUS, ANNUAL -> false;
        };
    }

    /** Fruit shows in its months, by the month's middle day in the northern year. */
    private Optional<Colour> fruit(int dayOfYear) {
        int month = Math.min(12, 1 + (seasons.northernDay(dayOfYear) - 1) * 12 / Seasons.DAYS);
        boolean shows = plant.get(Traits.FRUIT_MONTHS)
                .map(months -> months.contains(month))
                .orElse(false);
        return shows ? plant.get(Traits.FRUIT) : Optional.empty();
    }
}
