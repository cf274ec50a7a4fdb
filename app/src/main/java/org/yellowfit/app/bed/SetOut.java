package org.yellowfit.app.bed;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.yellowfit.app.bed.BedGrounds.OneBed;
import org.yellowfit.app.bed.BedGrounds.Site;
import org.yellowfit.app.drawing.PlantDrawing;
import org.yellowfit.app.drawing.pen.Pen;
import org.yellowfit.app.drawing.plant.PlantScene;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.measure.UnitSystem;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.season.GrowingPlace;
import org.yellowfit.core.season.PlantState;
import org.yellowfit.core.site.Feature;
import org.yellowfit.core.site.FeatureKind;

/**
 * The plan two people with a tape plant by (rule H10): every plant with its number, on a grid, with its distances from
 * two fixed points; back to front, the largest first.
 */
final class SetOut {

    private static final double UNITS = 1000;
    private static final double MARGIN_M = 0.8;
    private static final double FIXED_WITHIN_M = 6;
    private static final double FIXED_APART_M = 1;
    /** The last figure a tape is read to, m. */
    private static final double ON_LINE_M = 0.01;

    private static final int DAY = 196;
    private static final double YEARS = 10;
    /** Of the depth of a bed, a band within which the largest comes first. */
    private static final double BANDS = 4;

    /**
     * @param fromA   distance from the first fixed point; likewise {@code fromB}, to be measured by tape
     * @param offLine square off the line through the two, in which tapes that pull nearly against each other are no help
     */
    record Row(
            int number, String botanical, String cultivar, String fromA, String fromB, String offLine, String phase) {}

    /** One bed's plan and its rows. */
    record Sheet(String bed, String svg, String fixedA, String fixedB, List<Row> rows) {}

    /** One plant to be set out. */
    record Numbered(int number, BedPlant at, Cultivar plant) {}

    private final Site site;
    private final OneBed bed;
    private final List<Numbered> plants;
    private final UnitSystem units;
    private final double[] right;
    private final double[] centre;
    private final double[][] fixed;

    SetOut(
            Site site,
            OneBed bed,
            List<BedPlant> plants,
            java.util.function.Function<String, Cultivar> find,
            UnitSystem units) {
        this.site = site;
        this.bed = bed;
        this.units = units;
        double[][] front = bed.ground().seenFrom();
        double length = Math.hypot(front[1][0] - front[0][0], front[1][1] - front[0][1]);
        double[] along = {(front[1][0] - front[0][0]) / length, (front[1][1] - front[0][1]) / length};
        centre = middle(bed.ground().outline());
        boolean turned = (centre[0] - front[0][0]) * -along[1] + (centre[1] - front[0][1]) * along[0] < 0;
        right = turned ? new double[] {-along[0], -along[1]} : along;
        this.plants = numbered(plants, find);
        fixed = fixedPoints();
    }

    private static double[] middle(double[][] outline) {
        double[] box = {1e9, 1e9, -1e9, -1e9};
        for (double[] point : outline) {
            box[0] = Math.min(box[0], point[0]);
            box[1] = Math.min(box[1], point[1]);
            box[2] = Math.max(box[2], point[0]);
            box[3] = Math.max(box[3], point[1]);
        }
        return new double[] {(box[0] + box[2]) / 2, (box[1] + box[3]) / 2};
    }

    /** To the right as it is seen, and away from who looks, m. */
    private double[] seen(double x, double y) {
        double dx = x - centre[0];
        double dy = y - centre[1];
        return new double[] {dx * right[0] + dy * right[1], -dx * right[1] + dy * right[0]};
    }

    private List<Numbered> numbered(List<BedPlant> own, java.util.function.Function<String, Cultivar> find) {
        double near = Double.POSITIVE_INFINITY;
        double far = Double.NEGATIVE_INFINITY;
        for (double[] corner : bed.ground().outline()) {
            near = Math.min(near, seen(corner[0], corner[1])[1]);
            far = Math.max(far, seen(corner[0], corner[1])[1]);
        }
        double from = near;
        double band = Math.max(0.01, (far - near) / BANDS);
        List<BedPlant> sorted = own.stream()
                .sorted(Comparator.comparingInt((BedPlant each) ->
                                -(int) Math.floor((seen(each.x(), each.y())[1] - from) / band))
                        .thenComparing(each -> -find.apply(each.id()).spread10().mid())
                        .thenComparing(each -> seen(each.x(), each.y())[0]))
                .toList();
        List<Numbered> all = new ArrayList<>();
        for (BedPlant each : sorted) {
            all.add(new Numbered(all.size() + 1, each, find.apply(each.id())));
        }
        return all;
    }

    List<Numbered> plants() {
        return plants;
    }

    /** Corners of houses and walls nearby, or else the two front corners of the bed itself. */
    private double[][] fixedPoints() {
        List<double[]> corners = new ArrayList<>();
        for (Feature thing : site.things()) {
            if (thing.kind() == FeatureKind.BLOCK
                    || thing.kind() == FeatureKind.WALL
                    || thing.kind() == FeatureKind.FENCE) {
                for (double[] point : thing.points()) {
                    if (bed.ground().toEdge(point[0], point[1]) <= FIXED_WITHIN_M) {
                        corners.add(point);
                    }
                }
            }
        }
        double[][] best = frontCorners();
        double most = FIXED_APART_M;
        for (double[] a : corners) {
            for (double[] b : corners) {
                double apart = seen(b[0], b[1])[0] - seen(a[0], a[1])[0];
                if (apart > most) {
                    most = apart;
                    best = new double[][] {a, b};
                }
            }
        }
        return best;
    }

    private double[][] frontCorners() {
        double[][] outline = bed.ground().outline();
        double[] left = outline[0];
        double[] other = outline[0];
        for (double[] corner : outline) {
            double[] at = seen(corner[0], corner[1]);
            if (-at[0] - at[1] > -seen(left[0], left[1])[0] - seen(left[0], left[1])[1]) {
                left = corner;
            }
            if (at[0] - at[1] > seen(other[0], other[1])[0] - seen(other[0], other[1])[1]) {
                other = corner;
            }
        }
        return left == other ? outermost() : new double[][] {left, other};
    }

    /** Of a bed that comes to a point in front: its corners farthest to the left and to the right. */
    private double[][] outermost() {
        Comparator<double[]> fromLeft = Comparator.comparingDouble(corner -> seen(corner[0], corner[1])[0]);
        List<double[]> corners = List.of(bed.ground().outline());
        return new double[][] {
            corners.stream().min(fromLeft).orElseThrow(),
            corners.stream().max(fromLeft).orElseThrow()
        };
    }

    Sheet sheet() {
        List<Row> rows = plants.stream()
                .map(each -> new Row(
                        each.number(),
                        each.plant().botanical(),
                        each.plant()
                                .get(org.yellowfit.core.plant.Traits.CULTIVAR)
                                .orElse(""),
                        tape(each, 0),
                        tape(each, 1),
                        offLine(each),
                        each.at().afterYears() > 0
                                ? Sentences.say(
                                        "bed.phase", Math.round(each.at().afterYears()))
                                : ""))
                .toList();
        return new Sheet(bed.name(), svg(), fixedName(0), fixedName(1), rows);
    }

    private String tape(Numbered each, int which) {
        return units.tape(Math.hypot(each.at().x() - fixed[which][0], each.at().y() - fixed[which][1]));
    }

    /** Plants on either side of the line are told apart by where one looks from. */
    private String offLine(Numbered each) {
        double off = offLine(each.at());
        String length = units.tape(Math.abs(off));
        int side = side(off);
        boolean bothSides = plants.stream().anyMatch(other -> side(offLine(other.at())) * side < 0);
        if (!bothSides) {
            return length;
        }
        return Sentences.say(side > 0 ? "bed.off.behind" : "bed.off.before", length);
    }

    /** 1 behind the line, −1 before it, 0 for what a tape cannot tell from the line itself. */
    private static int side(double off) {
        return Math.abs(off) < ON_LINE_M ? 0 : (int) Math.signum(off);
    }

    /** Square off the line from A to B, away from who looks, m. */
    private double offLine(BedPlant plant) {
        double[] a = seen(fixed[0][0], fixed[0][1]);
        double[] b = seen(fixed[1][0], fixed[1][1]);
        double[] at = seen(plant.x(), plant.y());
        double length = Math.hypot(b[0] - a[0], b[1] - a[1]);
        return ((b[0] - a[0]) * (at[1] - a[1]) - (b[1] - a[1]) * (at[0] - a[0])) / length;
    }

    /** Where a fixed point is, so that it is found outside. */
    private String fixedName(int which) {
        for (Feature thing : site.things()) {
            for (double[] point : thing.points()) {
                if (point[0] == fixed[which][0] && point[1] == fixed[which][1] && thing.kind() != FeatureKind.PATH) {
                    return Sentences.say(which == 0 ? "bed.fixed.left" : "bed.fixed.right", thing.called());
                }
            }
        }
        return Sentences.say(which == 0 ? "bed.fixed.front-left" : "bed.fixed.front-right");
    }

    String svg() {
        double[] box = box();
        double scale = UNITS / (box[2] - box[0]);
        double high = (box[3] - box[1]) * scale;
        StringBuilder out = new StringBuilder("<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 ")
                .append(Pen.text(UNITS))
                .append(' ')
                .append(Pen.text(high + 44))
                .append("\" role=\"img\" aria-label=\"")
                .append(PlantDrawing.escaped(Sentences.say("picture.set-out", bed.name())))
                .append("\"><rect width=\"")
                .append(Pen.text(UNITS))
                .append("\" height=\"")
                .append(Pen.text(high + 44))
                .append("\" fill=\"#fdfaf3\"/>");
        out.append("<svg width=\"")
                .append(Pen.text(UNITS))
                .append("\" height=\"")
                .append(Pen.text(high))
                .append("\">");
        out.append(grid(box, scale));
        out.append(shape(bed.ground().outline(), true, box, scale).filled("#efe6d1", 1));
        out.append(shape(bed.ground().outline(), true, box, scale).stroked("#2b2923", 2, 1));
        for (Feature thing : site.things()) {
            if (thing.kind() != FeatureKind.BED && thing.points().length > 1) {
                boolean closed = thing.kind().shape() == FeatureKind.Shape.AREA;
                out.append(shape(thing.points(), closed, box, scale)
                        .stroked("#5c574b", thing.kind() == FeatureKind.PATH ? 1 : 2.5, 0.8));
            }
        }
        out.append(fixedMarks(box, scale));
        out.append(planted(box, scale)).append("</svg>");
        return out.append(bar(high, scale)).append("</svg>").toString();
    }

    private double[] box() {
        double[] box = {1e9, 1e9, -1e9, -1e9};
        List<double[]> points = new ArrayList<>(List.of(bed.ground().outline()));
        points.addAll(List.of(fixed));
        for (double[] point : points) {
            double[] at = seen(point[0], point[1]);
            box[0] = Math.min(box[0], at[0] - MARGIN_M);
            box[1] = Math.min(box[1], at[1] - MARGIN_M);
            box[2] = Math.max(box[2], at[0] + MARGIN_M);
            box[3] = Math.max(box[3], at[1] + MARGIN_M);
        }
        return box;
    }

    private double[] at(double x, double y, double[] box, double scale) {
        double[] seen = seen(x, y);
        return new double[] {(seen[0] - box[0]) * scale, (box[3] - seen[1]) * scale};
    }

    private Pen shape(double[][] points, boolean closed, double[] box, double scale) {
        Pen pen = new Pen();
        double[] first = at(points[0][0], points[0][1], box, scale);
        double[] before = first;
        pen.move(first[0], first[1]);
        for (int i = 1; i < points.length; i++) {
            double[] next = at(points[i][0], points[i][1], box, scale);
            pen.line(next[0] - before[0], next[1] - before[1]);
            before = next;
        }
        return closed ? pen.close() : pen;
    }

    private String grid(double[] box, double scale) {
        double step = units == UnitSystem.US ? UnitSystem.FOOT_M : 0.5;
        Pen lines = new Pen();
        for (double u = Math.ceil(box[0] / step) * step; u < box[2]; u += step) {
            lines.move((u - box[0]) * scale, 0).line(0, (box[3] - box[1]) * scale);
        }
        for (double v = Math.ceil(box[1] / step) * step; v < box[3]; v += step) {
            lines.move(0, (box[3] - v) * scale).line(UNITS, 0);
        }
        return lines.stroked("#8a7f68", 0.6, 0.35);
    }

    private String planted(double[] box, double scale) {
        List<PlantScene.Placed> scene = new ArrayList<>();
        for (Numbered each : plants) {
            double[] at = at(each.at().x(), each.at().y(), box, scale);
            PlantState state = PlantState.at(each.plant(), YEARS, DAY, GrowingPlace.ANYWHERE);
            scene.add(new PlantScene.Placed(
                    each.plant(), state, GrowingPlace.ANYWHERE, at[0] / scale, at[1] / scale, each.number()));
        }
        StringBuilder out = new StringBuilder("<g opacity=\".55\">")
                .append(PlantScene.above(scene, scale, "o"))
                .append("</g>");
        double size = Math.max(11, Math.min(20, 0.16 * scale));
        for (Numbered each : plants) {
            double[] at = at(each.at().x(), each.at().y(), box, scale);
            out.append("<circle cx=\"")
                    .append(Pen.text(at[0]))
                    .append("\" cy=\"")
                    .append(Pen.text(at[1]))
                    .append("\" r=\"")
                    .append(Pen.text(size * 0.78))
                    .append("\" fill=\"#fdfaf3\" stroke=\"#2b2923\"/><text x=\"")
                    .append(Pen.text(at[0]))
                    .append("\" y=\"")
                    .append(Pen.text(at[1] + size * 0.34))
                    .append("\" text-anchor=\"middle\" font-family=\"Source Sans, sans-serif\" font-size=\"")
                    .append(Pen.text(each.number() > 99 ? size * 0.78 : size))
                    .append("\" fill=\"#2b2923\">")
                    .append(each.number())
                    .append("</text>");
        }
        return out.toString();
    }

    private String fixedMarks(double[] box, double scale) {
        StringBuilder out = new StringBuilder();
        for (int k = 0; k < 2; k++) {
            double[] at = at(fixed[k][0], fixed[k][1], box, scale);
            out.append("<rect x=\"")
                    .append(Pen.text(at[0] - 7))
                    .append("\" y=\"")
                    .append(Pen.text(at[1] - 7))
                    .append("\" width=\"14\" height=\"14\" fill=\"#2b2923\"/><text x=\"")
                    .append(Pen.text(at[0] + (k == 0 ? -20 : 20)))
                    .append("\" y=\"")
                    .append(Pen.text(at[1] + 7))
                    .append("\" text-anchor=\"middle\" font-family=\"Source Sans, sans-serif\" font-weight=\"700\"")
                    .append(" font-size=\"20\" fill=\"#2b2923\">")
                    .append(k == 0 ? 'A' : 'B')
                    .append("</text>");
        }
        return out.toString();
    }

    private String bar(double high, double scale) {
        double unit = units == UnitSystem.US ? UnitSystem.FOOT_M : 1;
        double length = unit;
        for (double step : new double[] {0.5, 1, 2, 5, 10}) {
            length = step * unit * scale < UNITS / 5 ? step * unit : length;
        }
        Pen line = new Pen()
                .move(20, high + 20)
                .line(0, 10)
                .move(20, high + 25)
                .line(length * scale, 0)
                .move(20 + length * scale, high + 20)
                .line(0, 10);
        return line.stroked("#2b2923", 1.6, 1) + "<text x=\"" + Pen.text(28 + length * scale) + "\" y=\""
                + Pen.text(high + 31) + "\" font-family=\"Source Sans, sans-serif\" font-size=\"17\" fill=\"#2b2923\">"
                + units.length(length) + "</text>";
    }
}
