package org.yellowfit.core.care;

/** Minutes to plant one, with the hole, the water and the mulch, by the litres of its pot: our estimate. */
public final class PlantingTime {

    private static final double[][] UP_TO_LITRES = {{0.2, 2}, {1, 4}, {3, 8}, {7, 15}, {15, 25}, {30, 45}};
    private static final double ABOVE = 75;

    private PlantingTime() {}

    public static double minutes(double potLitres) {
        for (double[] step : UP_TO_LITRES) {
            if (potLitres <= step[0]) {
                return step[1];
            }
        }
        return ABOVE;
    }
}
