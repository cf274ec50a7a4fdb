package org.yellowfit.core.care;

import java.time.LocalDate;
import java.time.Period;
import java.util.ArrayList;
import java.util.List;
import org.yellowfit.core.climate.Seasons;
import org.yellowfit.core.measure.Refused;

/**
 * The years looked at, from the day of planting on, each of twelve months; and the days of the northern year as dates in
 * them.
 */
record CareSpan(Seasons seasons, LocalDate start, int years) {

    static final int MOST_YEARS = 30;
    private static final int SOUTHERN_SHIFT = 183;

    CareSpan {
        if (!(years >= 1 && years <= MOST_YEARS)) {
            throw new Refused("The calendar covers 1 to %s years.", MOST_YEARS);
        }
    }

    LocalDate end() {
        return start.plusYears(years);
    }

    boolean holds(LocalDate day) {
        return !day.isBefore(start) && day.isBefore(end());
    }

    /** Which year of care a day lies in, from 0. */
    int yearOf(LocalDate day) {
        return Period.between(start, day).getYears();
    }

    /** @param northernDay may lie before the year's first day or after its last */
    LocalDate date(int northernYear, double northernDay) {
        LocalDate first = LocalDate.of(northernYear, 1, 1).plusDays(seasons.south() ? SOUTHERN_SHIFT : 0);
        return first.plusDays(Math.round(northernDay) - 1);
    }

    /** The day of the northern year a date stands for, 1–365. */
    int northernDay(LocalDate date) {
        return seasons.northernDay(date.getDayOfYear());
    }

    /** The northern year a date lies in. */
    int northernYear(LocalDate date) {
        return seasons.south() ? date.minusDays(SOUTHERN_SHIFT).getYear() : date.getYear();
    }

    /** Every year's time from one day of the northern year to another, of those that begin within the span. */
    List<Window> each(double fromDay, double toDay) {
        List<Window> each = new ArrayList<>();
        for (int year = start.getYear() - 2; year <= end().getYear() + 1; year++) {
            Window window = new Window(date(year, fromDay), date(year, Math.max(fromDay, toDay)));
            if (holds(window.from())) {
                each.add(window);
            }
        }
        return each;
    }
}
