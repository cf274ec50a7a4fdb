package org.yellowfit.app.place;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import org.yellowfit.app.climate.Station;
import org.yellowfit.app.visit.Edit;
import org.yellowfit.app.visit.Provenance;
import org.yellowfit.app.visit.VisitFields;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.climate.ClimateSummary;
import org.yellowfit.core.fit.SiteFields;

/** What a visit takes of a station: the site's zone, its summers, its frosts, and where the sun is reckoned from. */
public final class StationAnswers {

    private StationAnswers() {}

    public static Edit of(Station station) {
        ClimateSummary climate = station.climate();
        Provenance record = Provenance.computed(Sentences.say("from.record", station.name()));
        Edit edit = new Edit();
        climate.zone()
                .ifPresent(zone -> edit.set(
                        VisitFields.site(SiteFields.ZONE),
                        zone,
                        Provenance.computed(Sentences.say("from.winters", climate.wintersUsed(), station.name()))));
        edit.clear(VisitFields.site(SiteFields.MIN_TEMP));
        edit.set(VisitFields.site(SiteFields.HOT_SUMMER), climate.hotSummer(), record);
        climate.firstAutumnFrost()
                .p50()
                .ifPresent(day -> edit.set(VisitFields.site(SiteFields.FIRST_FROST), next((int) day), record));
        List<Double> springs =
                Arrays.stream(climate.springFrosts().degreeDays()).boxed().toList();
        edit.set(VisitFields.site(SiteFields.SPRING_FROSTS), springs.isEmpty() ? null : springs, record);
        return edit.set(VisitFields.STATION, station.id())
                .set(VisitFields.LATITUDE, station.where().latitude())
                .set(VisitFields.LONGITUDE, station.where().longitude())
                .set(VisitFields.UTC_OFFSET, station.where().utcOffsetHours());
    }

    /** The next date with this day of the year. */
    private static LocalDate next(int dayOfYear) {
        LocalDate today = LocalDate.now();
        LocalDate date = LocalDate.ofYearDay(today.getYear(), 1).plusDays((dayOfYear - 1) % 365);
        return date.isAfter(today) ? date : date.plusYears(1);
    }
}
