package org.yellowfit.core.care;

import java.time.LocalDate;
import java.time.YearMonth;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.yellowfit.core.measure.Amount;
import org.yellowfit.core.measure.Fact;
import org.yellowfit.core.plant.Traits;

/**
 * All that is done for a planting, dated for its place, in trips (rules I1 to I10).
 *
 * @param tasks         by the day they begin
 * @param minutesByYear of each year of twelve months from planting
 * @param litresByWeek  by the week's Monday; a week that asks for none is not in it
 * @param notes         what had to be estimated
 */
public record CareCalendar(
        List<CareTask> tasks, List<Integer> minutesByYear, Map<LocalDate, Double> litresByWeek, List<Fact> notes) {

    /** Of a trip, to get out, find the tools and put them back (I9). */
    public static final int START_UP_MINUTES = 10;

    private static final Comparator<CareTask> IN_ORDER =
            Comparator.comparing(CareTask::from).thenComparing(CareTask::kind).thenComparing(CareTask::to);

    public CareCalendar {
        tasks = List.copyOf(tasks);
        minutesByYear = List.copyOf(minutesByYear);
        notes = List.copyOf(notes);
    }

    /**
     * @param plantingDate the first day of the first year
     * @param years        1–30; a task belongs when it begins within them
     */
    public static CareCalendar of(CarePlace place, List<ToCareFor> plants, LocalDate plantingDate, int years) {
        CareSpan span = new CareSpan(place.seasons(), plantingDate, years);
        List<Chore> chores = new ArrayList<>();
        for (ToCareFor each : plants) {
            chores.addAll(ofOne(place, span, each));
        }
        List<CareTask> tasks = new ArrayList<>(new Trips(span).of(chores));
        Map<LocalDate, Double> litres = new TreeMap<>();
        tasks.addAll(watering(place, span, plants, litres));
        tasks.sort(IN_ORDER);
        return new CareCalendar(tasks, minutesByYear(tasks, span), litres, place.estimates());
    }

    /** Minutes of all years by plant, the time to start up shared by those a trip is for. */
    public Map<String, Double> minutesByPlant() {
        Map<String, Double> minutes = new LinkedHashMap<>();
        for (CareTask task : tasks) {
            double own =
                    task.parts().stream().mapToDouble(CareTask.Part::minutes).sum();
            double startUp = (task.minutes() - own) / task.parts().size();
            task.parts()
                    .forEach(part -> minutes.merge(part.plants().plant().id(), part.minutes() + startUp, Double::sum));
        }
        return minutes;
    }

    private static List<Chore> ofOne(CarePlace place, CareSpan span, ToCareFor plants) {
        List<Chore> chores = new ArrayList<>();
        chores.addAll(Settling.of(place, span, plants));
        chores.addAll(Cutting.of(place, span, plants));
        chores.addAll(Keeping.of(place, span, plants));
        LocalDate planted = Settling.planted(place, span, plants);
        chores.removeIf(chore -> chore.window().from().isBefore(planted));
        return sharingTheYear(chores, span, plants);
    }

    /** Spreads the minutes a plant takes in a year evenly over what is done to it in that year (I9). */
    private static List<Chore> sharingTheYear(List<Chore> chores, CareSpan span, ToCareFor plants) {
        double minutes =
                plants.count() * plants.plant().get(Traits.CARE_MIN_YEAR).orElse(0.0);
        List<Chore> shared = new ArrayList<>();
        for (int year = 0; year < span.years(); year++) {
            int of = year;
            List<Chore> ofYear = chores.stream()
                    .filter(chore -> span.yearOf(chore.window().from()) == of)
                    .toList();
            long shares = ofYear.stream()
                    .filter(chore -> chore.kind().sharesTheYear())
                    .count();
            boolean lookCarries = shares == 0;
            for (Chore chore : ofYear) {
                boolean carries = lookCarries
                        ? chore.equals(firstLook(ofYear))
                        : chore.kind().sharesTheYear();
                double share = carries ? minutes / Math.max(1, shares) : 0;
                shared.add(chore.taking(chore.minutes() + share));
            }
        }
        return shared;
    }

    private static Chore firstLook(List<Chore> ofYear) {
        return ofYear.stream()
                .filter(chore -> chore.kind() == TaskKind.CHECK)
                .findFirst()
                .orElse(null);
    }

    private static List<CareTask> watering(
            CarePlace place, CareSpan span, List<ToCareFor> plants, Map<LocalDate, Double> litres) {
        int all = plants.stream().mapToInt(ToCareFor::count).sum();
        Watering watering = new Watering(place, span, all);
        Map<YearMonth, Map<LocalDate, Double>> months = new TreeMap<>();
        Map<YearMonth, Map<ToCareFor, Double>> byPlant = new TreeMap<>();
        for (ToCareFor each : plants) {
            watering.weeks(each).forEach((monday, amount) -> {
                LocalDate day = monday.isBefore(span.start()) ? span.start() : monday;
                litres.merge(monday, amount, Double::sum);
                months.computeIfAbsent(YearMonth.from(day), any -> new TreeMap<>())
                        .merge(monday, amount, Double::sum);
                byPlant.computeIfAbsent(YearMonth.from(day), any -> new LinkedHashMap<>())
                        .merge(each, amount, Double::sum);
            });
        }
        List<CareTask> tasks = new ArrayList<>();
        months.forEach((month, weeks) -> tasks.add(monthOfWater(span, weeks, byPlant.get(month), place.container())));
        return tasks;
    }

    /** A month's watering: once a week, or what a pot drinks in its weeks. */
    private static CareTask monthOfWater(
            CareSpan span, Map<LocalDate, Double> weeks, Map<ToCareFor, Double> byPlant, boolean pots) {
        List<LocalDate> mondays = List.copyOf(weeks.keySet());
        LocalDate from = mondays.get(0).isBefore(span.start()) ? span.start() : mondays.get(0);
        Window window = new Window(from, mondays.get(mondays.size() - 1).plusDays(6));
        double all = weeks.values().stream().mapToDouble(each -> each).sum();
        double aWeek = all / weeks.size();
        List<CareTask.Part> parts = byPlant.entrySet().stream()
                .map(each -> new CareTask.Part(each.getKey(), each.getValue() / Watering.HOSE_L_PER_MIN))
                .toList();
        Fact text = Fact.of(
                pots ? "task.water.pots" : "task.water.week",
                byPlant.keySet().stream()
                        .map(each -> each.plant().name())
                        .distinct()
                        .toList(),
                Amount.litres(aWeek),
                Fact.of(
                        "task.water.cans",
                        (int) Math.ceil(aWeek / Watering.CAN_L - 1e-9),
                        Amount.litres(Watering.CAN_L)),
                Amount.litres(Watering.HOSE_L_PER_MIN),
                Fact.of("task.water.minutes", (int) Math.max(1, Math.round(aWeek / Watering.HOSE_L_PER_MIN))));
        int minutes = (int) Math.round(weeks.size() * START_UP_MINUTES + all / Watering.HOSE_L_PER_MIN);
        return new CareTask(window, TaskKind.WATER, parts, minutes, List.of(text), List.of("I8"));
    }

    private static List<Integer> minutesByYear(List<CareTask> tasks, CareSpan span) {
        Integer[] minutes = new Integer[span.years()];
        Arrays.fill(minutes, 0);
        tasks.forEach(task -> minutes[span.yearOf(task.from())] += task.minutes());
        return List.of(minutes);
    }
}
