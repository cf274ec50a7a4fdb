package org.yellowfit.app.records;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.yellowfit.app.catalogue.CatalogueStore;
import org.yellowfit.app.climate.Station;
import org.yellowfit.app.climate.Stations;
import org.yellowfit.app.visit.VisitFields;
import org.yellowfit.app.visit.Visits;
import org.yellowfit.core.climate.DailyRecord;
import org.yellowfit.core.climate.HardinessZone;
import org.yellowfit.core.climate.Winter;
import org.yellowfit.core.growth.PlantGrowth;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.PotSize;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.records.Estimate;
import org.yellowfit.core.records.HardinessCalibration;
import org.yellowfit.core.records.LossCause;
import org.yellowfit.core.records.LossRate;
import org.yellowfit.core.records.Opening;
import org.yellowfit.core.records.SizeCalibration;

/** Rows of records held against the label and the weather of their years (rules J3, J5, J6, J7). */
@Component
class Lessons {

    /** A plant is measured against its label from its first year on; before that it shows the nursery's work. */
    static final double LEAST_AGE = 1;

    private static final double DAYS_A_YEAR = 365.25;

    /** @param placesOf in how many places a plant was measured */
    record Sizes(SizeCalibration heights, SizeCalibration spreads, Map<String, Integer> placesOf) {}

    /** Where it grows: its days, and whether its year begins in July. */
    private record Weather(DailyRecord days, boolean south) {
        int seasonOf(LocalDate day) {
            return DailyRecord.yearOf(day, south).getYear();
        }
    }

    private final CatalogueStore catalogue;
    private final Stations stations;
    private final Visits visits;

    Lessons(CatalogueStore catalogue, Stations stations, Visits visits) {
        this.visits = visits;
        this.catalogue = catalogue;
        this.stations = stations;
    }

    /** J3. */
    Sizes sizes(List<Records.Kept> rows) {
        List<SizeCalibration.Observation> heights = new ArrayList<>();
        List<SizeCalibration.Observation> spreads = new ArrayList<>();
        Map<String, Set<String>> places = new LinkedHashMap<>();
        for (Records.Kept each : rows) {
            RecordRow row = each.row();
            Optional<Cultivar> label = catalogue.label(row.plant());
            if (label.isEmpty() || !isMeasured(row)) {
                continue;
            }
            PlantGrowth growth = growth(label.get(), row);
            if (row.height() != null) {
                heights.add(seen(row, growth.height(row.age()).mid(), row.height()));
                places.computeIfAbsent(row.plant(), any -> new HashSet<>()).add(row.place());
            }
            if (row.spread() != null) {
                spreads.add(seen(row, growth.spread(row.age()).mid(), row.spread()));
                places.computeIfAbsent(row.plant(), any -> new HashSet<>()).add(row.place());
            }
        }
        return new Sizes(
                SizeCalibration.of(heights),
                SizeCalibration.of(spreads),
                places.entrySet().stream()
                        .collect(Collectors.toMap(
                                Map.Entry::getKey, each -> each.getValue().size())));
    }

    static boolean isMeasured(RecordRow row) {
        return row.age() != null && row.age() >= LEAST_AGE && !row.isLoss();
    }

    private static SizeCalibration.Observation seen(RecordRow row, double predicted, double measured) {
        return new SizeCalibration.Observation(row.plant(), row.place(), predicted, measured);
    }

    /** By the label, from the pot it was bought in and in the sun it gets. */
    static PlantGrowth growth(Cultivar label, RecordRow row) {
        PlantGrowth growth = PlantGrowth.of(label);
        if (PotSize.heightM(label, row.pot()).isPresent()) {
            growth = growth.fromPot(PotSize.heightM(label, row.pot()).getAsDouble());
        }
        return row.sunHours() == null ? growth : growth.inSun(row.sunHours());
    }

    /** J7: first flowers by the warmth of their own year, as the usual station noted it. */
    Map<String, Opening> openings(List<Records.Kept> rows) {
        List<Opening.Seen> seen = new ArrayList<>();
        Map<Optional<UUID>, Optional<Weather>> byPlace = new HashMap<>();
        for (Records.Kept each : rows) {
            LocalDate day = each.row().firstBloom();
            if (day != null) {
                byPlace.computeIfAbsent(Optional.ofNullable(each.visitId()), this::weather)
                        .ifPresent(at -> at.days()
                                .degreeDaysBy(day, at.south())
                                .ifPresent(warm ->
                                        seen.add(new Opening.Seen(each.row().plant(), at.seasonOf(day), warm))));
            }
        }
        return Opening.of(seen);
    }

    /** How many days later than by its label each plant opened, on the mean of all that was noted; below 0 earlier. */
    Map<String, Double> lateness(List<Records.Kept> rows) {
        Map<String, List<Long>> days = new HashMap<>();
        for (Records.Kept each : rows) {
            LocalDate seen = each.row().firstBloom();
            if (seen != null) {
                catalogue
                        .label(each.row().plant())
                        .flatMap(label -> promisedBloom(label, each))
                        .ifPresent(promised -> days.computeIfAbsent(each.row().plant(), any -> new ArrayList<>())
                                .add(ChronoUnit.DAYS.between(promised, seen)));
            }
        }
        Map<String, Double> means = new HashMap<>();
        days.forEach((plant, of) -> means.put(
                plant, of.stream().mapToLong(Long::longValue).average().orElseThrow()));
        return means;
    }

    /** The day on which the label's warmth was reached in the year of a bloom that was noted. */
    Optional<LocalDate> promisedBloom(Cultivar label, Records.Kept kept) {
        Optional<Double> warmth = label.get(Traits.BLOOM_GDD);
        return warmth.isEmpty()
                ? Optional.empty()
                : weather(Optional.ofNullable(kept.visitId()))
                        .flatMap(at -> at.days()
                                .dayOfDegreeDays(warmth.get(), kept.row().firstBloom(), at.south()));
    }

    private Optional<Weather> weather(Optional<UUID> visitId) {
        return station(visitId)
                .flatMap(station -> stations.days(station.id())
                        .map(days -> new Weather(days, station.where().latitude() < 0)));
    }

    /** The one chosen for the place, or else the usual one. */
    private Optional<Station> station(Optional<UUID> visitId) {
        return stations.chosen(
                visitId.flatMap(visits::find).flatMap(visit -> visit.answers().get(VisitFields.STATION)));
    }

    /** J6: a place has a cause when something was lost to it there. */
    static Map<String, Map<LossCause, LossRate>> losses(List<Records.Kept> rows) {
        Map<LossCause, Set<String>> where = new EnumMap<>(LossCause.class);
        rows.stream()
                .map(Records.Kept::row)
                .filter(row -> row.isLoss() && row.cause() != null)
                .forEach(row -> where.computeIfAbsent(row.cause(), any -> new HashSet<>())
                        .add(row.place()));
        Map<String, Map<LossCause, LossRate>> losses = new LinkedHashMap<>();
        where.forEach((cause, places) -> {
            Map<String, Set<String>> stood = new LinkedHashMap<>();
            Map<String, Set<String>> lost = new LinkedHashMap<>();
            for (Records.Kept each : rows) {
                RecordRow row = each.row();
                if (places.contains(row.place())) {
                    stood.computeIfAbsent(row.plant(), any -> new HashSet<>()).add(row.place());
                    if (row.isLoss() && row.cause() == cause) {
                        lost.computeIfAbsent(row.plant(), any -> new HashSet<>())
                                .add(row.place());
                    }
                }
            }
            lost.forEach((plant, of) -> losses.computeIfAbsent(plant, any -> new EnumMap<>(LossCause.class))
                    .put(cause, new LossRate(stood.get(plant).size(), of.size())));
        });
        return losses;
    }

    /** J5: the winters each plant came through, and the one it died of, by the station of its place. */
    Map<String, Estimate> hardiness(List<Records.Kept> rows) {
        Map<String, List<HardinessCalibration.Winter>> seen = new LinkedHashMap<>();
        Map<List<String>, List<Records.Kept>> courses = rows.stream()
                .collect(Collectors.groupingBy(
                        kept -> List.of(kept.row().plant(), kept.row().place()),
                        LinkedHashMap::new,
                        Collectors.toList()));
        Map<Optional<UUID>, List<Winter>> byPlace = new HashMap<>();
        courses.values()
                .forEach(course -> catalogue
                        .label(course.get(0).row().plant())
                        .flatMap(plant -> plant.get(Traits.ZONE_MIN))
                        .ifPresent(coldest -> seen.computeIfAbsent(
                                        course.get(0).row().plant(), any -> new ArrayList<>())
                                .addAll(through(
                                        course.stream().map(Records.Kept::row).toList(),
                                        byPlace.computeIfAbsent(
                                                Optional.ofNullable(
                                                        course.get(0).visitId()),
                                                this::winters),
                                        coldest))));
        Map<String, Estimate> shifts = new LinkedHashMap<>();
        seen.forEach((plant, of) -> {
            if (!of.isEmpty()) {
                shifts.put(plant, HardinessCalibration.shift(of));
            }
        });
        return shifts;
    }

    private List<Winter> winters(Optional<UUID> visitId) {
        return station(visitId).map(station -> station.climate().winters()).orElse(List.of());
    }

    private static List<HardinessCalibration.Winter> through(
            List<RecordRow> course, List<Winter> winters, HardinessZone coldest) {
        List<RecordRow> inOrder =
                course.stream().sorted(Comparator.comparing(RecordRow::date)).toList();
        RecordRow first = inOrder.get(0);
        LocalDate from =
                first.age() == null ? first.date() : first.date().minusDays(Math.round(first.age() * DAYS_A_YEAR));
        List<HardinessCalibration.Winter> seen = new ArrayList<>();
        for (RecordRow row : inOrder) {
            LocalDate since = from;
            List<Winter> between = winters.stream()
                    .filter(winter -> winter.on() != null
                            && winter.on().isAfter(since)
                            && !winter.on().isAfter(row.date()))
                    .toList();
            for (int i = 0; i < between.size(); i++) {
                boolean last = i == between.size() - 1;
                boolean died = row.isLoss() && row.cause() == LossCause.WINTER && last;
                int half = HardinessZone.ofMeanLow(between.get(i).lowestC()).half();
                seen.add(new HardinessCalibration.Winter(half - coldest.half(), died));
            }
            if (row.isLoss()) {
                break;
            }
            from = row.date();
        }
        return seen;
    }
}
