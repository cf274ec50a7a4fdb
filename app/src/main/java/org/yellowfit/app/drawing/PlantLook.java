package org.yellowfit.app.drawing;

import org.yellowfit.app.drawing.pen.Detail;
import org.yellowfit.app.drawing.pen.Pen;
import org.yellowfit.app.drawing.plant.PlantFigure;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.season.GrowingPlace;
import org.yellowfit.core.season.PlantState;

/**
 * One plant in a frame that follows from its full size at that age alone, so that whoever knows the size can set the
 * picture to scale: from the front {@value #WIDE} of its spread (or half its height in flower, if more) wide and
 * {@value #HIGH} of its height in flower high, standing {@value #FOOT} of its width above the lower edge; from above
 * {@value #ACROSS} of its spread either way.
 */
public final class PlantLook {

    static final double WIDE = 1.5;
    static final double HIGH = 1.2;
    static final double FOOT = 0.06;
    static final double ACROSS = 1.5;

    private static final double UNITS = 220;
    private static final double LEAST_M = 0.03;

    private final PlantFigure figure;
    private final PlantState state;
    private final double wide;
    private final double high;
    private final double across;

    private PlantLook(Cultivar plant, GrowingPlace place, double years, int dayOfYear, int which) {
        state = PlantState.at(plant, years, dayOfYear, place);
        double tall = Math.max(LEAST_M, Math.max(state.fullFlowerHeightM(), state.fullHeightM()));
        double spread = Math.max(LEAST_M, state.fullSpreadM());
        double wideM = WIDE * Math.max(spread, tall / 2);
        double highM = HIGH * tall;
        double unitsPerM = UNITS / Math.max(wideM, highM);
        wide = wideM * unitsPerM;
        high = highM * unitsPerM;
        across = ACROSS * spread * unitsPerM;
        figure = PlantFigure.of(
                plant, state, place, unitsPerM, Detail.forSize(Math.max(tall, spread) * unitsPerM), which);
    }

    /** @param which one of several of a kind */
    public static PlantLook of(Cultivar plant, GrowingPlace place, double years, int dayOfYear, int which) {
        return new PlantLook(plant, place, years, dayOfYear, which);
    }

    public String front() {
        return open(-wide / 2, -high, wide, high + FOOT * wide) + figure.front() + "</svg>";
    }

    public String above() {
        return open(-across / 2, -across / 2, across, across) + figure.above() + "</svg>";
    }

    private static String open(double x, double y, double w, double h) {
        return "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"" + Pen.text(w) + "\" height=\"" + Pen.text(h)
                + "\" viewBox=\"" + Pen.text(x) + " " + Pen.text(y) + " " + Pen.text(w) + " " + Pen.text(h) + "\">";
    }
}
