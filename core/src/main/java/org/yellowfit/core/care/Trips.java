package org.yellowfit.core.care;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import org.yellowfit.core.measure.Fact;

/** Chores of one kind in the same fortnight are one trip (rule I9). */
final class Trips {

    private static final int FORTNIGHT = 14;
    /** Between these days of the northern year birds may nest. */
    private static final int NESTS_FROM = 60;

    private static final int NESTS_TO = 240;

    private final CareSpan span;

    Trips(CareSpan span) {
        this.span = span;
    }

    List<CareTask> of(List<Chore> chores) {
        Map<TaskKind, List<Chore>> byKind = new LinkedHashMap<>();
        chores.stream()
                .sorted(Comparator.comparing(chore -> chore.window().from()))
                .forEach(chore -> byKind.computeIfAbsent(chore.kind(), any -> new ArrayList<>())
                        .add(chore));
        List<CareTask> tasks = new ArrayList<>();
        byKind.values().forEach(same -> tasks.addAll(grouped(same)));
        return tasks;
    }

    /** Each trip begins when the last of its chores may, and ends before the first must have been done. */
    private List<CareTask> grouped(List<Chore> sameKind) {
        List<CareTask> tasks = new ArrayList<>();
        List<Chore> left = new ArrayList<>(sameKind);
        while (!left.isEmpty()) {
            Chore first = left.remove(0);
            List<Chore> trip = new ArrayList<>(List.of(first));
            Window window = first.window();
            for (Chore next : List.copyOf(left)) {
                boolean near =
                        !next.window().from().isAfter(first.window().from().plusDays(FORTNIGHT));
                if (near && next.window().meets(window) && !has(trip, next)) {
                    window = window.within(next.window());
                    trip.add(next);
                    left.remove(next);
                }
            }
            tasks.add(task(trip, window));
        }
        return tasks;
    }

    private static boolean has(List<Chore> trip, Chore next) {
        return trip.stream().anyMatch(chore -> chore.plants() == next.plants());
    }

    private CareTask task(List<Chore> trip, Window window) {
        TaskKind kind = trip.get(0).kind();
        double minutes = trip.stream().mapToDouble(Chore::minutes).sum();
        List<CareTask.Part> parts = trip.stream()
                .map(chore -> new CareTask.Part(chore.plants(), chore.minutes()))
                .toList();
        LinkedHashSet<String> rules = new LinkedHashSet<>();
        trip.forEach(chore -> rules.add(chore.rule()));
        return new CareTask(
                window,
                kind,
                parts,
                (int) Math.round(CareCalendar.START_UP_MINUTES + minutes),
                text(trip, kind, window),
                List.copyOf(rules));
    }

    private List<Fact> text(List<Chore> trip, TaskKind kind, Window window) {
        Map<List<Object>, List<String>> names = new LinkedHashMap<>();
        for (Chore chore : trip) {
            List<Object> way = new ArrayList<>(List.of(chore.says()));
            way.addAll(chore.with());
            names.computeIfAbsent(way, any -> new ArrayList<>())
                    .add(chore.plants().plant().name());
        }
        List<Fact> text = new ArrayList<>();
        names.forEach((way, of) -> {
            List<Object> values = new ArrayList<>();
            values.add(of.stream().distinct().toList());
            values.addAll(way.subList(1, way.size()));
            text.add(new Fact("task." + way.get(0), values));
        });
        boolean woody = trip.stream().anyMatch(chore -> chore.plants().plant().isWoody());
        int day = span.northernDay(window.from());
        if (woody && (kind == TaskKind.CLIP || kind == TaskKind.PRUNE) && day >= NESTS_FROM && day <= NESTS_TO) {
            text.add(Fact.of("task.nests"));
        }
        return text;
    }
}
