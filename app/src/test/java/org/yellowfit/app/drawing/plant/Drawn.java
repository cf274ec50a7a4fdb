package org.yellowfit.app.drawing.plant;

import java.io.IOException;
import org.yellowfit.app.drawing.DemoPlants;
import org.yellowfit.app.drawing.pen.Detail;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.season.GrowingPlace;
import org.yellowfit.core.season.PlantState;

/** Figures of plants of the demo, so large that what is largest of them is as long as a card. */
final class Drawn {

    /** Of a card. */
    static final double UNITS = 150;

    private Drawn() {}

    static Figure figure(String id, int years, int month, Detail detail) throws IOException {
        return figure(DemoPlants.named(id), years, month, detail);
    }

    static Figure figure(Cultivar plant, int years, int month, Detail detail) {
        return figure(plant, PlantState.inMonth(plant, years, month, GrowingPlace.ANYWHERE), detail);
    }

    static Figure figure(Cultivar plant, PlantState state, Detail detail) {
        return of(plant, state, detail, 0).figure();
    }

    /** @param which one of many of a kind */
    static PlantFigure of(Cultivar plant, PlantState state, Detail detail, int which) {
        double largest = Math.max(Math.max(state.fullHeightM(), state.fullFlowerHeightM()), state.fullSpreadM());
        return PlantFigure.of(plant, state, GrowingPlace.ANYWHERE, UNITS / largest, detail, which);
    }
}
