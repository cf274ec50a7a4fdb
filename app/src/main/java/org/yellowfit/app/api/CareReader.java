package org.yellowfit.app.api;

import java.time.LocalDate;
import java.time.MonthDay;
import java.time.format.DateTimeParseException;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.yellowfit.app.catalogue.CatalogueStore;
import org.yellowfit.core.care.CarePlace;
import org.yellowfit.core.care.ToCareFor;
import org.yellowfit.core.climate.Frosts;
import org.yellowfit.core.climate.HardinessZone;
import org.yellowfit.core.climate.Seasons;
import org.yellowfit.core.fit.SiteConditions;
import org.yellowfit.core.fit.SiteReader;
import org.yellowfit.core.measure.InputReader;
import org.yellowfit.core.measure.Numbers;
import org.yellowfit.core.measure.Problem;
import org.yellowfit.core.measure.Refused;
import org.yellowfit.core.measure.Words;
import org.yellowfit.core.season.GrowingPlace;

/** Reads what the calendar of care is asked for. */
final class CareReader {

    private static final int MOST_PLANTS = 500;
    private static final int MOST_YEARS = 30;
    private static final int MONTHS = 12;
    private static final double MOST_RAIN_MM = 3000;
    private static final double MOST_DEGREE_DAYS = 1500;
    private static final int EARLIEST_YEAR = 1950;
    private static final int LATEST_YEAR = 2200;
    private static final int COMMON_YEAR = 2001;
    private static final double HALF_YEAR = Seasons.DAYS / 2.0;

    private final Map<String, Object> body;
    private final CatalogueStore store;
    private final List<Problem> problems;
    private final InputReader in;

    CareReader(Map<String, Object> body, CatalogueStore store, List<Problem> problems) {
        this.body = body;
        this.store = store;
        this.problems = problems;
        in = new InputReader(body, "", problems);
    }

    CarePlace place() {
        Map<String, Object> values = Json.member(body, "site", problems);
        SiteConditions site = SiteReader.site(values, "site.", problems);
        InputReader own = new InputReader(values, "site.", problems);
        boolean south = site.season().isSouth();
        Optional<HardinessZone> zone = Optional.ofNullable(site.winter().zone());
        Frosts usual = Frosts.estimate(zone, site.season().latitude());
        Frosts.Days spring = frost(own, "lastSpringFrost", south, 1, usual.spring());
        Frosts.Days autumn = frost(own, "firstAutumnFrost", south, Seasons.DAYS, autumnTold(site, south, usual));
        boolean estimated = spring == usual.spring() || autumn == usual.autumn();
        double[] warmth = months(own, "degreeDaysByMonth", MOST_DEGREE_DAYS, "degree days");
        double[] rain = months(own, "rainMmByMonth", MOST_RAIN_MM, "mm");
        Frosts frosts = new Frosts(spring, autumn, estimated);
        Seasons seasons = Seasons.told(zone, south, frosts, warmth);
        GrowingPlace growing = site.growingPlace().withSeasons(seasons);
        return new CarePlace(
                growing,
                frosts,
                rain,
                CarePlace.soilOf(site.soil().texture()),
                site.soil().moisture(),
                Boolean.TRUE.equals(site.soil().container()),
                site.room().containerL());
    }

    private static Frosts.Days autumnTold(SiteConditions site, boolean south, Frosts usual) {
        LocalDate first = site.season().firstFrost();
        return first == null ? usual.autumn() : Frosts.usually(northern(first.getDayOfYear(), south, Seasons.DAYS));
    }

    private Frosts.Days frost(InputReader own, String field, boolean south, double nearEnd, Frosts.Days otherwise) {
        InputReader days = own.nested(field, "An object is expected here, like {\"p50\": \"04-21\"}.");
        if (days == null) {
            return otherwise;
        }
        Double early = day(days, "p10", south, nearEnd);
        Double middle = day(days, "p50", south, nearEnd);
        Double late = day(days, "p90", south, nearEnd);
        if (middle == null) {
            if (early != null || late != null) {
                days.problem("p50", "The day by which half of the years have had it is needed.");
            }
            return otherwise;
        }
        Frosts.Days usual = Frosts.usually(middle);
        double from = early == null ? usual.early() : early;
        double to = late == null ? usual.late() : late;
        if (!(from <= middle && middle <= to)) {
            days.problem("p50", "The days by which 10, 50 and 90 % of the years had their frost must ascend.");
            return otherwise;
        }
        return new Frosts.Days(from, middle, to);
    }

    private static Double day(InputReader days, String field, boolean south, double nearEnd) {
        return days.text(
                field, text -> northern(monthDay(text).atYear(COMMON_YEAR).getDayOfYear(), south, nearEnd));
    }

    private static MonthDay monthDay(String text) {
        try {
            return MonthDay.parse(text.length() == "MM-DD".length() ? "--" + text : text);
        } catch (DateTimeParseException e) {
            throw new Refused("“%s” is not a day of the year; write it like 04-21.", Words.shorten(text));
        }
    }

    /** A spring frost of late December lies before the year begins, an autumn frost of January after it ends. */
    private static double northern(int dayOfYear, boolean south, double nearEnd) {
        double day = south ? dayOfYear - HALF_YEAR + (dayOfYear < HALF_YEAR ? Seasons.DAYS : 0) : dayOfYear;
        if (nearEnd <= 1) {
            return day > HALF_YEAR + 60 ? day - Seasons.DAYS : day;
        }
        return day < HALF_YEAR - 60 ? day + Seasons.DAYS : day;
    }

    private static double[] months(InputReader own, String field, double most, String unit) {
        List<Double> values = own.list(field, text -> {
            double value = Numbers.parse(text);
            if (!(value >= 0 && value <= most)) {
                throw new Refused("%s is out of range; expected 0 to %s %s.", text, Math.round(most), unit);
            }
            return value;
        });
        if (values == null) {
            return null;
        }
        if (values.size() != MONTHS) {
            own.problem(field, "Twelve numbers are needed, January first.");
            return null;
        }
        return values.stream().mapToDouble(each -> each).toArray();
    }

    LocalDate plantingDate() {
        LocalDate date = in.date("plantingDate");
        boolean told = problems.stream().anyMatch(problem -> problem.field().equals("plantingDate"));
        if (date == null && !told) {
            in.problem("plantingDate", "The day of planting is needed, like 2027-04-20.");
        } else if (date != null && (date.getYear() < EARLIEST_YEAR || date.getYear() > LATEST_YEAR)) {
            in.problem(
                    "plantingDate",
                    "%s is out of range; expected %s to %s.",
                    date,
                    String.valueOf(EARLIEST_YEAR),
                    String.valueOf(LATEST_YEAR));
        }
        return date;
    }

    int years() {
        Double years = in.number("years", 1, MOST_YEARS, "years");
        if (years != null && years != Math.rint(years)) {
            in.problem("years", "The years must be a whole number from 1 to %s.", MOST_YEARS);
        }
        return years == null ? 2 : (int) Math.round(years);
    }

    List<ToCareFor> plants() {
        List<ToCareFor> plants = PlantsRead.of(body, store, problems, MOST_PLANTS);
        if (plants.isEmpty() && problems.isEmpty()) {
            in.problem("plants", "Name at least one plant.");
        }
        return plants;
    }
}
