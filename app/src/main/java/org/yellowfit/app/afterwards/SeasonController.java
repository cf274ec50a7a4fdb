package org.yellowfit.app.afterwards;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.yellowfit.app.catalogue.CatalogueStore;
import org.yellowfit.app.catalogue.OwnRecords;
import org.yellowfit.app.records.RecordRow;
import org.yellowfit.app.records.Records;
import org.yellowfit.app.records.TakingsBack;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.growth.PlantGrowth;
import org.yellowfit.core.measure.UnitSystem;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.records.LossCause;

/** What was sold and how it did, a year at a time. */
@Controller
class SeasonController {

    /** So many times its promised height, or as few, is predicted wrongly. */
    private static final double WRONG = 1.4;

    record LossRow(String id, String plant, String cause, String place, String date) {}

    /** @param instead what was taken in its place, in words; empty for none */
    record BackRow(String id, String plant, int plants, String cause, String instead, String note) {}

    record CauseRow(String cause, int lost) {}

    record WrongRow(String id, String plant, String place, String promised, String measured) {}

    record AdviceRow(String id, String plant, List<String> told) {}

    private final Records records;
    private final CatalogueStore catalogue;
    private final OwnRecords learnt;
    private final TakingsBack back;

    SeasonController(Records records, CatalogueStore catalogue, OwnRecords learnt, TakingsBack back) {
        this.back = back;
        this.records = records;
        this.catalogue = catalogue;
        this.learnt = learnt;
    }

    @GetMapping("/season")
    String show(@RequestParam(defaultValue = "") String year, Model model) {
        List<RecordRow> all = records.all().stream().map(Records.Kept::row).toList();
        TreeSet<Integer> years =
                all.stream().map(row -> row.date().getYear()).collect(Collectors.toCollection(TreeSet::new));
        int shown = year.matches("\\d{4}") && years.contains(Integer.valueOf(year))
                ? Integer.parseInt(year)
                : years.isEmpty() ? 0 : years.last();
        List<RecordRow> rows =
                all.stream().filter(row -> row.date().getYear() == shown).toList();
        List<RecordRow> lost =
                rows.stream().filter(row -> Boolean.FALSE.equals(row.alive())).toList();
        model.addAttribute("years", years.descendingSet());
        model.addAttribute("year", shown);
        model.addAttribute("looked", rows.size());
        model.addAttribute("lived", rows.size() - lost.size());
        model.addAttribute("lost", lost.stream().map(this::loss).toList());
        model.addAttribute("causes", causes(lost));
        model.addAttribute("back", back.inYear(shown).stream().map(this::back).toList());
        model.addAttribute("wrong", wrong(rows));
        model.addAttribute("advice", advice(rows));
        return "afterwards/season";
    }

    private BackRow back(TakingsBack.Back each) {
        return new BackRow(
                each.plant(),
                name(each.plant()),
                each.plants(),
                each.cause() == null ? "" : Sentences.label(each.cause()),
                each.instead() == null ? "" : Sentences.say("back.instead", name(each.instead())),
                each.note());
    }

    private LossRow loss(RecordRow row) {
        return new LossRow(
                row.plant(),
                name(row.plant()),
                row.cause() == null ? Sentences.label(LossCause.UNKNOWN) : Sentences.label(row.cause()),
                row.place(),
                Sentences.date("date.short", row.date()));
    }

    private static List<CauseRow> causes(List<RecordRow> lost) {
        Map<LossCause, Integer> counts = new EnumMap<>(LossCause.class);
        lost.forEach(row -> counts.merge(row.cause() == null ? LossCause.UNKNOWN : row.cause(), 1, Integer::sum));
        return counts.entrySet().stream()
                .sorted(Map.Entry.<LossCause, Integer>comparingByValue().reversed())
                .map(each -> new CauseRow(Sentences.label(each.getKey()), each.getValue()))
                .toList();
    }

    /** Measured far from what the label promised for its age. */
    private List<WrongRow> wrong(List<RecordRow> rows) {
        Map<WrongRow, Double> far = new LinkedHashMap<>();
        for (RecordRow row : rows) {
            if (row.height() == null || row.age() == null || row.age() < 1) {
                continue;
            }
            catalogue.label(row.plant()).ifPresent(label -> {
                double promised = PlantGrowth.of(label).height(row.age()).mid();
                double ratio = row.height() / promised;
                if (ratio > WRONG || ratio < 1 / WRONG) {
                    far.put(
                            new WrongRow(
                                    row.plant(),
                                    label.name(),
                                    row.place(),
                                    UnitSystem.METRIC.length(promised),
                                    UnitSystem.METRIC.length(row.height())),
                            Math.abs(Math.log(ratio)));
                }
            });
        }
        return far.entrySet().stream()
                .sorted(Map.Entry.<WrongRow, Double>comparingByValue(Comparator.reverseOrder()))
                .map(Map.Entry::getKey)
                .toList();
    }

    /** Plants of which our records say something else than the label. */
    private List<AdviceRow> advice(List<RecordRow> rows) {
        List<AdviceRow> advice = new ArrayList<>();
        rows.stream().map(RecordRow::plant).distinct().forEach(plant -> {
            List<String> told = learnt.news(plant);
            if (!told.isEmpty()) {
                advice.add(new AdviceRow(plant, name(plant), told));
            }
        });
        return advice;
    }

    private String name(String plant) {
        return catalogue.find(plant).map(Cultivar::name).orElse(plant);
    }
}
