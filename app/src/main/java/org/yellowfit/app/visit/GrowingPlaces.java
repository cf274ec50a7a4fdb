package org.yellowfit.app.visit;

import org.springframework.stereotype.Service;
import org.yellowfit.app.climate.Stations;
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
        return visit.answers()
                .get(VisitFields.STATION)
                .flatMap(stations::find)
                .map(station -> site.growingPlace(station.climate().seasons()))
                .orElseGet(site::growingPlace);
    }
}
