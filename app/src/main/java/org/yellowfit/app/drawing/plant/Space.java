package org.yellowfit.app.drawing.plant;

import java.util.Random;
import org.yellowfit.app.drawing.pen.Detail;

/**
 * The space a plant is drawn in, in units of the picture, with its own stream of chance.
 *
 * @param halfWidth half its spread
 * @param height    in leaf
 * @param top       in flower, at least the height
 * @param unitsPerM units in a metre
 * @param chance    the same for the same plant
 */
record Space(double halfWidth, double height, double top, double unitsPerM, Random chance, Detail detail) {

    /** The turn from one leaf to the next that leaves the most light to each: the golden angle, radians. */
    static final double GOLDEN = Math.PI * (3 - Math.sqrt(5));

    /** Evenly from −1 to 1. */
    double wobble() {
        return chance.nextDouble() * 2 - 1;
    }

    double between(double low, double high) {
        return low + (high - low) * chance.nextDouble();
    }

    double cm(double centimetres) {
        return centimetres / 100 * unitsPerM;
    }

    double size() {
        return Math.sqrt(2 * halfWidth * height);
    }
}
