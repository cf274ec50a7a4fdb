package org.yellowfit.app.drawing.plant;

/**
 * A place on a plant where leaves grow and flowers may open.
 *
 * @param to     the direction it grows in, of length 1
 * @param light  −1 in the shade of the plant to 1 on its lit side
 * @param outer  0 inside to 1 at the tips
 */
record Shoot(Vec at, Vec to, double light, double outer) {}
