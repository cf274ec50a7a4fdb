package org.yellowfit.core.care;

import java.util.ArrayList;
import java.util.List;
import org.yellowfit.core.measure.Numbers;
import org.yellowfit.core.plant.Cultivar;
import org.yellowfit.core.plant.PruneGroup;
import org.yellowfit.core.plant.Traits;
import org.yellowfit.core.plant.YesNo;

/** How a plant is looked after, in a few sentences (rules C7, D7, I1 to I4). */
public final class CareSentence {

    private CareSentence() {}

    public static String of(Cultivar plant) {
        List<String> told = new ArrayList<>();
        told.add(plant.isAnnual() ? "Water through the season." : "Water through the first two summers.");
        plant.get(Traits.PRUNE_GROUP)
                .map(CareSentence::cut)
                .filter(text -> !text.isEmpty())
                .ifPresent(told::add);
        plant.get(Traits.DIVIDE_YEARS)
                .ifPresent(years -> told.add("Divide every " + Numbers.rounded(years, 0) + " years."));
        if (plant.is(Traits.LATE_RISER, YesNo.YES)) {
            told.add("It looks dead until late spring: leave stubs as a marker.");
        }
        plant.get(Traits.SLOW_START_YEARS)
                .filter(years -> years > 0)
                .ifPresent(years -> told.add("Little to see for " + Numbers.rounded(years, 0) + " years."));
        plant.get(Traits.CARE_MIN_YEAR)
                .ifPresent(minutes -> told.add("About " + Numbers.rounded(minutes, 0) + " minutes a plant each year."));
        return String.join(" ", told);
    }

    private static String cut(PruneGroup group) {
        return switch (group) {
            case NONE -> "";
            case NEW_WOOD -> "Cut back by a third to a half from late autumn to early spring.";
            case AFTER_FLOWER -> "Cut right after flowering, or leave it.";
            case LIGHT_EVERGREEN -> "Trim lightly once a year, never into bare wood of conifers.";
            case CONIFER_CANDLES -> "Shorten the spring candles to keep it small.";
            case CUT_TO_GROUND -> "Cut down in early spring.";
            case COMB -> "Comb out what is tattered in spring.";
            case DEADHEAD_ONLY -> "Take off faded flowers.";
        };
    }
}
