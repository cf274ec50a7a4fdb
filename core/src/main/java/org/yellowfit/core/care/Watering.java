package org.yellowfit.core.care;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.YearMonth;
import java.time.temporal.TemporalAdjusters;
import java.util.Map;
import java.util.TreeMap;
import org.yellowfit.core.climate.Seasons;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.plant.YesNo;

/**
 * Litres by the week (rules I8, C7, C8). In the first summer after planting a plant takes each week about as much as the
 * pot it came in holds, our estimate after the usual advice to wet the root ball through; half of that in the second; more
 * on sand, less on clay; less by the week's usual rain, nothing where that is enough. Pots that stay pots are watered every
 * year.
 */
final class Watering {

    /** A week of so much rain needs no watering, mm (I8). */
    static final double ENOUGH_MM = 25;
    /** Of a garden hose left running gently, l a minute; our figure, general for a tap at usual pressure. */
    static final double HOSE_L_PER_MIN = 15;

    static final double CAN_L = 10;

    /** A week so near to enough rain is left to it. */
    private static final double HARDLY_ANY = 0.1;

    private static final double LEAST_L = 0.5;
    private static final double SECOND_SUMMER = 0.5;
    private static final double LATER_SUMMERS = 0.5;
    private static final double ON_SAND = 1.3;
    private static final double ON_CLAY = 0.8;
    /** A pot loses about a tenth of its volume on a summer's day; our estimate. */
    private static final double POT_SHARE_A_WEEK = 0.7;

    private static final double COOL_WEEKS = 0.5;
    /** What is bought in a pot is set into one of twice its litres where nothing else is known. */
    private static final double POTTED_ON = 2;

    private static final double AUTUMN_PLANTING = 244;
    private static final double HIGH_SUMMER_FROM = 150;
    private static final double HIGH_SUMMER_TO = 245;
    private static final int BEFORE_LAST_FROST = 28;

    private final CarePlace place;
    private final CareSpan span;
    private final int allPlants;

    /** @param allPlants that share a pot, where the place is one */
    Watering(CarePlace place, CareSpan span, int allPlants) {
        this.place = place;
        this.span = span;
        this.allPlants = allPlants;
    }

    /** Litres of all plants of one kind in each week that asks for water, by its Monday. */
    Map<LocalDate, Double> weeks(ToCareFor plants) {
        LocalDate planted = Settling.planted(place, span, plants);
        Map<LocalDate, Double> weeks = new TreeMap<>();
        int first = firstSummer(planted);
        for (int year = first; year <= span.northernYear(span.end()); year++) {
            double early = year == first ? BEFORE_LAST_FROST : 0;
            LocalDate from = span.date(year, place.frosts().spring().middle() - early);
            LocalDate to = span.date(year, place.frosts().autumn().middle());
            LocalDate day = from.isAfter(planted) ? from : planted;
            while (day.isBefore(to) && day.isBefore(span.end())) {
                LocalDate monday = day.with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY));
                double litres = plants.count() * litres(plants, day, year - first);
                if (litres > 0) {
                    weeks.merge(monday, litres, Double::sum);
                }
                day = monday.plusWeeks(1);
            }
        }
        return weeks;
    }

    /** An autumn planting has its first summer in the year after (I8). */
    private int firstSummer(LocalDate planted) {
        int year = span.northernYear(planted);
        boolean autumn = span.northernDay(planted) >= place.seasons().dayHere(AUTUMN_PLANTING);
        return autumn && !place.container() ? year + 1 : year;
    }

    /** Litres of one plant in the week of a day. */
    private double litres(ToCareFor plants, LocalDate day, int summer) {
        if (place.container()) {
            double pot = place.containerL() == null
                    ? plants.potLitres() * POTTED_ON
                    : place.containerL() / Math.max(1, allPlants);
            return pot * POT_SHARE_A_WEEK * (isHighSummer(day) ? 1 : COOL_WEEKS);
        }
        double share = share(plants, day, summer);
        double missing = Math.max(0, 1 - place.rainOfWeekMm(YearMonth.from(day)) / ENOUGH_MM);
        return missing < HARDLY_ANY ? 0 : share * missing * soil() * Math.max(LEAST_L, plants.potLitres());
    }

    private double share(ToCareFor plants, LocalDate day, int summer) {
        if (plants.plant().isAnnual()) {
            return summer == 0 ? 1 : 0;
        }
        return switch (summer) {
            case 0 -> 1;
            case 1 -> SECOND_SUMMER;
            default -> isDrierThanItLikes(plants) && isHighSummer(day) ? LATER_SUMMERS : 0;
        };
    }

    /** C7: what lives through a drought is left to it once it is established. */
    private boolean isDrierThanItLikes(ToCareFor plants) {
        boolean standsDry = plants.plant().is(Traits.DROUGHT, YesNo.YES);
        return !standsDry
                && place.moisture() != null
                && plants.plant()
                        .get(Traits.MOISTURE)
                        .filter(range -> range.low() > place.moisture())
                        .isPresent();
    }

    private boolean isHighSummer(LocalDate day) {
        Seasons seasons = place.seasons();
        int northern = span.northernDay(day);
        return northern >= seasons.dayHere(HIGH_SUMMER_FROM) && northern < seasons.dayHere(HIGH_SUMMER_TO);
    }

    private double soil() {
        if (place.soil() == null) {
            return 1;
        }
        return switch (place.soil()) {
            case SAND -> ON_SAND;
            case LOAM -> 1;
            case CLAY -> ON_CLAY;
        };
    }
}
