package org.yellowfit.app.place;

import java.time.Year;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.yellowfit.app.climate.Station;
import org.yellowfit.app.climate.Stations;
import org.yellowfit.app.visit.Answers;
import org.yellowfit.app.visit.Edit;
import org.yellowfit.app.visit.Visit;
import org.yellowfit.app.visit.VisitField;
import org.yellowfit.app.visit.VisitFields;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.climate.Seasons;
import org.yellowfit.core.fit.SiteFields;
import org.yellowfit.core.light.Location;
import org.yellowfit.core.measure.InputReader;
import org.yellowfit.core.measure.InvalidInput;
import org.yellowfit.core.measure.Problem;
import org.yellowfit.core.site.Drawing;
import org.yellowfit.core.site.Feature;
import org.yellowfit.core.site.FeatureReader;
import org.yellowfit.core.site.FeatureWriter;

/**
 * Between the answers of a visit, where each thing drawn is one answer, and the drawing the core studies.
 */
@Service
public class DrawingStore {

    static final List<VisitField<Double>> POSITION = List.of(
            VisitFields.LATITUDE,
            VisitFields.LONGITUDE,
            VisitFields.UTC_OFFSET,
            VisitFields.NORTH,
            VisitFields.DRAWN_IN);
    /** Outlines are checked without it mattering where they lie. */
    private static final Location ANYWHERE = new Location(45, 0, 0);

    private static final double DEGREES_AN_HOUR = 15;

    private final Stations stations;

    DrawingStore(Stations stations) {
        this.stations = stations;
    }

    /**
     * Where the place lies: as the visit says, or where the shop's usual station stands; empty when neither is known.
     */
    public Optional<Location> where(Visit visit) {
        Answers answers = visit.answers();
        Optional<Double> latitude = answers.get(VisitFields.LATITUDE);
        Optional<Double> longitude = answers.get(VisitFields.LONGITUDE);
        if (latitude.isPresent() && longitude.isPresent()) {
            double usualOffset = Math.rint(longitude.get() / DEGREES_AN_HOUR);
            return Optional.of(
                    new Location(latitude.get(), longitude.get(), answers.get(VisitFields.UTC_OFFSET, usualOffset)));
        }
        return stations.usual().map(Station::where);
    }

    /** The drawing as it is kept; empty when nothing is drawn, or it is not known where the place lies. */
    public Optional<Drawing> drawing(Visit visit) {
        List<Feature> features = visit.drawn().stream().map(DrawingStore::named).toList();
        return features.isEmpty()
                ? Optional.empty()
                : where(visit)
                        .map(where -> new Drawing(
                                features, where, visit.answers().get(VisitFields.NORTH, 0.0), drawnIn(visit)));
    }

    /** What has no name of its own is called by its kind, in the shop's language. */
    private static Feature named(Feature feature) {
        return feature.name().isBlank() ? feature.withName(Sentences.label(feature.kind())) : feature;
    }

    static int drawnIn(Visit visit) {
        return visit.answers()
                .get(VisitFields.DRAWN_IN)
                .map(year -> (int) Math.round(year))
                .orElseGet(() -> Year.now().getValue());
    }

    /** The things drawn in the plain form of GeoJSON. */
    static List<Object> geoJson(Visit visit) {
        return visit.drawn().stream().<Object>map(FeatureWriter::write).toList();
    }

    /**
     * The edit that a drawing as it now stands makes; things that are not in it any more are taken out.
     *
     * @param features in the plain form of GeoJSON
     * @param at       latitude, longitude, utcOffset, north, drawnIn; what is missing becomes unknown
     * @throws InvalidInput with every problem by thing and field
     */
    public Edit edit(List<?> features, Map<String, ?> at, Visit visit) {
        List<Problem> problems = new ArrayList<>();
        Edit edit = new Edit();
        InputReader in = new InputReader(at, "at.", problems);
        POSITION.forEach(field -> edit.set(field, field.field().read(in)));
        List<Feature> read = FeatureReader.read(features, problems);
        if (!problems.isEmpty()) {
            throw new InvalidInput(problems);
        }
        Drawing.checked(read, ANYWHERE, 0, Year.now().getValue());
        visit.drawn().forEach(thing -> edit.clear(VisitFields.drawn(thing.id())));
        read.forEach(thing -> edit.set(VisitFields.drawn(thing.id()), thing));
        return edit;
    }

    /**
     * The months over which the growing season's mean is taken: by the station's frosts, or those usual for the zone.
     */
    public List<Integer> seasonMonths(Visit visit) {
        Optional<UUID> chosen = visit.answers().get(VisitFields.STATION);
        Optional<Station> station = stations.chosen(chosen);
        if (station.isPresent()
                && (chosen.isPresent() || visit.site(SiteFields.ZONE).isEmpty())) {
            return station.get().climate().frostFreeMonths();
        }
        Seasons usual = Seasons.usualFor(
                Optional.ofNullable(visit.question().site().winter().zone()));
        boolean south = where(visit).map(Location::isSouth).orElse(false);
        return (south ? usual.southern() : usual).growingMonths();
    }
}
