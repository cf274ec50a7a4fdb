package org.yellowfit.app.climate;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import org.yellowfit.core.climate.ClimateSummary;
import org.yellowfit.core.climate.HardinessZone;
import org.yellowfit.core.climate.Quantiles;
import org.yellowfit.core.measure.Numbers;
import org.yellowfit.core.measure.UnitSystem;

/** What a record says, in sentences with their numbers. */
public final class ClimateWords {

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMMM", Locale.ENGLISH);
    private static final DateTimeFormatter DATE = DateTimeFormatter.ofPattern("d MMMM uuuu", Locale.ENGLISH);

    private ClimateWords() {}

    public static List<String> of(ClimateSummary climate, UnitSystem units) {
        List<String> told = new ArrayList<>();
        climate.zone().ifPresent(zone -> told.add(zone(climate, zone, units)));
        if (climate.coldestDate() != null) {
            told.add("The coldest of the record was %s, on %s: one bad winter decides."
                    .formatted(units.temperature(climate.coldestC()), DATE.format(climate.coldestDate())));
        }
        frosts(climate, told);
        if (!Double.isNaN(climate.hottestMonthMeanMaxC())) {
            told.add("The hottest month’s days reach %s on average, so summers here %s."
                    .formatted(
                            units.temperature(climate.hottestMonthMeanMaxC()),
                            climate.hotSummer() ? "count as hot" : "do not count as hot"));
        }
        buds(climate, told);
        if (!Double.isNaN(climate.yearlyRainMm())) {
            told.add("Rain and snow come to %s a year."
                    .formatted(
                            units == UnitSystem.US
                                    ? Numbers.rounded(climate.yearlyRainMm() / 25.4, 0) + " inches"
                                    : Numbers.rounded(climate.yearlyRainMm(), 0) + " mm"));
        }
        return told;
    }

    private static String zone(ClimateSummary climate, HardinessZone zone, UnitSystem units) {
        String mean = "Zone %s: the lowest of %d winters lies at %s on average"
                .formatted(zone.label(), climate.wintersUsed(), units.temperature(climate.meanWinterLowC()));
        List<HardinessZone> likely = climate.likelyZones();
        String others = likely.stream()
                .filter(each -> !each.equals(zone))
                .map(HardinessZone::label)
                .collect(Collectors.joining(" or "));
        String certain = Double.isNaN(climate.standardErrorC())
                ? ""
                : ", give or take %s".formatted(difference(climate.standardErrorC(), units));
        return mean
                + certain
                + (others.isEmpty() ? "." : "; " + others + " is within that.")
                + (climate.isShort() ? " Fewer than ten winters do not settle a zone." : "");
    }

    private static void frosts(ClimateSummary climate, List<String> told) {
        if (climate.lastSpringFrost().p50().isPresent()) {
            told.add("Half of the springs have had their last frost by %s, nine in ten by %s."
                    .formatted(
                            day(climate.lastSpringFrost().p50()),
                            day(climate.lastSpringFrost().p90())));
        }
        if (climate.firstAutumnFrost().p50().isPresent()) {
            told.add("One autumn in ten has frost by %s, half of them by %s."
                    .formatted(
                            day(climate.firstAutumnFrost().p10()),
                            day(climate.firstAutumnFrost().p50())));
        }
        climate.frostFreeDays()
                .p50()
                .ifPresent(days ->
                        told.add("That leaves %d growing days without frost in the usual year.".formatted((int) days)));
    }

    private static void buds(ClimateSummary climate, List<String> told) {
        double chance = climate.springFrosts().lossChance(USUAL_BUD_BREAK);
        if (!Double.isNaN(chance)) {
            told.add("Flower buds on old wood that break at %d degree days are lost %s."
                    .formatted((int) USUAL_BUD_BREAK, chances(chance)));
        }
    }

    /** “in 3 springs of 10”. */
    static String chances(double share) {
        long tenths = Math.round(share * 10);
        return share == 0
                ? "in no spring of this record"
                : tenths == 0
                        ? "in fewer than 1 spring of 20"
                        : tenths == 10
                                ? "in nearly every spring"
                                : "in %d spring%s of 10".formatted(tenths, tenths == 1 ? "" : "s");
    }

    /** Degree days by which the buds of summer-flowering shrubs on old wood have broken. */
    public static final double USUAL_BUD_BREAK = org.yellowfit.core.climate.BudBreak.USUAL_DEGREE_DAYS;

    /** A day of the year as people write it; “no date” when a record has none. */
    public static String day(OptionalDouble dayOfYear) {
        return date(dayOfYear).map(DAY::format).orElse("no date");
    }

    /** In a year without a leap day; days past the year's end are of the next. */
    public static Optional<LocalDate> date(OptionalDouble dayOfYear) {
        return dayOfYear.isEmpty()
                ? Optional.empty()
                : Optional.of(LocalDate.ofYearDay(2001, (int) ((dayOfYear.getAsDouble() - 1) % 365) + 1));
    }

    static String dates(Quantiles quantiles) {
        return day(quantiles.p10()) + ", " + day(quantiles.p50()) + ", " + day(quantiles.p90());
    }

    private static String difference(double celsius, UnitSystem units) {
        return units == UnitSystem.US
                ? Numbers.rounded(celsius * 9 / 5, 1) + " °F"
                : Numbers.rounded(celsius, 1) + " °C";
    }
}
