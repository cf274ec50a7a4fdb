package org.yellowfit.app.climate;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.climate.ClimateSummary;
import org.yellowfit.core.climate.HardinessZone;
import org.yellowfit.core.climate.Quantiles;
import org.yellowfit.core.measure.UnitSystem;

/** What a record says, in sentences with their numbers. */
public final class ClimateWords {

    private ClimateWords() {}

    public static List<String> of(ClimateSummary climate, UnitSystem units) {
        List<String> told = new ArrayList<>();
        climate.zone().ifPresent(zone -> told.add(zone(climate, zone, units)));
        if (climate.coldestDate() != null) {
            told.add(Sentences.say(
                    "climate.coldest",
                    units.temperature(climate.coldestC()),
                    Sentences.date("date.full", climate.coldestDate())));
        }
        frosts(climate, told);
        if (!Double.isNaN(climate.hottestMonthMeanMaxC())) {
            told.add(Sentences.say(
                    climate.hotSummer() ? "climate.hot" : "climate.not-hot",
                    units.temperature(climate.hottestMonthMeanMaxC())));
        }
        buds(climate, told);
        if (!Double.isNaN(climate.yearlyRainMm())) {
            told.add(Sentences.say("climate.rain", units.rain(climate.yearlyRainMm())));
        }
        return told;
    }

    private static String zone(ClimateSummary climate, HardinessZone zone, UnitSystem units) {
        List<String> others = climate.likelyZones().stream()
                .filter(each -> !each.equals(zone))
                .map(HardinessZone::label)
                .toList();
        return Sentences.say(
                "climate.zone",
                zone.label(),
                climate.wintersUsed(),
                units.temperature(climate.meanWinterLowC()),
                Double.isNaN(climate.standardErrorC())
                        ? ""
                        : Sentences.say("climate.zone.certain", units.temperatureDifference(climate.standardErrorC())),
                others.isEmpty() ? "." : Sentences.say("climate.zone.others", String.join(Sentences.say("or"), others)),
                climate.isShort() ? Sentences.say("climate.zone.short") : "");
    }

    private static void frosts(ClimateSummary climate, List<String> told) {
        if (climate.lastSpringFrost().p50().isPresent()) {
            told.add(Sentences.say(
                    "climate.last-frost",
                    day(climate.lastSpringFrost().p50()),
                    day(climate.lastSpringFrost().p90())));
        }
        if (climate.firstAutumnFrost().p50().isPresent()) {
            told.add(Sentences.say(
                    "climate.first-frost",
                    day(climate.firstAutumnFrost().p10()),
                    day(climate.firstAutumnFrost().p50())));
        }
        climate.frostFreeDays().p50().ifPresent(days -> told.add(Sentences.say("climate.growing-days", (int) days)));
    }

    private static void buds(ClimateSummary climate, List<String> told) {
        double chance = climate.springFrosts().lossChance(USUAL_BUD_BREAK);
        if (!Double.isNaN(chance)) {
            told.add(Sentences.say("climate.buds", (int) USUAL_BUD_BREAK, chances(chance)));
        }
    }

    /** “in 3 springs of 10”. */
    static String chances(double share) {
        long tenths = Math.round(share * 10);
        if (share == 0) {
            return Sentences.say("climate.springs.none");
        }
        return switch ((int) tenths) {
            case 0 -> Sentences.say("climate.springs.few");
            case 10 -> Sentences.say("climate.springs.nearly-all");
            default -> Sentences.say("climate.springs", tenths);
        };
    }

    /** Degree days by which the buds of summer-flowering shrubs on old wood have broken. */
    public static final double USUAL_BUD_BREAK = org.yellowfit.core.climate.BudBreak.USUAL_DEGREE_DAYS;

    /** A day of the year as people write it; “no date” when a record has none. */
    public static String day(OptionalDouble dayOfYear) {
        return date(dayOfYear)
                .map(day -> Sentences.date("date.day", day))
                .orElseGet(() -> Sentences.say("climate.no-date"));
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
}
