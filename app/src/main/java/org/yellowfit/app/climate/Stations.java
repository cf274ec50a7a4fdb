package org.yellowfit.app.climate;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.yellowfit.app.people.Trail;
import org.yellowfit.core.climate.ClimateSummary;
import org.yellowfit.core.climate.DailyRecord;
import org.yellowfit.core.climate.StationFile;
import org.yellowfit.core.light.Location;
import org.yellowfit.core.measure.InvalidInput;
import org.yellowfit.core.measure.UnusableFile;

/**
 * The stations: kept as they were brought in, read once into what they say. A record is never changed, only replaced.
 */
@Service
public class Stations {

    private static final int LONGEST_NAME = 120;

    private final StationRepository stations;
    private final Trail trail;
    private final Map<UUID, ClimateSummary> read = new ConcurrentHashMap<>();
    private final Map<UUID, DailyRecord> days = new ConcurrentHashMap<>();

    Stations(StationRepository stations, Trail trail) {
        this.trail = trail;
        this.stations = stations;
    }

    @Transactional(readOnly = true)
    public List<Station> all() {
        return stations.findAllByOrderByNameAscIdAsc().stream()
                .map(this::station)
                .toList();
    }

    @Transactional(readOnly = true)
    public Optional<Station> find(UUID id) {
        return stations.findById(id).map(this::station);
    }

    /** The station that was chosen, or else the shop's usual one. */
    @Transactional(readOnly = true)
    public Optional<Station> chosen(Optional<UUID> id) {
        return id.flatMap(this::find).or(this::usual);
    }

    @Transactional(readOnly = true)
    public Optional<Station> usual() {
        return stations.findAllByOrderByNameAscIdAsc().stream()
                .filter(StationEntity::isUsual)
                .findFirst()
                .map(this::station);
    }

    /**
     * Takes a station in; the first one becomes the usual one.
     *
     * @throws InvalidInput for its name
     * @throws UnusableFile for its record
     */
    @Transactional
    public Station add(
            String name, Location where, Double elevationM, boolean madeUp, String csv, boolean fahrenheit, String by) {
        if (name.isBlank() || name.length() > LONGEST_NAME) {
            throw InvalidInput.at("name", "Give the station a name of at most %d characters.", LONGEST_NAME);
        }
        var record = StationFile.read(csv, fahrenheit);
        StationEntity entity = new StationEntity(
                name.strip(), where, elevationM, madeUp, fahrenheit ? CelsiusFile.of(record) : csv, by);
        stations.oneAtATime();
        entity.setUsual(stations.count() == 0);
        stations.save(entity);
        trail.note(Trail.Deed.STATION, entity.name());
        return station(entity);
    }

    @Transactional
    public void makeUsual(UUID id) {
        stations.oneAtATime();
        stations.findById(id).ifPresent(entity -> {
            stations.noneIsUsual();
            entity.setUsual(true);
            stations.saveAndFlush(entity);
            trail.note(Trail.Deed.STATION, entity.name());
        });
    }

    @Transactional
    public void remove(UUID id) {
        stations.findById(id).ifPresent(entity -> trail.note(Trail.Deed.STATION, entity.name()));
        stations.deleteById(id);
        read.remove(id);
        days.remove(id);
    }

    /** The record as CSV, °C and mm. */
    @Transactional(readOnly = true)
    public Optional<String> csv(UUID id) {
        return stations.findById(id).map(StationEntity::csv);
    }

    /** Its days, as they were noted. */
    @Transactional(readOnly = true)
    public Optional<DailyRecord> days(UUID id) {
        return stations.findById(id)
                .map(entity -> days.computeIfAbsent(id, any -> StationFile.read(entity.csv(), false)));
    }

    private Station station(StationEntity entity) {
        ClimateSummary climate = read.computeIfAbsent(
                entity.id(),
                id -> ClimateSummary.of(
                        StationFile.read(entity.csv(), false), entity.where().latitude()));
        return new Station(
                entity.id(),
                entity.name(),
                entity.where(),
                entity.elevationM(),
                entity.isMadeUp(),
                entity.isUsual(),
                climate);
    }
}
