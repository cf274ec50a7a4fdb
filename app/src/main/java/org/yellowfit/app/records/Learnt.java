package org.yellowfit.app.records;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.yellowfit.app.catalogue.CatalogueStore;
import org.yellowfit.app.catalogue.OwnRecords;
import org.yellowfit.app.climate.Station;
import org.yellowfit.app.climate.Stations;
import org.yellowfit.app.shop.CurrentShop;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.climate.HardinessZone;
import org.yellowfit.core.climate.Winter;
import org.yellowfit.core.growth.PlantGrowth;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.measure.Numbers;
import org.yellowfit.core.measure.UnitSystem;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.PotSize;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.records.Estimate;
import org.yellowfit.core.records.HardinessCalibration;
import org.yellowfit.core.records.LossCause;
import org.yellowfit.core.records.LossRate;
import org.yellowfit.core.records.SizeCalibration;

/** What the shop's records teach: sizes, hardiness, losses; worked out anew when a record is added. */
@Service
class Learnt implements OwnRecords {

    private static final double LEAST_AGE = 1;
    private static final double DAYS_A_YEAR = 365.25;
    /** A factor nearer to 1 than this is not worth a sentence. */
    private static final double AS_LABELLED = 0.05;
    /** Half-zones by which a plant has to differ from its label to be said to. */
    private static final double HALF_A_STEP = 0.5;

    /** All of it at one state of the records. */
    record State(
            SizeCalibration heights,
            SizeCalibration spreads,
            Map<String, Estimate> byHeight,
            Map<String, Estimate> bySpread,
            Map<String, Estimate> places,
            Map<String, Integer> placesOf,
            Map<String, Map<LossCause, LossRate>> losses,
            Map<String, Estimate> hardiness) {}

    private record Kept(long shop, long records, long catalogue, State state) {}

    private final Records records;
    private final CatalogueStore catalogue;
    private final Stations stations;
    private final CurrentShop shop;
    private volatile Kept kept;

    Learnt(Records records, CatalogueStore catalogue, Stations stations, CurrentShop shop) {
        this.records = records;
        this.catalogue = catalogue;
        this.stations = stations;
        this.shop = shop;
    }

    State now() {
        long own = shop.id();
        long state = records.state();
        long version = catalogue.version();
        Kept last = kept;
        if (last == null || last.shop() != own || last.records() != state || last.catalogue() != version) {
            last = new Kept(own, state, version, worked(records.all()));
            kept = last;
        }
        return last.state();
    }

    private State worked(List<Records.Kept> rows) {
        List<SizeCalibration.Observation> heights = new ArrayList<>();
        List<SizeCalibration.Observation> spreads = new ArrayList<>();
        Map<String, Set<String>> places = new LinkedHashMap<>();
        for (Records.Kept each : rows) {
            RecordRow row = each.row();
            Optional<Cultivar> label = catalogue.label(row.plant());
            boolean measured = row.age() != null && row.age() >= LEAST_AGE && !row.isLoss();
            if (label.isEmpty() || !measured) {
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
        SizeCalibration high = SizeCalibration.of(heights);
        SizeCalibration wide = SizeCalibration.of(spreads);
        return new State(
                high,
                wide,
                high.plants(),
                wide.plants(),
                high.places(),
                places.entrySet().stream()
                        .collect(Collectors.toMap(
                                Map.Entry::getKey, each -> each.getValue().size())),
                losses(rows),
                hardiness(rows));
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

    /** J6: a place has a cause when something was lost to it there. */
    private static Map<String, Map<LossCause, LossRate>> losses(List<Records.Kept> rows) {
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

    /** J5: the winters each plant came through, and the one it died of, by the shop's station. */
    private Map<String, Estimate> hardiness(List<Records.Kept> rows) {
        List<Winter> winters = stations.usual()
                .map(Station::climate)
                .map(climate -> climate.winters())
                .orElse(List.of());
        Map<String, List<HardinessCalibration.Winter>> seen = new LinkedHashMap<>();
        Map<List<String>, List<RecordRow>> courses = rows.stream()
                .map(Records.Kept::row)
                .collect(Collectors.groupingBy(
                        row -> List.of(row.plant(), row.place()), LinkedHashMap::new, Collectors.toList()));
        courses.values()
                .forEach(course -> catalogue
                        .label(course.get(0).plant())
                        .flatMap(plant -> plant.get(Traits.ZONE_MIN))
                        .ifPresent(coldest -> seen.computeIfAbsent(course.get(0).plant(), any -> new ArrayList<>())
                                .addAll(through(course, winters, coldest))));
        Map<String, Estimate> shifts = new LinkedHashMap<>();
        seen.forEach((plant, of) -> {
            if (!of.isEmpty()) {
                shifts.put(plant, HardinessCalibration.shift(of));
            }
        });
        return shifts;
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

    @Override
    public List<String> told(String plant, UnitSystem units) {
        return told(plant, false);
    }

    @Override
    public List<String> news(String plant) {
        return told(plant, true);
    }

    private List<String> told(String plant, boolean newsOnly) {
        State state = now();
        List<String> told = new ArrayList<>();
        size(state.byHeight().get(plant), "record.height", state, plant, newsOnly)
                .ifPresent(told::add);
        size(state.bySpread().get(plant), "record.spread", state, plant, newsOnly)
                .ifPresent(told::add);
        Estimate shift = state.hardiness().get(plant);
        Optional<HardinessZone> coldest = catalogue.label(plant).flatMap(label -> label.get(Traits.ZONE_MIN));
        if (shift != null && coldest.isPresent() && Math.abs(shift.value()) >= HALF_A_STEP) {
            told.add(Sentences.say(
                    "record.hardiness",
                    zone(coldest.get(), shift.value()),
                    zone(coldest.get(), shift.high()),
                    zone(coldest.get(), shift.low()),
                    String.valueOf(shift.n())));
        }
        told.addAll(warnings(state.losses().getOrDefault(plant, Map.of())));
        return told;
    }

    /** Hardier by so many half-zones than the label. */
    private static String zone(HardinessZone label, double shift) {
        int half = (int) Math.round(label.half() - shift);
        return new HardinessZone(Math.max(HardinessZone.COLDEST, Math.min(HardinessZone.WARMEST, half))).label();
    }

    private static Optional<String> size(Estimate factor, String key, State state, String plant, boolean newsOnly) {
        if (factor == null) {
            return Optional.empty();
        }
        boolean asLabelled = Math.abs(factor.value() - 1) < AS_LABELLED;
        if (asLabelled && newsOnly) {
            return Optional.empty();
        }
        return Optional.of(Sentences.say(
                asLabelled ? key + ".as-labelled" : key,
                Numbers.rounded(factor.value(), 2),
                Numbers.rounded(factor.low(), 2),
                Numbers.rounded(factor.high(), 2),
                Fact.of("record.measurements", factor.n()),
                Fact.of("record.places", state.placesOf().getOrDefault(plant, 1))));
    }

    @Override
    public Map<String, List<String>> losses() {
        Map<String, List<String>> warnings = new LinkedHashMap<>();
        now().losses().forEach((plant, rates) -> {
            List<String> told = warnings(rates);
            if (!told.isEmpty()) {
                warnings.put(plant, told);
            }
        });
        return warnings;
    }

    private static List<String> warnings(Map<LossCause, LossRate> rates) {
        List<String> warnings = new ArrayList<>();
        rates.forEach((cause, rate) -> {
            if (rate.warns()) {
                warnings.add(Sentences.say(
                        "record.lost",
                        String.valueOf(rate.lost()),
                        String.valueOf(rate.plants()),
                        Sentences.label(cause)));
            }
        });
        return warnings;
    }
}
