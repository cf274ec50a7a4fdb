/** What every drawing is made with: paths, tones of a colour, and how much a drawing of a size holds. */
package org.yellowfit.app.drawing.pen;
