package org.yellowfit.app.takeaway;

import java.time.LocalDate;
import java.time.YearMonth;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.yellowfit.app.catalogue.CatalogueStore;
import org.yellowfit.app.drawing.CareBand;
import org.yellowfit.app.drawing.CutPicture;
import org.yellowfit.app.visit.Visit;
import org.yellowfit.app.web.Fragments;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.care.CareCalendar;
import org.yellowfit.core.care.CareTask;
import org.yellowfit.core.care.TaskKind;
import org.yellowfit.core.measure.Amount;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.measure.UnitSystem;
import org.yellowfit.core.measure.Words;

/** A calendar of care in words, for the screen, the handout and the link. */
@Component
class CarePages {

    private static final double HOUR = 60;
    private static final int TOLD_PLANTS = 4;

    /**
     * @param key    known by this where it is ticked off: its kind and which of its kind it is
     * @param sameAs tasks of other years that are done alike
     */
    record Task(
            String key,
            String sameAs,
            String what,
            String when,
            String minutes,
            List<String> text,
            String picture,
            String rules) {}

    record Month(String name, List<Task> tasks) {}

    record PlantHours(String name, String hours, int percent) {}

    record YearHours(int year, String all, String care, String water, String planting) {}

    record Page(
            String band,
            List<Month> months,
            List<YearHours> years,
            List<PlantHours> plants,
            String summary,
            List<String> notes,
            LocalDate planting,
            String plantingTold,
            boolean plantingKnown) {}

    private final CarePlans plans;
    private final Fragments fragments;
    private final CatalogueStore catalogue;

    CarePages(CarePlans plans, Fragments fragments, CatalogueStore catalogue) {
        this.fragments = fragments;
        this.catalogue = catalogue;
        this.plans = plans;
    }

    /** What a calendar hangs on; prices and the yard do not move it. */
    private record CareKey(UUID visit, long version, List<String> lines, long catalogue, LocalDate today) {}

    Page of(Visit visit, List<PlantLine> lines) {
        CareKey key = new CareKey(
                visit.id(),
                visit.version(),
                lines.stream().map(line -> line.id() + ":" + line.version()).toList(),
                catalogue.edition(),
                LocalDate.now());
        return fragments.once(key, () -> made(visit, lines));
    }

    private Page made(Visit visit, List<PlantLine> lines) {
        CarePlans.Plan plan = plans.of(visit, lines);
        CareCalendar calendar = plan.calendar();
        UnitSystem units = visit.units();
        List<PlantHours> plants = byPlant(calendar, lines, units);
        return new Page(
                CareBand.svg(calendar, plan.planting(), CarePlans.YEARS),
                months(calendar, units),
                years(calendar, plan.planting(), units),
                plants,
                summary(calendar, plants, units),
                Sentences.each(calendar.notes(), units),
                plan.planting(),
                Sentences.date("date.full", plan.planting()),
                plan.plantingTold());
    }

    private static List<Month> months(CareCalendar calendar, UnitSystem units) {
        Map<YearMonth, List<Task>> months = new LinkedHashMap<>();
        Map<TaskKind, Integer> seen = new EnumMap<>(TaskKind.class);
        for (CareTask task : calendar.tasks()) {
            int which = seen.merge(task.kind(), 1, Integer::sum);
            months.computeIfAbsent(YearMonth.from(task.from()), any -> new ArrayList<>())
                    .add(task(task, which, units));
        }
        return months.entrySet().stream()
                .map(each -> new Month(Sentences.date("date.month", each.getKey()), each.getValue()))
                .toList();
    }

    private static Task task(CareTask task, int which, UnitSystem units) {
        String picture = task.text().stream()
                .map(Fact::key)
                .map(CutPicture::svg)
                .filter(svg -> !svg.isEmpty())
                .findFirst()
                .orElse("");
        return new Task(
                Words.of(task.kind()) + "-" + which,
                Words.of(task.kind()) + "|"
                        + (task.kind() == TaskKind.WATER
                                ? task.from().getMonth()
                                : task.text().stream().map(Fact::key).toList())
                        + "|" + task.ids(),
                Sentences.label(task.kind()),
                Sentences.say(
                        "care.from-to",
                        Sentences.date("date.day-short", task.from()),
                        Sentences.date("date.day-short", task.to())),
                Sentences.say("care.about-minutes", duration(task.minutes(), units)),
                task.text().stream()
                        .map(fact -> Sentences.say(fewer(fact), units))
                        .toList(),
                picture,
                String.join(" ", task.rules()));
    }

    /** Where nearly everything is meant, not every name is said. */
    private static Fact fewer(Fact fact) {
        if (fact.values().isEmpty()
                || !(fact.values().get(0) instanceof List<?> names)
                || names.size() <= TOLD_PLANTS) {
            return fact;
        }
        List<Object> values = new ArrayList<>(fact.values());
        List<Object> told = new ArrayList<>(names.subList(0, TOLD_PLANTS - 1));
        told.add(Fact.of("care.and-more", names.size() - TOLD_PLANTS + 1));
        values.set(0, told);
        return new Fact(fact.key(), values);
    }

    private static String duration(double minutes, UnitSystem units) {
        return minutes < HOUR
                ? Sentences.say("care.minutes-long", (int) Math.round(minutes))
                : Sentences.amount(Amount.hours(minutes / HOUR), units);
    }

    private static List<YearHours> years(CareCalendar calendar, LocalDate planting, UnitSystem units) {
        List<YearHours> years = new ArrayList<>();
        for (int year = 0; year < calendar.minutesByYear().size(); year++) {
            LocalDate from = planting.plusYears(year);
            double water = minutes(calendar, from, TaskKind.WATER);
            double plant = minutes(calendar, from, TaskKind.PLANT) + minutes(calendar, from, TaskKind.STAKE);
            double all = calendar.minutesByYear().get(year);
            years.add(new YearHours(
                    year + 1,
                    duration(all, units),
                    duration(all - water - plant, units),
                    duration(water, units),
                    plant > 0 ? duration(plant, units) : ""));
        }
        return years;
    }

    private static double minutes(CareCalendar calendar, LocalDate from, TaskKind kind) {
        return calendar.tasks().stream()
                .filter(task -> task.kind() == kind
                        && !task.from().isBefore(from)
                        && task.from().isBefore(from.plusYears(1)))
                .mapToInt(CareTask::minutes)
                .sum();
    }

    private static List<PlantHours> byPlant(CareCalendar calendar, List<PlantLine> lines, UnitSystem units) {
        Map<String, Double> minutes = calendar.minutesByPlant();
        double all = minutes.values().stream().mapToDouble(each -> each).sum();
        return lines.stream()
                .map(PlantLine::plant)
                .filter(plant -> minutes.containsKey(plant.id()))
                .sorted(Comparator.comparingDouble(plant -> -minutes.get(plant.id())))
                .map(plant -> new PlantHours(
                        plant.name(),
                        duration(minutes.get(plant.id()) / CarePlans.YEARS, units),
                        all <= 0 ? 0 : (int) Math.round(minutes.get(plant.id()) / all * 100)))
                .toList();
    }

    private static String summary(CareCalendar calendar, List<PlantHours> plants, UnitSystem units) {
        if (plants.isEmpty()) {
            return "";
        }
        String hours = duration(calendar.minutesByYear().get(0), units);
        PlantHours most = plants.get(0);
        return plants.size() == 1
                ? Sentences.say("care.summary-one", hours)
                : Sentences.say("care.summary", hours, most.name(), String.valueOf(most.percent()));
    }
}
