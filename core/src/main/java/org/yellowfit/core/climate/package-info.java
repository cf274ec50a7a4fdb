/** The climate of a place: hardiness zones now; station records, frost dates and degree days as they come. */
package org.yellowfit.core.climate;
