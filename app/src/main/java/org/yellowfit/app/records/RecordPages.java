package org.yellowfit.app.records;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.yellowfit.app.catalogue.CatalogueStore;
import org.yellowfit.app.drawing.GrowthPicture;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.growth.PlantGrowth;
import org.yellowfit.core.measure.Numbers;
import org.yellowfit.core.measure.UnitSystem;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.records.Estimate;

/** Pages of records. */
@Component
class RecordPages {

    record PlantRow(String id, String name, int rows, String height, String spread, int lost) {}

    /** @param visitId that describes it; null where none does */
    record PlaceRow(long id, String name, boolean own, UUID visitId, int rows, String factor) {}

    record Row(
            long id,
            String place,
            boolean own,
            String date,
            String age,
            String told,
            String by,
            List<Long> photographs) {}

    record Page(
            String id,
            String botanical,
            String cultivar,
            String common,
            List<String> told,
            String heightPicture,
            String spreadPicture,
            List<Row> rows,
            List<BackRow> back) {}

    record BackRow(long id, String told, String by) {}

    private final Records records;
    private final Learnt learnt;
    private final Lessons lessons;
    private final TakingsBack back;
    private final CatalogueStore catalogue;

    RecordPages(Records records, Learnt learnt, Lessons lessons, TakingsBack back, CatalogueStore catalogue) {
        this.lessons = lessons;
        this.back = back;
        this.records = records;
        this.learnt = learnt;
        this.catalogue = catalogue;
    }

    List<PlantRow> plants() {
        Map<String, List<RecordRow>> byPlant = new LinkedHashMap<>();
        records.all()
                .forEach(kept -> byPlant.computeIfAbsent(kept.row().plant(), any -> new ArrayList<>())
                        .add(kept.row()));
        Learnt.State state = learnt.now();
        return byPlant.entrySet().stream()
                .map(each -> new PlantRow(
                        each.getKey(),
                        catalogue.find(each.getKey()).map(Cultivar::name).orElse(each.getKey()),
                        each.getValue().size(),
                        told(state.byHeight().get(each.getKey())),
                        told(state.bySpread().get(each.getKey())),
                        (int) each.getValue().stream().filter(RecordRow::isLoss).count()))
                .toList();
    }

    List<PlaceRow> places() {
        Map<String, Integer> rows = new LinkedHashMap<>();
        records.all().forEach(kept -> rows.merge(kept.row().place(), 1, Integer::sum));
        Learnt.State state = learnt.now();
        return records.places().stream()
                .map(place -> new PlaceRow(
                        place.id(),
                        place.name(),
                        place.own(),
                        place.visitId(),
                        rows.getOrDefault(place.name(), 0),
                        told(state.places().get(place.name()))))
                .toList();
    }

    private static String told(Estimate factor) {
        return factor == null
                ? "–"
                : Sentences.say(
                        "records.factor",
                        Numbers.rounded(factor.value(), 2),
                        Numbers.rounded(factor.low(), 2),
                        Numbers.rounded(factor.high(), 2));
    }

    Page of(Cultivar plant) {
        List<Records.Kept> rows = records.of(plant.id());
        Map<Long, List<Long>> photographs = records.photographs(plant.id());
        Learnt.State state = learnt.now();
        Cultivar label = catalogue.label(plant.id()).orElse(plant);
        PlantGrowth growth = PlantGrowth.of(label);
        UnitSystem units = UnitSystem.METRIC;
        return new Page(
                plant.id(),
                plant.botanical(),
                plant.get(Traits.CULTIVAR).orElse(""),
                plant.get(Traits.COMMON).orElse(""),
                learnt.told(plant.id(), units),
                GrowthPicture.svg(
                        growth::height,
                        state.byHeight().get(plant.id()),
                        dots(rows, true),
                        Sentences.say("picture.height-measured", plant.name()),
                        units),
                GrowthPicture.svg(
                        growth::spread,
                        state.bySpread().get(plant.id()),
                        dots(rows, false),
                        Sentences.say("picture.spread-measured", plant.name()),
                        units),
                rows.stream()
                        .map(kept -> row(kept, label, photographs.getOrDefault(kept.id(), List.of())))
                        .toList(),
                back.of(plant.id()).stream().map(this::back).toList());
    }

    private static List<GrowthPicture.Dot> dots(List<Records.Kept> rows, boolean height) {
        List<GrowthPicture.Dot> dots = new ArrayList<>();
        for (Records.Kept kept : rows) {
            Double metres = height ? kept.row().height() : kept.row().spread();
            if (metres != null && kept.row().age() != null) {
                dots.add(new GrowthPicture.Dot(
                        kept.row().age(),
                        metres,
                        kept.row().place() + ", " + kept.row().date()));
            }
        }
        return dots;
    }

    private BackRow back(TakingsBack.Back each) {
        String instead = each.instead() == null
                ? ""
                : catalogue.find(each.instead()).map(Cultivar::name).orElse(each.instead());
        return new BackRow(each.id(), BackWords.line(each, instead), each.by());
    }

    private Row row(Records.Kept kept, Cultivar label, List<Long> photographs) {
        RecordRow row = kept.row();
        List<String> told = new ArrayList<>();
        size(row.height(), "records.high").ifPresent(told::add);
        size(row.flowerHeight(), "records.high-in-flower").ifPresent(told::add);
        size(row.spread(), "records.wide").ifPresent(told::add);
        if (row.isLoss()) {
            told.add(
                    row.cause() == null
                            ? Sentences.say("records.dead")
                            : Sentences.say("records.dead-of", Sentences.label(row.cause())));
        }
        if (row.firstBloom() != null) {
            told.add(lessons.promisedBloom(label, kept)
                    .map(promised -> Sentences.say(
                            "records.first-bloom-promised",
                            Sentences.date("date.day", row.firstBloom()),
                            Sentences.date("date.day", promised)))
                    .orElseGet(
                            () -> Sentences.say("records.first-bloom", Sentences.date("date.day", row.firstBloom()))));
        }
        if (Boolean.TRUE.equals(row.browsed())) {
            told.add(Sentences.say("records.browsed"));
        }
        if (!row.note().isEmpty()) {
            told.add(row.note());
        }
        return new Row(
                kept.id(),
                row.place(),
                kept.ownPlace(),
                Sentences.date("date.short", row.date()),
                row.age() == null ? "" : Numbers.rounded(row.age(), 1),
                String.join("; ", told),
                kept.by(),
                photographs);
    }

    private static Optional<String> size(Double metres, String key) {
        return metres == null ? Optional.empty() : Optional.of(Sentences.say(key, UnitSystem.METRIC.length(metres)));
    }
}
