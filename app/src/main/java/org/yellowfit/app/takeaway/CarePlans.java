package org.yellowfit.app.takeaway;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import org.yellowfit.app.climate.Station;
import org.yellowfit.app.climate.Stations;
import org.yellowfit.app.visit.GrowingPlaces;
import org.yellowfit.app.visit.Visit;
import org.yellowfit.app.visit.VisitFields;
import org.yellowfit.core.care.CareCalendar;
import org.yellowfit.core.care.CarePlace;
import org.yellowfit.core.care.ToCareFor;
import org.yellowfit.core.climate.ClimateSummary;
import org.yellowfit.core.climate.Frosts;
import org.yellowfit.core.fit.SiteConditions;
import org.yellowfit.core.fit.SiteFields;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.plant.Use;
import org.yellowfit.core.serve.JobFields;
import org.yellowfit.core.serve.JobKind;

/** The calendar of a visit: its list, at its place, from its day of planting on. */
@Component
class CarePlans {

    static final int YEARS = 2;
    private static final int DAYS_AFTER_FROST = 7;

    /** @param plantingTold whether somebody said when it is planted */
    record Plan(CareCalendar calendar, CarePlace place, LocalDate planting, boolean plantingTold) {}

    private final GrowingPlaces growingPlaces;
    private final Stations stations;

    CarePlans(GrowingPlaces growingPlaces, Stations stations) {
        this.growingPlaces = growingPlaces;
        this.stations = stations;
    }

    Plan of(Visit visit, List<PlantLine> lines) {
        CarePlace place = place(visit);
        Optional<LocalDate> told = visit.answers().get(VisitFields.site(SiteFields.PLANTING_DATE));
        LocalDate planting = told.orElseGet(() -> usualPlanting(place));
        return new Plan(
                CareCalendar.of(place, toCareFor(visit, lines), planting, YEARS), place, planting, told.isPresent());
    }

    private CarePlace place(Visit visit) {
        SiteConditions site = visit.question().site();
        Optional<ClimateSummary> climate =
                visit.answers().get(VisitFields.STATION).flatMap(stations::find).map(Station::climate);
        Frosts frosts = climate.map(ClimateSummary::frosts)
                .orElseGet(() -> Frosts.estimate(
                        Optional.ofNullable(site.winter().zone()), site.season().latitude()));
        return new CarePlace(
                growingPlaces.of(visit),
                frosts,
                climate.filter(ClimateSummary::rainIsKnown)
                        .map(ClimateSummary::rainMmByMonth)
                        .orElse(null),
                CarePlace.soilOf(site.soil().texture()),
                site.soil().moisture(),
                site.soil().isContainer(),
                site.room().containerL());
    }

    /** A week after the next last frost of spring, or today when that is just past. */
    private static LocalDate usualPlanting(CarePlace place) {
        LocalDate today = LocalDate.now();
        int day = (int) Math.max(1, Math.round(place.frosts().spring().middle())) + DAYS_AFTER_FROST;
        int northern = place.seasons().northernDay(today.getDayOfYear());
        int wait = Math.floorMod(day - northern, 365);
        return today.plusDays(wait);
    }

    private static List<ToCareFor> toCareFor(Visit visit, List<PlantLine> lines) {
        boolean clipped = visit.wants().jobs().stream()
                .anyMatch(job -> job.kind() == JobKind.HEDGE && job.get(JobFields.CLIPPED, false));
        List<ToCareFor> plants = new ArrayList<>();
        for (PlantLine line : lines) {
            boolean hedge = clipped
                    && line.plant()
                            .get(Traits.USES)
                            .filter(uses -> uses.contains(Use.HEDGE))
                            .isPresent();
            for (Map.Entry<String, Integer> pot : line.byPot().entrySet()) {
                plants.add(new ToCareFor(line.plant(), pot.getValue(), pot.getKey(), hedge));
            }
        }
        return plants;
    }
}
