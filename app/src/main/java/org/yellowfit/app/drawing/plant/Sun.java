package org.yellowfit.app.drawing.plant;

/** The light of every drawing: from the upper left, a little from the front. */
final class Sun {

    private static final Vec FROM = new Vec(-0.52, 0.74, 0.42).unit();

    private Sun() {}

    /** @param normal of length 1 or less; −1 in the shade to 1 facing the sun */
    static double on(Vec normal) {
        return normal.dot(FROM);
    }
}
