package org.yellowfit.app.drawing;

import java.util.Random;

/**
 * The space a plant is drawn in: half its width and its height in sketch units, with its own stream of chance.
 *
 * @param unitsPerM sketch units in a metre
 */
record PlantCanvas(double halfWidth, double height, double unitsPerM, Random chance) {

    double x(double u) {
        return u * halfWidth;
    }

    double y(double v) {
        return -v * height;
    }

    /** Evenly from −1 to 1. */
    double wobble() {
        return chance.nextDouble() * 2 - 1;
    }

    double size() {
        return Math.sqrt(2 * halfWidth * height);
    }
}
