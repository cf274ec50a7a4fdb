/** How good plants are together, and the best planting for a place (rules G1–G9). */
package org.yellowfit.core.palette;
