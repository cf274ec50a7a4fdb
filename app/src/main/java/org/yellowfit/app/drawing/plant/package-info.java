/**
 * How a plant grows into a picture: its stems, leaves and flowers in space, built by habit, age, season and light, and
 * the painting of them from the front or from above. Lengths in units of the picture, x to the right, y up, z towards
 * whoever looks.
 */
package org.yellowfit.app.drawing.plant;
