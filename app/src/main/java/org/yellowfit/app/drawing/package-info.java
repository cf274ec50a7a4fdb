/**
 * Plants, year strips and fit strips drawn as SVG from core values. One source for every screen; the same plant is
 * always drawn
 * the same. A sketch has its origin where the plant stands, y pointing down as in SVG.
 */
package org.yellowfit.app.drawing;
