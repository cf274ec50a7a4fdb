package org.yellowfit.core.climate;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.measure.Numbers;

/**
 * What a station's daily record says of its climate (rules A1, A7, A8, A9, B3). South of the equator the year is turned
 * by half: a
 * winter runs from January to December.
 *
 * @param winters            every winter of the record, oldest first
 * @param lastSpringFrost    day of the year, 1–366; {@code firstAutumnFrost} likewise; days south of the equator as well
 * @param frostFreeDays      whole days between the last spring and the first autumn frost
 * @param degreeDaysByMonth  each month's own, January first, base 5 °C
 * @param hottestMonthMeanMaxC mean highest temperature of the hottest month, °C; NaN when not known
 * @param hotSummer          mean July (January) maximum of 32 °C or more (B3)
 * @param rainMmByMonth      usual rain of each month, January first, mm; NaN where it was not noted
 * @param frostDays          each counted year's last spring and first autumn frost, for pictures
 */
public record ClimateSummary(
        boolean south,
        LocalDate first,
        LocalDate last,
        List<Winter> winters,
        double meanWinterLowC,
        double standardErrorC,
        int wintersUsed,
        double coldestC,
        LocalDate coldestDate,
        Quantiles lastSpringFrost,
        Quantiles firstAutumnFrost,
        Quantiles frostFreeDays,
        double[] degreeDaysByMonth,
        double hottestMonthMeanMaxC,
        boolean hotSummer,
        double[] rainMmByMonth,
        SpringFrosts springFrosts,
        List<FrostYear> frostDays,
        List<Fact> warnings) {

    /** Fewer winters than these do not settle a zone (A1). */
    public static final int ENOUGH_WINTERS = 10;

    public static final double HOT_SUMMER_C = 32;

    /**
     * The frosts of one growing season.
     *
     * @param lastSpring  day of the season's first year; −∞ when spring had none
     * @param firstAutumn day of the season's first year, past 366 when it lies in the next; +∞ when autumn had none
     */
    public record FrostYear(int year, double lastSpring, double firstAutumn) {}

    /** @param latitude north positive; decides which half of the year is winter */
    public static ClimateSummary of(DailyRecord record, double latitude) {
        return new ClimateReading(record, latitude < 0).summary();
    }

    /** Usual rain of a year, mm; NaN when it was not noted in each month. */
    public double yearlyRainMm() {
        return Arrays.stream(rainMmByMonth).sum();
    }

    public boolean rainIsKnown() {
        return !Double.isNaN(yearlyRainMm());
    }

    /** The zone of the mean winter low; empty without a complete winter. */
    public Optional<HardinessZone> zone() {
        return wintersUsed == 0 ? Optional.empty() : Optional.of(HardinessZone.ofMeanLow(meanWinterLowC));
    }

    /** The zones the mean may lie in by its standard error, coldest first: one when it is certain. */
    public List<HardinessZone> likelyZones() {
        if (wintersUsed == 0) {
            return List.of();
        }
        double error = Double.isNaN(standardErrorC) ? 0 : standardErrorC;
        int coldest = HardinessZone.ofMeanLow(meanWinterLowC - error).half();
        int warmest = HardinessZone.ofMeanLow(meanWinterLowC + error).half();
        List<HardinessZone> zones = new ArrayList<>();
        for (int half = coldest; half <= warmest; half++) {
            zones.add(new HardinessZone(half));
        }
        return zones;
    }

    public boolean isShort() {
        return wintersUsed < ENOUGH_WINTERS;
    }

    /** The frosts of this place, in days of the northern year; one that never comes stands at that year's end. */
    public Frosts frosts() {
        return new Frosts(frosts(lastSpringFrost, 1), frosts(firstAutumnFrost, Seasons.DAYS), false);
    }

    private Frosts.Days frosts(Quantiles quantiles, double never) {
        double middle = northern(quantiles.p50(), never);
        return new Frosts.Days(
                Math.min(middle, northern(quantiles.p10(), middle)),
                middle,
                Math.max(middle, northern(quantiles.p90(), middle)));
    }

    private double northern(OptionalDouble day, double never) {
        double at = day.orElse(Double.NaN) - (south ? Seasons.DAYS / 2 : 0);
        return Double.isNaN(at) ? never : at;
    }

    /** The seasons of this place for everything that follows the year: bloom, leaves, degree days. */
    public Seasons seasons() {
        return Seasons.ofRecord(this);
    }

    /**
     * Months, 1–12, whose middle lies between the median frosts: the growing season; all of them where it never
     * freezes.
     */
    public List<Integer> frostFreeMonths() {
        return seasons().growingMonths();
    }

    static String degrees(double celsius) {
        return Numbers.rounded(celsius, 1).replace('-', '−') + " °C";
    }

    static Winter coldest(List<Winter> winters) {
        return winters.stream()
                .filter(winter -> winter.on() != null)
                .min(Comparator.comparingDouble(Winter::lowestC))
                .orElse(null);
    }
}
