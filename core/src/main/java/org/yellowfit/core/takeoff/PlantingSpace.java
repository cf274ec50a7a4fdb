package org.yellowfit.core.takeoff;

import org.yellowfit.core.measure.Refused;

/** What is to be planted with one plant: an area, a row, or a number that was simply asked for. */
public sealed interface PlantingSpace {

    /** @param squareMetres above 0; planted in triangles */
    record Area(double squareMetres) implements PlantingSpace {
        public Area {
            positive(squareMetres, "area in m²");
        }
    }

    /**
     * @param metres    length of the row, above 0
     * @param endsClear whether half a spacing stays clear at each end
     */
    record Row(double metres, boolean endsClear) implements PlantingSpace {
        public Row {
            positive(metres, "length in m");
        }
    }

    /** @param plants 1 or more */
    record Number(int plants) implements PlantingSpace {
        public Number {
            if (!(plants >= 1 && plants <= 100_000)) {
                throw new Refused("The number of plants must be a whole number from 1 to 100000.");
            }
        }
    }

    private static void positive(double value, String what) {
        if (!(value > 0 && value <= 1_000_000)) {
            throw new Refused("The %s must be above 0 and at most 1000000.", what);
        }
    }
}
