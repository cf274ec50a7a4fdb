package org.yellowfit.core.growth;

import org.yellowfit.core.measure.Interval;
import org.yellowfit.core.measure.Refused;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Growth;
import org.yellowfit.core.plant.Trait;
import org.yellowfit.core.plant.Traits;

/**
 * A cultivar's height, height in flower and spread by its age (rule D1). Woody plants keep growing; herbaceous clumps
 * fill out
 * in about three years; annuals do it all in one season.
 */
public final class PlantGrowth {

    /** Height of a plant as it leaves the shop when no pot is named, m (D1). */
    public static final double WOODY_START_M = 0.3;

    public static final double OTHER_START_M = 0.15;
    /** Growth at half the hours of sun a plant does best in (B7). */
    static final double RATE_AT_HALF_SUN = 0.7;

    private static final double LEAST_RATE = 0.4;
    private static final double LONGEST_STANDSTILL = 8;

    private final Cultivar plant;
    /** Height as it leaves the shop, m. */
    private final double startM;
    /** Bought at a height somebody named: it is kept, even where the curve would have it smaller. */
    private final boolean bought;

    private final double rate;

    private PlantGrowth(Cultivar plant, double startM, boolean bought, double rate) {
        this.plant = plant;
        this.startM = startM;
        this.bought = bought;
        this.rate = rate;
    }

    public static PlantGrowth of(Cultivar plant) {
        return new PlantGrowth(plant, plant.isWoody() ? WOODY_START_M : OTHER_START_M, false, 1);
    }

    /** The same plant bought at another height, m. */
    public PlantGrowth fromPot(double heightM) {
        if (!(heightM > 0 && heightM <= 20)) {
            throw new Refused("The height of the potted plant must be above 0 and at most 20 m.");
        }
        return new PlantGrowth(plant, heightM, true, rate);
    }

    /** The same plant in so many hours of direct sun: less than it does best in slows it (B7). */
    public PlantGrowth inSun(double hours) {
        if (!(hours >= 0 && hours <= 24)) {
            throw new Refused("Hours of sun must lie between 0 and 24.");
        }
        double best = plant.get(Traits.SUN_FLOWER)
                .or(() -> plant.get(Traits.SUN_LIVE))
                .orElse(0.0);
        double missing = best <= 0 ? 0 : Math.max(0, 1 - hours / best);
        return new PlantGrowth(plant, startM, bought, Math.max(LEAST_RATE, 1 - missing * (1 - RATE_AT_HALF_SUN) / 0.5));
    }

    public Grown height(double years) {
        return grown(plant.height10(), Traits.HEIGHT_MAX, startM, years);
    }

    public Grown spread(double years) {
        return grown(plant.spread10(), Traits.SPREAD_MAX, startSpreadM(), years);
    }

    /** Height with the flowers on; the height in leaf when the two do not differ, or the flowers stand lower. */
    public Grown heightInFlower(double years) {
        return height(years).times(flowerFactor());
    }

    /** First year in which the usual height passes the limit; infinite when it never does. */
    public double yearsToHeight(double limitM) {
        return yearsTo(plant.height10(), Traits.HEIGHT_MAX, startM, limitM / flowerFactor());
    }

    public double yearsToSpread(double limitM) {
        return yearsTo(plant.spread10(), Traits.SPREAD_MAX, startSpreadM(), limitM);
    }

    /** The spread of its habit at the height it is bought at, at most that at ten years (D1). */
    private double startSpreadM() {
        double spread = plant.spread10().mid();
        return Math.min(spread, startM * spread / plant.height10().mid());
    }

    /** Years for which little is to be seen (D7). */
    private double standstill() {
        return plant.isWoody()
                ? Math.min(
                        LONGEST_STANDSTILL, plant.get(Traits.SLOW_START_YEARS).orElse(0.0))
                : 0;
    }

    private double flowerFactor() {
        return plant.get(Traits.FLOWER_HEIGHT)
                .map(flower -> Math.max(1, flower.mid() / plant.height10().mid()))
                .orElse(1.0);
    }

    private double yearsTo(Interval atTen, Trait<Interval> ultimate, double start, double limitM) {
        if (plant.isAnnual()) {
            return atTen.mid() > limitM ? 0 : Double.POSITIVE_INFINITY;
        }
        if (bought && start > limitM) {
            return 0;
        }
        double years = curve(start, atTen.mid(), ultimateOf(ultimate, atTen, Interval::mid))
                .yearsTo(limitM);
        return years > 0 ? years + standstill() : 0;
    }

    private Grown grown(Interval atTen, Trait<Interval> ultimate, double start, double years) {
        double low = size(start, atTen.low(), ultimateOf(ultimate, atTen, Interval::low), years);
        double high = size(start, atTen.high(), ultimateOf(ultimate, atTen, Interval::high), years);
        double mid = size(start, atTen.mid(), ultimateOf(ultimate, atTen, Interval::mid), years);
        double least = Math.min(low, high);
        double most = Math.max(low, high);
        return new Grown(least, Math.max(least, Math.min(most, mid)), most);
    }

    private double size(double start, double atTen, double ultimate, double years) {
        if (plant.isAnnual()) {
            return atTen;
        }
        double grown = curve(start, atTen, ultimate).at(Math.max(0, years - standstill()));
        return bought ? Math.max(start, grown) : grown;
    }

    private GrowthCurve curve(double start, double atTen, double ultimate) {
        GrowthCurve curve = plant.isWoody()
                ? GrowthCurve.woody(start, 10 - standstill(), atTen, ultimate)
                : GrowthCurve.clump(start, atTen);
        return curve.atRate(rate);
    }

    private double ultimateOf(
            Trait<Interval> trait, Interval atTen, java.util.function.ToDoubleFunction<Interval> end) {
        return plant.get(trait).map(end::applyAsDouble).orElseGet(() -> end.applyAsDouble(atTen) * usualGain());
    }

    /**
     * How far woody plants outgrow their ten-year size where no ultimate size is known: our estimate, told in
     * docs/rules.md.
     */
    private double usualGain() {
        Growth growth = plant.get(Traits.GROWTH).orElse(Growth.MEDIUM);
        return switch (growth) {
            case SLOW -> 1.6;
            case MEDIUM -> 1.4;
            case FAST -> 1.25;
        };
    }
}
