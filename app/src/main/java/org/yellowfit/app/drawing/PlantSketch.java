package org.yellowfit.app.drawing;

import org.yellowfit.app.drawing.pen.Detail;
import org.yellowfit.app.drawing.plant.PlantFigure;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.season.GrowingPlace;
import org.yellowfit.core.season.PlantState;

/**
 * One plant in one state, drawn from its structure, its size, its leaves, flowers, fruit and stems.
 *
 * @param svg         the drawing; origin where the plant stands, {@code unitsPerM} units to the metre
 * @param widthUnits  of the space it takes, the origin in the middle
 * @param heightUnits above the ground, flowers included
 */
public record PlantSketch(String svg, double widthUnits, double heightUnits, double unitsPerM) {

    /** The picture holds the plant as it is full grown for the year, whatever of it is to be seen. */
    public static PlantSketch of(Cultivar plant, PlantState state, GrowingPlace place, Detail detail) {
        double tallest = Math.max(state.fullHeightM(), state.fullFlowerHeightM());
        double unitsPerM = detail.units() / Math.max(tallest, state.fullSpreadM());
        double wide = state.spreadM() * unitsPerM / 2;
        String svg = PlantFigure.shadow(wide)
                + PlantFigure.of(plant, state, place, unitsPerM, detail, 0).front();
        return new PlantSketch(svg, state.fullSpreadM() * unitsPerM, tallest * unitsPerM, unitsPerM);
    }
}
