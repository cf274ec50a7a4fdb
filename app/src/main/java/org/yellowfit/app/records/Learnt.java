package org.yellowfit.app.records;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.yellowfit.app.catalogue.CatalogueStore;
import org.yellowfit.app.catalogue.OwnRecords;
import org.yellowfit.app.shop.CurrentShop;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.climate.HardinessZone;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.measure.Numbers;
import org.yellowfit.core.measure.UnitSystem;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.records.Estimate;
import org.yellowfit.core.records.LossCause;
import org.yellowfit.core.records.LossRate;
import org.yellowfit.core.records.Opening;
import org.yellowfit.core.records.SizeCalibration;

/** What the shop's records teach: sizes, hardiness, losses; worked out anew when a record is added. */
@Service
class Learnt implements OwnRecords {

    /** A factor nearer to 1 than this is not worth a sentence. */
    private static final double AS_LABELLED = 0.05;
    /** Half-zones by which a plant has to differ from its label to be said to. */
    private static final double HALF_A_STEP = 0.5;

    /** Days by which first flowers have to differ from the label's to change what is said of them. */
    private static final int DAYS_WORTH_SAYING = 4;

    /** All of it at one state of the records. */
    record State(
            SizeCalibration heights,
            SizeCalibration spreads,
            Map<String, Estimate> byHeight,
            Map<String, Estimate> bySpread,
            Map<String, Estimate> places,
            Map<String, Integer> placesOf,
            Map<String, Map<LossCause, LossRate>> losses,
            Map<String, Estimate> hardiness,
            Map<String, Opening> openings,
            Map<String, Double> lateness) {}

    private record Kept(long shop, long records, long catalogue, State state) {}

    private final Records records;
    private final Lessons lessons;
    private final CatalogueStore catalogue;
    private final CurrentShop shop;
    private final TakingsBack back;
    private volatile Kept kept;

    Learnt(Records records, Lessons lessons, CatalogueStore catalogue, CurrentShop shop, TakingsBack back) {
        this.back = back;
        this.records = records;
        this.lessons = lessons;
        this.catalogue = catalogue;
        this.shop = shop;
    }

    State now() {
        long own = shop.id();
        long state = records.state();
        long edition = catalogue.edition();
        Kept last = kept;
        if (last == null || last.shop() != own || last.records() != state || last.catalogue() != edition) {
            last = new Kept(own, state, edition, worked(records.all()));
            kept = last;
        }
        return last.state();
    }

    private State worked(List<Records.Kept> rows) {
        Lessons.Sizes sizes = lessons.sizes(rows);
        return new State(
                sizes.heights(),
                sizes.spreads(),
                sizes.heights().plants(),
                sizes.spreads().plants(),
                sizes.heights().places(),
                sizes.placesOf(),
                Lessons.losses(rows),
                lessons.hardiness(rows),
                lessons.openings(rows),
                lessons.lateness(rows));
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
        opening(state.openings().get(plant), state.lateness().getOrDefault(plant, 0.0), newsOnly)
                .ifPresent(told::add);
        told.addAll(warnings(state.losses().getOrDefault(plant, Map.of())));
        BackWords.sentence(back.of(plant)).ifPresent(told::add);
        return told;
    }

    /** Hardier by so many half-zones than the label. */
    private static String zone(HardinessZone label, double shift) {
        int half = (int) Math.round(label.half() - shift);
        return new HardinessZone(Math.max(HardinessZone.COLDEST, Math.min(HardinessZone.WARMEST, half))).label();
    }

    private static Optional<String> opening(Opening opening, double late, boolean newsOnly) {
        long days = Math.round(late);
        if (opening == null || !opening.isEnough() || newsOnly && Math.abs(days) < DAYS_WORTH_SAYING) {
            return Optional.empty();
        }
        String how = "";
        if (days != 0) {
            how = days > 0 ? ".later" : ".earlier";
        }
        return Optional.of(Sentences.say(
                "record.opening" + how,
                Math.round(opening.degreeDays()),
                Math.round(opening.least()),
                Math.round(opening.most()),
                opening.seasons(),
                Fact.of("counted.days", (int) Math.abs(days))));
    }

    private static Optional<String> size(Estimate factor, String key, State state, String plant, boolean newsOnly) {
        if (factor == null) {
            return Optional.empty();
        }
        boolean asLabelled = Math.abs(factor.value() - 1) < AS_LABELLED;
        boolean maybeAsLabelled = factor.low() <= 1 && factor.high() >= 1;
        if (newsOnly && (asLabelled || maybeAsLabelled)) {
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
        back.worthSaying().stream()
                .collect(Collectors.groupingBy(TakingsBack.Back::plant))
                .forEach((plant, all) -> BackWords.sentence(all)
                        .ifPresent(told -> warnings.computeIfAbsent(plant, any -> new ArrayList<>())
                                .add(told)));
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
