package org.yellowfit.core.growth;

import static org.yellowfit.core.growth.GrowthNumber.CLIMBED_BY;
import static org.yellowfit.core.growth.GrowthNumber.CLIMBED_TO;
import static org.yellowfit.core.growth.GrowthNumber.CLUMP_FULL;
import static org.yellowfit.core.growth.GrowthNumber.CLUMP_HIGH_BY;
import static org.yellowfit.core.growth.GrowthNumber.LEAST_RATE;
import static org.yellowfit.core.growth.GrowthNumber.LONGEST_STANDSTILL;
import static org.yellowfit.core.growth.GrowthNumber.OTHER_START;
import static org.yellowfit.core.growth.GrowthNumber.RATE_AT_HALF_SUN;
import static org.yellowfit.core.growth.GrowthNumber.RENEWED_BY;
import static org.yellowfit.core.growth.GrowthNumber.RENEWED_TO;
import static org.yellowfit.core.growth.GrowthNumber.START_OF_THE_LOW;
import static org.yellowfit.core.growth.GrowthNumber.WOODY_START;

import java.util.List;
import java.util.function.ToDoubleFunction;
import org.yellowfit.core.measure.Interval;
import org.yellowfit.core.measure.Refused;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Growth;
import org.yellowfit.core.plant.Habit;
import org.yellowfit.core.plant.Trait;
import org.yellowfit.core.plant.Traits;

/**
 * The one size of a plant (rule D1): its height, height in flower and spread by the years since planting, the height it
 * was bought at, the sun it gets (B7) and whether it is cut back each year. Every verdict, job, planting, drawing and
 * call asks this.
 */
public final class PlantGrowth {

    private static final double MOST_BOUGHT_M = 20;

    private final Cultivar plant;
    private final GrowthWay way;
    private final Bought bought;
    private final double rate;
    private final boolean cutBack;

    /**
     * As it leaves the shop.
     *
     * @param heightM m
     * @param named   at a height somebody named: it is kept, even where the curve would have it smaller
     */
    private record Bought(double heightM, boolean named) {}

    private PlantGrowth(Cultivar plant, Bought bought, double rate, boolean cutBack) {
        this.plant = plant;
        this.bought = bought;
        this.rate = rate;
        this.cutBack = cutBack;
        way = GrowthWay.of(plant);
    }

    /** Bought as it usually is, in as much sun as it likes, not cut back. */
    public static PlantGrowth of(Cultivar plant) {
        return new PlantGrowth(plant, new Bought(usualStart(plant), false), 1, false);
    }

    private static double usualStart(Cultivar plant) {
        double height = plant.height10().mid();
        if (isFormed(plant)) {
            return height;
        }
        double usual = (plant.isWoody() ? WOODY_START : OTHER_START).value();
        return height < usual ? height * START_OF_THE_LOW.value() : usual;
    }

    /** Grafted on a stem or clipped to a shape at the nursery: sold at its height, and only its head grows. */
    private static boolean isFormed(Cultivar plant) {
        return plant.habit() == Habit.STANDARD;
    }

    /**
     * The same plant bought at another height, or at the largest it is sold at where that is less: nobody sells a plant
     * taller than it will be.
     *
     * @param heightM above 0, at most 20
     */
    public PlantGrowth fromPot(double heightM) {
        if (!(heightM > 0 && heightM <= MOST_BOUGHT_M)) {
            throw new Refused("The height of the potted plant must be above 0 and at most 20 m.");
        }
        double sold = isFormed(plant) ? soldAtMostM() : Math.min(heightM, soldAtMostM());
        return new PlantGrowth(plant, new Bought(sold, true), rate, cutBack);
    }

    /** The height at which it is bought, m. */
    public double boughtAtM() {
        return bought.heightM();
    }

    /** The largest at which it is sold, m: its height at ten years. */
    public double soldAtMostM() {
        return plant.height10().mid();
    }

    /**
     * The same plant in so many hours of direct sun: less than it does best in slows it (B7). Hours are taken to the
     * tenth, so that whoever keeps sizes by them says what all others say.
     */
    public PlantGrowth inSun(double hours) {
        if (!(hours >= 0 && hours <= 24)) {
            throw new Refused("Hours of sun must lie between 0 and 24.");
        }
        double best = plant.get(Traits.SUN_FLOWER)
                .or(() -> plant.get(Traits.SUN_LIVE))
                .orElse(0.0);
        double missing = best <= 0 ? 0 : Math.max(0, 1 - toTheTenth(hours) / best);
        double slowed = 1 - missing * (1 - RATE_AT_HALF_SUN.value()) / 0.5;
        return new PlantGrowth(plant, bought, Math.max(LEAST_RATE.value(), slowed), cutBack);
    }

    /** Hours of sun as sizes are told apart by them. */
    public static double toTheTenth(double hours) {
        return Math.rint(hours * 10) / 10;
    }

    /** @param hours null where they are not known: as much as it likes */
    public PlantGrowth inSunOf(Double hours) {
        return hours == null ? this : inSun(hours);
    }

    /** The same plant cut back hard each spring, where it is a plant that renews itself; any other stays as it is. */
    public PlantGrowth cutBackYearly() {
        return new PlantGrowth(plant, bought, rate, way == GrowthWay.RENEWING_WOOD);
    }

    public boolean isCutBack() {
        return cutBack;
    }

    public Grown height(double years) {
        return grown(heights(), years);
    }

    public Grown spread(double years) {
        return grown(spreads(), years);
    }

    /** Height with the flowers on; the height in leaf when the two do not differ, or the flowers stand lower. */
    public Grown heightInFlower(double years) {
        return height(years).times(flowerFactor());
    }

    /** First year in which the usual height in flower passes the limit; infinite when it never does. */
    public double yearsToHeight(double limitM) {
        return yearsTo(heights(), limitM / flowerFactor());
    }

    public double yearsToSpread(double limitM) {
        return yearsTo(spreads(), limitM);
    }

    private double flowerFactor() {
        return plant.get(Traits.FLOWER_HEIGHT)
                .map(flower -> Math.max(1, flower.mid() / plant.height10().mid()))
                .orElse(1.0);
    }

    /** One of the two ways a plant extends, with what the catalogue says of it. */
    private record Extent(Interval atTen, Trait<Interval> ultimate, double start, double clumpYears, boolean fixed) {}

    private Extent heights() {
        return new Extent(
                plant.height10(), Traits.HEIGHT_MAX, bought.heightM(), CLUMP_HIGH_BY.value(), isFormed(plant));
    }

    /** It is bought with the spread of its habit at that height, at most that at ten years. */
    private Extent spreads() {
        double spread = plant.spread10().mid();
        double start =
                Math.min(spread, bought.heightM() * spread / plant.height10().mid());
        return new Extent(plant.spread10(), Traits.SPREAD_MAX, start, GrowthNumber.CLUMP_WIDE_BY.value(), false);
    }

    private Grown grown(Extent extent, double years) {
        double low = size(extent, Interval::low, years);
        double high = size(extent, Interval::high, years);
        double mid = size(extent, Interval::mid, years);
        double least = Math.min(low, high);
        double most = Math.max(low, high);
        return new Grown(least, Math.max(least, Math.min(most, mid)), most);
    }

    private double size(Extent extent, ToDoubleFunction<Interval> end, double years) {
        double atTen = end.applyAsDouble(extent.atTen());
        if (way == GrowthWay.ONE_SEASON || extent.fixed()) {
            return atTen;
        }
        double growing = Math.max(0, years - standstill());
        double grown = 0;
        for (GrowthCurve curve : curves(extent, end)) {
            grown = Math.max(grown, curve.at(growing));
        }
        return bought.named() ? Math.max(extent.start(), grown) : grown;
    }

    private double yearsTo(Extent extent, double limitM) {
        if (way == GrowthWay.ONE_SEASON || extent.fixed()) {
            return extent.atTen().mid() > limitM ? 0 : Double.POSITIVE_INFINITY;
        }
        if (bought.named() && extent.start() > limitM) {
            return 0;
        }
        double years = curves(extent, Interval::mid).stream()
                .mapToDouble(curve -> curve.yearsTo(limitM))
                .min()
                .orElseThrow();
        return years > 0 ? years + standstill() : 0;
    }

    /** The curves of which it follows the largest: what is quick at first goes on slowly, as wood does. */
    private List<GrowthCurve> curves(Extent extent, ToDoubleFunction<Interval> end) {
        double start = extent.start();
        double atTen = end.applyAsDouble(extent.atTen());
        return switch (way) {
            case CLUMP, ONE_SEASON ->
                List.of(GrowthCurve.quick(start, extent.clumpYears(), CLUMP_FULL.value(), atTen)
                        .atRate(rate));
            case SLOW_WOOD -> List.of(slowWood(extent, end));
            case RENEWING_WOOD -> {
                GrowthCurve renewed = GrowthCurve.quick(start, RENEWED_BY.value(), RENEWED_TO.value(), atTen)
                        .atRate(rate);
                yield cutBack ? List.of(renewed) : List.of(renewed, slowWood(extent, end));
            }
            case CLIMBER -> {
                double full = atTen / CLIMBED_TO.value();
                GrowthCurve climbing =
                        GrowthCurve.quick(start, CLIMBED_BY.value() - standstill(), CLIMBED_TO.value(), full);
                yield List.of(climbing.atRate(rate), slowWood(extent, end));
            }
        };
    }

    private GrowthCurve slowWood(Extent extent, ToDoubleFunction<Interval> end) {
        double atTen = end.applyAsDouble(extent.atTen());
        double ultimate = plant.get(extent.ultimate()).map(end::applyAsDouble).orElseGet(() -> atTen * usualGain());
        return GrowthCurve.woody(extent.start(), 10 - standstill(), atTen, ultimate)
                .atRate(rate);
    }

    /** Years for which little is to be seen (D7): they put off growth of every kind. */
    private double standstill() {
        return Math.min(
                LONGEST_STANDSTILL.value(), plant.get(Traits.SLOW_START_YEARS).orElse(0.0));
    }

    private double usualGain() {
        Growth growth = plant.get(Traits.GROWTH).orElse(Growth.MEDIUM);
        return switch (growth) {
            case SLOW -> GrowthNumber.GAIN_SLOW.value();
            case MEDIUM -> GrowthNumber.GAIN_MEDIUM.value();
            case FAST -> GrowthNumber.GAIN_FAST.value();
        };
    }
}
