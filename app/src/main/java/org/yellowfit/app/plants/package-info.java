/** The stage Plants: what fits, why and if, plants like one another, and plants side by side. */
package org.yellowfit.app.plants;
