package org.yellowfit.app.drawing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import org.yellowfit.app.drawing.pen.Pen;
import org.yellowfit.app.drawing.plant.PlantScene;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.growth.Layer;
import org.yellowfit.core.measure.UnitSystem;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.season.GrowingPlace;
import org.yellowfit.core.season.PlantState;

/**
 * A planting as it will look from the path, in its layers, to scale, before what stands behind it: before anything has
 * its own place, each kind stands in drifts over its share of its layer.
 */
public final class BedScene {

    /** Drawn at most; more would not be told apart. */
    private static final int MOST_DRAWN = 170;

    private static final double UNITS = 1000;
    private static final double LOOSE = 0.22;
    /** A kind that has more of its layer's length than this stands in two drifts. */
    private static final double LONGEST_DRIFT_M = 2.6;

    private static final double SKY = 1.22;
    private static final double WIDE_TO_HIGH = 2.6;
    /** Of a long bed. */
    private static final double WIDEST_TO_HIGH = 3.6;

    /** Over a planting that stays low there is no more sky than this, of its height. */
    private static final double SKY_OVER_LOW = 1.7;

    private static final double GROWN_YEARS = 15;

    private static final double LEAST_FOOT = 44;
    private static final double FOOT_WITH_NAMES = 72;
    private static final double BAR_OVER_EDGE = 11;

    /** One kind of the planting. */
    public record Kind(Cultivar plant, Layer layer, int count, double areaM2) {}

    /**
     * One patch, as it is seen from the path.
     *
     * @param name   empty where there is but one
     * @param depthM null where it is not known
     */
    public record Stretch(String name, double areaM2, Double depthM, GrowingPlace place, List<Kind> kinds) {

        double depth() {
            return depthM == null ? Math.max(0.4, Math.sqrt(areaM2 / 2.5)) : Math.max(0.3, depthM);
        }

        double length() {
            return Math.max(0.4, areaM2 / depth());
        }
    }

    /** A stretch of a layer that one kind takes. */
    private record Drift(Kind kind, double from, double to, int count) {}

    private final List<Stretch> stretches;
    private final double wholeM;
    private final double deepestM;
    private final double shown;
    /** The patch that is being planted. */
    private double startM;

    private double lengthM;
    private double depthM;
    private GrowingPlace place;
    private final double years;
    private final int month;
    private final UnitSystem units;
    private final String behind;
    private final List<PlantScene.Placed> plants = new ArrayList<>();
    private double tallestM = 0.5;
    /** As far as the years can be turned, so that a low planting keeps its frame while they are. */
    private double grownM = 0.5;

    private boolean isBand;

    private BedScene(List<Stretch> stretches, double years, int month, String behind, UnitSystem units) {
        this.stretches = stretches;
        this.wholeM = stretches.stream().mapToDouble(Stretch::length).sum();
        this.deepestM = stretches.stream().mapToDouble(Stretch::depth).max().orElse(1);
        int all = stretches.stream()
                .flatMap(each -> each.kinds().stream())
                .mapToInt(Kind::count)
                .sum();
        this.shown = Math.min(1, (double) MOST_DRAWN / Math.max(1, all));
        this.years = years;
        this.month = month;
        this.behind = behind;
        this.units = units;
    }

    /** @param behind colour of what stands behind, {@code #rrggbb}; empty for none */
    public static String svg(List<Stretch> stretches, double years, int month, String behind, UnitSystem units) {
        BedScene scene = new BedScene(stretches, years, month, behind, units);
        scene.startM = -scene.wholeM / 2;
        stretches.forEach(scene::plant);
        return scene.draw();
    }

    /** The same with no more sky than the tallest plant asks for: a band for a page. */
    public static String band(List<Stretch> stretches, double years, int month, String behind, UnitSystem units) {
        BedScene scene = new BedScene(stretches, years, month, behind, units);
        scene.isBand = true;
        scene.startM = -scene.wholeM / 2;
        stretches.forEach(scene::plant);
        return scene.draw();
    }

    private void plant(Stretch stretch) {
        lengthM = stretch.length();
        depthM = stretch.depth();
        place = stretch.place();
        for (Layer layer : Layer.values()) {
            List<Kind> own = stretch.kinds().stream()
                    .filter(each -> each.layer() == layer)
                    .sorted(Comparator.comparingDouble((Kind each) -> -each.areaM2())
                            .thenComparing(each -> each.plant().id()))
                    .toList();
            for (Drift drift : drifts(own)) {
                plant(drift, layer);
            }
        }
        for (Kind each : stretch.kinds()) {
            PlantState full = PlantState.inMonth(each.plant(), Math.max(years, 3), 7, place);
            tallestM = Math.max(tallestM, Math.max(full.fullHeightM(), full.fullFlowerHeightM()));
            PlantState grown = PlantState.inMonth(each.plant(), Math.max(years, GROWN_YEARS), 7, place);
            grownM = Math.max(grownM, Math.max(grown.fullHeightM(), grown.fullFlowerHeightM()));
        }
        startM += lengthM;
    }

    /** Along the layer, the kinds by turns, a large one in two drifts. */
    private List<Drift> drifts(List<Kind> own) {
        double area = own.stream().mapToDouble(Kind::areaM2).sum();
        List<Kind> order = new ArrayList<>();
        List<Integer> counts = new ArrayList<>();
        for (int round = 0; round < 2; round++) {
            for (Kind each : own) {
                boolean twice = each.count() >= 6 && each.areaM2() / area * lengthM > LONGEST_DRIFT_M;
                int first = twice ? (each.count() + 1) / 2 : each.count();
                int count = round == 0 ? first : each.count() - first;
                if (count > 0) {
                    order.add(each);
                    counts.add(count);
                }
            }
        }
        List<Drift> drifts = new ArrayList<>();
        double from = startM;
        for (int i = 0; i < order.size(); i++) {
            Kind each = order.get(i);
            double stretch = lengthM * each.areaM2() / area * counts.get(i) / each.count();
            drifts.add(new Drift(each, from, from + stretch, counts.get(i)));
            from += stretch;
        }
        return drifts;
    }

    private void plant(Drift drift, Layer layer) {
        Cultivar plant = drift.kind().plant();
        PlantState state = PlantState.inMonth(plant, years, month, place);
        int count = (int) Math.max(1, Math.round(drift.count() * shown));
        double wide = drift.to() - drift.from();
        double deep = depthM / 3;
        int rows = (int) Math.max(1, Math.min(count, Math.round(Math.sqrt(count * deep / Math.max(0.05, wide)))));
        Random chance = new Random(plant.id().hashCode() * 31L + Math.round(drift.from() * 100));
        double back = middle(layer) - deep / 2;
        for (int i = 0; i < count; i++) {
            int row = i % rows;
            int inRow = (count - row + rows - 1) / rows;
            double step = wide / inRow;
            double x = drift.from() + (i / rows + 0.5) * step + (row % 2 == 0 ? 0 : step * 0.3);
            double z = back + (row + 0.5) * deep / rows;
            x += (chance.nextDouble() - 0.5) * step * LOOSE * 2;
            z += (chance.nextDouble() - 0.5) * deep / rows * LOOSE * 2;
            plants.add(new PlantScene.Placed(plant, state, place, x, z, chance.nextInt(8)));
        }
    }

    /** How far the layer's middle lies from the front edge, towards the viewer being more. */
    private double middle(Layer layer) {
        return -depthM
                * switch (layer) {
                    case BACK -> 5 / 6.0;
                    case MIDDLE -> 0.5;
                    case FRONT -> 0.22;
                    case GROUND_COVER -> 0.14;
                };
    }

    private String draw() {
        double wide = wholeM * 1.08 + 0.5;
        double needed = tallestM * SKY + deepestM * PlantScene.RISE;
        double usual = wide / Math.max(WIDE_TO_HIGH, Math.min(WIDEST_TO_HIGH, wide / 3));
        double grown = grownM * SKY + deepestM * PlantScene.RISE;
        double high = isBand ? needed : Math.max(needed, Math.min(usual, SKY_OVER_LOW * grown));
        double unitsPerM = UNITS / wide;
        double top = high * unitsPerM;
        double least = stretches.size() > 1 ? FOOT_WITH_NAMES : LEAST_FOOT;
        double foot = Math.max(least, 0.34 * unitsPerM * Math.max(0.5, Math.min(1, wide / 5)));
        double horizon = -deepestM * PlantScene.RISE * unitsPerM;
        StringBuilder out = new StringBuilder(
                        "<svg xmlns=\"http://www.w3.org/2000/svg\" class=\"bed-scene\" viewBox=\"")
                .append(Pen.text(-UNITS / 2))
                .append(' ')
                .append(Pen.text(-top))
                .append(' ')
                .append(Pen.text(UNITS))
                .append(' ')
                .append(Pen.text(top + foot))
                .append("\" role=\"img\" aria-label=\"")
                .append(PlantDrawing.escaped(Sentences.say("picture.together")))
                .append("\">");
        out.append(rect(-UNITS / 2, -top, UNITS, top + horizon, "#fbf7ec"));
        if (!behind.isEmpty()) {
            double wall = Math.min(top * 0.86, Math.max(1.9, tallestM * 0.92) * unitsPerM - horizon);
            out.append(rect(-UNITS / 2, -wall, UNITS, wall + horizon, behind));
            out.append(new Pen().move(-UNITS / 2, -wall).line(UNITS, 0).stroked("#2c2a24", 1, 0.35));
        }
        out.append(rect(-UNITS / 2, horizon, UNITS, foot - horizon, "#cdbf9f"));
        Pen edge = new Pen().move(-UNITS / 2, foot * 0.42).line(UNITS, 0);
        out.append(rect(-UNITS / 2, foot * 0.42, UNITS, foot * 0.58, "#e4dac4"));
        out.append(edge.stroked("#8a7f68", 1.4, 0.7));
        out.append(PlantScene.front(plants, unitsPerM, "s"));
        out.append(names(unitsPerM, foot));
        return out.append(bar(unitsPerM, foot)).append("</svg>").toString();
    }

    /** Where one patch ends and the next begins, and what they are called. */
    private String names(double unitsPerM, double foot) {
        if (stretches.size() < 2) {
            return "";
        }
        StringBuilder out = new StringBuilder();
        Pen ends = new Pen();
        double from = -wholeM / 2;
        for (Stretch each : stretches) {
            double start = from * unitsPerM + 10;
            out.append("<text x=\"")
                    .append(Pen.text(start))
                    .append("\" y=\"")
                    .append(Pen.text(foot * 0.42 + 19))
                    .append("\" fill=\"#3d3527\" font-family=\"Source Sans, sans-serif\" font-size=\"17\">")
                    .append(PlantDrawing.escaped(each.name()))
                    .append("</text>");
            from += each.length();
            ends.move(from * unitsPerM, foot * 0.42).line(0, foot * 0.3);
        }
        return out + ends.stroked("#8a7f68", 1.2, 0.8);
    }

    private double barUnits() {
        if (wholeM > 12) {
            return 5;
        }
        return wholeM > 3 || units == UnitSystem.US ? 1 : 0.5;
    }

    private String bar(double unitsPerM, double foot) {
        double unit = units == UnitSystem.US ? UnitSystem.FOOT_M : 1;
        double length = unit * barUnits();
        // Under the names of the patches, where there are any.
        double y = stretches.size() > 1 ? foot - BAR_OVER_EDGE : foot * 0.72;
        double end = UNITS / 2 - 70;
        double from = end - length * unitsPerM;
        Pen line = new Pen()
                .move(from, y - 4)
                .line(0, 8)
                .move(from, y)
                .line(length * unitsPerM, 0)
                .move(end, y - 4)
                .line(0, 8);
        return line.stroked("#2c2a24", 1.4, 0.8) + "<text x=\"" + Pen.text(end + 8) + "\" y=\"" + Pen.text(y + 5)
                + "\" fill=\"#3d3527\" font-family=\"Source Sans, sans-serif\" font-size=\"15\">" + units.length(length)
                + "</text>";
    }

    private static String rect(double x, double y, double wide, double high, String colour) {
        return "<rect x=\"" + Pen.text(x) + "\" y=\"" + Pen.text(y) + "\" width=\"" + Pen.text(wide) + "\" height=\""
                + Pen.text(Math.max(0, high)) + "\" fill=\"" + colour + "\"/>";
    }
}
