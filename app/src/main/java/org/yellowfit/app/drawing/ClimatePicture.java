package org.yellowfit.app.drawing;

import java.util.List;
import org.yellowfit.app.drawing.pen.Pen;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.climate.ClimateSummary;
import org.yellowfit.core.climate.ClimateSummary.FrostYear;
import org.yellowfit.core.climate.HardinessZone;
import org.yellowfit.core.climate.Winter;
import org.yellowfit.core.measure.Numbers;
import org.yellowfit.core.measure.UnitSystem;

/**
 * A station's record as three pictures: each winter's lowest on the zone bands, each year's frost-free span, the degree
 * days.
 */
public final class ClimatePicture {

    private static final String[] MONTHS = {"J", "F", "M", "A", "M", "J", "J", "A", "S", "O", "N", "D"};
    private static final double WIDTH = 560;
    private static final double LEFT = 46;
    private static final double RIGHT = 12;

    private ClimatePicture() {}

    /** Each winter's coldest day, oldest first, on bands of half-zones; the mean is ruled across. */
    public static String winters(ClimateSummary climate, UnitSystem units) {
        List<Winter> winters = climate.winters().stream().filter(Winter::counts).toList();
        if (winters.isEmpty()) {
            return "";
        }
        double low = winters.stream().mapToDouble(Winter::lowestC).min().orElse(0) - 1.5;
        double high = winters.stream().mapToDouble(Winter::lowestC).max().orElse(0) + 1.5;
        double height = 250;
        StringBuilder out = open(height, Sentences.say("picture.winters"));
        for (int half = 0; half <= HardinessZone.WARMEST; half++) {
            HardinessZone zone = new HardinessZone(half);
            double bottom = Math.max(low, zone.lowestCelsius());
            double top = Math.min(high, zone.highestCelsius());
            if (top > bottom) {
                double y = scale(top, high, low, height);
                double bandHeight = scale(bottom, high, low, height) - y;
                out.append("<rect class=\"band")
                        .append(half % 2 == 0 ? " even" : "")
                        .append("\" x=\"")
                        .append(Pen.text(LEFT))
                        .append("\" y=\"")
                        .append(Pen.text(y))
                        .append("\" width=\"")
                        .append(Pen.text(WIDTH - LEFT - RIGHT))
                        .append("\" height=\"")
                        .append(Pen.text(bandHeight))
                        .append("\"/>");
                if (bandHeight > 9) {
                    text(out, LEFT - 6, y + bandHeight / 2 + 4, "end", "axis", zone.label());
                }
            }
        }
        double mean = scale(climate.meanWinterLowC(), high, low, height);
        double error = Double.isNaN(climate.standardErrorC()) ? 0 : climate.standardErrorC();
        double errorTop = scale(climate.meanWinterLowC() + error, high, low, height);
        out.append("<rect class=\"error\" x=\"")
                .append(Pen.text(LEFT))
                .append("\" y=\"")
                .append(Pen.text(errorTop))
                .append("\" width=\"")
                .append(Pen.text(WIDTH - LEFT - RIGHT))
                .append("\" height=\"")
                .append(Pen.text(2 * (mean - errorTop)))
                .append("\"/>");
        line(out, "mean", LEFT, mean, WIDTH - RIGHT, mean);
        double step = (WIDTH - LEFT - RIGHT - 20) / Math.max(1, winters.size() - 1);
        for (int i = 0; i < winters.size(); i++) {
            Winter winter = winters.get(i);
            double x = LEFT + 10 + i * step;
            double y = scale(winter.lowestC(), high, low, height);
            boolean coldest = winter.on().equals(climate.coldestDate());
            line(out, "stalk", x, mean, x, y);
            out.append("<circle class=\"winter")
                    .append(coldest ? " coldest" : "")
                    .append("\" cx=\"")
                    .append(Pen.text(x))
                    .append("\" cy=\"")
                    .append(Pen.text(y))
                    .append("\" r=\"")
                    .append(coldest ? "5" : "3.6")
                    .append("\"><title>")
                    .append(winter.year() - 1)
                    .append('–')
                    .append(winter.year() % 100 < 10 ? "0" : "")
                    .append(winter.year() % 100)
                    .append(": ")
                    .append(units.temperature(winter.lowestC()))
                    .append("</title></circle>");
            if (coldest) {
                text(
                        out,
                        x > WIDTH * 0.7 ? x - 9 : x + 9,
                        y + 4,
                        x > WIDTH * 0.7 ? "end" : "start",
                        "mark",
                        units.temperature(winter.lowestC()) + ", " + Sentences.date("date.month", winter.on()));
            }
            if (winters.size() <= 8 || i % 5 == 0) {
                text(out, x, height - 6, "middle", "axis", String.valueOf(winter.year()));
            }
        }
        text(
                out,
                WIDTH - RIGHT - 2,
                mean - 6,
                "end",
                "mark",
                Sentences.say("picture.mean", units.temperature(climate.meanWinterLowC())));
        return out.append("</svg>").toString();
    }

    /** A bar a year from the last spring to the first autumn frost; the medians are ruled through all. */
    public static String frostFree(ClimateSummary climate) {
        List<FrostYear> years = climate.frostDays();
        if (years.isEmpty()) {
            return "";
        }
        double height = 170;
        int from = climate.south() ? 182 : 1;
        StringBuilder out = open(height, Sentences.say("picture.frost-free"));
        months(out, height, climate.south());
        double step = (height - 42) / years.size();
        for (int i = 0; i < years.size(); i++) {
            FrostYear year = years.get(i);
            double x1 = day(Math.max(from, year.lastSpring()), from);
            double x2 = day(Math.min(from + 364.0, year.firstAutumn()), from);
            double y = 8 + i * step;
            out.append("<rect class=\"span\" x=\"")
                    .append(Pen.text(x1))
                    .append("\" y=\"")
                    .append(Pen.text(y))
                    .append("\" width=\"")
                    .append(Pen.text(Math.max(0, x2 - x1)))
                    .append("\" height=\"")
                    .append(Pen.text(Math.max(0.8, step * 0.72)))
                    .append("\"><title>")
                    .append(year.year())
                    .append("</title></rect>");
        }
        climate.lastSpringFrost().p50().ifPresent(median -> median(out, day(median, from), height));
        climate.firstAutumnFrost().p50().ifPresent(median -> median(out, day(median, from), height));
        text(out, LEFT - 6, 16, "end", "axis", String.valueOf(years.get(0).year()));
        text(
                out,
                LEFT - 6,
                height - 40,
                "end",
                "axis",
                String.valueOf(years.get(years.size() - 1).year()));
        return out.append("</svg>").toString();
    }

    /** Degree days: each month's own as a column, the sum since the start of the year as a curve. */
    public static String degreeDays(ClimateSummary climate) {
        double height = 190;
        double[] own = climate.degreeDaysByMonth();
        double total = 0;
        double most = 1;
        for (double each : own) {
            total += Double.isNaN(each) ? 0 : each;
            most = Math.max(most, Double.isNaN(each) ? 0 : each);
        }
        StringBuilder out = open(height, Sentences.say("picture.degree-days"));
        months(out, height, climate.south());
        double floor = height - 26;
        double room = floor - 22;
        double width = (WIDTH - LEFT - RIGHT) / 12;
        double sum = 0;
        Pen curve = new Pen().move(LEFT, floor);
        for (int i = 0; i < 12; i++) {
            int month = climate.south() ? (i + 6) % 12 : i;
            double each = Double.isNaN(own[month]) ? 0 : own[month];
            double column = each / most * room * 0.55;
            out.append("<rect class=\"heat\" x=\"")
                    .append(Pen.text(LEFT + i * width + width * 0.22))
                    .append("\" y=\"")
                    .append(Pen.text(floor - column))
                    .append("\" width=\"")
                    .append(Pen.text(width * 0.56))
                    .append("\" height=\"")
                    .append(Pen.text(column))
                    .append("\"/>");
            if (each >= 1) {
                text(out, LEFT + (i + 0.5) * width, floor - column - 4, "middle", "axis", Numbers.rounded(each, 0));
            }
            curve.line(width, -each / Math.max(1, total) * room);
            sum += each;
        }
        out.append(curve.stroked("#2b2923", 1.8, 1));
        text(
                out,
                WIDTH - RIGHT - 2,
                floor - room - 8,
                "end",
                "mark",
                Sentences.say("picture.degree-days-year", Numbers.rounded(sum, 0)));
        return out.append("</svg>").toString();
    }

    private static void median(StringBuilder out, double x, double height) {
        line(out, "median", x, 4, x, height - 26);
    }

    private static void months(StringBuilder out, double height, boolean south) {
        double width = (WIDTH - LEFT - RIGHT) / 12;
        for (int i = 0; i < 12; i++) {
            line(out, "grid", LEFT + i * width, 6, LEFT + i * width, height - 24);
            text(out, LEFT + (i + 0.5) * width, height - 8, "middle", "axis", MONTHS[south ? (i + 6) % 12 : i]);
        }
        line(out, "floor", LEFT, height - 24, WIDTH - RIGHT, height - 24);
    }

    private static double day(double dayOfYear, int from) {
        return LEFT + (dayOfYear - from) / 365 * (WIDTH - LEFT - RIGHT);
    }

    private static double scale(double celsius, double high, double low, double height) {
        return 8 + (high - celsius) / (high - low) * (height - 32);
    }

    private static StringBuilder open(double height, String label) {
        return new StringBuilder("<svg xmlns=\"http://www.w3.org/2000/svg\" class=\"climate-picture\" viewBox=\"0 0 ")
                .append(Pen.text(WIDTH))
                .append(' ')
                .append(Pen.text(height))
                .append("\" role=\"img\" aria-label=\"")
                .append(PlantDrawing.escaped(label))
                .append("\">");
    }

    private static void line(StringBuilder out, String style, double x1, double y1, double x2, double y2) {
        out.append("<path class=\"")
                .append(style)
                .append("\" d=\"M")
                .append(Pen.text(x1))
                .append(' ')
                .append(Pen.text(y1))
                .append('L')
                .append(Pen.text(x2))
                .append(' ')
                .append(Pen.text(y2))
                .append("\"/>");
    }

    private static void text(StringBuilder out, double x, double y, String anchor, String style, String text) {
        out.append("<text class=\"")
                .append(style)
                .append("\" x=\"")
                .append(Pen.text(x))
                .append("\" y=\"")
                .append(Pen.text(y))
                .append("\" text-anchor=\"")
                .append(anchor)
                .append("\">")
                .append(PlantDrawing.escaped(text))
                .append("</text>");
    }
}
