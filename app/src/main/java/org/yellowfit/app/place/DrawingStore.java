package org.yellowfit.app.place;

import java.time.Year;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.yellowfit.app.climate.Station;
import org.yellowfit.app.climate.Stations;
import org.yellowfit.app.visit.Answers;
import org.yellowfit.app.visit.Visit;
import org.yellowfit.core.climate.Seasons;
import org.yellowfit.core.light.Whereabouts;
import org.yellowfit.core.measure.InputReader;
import org.yellowfit.core.measure.InvalidInput;
import org.yellowfit.core.measure.Numbers;
import org.yellowfit.core.measure.Problem;
import org.yellowfit.core.site.Drawing;
import org.yellowfit.core.site.Feature;
import org.yellowfit.core.site.FeatureReader;
import tools.jackson.databind.json.JsonMapper;

/**
 * Between the answers of a visit, where each thing drawn is one answer as GeoJSON, and the drawing the core studies.
 */
@Service
public class DrawingStore {

    private static final int LONGEST_FEATURE = 12_000;
    private static final int MIDDLE_OF_MONTH = 15;

    private final Stations stations;
    private final JsonMapper json;

    DrawingStore(Stations stations, JsonMapper json) {
        this.stations = stations;
        this.json = json;
    }

    /**
     * Where the place lies: as the visit says, or where the shop's usual station stands; empty when neither is known.
     */
    public Optional<Whereabouts> where(Visit visit) {
        if (!visit.at("latitude").isEmpty() && !visit.at("longitude").isEmpty()) {
            double longitude = Numbers.parse(visit.at("longitude"));
            double offset =
                    visit.at("utcOffset").isEmpty() ? Math.rint(longitude / 15) : Numbers.parse(visit.at("utcOffset"));
            return Optional.of(new Whereabouts(Numbers.parse(visit.at("latitude")), longitude, offset));
        }
        return stations.usual().map(Station::where);
    }

    /** The drawing as it is kept; empty when nothing is drawn, or it is not known where the place lies. */
    public Optional<Drawing> drawing(Visit visit) {
        Optional<Whereabouts> where = where(visit);
        if (visit.drawn().isEmpty() || where.isEmpty()) {
            return Optional.empty();
        }
        List<Problem> problems = new ArrayList<>();
        List<Feature> features = FeatureReader.read(features(visit), where.get().isSouth(), problems);
        if (!problems.isEmpty()) {
            throw new IllegalStateException("A drawing was saved unchecked: " + problems);
        }
        double north = visit.at("north").isEmpty() ? 0 : Numbers.parse(visit.at("north"));
        int year = visit.at("drawnIn").isEmpty() ? Year.now().getValue() : Integer.parseInt(visit.at("drawnIn"));
        return Optional.of(new Drawing(features, where.get(), north, year));
    }

    /** The things drawn in the plain form of GeoJSON. */
    List<Object> features(Visit visit) {
        List<Object> features = new ArrayList<>();
        visit.drawn().forEach((id, text) -> features.add(json.readValue(text, Object.class)));
        return features;
    }

    /**
     * The answers that a drawing stands for, those of things taken out blank.
     *
     * @throws InvalidInput with every problem by thing and field
     */
    public Map<String, String> answers(List<?> features, Map<String, ?> at, Visit visit) {
        List<Problem> problems = new ArrayList<>();
        Map<String, String> answers = at(at, problems);
        Whereabouts where = new Whereabouts(
                number(
                        answers,
                        "latitude",
                        where(visit).map(Whereabouts::latitude).orElse(45.0)),
                number(answers, "longitude", 0),
                0);
        List<Feature> read = FeatureReader.read(features, where.isSouth(), problems);
        if (!problems.isEmpty()) {
            throw new InvalidInput(problems);
        }
        Drawing.checked(read, where, 0, Year.now().getValue());
        visit.drawn().keySet().forEach(id -> answers.put(Answers.DRAW + id, ""));
        for (int i = 0; i < read.size(); i++) {
            String text = json.writeValueAsString(kept(features.get(i), read.get(i)));
            if (text.length() > LONGEST_FEATURE) {
                problems.add(new Problem(read.get(i).id(), "This outline is too long to be kept."));
            }
            answers.put(Answers.DRAW + read.get(i).id(), text);
        }
        if (!problems.isEmpty()) {
            throw new InvalidInput(problems);
        }
        return answers;
    }

    /** A feature in one form: its id, its geometry, and the properties that are known here. */
    private static Map<String, Object> kept(Object given, Feature feature) {
        Map<?, ?> map = (Map<?, ?>) given;
        Map<String, Object> kept = new LinkedHashMap<>();
        kept.put("type", "Feature");
        kept.put("id", feature.id());
        kept.put("properties", map.get("properties"));
        kept.put("geometry", map.get("geometry"));
        return kept;
    }

    private static Map<String, String> at(Map<String, ?> at, List<Problem> problems) {
        InputReader in = new InputReader(at, "at.", problems);
        Map<String, String> answers = new HashMap<>();
        put(answers, "latitude", in.number("latitude", -90, 90, "degrees"));
        put(answers, "longitude", in.number("longitude", -180, 180, "degrees"));
        put(answers, "utcOffset", in.number("utcOffset", -14, 14, "hours"));
        put(answers, "north", in.number("north", -360, 360, "degrees"));
        put(answers, "drawnIn", in.number("drawnIn", 1900, 2200, ""));
        return answers;
    }

    private static void put(Map<String, String> answers, String field, Double value) {
        answers.put(Answers.AT + field, value == null ? "" : Numbers.write(value));
    }

    private static double number(Map<String, String> answers, String field, double otherwise) {
        String text = answers.getOrDefault(Answers.AT + field, "");
        return text.isEmpty() ? otherwise : Numbers.parse(text);
    }

    /**
     * The months over which the growing season's mean is taken: by the station's frosts, or those usual for the zone.
     */
    public List<Integer> seasonMonths(Visit visit) {
        Optional<Station> station = stations.named(visit.at("station"));
        if (station.isPresent()
                && (!visit.at("station").isEmpty() || visit.site("zone").isEmpty())) {
            return station.get().climate().frostFreeMonths();
        }
        Seasons usual = Seasons.usualFor(
                Optional.ofNullable(visit.question().site().winter().zone()));
        boolean south = where(visit).map(Whereabouts::isSouth).orElse(false);
        List<Integer> months = new ArrayList<>();
        for (int month = 1; month <= 12; month++) {
            int day = (month - 1) * Seasons.DAYS / 12 + MIDDLE_OF_MONTH;
            int northern = south ? Math.floorMod(day - 1 + Seasons.DAYS / 2, Seasons.DAYS) + 1 : day;
            if (northern > usual.lastFrostDay() && northern < usual.firstFrostDay()) {
                months.add(month);
            }
        }
        return months.isEmpty() ? List.of(south ? 1 : 7) : months;
    }
}
