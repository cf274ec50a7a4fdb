package org.yellowfit.app.visit;

import java.util.Optional;
import org.springframework.stereotype.Service;
import org.yellowfit.app.climate.Stations;
import org.yellowfit.core.climate.HardinessZone;
import org.yellowfit.core.climate.Seasons;
import org.yellowfit.core.fit.Question;
import org.yellowfit.core.fit.SiteConditions;
import org.yellowfit.core.season.GrowingPlace;

/** How plants look at a visit's place: by the seasons of its station, its zone and its sun. */
@Service
public class GrowingPlaces {

    private final Stations stations;

    GrowingPlaces(Stations stations) {
        this.stations = stations;
    }

    public GrowingPlace of(Visit visit) {
        return of(visit, visit.question());
    }

    /**
     * By the record of the station chosen, or else the seasons usual for the zone on that half of the earth.
     *
     * @param question the visit’s, or as it would be
     */
    public GrowingPlace of(Visit visit, Question question) {
        SiteConditions site = question.site();
        Optional<HardinessZone> zone = Optional.ofNullable(site.winter().zone());
        GrowingPlace usual = GrowingPlace.of(zone);
        GrowingPlace here = site.season().isSouth() ? usual.southern() : usual;
        return visit.answers()
                .get(VisitFields.STATION)
                .flatMap(stations::find)
                .map(station -> at(here, station.climate().seasons()))
                .orElse(here)
                .withSun(site.light().sunHours());
    }

    private static GrowingPlace at(GrowingPlace place, Seasons seasons) {
        return new GrowingPlace(place.zone(), seasons, place.sunHours());
    }
}
