/** Planting: the plants of a visit together. */
package org.yellowfit.app.planting;
