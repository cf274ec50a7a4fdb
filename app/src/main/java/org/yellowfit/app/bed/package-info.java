/** The bed of a visit: where each plant stands, from above and from the path, through months and years. */
package org.yellowfit.app.bed;
