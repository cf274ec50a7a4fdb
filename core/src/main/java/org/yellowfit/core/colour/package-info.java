/** Colour as the eye sees it: OKLab, and the words people ask for. */
package org.yellowfit.core.colour;
