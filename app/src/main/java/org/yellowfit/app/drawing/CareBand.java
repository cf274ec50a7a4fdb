package org.yellowfit.app.drawing;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.springframework.web.util.HtmlUtils;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.care.CareCalendar;
import org.yellowfit.core.care.CareTask;
import org.yellowfit.core.care.TaskKind;

/**
 * A calendar of care as a band: the months from planting on from left to right, a line for each kind of task, a bar for the
 * days on which it may be done; water as a curve of litres by the week.
 */
public final class CareBand {

    private static final double WIDTH = 1000;
    private static final double LEFT = 168;
    private static final double ROW = 24;
    private static final double TOP = 34;
    private static final double LEAST_BAR = 7;
    private static final double WATER_ROW = 46;

    private final StringBuilder out = new StringBuilder();
    private final LocalDate from;
    private final double days;

    private CareBand(LocalDate from, int years) {
        this.from = from;
        days = ChronoUnit.DAYS.between(from, from.plusYears(years));
    }

    /** @param years the calendar covers */
    public static String svg(CareCalendar calendar, LocalDate planting, int years) {
        return new CareBand(planting, years).drawn(calendar, planting, years);
    }

    private String drawn(CareCalendar calendar, LocalDate planting, int years) {
        Map<TaskKind, List<CareTask>> rows = new EnumMap<>(TaskKind.class);
        for (TaskKind kind : TaskKind.values()) {
            List<CareTask> of = calendar.tasks().stream()
                    .filter(task -> task.kind() == kind)
                    .toList();
            if (!of.isEmpty() && kind != TaskKind.WATER) {
                rows.put(kind, of);
            }
        }
        boolean water = !calendar.litresByWeek().isEmpty();
        double bottom = TOP + rows.size() * ROW + (water ? WATER_ROW : 0) + 6;
        months(planting, years, bottom);
        double y = TOP;
        for (Map.Entry<TaskKind, List<CareTask>> row : rows.entrySet()) {
            label(Sentences.label(row.getKey()), y + ROW * 0.68);
            for (CareTask task : row.getValue()) {
                bar(task, y);
            }
            y += ROW;
        }
        if (water) {
            water(calendar.litresByWeek(), y);
        }
        return String.format(
                        Locale.ROOT,
                        "<svg class=\"care-band\" viewBox=\"0 0 %.0f %.0f\" role=\"img\" aria-label=\"%s\">",
                        WIDTH,
                        bottom + 4,
                        escaped(Sentences.say("picture.care-band")))
                + out + "</svg>";
    }

    private double x(LocalDate day) {
        double share = ChronoUnit.DAYS.between(from, day) / days;
        return LEFT + Math.max(0, Math.min(1, share)) * (WIDTH - LEFT - 6);
    }

    private void months(LocalDate planting, int years, double bottom) {
        LocalDate first = planting.withDayOfMonth(1);
        for (int i = 0; i <= years * 12; i++) {
            LocalDate month = first.plusMonths(i);
            double left = x(month);
            double right = x(month.plusMonths(1));
            if (right - left < 8) {
                continue;
            }
            boolean summer = month.getMonthValue() % 2 == 0;
            put(
                    "<rect class=\"%s\" x=\"%.1f\" y=\"26\" width=\"%.1f\" height=\"%.1f\"/>",
                    summer ? "month even" : "month", left, right - left, bottom - 26);
            put(
                    "<text class=\"month-name\" x=\"%.1f\" y=\"20\">%s</text>",
                    (left + right) / 2, Sentences.letter(month.getMonth()));
            if (month.getMonthValue() == 1 || i == 0) {
                put(
                        "<text class=\"year-name\" x=\"%.1f\" y=\"9\">%s</text>",
                        left + 1, String.valueOf(month.getYear()));
            }
        }
    }

    private void label(String text, double y) {
        put("<text class=\"row-name\" x=\"%.1f\" y=\"%.1f\">%s</text>", LEFT - 8, y, escaped(text));
    }

    private void bar(CareTask task, double y) {
        double left = x(task.from());
        double width = Math.max(LEAST_BAR, x(task.to().plusDays(1)) - left);
        put(
                "<rect class=\"bar\" x=\"%.1f\" y=\"%.1f\" width=\"%.1f\" height=\"%.1f\" rx=\"4\"><title>%s</title></rect>",
                left,
                y + 5,
                width,
                ROW - 10,
                escaped(Sentences.date("date.day", task.from()) + " – " + Sentences.date("date.day", task.to())));
    }

    private void water(Map<LocalDate, Double> weeks, double top) {
        label(Sentences.label(TaskKind.WATER), top + WATER_ROW * 0.72);
        double most = weeks.values().stream().mapToDouble(each -> each).max().orElse(1);
        double floor = top + WATER_ROW - 2;
        weeks.forEach((monday, litres) -> {
            double left = x(monday);
            double height = Math.max(2, litres / most * (WATER_ROW - 12));
            put(
                    "<rect class=\"water\" x=\"%.1f\" y=\"%.1f\" width=\"%.1f\" height=\"%.1f\"/>",
                    left, floor - height, Math.max(1, x(monday.plusDays(7)) - left - 1), height);
        });
    }

    private void put(String pattern, Object... values) {
        out.append(String.format(Locale.ROOT, pattern, values));
    }

    private static String escaped(String text) {
        return HtmlUtils.htmlEscape(text, "UTF-8");
    }
}
