/** The shortlist: plants ranked for the place, threaded by the yellow line. */
package org.yellowfit.app.shortlist;
