package org.yellowfit.app.drawing;

import java.util.List;
import org.yellowfit.app.drawing.pen.Detail;
import org.yellowfit.app.drawing.pen.Pen;
import org.yellowfit.core.growth.PlantGrowth;
import org.yellowfit.core.measure.UnitSystem;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.season.GrowingPlace;
import org.yellowfit.core.season.PlantState;
import org.yellowfit.core.season.PlantYear;

/** Whole pictures of one plant, ready to be put on a page. */
public final class PlantDrawing {

    private static final int NORTHERN_SUMMER = 7;
    private static final int SOUTHERN_SUMMER = 1;
    private static final double MARGIN_SHARE = 0.06;
    /** The stage holds the plant as it stands at this age. */
    private static final double STAGE_YEARS = 30;

    private static final double STAGE_WIDTH_TO_HEIGHT = 1.15;

    private PlantDrawing() {}

    /** The month in which a plant shows most: in full flower, or in summer leaf. */
    public static int bestMonth(Cultivar plant, GrowingPlace place) {
        int summer = place.seasons().south() ? SOUTHERN_SUMMER : NORTHERN_SUMMER;
        return PlantYear.of(plant, place).fullestMonth(summer);
    }

    public static PlantSketch sketch(Cultivar plant, GrowingPlace place, double years, int month, Detail detail) {
        return PlantSketch.of(plant, PlantState.inMonth(plant, years, month, place), place, detail);
    }

    /** One plant alone, filling its picture, in the month it shows most. */
    public static String portrait(Cultivar plant, GrowingPlace place, double years, int month, Detail detail) {
        PlantSketch sketch = sketch(plant, place, years, month, detail);
        double margin = MARGIN_SHARE * detail.units();
        double side = Math.max(sketch.widthUnits(), sketch.heightUnits()) + 3 * margin;
        return "<svg xmlns=\"http://www.w3.org/2000/svg\" class=\"plant\" viewBox=\"" + Pen.text(-side / 2) + " "
                + Pen.text(margin - side) + " " + Pen.text(side) + " " + Pen.text(side)
                + "\" role=\"img\" aria-label=\"" + escaped(plant.name()) + "\">" + sketch.svg() + "</svg>";
    }

    /**
     * A plant at an age on a day, beside a person, in a picture that holds it at every age: so its growth is seen when
     * only the age
     * changes.
     */
    public static String stage(Cultivar plant, GrowingPlace place, double years, int dayOfYear, UnitSystem units) {
        PlantState state = PlantState.at(plant, years, dayOfYear, place);
        PlantGrowth growth = PlantState.growth(plant, place);
        PlantSketch sketch = PlantSketch.of(plant, state, place, Detail.PAGE);
        double tallest = growth.heightInFlower(STAGE_YEARS).mid();
        double widest = Math.max(growth.spread(STAGE_YEARS).mid(), state.fullSpreadM());
        return new ScaleScene(List.of(sketch), STAGE_WIDTH_TO_HEIGHT, units, null).stage(tallest, widest);
    }

    public static String escaped(String text) {
        return org.springframework.web.util.HtmlUtils.htmlEscape(text, "UTF-8");
    }
}
