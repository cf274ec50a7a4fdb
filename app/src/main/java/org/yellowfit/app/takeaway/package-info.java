/** The stage Take-away: the list with its counts, and the handout. */
package org.yellowfit.app.takeaway;
