/** Stations and what their records say of the climate; the climate of a visit's place. */
package org.yellowfit.app.climate;
