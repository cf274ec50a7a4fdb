package org.yellowfit.app.drawing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.yellowfit.app.drawing.pen.Pen;
import org.yellowfit.app.words.FitWords;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.fit.Candidate;
import org.yellowfit.core.fit.CriterionName;
import org.yellowfit.core.fit.Judgement;
import org.yellowfit.core.fit.Question;
import org.yellowfit.core.fit.Strip;
import org.yellowfit.core.fit.Verdict;
import org.yellowfit.core.measure.Amount;
import org.yellowfit.core.measure.Numbers;
import org.yellowfit.core.measure.UnitSystem;

/**
 * A plant's traits as strips, each shifted so that the site's own value stands on the yellow line at {@link
 * #LINE_X}. The page
 * draws the line itself, through all plants of a list.
 */
public final class FitStrips {

    /** Where the line stands in a picture {@link #WIDTH} wide. */
    public static final double LINE_X = 196;

    public static final double WIDTH = 300;

    private static final double ROW = 10;
    private static final double BAR = 5.2;
    private static final double STEP = 15;
    private static final double LEFT_END = 92;
    private static final double RIGHT_END = 296;
    private static final double LABEL_END = 82;
    private static final double THIN_HEIGHT = 24;

    private FitStrips() {}

    /** The rows of a list: every criterion that has a strip for at least one of its plants, in one order for all. */
    public static List<CriterionName> rows(List<Candidate> candidates) {
        Set<CriterionName> rows = EnumSet.noneOf(CriterionName.class);
        candidates.forEach(candidate -> candidate.criteria().forEach(judgement -> {
            if (judgement.criterion() != CriterionName.HEAT) {
                rows.add(judgement.criterion());
            }
        }));
        List<CriterionName> ordered = new ArrayList<>(rows);
        ordered.sort(Comparator.naturalOrder());
        return ordered;
    }

    public static String svg(Candidate candidate, List<CriterionName> rows, Question question, UnitSystem units) {
        StringBuilder out = new StringBuilder("<svg class=\"strips\" viewBox=\"0 0 300 ")
                .append(Pen.text(rows.size() * ROW + 2))
                .append("\" role=\"img\" aria-label=\"")
                .append(PlantDrawing.escaped(spoken(candidate)))
                .append("\">");
        for (int row = 0; row < rows.size(); row++) {
            double y = row * ROW + ROW / 2 + 1;
            int at = row;
            candidate
                    .judgement(rows.get(row))
                    .ifPresent(judgement -> row(out, judgement, rows.get(at), y, question, units));
        }
        return out.append("</svg>").toString();
    }

    /**
     * The same threads without words, thin enough for twenty plants to be seen at once; the line at the same share of
     * the width.
     */
    public static String thin(Candidate candidate, List<CriterionName> rows) {
        StringBuilder out = new StringBuilder("<svg class=\"threads-svg\" viewBox=\"0 0 300 ")
                .append(Pen.text(THIN_HEIGHT))
                .append("\" preserveAspectRatio=\"none\" role=\"img\" aria-label=\"")
                .append(PlantDrawing.escaped(spoken(candidate)))
                .append("\">");
        double step = (THIN_HEIGHT - 2) / Math.max(1, rows.size());
        for (int row = 0; row < rows.size(); row++) {
            double y = 1 + (row + 0.5) * step;
            double thick = Math.min(2.2, step * 0.72);
            candidate.judgement(rows.get(row)).ifPresent(judgement -> thread(out, judgement, y, thick));
        }
        return out.append("</svg>").toString();
    }

    private static void thread(StringBuilder out, Judgement judgement, double y, double thick) {
        boolean met = judgement.verdict() == Verdict.FITS;
        Strip strip = judgement.strip().orElse(null);
        if (strip == null || judgement.verdict() == Verdict.UNKNOWN) {
            if (!met) {
                out.append("<path class=\"lost\" d=\"M")
                        .append(Pen.text(thinX(-8)))
                        .append(' ')
                        .append(Pen.text(y))
                        .append('H')
                        .append(Pen.text(LINE_X - 4))
                        .append("\"/>");
            }
            return;
        }
        double from = thinX(strip.low());
        double to = Math.max(from + 3, thinX(strip.high()));
        out.append("<rect class=\"")
                .append(met ? "bar" : "bar unmet")
                .append("\" x=\"")
                .append(Pen.text(from))
                .append("\" y=\"")
                .append(Pen.text(y - thick / 2))
                .append("\" width=\"")
                .append(Pen.text(to - from))
                .append("\" height=\"")
                .append(Pen.text(thick))
                .append("\"/>");
        if (!strip.isCrossed()) {
            double end = strip.high() < 0 ? to : from;
            out.append("<path class=\"lost\" d=\"M")
                    .append(Pen.text(Math.min(end, LINE_X)))
                    .append(' ')
                    .append(Pen.text(y))
                    .append('H')
                    .append(Pen.text(Math.max(end, LINE_X)))
                    .append("\"/>");
        }
    }

    private static double thinX(double steps) {
        return Math.max(4, Math.min(RIGHT_END, LINE_X + steps * STEP * 1.5));
    }

    private static void row(
            StringBuilder out, Judgement judgement, CriterionName name, double y, Question question, UnitSystem units) {
        boolean met = judgement.verdict() == Verdict.FITS;
        text(out, LABEL_END, y + 3, "end", met ? "label" : "label unmet", FitWords.criterion(name));
        if (judgement.verdict() == Verdict.UNKNOWN) {
            text(out, LINE_X + 6, y + 3, "start", "label", Sentences.say("not-known"));
            dotted(out, LEFT_END, LINE_X, y);
        } else {
            Strip strip = judgement.strip().orElse(null);
            if (strip != null) {
                bar(out, strip, met, y);
                gap(out, strip, name, y, question, units);
            } else if (!met) {
                dotted(out, LEFT_END, LINE_X, y);
            }
        }
    }

    private static void bar(StringBuilder out, Strip strip, boolean met, double y) {
        double from = x(strip.low());
        double to = x(strip.high());
        out.append("<rect class=\"")
                .append(met ? "bar" : "bar unmet")
                .append("\" x=\"")
                .append(Pen.text(from))
                .append("\" y=\"")
                .append(Pen.text(y - BAR / 2))
                .append("\" width=\"")
                .append(Pen.text(Math.max(3, to - from)))
                .append("\" height=\"")
                .append(Pen.text(BAR))
                .append("\" rx=\"")
                .append(Pen.text(BAR / 2))
                .append("\"/>");
    }

    /** How far a strip ends short of the line. */
    private static void gap(
            StringBuilder out, Strip strip, CriterionName name, double y, Question question, UnitSystem units) {
        if (strip.isCrossed()) {
            return;
        }
        boolean endsLeft = strip.high() < 0;
        double end = endsLeft ? x(strip.high()) : x(strip.low());
        dotted(out, Math.min(end, LINE_X), Math.max(end, LINE_X), y);
        String by = amount(name, endsLeft ? -strip.high() : strip.low(), question, units);
        if (endsLeft) {
            text(out, LINE_X + 6, y + 3, "start", "gap", by);
        } else {
            text(out, LINE_X - 6, y + 3, "end", "gap", by);
        }
    }

    private static String amount(CriterionName name, double steps, Question question, UnitSystem units) {
        return switch (name) {
            case HARDINESS ->
                steps <= 0.5
                        ? Sentences.say("gap.half-zone")
                        : Sentences.say(
                                "gap.zones",
                                Numbers.rounded(steps, 1).replace(".5", "½").replace("0½", "½"));
            case SUN_LIVE, SUN_FLOWER, SUN_COLOUR -> Sentences.say("gap.short", Amount.hours(steps));
            case HOT_SUN -> Sentences.say("gap.over", Amount.hours(steps));
            case PH -> Sentences.say("gap.ph", Numbers.rounded(steps / 2, 1));
            case MOISTURE -> Sentences.say("gap.off", Numbers.rounded(steps / 2, 1));
            case HEIGHT ->
                Sentences.say(
                        "gap.over",
                        units.length(
                                steps * Math.max(0.05, question.site().room().maxHeightM() * 0.1)));
            case SPREAD ->
                Sentences.say(
                        "gap.over",
                        units.length(
                                steps * Math.max(0.05, question.site().room().widthM() * 0.1)));
            default -> "";
        };
    }

    private static void dotted(StringBuilder out, double from, double to, double y) {
        out.append("<path class=\"dotted\" d=\"M")
                .append(Pen.text(from))
                .append(' ')
                .append(Pen.text(y))
                .append('H')
                .append(Pen.text(to))
                .append("\"/>");
    }

    private static void text(StringBuilder out, double x, double y, String anchor, String style, String text) {
        if (!text.isEmpty()) {
            out.append("<text x=\"")
                    .append(Pen.text(x))
                    .append("\" y=\"")
                    .append(Pen.text(y))
                    .append("\" text-anchor=\"")
                    .append(anchor)
                    .append("\" class=\"")
                    .append(style)
                    .append("\">")
                    .append(PlantDrawing.escaped(text))
                    .append("</text>");
        }
    }

    private static double x(double steps) {
        return Math.max(LEFT_END, Math.min(RIGHT_END, LINE_X + steps * STEP));
    }

    private static String spoken(Candidate candidate) {
        StringBuilder out = new StringBuilder();
        for (Judgement judgement : candidate.criteria()) {
            out.append(out.isEmpty() ? "" : "; ")
                    .append(FitWords.criterion(judgement.criterion()))
                    .append(": ")
                    .append(Sentences.label(judgement.verdict()));
        }
        return out.toString();
    }
}
