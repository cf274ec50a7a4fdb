package org.yellowfit.app.drawing;

import java.util.ArrayList;
import java.util.List;
import org.yellowfit.app.drawing.pen.Pen;
import org.yellowfit.app.drawing.plant.PlantScene;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.growth.PlantGrowth;
import org.yellowfit.core.measure.UnitSystem;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.season.GrowingPlace;
import org.yellowfit.core.season.PlantState;

/**
 * Seven of one kind as they are planted: three in front, four behind, each as far from the next as they will
 * spread.
 */
public final class PlantGroup {

    private static final int IN_FRONT = 3;
    private static final int BEHIND = 4;
    /** On centre, of the spread at ten years: they meet and close. */
    private static final double ON_CENTRE = 0.92;

    private static final double SPREAD_YEARS = 10;
    private static final double UNITS = 560;
    private static final double ROW = Math.sqrt(3) / 2;

    private final List<PlantScene.Placed> plants = new ArrayList<>();
    private final UnitSystem units;
    private final String name;
    private final double apartM;
    private final double wideM;
    private final double highM;
    private final double unitsPerM;

    private PlantGroup(Cultivar plant, GrowingPlace place, double years, int dayOfYear, UnitSystem units) {
        this.units = units;
        this.name = plant.name();
        PlantState state = PlantState.at(plant, years, dayOfYear, place);
        PlantGrowth growth = PlantState.growth(plant, place);
        this.apartM = Math.max(0.08, growth.spread(SPREAD_YEARS).mid() * ON_CENTRE);
        this.wideM = (BEHIND - 1) * apartM + Math.max(apartM, state.fullSpreadM());
        this.highM = Math.max(Math.max(state.fullFlowerHeightM(), state.fullHeightM()), 0.1);
        this.unitsPerM = UNITS / wideM;
        for (int i = 0; i < BEHIND; i++) {
            plants.add(new PlantScene.Placed(plant, state, place, (i - (BEHIND - 1) / 2.0) * apartM, -apartM * ROW, i));
        }
        for (int i = 0; i < IN_FRONT; i++) {
            plants.add(new PlantScene.Placed(plant, state, place, (i - (IN_FRONT - 1) / 2.0) * apartM, 0, BEHIND + i));
        }
    }

    public static PlantGroup of(Cultivar plant, GrowingPlace place, double years, int dayOfYear, UnitSystem units) {
        return new PlantGroup(plant, place, years, dayOfYear, units);
    }

    public String fromThePath() {
        double top = highM * unitsPerM + apartM * ROW * unitsPerM * PlantScene.RISE;
        return open(-top - 14, top + 48, "picture.seven") + PlantScene.front(plants, unitsPerM, "g") + bar(14)
                + "</svg>";
    }

    /** To scale, the viewer below, with a mark where each stem stands. */
    public String plan() {
        double half = Math.max(apartM, wideM - (BEHIND - 1) * apartM) / 2 * unitsPerM;
        double back = apartM * ROW * unitsPerM + half;
        return open(-back - 8, back + half + 46, "picture.seven-above") + PlantScene.above(plants, unitsPerM, "p")
                + bar(half + 10) + "</svg>";
    }

    private String open(double top, double high, String label) {
        return "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"" + Pen.text(-UNITS / 2 - 12) + " " + Pen.text(top)
                + " " + Pen.text(UNITS + 24) + " " + Pen.text(high) + "\" role=\"img\" aria-label=\""
                + PlantDrawing.escaped(Sentences.say(label, name)) + "\">";
    }

    /** A round length at the lower left, to measure by. */
    private String bar(double y) {
        double longest = wideM * 0.3;
        double unit = units == UnitSystem.US ? UnitSystem.FOOT_M : 1;
        double length = unit * 0.1;
        for (double step : new double[] {0.2, 0.5, 1, 2, 5, 10}) {
            length = step * unit <= longest ? step * unit : length;
        }
        double from = -UNITS / 2;
        Pen line = new Pen().move(from, y - 3).line(0, 6).move(from, y).line(length * unitsPerM, 0);
        line.move(from + length * unitsPerM, y - 3).line(0, 6);
        return line.stroked("#2c2a24", 1.2, 0.8) + "<text x=\"" + Pen.text(from + length * unitsPerM + 8) + "\" y=\""
                + Pen.text(y + 5) + "\" fill=\"#5c574b\" font-family=\"Source Sans, sans-serif\" font-size=\"15\">"
                + units.length(length) + "</text>";
    }
}
