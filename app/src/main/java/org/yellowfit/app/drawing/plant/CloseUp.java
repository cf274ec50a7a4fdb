package org.yellowfit.app.drawing.plant;

import java.util.List;
import java.util.Random;
import org.springframework.web.util.HtmlUtils;
import org.yellowfit.app.drawing.pen.Detail;
import org.yellowfit.app.drawing.pen.Pen;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.plant.Anatomy;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.season.BloomStage;
import org.yellowfit.core.season.GrowingPlace;
import org.yellowfit.core.season.PlantState;
import org.yellowfit.core.season.PlantYear;

/**
 * One leaf and one flower of a plant at their true size against a bar in centimetres, so that look-alikes at one scale
 * are told apart by what really differs: cut, size, colour and form.
 */
public final class CloseUp {

    private static final double SIDE = 120;
    private static final double FILLED = 0.72;
    private static final double LONGEST_BAR = 0.4;
    private static final int HIGH_SUMMER = 7;

    private CloseUp() {}

    /** Length of its leaf, cm: what the scale of a row of close-ups is chosen by. */
    public static double leafCm(Cultivar plant) {
        return Anatomy.of(plant).leafCm()
                * (LeafForm.of(plant).isNeedled() ? LeafForm.of(plant).lengthsShown() : 1);
    }

    /** Size of its flower or head, cm; 0 for a plant that shows none. */
    public static double flowerCm(Cultivar plant) {
        Anatomy anatomy = Anatomy.of(plant);
        return plant.colours(Traits.FLOWER_COLOURS).isEmpty()
                ? 0
                : anatomy.flowerCm() * (Heads.isLong(anatomy.inflorescence()) ? 2.4 : 1);
    }

    /** @param largestCm the longest leaf of those shown side by side */
    public static String leaf(Cultivar plant, double largestCm) {
        double unitsPerCm = SIDE * FILLED / largestCm;
        double length = leafCm(plant) * unitsPerCm;
        Growing growth = growth(plant, unitsPerCm);
        Figure figure = new Figure();
        Vec foot = new Vec(0, SIDE * 0.12, 0);
        figure.stem(List.of(Vec.ORIGIN.plus(Vec.UP, SIDE * 0.04), foot), Math.max(0.8, length * 0.02), 0.8, false);
        if (growth.leaf() == LeafForm.BLADE || growth.leaf() == LeafForm.STRAP) {
            Vec tip = new Vec(length * 0.16, SIDE * 0.12 + length * 0.98, 0);
            figure.blade(
                    foot, new Vec(0, SIDE * 0.12 + length * 0.6, 0), tip, Math.max(1.2, length * 0.06), 0.1, Hue.LEAF);
        } else {
            figure.leaf(foot, Vec.UP, length, 0, Hue.LEAF);
        }
        return picture(
                figure,
                growth,
                Sentences.say("picture.leaf-of", plant.name()),
                unitsPerCm,
                PlantYear.midMonth(HIGH_SUMMER));
    }

    /** @param largestCm the largest flower of those shown side by side; empty for a plant that shows none */
    public static String flower(Cultivar plant, double largestCm) {
        if (flowerCm(plant) <= 0) {
            return "";
        }
        double unitsPerCm = SIDE * FILLED / largestCm;
        PlantYear year = PlantYear.of(plant, GrowingPlace.ANYWHERE);
        int day = PlantYear.midMonth(year.fullestMonth(HIGH_SUMMER));
        Growing growth = growth(plant, unitsPerCm);
        Figure figure = new Figure();
        double wide = growth.anatomy().flowerCm() * unitsPerCm;
        double high = flowerCm(plant) * unitsPerCm;
        double middle = SIDE * 0.12 + Math.max(high / 2, SIDE * 0.24);
        figure.stem(List.of(Vec.UP.times(SIDE * 0.04), new Vec(0, middle, 0)), 1.2, 1.2, false);
        figure.head(new Vec(0, middle, 0), new Vec(0, 0.2, 1), wide, high, HeadStage.OPEN);
        return picture(figure, growth, Sentences.say("picture.flower-of", plant.name()), unitsPerCm, day);
    }

    private static Growing growth(Cultivar plant, double unitsPerCm) {
        Space space = new Space(
                SIDE / 2, SIDE, SIDE, unitsPerCm * 100, new Random(plant.id().hashCode()), Detail.PAGE);
        return new Growing(plant, Anatomy.of(plant), LeafForm.of(plant), space, 10, 1, 1, 1, 1, BloomStage.NONE);
    }

    private static String picture(Figure figure, Growing growth, String label, double unitsPerCm, int day) {
        PlantState state = PlantState.at(growth.plant(), growth.years(), day, GrowingPlace.ANYWHERE);
        double barCm = bar(SIDE * LONGEST_BAR / unitsPerCm);
        double bar = barCm * unitsPerCm;
        String text = "<text font-family=\"Source Sans, sans-serif\" font-size=\"9\" fill=\"#5c574b\" x=\""
                + Pen.text(-SIDE / 2 + 4 + bar + 3) + "\" y=\"-2\">"
                + HtmlUtils.htmlEscape(Sentences.say("picture.bar", org.yellowfit.core.measure.Numbers.write(barCm)))
                + "</text>";
        return "<svg xmlns=\"http://www.w3.org/2000/svg\" class=\"close-up\" viewBox=\"" + Pen.text(-SIDE / 2) + " "
                + Pen.text(-SIDE) + " " + Pen.text(SIDE) + " " + Pen.text(SIDE) + "\" role=\"img\" aria-label=\""
                + HtmlUtils.htmlEscape(label, "UTF-8") + "\">"
                + Painter.paint(figure, growth, Colours.of(growth.plant(), state), Viewpoint.FRONT)
                + new Pen().move(-SIDE / 2 + 4, -4).line(bar, 0).stroked("#5c574b", 1.4, 1) + text + "</svg>";
    }

    /** The longest round length that fits, cm. */
    private static double bar(double room) {
        double best = 0.1;
        for (double cm : new double[] {0.2, 0.5, 1, 2, 5, 10, 20, 50, 100}) {
            best = cm <= room ? cm : best;
        }
        return best;
    }
}
